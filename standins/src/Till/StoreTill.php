<?php

declare(strict_types=1);

namespace Standins\Till;

use DateTimeImmutable;
use Standins\Answer;
use Standins\Page;
use Standins\Publishers;

/**
 * What a store sells within apps, for practice: products are put up first, a sheet of the store takes the payment, and whoever sells asks, says that they
 * have given what was bought, and hears of what happens. Quay tells in plain JSON and signs its messages as a JWT (RFC 7519, RS256); Pier signs each
 * thing that happened by itself (RFC 7515, ES256, with its chain of certificates).
 */
final readonly class StoreTill
{
    /** Who has not said for so many days that they gave what was bought has it taken back. */
    private const DAYS = 3;

    private const PATH = '~^/([A-Za-z][A-Za-z0-9._]{2,150})/(products|purchases|statements)(?:/([A-Za-z0-9_.-]{1,150}))?'
        .'(?:/(acknowledge|consume|end|stay|refund|close|change|raise|manage))?$~';

    private const TESTERS = [
        'pays' => 'pays each time',
        'once' => 'pays; the next time the payment fails, and works ten days later',
        'always' => 'pays; the next time the payment fails for good',
        'later' => 'pays with cash at a kiosk, later',
        'declined' => 'is declined by the bank',
    ];

    private const NOTICES = ['' => 'are sent', 'twice' => 'are sent twice', 'never' => 'get lost', 'forged' => 'are forged by somebody'];

    /** @param  string  $token  the key of those who may ask it */
    public function __construct(private Drawer $drawer, private Signs $signs, private string $store, private string $address, private string $token)
    {
    }

    /**
     * @param  string  $path  after /billing
     * @param  array<string, mixed>  $form
     * @param  array<string, string>  $headers  by name in small letters
     */
    public function answer(string $method, string $path, array $form, array $headers, string $body): Answer
    {
        if (preg_match('~^/pay/([0-9a-f]{32})$~', $path, $found)) {
            return $this->sheet($method, $found[1], $form);
        }
        if (preg_match('~^/manage/([0-9a-f]{32})$~', $path, $found)) {
            return $this->manage($method, $found[1], $form);
        }
        if ($method === 'GET' && $path === '/keys') {
            return Answer::json(200, $this->signs->keys());
        }
        $bearer = preg_match('~^Bearer (\S+)$~D', $headers['authorization'] ?? '', $sent) ? $sent[1] : '';
        if ((new Publishers($this->token, $this->store))->named($bearer) === null) {
            return Answer::problem(401, 'This publisher token is not known.');
        }
        if (! preg_match(self::PATH, $path, $found)) {
            return Answer::problem(404, 'There is nothing here.');
        }
        [, $package, $what] = $found;
        [$id, $do] = [$found[3] ?? '', $found[4] ?? ''];
        $sent = json_decode($body, true);
        $sent = is_array($sent) ? $sent : [];

        return match (true) {
            $what === 'products' && $id !== '' && $do === '' && $method === 'PUT' => $this->putUp($package, $id, $sent),
            $what === 'products' && $id === '' && $method === 'GET' => $this->shelf($package),
            $what === 'purchases' && $id === '' && $method === 'POST' => $this->begun($package, $sent, $headers['idempotency-key'] ?? ''),
            $what === 'purchases' && $id !== '' && $do === '' && $method === 'GET' => $this->told($package, $id),
            $what === 'purchases' && $do !== '' && $method === 'POST' => $this->changed($package, $id, $do, $sent),
            $what === 'statements' && $id === '' && $method === 'POST' => $this->statements($package, $sent),
            default => Answer::problem(404, 'There is nothing here.'),
        };
    }

    private function shelf(string $package): Answer
    {
        return Answer::json(200, ['products' => (object) ($this->drawer->read()['products'][$package] ?? [])]);
    }

    /** @param  array<string, mixed>  $sent */
    private function putUp(string $package, string $id, array $sent): Answer
    {
        $product = Sale::begun($sent);
        if (is_string($product)) {
            return Answer::problem(422, $product);
        }
        $this->drawer->change(fn (array &$all): array => $all['products'][$package][$id] = $product);

        return Answer::json(200, ['id' => $id] + $product);
    }

    /** @param  array<string, mixed>  $sent */
    private function begun(string $package, array $sent, string $key): Answer
    {
        $text = fn (string $name): string => is_string($sent[$name] ?? null) ? mb_substr($sent[$name], 0, 500) : '';
        $product = $this->drawer->read()['products'][$package][$text('product')] ?? null;
        if ($product === null) {
            return Answer::problem(404, 'This product is not sold here.');
        }
        if ($text('account') === '' || ! preg_match('~^https?://~', $text('back'))) {
            return Answer::problem(422, 'An account and an address to come back to are needed.');
        }
        $sale = [
            'package' => $package,
            'product' => $text('product'),
            'account' => $text('account'),
            'shop' => $text('shop'),
            'merchant' => $text('merchant'),
            'ref' => $text('product'),
            'at home' => $text('country'),
            'back' => $text('back'),
            'notify' => $text('notify'),
            'state' => 'open',
            'events' => [],
        ] + $product;
        // Who had it before has no free days and no lower price.
        $sale = ($sent['first'] ?? true) === true ? $sale : ['freeDays' => 0, 'firstTimes' => 0] + $sale;
        $id = $this->drawer->change(function (array &$all) use ($sale, $key): string {
            $known = $key === '' ? null : ($all['keys'][$key] ?? null);
            if ($known !== null) {
                return $known;
            }
            $id = bin2hex(random_bytes(16));
            $all['sessions'][$id] = $sale;
            if ($key !== '') {
                $all['keys'][$key] = $id;
            }

            return $id;
        });

        return Answer::json(201, ['id' => $id, 'url' => "$this->address/billing/pay/$id"]);
    }

    private function told(string $package, string $id): Answer
    {
        $sale = $this->drawer->change(function (array &$all) use ($package, $id): ?array {
            if (($all['sessions'][$id]['package'] ?? '') !== $package) {
                return null;
            }

            return $all['sessions'][$id] = self::caughtUp($all['sessions'][$id], Sale::now());
        });

        return $sale === null ? Answer::problem(404, 'There is no such purchase.') : Answer::json(200, $this->signs->told($id, $sale));
    }

    /**
     * @param  array<string, mixed>  $sale
     * @return array<string, mixed>
     */
    private static function caughtUp(array $sale, DateTimeImmutable $now): array
    {
        if ($sale['state'] !== 'paid') {
            return $sale;
        }
        $sale = Sale::caughtUp($sale, $now);
        $bought = new DateTimeImmutable($sale['events'][0]['at']);
        $late = $bought->modify($sale['short'] ? '+30 seconds' : '+'.self::DAYS.' days') <= $now;

        return $late && ! ($sale['acknowledged'] ?? false) ? Sale::turned($sale, 'refund', $now) : $sale;
    }

    /** @param  array<string, mixed>  $sent */
    private function statements(string $package, array $sent): Answer
    {
        return Answer::json(200, [
            'statements' => $this->drawer->change(function (array &$all) use ($package, $sent): array {
                foreach ($all['sessions'] as $id => $sale) {
                    $all['sessions'][$id] = self::caughtUp($sale, Sale::now());
                }

                return Payouts::statements($all, $sent, $package, Sale::now());
            }),
        ]);
    }

    /** @param  array<string, mixed>  $form */
    private function manage(string $method, string $id, array $form): Answer
    {
        $sale = $this->drawer->read()['sessions'][$id] ?? null;
        if ($sale === null || $sale['state'] !== 'paid') {
            return Answer::problem(404, 'There is no such purchase.');
        }
        if ($method === 'POST') {
            $did = $this->drawer->change(function (array &$all) use ($id, $form): bool {
                $after = Manage::did(self::caughtUp($all['sessions'][$id], Sale::now()), $form, false);
                $all['sessions'][$id] = $after ?? $all['sessions'][$id];

                return $after !== null;
            });
            $did && $this->notices($id);

            return new Answer(303, '', ['Location' => $sale['back']]);
        }

        return Manage::page($this->drawer->change(fn (array &$all): array => $all['sessions'][$id] = self::caughtUp($all['sessions'][$id], Sale::now())),
            "$this->address/billing/manage/$id", false);
    }

    /** @param  array<string, mixed>  $sent */
    private function changed(string $package, string $id, string $do, array $sent): Answer
    {
        $done = $this->drawer->change(function (array &$all) use ($package, $id, $do, $sent): bool {
            $sale = $all['sessions'][$id] ?? null;
            if ($sale === null || $sale['package'] !== $package) {
                return false;
            }
            if ($do === 'close') {
                $all['sessions'][$id]['state'] = $sale['state'] === 'open' ? 'left' : $sale['state'];

                return true;
            }
            if ($sale['state'] !== 'paid') {
                return false;
            }
            $back = is_string($sent['back'] ?? null) && preg_match('~^https?://~', $sent['back']) ? ['back' => $sent['back']] : [];
            $to = is_string($sent['product'] ?? null) ? $all['products'][$package][$sent['product']] ?? null : null;
            if ($do === 'change' && $to === null) {
                return false;
            }
            $to = $to === null ? null : ['ref' => $sent['product'], 'product' => $sent['product']] + self::inCountry($to, (string) $sale['country']);
            $after = match ($do) {
                'change' => ['change' => ['to' => $to, 'now' => ($sent['when'] ?? '') === 'now']] + $back + self::caughtUp($sale, Sale::now()),
                'raise' => Sale::raised(self::caughtUp($sale, Sale::now()), $sent, Sale::now()),
                'manage' => $back + $sale,
                'acknowledge' => ['acknowledged' => true] + $sale,
                'consume' => ['acknowledged' => true, 'consumed' => true] + $sale,
                default => Sale::turned(self::caughtUp($sale, Sale::now()), $do, Sale::now()),
            };
            $all['sessions'][$id] = $after ?? $sale;

            return $after !== null;
        });
        if (! $done) {
            return Answer::problem(409, 'That cannot be: nothing was paid here yet, or the price does not rise.');
        }

        return in_array($do, ['change', 'manage'], true) ? Answer::json(200, ['url' => "$this->address/billing/manage/$id"]) : $this->told($package, $id);
    }

    /**
     * What a product costs in a country: its own price there, where it has one.
     *
     * @param  array<string, mixed>  $product
     * @return array<string, mixed>
     */
    private static function inCountry(array $product, string $country): array
    {
        $own = $product['prices'][$country] ?? [];

        return array_intersect_key($own, array_flip(['price', 'currency', 'firstPrice'])) + $product;
    }

    /** @param  array<string, mixed>  $form */
    private function sheet(string $method, string $id, array $form): Answer
    {
        $sale = $this->drawer->read()['sessions'][$id] ?? null;
        if ($sale === null) {
            return Answer::problem(404, 'There is no such purchase.');
        }
        if (! in_array($sale['state'], ['open', 'pending'], true)) {
            return new Answer(303, '', ['Location' => $sale['back']]);
        }
        if ($method !== 'POST') {
            return $this->page($id, $sale, '');
        }
        $text = fn (string $name): string => is_string($form[$name] ?? null) ? $form[$name] : '';
        $tester = $text('tester');
        if ($text('do') === 'leave') {
            $this->drawer->change(fn (array &$all): string => $all['sessions'][$id]['state'] = 'left');

            return new Answer(303, '', ['Location' => $sale['back']]);
        }
        if ($tester === 'declined' || ! isset(self::TESTERS[$tester]) && $sale['state'] === 'open') {
            return $this->page($id, $sale, 'The bank said no.');
        }
        $this->drawer->change(function (array &$all) use ($id, $tester, $text): void {
            $sale = $all['sessions'][$id];
            if ($sale['state'] === 'open' && $tester === 'later') {
                $all['sessions'][$id] = ['state' => 'pending', 'chosen' => $text('country'), 'fast' => $text('time'), 'notices' => $text('notices')] + $sale;
            } elseif (in_array($sale['state'], ['open', 'pending'], true)) {
                $fails = in_array($tester, ['once', 'always'], true) ? $tester : '';
                $short = ($sale['fast'] ?? $text('time')) === 'short';
                $sale += ['notices' => $text('notices')];
                $country = $sale['chosen'] ?? $text('country');
                $all['sessions'][$id] = Sale::bought(self::inCountry($sale, $country), $country, $fails, $short, Sale::now());
            }
        });
        $this->notices($id);

        return new Answer(303, '', ['Location' => $sale['back']]);
    }

    private function notices(string $id): void
    {
        $sale = $this->drawer->read()['sessions'][$id];
        $how = (string) ($sale['notices'] ?? '');
        for ($i = ['' => 1, 'twice' => 2, 'forged' => 1][$how] ?? 0; $i > 0; $i--) {
            [$body, $headers] = $this->signs->notice($id, $sale, $how === 'forged');
            Notice::send((string) $sale['notify'], $body, $headers);
        }
    }

    /** @param  array<string, mixed>  $sale */
    private function page(string $id, array $sale, string $wrong): Answer
    {
        $name = ucfirst($this->store);
        $about = "<small>$name, for practice: no money moves</small><h1>".Page::text($sale['name']).'</h1><p>'.Page::text($sale['shop']).': '.
            Page::text(Sale::terms(self::inCountry($sale, (string) ($sale['at home'] ?? '')))).'</p>'.
            ($wrong === '' ? '' : '<p class="wrong" role="alert">'.Page::text($wrong).' Nothing was paid.</p>');
        $form = "<form method=\"post\" action=\"$this->address/billing/pay/$id\">";
        if ($sale['state'] === 'pending') {
            return Page::of('Pay', "$about<p>It waits for the cash.</p>$form<p><button class=\"main\">The cash was paid</button></p></form>");
        }
        $testers = '';
        foreach (self::TESTERS as $key => $words) {
            $testers .= "<label><input type=\"radio\" name=\"tester\" value=\"$key\"".($testers === '' ? ' checked' : '').'> '.Page::text($words).'</label>';
        }
        $notices = '';
        foreach (self::NOTICES as $key => $words) {
            $notices .= "<option value=\"$key\">".Page::text($words).'</option>';
        }

        return Page::of(
            'Pay',
            "$about$form<h2>Which tester?</h2>$testers".Fields::country((string) ($sale['at home'] ?? '')).Fields::time($sale).
                "<label>Messages to the app <select name=\"notices\">$notices</select></label>".
                '<p><button class="main" name="do" value="pay">Buy</button><button name="do" value="leave">Leave without paying</button></p></form>',
        );
    }
}
