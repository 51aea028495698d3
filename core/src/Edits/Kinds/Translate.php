<?php

declare(strict_types=1);

namespace Lanai\Core\Edits\Kinds;

use Lanai\Core\Edits\Edit;
use Lanai\Core\Edits\EditRefused;
use Lanai\Core\Edits\EditResult;
use Lanai\Core\Edits\Patch;
use Lanai\Core\Language\Prose;
use Lanai\Core\Languages\AppText;
use Lanai\Core\Languages\AppTexts;
use Lanai\Core\Languages\Wording;
use Lanai\Core\Model\Blueprint;

/** What texts of the app say in one of its languages: one text by hand, or all of a file. */
final readonly class Translate implements Edit
{
    /** At once. */
    public const MOST = 5000;

    /**
     * @param  string  $tongue  its tag
     * @param  array<array-key, mixed>  $says  each with the "source", what it "says", '' for nothing any more, and "on" what, '' for everywhere
     */
    public function __construct(public string $tongue, public array $says)
    {
    }

    /** It goes by the texts, wherever they stand by now: two can translate at once. */
    public function about(): array
    {
        return [];
    }

    public function on(Blueprint $blueprint): EditResult
    {
        $data = $blueprint->data();
        $languages = Prose::nodes($data['languages'] ?? []);
        $at = array_search($this->tongue, array_column($languages, 'tongue'), true);
        if (! is_int($at)) {
            throw new EditRefused('The app does not speak this language any more.');
        }
        if (count($this->says) > self::MOST) {
            throw new EditRefused('So many texts cannot be taken at once: '.number_format(self::MOST).' at the most.');
        }
        $texts = self::texts($blueprint);
        $says = [];
        foreach (Prose::nodes($languages[$at]['says'] ?? []) as $one) {
            $says[self::key($one)] = $one;
        }
        foreach (Prose::nodes($this->says) as $one) {
            $new = $this->one($one, $texts);
            $key = self::key($new);
            if ($new['says'] === '') {
                unset($says[$key]);
            } else {
                $says[$key] = $new;
            }
        }
        $languages[$at]['says'] = array_values($says);

        return EditResult::by($blueprint, Patch::between($data, ['languages' => $languages] + $data));
    }

    /**
     * @param  array<string, mixed>  $given
     * @param  array<string, list<AppText>>  $texts  by their source
     * @return array{source: string, says: string, on?: string}
     */
    private function one(array $given, array $texts): array
    {
        $text = fn (string $key): string => is_string($given[$key] ?? '') ? $given[$key] ?? '' : throw new EditRefused('This edit could not be understood.');
        [$source, $says, $on] = [$text('source'), trim($text('says')), $text('on')];
        $meant = $texts[$source] ?? throw new EditRefused("“{$source}” is not among the texts of the app any more.");
        $there = $on === '' ? $meant : array_values(array_filter($meant, fn (AppText $one): bool => $one->on === $on));
        if ($there === []) {
            throw new EditRefused("“{$source}” does not stand in $on any more.");
        }
        $wrong = $says === '' ? '' : Wording::of($says, $there[0], $this->tongue)->wrong;

        return $wrong === '' ? ['source' => $source, 'says' => $says] + ($on === '' ? [] : ['on' => $on]) : throw new EditRefused($wrong);
    }

    /** @return array<string, list<AppText>> by their source */
    private static function texts(Blueprint $blueprint): array
    {
        $texts = [];
        foreach ([...AppTexts::of($blueprint), ...AppTexts::own()] as $text) {
            $texts[$text->source][] = $text;
        }

        return $texts;
    }

    /** @param  array<string, mixed>  $one */
    private static function key(array $one): string
    {
        return (is_string($one['on'] ?? null) ? $one['on'] : '')."\n".(is_string($one['source'] ?? null) ? $one['source'] : '');
    }
}
