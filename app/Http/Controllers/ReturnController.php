<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\App;
use App\People\People;
use App\People\Returning;
use App\People\Sessions;
use App\Records\DataSet;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Lanai\Core\Rows\Refused;

/** Where people come back from an identity provider. */
final class ReturnController
{
    public const COOKIE = 'lanai_away';

    public function show(Request $request, string $set, string $key): Response|RedirectResponse
    {
        [$people, $path] = self::people($set, $key);
        $returning = new Returning($people);
        $pending = $returning->waiting($request->string('state')->value());
        if ($pending === null) {
            return $this->page($people->app->name, 'This sign-in was not begun here, or too long ago.', 'Please go back to the app and begin again.', 400);
        }
        if ($request->filled('error')) {
            return $this->page(
                $people->app->name,
                'Nobody was signed in.',
                $request->string('error')->value() === 'access_denied'
                    ? 'You said no, or the provider did not let you through.'
                    : 'The provider says: '.
                        $request
                            ->string('error_description', $request->string('error')->value())
                            ->limit(200)
                            ->value(),
                400,
            );
        }
        // Who comes back in another browser than the one that left says so first: a link of somebody else's is no sign-in.
        $same = hash_equals($pending->handle, Sessions::hash((string) $request->cookie(self::COOKIE)));
        if (! $same && ! $request->isMethod('POST')) {
            return $this->page(
                $people->app->name,
                'Did you begin this sign-in on your own device just now?',
                'Go on only if you did. If somebody sent you here, close this page.',
                200,
                $request->fullUrl(),
            );
        }
        try {
            $returning->finish($pending, $request->string('code')->value());
        } catch (Refused $refused) {
            return $this->page($people->app->name, 'Nobody was signed in.', $refused->getMessage(), 400);
        }

        return $same && ($pending->facts['beside'] ?? false) !== true
            ? redirect("$path?back=1")
            : $this->page($people->app->name, 'You are signed in.', 'You can close this page and go on in the app.', 200, back: self::into($request, $people));
    }

    /** @return array{People, string} and the address of the app */
    private static function people(string $set, string $key): array
    {
        $app = App::query()
            ->with(['revision', 'liveRevision'])
            ->where('slug', $key)
            ->firstOrFail();
        $revision = $app->revisionOf(DataSet::from($set)) ?? abort(404);

        return [new People($app, DataSet::from($set), $revision->read()), $set === 'live' ? "/a/$app->slug" : "/s/$app->share_code"];
    }

    /** The address that opens the app again on a phone that has its package; '' elsewhere. */
    private static function into(Request $request, People $people): string
    {
        $package = $people->blueprint->release->package;

        return $package !== '' && str_contains((string) $request->userAgent(), 'Android') ? "$package:/back" : '';
    }

    private function page(string $app, string $title, string $text, int $status, string $go = '', string $back = ''): Response
    {
        return response()->view('public', ['app' => $app, 'title' => $title, 'paragraphs' => [$text], 'go' => $go, 'back' => $back], $status);
    }
}
