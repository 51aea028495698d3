<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\App;
use Illuminate\Http\Response;
use Lanai\Core\Text\Pattern;

/**
 * Who may sell adverts in the apps of this server (app-ads.txt 1.0 with the lines of ads.txt 1.1, IAB Tech Lab; from memory): the network, what it calls the
 * founder, and that they deal with it themselves.
 */
final class AdsTxtController
{
    /** So many apps are named. */
    private const MOST = 2000;

    public function __invoke(): Response
    {
        $network = (string) parse_url((string) config('lanai.adverts.live.url'), PHP_URL_HOST);
        $lines = [];
        foreach (App::query()->with('liveRevision')->whereNotNull('live_revision_id')->orderBy('id')->limit(self::MOST)->lazy(100) as $app) {
            $seller = $app->liveRevision?->read()->adverts->seller ?? '';
            if ($seller !== '') {
                // A comma or a line's end would be another field or line.
                $lines[] = $network.', '.Pattern::replace('/[\s,#]+/', '-', trim($seller)).', DIRECT';
            }
        }
        $lines = array_unique($lines);

        return response($lines === [] ? "# No app here shows adverts.\n" : implode("\n", $lines)."\n", 200, ['Content-Type' => 'text/plain; charset=utf-8']);
    }
}
