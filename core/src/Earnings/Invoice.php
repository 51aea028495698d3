<?php

declare(strict_types=1);

namespace Lanai\Core\Earnings;

use DOMDocument;
use DOMElement;
use Lanai\Core\Values\Currency;

/** A receipt as an electronic invoice: EN 16931 in the syntax of UBL 2.1 (ISO/IEC 19845), for companies. */
final class Invoice
{
    private const CBC = 'urn:oasis:names:specification:ubl:schema:xsd:CommonBasicComponents-2';

    private const CAC = 'urn:oasis:names:specification:ubl:schema:xsd:CommonAggregateComponents-2';

    /** Codes of UNTDID 1001: a commercial invoice, and a credit note. */
    private const KINDS = ['Invoice' => '380', 'CreditNote' => '381'];

    private DOMDocument $document;

    private function __construct(private readonly Receipt $receipt)
    {
        $this->document = new DOMDocument('1.0', 'UTF-8');
        $this->document->formatOutput = true;
    }

    /**
     * @param  string  $buyer  the company's name
     * @param  string  $vat  its VAT identification number; '' for none
     * @param  string  $country  where it is, ISO 3166-1
     */
    public static function xml(Receipt $receipt, string $buyer, string $vat, string $country): string
    {
        $self = new self($receipt);

        return (string) $self->written($buyer, $vat, $country)->saveXML();
    }

    private function written(string $buyer, string $vat, string $country): DOMDocument
    {
        $of = $this->receipt;
        $kind = $of->back ? 'CreditNote' : 'Invoice';
        $root = $this->document->createElementNS("urn:oasis:names:specification:ubl:schema:xsd:$kind-2", $kind);
        $root->setAttributeNS('http://www.w3.org/2000/xmlns/', 'xmlns:cac', self::CAC);
        $root->setAttributeNS('http://www.w3.org/2000/xmlns/', 'xmlns:cbc', self::CBC);
        $this->document->appendChild($root);
        $day = $of->at->format('Y-m-d');
        $this->basic($root, 'CustomizationID', 'urn:cen.eu:en16931:2017');
        $this->basic($root, 'ID', (string) $of->number);
        $this->basic($root, 'IssueDate', $day);
        // What was paid by card is due on the day on which it was paid; a credit note has no such line.
        $of->back ?: $this->basic($root, 'DueDate', $day);
        $this->basic($root, "{$kind}TypeCode", self::KINDS[$kind]);
        $this->basic($root, 'DocumentCurrencyCode', $of->currency);
        if ($of->of !== null) {
            $this->basic($this->part($this->part($root, 'BillingReference'), 'InvoiceDocumentReference'), 'ID', (string) $of->of);
        }
        $seller = $of->seller;
        $this->party($root, 'AccountingSupplierParty', $seller->name, $seller->vat, $seller->country, $seller);
        $this->party($root, 'AccountingCustomerParty', $buyer, $vat, $country);
        $tax = $this->part($root, 'TaxTotal');
        $this->amount($tax, 'TaxAmount', $of->tax());
        $sub = $this->part($tax, 'TaxSubtotal');
        $this->amount($sub, 'TaxableAmount', $of->net);
        $this->amount($sub, 'TaxAmount', $of->tax());
        $this->category($sub, 'TaxCategory');
        $total = $this->part($root, 'LegalMonetaryTotal');
        $this->amount($total, 'LineExtensionAmount', $of->net);
        $this->amount($total, 'TaxExclusiveAmount', $of->net);
        $this->amount($total, 'TaxInclusiveAmount', $of->gross);
        $this->amount($total, 'PrepaidAmount', $of->gross);
        $this->amount($total, 'PayableAmount', 0);
        $line = $this->part($root, "{$kind}Line");
        $this->basic($line, 'ID', '1');
        $this->basic($line, $of->back ? 'CreditedQuantity' : 'InvoicedQuantity', '1')->setAttribute('unitCode', 'C62');
        $this->amount($line, 'LineExtensionAmount', $of->net);
        $item = $this->part($line, 'Item');
        $this->basic($item, 'Name', $of->item);
        $this->category($item, 'ClassifiedTaxCategory');
        $this->amount($this->part($line, 'Price'), 'PriceAmount', $of->net);

        return $this->document;
    }

    private function party(DOMElement $in, string $role, string $name, string $vat, string $country, ?Seller $at = null): void
    {
        $party = $this->part($this->part($in, $role), 'Party');
        $address = $this->part($party, 'PostalAddress');
        foreach ($at === null ? [] : ['StreetName' => $at->street, 'CityName' => $at->city, 'PostalZone' => $at->code] as $part => $text) {
            $text === '' ?: $this->basic($address, $part, $text);
        }
        $this->basic($this->part($address, 'Country'), 'IdentificationCode', $country);
        if ($vat !== '') {
            $scheme = $this->part($party, 'PartyTaxScheme');
            $this->basic($scheme, 'CompanyID', $vat);
            $this->basic($this->part($scheme, 'TaxScheme'), 'ID', 'VAT');
        }
        $this->basic($this->part($party, 'PartyLegalEntity'), 'RegistrationName', $name);
    }

    /** Standard rate, or zero (UNCL 5305). */
    private function category(DOMElement $in, string $name): void
    {
        $category = $this->part($in, $name);
        $this->basic($category, 'ID', (float) $this->receipt->rate > 0 ? 'S' : 'Z');
        $this->basic($category, 'Percent', $this->receipt->rate);
        $this->basic($this->part($category, 'TaxScheme'), 'ID', 'VAT');
    }

    private function amount(DOMElement $in, string $name, int $minor): void
    {
        $digits = Currency::digits($this->receipt->currency);
        $this->basic($in, $name, number_format($minor / 10 ** $digits, $digits, '.', ''))->setAttribute('currencyID', $this->receipt->currency);
    }

    private function basic(DOMElement $in, string $name, string $text): DOMElement
    {
        $element = $this->document->createElementNS(self::CBC, "cbc:$name");
        $element->appendChild($this->document->createTextNode($text));
        $in->appendChild($element);

        return $element;
    }

    private function part(DOMElement $in, string $name): DOMElement
    {
        $element = $this->document->createElementNS(self::CAC, "cac:$name");
        $in->appendChild($element);

        return $element;
    }
}
