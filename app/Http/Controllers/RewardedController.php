<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Adverts\Exchange;
use App\Adverts\RewardBook;
use App\Earnings\Refusals;
use App\Models\App;
use App\Records\DataSet;
use App\Space;
use Firebase\JWT\JWK;
use Firebase\JWT\JWT;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Lanai\Core\Rows\Refused;
use Throwable;

/** A network of adverts says that somebody has seen one to its end: what it has signed (JWS, RFC 7515, with ES256) is believed, and nothing else. */
final class RewardedController
{
    private const LARGEST = 8192;

    public function __invoke(Request $request, string $set, string $slug): Response
    {
        $app = App::query()->with(['revision', 'liveRevision'])->where('slug', $slug)->firstOrFail();
        $space = Space::of($app, DataSet::from($set));
        abort_if($space?->blueprint()->adverts === null, 404);
        $body = (string) $request->getContent();
        abort_if(strlen($body) > self::LARGEST, 413);
        try {
            $keys = (new Exchange($app, $space->set))->keys();
        } catch (Refused $refused) {
            return response($refused->getMessage(), 503, ['Content-Type' => 'text/plain', 'Retry-After' => '60']);
        }
        $claims = self::claims($body, $keys);
        $package = $app->package();
        if ($claims === null || ! isset($claims['exp']) || ($claims['aud'] ?? null) !== $package || ! is_string($claims['request'] ?? null)) {
            $why = 'Its signature is not the network’s, or it is old, or for another app.';
            (new Refusals($space))->note('adverts', $why, (string) $request->ip());

            return response($why, 401, ['Content-Type' => 'text/plain']);
        }

        return (new RewardBook($space))->confirm($claims['request']) ? response('', 204) : response('Nothing was asked for so.', 404);
    }

    /**
     * @param  array<string, mixed>  $keys
     * @return array<string, mixed>|null
     */
    private static function claims(string $token, array $keys): ?array
    {
        try {
            return (array) JWT::decode(trim($token), JWK::parseKeySet($keys, 'ES256'));
        } catch (Throwable) {
            return null;
        }
    }
}
