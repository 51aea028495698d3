<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Earnings\Statements;
use App\Models\App;
use App\Records\DataSet;
use App\Space;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Lanai\Core\Values\Currency;

/** What the tills have paid to the founder's bank. */
final class PayoutsController
{
    public function show(App $app, string $set): JsonResponse
    {
        return self::state(self::statements($app, $set), []);
    }

    /** The tills are asked. */
    public function ask(Request $request, App $app, string $set): JsonResponse
    {
        $told = $request->validate(['now' => ['required', 'boolean']]);
        $statements = self::statements($app, $set);

        return self::state($statements, $statements->ask((bool) $told['now']));
    }

    /** The currency of the bank, and the founder's own rates. */
    public function keep(Request $request, App $app, string $set): JsonResponse
    {
        $currency = Rule::in(array_keys(Currency::all()));
        $told = $request->validate([
            'bank' => ['required', 'string', $currency],
            'rates' => ['present', 'array', 'max:200'],
            'rates.*.currency' => ['required', 'string', $currency],
            'rates.*.rate' => ['bail', 'required', 'string', 'regex:/^\d{1,7}(\.\d{1,9})?$/', 'numeric', 'gt:0'],
            'rates.*.from' => ['bail', 'required', 'string', 'date_format:Y-m-d', 'after:1999-12-31', 'before:2200-01-01'],
        ], [
            'rates.*.rate' => 'A rate is a number such as 1.05.',
            'rates.*.from' => 'A rate needs the day from which it holds.',
            'rates.*.currency' => 'A currency has three letters, such as CHF.',
        ]);
        $rates = array_map(fn (array $rate): array => array_intersect_key($rate, ['currency' => 1, 'rate' => 1, 'from' => 1]), array_values($told['rates']));
        $app->forceFill(['seller' => ['bank' => $told['bank'], 'rates' => $rates] + ($app->seller ?? [])])->save();

        return self::state(self::statements($app, $set), []);
    }

    private static function statements(App $app, string $set): Statements
    {
        return new Statements(Space::of($app, DataSet::from($set)) ?? abort(404));
    }

    /** @param  list<string>  $troubles */
    private static function state(Statements $statements, array $troubles): JsonResponse
    {
        return response()->json([
            'bank' => $statements->bank(),
            'rates' => $statements->rates(),
            'payouts' => $statements->all(),
            'troubles' => $troubles,
            'currencies' => array_keys(Currency::all()),
        ]);
    }
}
