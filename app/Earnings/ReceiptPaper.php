<?php

declare(strict_types=1);

namespace App\Earnings;

use Dompdf\Dompdf;
use Dompdf\Options;
use Lanai\Core\Earnings\Receipt;
use Lanai\Core\Values\Currency;

/** A receipt as it is read: a text for a letter, and a page for a printer. */
final class ReceiptPaper
{
    /** @return list<array{string, string}> what it says, line by line: what it is, and how much or who */
    public static function lines(Receipt $receipt): array
    {
        $seller = $receipt->seller;

        return array_values(
            array_filter(
                [
                    ['Day', $receipt->at->format('j F Y')],
                    ['Sold by', implode(', ', array_filter([$seller->name, $seller->street, trim("$seller->code $seller->city"), $seller->country]))],
                    ['VAT number', $seller->vat],
                    ['To', $receipt->buyer],
                    ['What', $receipt->item],
                    ['Without tax', self::amount($receipt, $receipt->net)],
                    ["Tax, $receipt->rate % in $receipt->country", self::amount($receipt, $receipt->tax())],
                    [$receipt->back ? 'Given back' : 'Paid by card', self::amount($receipt, $receipt->gross)],
                    ['For receipt', (string) $receipt->of],
                ],
                fn (array $line): bool => $line[1] !== '',
            ),
        );
    }

    public static function letter(Receipt $receipt, string $address): string
    {
        $lines = array_map(fn (array $line): string => "$line[0]: $line[1]", self::lines($receipt));

        return implode("\n", [$receipt->name(), '', ...$lines, '', "As a page to print: $address"]);
    }

    /** The bytes of a PDF of one page. Nothing is fetched for it. */
    public static function pdf(Receipt $receipt): string
    {
        $options = new Options();
        $options->setIsRemoteEnabled(false);
        $options->setIsPhpEnabled(false);
        $options->setIsJavascriptEnabled(false);
        $options->setDefaultFont('DejaVu Sans');
        foreach (['setTempDir', 'setFontDir', 'setFontCache'] as $where) {
            is_dir($folder = storage_path('framework/pdf')) || mkdir($folder, 0700, true);
            $options->$where($folder);
        }
        $rows = array_map(fn (array $line): string => '<tr><th>'.e($line[0]).'</th><td>'.e($line[1]).'</td></tr>', self::lines($receipt));
        $paper = new Dompdf($options);
        $paper->setPaper('A4');
        $paper->loadHtml(
            '<!doctype html><html lang="en"><head><meta charset="utf-8"><title>'.e($receipt->name()).'</title><style>'
                .'body{font-family:"DejaVu Sans";font-size:11pt;color:#13292b;margin:40pt}h1{font-size:20pt;font-weight:normal}'
                .'table{width:100%;border-collapse:collapse;margin-top:24pt}th,td{text-align:left;vertical-align:top;padding:6pt 0;'
                .'border-bottom:.5pt solid #b9c5c4}th{width:38%;font-weight:normal;color:#4b5f61}</style></head><body><p>'.e($receipt->seller->name).'</p>'
                .'<h1>'.e($receipt->name()).'</h1><table>'.implode('', $rows).'</table></body></html>',
        );
        $paper->render();

        return (string) $paper->output();
    }

    private static function amount(Receipt $receipt, int $minor): string
    {
        $digits = Currency::digits($receipt->currency);

        return number_format($minor / 10 ** $digits, $digits, '.', '')." $receipt->currency";
    }
}
