<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\App;
use App\Reach\CountBook;
use App\Reach\Figures;
use App\Reach\LineCounts;
use App\Reach\MadeUpPeople;
use App\Records\DataSet;
use App\Space;
use DateTimeImmutable;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Lanai\Core\Text\Names;

/** How many come to an app, and where they go in it. */
final class ReachController
{
    public function show(App $app, string $set): JsonResponse
    {
        $space = Space::of($app, DataSet::from($set)) ?? abort(404);

        return response()->json((new Figures($space))->state(new DateTimeImmutable()));
    }

    /** How often the lines of a screen were tapped. */
    public function lines(App $app, string $set, int $screen): JsonResponse
    {
        $counts = (new LineCounts(Space::of($app, DataSet::from($set)) ?? abort(404)))->of($screen, new DateTimeImmutable());

        return response()->json(['views' => $counts['views'], 'lines' => (object) $counts['lines']]);
    }

    /** Some made-up people come to the sandbox. */
    public function people(Request $request, App $app): JsonResponse
    {
        $request->validate([
            'funnel' => ['required', 'string', 'max:100'],
            'seed' => ['required', 'integer', 'min:0', 'max:2000000000'],
            'from' => ['required', 'integer', 'min:0', 'max:'.MadeUpPeople::LAST],
            'count' => ['required', 'integer', 'min:1', 'max:'.MadeUpPeople::MOST],
            'goesOn' => ['required', 'array', 'size:2'],
            'goesOn.*' => ['required', 'integer', 'min:0', 'max:100'],
        ], ['*' => 'Please write whole numbers: how many people, and how many of a hundred go on, from 0 to 100.']);
        $space = Space::of($app, DataSet::Sandbox) ?? abort(404);
        $goesOn = array_map(fn (mixed $percent): float => (is_numeric($percent) ? (int) $percent : 0) / 100, $request->array('goesOn'));
        $come = (new MadeUpPeople($space))->come(
            Names::inStorage($request->string('funnel')->value()),
            $request->integer('seed'),
            $request->integer('from'),
            $request->integer('count'),
            [$goesOn[0], $goesOn[1]],
            now()->getTimestamp(),
        );
        abort_unless($come, 422, 'There is no such funnel in this app any more, or one of its screens is not there.');

        return $this->show($app, DataSet::Sandbox->value);
    }

    /** All that was counted in the sandbox goes. */
    public function forget(App $app): JsonResponse
    {
        (new CountBook(Space::of($app, DataSet::Sandbox) ?? abort(404)))->forgetAll();

        return $this->show($app, DataSet::Sandbox->value);
    }
}
