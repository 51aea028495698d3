<?php

declare(strict_types=1);

namespace App\Services;

use Closure;
use Lanai\Core\Blueprint\Blueprint;
use Lanai\Core\Edits\Edited;
use Lanai\Core\Edits\Editor;
use Lanai\Core\Edits\EditRefused;
use Lanai\Core\Edits\Patch;
use Lanai\Core\Script\Prose;
use Lanai\Core\Services\Beginnings;
use Lanai\Core\Services\Detail;
use Lanai\Core\Services\JsonShape;
use Lanai\Core\Services\Parts;
use Lanai\Core\Services\ReadyScreens;
use Lanai\Core\Services\Request;
use Lanai\Core\Services\RowsMade;
use Lanai\Core\Services\Service;
use Lanai\Core\Text\Pattern;

/** Edits that the Services station makes: a service taken over, what was pointed at in an answer, screens made. */
final class ServiceEdits
{
    /**
     * @param  array<string, mixed>  $service
     * @param  list<int>  $picked  places of the requests that are wanted
     * @return Closure(Editor): Edited
     */
    public static function begin(array $service, array $picked): Closure
    {
        $requests = Prose::nodes($service['requests'] ?? []);
        $service['requests'] = array_values(array_intersect_key($requests, array_flip($picked)));
        if ($service['requests'] === []) {
            throw new EditRefused('Please choose at least one request.');
        }

        return fn (Editor $e): Edited => self::with($e->blueprint, fn (array $data): array => ['services' => [...Prose::nodes($data['services'] ?? []), $service]] + $data);
    }

    /**
     * @param  array<string, mixed>|null  $part  data of an AnswerPart
     * @return Closure(Editor): Edited
     */
    public static function pick(string $request, string $at, ?array $part, mixed $json): Closure
    {
        return fn (Editor $e): Edited => self::request($e->blueprint, $request, function (array $data) use ($at, $part, $json, $e): array {
            if ($part !== null) {
                $parts = Prose::nodes($data['parts'] ?? []);
                $names = array_map(fn (array $p): string => mb_strtolower(is_string($p['name'] ?? null) ? $p['name'] : ''), $parts);

                return ['parts' => [...$parts, ['name' => Parts::free(is_string($part['name'] ?? null) ? $part['name'] : 'Value', $names)] + $part]] + $data;
            }
            $taken = Beginnings::taken($e->blueprint);
            $name = is_string($data['name'] ?? null) ? $data['name'] : '';
            $things = RowsMade::search($at === '' ? '@' : $at, $json);
            $shape = JsonShape::of(json_decode((string) json_encode(is_array($things) ? array_values($things) : [])));
            unset($data['one']);

            return ['each' => Parts::free(Parts::one($name) === $name ? "$name item" : Parts::one($name), $taken), 'at' => $at === '@' ? '' : $at, 'parts' => Parts::of(Prose::node($shape['items'] ?? []), $name, $taken)] + $data;
        });
    }

    /**
     * The shape of what was tried, joined with the one that is kept; where a request has no parts yet they are made from it.
     *
     * @return Closure(Editor): Edited
     */
    public static function shape(string $request, string $body, bool $anew): Closure
    {
        return fn (Editor $e): Edited => self::request($e->blueprint, $request, function (array $data) use ($body, $anew, $e): array {
            $shape = JsonShape::of(json_decode($body));
            $kept = is_string($data['shape'] ?? null) ? json_decode($data['shape'], true) : null;
            $shape = is_array($kept) && ! $anew ? JsonShape::both(Prose::node($kept), $shape) : $shape;
            $taken = Beginnings::taken($e->blueprint);
            $made = Prose::nodes($data['parts'] ?? []) === [] ? Beginnings::shaped(is_string($data['name'] ?? null) ? $data['name'] : '', $shape, $taken) : [];

            return ['shape' => (string) json_encode($shape, JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE)] + $made + $data;
        });
    }

    /**
     * @param  array<string, mixed>  $parts  how it reads on, as data of a Request
     * @return Closure(Editor): Edited
     */
    public static function further(string $request, array $parts): Closure
    {
        return fn (Editor $e): Edited => self::request($e->blueprint, $request, fn (array $data): array => $parts + $data);
    }

