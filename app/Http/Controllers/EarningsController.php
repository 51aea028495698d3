<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Adverts\AdvertDesk;
use App\Adverts\Exchange;
use App\Adverts\ForecastDesk;
use App\Earnings\Counter;
use App\Earnings\Figures;
use App\Earnings\PriceRises;
use App\Earnings\PurchaseBook;
use App\Earnings\RehearsalDesk;
use App\Earnings\Shelves;
use App\Earnings\Tide;
use App\Models\App;
use App\Models\Founder;
use App\Outbound\Practice;
use App\Records\DataSet;
use App\Space;
use DateTimeImmutable;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Lanai\Core\Earnings\Sold;
use Lanai\Core\Earnings\Story;
use Lanai\Core\Model\Earnings\Product;
use Lanai\Core\Model\Row;
use Lanai\Core\Rows\Refused;
use Lanai\Core\Values\Country;

/** The Earnings station: what is sold, what it would bring, and who has what. */
final class EarningsController
{
    /** Of the figures of adverts. */
    private const DAYS = 30;

    /** What a subscription would bring, by what is told or else was said last; kept where that is asked for. */
    public function rehearse(Request $request, App $app): JsonResponse
    {
        $told = $request->validate(RehearsalDesk::rules() + ['keep' => ['sometimes', 'boolean']]);
        $desk = new RehearsalDesk($app);
        $products = $desk->products();
        $countries = array_map(fn (string $key, string $name): array => ['key' => $key, 'name' => $name], array_keys(Country::all()), Country::all());
        $names = array_map(fn (Product $p): array => ['key' => $p->key(), 'name' => $p->name], $products);
        $product = self::chosen($products, (string) ($told['product'] ?? ''));
        if ($product === null) {
            return response()->json(['products' => $names, 'countries' => $countries, 'assumed' => null, 'result' => null]);
        }
        $assumed = $desk->assumed($product, $told);
        if ($told['keep'] ?? false) {
            $desk->keep($product, $assumed);
        }

        $result = $desk->rehearsed($product, $assumed);

        return response()->json(['products' => $names, 'countries' => $countries, 'assumed' => $assumed, 'result' => $result]);
    }

    /** What came of a product. */
    public function figures(Request $request, App $app, string $set): JsonResponse
    {
        $told = $request->validate(['product' => ['required', 'string', 'max:100']]);
        $space = Space::of($app, DataSet::from($set)) ?? abort(404);
        $product = $space->blueprint()->product($told['product']) ?? abort(404);

        return response()->json((new Figures($space, $product))->state(new DateTimeImmutable()));
    }

    /** What somebody has bought or been given. */
    public function purchases(App $app, string $set, int $person): JsonResponse
    {
        [$space, $row] = self::somebody($app, $set, $person);

        return response()->json(self::told($space, $row));
    }

    /** The founder gives a product, until a day or for ever. */
    public function give(Request $request, App $app, string $set, int $person): JsonResponse
    {
        $told = $request->validate([
            'product' => ['required', 'string', 'max:100'],
            'until' => ['bail', 'nullable', 'string', 'date', 'after:now', 'before:2200-01-01'],
            'note' => ['nullable', 'string', 'max:200'],
        ]);
        [$space, $row] = self::somebody($app, $set, $person);
        $product = $space->blueprint()->product($told['product']) ?? abort(404);
        $until = isset($told['until']) ? new DateTimeImmutable($told['until']) : null;
        (new PurchaseBook($space))->give($row, $product, new DateTimeImmutable(), $until, (string) ($told['note'] ?? ''));

        return response()->json(self::told($space, $row));
    }

    /** What the founder gave is taken back. */
    public function takeBack(App $app, string $set, int $person, int $purchase): JsonResponse
    {
        [$space, $row] = self::somebody($app, $set, $person);
        abort_unless((new PurchaseBook($space))->takeBack($purchase, new DateTimeImmutable()), 422, 'There is nothing of it to take back any more.');

        return response()->json(self::told($space, $row));
    }

    /** What was paid last for a purchase is given back at its till. */
    public function giveBack(App $app, string $set, int $person, int $purchase): JsonResponse
    {
        [$space, $row] = self::somebody($app, $set, $person);
        try {
            (new Counter($space))->giveBack($row, $purchase);
        } catch (Refused $refused) {
            abort(422, $refused->getMessage());
        }

        return response()->json(self::told($space, $row));
    }

    /** The tills, what stands for sale there, and what is amiss. */
    public function tills(App $app, string $set): JsonResponse
    {
        return response()->json((new Shelves(Space::of($app, DataSet::from($set)) ?? abort(404)))->state());
    }

    /** Puts up at a store what is missing there. */
    public function putUp(App $app, string $set, string $till): JsonResponse
    {
        $shelves = new Shelves(Space::of($app, DataSet::from($set)) ?? abort(404));
        try {
            $shelves->putUp($till);
        } catch (Refused $refused) {
            abort(422, $refused->getMessage());
        }

        return response()->json($shelves->state());
    }

    /** Where adverts stand, and what came of them. */
    public function adverts(Request $request, App $app, string $set): JsonResponse
    {
        $space = Space::of($app, DataSet::from($set)) ?? abort(404);
        $founder = $request->user();
        $isPractice = Practice::isAt((new Exchange($app, $space->set))->url());

        $desk = new AdvertDesk($space);

        return response()->json([
            'places' => $desk->figures(self::DAYS, new DateTimeImmutable()),
            'byDay' => $desk->sums('day', self::DAYS, new DateTimeImmutable()),
            'byCountry' => $desk->sums('country', self::DAYS, new DateTimeImmutable()),
            'system' => $desk->systemSaid(self::DAYS, new DateTimeImmutable()),
            'days' => self::DAYS,
            'bunting' => $isPractice ? Practice::desk('bunting', $founder instanceof Founder ? $founder : null) : '',
        ]);
    }

