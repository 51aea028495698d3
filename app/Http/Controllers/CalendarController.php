<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\App;
use App\People\Subscriptions;
use App\Records\DataSet;
use App\Space;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Http\Response;
use Lanai\Core\Formula\Moment;
use Lanai\Core\Play\Visit;
use Lanai\Core\Reach\CalendarEntry;

/** A calendar of an app, as somebody's own calendar reads it (RFC 5545, RFC 7986). */
final class CalendarController
{
    /** What a calendar shows at most. */
    private const MOST = 1_000;

    public function __invoke(string $set, string $slug, string $code, string $calendar): Response
    {
        $app = App::query()->with(['revision', 'liveRevision'])->where('slug', $slug)->firstOrFail();
        $space = Space::of($app, DataSet::from($set)) ?? abort(404);
        $said = $space->blueprint()->calendar($calendar) ?? abort(404);
        $account = (new Subscriptions($space->people()))->of($code, $said->key()) ?? abort(404);
        $zone = new DateTimeZone('UTC');
        $moment = new Moment(new DateTimeImmutable('now', $zone), $zone);
        $entries = $space->looking()->calendar(new Visit($moment, person: $account->person), $said, self::MOST);

        return response(CalendarEntry::file($entries, $app->name, $moment->now, $said->name))
            ->header('Content-Type', 'text/calendar; charset=utf-8')
            ->header('Cache-Control', 'private, max-age=900');
    }
}
