<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Earnings\PurchaseBook;
use App\Earnings\ReceiptPaper;
use App\Earnings\Receipts;
use App\Earnings\Report;
use App\Models\App;
use App\Records\DataSet;
use App\Space;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Lanai\Core\Earnings\Invoice;
use Lanai\Core\Earnings\Period;
use Lanai\Core\Earnings\Receipt;
use Lanai\Core\Earnings\VatId;
use Lanai\Core\Exchange\CsvWriter;
use Lanai\Core\Values\Currency;
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
            'seller' => (new Receipts($space))->seller()->data(),
            'receipts' => array_map(self::told(...), (new Receipts($space))->in($period)),
            'receiptsInAll' => (new Receipts($space))->count($period),
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

    /** Who sells, as receipts name them from now on. */
    public function seller(Request $request, App $app, string $set): JsonResponse
    {
        $told = $request->validate([
            'name' => ['required', 'string', 'max:200'],
            'street' => ['nullable', 'string', 'max:200'],
            'code' => ['nullable', 'string', 'max:20'],
            'city' => ['nullable', 'string', 'max:100'],
            'country' => ['nullable', 'string', 'regex:/^[A-Z]{2}$/'],
            'vat' => ['nullable', 'string', 'max:20'],
        ]);
        $vat = VatId::plain((string) ($told['vat'] ?? ''));
        $wrong = $vat === '' ? '' : VatId::wrong($vat);
        abort_if($wrong !== '', 422, $wrong);
        $app->forceFill(['seller' => ['vat' => $vat] + array_map(strval(...), $told) + ($app->seller ?? [])])->save();

        return response()->json(['seller' => (new Receipts(Space::of($app, DataSet::from($set)) ?? abort(404)))->seller()->data()]);
    }

    /** A receipt as a page to print. */
    public function receipt(App $app, string $set, int $number): Response
    {
        return self::printed(Space::of($app, DataSet::from($set)) ?? abort(404), $number);
    }

    /** The same, for whoever was sent its address. */
    public function paper(string $set, string $slug, int $number): Response
    {
        $app = App::query()
            ->with(['revision', 'liveRevision'])
            ->where('slug', $slug)
            ->firstOrFail();

        return self::printed(Space::of($app, DataSet::from($set)) ?? abort(404), $number);
    }

    /** A receipt as an electronic invoice for a company. */
    public function invoice(Request $request, App $app, string $set, int $number): Response
    {
        $told = $request->validate([
            'buyer' => ['required', 'string', 'max:200'],
            'vat' => ['nullable', 'string', 'max:20'],
            'country' => ['required', 'string', 'regex:/^[A-Z]{2}$/'],
        ]);
        $receipt = (new Receipts(Space::of($app, DataSet::from($set)) ?? abort(404)))->find($number) ?? abort(404);
        $vat = VatId::plain((string) ($told['vat'] ?? ''));
        $wrong = $vat === '' ? '' : VatId::wrong($vat);
        abort_if($wrong !== '', 422, $wrong);
        abort_unless($receipt->seller->isWhole(), 422, 'When this receipt was written, your street, city, country and VAT number were not said yet.');

        return response(Invoice::xml($receipt, $told['buyer'], $vat, $told['country']), 200, [
            'Content-Type' => 'application/xml',
            'Content-Disposition' => "attachment; filename=\"invoice-$number.xml\"",
        ]);
    }

    private static function printed(Space $space, int $number): Response
    {
        $receipt = (new Receipts($space))->find($number) ?? abort(404);

        return response(ReceiptPaper::pdf($receipt), 200, [
            'Content-Type' => 'application/pdf',
            'Content-Disposition' => 'inline; filename="'.strtolower(str_replace(' ', '-', $receipt->name())).'.pdf"',
        ]);
    }

    /** @return array<string, mixed> */
    private static function told(Receipt $receipt): array
    {
        $digits = Currency::digits($receipt->currency);

        return [
            'number' => $receipt->number,
            'back' => $receipt->back,
            'at' => $receipt->at->format('c'),
            'item' => $receipt->item,
            'buyer' => $receipt->buyer,
            'gross' => number_format($receipt->gross / 10 ** $digits, $digits, '.', ''),
            'currency' => $receipt->currency,
        ];
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
