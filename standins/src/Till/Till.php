<?php

declare(strict_types=1);

namespace Standins\Till;

use DateTimeImmutable;
use DateTimeZone;
use Standins\Answer;
use Standins\Page;

/**
 * A provider of card payments, for practice: a page of its own takes the card, so that no app ever sees it; what is paid again and again it renews by
 * itself. Apps ask it over HTTP with a key. Amounts are in minor units, periods as in ISO 8601, such as P1M.
 */
final readonly class Till
{
    /** Cards that can be tried, and what comes of each. */
    public const CARDS = [
        '4000000000000002' => ['is paid', ''],
        '4000000000003006' => ['asks for a code first, and is paid', 'code'],
        '4000000000000010' => ['is declined: not enough money', 'There is not enough money on this card.'],
        '4000000000000028' => ['is declined: it is lost', 'This card was reported lost.'],
        '4000000000000036' => ['is declined: it is stolen', 'This card was reported stolen.'],
        '4000000000000044' => ['is declined: it has expired', 'This card has expired.'],
        '4000000000000051' => ['is declined: wrong check number', 'The check number does not belong to this card.'],
        '4000000000000069' => ['is declined: its bank does not answer', 'The bank of this card does not answer just now.'],
        '4000000000000077' => ['is declined: too many tries', 'This card was tried too often today.'],
        '4000000000000085' => ['is declined: not for payments abroad', 'This card is not made for payments abroad.'],
        '4000000000000093' => ['is declined: taken for fraud', 'This payment was taken for fraud.'],
        '4000000000000101' => ['is declined without a reason', 'The bank of this card said no, and gave no reason.'],
        '4000000000000119' => ['is paid, and fails when it is renewed', ''],
    ];

    private const FAILS_LATER = '4000000000000119';

    /** What is typed where a card asks for a code. */
    private const CODE = '1207';

    private const COUNTRIES = ['DE' => 'Germany', 'AT' => 'Austria', 'FR' => 'France', 'NL' => 'the Netherlands', 'SE' => 'Sweden', 'CH' => 'Switzerland'];

    /** @param  string  $token  the key of those who may ask it */
    public function __construct(private Drawer $drawer, private string $address, private string $token)
    {
    }

    /**
     * @param  array<string, mixed>  $form
     * @param  array<string, string>  $headers  by name in small letters
     */
    public function answer(string $method, string $path, array $form, array $headers, string $body): Answer
    {
        if (preg_match('~^/pay/([0-9a-f]{32})$~', $path, $found)) {
            return $this->paid($method, $found[1], $form);
        }
        if ($this->token === '' || ! hash_equals("Bearer $this->token", $headers['authorization'] ?? '')) {
            return Answer::problem(401, 'This key is not known.');
        }
        $sent = json_decode($body, true);

        return match (true) {
            $method === 'POST' && $path === '/sessions' => $this->begun(is_array($sent) ? $sent : [], $headers['idempotency-key'] ?? ''),
            $method === 'GET' && preg_match('~^/sessions/([0-9a-f]{32})$~', $path, $found) === 1 => $this->told($found[1]),
            $method === 'POST' && preg_match('~^/sessions/([0-9a-f]{32})/(end|stay|refund)$~', $path, $found) === 1 => $this->changed($found[1], $found[2]),
            default => Answer::problem(404, 'There is nothing here.'),
        };
    }

    /** @param  array<string, mixed>  $sent */
    private function begun(array $sent, string $key): Answer
    {
        $text = fn (string $name): string => is_string($sent[$name] ?? null) ? mb_substr($sent[$name], 0, 500) : '';
        $price = $sent['price'] ?? null;
        $isCurrency = preg_match('/^[A-Z]{3}$/', $text('currency')) === 1;
        if (! is_int($price) || $price < 50 || $price > 99_999_999 || ! $isCurrency) {
            return Answer::problem(422, 'A price from 50 to 99999999 minor units and a currency of three letters are needed.');
        }
        if (! preg_match('~^https?://~', $text('back')) || ! preg_match('/^(P[1-9]\d?[DWMY])?$/', $text('every'))) {
            return Answer::problem(422, 'The address to come back to is needed, and a period such as P1M, or none.');
        }
        $times = is_int($sent['firstTimes'] ?? null) ? max(0, min(12, $sent['firstTimes'])) : 0;
        $first = is_int($sent['firstPrice'] ?? null) ? max(0, min($price, $sent['firstPrice'])) : $price;
        $days = is_int($sent['freeDays'] ?? null) ? max(0, min(365, $sent['freeDays'])) : 0;
        $session = [
            'name' => $text('name'),
            'shop' => $text('shop'),
            'price' => $price,
            'firstPrice' => $first,
            'firstTimes' => $times,
            'currency' => $text('currency'),
            'every' => $text('every'),
            'freeDays' => $days,
            'back' => $text('back'),
            'state' => 'open',
            'tries' => 0,
            'events' => [],
        ];
        // The same key asked twice is one session.
        $id = $this->drawer->change(function (array &$all) use ($session, $key): string {
            $known = $key === '' ? null : ($all['keys'][$key] ?? null);
            if ($known !== null) {
                return $known;
            }
            $id = bin2hex(random_bytes(16));
            $all['sessions'][$id] = $session;
            if ($key !== '') {
                $all['keys'][$key] = $id;
            }

            return $id;
        });

        return Answer::json(201, ['id' => $id, 'url' => "$this->address/pay/$id"]);
    }

    private function told(string $id): Answer
    {
        $session = $this->drawer->change(function (array &$all) use ($id): ?array {
            if (! isset($all['sessions'][$id])) {
                return null;
            }

            return $all['sessions'][$id] = self::caughtUp($all['sessions'][$id], new DateTimeImmutable('now', new DateTimeZone('UTC')));
        });

        return $session === null
            ? Answer::problem(404, 'There is no such session.')
            : Answer::json(200, ['id' => $id] + array_intersect_key($session, array_flip(['state', 'currency', 'country', 'events'])));
    }

    private function changed(string $id, string $what): Answer
    {
        $done = $this->drawer->change(function (array &$all) use ($id, $what): bool {
            $session = $all['sessions'][$id] ?? null;
            if ($session === null || $session['state'] !== 'paid') {
                return false;
            }
            $now = new DateTimeImmutable('now', new DateTimeZone('UTC'));
            $session = self::caughtUp($session, $now);
            $ended = $session['ended'] ?? false;
            $type = ['end' => 'left', 'stay' => 'stays', 'refund' => 'refunded'][$what];
            $may = match ($what) {
                'end' => ! $ended && $session['every'] !== '',
                'stay' => $ended,
                default => ! isset($session['back at']),
            };
            if ($may) {
                $session['events'][] = self::event(count($session['events']), $type, $now);
                $session['ended'] = $what !== 'stay';
            }
            if ($what === 'refund') {
                $session['back at'] = $now->format('c');
            }
            $all['sessions'][$id] = $session;

            return true;
        });

        return $done ? $this->told($id) : Answer::problem(409, 'Nothing was paid here yet.');
    }

    /** @param  array<string, mixed>  $form */
    private function paid(string $method, string $id, array $form): Answer
    {
        $session = $this->drawer->read()['sessions'][$id] ?? null;
        if ($session === null) {
            return Answer::problem(404, 'There is no such payment.');
        }
        if ($session['state'] !== 'open') {
            return new Answer(303, '', ['Location' => $session['back']]);
        }
        if ($method !== 'POST') {
            return $this->page($id, $session, '');
        }
        if (($form['do'] ?? '') === 'leave') {
            $this->drawer->change(fn (array &$all): string => $all['sessions'][$id]['state'] = 'left');

            return new Answer(303, '', ['Location' => $session['back']]);
        }
        $card = preg_replace('/\D/', '', is_string($form['card'] ?? null) ? $form['card'] : '') ?? '';
        [, $comes] = self::CARDS[$card] ?? ['', 'This is none of the cards for practice.'];
        if ($comes === 'code') {
            $code = is_string($form['code'] ?? null) ? trim($form['code']) : '';
            if ($code !== self::CODE) {
                return $this->asked($id, $session, $card, $form, $code === '' ? '' : 'That is not the code.');
            }
            $comes = '';
        }
        if ($comes !== '') {
            return $this->page($id, $session, $comes);
        }
        $country = is_string($form['country'] ?? null) && isset(self::COUNTRIES[$form['country']]) ? $form['country'] : 'DE';
        $this->drawer->change(function (array &$all) use ($id, $card, $country): void {
            if ($all['sessions'][$id]['state'] === 'open') {
                $all['sessions'][$id] = self::bought($all['sessions'][$id], $card, $country, new DateTimeImmutable('now', new DateTimeZone('UTC')));
            }
        });

        return new Answer(303, '', ['Location' => $session['back']]);
    }

    /**
     * @param  array<string, mixed>  $session
     * @return array<string, mixed>
     */
    private static function bought(array $session, string $card, string $country, DateTimeImmutable $now): array
    {
        $first = $session['freeDays'] > 0 && $session['every'] !== '' ? $now->modify("+{$session['freeDays']} days") : $now;
        $until = match (true) {
            $session['every'] === '' => null,
            $first > $now => $first,
            default => self::after($session['every'], 1, $now),
        };
        $event = self::event(0, 'bought', $now, $until, $first > $now ? 0 : self::amount($session, 0)) + ['free' => $first > $now];

        $paid = ['state' => 'paid', 'card' => $card, 'country' => $country, 'first' => $first->format('c'), 'periods' => $first > $now ? 0 : 1];

        return $paid + ['events' => [$event]] + $session;
    }

    /**
     * What time has brought: each period that is due is charged, or is not.
     *
     * @param  array<string, mixed>  $session
     * @return array<string, mixed>
     */
    private static function caughtUp(array $session, DateTimeImmutable $now): array
    {
        $runs = $session['state'] === 'paid' && $session['every'] !== '' && ! ($session['ended'] ?? false) && ! ($session['failed'] ?? false);
        while ($runs && ($due = self::after($session['every'], $session['periods'], new DateTimeImmutable($session['first']))) <= $now) {
            if ($session['card'] === self::FAILS_LATER) {
                $session['failed'] = true;
                $session['events'][] = self::event(count($session['events']), 'failed', $due);
                break;
            }
            $amount = self::amount($session, $session['periods']);
            $session['periods']++;
            $until = self::after($session['every'], $session['periods'], new DateTimeImmutable($session['first']));
            $session['events'][] = self::event(count($session['events']), 'renewed', $due, $until, $amount);
        }

        return $session;
    }

    /** @param  array<string, mixed>  $session */
    private static function amount(array $session, int $period): int
    {
        return $period < $session['firstTimes'] ? $session['firstPrice'] : $session['price'];
    }

    /** @return array<string, mixed> */
    private static function event(int $n, string $type, DateTimeImmutable $at, ?DateTimeImmutable $until = null, int $amount = 0): array
    {
        return ['id' => "e$n", 'type' => $type, 'at' => $at->format('c'), 'until' => $until?->format('c'), 'amount' => $amount];
    }

    /** So many periods after the first; months keep their day, or end with a shorter month. */
    private static function after(string $every, int $periods, DateTimeImmutable $first): DateTimeImmutable
    {
        $count = (int) substr($every, 1, -1) * $periods;
        $unit = substr($every, -1);
        if ($unit === 'D' || $unit === 'W') {
            return $first->modify('+'.($unit === 'W' ? 7 * $count : $count).' days');
        }
        $months = (int) $first->format('Y') * 12 + (int) $first->format('n') - 1 + ($unit === 'Y' ? 12 : 1) * $count;
        $last = (int) (new DateTimeImmutable(sprintf('%04d-%02d-01', intdiv($months, 12), $months % 12 + 1)))->format('t');

        return $first->setDate(intdiv($months, 12), $months % 12 + 1, min((int) $first->format('j'), $last));
    }

    /** @param  array<string, mixed>  $session */
    private function page(string $id, array $session, string $wrong): Answer
    {
        $cards = '';
        foreach (self::CARDS as $number => [$comes]) {
            $number = (string) $number;
            $checked = $cards === '' ? ' checked' : '';
            $cards .= "<label><input type=\"radio\" name=\"card\" value=\"$number\"$checked> ".chunk_split($number, 4, ' ').' '.Page::text($comes).'</label>';
        }
        $countries = '';
        foreach (self::COUNTRIES as $code => $name) {
            $countries .= "<option value=\"$code\">".Page::text($name).'</option>';
        }

        return Page::of(
            'Pay',
            '<small>Till, for practice: no money moves</small><h1>'.Page::text($session['name']).'</h1><p>'.Page::text($session['shop']).': '.
                Page::text(self::terms($session)).'</p>'.($wrong === '' ? '' : '<p class="wrong" role="alert">'.Page::text($wrong).' Nothing was paid.</p>').
                "<form method=\"post\" action=\"$this->address/pay/$id\"><h2>With which card?</h2>$cards<label>Your country ".
                "<select name=\"country\">$countries</select></label><p><button class=\"main\" name=\"do\" value=\"pay\">Pay</button>"
                .'<button name="do" value="leave">Leave without paying</button></p></form>',
        );
    }

    /**
     * @param  array<string, mixed>  $session
     * @param  array<string, mixed>  $form
     */
    private function asked(string $id, array $session, string $card, array $form, string $wrong): Answer
    {
        return Page::of(
            'The code of your bank',
            '<small>A bank, for practice</small><h1>Is it you?</h1><p>'.Page::text($session['shop']).' asks for '.Page::text(self::terms($session)).
                '. Type the code that your bank has sent you: for practice it is '.self::CODE.'.</p>'.
                ($wrong === '' ? '' : '<p class="wrong" role="alert">'.Page::text($wrong).'</p>').
                "<form method=\"post\" action=\"$this->address/pay/$id\"><input type=\"hidden\" name=\"card\" value=\"$card\">".
                '<input type="hidden" name="country" value="'.Page::text($form['country'] ?? 'DE').'">'.
                '<label>Code <input name="code" inputmode="numeric" autocomplete="one-time-code" autofocus></label>'.
                '<p><button class="main">It is me</button></p></form>',
        );
    }

    /** @param  array<string, mixed>  $session */
    private static function terms(array $session): string
    {
        $money = fn (int $minor): string => (new \NumberFormatter('en', \NumberFormatter::CURRENCY))->formatCurrency(
            $minor / 10 ** self::digits($session['currency']),
            $session['currency'],
        );
        $price = $money($session['price']);
        $lower = match ($session['firstTimes']) {
            0 => '',
            1 => "{$money($session['firstPrice'])} the first time, then ",
            default => "{$money($session['firstPrice'])} the first {$session['firstTimes']} times, then ",
        };
        $units = ['D' => 'day', 'W' => 'week', 'M' => 'month', 'Y' => 'year'];
        $count = (int) substr($session['every'], 1, -1);
        $unit = $units[substr($session['every'], -1)] ?? '';
        $every = match (true) {
            $unit === '' => '',
            $count === 1 => " every $unit",
            default => " every $count {$unit}s",
        };

        return ($session['freeDays'] > 0 && $every !== '' ? "{$session['freeDays']} days free, then " : '')."$lower$price$every";
    }

    private static function digits(string $currency): int
    {
        return (int) (new \NumberFormatter("en@currency=$currency", \NumberFormatter::CURRENCY))->getAttribute(\NumberFormatter::MAX_FRACTION_DIGITS);
    }
}
