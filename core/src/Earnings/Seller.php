<?php

declare(strict_types=1);

namespace Lanai\Core\Earnings;

/** Who sells, as receipts name them. */
final readonly class Seller
{
    public const FIELDS = ['name', 'street', 'code', 'city', 'country', 'vat'];

    /**
     * @param  string  $country  ISO 3166-1
     * @param  string  $vat  the VAT identification number, such as ATU12345675; '' for none
     */
    public function __construct(
        public string $name,
        public string $street = '',
        public string $code = '',
        public string $city = '',
        public string $country = '',
        public string $vat = '',
    ) {
    }

    /** @param  array<string, mixed>|null  $told */
    public static function of(?array $told, string $app): self
    {
        $text = fn (string $key): string => is_string($told[$key] ?? null) ? trim($told[$key]) : '';

        return new self($text('name') === '' ? $app : $text('name'), ...array_map($text, array_slice(self::FIELDS, 1)));
    }

    /** @return array<string, string> */
    public function data(): array
    {
        return array_combine(self::FIELDS, [$this->name, $this->street, $this->code, $this->city, $this->country, $this->vat]);
    }

    /** Whether an invoice can name them. */
    public function isWhole(): bool
    {
        return $this->street !== '' && $this->city !== '' && $this->country !== '' && $this->vat !== '';
    }
}
