<?php

declare(strict_types=1);

namespace App\People;

use App\Models\App;
use Illuminate\Http\Client\ConnectionException;
use Illuminate\Support\Facades\Http;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\People\Through;
use Lanai\Core\People\PublicPages;

/** Where an app's public pages are, and whether they open for everybody. */
final class PublicPageDesk
{
    public static function address(App $app, string $key): string
    {
        return rtrim((string) config('app.url'), '/')."/p/$app->slug/$key";
    }

    /** @return list<array<string, mixed>> */
    public static function all(App $app): array
    {
        $pages = new PublicPages($app->revision->read(), self::calls($app->revision->read()));

        return array_map(
            fn (string $key): array => [
                'key' => $key,
                'title' => PublicPages::title($key),
                'address' => self::address($app, $key),
                'paragraphs' => $pages->paragraphs($key),
                'opens' => null,
            ],
            PublicPages::KEYS,
        );
    }

    /** @return list<array<string, mixed>> */
    public static function visited(App $app): array
    {
        return array_map(function (array $page): array {
            try {
                // Its own address, from the outside: no session, no redirect to a sign-in.
                $answer = Http::withOptions(['allow_redirects' => false, 'timeout' => 5])->get($page['address']);
                $opens = $answer->status() === 200 && str_contains($answer->body(), (string) $page['title']);
            } catch (ConnectionException) {
                $opens = false;
            }

            return ['opens' => $opens] + $page;
        }, self::all($app));
    }

    /** @return list<string> whom the app calls */
    public static function calls(Blueprint $blueprint): array
    {
        return array_map(fn (Through $t): string => "$t->provider, when you sign in through it", $blueprint->signIn?->providers() ?? []);
    }
}
