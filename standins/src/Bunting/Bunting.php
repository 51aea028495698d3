<?php

declare(strict_types=1);

namespace Standins\Bunting;

use DateTimeImmutable;
use DateTimeZone;
use Standins\Answer;
use Standins\Box;
use Standins\Page;
use Standins\Till\Notice;

/**
 * An exchange of adverts, for practice. It is asked as OpenRTB 2.6 says and answers with adverts that are data (OpenRTB Native 1.2) or films (VAST 4.2); it
 * hears what became of them, says signed who has earned a reward, and pays out.
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
        'wrapped' => 'with films that another document holds',
        'endless' => 'with films that lead on for ever',
        'gone' => 'with films that are not there',
        'forged' => 'with a forged word that a reward was earned',
        'silent' => 'without a word that a reward was earned',
    ];

    private const TOLD = ['won', 'billed', 'seen', 'through', 'click', 'error', 'start', 'firstQuartile', 'midpoint', 'thirdQuartile', 'complete', 'mute',
        'unmute', 'skip', 'closeLinear'];

    private Memory $memory;

    /**
     * @param  string  $token  the key of those who may ask it
     * @param  Box  $box  whose practice it is
     */
    public function __construct(private string $folder, private string $address, private string $token, private Box $box)
    {
        $this->memory = new Memory($folder);
    }

    /**
     * @param  array<string, mixed>  $query
     * @param  array<string, mixed>  $form
     * @param  array<string, string>  $headers  by name in small letters
     */
    public function answer(string $method, string $path, array $query, array $form, array $headers, string $body): Answer
    {
        if ($path === '/') {
            return $this->box->isOpen() ? $this->page($method, $form) : Box::closed();
        }
        if (preg_match('~^/(?:(won|billed)|told)/([0-9a-f]{24})(?:/(\w+))?$~', $path, $found)) {
            $asked = $query === [] ? '' : '?'.(string) ($_SERVER['QUERY_STRING'] ?? http_build_query($query));
            $isSigned = Notices::areSigned($method, "$this->address$path$asked", $headers, $this->token, time());

            return $isSigned ? $this->told($found[1] ?: $found[3] ?? '', $found[2], $query) : Answer::problem(401, 'This is not signed.');
        }

        return $this->open($path) ?? $this->asked($method, $path, $query, $headers, $body);
    }

    /** What everybody may have: pictures, films, pages, keys. */
    private function open(string $path): ?Answer
    {
        if (preg_match('~^/picture/(\d)/(\d{2,4})x(\d{2,4})\.png$~', $path, $found)) {
            return Answer::file(Painter::picture((int) $found[1], (int) $found[2], (int) $found[3]), 'image/png');
        }
        if (preg_match('~^/clip\.(mp4|webm)$~', $path, $found)) {
            return Answer::file((string) file_get_contents(__DIR__."/../../data/clip.$found[1]"), "video/$found[1]");
        }
        if (preg_match('~^/film/([0-9a-f]{24})/([26])\.xml$~', $path, $found)) {
            $mode = $this->memory->mode((string) ($this->memory->bid($found[1])['box'] ?? ''));

            return Answer::file((new Film($this->address, $mode))->of($found[1], (int) $found[2], $mode === 'endless'), 'application/xml');
        }
        if (preg_match('~^/lands/(\d)/([0-9a-f]{24})$~', $path, $found)) {
            return $this->lands((int) $found[1], $found[2]);
        }

        return $path === '/keys' ? Answer::json(200, (new Seal($this->folder))->keys()) : null;
    }

    /**
     * @param  array<string, mixed>  $query
     * @param  array<string, string>  $headers
     */
    private function asked(string $method, string $path, array $query, array $headers, string $body): Answer
    {
        if ($this->token === '' || ! hash_equals("Bearer $this->token", $headers['authorization'] ?? '')) {
            return Answer::problem(401, 'This key is not known.');
        }
        $bundle = is_string($query['bundle'] ?? null) ? $query['bundle'] : '';
        if ($path === '/payouts' && $bundle !== '') {
            return (new Payouts($this->memory, $this->box->name))->of($bundle, ($query['now'] ?? '') === '1');
        }
        $asked = json_decode($body, true);

        return $method === 'POST' && $path === '/bid' && is_array($asked) ? $this->bid($asked) : Answer::problem(404, 'There is nothing here.');
    }

    /** @param  array<string, mixed>  $asked */
    private function bid(array $asked): Answer
    {
        $mode = $this->memory->mode($this->box->name);
        if ($mode === 'slow') {
            sleep(2);
        }
        if ($mode === 'malformed') {
            return new Answer(200, '{"id":"'.substr((string) json_encode($asked['id'] ?? ''), 1, 5), ['Content-Type' => 'application/json']);
        }
        $now = new DateTimeImmutable('now', new DateTimeZone('UTC'));
        $auction = new Auction($asked, $this->address, $mode === 'endless' ? 'wrapped' : $mode, $now);
        if ($mode === 'none' || $auction->place() === null || ! is_string($asked['id'] ?? null)) {
            return new Answer(204, '', []);
        }
        $bids = $this->memory->together(fn (): array => $this->bids($auction, $asked, $now));

        return $bids === [] ? new Answer(204, '', []) : Answer::json(200, [
            'id' => $asked['id'],
            'cur' => self::currency($asked),
            'seatbid' => array_map(fn (array $bid): array => ['seat' => $bid['adomain'][0], 'bid' => [$bid]], $bids),
        ]);
    }

    /**
     * @param  array<string, mixed>  $asked
     * @return list<array<string, mixed>>
     */
    private function bids(Auction $auction, array $asked, DateTimeImmutable $now): array
    {
        $spent = $this->memory->spent($this->box->name, $now->format('Y-m-d'));
        $moods = $this->memory->moods($this->box->name);
        $callback = $auction->place()['ext']['callback'] ?? '';
        $bids = [];
        foreach (array_keys(Auction::ADVERTISERS) as $n) {
            $bid = $auction->bid($n, $spent[$n] ?? 0.0, $moods[$n] ?? 1.0);
            if ($bid !== null) {
                $this->memory->offered($this->box->name, [
                    'id' => $bid['id'],
                    'by' => $n,
                    'price' => $bid['price'],
                    'currency' => self::currency($asked),
                    'at' => $now->getTimestamp(),
                    'bundle' => is_string($asked['app']['bundle'] ?? null) ? $asked['app']['bundle'] : '',
                    'request' => $asked['id'],
                    'callback' => is_string($callback) ? $callback : '',
                ]);
                $bids[] = $bid;
            }
        }
        $this->memory->count($this->box->name, 'asked');
        if (random_int(1, 500) === 1) {
            $this->memory->forget($now->getTimestamp());
        }

        return $bids;
    }

    /** @param  array<string, mixed>  $asked */
    private static function currency(array $asked): string
    {
        return is_string($asked['cur'][0] ?? null) ? $asked['cur'][0] : 'EUR';
    }

    /**
     * What it hears of an offer: each once.
     *
     * @param  array<string, mixed>  $query
     */
    private function told(string $what, string $id, array $query): Answer
    {
        $bid = $this->memory->bid($id);
        $price = is_string($query['p'] ?? null) ? (float) $query['p'] : 0.0;
        $isPriced = ! in_array($what, ['won', 'billed'], true) || abs((float) ($bid['price'] ?? 0) - $price) <= 0.001;
        if ($bid === null || ! $isPriced || ! in_array($what, self::TOLD, true)) {
            return Answer::problem(404, 'Nothing was offered so.');
        }
        $isNew = $this->memory->together(function () use ($bid, $id, $what): bool {
            if (! $this->memory->hears($id, $bid['box'], $what)) {
                return false;
            }
            if ($what === 'billed') {
                $this->memory->spends($bid, gmdate('Y-m-d', $bid['at']));
            } elseif ($what === 'won') {
                $this->thinkAgain($bid['box'], $bid['by']);
            }

            return true;
        });
        if ($isNew && $what === 'complete' && $bid['callback'] !== '') {
            $this->reward($bid);
        }

        return new Answer(204, '', []);
    }

    /** Whoever wins offers a little less the next time, and whoever does not a little more, up to the whole price. */
    private function thinkAgain(string $box, int $winner): void
    {
        $moods = $this->memory->moods($box);
        foreach (array_keys(Auction::ADVERTISERS) as $n) {
            $mood = $moods[$n] ?? 1.0;
            $this->memory->mood($box, $n, $n === $winner ? max(0.7, $mood * 0.98) : min(1.0, $mood * 1.005));
        }
    }

    /** @param  array<string, mixed>  $bid */
    private function reward(array $bid): void
    {
        $mode = $this->memory->mode($bid['box']);
        if ($mode === 'silent') {
            return;
        }
        $claims = ['iss' => $this->address, 'aud' => $bid['bundle'], 'iat' => time(), 'exp' => time() + 300, 'jti' => $bid['id'], 'request' => $bid['request']];
        Notice::send($bid['callback'], (new Seal($this->folder))->sealed($claims, $mode === 'forged'), ['Content-Type' => 'application/jwt']);
    }

    private function lands(int $n, string $bid): Answer
    {
        if ($this->memory->mode((string) ($this->memory->bid($bid)['box'] ?? '')) === 'inside') {
            return new Answer(302, '', ['Location' => 'http://10.0.0.1/admin']);
        }
        [$name, $domain] = Auction::ADVERTISERS[$n] ?? Auction::ADVERTISERS[0];

        return Page::of($name, '<small>An advertiser, for practice</small><h1>'.Page::text($name).'</h1><p>'.Page::text($domain).' is made up.</p>');
    }

    /** @param  array<string, mixed>  $form */
    private function page(string $method, array $form): Answer
    {
        if ($method === 'POST') {
            $mode = is_string($form['mode'] ?? null) && isset(self::MODES[$form['mode']]) ? $form['mode'] : '';
            $this->memory->turn($this->box->name, $mode);

            return new Answer(303, '', ['Location' => "$this->address/?key={$this->box->key}"]);
        }
        $modes = '';
        foreach (self::MODES as $key => $words) {
            $is = $this->memory->mode($this->box->name) === $key ? ' checked' : '';
            $modes .= "<label><input type=\"radio\" name=\"mode\" value=\"$key\"$is> ".Page::text($words).'</label>';
        }
        $rows = '';
        $spent = $this->memory->spent($this->box->name, gmdate('Y-m-d'));
        foreach (Auction::ADVERTISERS as $n => [$name, , , $price, $budget]) {
            $rows .= '<tr><td>'.Page::text($name)."</td><td>$price for a thousand</td><td>".number_format($spent[$n] ?? 0.0, 4)." of $budget today</td></tr>";
        }
        $told = $this->memory->counts($this->box->name) + ['asked' => 0, 'won' => 0, 'billed' => 0, 'complete' => 0];

        return Page::of(
            'Bunting',
            "<small>An exchange of adverts, for practice</small><h1>Bunting</h1><p>Asked $told[asked] times; $told[won] shown, $told[billed] billed, ".
                "$told[complete] films seen to their end.</p><table>$rows</table><form method=\"post\"><h2>It answers</h2>$modes".
                '<p><button class="main">So be it</button></p></form>',
        );
    }
}
