<?php

declare(strict_types=1);

namespace App\Stores;

use Lanai\Core\Model\Blueprint;
use Lanai\Core\Release\Contents;
use Lanai\Core\Release\DataKind;
use Lanai\Core\Release\Declarations;
use Lanai\Core\Release\Declared;
use Lanai\Core\Release\Purpose;

/** What an app declares to the stores, as it is printed, shown and handed in. */
final class DeclarationsForm
{
    /**
     * @return array{
     *     data: list<array<string, mixed>>, contents: list<array{key: string, asks: string, yes: bool, because: string}>,
     *     usually: string, none: list<string>, encryption: string, deletion: bool
     * }
     */
    public static function of(Blueprint $blueprint): array
    {
        $all = Declarations::of($blueprint);
        $kept = array_map(fn (Declared $one): DataKind => $one->kind, $all);
        $none = array_filter(DataKind::cases(), fn (DataKind $kind): bool => ! in_array($kind, $kept, true));

        return [
            'data' => array_map(self::data(...), $all),
            'usually' => Declared::USUALLY,
            'none' => array_values(array_map(fn (DataKind $kind): string => $kind->inWords(), $none)),
            'contents' => array_map(
                fn (Contents $one): array => ['key' => $one->key, 'asks' => $one->asks, 'yes' => $one->because !== '', 'because' => $one->because],
                Contents::of($blueprint),
            ),
            // Calls go by https alone, with what the phone brings along: nothing of it has to be asked for at a border.
            'encryption' => 'exempt',
            'deletion' => $blueprint->signIn !== null,
        ];
    }

    /** @return array<string, mixed> */
    private static function data(Declared $one): array
    {
        return [
            'kind' => $one->kind->value,
            'called' => ucfirst($one->kind->inWords()),
            'says' => $one->sentence(),
            'fields' => $one->fields,
            'purposes' => array_column($one->for, 'value'),
            'with' => $one->with,
            'linked' => $one->linked,
            'tracks' => $one->tracks,
            'optional' => $one->optional,
            'android' => self::form($one->kind->onAndroid(), array_map(fn (Purpose $p): string => $p->onAndroid(), $one->for)),
            'ios' => self::form($one->kind->onIos(), array_map(fn (Purpose $p): string => $p->onIos(), $one->for)),
        ];
    }

    /**
     * @param  list<string>  $purposes
     * @return array{type: string, purposes: list<string>}
     */
    private static function form(string $type, array $purposes): array
    {
        return ['type' => $type, 'purposes' => array_values(array_unique($purposes))];
    }
}
