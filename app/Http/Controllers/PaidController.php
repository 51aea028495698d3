<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Earnings\Counter;
use App\Models\App;
use App\Records\DataSet;
use App\Space;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Lanai\Core\Rows\Refused;

/** Where people come back from the page on which they pay. */
final class PaidController
{
    public function show(string $set, string $key, string $token): Response|RedirectResponse
    {
        $app = App::query()
            ->with(['revision', 'liveRevision'])
            ->where('slug', $key)
            ->firstOrFail();
        $space = Space::of($app, DataSet::from($set)) ?? abort(404);
        try {
            $back = (new Counter($space))->back($token) ?? abort(404);
        } catch (Refused) {
            // It is asked again by itself; what was paid is not lost.
            $text = 'If you paid, what you bought is there in a few minutes. You can close this page.';

            return self::page($app->name, 'The till does not answer just now.', $text);
        }
        if (! $back['beside']) {
            return redirect(($set === 'live' ? "/a/$app->slug" : "/s/$app->share_code").'?back=1');
        }

        return $back['paid']
            ? self::page($app->name, 'Thank you. It is paid.', 'You can close this page and go on in the app.')
            : self::page($app->name, 'Nothing was paid.', 'You can close this page and go on in the app.');
    }

    private static function page(string $app, string $title, string $text): Response
    {
        return response()->view('public', ['app' => $app, 'title' => $title, 'paragraphs' => [$text], 'go' => '', 'back' => ''], 200);
    }
}
