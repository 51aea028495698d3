<?php

declare(strict_types=1);

namespace Lanai\Core\Languages;

use Lanai\Core\Formula\Choosing;
use Lanai\Core\Formula\Formula;
use Lanai\Core\Formula\FormulaMistake;
use Lanai\Core\Formula\Template;
use Lanai\Core\Formula\TheNumber;
use Lanai\Core\Text\Pattern;

/**
 * A message as whole phrases for whoever translates it and knows nothing of messages: where words go by a number or a word, one phrase for each
 * case, with the words around it. Values stay {0}, and the number itself {#}.
 */
final readonly class Phrases
{
    /**
     * @param  array<string, string>  $phrases  by the case; '' for a message with one
     * @param  Choosing|null  $by  what chooses the case
     */
    private function __construct(public array $phrases, private ?Choosing $by)
    {
    }

    /** Null where several values choose the words: that is for people. */
    public static function of(string $message): ?self
    {
        try {
            $parts = Template::ofMessage($message, array_map(strval(...), range(0, 99)))->parts;
        } catch (FormulaMistake) {
            return null;
        }
        $choosings = array_values(array_filter($parts, fn (mixed $part): bool => $part instanceof Choosing));
        if (count($choosings) > 1 || array_filter($choosings, self::holdsAnother(...)) !== []) {
            return null;
        }
        if ($choosings === []) {
            return new self(['' => self::phrase($parts)], null);
        }
        $phrases = [];
        foreach ($choosings[0]->wordings as $case => $wording) {
            $whole = array_merge(...array_map(fn (mixed $part): array => $part instanceof Choosing ? $wording : [$part], $parts));
            $phrases[(string) $case] = self::phrase($whole);
        }

        return new self($phrases, $choosings[0]);
    }

    /**
     * The message made of what the phrases say in another language; null where a value was lost on the way.
     *
     * @param  array<string, string>  $said  by the case
     */
    public function back(array $said, string $tongue): ?string
    {
        foreach ($this->phrases as $case => $phrase) {
            if (! isset($said[$case]) || self::values($said[$case]) !== self::values($phrase)) {
                return null;
            }
        }
        if ($this->by === null) {
            return self::message($said[''], false);
        }
        $isSelect = $this->by->by === Choosing::SELECT;
        $wordings = [];
        $numbers = array_filter(array_keys($said), fn (string $case): bool => str_starts_with($case, '='));
        foreach ($this->by->by === Choosing::SELECT ? array_keys($said) : [...$numbers, ...Plurals::of($tongue, $this->by->by)] as $case) {
            $wordings[] = $case.' {'.self::message($said[$case] ?? $said['other'], ! $isSelect).'}';
        }
        $offset = $this->by->offset === 0 ? '' : "offset:{$this->by->offset} ";

        return '{'.$this->by->of->text.", {$this->by->by}, $offset".implode(' ', $wordings).'}';
    }

    private static function holdsAnother(Choosing $choosing): bool
    {
        return array_filter(array_merge(...array_values($choosing->wordings)), fn (mixed $part): bool => $part instanceof Choosing) !== [];
    }

    /** @param  list<string|Formula|Choosing|TheNumber>  $parts */
    private static function phrase(array $parts): string
    {
        return implode('', array_map(fn (mixed $part): string => match (true) {
            is_string($part) => $part,
            $part instanceof Formula => '{'.$part->text.'}',
            default => '{#}',
        }, $parts));
    }

    private static function message(string $phrase, bool $counts): string
    {
        $pieces = Pattern::split('/(\{(?:\d+|#)\})/', $phrase, -1, PREG_SPLIT_DELIM_CAPTURE);

        return implode('', array_map(fn (string $piece): string => match (true) {
            $piece === '{#}' => '#',
            Pattern::match('/^\{\d+\}$/', $piece) => $piece,
            default => Template::quoted($piece, $counts),
        }, $pieces));
    }

    /** @return list<string> in order */
    private static function values(string $phrase): array
    {
        Pattern::matchAll('/\{(?:\d+|#)\}/', $phrase, $found);
        $values = $found[0];
        sort($values);

        return $values;
    }
}
