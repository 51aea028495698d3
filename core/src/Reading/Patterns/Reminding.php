<?php

declare(strict_types=1);

namespace Lanai\Core\Reading\Patterns;

use Lanai\Core\Reading\Draft;
use Lanai\Core\Reading\Plan;
use Lanai\Core\Text\Names;
use Lanai\Core\Text\Pattern;

/** People are told: of what they have booked or of what is theirs some time before, of anything else when it comes. */
final readonly class Reminding extends Part
{
    /** Hours before, where nothing else is said. */
    private const BEFORE = 2;

    private const NUMBERS = ['one' => 1, 'an' => 1, 'two' => 2, 'three' => 3, 'four' => 4, 'five' => 5, 'six' => 6, 'twelve' => 12];

    private function __construct(private Plan $plan, private string $noun)
    {
    }

    /** @return list<self> */
    public static function in(Plan $plan): array
    {
        $nouns = array_unique(array_map(
            fn (array $act): string => mb_strtolower($act['table']),
            array_filter($plan->outline['acts'], fn (array $act): bool => $act['act'] === 'remind'),
        ));

        return array_map(
            fn (string $noun): self => new self($plan, $noun),
            array_values(array_filter($nouns, fn (string $noun): bool => $noun !== Draft::PERSON && isset($plan->tables[$noun]))),
        );
    }

    public function messages(): array
    {
        $called = $this->plan->nouns[$this->noun];
        [$one, $key] = [Noun::said($called->one), $called->key()];
        $label = $this->plan->label($this->noun);
        $moments = Plan::typed($this->plan->tables[$this->noun]['fields'], ['date and time']);
        $opens = $this->plan->isMain($this->noun) ? "  opens $one with $key" : null;
        $booking = array_values(
            array_filter(['booking', 'reservation'], fn (string $of): bool => isset($this->plan->nouns[$of]) && $this->plan->host($of) === $this->noun),
        )[0] ?? '';
        $before = 'hours('.$this->hours().')';
        if ($moments !== [] && $booking !== '' && $this->plan->isSomebodys($booking)) {
            $of = Names::inFormula($called->one);
            $booked = $this->plan->nouns[$booking]->key();
            $at = "$of.{$this->plan->key($moments[0], $this->noun)}";

            return [implode("\n", [
                "message \"Soon: {$called->one}\", on News, for each ".Noun::said(
                    $this->plan->nouns[$booking]->one,
                ).", as soon as it is $at - $before, to $booked.owner, also in the inbox",
                "  says \"{{$booked}.$of.$label} begins {relative($booked.$at)}\"",
                "  opens $one with $booked.$of",
            ])];
        }
        if ($moments !== [] && $this->plan->isSomebodys($this->noun)) {
            $at = $this->plan->key($moments[0], $this->noun);

            return [implode("\n", array_filter([
                "message \"Soon: {$called->one}\", on News, for each $one, as soon as it is $at - $before, to $key.owner, also in the inbox",
                "  says \"{{$key}.$label} begins {relative($key.$at)}\"",
                $opens,
            ]))];
        }
        if ($this->plan->isPrivate($this->noun)) {
            return [implode("\n", array_filter([
                "message \"News of your {$called->one}\", on News, when one $one is changed, to $key.owner, also in the inbox",
                "  says \"{{$key}.$label}\", then \"Something has changed.\"",
                $opens,
            ]))];
        }

        return [implode("\n", array_filter([
            "message \"New: {$called->one}\", on News, when one $one is added, also in the inbox",
            "  says \"{{$key}.$label}\", then \"There is something new.\"",
            $opens,
        ]))];
    }

    /** “two hours before”. */
    private function hours(): int
    {
        if (! Pattern::match('~\b(\d{1,2}|an|one|two|three|four|five|six|twelve) (hour|day)s? before\b~iu', $this->plan->paragraph, $found)) {
            return self::BEFORE;
        }
        $number = self::NUMBERS[mb_strtolower($found[1])] ?? (int) $found[1];

        return max(1, $number) * ($found[2] === 'day' ? 24 : 1);
    }
}
