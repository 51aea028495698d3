<?php

declare(strict_types=1);

namespace App\People;

use Illuminate\Support\Facades\Date;
use Lanai\Core\Model\FieldTypes\LastHereType;
use Lanai\Core\Text\Pattern;

/**
 * Sessions of people: an opaque random token on the device, its SHA-256 here. A token is renewed every quarter of an hour; the
 * one before it is still taken until the device has shown the new one, and for a minute after, because requests overlap. An older
 * one that turns up again means that somebody has copied it: the session ends.
 */
final readonly class Sessions
{
    /** Seconds. */
    private const RENEW = 900;

    private const OVERLAP = 60;

    /** How long a new token may be on its way. */
    private const PATIENCE = 10;

    /** Signing in again is asked for after so many days (NIST SP 800-63B, section 4.1.3, from memory). */
    public const DAYS = 30;

    public function __construct(private People $people)
    {
    }

    /** @return string the token, which is nowhere kept */
    public function open(Account $account, string $way, string $device): string
    {
        $token = self::token();
        $this->people
            ->sessions()
            ->create([
                'account' => $account->id,
                'token' => self::hash($token),
                'way' => $way,
                'device' => mb_substr($device, 0, 100),
                'rotated_at' => Date::now(),
                'expires_at' => Date::now()->addDays(self::DAYS),
            ]);

        return $token;
    }

    /** The session that a token stands for, with a new token where one is due; null for none. */
    public function find(string $token): ?FoundSession
    {
        if (! Pattern::match('/^[A-Za-z0-9_-]{43}$/', $token)) {
            return null;
        }
        $hash = self::hash($token);
        $session = $this->people->sessions()->where('token', $hash)->orWhere('before', $hash)->first();
        if ($session === null) {
            return null;
        }
        $now = Date::now();
        $current = hash_equals($session->token, $hash);
        if ($session->expires_at <= $now || (! $current && $session->used_at !== null && $session->used_at->addSeconds(self::OVERLAP) < $now)) {
            if (! $current && $session->expires_at > $now) {
                $this->people->note('an old token was shown; the session was ended', $session->account, $session->way, $session->device);
            }
            $session->delete();

            return null;
        }
        $account = $this->people->accounts()->find($session->account);
        if ($account === null || $account->blocked_at !== null) {
            return null;
        }
        if ($current && $session->used_at === null) {
            $session->update(['used_at' => $now]);
        }
        $fresh = null;
        if ($current && $session->rotated_at->addSeconds(self::RENEW) < $now) {
            $fresh = $this->renewed($session, ['before' => $hash]);
            $this->seen($account);
        } elseif (! $current && $session->used_at === null && $session->rotated_at->addSeconds(self::PATIENCE) < $now) {
            // The new token never arrived: another one takes its place.
            $fresh = $this->renewed($session, []);
        }

        return new FoundSession($session, $account, $fresh);
    }

    /**
     * A new token in place of the one that the session has; null where another request was first.
     *
     * @param  array<string, string>  $with
     */
    private function renewed(Session $session, array $with): ?string
    {
        $fresh = self::token();
        $won = $this->people
            ->sessions()
            ->whereKey($session->id)
            ->where('token', $session->token)
            ->update(['token' => self::hash($fresh), 'rotated_at' => Date::now(), 'used_at' => null] + $with);

        return $won === 1 ? $fresh : null;
    }

    /** Marks that a person was here. */
    public function seen(Account $account): void
    {
        $account->update(['seen_at' => Date::now()]);
        $table = $this->people->table();
        foreach ($table->fields as $field) {
            if ($field->type instanceof LastHereType) {
                $this->people->store()->change($table, $account->person, [$field->column() => Date::now()->utc()->toDateTimeImmutable()]);
            }
        }
    }

    public function end(int $session): void
    {
        $this->people->sessions()->whereKey($session)->delete();
    }

    public function endAll(int $account, ?int $but = null): void
    {
        $this->people
            ->sessions()
            ->where('account', $account)
            ->when($but !== null, fn ($q) => $q->whereKeyNot($but))
            ->delete();
    }

    public static function token(): string
    {
        return rtrim(strtr(base64_encode(random_bytes(32)), '+/', '-_'), '=');
    }

    public static function hash(string $token): string
    {
        return hash('sha256', $token);
    }
}
