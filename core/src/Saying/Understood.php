<?php

declare(strict_types=1);

namespace Lanai\Core\Saying;

/**
 * What was understood of one thing that somebody said: changes that are proposed, an answer, a question back, places where something was found, or why
 * it cannot be done and where it is done.
 */
final readonly class Understood
{
    /** So many proposals at most: one looks at each. */
    private const MOST = 3;

    private const ASKED = 5;

    /**
     * @param  list<Proposal>  $proposals  the likeliest first
     * @param  string  $asks  a question back; '' for none
     * @param  list<array{label: string, says: string}>  $answers  to it, and what each of them says instead
     * @param  string  $answer  of a question about the app, or why something cannot be done; '' for none
     * @param  bool  $cannot  the answer is a refusal
     * @param  list<array{label: string, at: string}>  $finds  places, as JSON Pointers into the app, or stations as “station:data”
     */
    private function __construct(
        public array $proposals = [],
        public string $asks = '',
        public array $answers = [],
        public string $answer = '',
        public bool $cannot = false,
        public array $finds = [],
    ) {
    }

    /** @param  array<array-key, Proposal|null>  $proposals */
    public static function proposing(array $proposals): ?self
    {
        $made = $seen = [];
        foreach (array_filter($proposals) as $proposal) {
            $written = serialize($proposal->sentences);
            if (! in_array($written, $seen, true)) {
                [$made[], $seen[]] = [$proposal, $written];
            }
        }

        return $made === [] ? null : new self(array_slice($made, 0, self::MOST));
    }

    /** @param  array<string, string>  $answers  label => what is said instead */
    public static function asking(string $question, array $answers): self
    {
        $made = [];
        foreach (array_slice($answers, 0, self::ASKED, true) as $label => $says) {
            $made[] = ['label' => (string) $label, 'says' => $says];
        }

        return new self(asks: $question, answers: $made);
    }

    /** @param  list<array{label: string, at: string}>  $finds */
    public static function answering(string $answer, array $finds = []): self
    {
        return new self(answer: $answer, finds: $finds);
    }

    /** @param  list<array{label: string, at: string}>  $finds  where it is done instead */
    public static function refusing(string $why, array $finds = []): self
    {
        return new self(answer: $why, cannot: true, finds: $finds);
    }

    /** @param  list<array{label: string, at: string}>  $finds */
    public static function finding(array $finds): self
    {
        return new self(finds: $finds);
    }

    /**
     * @return array{proposals: list<array{label: string, sentences: list<array{was: list<string>, now: list<string>}>, screens: list<string>}>,
     *   asks: string, answers: list<array{label: string, says: string}>, answer: string, cannot: bool, finds: list<array{label: string, at: string}>}
     */
    public function data(): array
    {
        return [
            'proposals' => array_map(fn (Proposal $one): array => [
                'label' => $one->label, 'sentences' => $one->sentences, 'screens' => $one->screens(),
            ], $this->proposals),
            'asks' => $this->asks,
            'answers' => $this->answers,
            'answer' => $this->answer,
            'cannot' => $this->cannot,
            'finds' => $this->finds,
        ];
    }
}
