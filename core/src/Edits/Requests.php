<?php

declare(strict_types=1);

namespace Lanai\Core\Edits;

use Closure;
use Lanai\Core\Language\Prose;
use Lanai\Core\Model\Blueprint;

/** Changes to one request of a service, by its name. */
final class Requests
{
    /** @return string its place; '' where there is none of this name */
    public static function place(Blueprint $blueprint, string $name): string
    {
        foreach ($blueprint->services as $s => $service) {
            foreach ($service->requests as $r => $request) {
                if (mb_strtolower($request->called()) === mb_strtolower($name)) {
                    return "/services/$s/requests/$r";
                }
            }
        }

        return '';
    }

    /**
     * @param  Closure(array<string, mixed>): array<string, mixed>  $change  of its data
     *
     * @throws EditRefused where there is none of this name
     */
    public static function changed(Blueprint $blueprint, string $name, Closure $change): EditResult
    {
        $data = $blueprint->data();
        $services = Prose::nodes($data['services'] ?? []);
        foreach ($services as $s => $service) {
            foreach (Prose::nodes($service['requests'] ?? []) as $r => $request) {
                if (is_string($request['name'] ?? null) && mb_strtolower($request['name']) === mb_strtolower($name)) {
                    $requests = Prose::nodes($service['requests'] ?? []);
                    $requests[$r] = array_filter($change($request), fn (mixed $v): bool => $v !== '' && $v !== []);
                    $services[$s] = ['requests' => $requests] + $service;

                    return EditResult::by($blueprint, Patch::between($data, ['services' => $services] + $data));
                }
            }
        }
        throw new EditRefused('There is no such request any more.');
    }
}
