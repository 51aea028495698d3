<?php

declare(strict_types=1);

namespace Standins\Bunting;

use DateTimeImmutable;
use DateTimeZone;
use Standins\Answer;
use Standins\Page;
use Standins\Till\Drawer;

/**
 * An exchange of adverts, for practice: seven made-up advertisers bid by what an app is about, where and when, each with a budget for the day that it
 * spends evenly. It is asked as OpenRTB 2.6 says and answers with adverts that are data (OpenRTB Native 1.2).
 */
final readonly class Bunting
{
    /** What goes wrong by arrangement. */
    public const MODES = [
        '' => 'as it should',
        'none' => 'with no advert',
        'slow' => 'too late, after two seconds',
        'malformed' => 'with broken JSON',
        'size' => 'with adverts of another size',
        'unwanted' => 'with what nobody wants',
        'dear' => 'at a price that is a mistake',
        'inside' => 'with adverts that lead inside',
        'loud' => 'with far too many words',
    ];

    /** Name, domain, category of IAB content taxonomy 1.0 (from memory), price for a thousand, budget for a day, words, button. */
    private const ADVERTISERS = [
        ['Harbour bakery', 'harbour-bakery.example', 'IAB8-9', 1.8, 12.0, 'Warm rolls from six o’clock on', 'See more'],
        ['North wool', 'north-wool.example', 'IAB18-5', 2.6, 20.0, 'Caps that stay warm when they are wet', 'Look'],
        ['Ferry line Sund', 'ferry-sund.example', 'IAB20-18', 3.4, 25.0, 'Over the water and back in a day', 'Times'],
        ['Lamp & wick', 'lamp-and-wick.example', 'IAB10-3', 1.2, 8.0, 'Lanterns made by hand', 'Look'],
        ['Card room Ace', 'card-room-ace.example', 'IAB9-7', 4.8, 30.0, 'The game of your life', 'Play'],
        ['Party for tomorrow', 'party-tomorrow.example', 'IAB11-4', 3.9, 15.0, 'Vote for tomorrow', 'Read'],
        ['Salt & stone', 'salt-and-stone.example', 'IAB18-2', 2.1, 14.0, 'Soap that knows the sea', 'Try it'],
    ];

    private const SIZES = ['strip' => [320, 50], 'large strip' => [320, 100], 'box' => [300, 250], 'page' => [320, 480]];

    private const HUES = [[122, 74, 42], [42, 74, 122], [31, 111, 120], [138, 106, 31], [122, 31, 58], [58, 58, 122], [63, 106, 74]];

    private const PICTURE = '~^/picture/(\d)/(\d{2,4})x(\d{2,4})\.png$~';

    /** @param  string  $token  the key of those who may ask it */
    public function __construct(private Drawer $drawer, private string $address, private string $token)
    {
    }

    /**
     * @param  array<string, mixed>  $query
     * @param  array<string, mixed>  $form
     * @param  array<string, string>  $headers  by name in small letters
     */
    public function answer(string $method, string $path, array $query, array $form, array $headers, string $body): Answer
    {
        if (preg_match(self::PICTURE, $path, $found)) {
            return $this->picture((int) $found[1], (int) $found[2], (int) $found[3]);
        }
        if (preg_match('~^/lands/(\d)$~', $path, $found)) {
            return $this->lands((int) $found[1]);
        }
        if (preg_match('~^/(won|billed|seen)/([0-9a-f]{24})$~', $path, $found)) {
            return $this->told($found[1], $found[2], is_string($query['p'] ?? null) ? (float) $query['p'] : 0.0);
        }
        if ($path === '/') {
            return $this->page($method, $form);
        }
        if ($this->token === '' || ! hash_equals("Bearer $this->token", $headers['authorization'] ?? '')) {
            return Answer::problem(401, 'This key is not known.');
        }
        $asked = json_decode($body, true);

        return $method === 'POST' && $path === '/bid' && is_array($asked) ? $this->bid($asked) : Answer::problem(404, 'There is nothing here.');
    }

    /** @return array<string, mixed> what it remembers */
    private function all(): array
    {
        return $this->drawer->read();
    }

    /** @param  array<string, mixed>  $asked */
    private function bid(array $asked): Answer
    {
        $mode = (string) ($this->all()['mode'] ?? '');
        if ($mode === 'slow') {
            sleep(2);
        }
        if ($mode === 'malformed') {
            return new Answer(200, '{"id":"'.substr((string) json_encode($asked['id'] ?? ''), 1, 5), ['Content-Type' => 'application/json']);
        }
        $place = is_array($asked['imp'][0] ?? null) ? $asked['imp'][0] : null;
        if ($mode === 'none' || $place === null || ! is_string($asked['id'] ?? null)) {
            return new Answer(204, '', []);
        }
        $currency = is_string($asked['cur'][0] ?? null) ? $asked['cur'][0] : 'EUR';
        $bids = $this->drawer->change(function (array &$all) use ($asked, $place, $mode): array {
            $bids = [];
            $now = new DateTimeImmutable('now', new DateTimeZone('UTC'));
            foreach (self::ADVERTISERS as $n => $advertiser) {
                $bid = $this->offer($n, $advertiser, $asked, $place, $mode, $all['spent'][$now->format('Y-m-d')][$n] ?? 0.0, $now);
                if ($bid !== null) {
                    $all['bids'][$bid['id']] = ['by' => $n, 'price' => $bid['price'], 'at' => $now->getTimestamp()];
                    $bids[] = $bid;
                }
            }
            $all['asked'] = ($all['asked'] ?? 0) + 1;

            return $bids;
        });

        return $bids === [] ? new Answer(204, '', []) : Answer::json(200, [
            'id' => $asked['id'],
            'cur' => $currency,
            'seatbid' => array_map(fn (array $bid): array => ['seat' => $bid['adomain'][0], 'bid' => [$bid]], $bids),
        ]);
    }

    /**
     * What an advertiser offers for a place; null for nothing.
     *
     * @param  array{string, string, string, float, float, string, string}  $advertiser
     * @param  array<string, mixed>  $asked
     * @param  array<string, mixed>  $place
     * @return array<string, mixed>|null
     */
    private function offer(int $n, array $advertiser, array $asked, array $place, string $mode, float $spent, DateTimeImmutable $now): ?array
    {
        [$name, $domain, $category, $price, $budget, $words, $button] = $advertiser;
        $blocked = array_filter(is_array($asked['bcat'] ?? null) ? $asked['bcat'] : [], is_string(...));
        $isBlocked = array_filter($blocked, fn (string $not): bool => $category === $not || str_starts_with($category, "$not-")) !== [];
        // Spent evenly over the day, with an hour's head start.
        $day = ((int) $now->format('G') + 1) / 24;
        if (($mode !== 'unwanted' && $isBlocked) || $spent >= $budget * min(1.0, $day)) {
            return null;
        }
        $user = is_array($asked['user'] ?? null) ? $asked['user'] : [];
        $country = is_array($asked['device']['geo'] ?? null) ? (string) ($asked['device']['geo']['country'] ?? '') : '';
        // Who is known is worth more, and where more people buy; the morning is worth more to a bakery than to others.
        $price *= isset($user['id']) ? 1.4 : 1.0;
        $price *= ['CHE' => 1.5, 'NOR' => 1.4, 'DEU' => 1.2, 'USA' => 1.3][$country] ?? 1.0;
        $price *= $n === 0 && (int) $now->format('G') < 10 ? 1.6 : 1.0;
        $price = round($mode === 'dear' ? 4000.0 : $price, 4);
        if ($price < (float) ($place['bidfloor'] ?? 0)) {
            return null;
        }
        [$width, $height] = self::SIZES[is_string($place['ext']['size'] ?? null) ? $place['ext']['size'] : ''] ?? self::SIZES['strip'];
        [$width, $height] = $mode === 'size' ? [728, 90] : [$width, $height];
        $id = bin2hex(random_bytes(12));
        $native = [
            'assets' => [
                ['id' => 1, 'title' => ['text' => $mode === 'loud' ? str_repeat("$name! ", 30) : $name]],
                ['id' => 2, 'img' => ['url' => "$this->address/picture/$n/{$width}x$height.png", 'w' => $width, 'h' => $height]],
                ['id' => 3, 'data' => ['value' => $words]],
                ['id' => 4, 'data' => ['value' => $button]],
            ],
            'link' => ['url' => "$this->address/lands/$n"],
            'imptrackers' => ["$this->address/seen/$id"],
        ];

        return [
            'id' => $id,
            'impid' => (string) ($place['id'] ?? '1'),
            'price' => $price,
            'adm' => json_encode(['native' => $native]),
            'adomain' => [$domain],
            'cat' => [$mode === 'unwanted' ? 'IAB25-3' : $category],
            'crid' => "bunting-$n",
            'nurl' => "$this->address/won/$id?p=\${AUCTION_PRICE}",
            'burl' => "$this->address/billed/$id?p=\${AUCTION_PRICE}",
            'w' => $width,
            'h' => $height,
        ];
    }

    /** What it hears of an offer: each once. */
    private function told(string $what, string $id, float $price): Answer
    {
        $known = $this->drawer->change(function (array &$all) use ($what, $id, $price): bool {
            $bid = $all['bids'][$id] ?? null;
            if ($bid === null || abs($bid['price'] - $price) > 0.001 && $what !== 'seen') {
                return false;
            }
            if (! isset($bid[$what])) {
                $all['bids'][$id][$what] = true;
                $all['told'][$what] = ($all['told'][$what] ?? 0) + 1;
                if ($what === 'billed') {
                    $day = gmdate('Y-m-d', $bid['at']);
                    $all['spent'][$day][$bid['by']] = ($all['spent'][$day][$bid['by']] ?? 0.0) + $bid['price'] / 1000;
                }
            }

            return true;
        });

        return $known ? new Answer(204, '', []) : Answer::problem(404, 'Nothing was offered so.');
    }

    private function lands(int $n): Answer
    {
        if (($this->all()['mode'] ?? '') === 'inside') {
            return new Answer(302, '', ['Location' => 'http://10.0.0.1/admin']);
        }
        [$name, $domain] = self::ADVERTISERS[$n] ?? self::ADVERTISERS[0];

        return Page::of($name, '<small>An advertiser, for practice</small><h1>'.Page::text($name).'</h1><p>'.Page::text($domain).' is made up.</p>');
    }

    private function picture(int $n, int $width, int $height): Answer
    {
        $picture = imagecreatetruecolor(max(1, min(1200, $width)), max(1, min(1200, $height)));
        $hue = self::HUES[$n % 7];
        for ($y = 0; $y < imagesy($picture); $y++) {
            $light = $y / max(1, imagesy($picture));
            $part = fn (int $value): int => (int) min(255, $value + 70 * $light);
            imageline($picture, 0, $y, imagesx($picture), $y, (int) imagecolorallocate($picture, $part($hue[0]), $part($hue[1]), $part($hue[2])));
        }
        $pale = (int) imagecolorallocatealpha($picture, 255, 255, 255, 90);
        for ($i = 0; $i < 4; $i++) {
            imagefilledellipse($picture, imagesx($picture) - 20 * $i, intdiv(imagesy($picture), 2), imagesy($picture), imagesy($picture), $pale);
        }
        ob_start();
        imagepng($picture);

        return Answer::file((string) ob_get_clean(), 'image/png');
    }

    /** @param  array<string, mixed>  $form */
    private function page(string $method, array $form): Answer
    {
        if ($method === 'POST') {
            $mode = is_string($form['mode'] ?? null) && isset(self::MODES[$form['mode']]) ? $form['mode'] : '';
            $this->drawer->change(fn (array &$all): string => $all['mode'] = $mode);

            return new Answer(303, '', ['Location' => "$this->address/"]);
        }
        $all = $this->all();
        $modes = '';
        foreach (self::MODES as $key => $words) {
            $is = ($all['mode'] ?? '') === $key ? ' checked' : '';
            $modes .= "<label><input type=\"radio\" name=\"mode\" value=\"$key\"$is> ".Page::text($words).'</label>';
        }
        $rows = '';
        foreach (self::ADVERTISERS as $n => [$name, , , $price, $budget]) {
            $spent = number_format($all['spent'][gmdate('Y-m-d')][$n] ?? 0.0, 4);
            $rows .= '<tr><td>'.Page::text($name)."</td><td>$price for a thousand</td><td>$spent of $budget today</td></tr>";
        }
        $told = $all['told'] ?? [];

        return Page::of(
            'Bunting',
            '<small>An exchange of adverts, for practice</small><h1>Bunting</h1><p>Asked '.(int) ($all['asked'] ?? 0).' times; '.(int) ($told['won'] ?? 0).
                ' shown, '.(int) ($told['billed'] ?? 0)." billed.</p><table>$rows</table><form method=\"post\"><h2>It answers</h2>$modes".
                '<p><button class="main">So be it</button></p></form>',
        );
    }
}