    /** What adverts would bring, beside a membership. */
    public function foresee(Request $request, App $app): JsonResponse
    {
        $told = $request->validate(ForecastDesk::rules() + ['keep' => ['sometimes', 'boolean']]);
        $desk = new ForecastDesk($app);
        $assumed = $desk->assumed($told);
        if ($told['keep'] ?? false) {
            $desk->keep($assumed);
        }

        return response()->json([
            'assumed' => $assumed,
            'forecast' => $desk->forecast($assumed),
            'measured' => $desk->measured(new DateTimeImmutable()),
            'currency' => $desk->currency(),
        ]);
    }

    /** The price of a plan is to be paid by those who pay less. */
    public function raise(Request $request, App $app, string $set): JsonResponse
    {
        $told = $request->validate([
            'product' => ['required', 'string', 'max:100'],
            'plan' => ['required', 'string', 'max:100'],
            'days' => ['required', 'integer', 'min:'.PriceRises::SOONEST, 'max:365'],
            'asks' => ['required', 'boolean'],
        ]);
        $space = Space::of($app, DataSet::from($set)) ?? abort(404);
        $product = $space->blueprint()->product($told['product']) ?? abort(404);
        try {
            (new PriceRises($space))->begin($product, $told['plan'], (int) $told['days'], (bool) $told['asks'], new DateTimeImmutable());
        } catch (Refused $refused) {
            abort(422, $refused->getMessage());
        }

        return response()->json((new Shelves($space))->state());
    }

    /** The purchases of the sandbox on an axis of time, and what they have brought until a moment. */
    public function tide(Request $request, App $app): JsonResponse
    {
        return response()->json(self::seen($request, $app));
    }

    /** One more made-up customer. */
    public function tell(Request $request, App $app): JsonResponse
    {
        $told = $request->validate([
            'person' => ['required', 'integer', 'min:1'],
            'product' => ['required', 'string', 'max:100'],
            'plan' => ['nullable', 'string', 'max:100'],
            'story' => ['required', Rule::in(array_map(fn (Story $s): string => $s->name, Story::cases()))],
            'sold' => ['required', Rule::enum(Sold::class)->only(Sold::kinds())],
            'country' => ['sometimes', 'string', Rule::in(array_keys(Country::all()))],
            'from' => ['bail', 'required', 'string', 'date', 'after:2000-01-01', 'before:2100-01-01'],
            'now' => ['bail', 'nullable', 'string', 'date', 'after:2000-01-01', 'before:2200-01-01'],
        ]);
        [$space, $row] = self::somebody($app, 'sandbox', (int) $told['person']);
        $product = $space->blueprint()->product($told['product']) ?? abort(404);
        $plan = $product->plan((string) ($told['plan'] ?? ''));
        $sellable = $product->sold === Product::SUBSCRIPTION ? $plan !== null && $plan->isWhole() : $product->hasPrice();
        abort_unless($sellable, 422, 'That cannot be bought yet: a price is missing.');
        $story = array_values(array_filter(Story::cases(), fn (Story $s): bool => $s->name === $told['story']))[0];
        $sold = Sold::from($told['sold']);
        $bought = $product->sold === Product::SUBSCRIPTION ? $plan : null;
        (new Tide($space))->tell($row, $product, $bought, $story, $sold, new DateTimeImmutable($told['from']), $told['country'] ?? 'DE');

        return response()->json(self::seen($request, $app));
    }

    /** A made-up customer is forgotten. */
    public function forget(Request $request, App $app, int $purchase): JsonResponse
    {
        $request->validate(['now' => ['bail', 'nullable', 'string', 'date', 'after:2000-01-01', 'before:2200-01-01']]);
        abort_unless((new Tide(Space::sandbox($app)))->forget($purchase), 404);

        return response()->json(self::seen($request, $app));
    }

    /** @return array<string, mixed> */
    private static function seen(Request $request, App $app): array
    {
        $told = $request->validate([
            'now' => ['bail', 'nullable', 'string', 'date', 'after:2000-01-01', 'before:2200-01-01'],
            'before' => ['sometimes', 'integer', 'min:0', 'max:1000000000'],
        ]);

        return (new Tide(Space::sandbox($app)))->at(new DateTimeImmutable($told['now'] ?? 'now'), (int) ($told['before'] ?? 0));
    }

    /** @param  list<Product>  $products */
    private static function chosen(array $products, string $key): ?Product
    {
        foreach ($products as $product) {
            if ($product->key() === $key) {
                return $product;
            }
        }

        return $products[0] ?? null;
    }

    /** @return array{Space, Row} */
    private static function somebody(App $app, string $set, int $person): array
    {
        $space = Space::of($app, DataSet::from($set)) ?? abort(404);
        $people = $space->blueprint()->peopleTable() ?? abort(404);

        return [$space, $space->store()->byIds($people, [$person])[$person] ?? abort(404)];
    }

    /** @return array<string, mixed> as PersonsPurchases in docs/studio.schema.json */
    private static function told(Space $space, Row $row): array
    {
        return [
            'person' => ['id' => $row->id, 'name' => $row->label()],
            'products' => array_map(fn (Product $p): array => ['key' => $p->key(), 'name' => $p->name], $space->blueprint()->products),
            'purchases' => (new PurchaseBook($space))->of($row, new DateTimeImmutable()),
        ];
    }
}
