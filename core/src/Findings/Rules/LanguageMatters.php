<?php

declare(strict_types=1);

namespace Lanai\Core\Findings\Rules;

use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Gathers;
use Lanai\Core\Findings\Mend;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Findings\Station;
use Lanai\Core\Languages\AppText;
use Lanai\Core\Languages\AppTexts;
use Lanai\Core\Languages\Wording;
use Lanai\Core\Lines\LanguageChoice;
use Lanai\Core\Model\Field;
use Lanai\Core\Model\Languages\Language;
use Lanai\Core\Model\Table;
use Lanai\Core\Text\OwnWords;
use Lanai\Core\Text\Tongues;

/**
 * What is missing in a language of the app, is older than its text, or cannot stand in its place.
 *
 * @implements Gathers<array{on: string, source: string, values: int}>
 */
final class LanguageMatters implements Gathers
{
    /** So many texts are named. */
    private const NAMED = 3;

    /** Of a text that is named, so many characters. */
    private const SHOWN = 60;

    public function holds(): string
    {
        return 'All texts are there in each language, and none is older than what it was written for.';
    }

    public function station(): Station
    {
        return Station::Reach;
    }

    public function gather(Reading $part): array
    {
        return array_map(
            fn (AppText $text): array => ['on' => $text->on, 'source' => $text->source, 'values' => count($text->formulas)],
            AppTexts::in($part->walk()),
        );
    }

    public function judge(array $facts, Reading $reading): iterable
    {
        $texts = [];
        foreach ($facts as $fact) {
            $texts["$fact[on]\n$fact[source]"] = $fact;
        }
        foreach ($reading->blueprint->languages as $i => $language) {
            yield from self::language($language, "/languages/$i", array_values($texts), $reading);
        }
        foreach ($reading->blueprint->tables as $i => $table) {
            foreach ($table->fields as $n => $field) {
                yield from self::field($table, $field, "/tables/$i/fields/$n", $reading);
            }
        }
        $offered = array_filter($reading->blueprint->languages, fn (Language $l): bool => ! $l->hidden);
        if ($offered !== [] && $reading->placesOf(LanguageChoice::class) === []) {
            $said = 'People get the language of their phone and cannot choose another: let a screen show the “Choice of the language”.';
            yield Finding::warning(self::class, '/languages/'.array_key_first($offered), $said);
        }
    }

    public function look(Reading $reading): iterable
    {
        return [];
    }

    /**
     * @param  list<array{on: string, source: string, values: int}>  $texts
     * @return iterable<Finding>
     */
    private static function language(Language $language, string $at, array $texts, Reading $reading): iterable
    {
        $name = $language->name();
        if ($language->tongue === $reading->blueprint->begunIn()) {
            yield Finding::blocking(self::class, $at, "The words of the app are in $name anyway: it is no further language.");
        }
        $bySource = [];
        foreach ($texts as $text) {
            $bySource[$text['source']][] = $text;
        }
        $said = $old = $unused = $doubts = [];
        foreach ($language->says() as $n => $one) {
            $meant = self::meant($one->source, $one->on, $bySource);
            if ($meant === null) {
                $unused[] = "$at/says/$n";

                continue;
            }
            $wording = Wording::of($one->says, $meant, $language->tongue);
            if ($wording->wrong !== '') {
                $said["$one->on\n$one->source"] = true;
                yield Finding::blocking(self::class, $at, "$name: “".self::short($one->source)."”. $wording->wrong");
            }
            if ($one->was !== '') {
                $old[] = $one->source;
            }
            foreach ($wording->doubts as $doubt) {
                $doubts[] = '“'.self::short($one->source)."”. $doubt";
            }
            $said["$one->on\n$one->source"] = true;
        }
        $missing = array_filter($texts, fn (array $text): bool => ! isset($said["$text[on]\n$text[source]"]) && ! isset($said["\n$text[source]"]));
        if ($missing !== [] && ! $language->hidden) {
            yield Finding::warning(self::class, $at, self::counted(array_column($missing, 'source'), "is not there in $name", "are not there in $name"));
        }
        if (! $language->hidden && OwnWords::known($language->tongue) === []) {
            $own = array_filter(array_keys(OwnWords::all()), fn (string $sentence): bool => ! isset($said[OwnWords::ON."\n$sentence"]));
            if ($own !== []) {
                $count = count($own);
                yield Finding::warning(self::class, $at, "Of what Lanai itself says, $count sentences are not there in $name: they come in English.");
            }
        }
        if ($old !== []) {
            $said = self::counted($old, "has changed since it was put into $name", "have changed since they were put into $name");
            yield Finding::warning(self::class, $at, $said);
        }
        foreach (array_slice($doubts, 0, self::NAMED) as $doubt) {
            yield Finding::warning(self::class, $at, "$name: $doubt");
        }
        if ($unused !== []) {
            $count = count($unused);
            yield Finding::warning(
                self::class,
                $at,
                $count === 1 ? "One text in $name stands nowhere in the app any more." : "$count texts in $name stand nowhere in the app any more.",
                new Mend('Take them away', array_map(fn (string $place): array => ['op' => 'remove', 'path' => $place], array_reverse($unused))),
            );
        }
    }

    /** @return iterable<Finding> of a field that says in a language what another says */
    private static function field(Table $table, Field $field, string $at, Reading $reading): iterable
    {
        $of = $field->of === '' ? null : $table->field($field->of);
        if ($field->tongue === '' || $of === null) {
            return;
        }
        $language = Tongues::NAMES[$field->tongue] ?? $field->tongue;
        $isOwn = $of !== $field && $of->tongue === '' && $of->formula() === '' && $field->formula() === '';
        if (! $isOwn || ! $field->valueType()->fits($of->valueType())) {
            $said = "“{$field->name}” cannot be shown for “{$of->name}” in $language: ".
                "both must keep the same kind of value, and “{$of->name}” be a field of its own.";
            yield Finding::blocking(self::class, $at, $said);
        } elseif ($reading->blueprint->language($field->tongue) === null) {
            yield Finding::warning(self::class, $at, "The app does not speak $language: nobody sees “{$field->name}” in place of “{$of->name}”.");
        }
    }

    /** @param  array<string, list<array{on: string, source: string, values: int}>>  $bySource */
    private static function meant(string $source, string $on, array $bySource): ?AppText
    {
        if ($on === OwnWords::ON) {
            return isset(OwnWords::all()[$source]) ? AppTexts::ownOne($source) : null;
        }
        foreach ($bySource[$source] ?? [] as $text) {
            if ($on === '' || $text['on'] === $on) {
                $numbers = $text['values'] === 0 ? [] : array_map(strval(...), range(0, $text['values'] - 1));

                return new AppText('', AppText::TEXT, $text['on'], $source, $numbers, $numbers);
            }
        }

        return null;
    }

    /** @param  list<string>  $texts */
    private static function counted(array $texts, string $one, string $many): string
    {
        $texts = array_values(array_unique($texts));
        $named = implode(', ', array_map(fn (string $text): string => '“'.self::short($text).'”', array_slice($texts, 0, self::NAMED)));
        $more = count($texts) - self::NAMED;

        return (count($texts) === 1 ? "One text $one" : count($texts)." texts $many").": $named".($more > 0 ? " and $more more." : '.');
    }

    private static function short(string $text): string
    {
        return mb_strlen($text) > self::SHOWN ? mb_substr($text, 0, self::SHOWN - 1).'…' : $text;
    }
}
