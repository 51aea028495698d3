<?php

declare(strict_types=1);

namespace App\People;

use Lanai\Core\Text\Pattern;

/** Addresses at which somebody's own calendar reads one of the app's: who knows one reads it, and nothing else. It ends with the account and its password. */
final readonly class Subscriptions
{
    public function __construct(private People $people)
    {
    }

    public function address(Account $account, string $calendar): string
    {
        return "/calendar/{$this->people->set->value}/{$this->people->app->slug}/{$this->code($account, $calendar)}/$calendar.ics";
    }

    /** Whose it is; null for nobody, or for somebody who is blocked. */
    public function of(string $code, string $calendar): ?Account
    {
        if (! Pattern::match('/^(\d{1,15})-[0-9a-f]{32}$/D', $code, $found)) {
            return null;
        }
        $account = $this->people->accountOf((int) $found[1]);

        return $account !== null && $account->blocked_at === null && hash_equals($this->code($account, $calendar), $code) ? $account : null;
    }

    private function code(Account $account, string $calendar): string
    {
        $about = implode("\n", [$this->people->app->id, $this->people->set->value, $account->id, $account->email, $account->password, $calendar]);

        return "$account->person-".substr(hash_hmac('sha256', "calendar/$about", (string) config('app.key')), 0, 32);
    }
}
