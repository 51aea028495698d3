<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Device\Entry;
use App\Device\LinkPreview;
use App\Models\App;
use App\Ways\Doors;
use App\Ways\Painted;
use App\Ways\Snippets;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Lanai\Core\Text\Pattern;
use Lanai\Core\Text\Tongues;

/** Ways into a live app from elsewhere: one link that picks, a strip for a website, a badge for letters, and a card for what is shared. */
final class WaysInController
{
    private const HOUR = 'public, max-age=3600';

    /** What is posted is looked at again after a while: rows change. */
    private const MINUTES = 'public, max-age=600';

    /** The one link for everybody: a phone is led to its store or to the web; whoever sits at a computer is shown how to go on with their phone. */
    public function door(Request $request, string $key): RedirectResponse|Response
    {
        $entry = Entry::from($request, 'live', $key);
        $doors = new Doors($entry->app);
        $place = $request->query('at');
        $at = is_string($place) && Pattern::match(LinkPreview::PLACE, $place) ? $place : '';
        $word = $request->query('from');
        $from = is_string($word) && Pattern::match('/^[\w.-]{1,60}$/D', $word) ? $word : '';
        $agent = (string) $request->userAgent();
        // A tablet that says that it is a computer comes again and says what it is.
        $phone = $request->query('phone') === 'ios' ? 'iPad' : $agent;
        if (Doors::phone($phone) !== 'other') {
            return redirect()->away($doors->storeFor($phone) ?? $doors->web($at, $from), 302, ['Vary' => 'User-Agent', 'Cache-Control' => 'no-store']);
        }
        $speaks = $entry->speaks($request->getLanguages(), '');
        $blueprint = $entry->revision->spoken($speaks->tongue);

        return response()->view('door', [
            'preview' => LinkPreview::of($entry, $at, $speaks)->properties,
            'lang' => $speaks->tongue,
            'dir' => Tongues::direction($speaks->tongue),
            'theme' => $blueprint->theme,
            'name' => $blueprint->name,
            'summary' => $blueprint->release->summary,
            'icon' => "/a/$key/icons/any-192.png",
            'scan' => $blueprint->own()->say('Scan this with your phone.'),
            'here' => $blueprint->own()->say('Open it here'),
            'web' => $doors->web($at, $from),
            'again' => $doors->link($at, $from),
        ])->header('Vary', 'User-Agent, Accept-Language')->header('Cache-Control', 'no-store');
    }

    public function strip(Request $request, string $key): Response
    {
        return response((new Snippets(Entry::from($request, 'live', $key)))->script($request->query('show') === '1'))
            ->header('Content-Type', 'text/javascript; charset=utf-8')
            ->header('Cache-Control', self::HOUR);
    }

    public function badge(Request $request, string $key): Response
    {
        $entry = Entry::from($request, 'live', $key);
        $asked = $request->query('lang');
        $blueprint = $entry->revision->spoken($entry->speaks([], is_string($asked) ? mb_substr($asked, 0, 35) : '')->tongue);

        return self::picture((new Painted($entry->app, $blueprint))->badge($blueprint->own()->say('Get {0}', $blueprint->name)), self::HOUR);
    }

    /** What a link shows where it is posted, drawn: with what somebody sees of it who is not signed in. */
    public function card(Request $request, string $key): Response
    {
        $entry = Entry::from($request, 'live', $key);
        $place = $request->query('at');
        $asked = $request->query('lang');
        $at = is_string($place) && Pattern::match(LinkPreview::PLACE, $place) ? $place : '';
        $speaks = $entry->speaks([], is_string($asked) ? mb_substr($asked, 0, 35) : '');
        $preview = LinkPreview::of($entry, $at, $speaks);

        return self::picture(
            (new Painted($entry->app, $entry->revision->spoken($speaks->tongue)))->card($preview->title(), $preview->words(), $preview->pictureOf($entry->app)),
            self::MINUTES,
        );
    }

    /** What the station shows. */
    public function show(App $app): JsonResponse
    {
        $live = $app->liveRevision;
        $team = $app->revision->read()->release->team;
        if ($live === null) {
            return response()->json(['live' => false]);
        }
        $doors = new Doors($app);

        return response()->json(['live' => true, 'link' => $doors->link(), 'web' => $doors->web(), 'stores' => (object) $doors->stores(), 'team' => $team] +
            Snippets::state($app, $doors));
    }

    private static function picture(string $png, string $kept): Response
    {
        return response($png)->header('Content-Type', 'image/png')->header('Cache-Control', $kept);
    }
}
