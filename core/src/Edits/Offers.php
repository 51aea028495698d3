<?php

declare(strict_types=1);

namespace Lanai\Core\Edits;

use Lanai\Core\Edits\Kinds\Begin;
use Lanai\Core\Edits\Kinds\TakeOffer;
use Lanai\Core\Language\Prose;
use Lanai\Core\Model\Blueprint;

/** What can be added to a sentence, each with the edit that does it; and what can stand in a list. */
final class Offers
{
    /** @return list<array{label: string, edit: array<string, mixed>|null, list: string}> without an edit where one of several sentences is begun in a list */
    public static function at(Blueprint $blueprint, string $at): array
    {
        $spot = $blueprint->walkTo($at)->nodeAt($at);
        $offers = [];
        foreach ($spot === null ? [] : Prose::of($spot->data, $spot->class, $at)[0]->offers as $offer) {
            $isList = $offer['kind'] === 'line';
            $choices = $isList ? count(Beginnings::in($blueprint, $offer['at'])) : 0;
            $edit = match (true) {
                ! $isList => new TakeOffer($offer['at']),
                $choices === 1 => new Begin($offer['at']),
                default => null,
            };
            $offers[] = ['label' => $offer['label'], 'edit' => $edit === null ? null : Edits::written($edit), 'list' => $isList ? $offer['at'] : ''];
        }

        return $offers;
    }

    /**
     * @param  int|null  $index  where in the list; null for the end
     * @return list<array{lead: string, reads: string, edit: array<string, mixed>}>
     */
    public static function in(Blueprint $blueprint, string $list, ?int $index): array
    {
        return array_map(fn (array $one): array => [
            'lead' => $one['lead'], 'reads' => explode("\n", $one['text'])[0], 'edit' => Edits::written(new Begin($list, $one['as'], $index)),
        ], Beginnings::in($blueprint, $list));
    }
}
