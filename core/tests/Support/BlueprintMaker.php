<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Support;

use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Block;
use Lanai\Core\Language\Children;
use Lanai\Core\Language\Clause;
use Lanai\Core\Language\Fit;
use Lanai\Core\Language\Fits\ChoiceFit;
use Lanai\Core\Language\Fits\CountryFit;
use Lanai\Core\Language\Fits\CurrencyFit;
use Lanai\Core\Language\Fits\NumberFit;
use Lanai\Core\Language\Fits\SizeFit;
use Lanai\Core\Language\HasSentence;
use Lanai\Core\Language\InlineNode;
use Lanai\Core\Language\One;
use Lanai\Core\Language\Part;
use Lanai\Core\Language\Series;
use Lanai\Core\Language\SubLine;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Makes blueprint data of every shape that the sentences allow, odd names and texts included, from a seed. */
final readonly class BlueprintMaker
{
    private const NAMES = [
        'Swims',
        'Places left',
        'Points of interest',
        'List of',
        'as',
        'Ünïcödé naïve',
        'Ann’s things',
        '5 km',
        'with',
        'A "quoted" one',
        'back\\slash',
        'x',
        'first, second',
        'tapped:',
        'Where is it',
        '水泳',
        'say "hi"',
        'sub-zero',
        'a  b',
        ' lead',
        '#hash',
    ];

    private const TEXTS = [
        '',
        'Hello',
        'Say "yes" or \\no',
        "two\nlines",
        'a, b as c',
        '{title} of {places}',
        '{{not a formula}}',
        'tab	here',
        '___',
        '`tick`',
        'Ends with \\',
        '“curly”',
        ', if true',
    ];

    private const FORMULAS = [
        '',
        'starts > now()',
        'a, b',
        'places - 1',
        '"as, with" ~ title',
        'swim.spot.name',
        'x ? "y" : "z"',
        'name starts with "A"',
        'f(a, b) as c',
        '[1, 2]',
        'broken (',
        '"open',
        '`tick`',
        '___',
        'a where b',
        'title as note',
        ' padded ',
        'x with y',
    ];

    private Randomizer $random;

    public function __construct(int $seed)
    {
        $this->random = new Randomizer(new Mt19937($seed));
    }

    /**
     * @param  class-string<HasSentence>  $class
     * @return array<string, mixed>
     */
    public function make(string $class, int $depth = 0): array
    {
        $sentence = $class::sentence();
        $data = $this->parts($sentence->head, $depth);
        foreach ($sentence->clauses as $clause) {
            if ($this->chance()) {
                $data += $this->clause($clause, $depth);
            }
        }
        foreach ($sentence->below as $below) {
            if ($below instanceof SubLine && $this->chance()) {
                $data[$below->blank->key] = $this->fitting($below->blank->fit);
            } elseif ($below instanceof One) {
                $data[$below->key] = $this->make($below->class, $depth + 1);
            } elseif (($below instanceof Block || $below instanceof Children) && $depth < 4 && $this->chance()) {
                $data[$below->key] = $this->members($below->family->kinds, $depth + 1);
            }
        }

        return array_filter($data, fn (mixed $v): bool => $v !== []);
    }

    /** @return array<string, mixed> */
    private function clause(Clause $clause, int $depth): array
    {
        return $clause->flag !== null ? [$clause->key => $clause->flag] : $this->parts($clause->parts, $depth);
    }

    /**
     * @param  list<Part>  $parts
     * @return array<string, mixed>
     */
    private function parts(array $parts, int $depth): array
    {
        $data = [];
        foreach ($parts as $part) {
            if ($part instanceof Blank) {
                $data[$part->key] = $this->fitting($part->fit);
            } elseif ($part instanceof InlineNode) {
                $kind = $this->one(array_keys($part->family->kinds));
                $data[$part->key] = ['kind' => $kind] + $this->make($part->family->kinds[$kind], $depth);
            } elseif ($part instanceof Series) {
                $data[$part->key] = array_map(
                    fn (): mixed => $part->item instanceof Fit ? $this->fitting($part->item) : $this->make($part->item, $depth),
                    range(1, $this->random->getInt(1, 3)),
                );
            }
        }

        return $data;
    }

    /**
     * @param  array<string, class-string<HasSentence>>  $kinds
     * @return list<array<string, mixed>>
     */
    private function members(array $kinds, int $depth): array
    {
        return array_map(function () use ($kinds, $depth): array {
            $kind = (string) $this->one(array_keys($kinds));

            return ($kind === '' ? [] : ['kind' => $kind]) + $this->make($kinds[$kind], $depth);
        }, range(1, $this->random->getInt(1, 3)));
    }

    private function fitting(Fit $fit): mixed
    {
        return match (true) {
            $fit instanceof ChoiceFit => $this->one($fit->values()),
            $fit instanceof NumberFit => $this->random->getInt(max($fit->least, -999), min($fit->most, 999)),
            $fit instanceof CurrencyFit => $this->one(['EUR', 'JPY', 'TND', '']),
            $fit instanceof CountryFit => $this->one(['CH', 'NO', '']),
            $fit instanceof SizeFit => $this->one(['content', '120 dp', '50 %', '']),
            $fit->kind() === 'decimal' => $this->one(['0.15', '12', '0.000001', '']),
            $fit->kind() === 'colour' => sprintf('#%06X', $this->random->getInt(0, 0xFFFFFF)),
            $fit->kind() === 'formula' => $this->one(self::FORMULAS),
            in_array($fit->kind(), ['text', 'plain'], true) => $this->one(self::TEXTS),
            default => $this->one(self::NAMES),
        };
    }

    private function chance(): bool
    {
        return $this->random->getInt(0, 1) === 1;
    }

    /**
     * @template T
     *
     * @param  array<T>  $of
     * @return T
     */
    private function one(array $of): mixed
    {
        return array_values($of)[$this->random->getInt(0, count($of) - 1)];
    }
}
