<?php

declare(strict_types=1);

namespace Lanai\Core\Edits\Kinds;

use Lanai\Core\Edits\Detail;
use Lanai\Core\Edits\Edit;
use Lanai\Core\Edits\EditRefused;
use Lanai\Core\Edits\EditResult;
use Lanai\Core\Edits\Patch;
use Lanai\Core\Edits\ReadyScreens;
use Lanai\Core\Exchange\NewService;
use Lanai\Core\Language\Prose;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Services\Service;
use Lanai\Core\Services\Request;
use Lanai\Core\Text\Pattern;

/** Makes screens of what a request gives: for a list one that shows it and one for each of its things. */
final readonly class MakeScreens implements Edit
{
    public function __construct(public string $request)
    {
    }

    public function about(): array
    {
        return ['/screens'];
    }

    public function on(Blueprint $blueprint): EditResult
    {
        [$service, $asked] = $blueprint->asked($this->request) ?? throw new EditRefused('There is no such request any more.');
        $data = $blueprint->data();
        $screens = Prose::nodes($data['screens'] ?? []);
        if (! ($asked instanceof Request) || ! $asked->givesMany()) {
            $ready = ReadyScreens::of($asked, $blueprint);
            $with = ['screens' => [...$screens, ...$ready['screens']], 'values' => [...Prose::nodes($data['values'] ?? []), ...$ready['values']]] + $data;

            return self::made($blueprint, self::reached($with, $ready['screens']));
        }
        $taken = NewService::taken($blueprint);
        $one = self::detail($service, $asked, $taken);
        $made = Detail::screens($asked, $one, $blueprint);
        $services = Prose::nodes($data['services'] ?? []);
        foreach ($services as $i => $each) {
            $requests = Prose::nodes($each['requests'] ?? []);
            if (($each['name'] ?? '') === $service->name && $one !== null && ! in_array($one['name'], array_column($requests, 'name'), true)) {
                $services[$i]['requests'] = [...$requests, $one];
            }
        }

        return self::made($blueprint, self::reached(['services' => $services, 'screens' => [...$screens, ...$made]] + $data, $made));
    }

    /** @param  array<string, mixed>  $after */
    private static function made(Blueprint $blueprint, array $after): EditResult
    {
        return EditResult::by($blueprint, Patch::between($blueprint->data(), $after))->making('/screens/'.count($blueprint->screens), '');
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

        return is_string($name) && $name !== ''
            ? ['menu' => [...Prose::nodes($data['menu'] ?? []), ['screen' => $name, 'label' => $name, 'icon' => 'list']]] + $data
            : $data;
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
            if (
                $each instanceof Request &&
                $each->method === 'GET' &&
                ! $each->givesMany() &&
                Pattern::match('~^'.preg_quote(rtrim($way, '/'), '~').'/\{(\w+)\}$~', $each->address, $found)
            ) {
                $variable = array_values(array_filter($each->takes, fn ($v): bool => $v->key() === $found[1]))[0] ?? null;

                return $variable === null
                    ? null
                    : [
                        'name' => $each->name,
                        'takes' => [['name' => $variable->name]],
                        'parts' => array_map(fn ($p): array => ['name' => $p->name, 'type' => ['kind' => $p->isList() ? 'links' : '']], $each->parts),
                    ];
            }
        }

        return Detail::of($list, $taken);
    }
}
