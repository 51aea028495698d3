<?php

declare(strict_types=1);

namespace Lanai\Core\Exchange\Words;

use Lanai\Core\Languages\AppText;
use Lanai\Core\Languages\AppTexts;
use Lanai\Core\Languages\Wording;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Languages\Language;
use Lanai\Core\Text\OwnWords;

/** The texts of an app in one of its languages, for files and for the studio; and what of a file can be taken into the app. */
final readonly class WordList
{
    /** So many places are named. */
    private const PLACES = 5;

    private function __construct()
    {
    }

    /** @return list<WordEntry> each text once, and once more where it says something else in one place */
    public static function of(Blueprint $blueprint, Language $language): array
    {
        $said = [];
        foreach ($language->says() as $one) {
            $said[$one->source][$one->on] = $one;
        }
        $texts = AppTexts::of($blueprint);
        if (OwnWords::known($language->tongue) === []) {
            array_push($texts, ...AppTexts::own());
        }
        $places = [];
        foreach ($texts as $text) {
            $places[$text->source][$text->on] = $text;
        }
        $entries = [];
        foreach ($places as $source => $ons) {
            $one = reset($ons);
            $own = $one->kind === AppText::OWN ? OwnWords::ON : '';
            $everywhere = $said[$source][$own] ?? null;
            $named = array_values(array_filter(array_map(strval(...), array_keys($ons)), fn (string $on): bool => $on !== ''));
            $where = array_map(fn (string $on): string => $on === OwnWords::ON ? 'What Lanai itself says' : "On $on", array_slice($named, 0, self::PLACES));
            $entries[] = new WordEntry((string) $source, $everywhere->says ?? '', $own, $everywhere->was ?? '', $where, $one->values);
            foreach ($said[$source] ?? [] as $on => $only) {
                if ($on !== $own && isset($ons[$on])) {
                    $entries[] = new WordEntry((string) $source, $only->says, (string) $on, $only->was, ["On $on"], $ons[$on]->values);
                }
            }
        }

        return $entries;
    }

    /**
     * What of a file can stand in the app, and why the rest cannot.
     *
     * @param  list<WordEntry>  $entries
     * @return array{says: list<array{source: string, says: string, on: string}>, left: list<string>}
     */
    public static function taken(Blueprint $blueprint, string $tongue, array $entries): array
    {
        $texts = [];
        foreach ([...AppTexts::of($blueprint), ...AppTexts::own()] as $text) {
            $texts[$text->source][$text->on] = $text;
        }
        $says = $left = [];
        foreach ($entries as $entry) {
            $there = $texts[$entry->source] ?? [];
            // What Lanai itself says is meant only where that is said.
            $anywhere = array_values(array_filter($there, fn (AppText $one): bool => $one->kind !== AppText::OWN))[0] ?? null;
            $text = $entry->on === '' ? $anywhere : $there[$entry->on] ?? null;
            if ($entry->says === '') {
                continue;
            }
            $wrong = $text === null ? 'It stands nowhere in the app.' : Wording::of($entry->says, $text, $tongue)->wrong;
            if ($wrong === '') {
                $says[] = ['source' => $entry->source, 'says' => $entry->says, 'on' => $entry->on];
            } else {
                $left[] = '“'.mb_strimwidth($entry->source, 0, 80, '…').'”: '.$wrong;
            }
        }

        return ['says' => $says, 'left' => $left];
    }
}
