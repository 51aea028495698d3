<?php

declare(strict_types=1);

namespace Standins\Till;

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
        '4000000000000119' => ['is paid, and fails for good when it is renewed', ''],
        '4000000000000127' => ['is paid, fails when it is renewed, and works again ten days later', ''],
    ];

    private const FAILS_LATER = ['4000000000000119' => 'always', '4000000000000127' => 'once'];

    private const CHANGE = '~^/sessions/([0-9a-f]{32})/(end|stay|refund|close|change|raise|manage)$~';

    /** What is typed where a card asks for a code. */
    private const CODE = '1207';

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
        if (preg_match('~^/manage/([0-9a-f]{32})$~', $path, $found)) {
            return $this->manage($method, $found[1], $form);
        }
        if ($this->token === '' || ! hash_equals("Bearer $this->token", $headers['authorization'] ?? '')) {
            return Answer::problem(401, 'This key is not known.');
        }
        $sent = json_decode($body, true);

        return match (true) {
            $method === 'POST' && $path === '/sessions' => $this->begun(is_array($sent) ? $sent : [], $headers['idempotency-key'] ?? ''),
            $method === 'GET' && preg_match('~^/sessions/([0-9a-f]{32})$~', $path, $found) === 1 => $this->told($found[1]),
            $method === 'POST' && preg_match(self::CHANGE, $path, $found) === 1 => $this->changed($found[1], $found[2], is_array($sent) ? $sent : []),
            $method === 'POST' && $path === '/statements' => $this->statements(is_array($sent) ? $sent : []),
            default => Answer::problem(404, 'There is nothing here.'),
        };
    }

    /** @param  array<string, mixed>  $sent */
    private function begun(array $sent, string $key): Answer
    {
        $text = fn (string $name): string => is_string($sent[$name] ?? null) ? mb_substr($sent[$name], 0, 500) : '';
        $sale = Sale::begun($sent);
        if (is_string($sale)) {
            return Answer::problem(422, $sale);
        }
        if (! preg_match('~^https?://~', $text('back'))) {
            return Answer::problem(422, 'The address to come back to is needed.');
        }
        $session = [
            'shop' => $text('shop'),
            'merchant' => $text('merchant'),
            'at home' => $text('country'),
            'back' => $text('back'),
            'notify' => $text('notify'),
            'state' => 'open',
            'events' => [],
        ] + $sale;
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

            return $all['sessions'][$id] = Sale::caughtUp($all['sessions'][$id], Sale::now());
        });

        return $session === null
            ? Answer::problem(404, 'There is no such session.')
            : Answer::json(200, ['id' => $id, 'price' => Sale::next($session)]
                + array_intersect_key($session, array_flip(['state', 'currency', 'country', 'events'])));
    }

    /** @param  array<string, mixed>  $sent */
    private function statements(array $sent): Answer
    {
        return Answer::json(200, [
            'statements' => $this->drawer->change(function (array &$all) use ($sent): array {
                foreach ($all['sessions'] as $id => $session) {
                    $all['sessions'][$id] = $session['state'] === 'paid' ? Sale::caughtUp($session, Sale::now()) : $session;
                }

                return Payouts::statements($all, $sent, '', Sale::now());
            }),
        ]);
    }

    /** @param  array<string, mixed>  $form */
    private function manage(string $method, string $id, array $form): Answer
    {
        $session = $this->drawer->read()['sessions'][$id] ?? null;
        if ($session === null || $session['state'] !== 'paid') {
            return Answer::problem(404, 'There is no such payment.');
        }
        if ($method === 'POST') {
            $did = $this->drawer->change(function (array &$all) use ($id, $form): bool {
                $after = Manage::did($all['sessions'][$id], $form, true);
                $all['sessions'][$id] = $after ?? $all['sessions'][$id];

                return $after !== null;
            });
            $did && Notice::send((string) $session['notify'], ...$this->message($id));

            return new Answer(303, '', ['Location' => $session['back']]);
        }

        return Manage::page($this->drawer->change(fn (array &$all): array => $all['sessions'][$id] = Sale::caughtUp($all['sessions'][$id], Sale::now())),
            "$this->address/manage/$id", true);
    }

    /** @param  array<string, mixed>  $sent */
    private function changed(string $id, string $what, array $sent): Answer
    {
        $to = $what === 'change' ? Sale::begun($sent) : [];
        if (is_string($to)) {
            return Answer::problem(422, $to);
        }
        $done = $this->drawer->change(function (array &$all) use ($id, $what, $sent, $to): bool {
            $session = $all['sessions'][$id] ?? null;
            if ($session !== null && $what === 'close') {
                // What was paid in the meantime stays paid.
                $all['sessions'][$id]['state'] = $session['state'] === 'open' ? 'left' : $session['state'];

                return true;
            }
            if ($session === null || $session['state'] !== 'paid') {
                return false;
            }
            $back = is_string($sent['back'] ?? null) && preg_match('~^https?://~', $sent['back']) ? ['back' => $sent['back']] : [];
            $after = match ($what) {
                'change' => ['change' => ['to' => $to, 'now' => ($sent['when'] ?? '') === 'now']] + $back + $session,
                'raise' => Sale::raised($session, $sent, Sale::now()),
                'manage' => $back + $session,
                default => Sale::turned($session, $what, Sale::now()),
            };
            $all['sessions'][$id] = $after ?? $session;

            return $after !== null;
        });
        if (! $done) {
            return Answer::problem(409, 'That cannot be: nothing was paid here yet, or the price does not rise.');
        }

        return in_array($what, ['change', 'manage'], true) ? Answer::json(200, ['url' => "$this->address/manage/$id"]) : $this->told($id);
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
        $country = is_string($form['country'] ?? null) ? $form['country'] : '';
        $short = ($form['time'] ?? '') === 'short';
        $this->drawer->change(function (array &$all) use ($id, $card, $country, $short): void {
            if ($all['sessions'][$id]['state'] === 'open') {
                $all['sessions'][$id] = Sale::bought($all['sessions'][$id], $country, self::FAILS_LATER[$card] ?? '', $short, Sale::now());
            }
        });
        Notice::send((string) $session['notify'], ...$this->message($id));

        return new Answer(303, '', ['Location' => $session['back']]);
    }

    /**
     * A message that something has happened: signed over an id, the time and the body (Standard Webhooks).
     *
     * @return array{string, array<string, string>} its body and its headers
     */
    public function message(string $id): array
    {
        $body = (string) json_encode(['type' => 'session.changed', 'session' => $id]);
        [$message, $at] = ['msg_'.bin2hex(random_bytes(12)), time()];
        $signature = hash_hmac('sha256', "$message.$at.$body", hash('sha256', "webhooks $this->token", true), true);

        return [
            $body,
            [
                'Content-Type' => 'application/json',
                'webhook-id' => $message,
                'webhook-timestamp' => (string) $at,
                'webhook-signature' => 'v1,'.base64_encode($signature),
            ],
        ];
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

        return Page::of(
            'Pay',
            '<small>Till, for practice: no money moves</small><h1>'.Page::text($session['name']).'</h1><p>'.Page::text($session['shop']).': '.
                Page::text(Sale::terms($session)).'</p>'.($wrong === '' ? '' : '<p class="wrong" role="alert">'.Page::text($wrong).' Nothing was paid.</p>').
                "<form method=\"post\" action=\"$this->address/pay/$id\"><h2>With which card?</h2>$cards".
                Fields::country((string) ($session['at home'] ?? '')).Fields::time($session).
                '<p><button class="main" name="do" value="pay">Pay</button>'
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
            '<small>A bank, for practice</small><h1>Is it you?</h1><p>'.Page::text($session['shop']).' asks for '.Page::text(Sale::terms($session)).
                '. Type the code that your bank has sent you: for practice it is '.self::CODE.'.</p>'.
                ($wrong === '' ? '' : '<p class="wrong" role="alert">'.Page::text($wrong).'</p>').
                "<form method=\"post\" action=\"$this->address/pay/$id\"><input type=\"hidden\" name=\"card\" value=\"$card\">".
                '<input type="hidden" name="country" value="'.Page::text($form['country'] ?? 'DE').'">'.
                '<input type="hidden" name="time" value="'.Page::text($form['time'] ?? '').'">'.
                '<label>Code <input name="code" inputmode="numeric" autocomplete="one-time-code" autofocus></label>'.
                '<p><button class="main">It is me</button></p></form>',
        );
    }
}
