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
     *     usually: string, none: list<string>, deletion: bool
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
            'deletion' => $blueprint->signIn !== null,
        ];
    }

    /**
     * As a store takes it with a package.
     *
     * @param  'android'|'ios'  $form  whose names for it
     * @param  bool  $encrypted  whether this package calls its server by https
     * @return array{data: list<array<string, mixed>>, contents: array<string, bool>, deletion: bool, encrypted: bool}
     */
    public static function handedIn(Blueprint $blueprint, string $form, bool $encrypted): array
    {
        $all = self::of($blueprint);
        $one = fn (array $data): array => [
            ...$data[$form],
            'shared' => $data['with'] !== [],
            'linked' => $data['linked'],
            'tracks' => $data['tracks'],
            'optional' => $data['optional'],
        ];

        return [
            'data' => array_map($one, $all['data']),
            'contents' => array_column($all['contents'], 'yes', 'key'),
            'deletion' => $all['deletion'],
            'encrypted' => $encrypted,
        ];
    }

    /**
     * What has changed since something was declared, in sentences; none where nothing has.
     *
     * @return list<string>
     */
    public static function since(Blueprint $before, Blueprint $now): array
    {
        [$had, $has] = [self::byKind($before), self::byKind($now)];
        $said = [];
        foreach ($has as $key => $one) {
            $was = $had[$key] ?? null;
            $told = array_values(array_diff($one->with, $was->with ?? []));
            $said = [
                ...$said,
                ...$was === null ? ["It keeps {$one->kind->inWords()}."] : [],
                ...$told === [] ? [] : [implode(' and ', $told)." hears of this: {$one->kind->inWords()}."],
                ...$was !== null && $one->linked && ! $was->linked ? [ucfirst($one->kind->inWords()).': kept together with who it is.'] : [],
            ];
        }
        foreach (array_diff_key($had, $has) as $gone) {
            $said[] = "It does not keep {$gone->kind->inWords()} any more.";
        }
        foreach (array_diff_key(self::yes($now), self::yes($before)) as $asks) {
            $said[] = "$asks Now: yes.";
        }

        return $said;
    }

    /** @return array<string, string> the questions that are answered with a yes, by their keys */
    private static function yes(Blueprint $blueprint): array
    {
        return array_column(array_filter(Contents::of($blueprint), fn (Contents $one): bool => $one->because !== ''), 'asks', 'key');
    }

    /** @return array<string, Declared> */
    private static function byKind(Blueprint $blueprint): array
    {
        $all = Declarations::of($blueprint);

        return array_combine(array_map(fn (Declared $one): string => $one->kind->value, $all), $all);
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
