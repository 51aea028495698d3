<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Earnings\Counter;
use App\Earnings\Refusals;
use App\Earnings\Tills\Forged;
use App\Jobs\AskTill;
use App\Models\App;
use App\Records\DataSet;
use App\Space;
use DateTimeImmutable;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Lanai\Core\Rows\Refused;

/** Messages of tills: what is theirs is asked about a moment later, what is not is refused and remembered. */
final class HeardController
{
    private const LARGEST = 65536;

    public function __invoke(Request $request, string $till, string $set, string $slug): Response
    {
        $app = App::query()
            ->with(['revision', 'liveRevision'])
            ->where('slug', $slug)
            ->firstOrFail();
        $space = Space::of($app, DataSet::from($set)) ?? abort(404);
        $body = (string) $request->getContent();
        abort_if(strlen($body) > self::LARGEST, 413);
        $headers = array_map(fn (array $values): string => (string) ($values[0] ?? ''), $request->headers->all());
        try {
            $token = (new Counter($space))->till($till)->heard($headers, $body, new DateTimeImmutable());
        } catch (Forged $forged) {
            (new Refusals($space))->note($till, $forged->getMessage(), (string) $request->ip());

            return response($forged->getMessage(), 401, ['Content-Type' => 'text/plain']);
        } catch (Refused $refused) {
            // Its keys cannot be had just now: it comes again.
            return response($refused->getMessage(), 503, ['Content-Type' => 'text/plain', 'Retry-After' => '60']);
        }
        AskTill::dispatch($app->id, $set, $till, $token);

        return response('', 202);
    }
}
