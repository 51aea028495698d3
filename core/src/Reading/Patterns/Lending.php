<?php

declare(strict_types=1);

namespace Lanai\Core\Reading\Patterns;

use Lanai\Core\Reading\Plan;
use Lanai\Core\Text\Names;

/**
 * Something is lent: somebody asks for it, its owner says yes or no, and it comes back. Whether it is out stands with the thing itself, where
 * everybody sees it; who has asked stands in the loan, which nobody sees but the two.
 */
final readonly class Lending extends Part
{
    /** That a thing is out with somebody. */
    public const OUT = 'Lent';

    public const STATE = 'State';

    private const LOAN = 'loan';

    private string $of;

    private string $key;

    /**
     * @param  string  $title  of a thing in formulas, after it
     */
    private function __construct(private string $noun, private Noun $loan, private Noun $thing, private string $title)
    {
        $this->of = Names::inFormula($thing->one);
        $this->key = $loan->key();
    }

    /** How something is lent by its owner; null where nothing is, or where it is nobody's. */
    public static function in(Plan $plan): ?self
    {
        $thing = isset($plan->tables[self::LOAN]) && $plan->isSomebodys(self::LOAN) ? $plan->host(self::LOAN) : '';
        // A loan has a state and an owner of its own: nothing else in it can be called so.
        $hasRoom = ! in_array($thing, ['', 'state', 'owner', 'added'], true);
        if (! $hasRoom || ! $plan->isSomebodys($thing) || $plan->tables[self::LOAN]['fields'] !== [] || ! $plan->isMain($thing)) {
            return null;
        }

        return new self($thing, $plan->nouns[self::LOAN], $plan->nouns[$thing], $plan->label($thing));
    }

    public function decides(string $noun): bool
    {
        return $noun === self::LOAN;
    }

    public function table(string $noun): array
    {
        if ($noun === $this->noun) {
            return ['  '.self::OUT.' is yes or no'];
        }

        return $noun !== self::LOAN ? [] : [
            "  may be seen by anyone if $this->of.owner == me",
            "  may be changed by anyone if $this->of.owner == me",
            '  may be added by nobody if state != "asked"',
            '  may be removed by anyone if owner == me and state != "lent"',
            '  '.self::STATE.' is one of "asked", "lent", "declined", "back", required, at first "asked"',
        ];
    }

    public function onPage(string $noun): array
    {
        if ($noun !== $this->noun) {
            return [];
        }
        $isMine = "$this->of.owner == me";

        return [
            "  Badge \"Lent to somebody\", if $this->of.lent",
            "  Button \"Ask to borrow it\", if me != null and not ($isMine) and $this->of.lent != true",
            '    tapped:',
            '      add '.Noun::a($this->loan->one),
            '        set '.Noun::said($this->thing->one)." = $this->of",
            // There it stands now, so that nobody asks twice.
            "      go to \"My {$this->loan->many}\"",
            '      say "The owner is asked. You see the answer here."',
            // Also where the loan went with the account of who had it.
            "  Button \"It is here again\", quiet, if $isMine and me != null and $this->of.lent",
            '    tapped:',
            "      change $this->of",
            '        set Lent = false',
            '      say "Everybody can ask for it again."',
        ];
    }

    public function ways(): array
    {
        return [["My {$this->loan->many}", 'person']];
    }

    public function messages(): array
    {
        $one = Noun::said($this->loan->one);

        return [implode("\n", [
            "message \"Answer to your wish\", on News, when one $one is changed, if state == \"lent\" or state == \"declined\","
                ." to $this->key.owner, also in the inbox",
            "  says \"{{$this->key}.$this->of.$this->title} is {{$this->key}.state}\"",
            "  opens $one with $this->key",
        ])];
    }

    public function parts(): array
    {
        [$loans, $one, $thing] = [Noun::said($this->loan->many), Noun::said($this->loan->one), Noun::said($this->thing->one)];
        $list = fn (string $where, string $empty): array => [
            "  List of $loans where me != null and $where, by Added downward",
            "    shows $this->of.$this->title as title",
            '    shows state as note',
            '    shows relative(added) as aside',
            '    tapped:',
            "      go to $one with this",
            "    when empty: \"$empty\"",
        ];
        $lender = "$this->key.$this->of.owner == me";
        $change = fn (string $from, string $state, string $otherwise): array => [
            "      change $this->key, only while $this->key.state == \"$from\", otherwise say \"$otherwise\"",
            "        set State = \"$state\"",
        ];
        $answered = 'It is answered already.';

        return [
            implode("\n", [
                "screen \"My {$this->loan->many}\"",
                '  Text "Sign in to see them.", if me == null',
                '  Heading "What I have asked for"',
                ...$list('owner == me', 'You have asked for nothing yet.'),
                '  Heading "What others ask of me"',
                ...$list("$this->of.owner == me", 'Nobody has asked for anything.'),
            ]),
            implode("\n", [
                "screen $one, about one $one, titled \"{{$this->key}.$this->of.$this->title}\", only when signed in",
                "  Badge \"{{$this->key}.state}\"",
                "  Text \"{{$this->key}.owner.name} asks to borrow it.\", if $lender and $this->key.state == \"asked\"",
                "  Text \"{{$this->key}.owner.name} has it.\", if $lender and $this->key.state == \"lent\"",
                "  Button \"Say yes\", if $lender and $this->key.state == \"asked\"",
                '    tapped:',
                "      change $this->key.$this->of, only while $this->key.$this->of.lent != true, otherwise say \"It is lent to somebody else.\"",
                '        set Lent = true',
                ...$change('asked', 'lent', $answered),
                '      say "They see your answer."',
                "  Button \"Say no\", quiet, if $lender and $this->key.state == \"asked\"",
                '    tapped:',
                ...$change('asked', 'declined', $answered),
                '      say "They see your answer."',
                "  Button \"It is back\", if $lender and $this->key.state == \"lent\"",
                '    tapped:',
                "      change $this->key.$this->of",
                '        set Lent = false',
                ...$change('lent', 'back', 'It is back already.'),
                '      say "Everybody can ask for it again."',
                '  Button "Look at it", quiet',
                '    tapped:',
                "      go to $thing with $this->key.$this->of",
                "  Button \"I no longer need it\", dangerous, if $this->key.owner == me and $this->key.state == \"asked\"",
                '    tapped:',
                '      confirm "Take your request back?"',
                "      remove $this->key",
                '      go back',
            ]),
        ];
    }
}
