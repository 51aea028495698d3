<?php

declare(strict_types=1);

namespace Lanai\Core\Services;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use Lanai\Core\Model\Services\Price;
use Lanai\Core\Model\Services\Service;

/** What calls cost by a price list. */
final class Cost
{
    /** A token is about four characters of English: common practice of providers, no source. */
    private const CHARACTERS_OF_A_TOKEN = 4;

    public static function tokens(string $text): int
    {
        return (int) ceil(mb_strlen($text) / self::CHARACTERS_OF_A_TOKEN);
    }

    /** @param  int|null  $cost  millionths of the service's currency */
    public static function written(?int $cost, Service $service): ?string
    {
        return $cost === null ? null : rtrim(rtrim(number_format($cost / 1e6, 6, '.', ''), '0'), '.').' '.$service->currency;
    }

    /**
     * @param  array<array-key, mixed>  $meter  {model, in, out, pictures, size, characters}, as far as they are known
     * @return int|null millionths of the service's currency; null where the price list does not say
     */
    public static function of(Service $service, array $meter): ?int
    {
        $model = is_string($meter['model'] ?? null) ? $meter['model'] : '';
        // A price for this size takes the place of one for all sizes.
        $sized = is_string($meter['size'] ?? null) ? $meter['size'] : '';
        $size =
            array_filter(
                $service->prices,
                fn (Price $p): bool => $p->for === 'picture' && $p->size === $sized && ($p->model === '' || $p->model === $model),
            ) === []
                ? ''
                : $sized;
        $total = BigDecimal::zero();
        $priced = false;
        foreach ($service->prices as $price) {
            if (($price->model !== '' && $price->model !== $model) || ($price->for === 'picture' && $price->size !== $size)) {
                continue;
            }
            $amount = BigDecimal::of($price->amount === '' ? '0' : $price->amount);
            $many = match ($price->for) {
                'in' => self::many($meter, 'in'),
                'out' => self::many($meter, 'out'),
                'picture' => self::many($meter, 'pictures') * 1_000_000,
                'characters' => self::many($meter, 'characters'),
                'call' => 1_000_000,
                default => 0,
            };
            $priced = true;
            $total = $total->plus($amount->multipliedBy($many));
        }

        return $priced ? $total->toScale(0, RoundingMode::UP)->toInt() : null;
    }

    /** @param  array<array-key, mixed>  $meter */
    private static function many(array $meter, string $key): int
    {
        return is_int($meter[$key] ?? null) ? $meter[$key] : 0;
    }
}
