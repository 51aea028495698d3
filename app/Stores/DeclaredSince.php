<?php

declare(strict_types=1);

namespace App\Stores;

use App\Models\App;
use App\Models\Submission;
use Lanai\Core\Model\Blueprint;

/** In what the app differs by now from what stores were told with the newest package that they have taken. */
final class DeclaredSince
{
    /** @return list<array{store: string, version: string, number: int, says: list<string>}> stores that hold something else */
    public static function of(App $app, Blueprint $now): array
    {
        $since = [];
        foreach ((array) config('lanai.stores') as $key => $store) {
            /** @var Submission|null $last */
            $last = $app->submissions()->with('build.revision')->where('store', $key)->whereIn('state', Submission::TAKEN)->orderByDesc('id')->first();
            $says = $last === null ? [] : DeclarationsForm::since($last->build->revision->read(), $now);
            if ($last !== null && $says !== []) {
                $since[] = ['store' => (string) $store['name'], 'version' => $last->build->version, 'number' => (int) $last->build->number, 'says' => $says];
            }
        }

        return $since;
    }
}
