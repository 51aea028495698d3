<?php

declare(strict_types=1);

namespace App\Studio;

use Lanai\Core\Formula\Choosing;
use Lanai\Core\Formula\Formula;
use Lanai\Core\Formula\FormulaMistake;
use Lanai\Core\Formula\Scope;
use Lanai\Core\Formula\Template;
use Lanai\Core\Formula\TheNumber;
use Lanai\Core\Language\Fits\FormulaFit;
use Lanai\Core\Language\Fits\TextFit;
use Lanai\Core\Language\HasSentence;
use Lanai\Core\Language\Prose;
use Lanai\Core\Language\ProseLine;
use Lanai\Core\Language\ProsePart;
use Lanai\Core\Language\Walk;
use Lanai\Core\Wording\InWords;

/** Sentences as the studio shows them: broken into words and blanks, with formulas as people say them. */
final class Sentences
{
    /** @var array<string, string>|null by the place of the blank */
    private ?array $words = null;

    /** @param  Walk  $walk  with the blanks of the sentences that are asked for */
    public function __construct(private readonly Walk $walk)
    {
    }

    /**
     * @param  array<string, mixed>  $data
     * @param  class-string<HasSentence>  $class
     * @return list<array<string, mixed>> ProseLine of docs/studio.schema.json
     */
    public function of(array $data, string $class, string $at, bool $flat = false): array
    {
        return $this->shown(Prose::of($data, $class, $at, flat: $flat, asides: false));
    }

    /**
     * The members of a list, each with its lines.
     *
     * @param  class-string<HasSentence>  $class
     * @return list<array{at: string, name: string, lines: list<array<string, mixed>>}>
     */
    public function pages(mixed $list, string $at, string $class): array
    {
        $pages = [];
        foreach (Prose::nodes($list) as $i => $node) {
            $pages[] = ['at' => "$at/$i", 'name' => is_string($node['name'] ?? null) ? $node['name'] : '', 'lines' => $this->of($node, $class, "$at/$i")];
        }

        return $pages;
    }

    /**
     * The members of a list one after the other.
     *
     * @param  class-string<HasSentence>  $class
     * @return list<array<string, mixed>>
     */
    public function all(mixed $list, string $at, string $class): array
    {
        return array_merge([], ...array_column($this->pages($list, $at, $class), 'lines'));
    }

    /**
     * @param  list<ProseLine>  $lines
     * @return list<array<string, mixed>>
     */
    public function shown(array $lines): array
    {
        $this->words ??= self::words($this->walk);

        return array_map(function (ProseLine $line): array {
            $parts = array_map(
                fn (ProsePart $part): array => $part->jsonSerialize() + (isset($this->words[$part->at]) ? ['words' => $this->words[$part->at]] : []),
                $line->parts,
            );

            return ['parts' => $parts] + $line->jsonSerialize();
        }, $lines);
    }

    /** @return array<string, string> */
    private static function words(Walk $walk): array
    {
        $words = [];
        foreach ($walk->blanks as $spot) {
            $said = match (true) {
                $spot->isEmpty() => null,
                $spot->blank->fit instanceof FormulaFit => self::formula($spot->text(), $spot->scope),
                $spot->blank->fit instanceof TextFit && ! $spot->blank->fit->plain && str_contains($spot->text(), '{') => self::text(
                    $spot->text(),
                    $spot->scope,
                ),
                default => null,
            };
            if ($said !== null) {
                $words[$spot->at] = $said;
            }
        }

        return $words;
    }

    private static function formula(string $formula, Scope $scope): ?string
    {
        try {
            return InWords::of(Formula::of($formula), $scope);
        } catch (FormulaMistake) {
            return null;
        }
    }

    /** A text with its formulas in words, each between ‹ and ›; null where it has none, or one cannot be read. */
    private static function text(string $text, Scope $scope): ?string
    {
        try {
            $template = Template::of($text);

            return $template->formulas() === [] ? null : implode('', array_map(fn (mixed $part): string => self::part($part, $scope), $template->parts));
        } catch (FormulaMistake) {
            return null;
        }
    }

    private static function part(string|Formula|Choosing|TheNumber $part, Scope $scope): string
    {
        return match (true) {
            is_string($part) => $part,
            $part instanceof Formula => '‹'.InWords::of($part, $scope).'›',
            $part instanceof TheNumber => '#',
            default => '‹words by '.InWords::of($part->of, $scope).': '.implode(' / ', array_map(
                fn (array $wording): string => implode('', array_map(fn (mixed $inner): string => self::part($inner, $scope), $wording)),
                $part->wordings,
            )).'›',
        };
    }
}