    /** @return Closure(Editor): Edited a screen for what a request gives, and one for each of its things */
    public static function screens(string $request): Closure
    {
        return function (Editor $e) use ($request): Edited {
            [$service, $asked] = $e->blueprint->asked($request) ?? throw new EditRefused('There is no such request any more.');
            if (! $asked instanceof Request || ! $asked->givesMany()) {
                $ready = ReadyScreens::of($asked, $e->blueprint);

                return self::with($e->blueprint, fn (array $data): array => self::reached(['screens' => [...Prose::nodes($data['screens'] ?? []), ...$ready['screens']], 'values' => [...Prose::nodes($data['values'] ?? []), ...$ready['values']]] + $data, $ready['screens']));
            }
            $taken = Beginnings::taken($e->blueprint);
            $one = self::detail($service, $asked, $taken);
            $screens = Detail::screens($asked, $one, $e->blueprint);

            return self::with($e->blueprint, function (array $data) use ($screens, $one, $service): array {
                $services = Prose::nodes($data['services'] ?? []);
                foreach ($services as $i => $each) {
                    $requests = Prose::nodes($each['requests'] ?? []);
                    if (($each['name'] ?? '') === $service->name && $one !== null && ! in_array($one['name'], array_column($requests, 'name'), true)) {
                        $services[$i]['requests'] = [...$requests, $one];
                    }
                }

                return self::reached(['services' => $services, 'screens' => [...Prose::nodes($data['screens'] ?? []), ...$screens]] + $data, $screens);
            });
        };
    }

    /**
     * The app with a menu entry for the first of the new screens: nobody would come to it otherwise.
     *
     * @param  array<string, mixed>  $data
     * @param  list<array<string, mixed>>  $screens
     * @return array<string, mixed>
     */
    private static function reached(array $data, array $screens): array
    {
        $name = $screens[0]['name'] ?? '';

        return is_string($name) && $name !== '' ? ['menu' => [...Prose::nodes($data['menu'] ?? []), ['screen' => $name, 'label' => $name, 'icon' => 'list']]] + $data : $data;
    }

    /**
     * The request for one of the things: one that is there already, else one that follows from the list's.
     *
     * @param  list<string>  $taken
     * @return array<string, mixed>|null
     */
    private static function detail(Service $service, Request $list, array &$taken): ?array
    {
        [$way] = explode('{?', explode('?', $list->address)[0]);
        foreach ($service->requests as $each) {
            if ($each instanceof Request && $each->method === 'GET' && ! $each->givesMany() && Pattern::match('~^'.preg_quote(rtrim($way, '/'), '~').'/\{(\w+)\}$~', $each->address, $found)) {
                $variable = array_values(array_filter($each->takes, fn ($v): bool => $v->key() === $found[1]))[0] ?? null;

                return $variable === null ? null : ['name' => $each->name, 'takes' => [['name' => $variable->name]], 'parts' => array_map(fn ($p): array => ['name' => $p->name, 'type' => ['kind' => $p->isList() ? 'links' : '']], $each->parts)];
            }
        }

        return Detail::of($list, $taken);
    }

    /** @param  Closure(array<string, mixed>): array<string, mixed>  $change */
    private static function request(Blueprint $blueprint, string $name, Closure $change): Edited
    {
        return self::with($blueprint, function (array $data) use ($name, $change): array {
            $services = Prose::nodes($data['services'] ?? []);
            foreach ($services as $s => $service) {
                foreach (Prose::nodes($service['requests'] ?? []) as $r => $request) {
                    if (is_string($request['name'] ?? null) && mb_strtolower($request['name']) === mb_strtolower($name)) {
                        $services[$s]['requests'][$r] = array_filter($change($request), fn (mixed $v): bool => $v !== '' && $v !== []);

                        return ['services' => $services] + $data;
                    }
                }
            }
            throw new EditRefused('There is no such request any more.');
        });
    }

    /** @param  Closure(array<string, mixed>): array<string, mixed>  $change */
    private static function with(Blueprint $blueprint, Closure $change): Edited
    {
        $data = $blueprint->data();

        return Edited::by($blueprint, Patch::between($data, $change($data)));
    }
}
