<?php

declare(strict_types=1);

namespace Standins\Bunting;

use DateTimeImmutable;

/** Seven made-up advertisers bid for a place: by what they are about, where and when, with a budget for the day that they spend evenly. */
final readonly class Auction
{
    /** Name, domain, category of IAB content taxonomy 1.0 (from memory), price for a thousand, budget for a day, words, button. */
    public const ADVERTISERS = [
        ['Harbour bakery', 'harbour-bakery.example', 'IAB8-9', 1.8, 12.0, 'Warm rolls from six o’clock on', 'See more'],
        ['North wool', 'north-wool.example', 'IAB18-5', 2.6, 20.0, 'Caps that stay warm when they are wet', 'Look'],
        ['Ferry line Sund', 'ferry-sund.example', 'IAB20-18', 3.4, 25.0, 'Over the water and back in a day', 'Times'],
        ['Lamp & wick', 'lamp-and-wick.example', 'IAB10-3', 1.2, 8.0, 'Lanterns made by hand', 'Look'],
        ['Card room Ace', 'card-room-ace.example', 'IAB9-7', 4.8, 30.0, 'The game of your life', 'Play'],
        ['Party for tomorrow', 'party-tomorrow.example', 'IAB11-4', 3.9, 15.0, 'Vote for tomorrow', 'Read'],
        ['Salt & stone', 'salt-and-stone.example', 'IAB18-2', 2.1, 14.0, 'Soap that knows the sea', 'Try it'],
    ];

    private const SIZES = ['strip' => [320, 50], 'large strip' => [320, 100], 'box' => [300, 250], 'page' => [320, 480], 'reward' => [320, 480]];

    /** Those that have a film. */
    private const FILMED = [2, 6];

    /** A film is worth so many times a picture. */
    private const FILM = 2.5;

    /** @param  array<string, mixed>  $asked  a bid request of OpenRTB 2.6 */
    public function __construct(private array $asked, private string $address, private string $mode, private DateTimeImmutable $now)
    {
    }

    /** @return array<string, mixed>|null the place that is asked for */
    public function place(): ?array
    {
        $places = is_array($this->asked['imp'] ?? null) ? $this->asked['imp'] : [];

        return is_array($places[0] ?? null) ? $places[0] : null;
    }

    /**
     * What an advertiser offers; null for nothing.
     *
     * @param  float  $spent  today
     * @param  float  $mood  what part of its price it thinks is enough: having looked at how often it won, it thinks again
     * @return array<string, mixed>|null a bid of OpenRTB 2.6
     */
    public function bid(int $n, float $spent, float $mood): ?array
    {
        $place = $this->place() ?? [];
        [, $domain, $category, , $budget] = self::ADVERTISERS[$n];
        $blocked = array_filter(is_array($this->asked['bcat'] ?? null) ? $this->asked['bcat'] : [], is_string(...));
        $isBlocked = array_filter($blocked, fn (string $not): bool => $category === $not || str_starts_with($category, "$not-")) !== [];
        // Spent evenly over the day, with an hour's head start.
        $day = ((int) $this->now->format('G') + 1) / 24;
        if (($this->mode !== 'unwanted' && $isBlocked) || $spent >= $budget * min(1.0, $day)) {
            return null;
        }
        $isFilm = is_array($place['video'] ?? null) && in_array($n, self::FILMED, true);
        $price = $this->price($n, $isFilm) * $mood;
        $price = round($this->mode === 'dear' ? 4000.0 : $price, 4);
        if ($price < (float) ($place['bidfloor'] ?? 0) || ! ($isFilm || isset($place['native']))) {
            return null;
        }
        $id = bin2hex(random_bytes(12));
        [$width, $height] = self::SIZES[is_string($place['ext']['size'] ?? null) ? $place['ext']['size'] : ''] ?? self::SIZES['strip'];
        [$width, $height] = $this->mode === 'size' ? [728, 90] : [$width, $height];

        return [
            'id' => $id,
            'impid' => (string) ($place['id'] ?? '1'),
            'price' => $price,
            'adm' => $isFilm ? (new Film($this->address, $this->mode))->of($id, $n, $this->mode === 'wrapped') : $this->painted($id, $n, $width, $height),
            'adomain' => [$domain],
            'cat' => [$this->mode === 'unwanted' ? 'IAB25-3' : $category],
            'crid' => "bunting-$n".($isFilm ? '-film' : ''),
            'mtype' => $isFilm ? 2 : 4,
            'nurl' => "$this->address/won/$id?p=\${AUCTION_PRICE}",
            'burl' => "$this->address/billed/$id?p=\${AUCTION_PRICE}",
            'w' => $width,
            'h' => $height,
        ];
    }

    /** Who is known is worth more, and where more people buy; the morning is worth more to a bakery than to others. */
    private function price(int $n, bool $isFilm): float
    {
        $user = is_array($this->asked['user'] ?? null) ? $this->asked['user'] : [];
        $country = is_array($this->asked['device']['geo'] ?? null) ? (string) ($this->asked['device']['geo']['country'] ?? '') : '';
        $price = self::ADVERTISERS[$n][3] * (isset($user['id']) ? 1.4 : 1.0) * ($isFilm ? self::FILM : 1.0);
        $price *= ['CHE' => 1.5, 'NOR' => 1.4, 'DEU' => 1.2, 'USA' => 1.3][$country] ?? 1.0;

        return $price * ($n === 0 && (int) $this->now->format('G') < 10 ? 1.6 : 1.0);
    }

    private function painted(string $id, int $n, int $width, int $height): string
    {
        [$name, , , , , $words, $button] = self::ADVERTISERS[$n];

        return (string) json_encode(['native' => [
            'assets' => [
                ['id' => 1, 'title' => ['text' => $this->mode === 'loud' ? str_repeat("$name! ", 30) : $name]],
                ['id' => 2, 'img' => ['url' => "$this->address/picture/$n/{$width}x$height.png", 'w' => $width, 'h' => $height]],
                ['id' => 3, 'data' => ['value' => $words]],
                ['id' => 4, 'data' => ['value' => $button]],
            ],
            'link' => ['url' => "$this->address/lands/$n/$id"],
            'imptrackers' => ["$this->address/told/$id/seen"],
        ]]);
    }
}
