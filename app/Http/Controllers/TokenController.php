<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\ApiToken;
use App\Models\App;
use App\People\Sessions;
use App\Records\DataSet;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** The tokens of an app's own REST API. A token is shown once, when it is made. */
final class TokenController
{
    public function index(App $app): JsonResponse
    {
        return response()->json(self::all($app));
    }

    public function store(Request $request, App $app): JsonResponse
    {
        $given = $request->validate(
            ['name' => ['required', 'string', 'max:60'], 'set' => ['required', 'in:sandbox,live'], 'writes' => ['required', 'boolean']],
            ['name.*' => 'Please say what the token is for.'],
        );
        $token = 'lanai_'.Sessions::token();
        ApiToken::query()->create([
            'app_id' => $app->id,
            'dataset' => $given['set'],
            'name' => $given['name'],
            'token' => Sessions::hash($token),
            'ends' => substr($token, -4),
            'writes' => $given['writes'],
        ]);

        return response()->json(['token' => $token] + self::all($app), 201);
    }

    /** Whether everybody may read the document of the live API. */
    public function document(Request $request, App $app): JsonResponse
    {
        $app->update(['api_public' => $request->validate(['public' => ['required', 'boolean']])['public']]);

        return response()->json(self::all($app));
    }

    public function destroy(App $app, int $token): JsonResponse
    {
        ApiToken::query()->where('app_id', $app->id)->whereKey($token)->delete();

        return response()->json(self::all($app));
    }

    /** @return array<string, mixed> */
    private static function all(App $app): array
    {
        return [
            'public' => $app->api_public,
            'addresses' => array_map(fn (DataSet $set): array => ['set' => $set->value, 'address' => RestController::address($app, $set)], DataSet::cases()),
            'tokens' => ApiToken::query()->where('app_id', $app->id)->orderBy('id')->get()->map(fn (ApiToken $t): array => $t->told())->all(),
        ];
    }
}
