<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Earnings\PurchaseBook;
use App\Earnings\Report;
use App\Models\App;
use App\Records\DataSet;
use App\Space;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Lanai\Core\Earnings\Period;
use Lanai\Core\Exchange\CsvWriter;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** The books of an app: of a month, a quarter or a year. */
final class BooksController
{
    public function show(Request $request, App $app, string $set): JsonResponse
    {
        [$space, $period, $written] = self::asked($request, $app, $set);
        $report = new Report($space);

        return response()->json([
            'period' => $written,
            'inWords' => $period->inWords,
            'accounts' => $report->accounts($period),
            'taxes' => $report->taxes($period),
            'periods' => $report->periods(),
        ]);
    }

    /** Whether every entry balances and follows from the purchases. */
    public function check(App $app, string $set): JsonResponse
    {
        $space = Space::of($app, DataSet::from($set)) ?? abort(404);

        return response()->json(['wrong' => (new PurchaseBook($space))->check()]);
    }

    /** Every line of every entry, for an accountant. */
    public function journal(Request $request, App $app, string $set): StreamedResponse
    {
        [$space, $period, $written] = self::asked($request, $app, $set);

        return response()->streamDownload(
            function () use ($space, $period): void {
                foreach ((new Report($space))->journal($period) as $line) {
                    echo CsvWriter::record($line);
                }
            },
            "journal-$written.csv",
            ['Content-Type' => 'text/csv; charset=utf-8'],
        );
    }

    /** @return array{Space, Period, string} */
    private static function asked(Request $request, App $app, string $set): array
    {
        $told = $request->validate(['period' => ['nullable', 'string', 'max:10']]);
        $written = (string) ($told['period'] ?? '') ?: gmdate('Y-m');
        $period = Period::of($written) ?? abort(422, 'A month is written as 2027-01, a quarter as 2027-Q1, a year as 2027.');

        return [Space::of($app, DataSet::from($set)) ?? abort(404), $period, $written];
    }
}
