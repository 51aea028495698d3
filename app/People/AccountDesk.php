<?php

declare(strict_types=1);

namespace App\People;

use App\Jobs\SendNotice;
use App\Outbound\Practice;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\RateLimiter;
use Lanai\Core\Model\FieldTypes\EmailType;
use Lanai\Core\Model\People\AsGuest;
use Lanai\Core\Model\People\Role;
use Lanai\Core\Model\People\Through;
use Lanai\Core\Model\People\WithCode;
use Lanai\Core\Model\People\WithPassword;
use Lanai\Core\Model\UnreadableValue;
use Lanai\Core\People\Passwords;
use Lanai\Core\Play\Accounts;
use Lanai\Core\Play\Arrival;
use Lanai\Core\Play\Proof;
use Lanai\Core\Play\Visit;
use Lanai\Core\Rows\Refused;
use Lanai\Core\Text\Article;
use Lanai\Core\Text\OwnWords;

/** Lets people in and out: proves first, with nothing locked, and writes what was proved together with the tap. */
final readonly class AccountDesk implements Accounts
{
    /** Minutes that a code is good for, wrong tries that it stands, and seconds until it can be sent again. */
    public const MINUTES = 10;

    public const TRIES = 5;

    public const AGAIN = 30;

    /** Minutes after coming in by a code in which a password can be set without the old one. */
    private const FRESH = 10;

    private const WRONG = 'This address and password do not belong together.';

    private Sessions $sessions;

    private Limits $limits;

    private OwnWords $own;

    /** @param  OwnWords|null  $own  in the language of whoever asks; null for the app's own */
    public function __construct(private People $people, ?OwnWords $own = null)
    {
        $this->sessions = new Sessions($people);
        $this->limits = new Limits($people);
        $this->own = $own ?? $people->blueprint->own();
    }

    public function beginSignUp(Visit $visit, string $email, string $password, string $name, string $role): string
    {
        $way = $this->people->blueprint->signIn?->way(WithPassword::class) ?? throw new Refused('This app has no passwords.');
        $email = self::address($email);
        $wrong = Passwords::wrong($password, $way->length(), [strstr($email, '@', true) ?: '', $email, $name, $this->people->app->name]);
        $wrong = $wrong !== '' ? $wrong : (new Newcomer($this->people))->trouble($name);
        if ($wrong !== '') {
            throw new Refused($wrong);
        }
        $wanted = $role === '' ? null : $this->people->blueprint->role($role);
        if ($role !== '' && $wanted?->chosen !== true && $wanted?->first !== true) {
            throw new Refused('Please choose one of the roles.');
        }
        $this->countLetter($visit, $email);
        $known = $this->people->accounts()->where('email', $email)->first();
        $facts = ['password' => self::hashed($password), 'name' => $name, 'role' => $role] + $this->came($visit);

        // Whoever asks hears the same; the person at the address hears what is true.
        return $this->begin('sign up', $email, $facts, $known === null ? null : Notice::known($this->own, $this->people->app->name));
    }

    public function beginCode(Visit $visit, string $email): string
    {
        $this->needsCodes();
        $email = self::address($email);
        $this->countLetter($visit, $email);

        return $this->begin('code', $email, $this->came($visit));
    }

    private function needsCodes(): void
    {
        if ($this->people->blueprint->signIn?->way(WithCode::class) === null) {
            throw new Refused('This app has no sign-in by a code.');
        }
    }

    /**
     * Whoever wants an account deleted proves that its address is theirs, whatever ways in the app has.
     *
     * @throws Refused
     */
    public function beginDeletion(Visit $visit, string $email): string
    {
        $email = self::address($email);
        $this->countLetter($visit, $email);

        return $this->begin('deletion', $email, ['guest' => null]);
    }

    public function beginEmailChange(Visit $visit, string $email): string
    {
        $account = $this->mine($visit);
        $email = self::address($email);
        $this->countLetter($visit, $email);
        $known = $this->people->accounts()->where('email', $email)->whereKeyNot($account->id)->exists();

        return $this->begin('e-mail', $email, ['account' => $account->id], $known ? Notice::known($this->own, $this->people->app->name) : null);
    }

    public function sendAgain(Visit $visit): void
    {
        $pending = $this->waiting($visit);
        if ($pending->email === null || $pending->kind === 'through') {
            throw new Refused('There is nothing to send again.');
        }
        if ($pending->kind === 'code') {
            $this->needsCodes();
        }
        $wait = $pending->sent_at->getTimestamp() + self::AGAIN - Date::now()->getTimestamp();
        if ($wait > 0) {
            throw new Refused("Please wait $wait ".($wait === 1 ? 'second' : 'seconds').' before the next letter.');
        }
        $this->countLetter($visit, $pending->email);
        $code = self::code();
        $pending->update([
            'code' => $pending->code === null ? null : self::keyed($pending, $code),
            'tries' => 0,
            'sent_at' => Date::now(),
            'expires_at' => Date::now()->addMinutes(self::MINUTES),
        ]);
        $name = $this->people->app->name;
        $this->post($pending->email, $pending->code === null ? Notice::known($this->own, $name) : Notice::code($this->own, $name, $code));
    }

    public function provePassword(Visit $visit, string $email, string $password): Proof
    {
        if ($this->people->blueprint->signIn?->way(WithPassword::class) === null) {
            throw new Refused('This app has no passwords.');
        }
        $email = mb_strtolower(trim($email));
        $here = ["password/$email/$visit->address" => [5, 60], "password/$visit->address" => [60, 600]];
        // From anywhere, after a hundred wrong ones in a row (NIST SP 800-63B, section 5.2.2, from memory) only where somebody got in before.
        $everywhere = ["password/$email" => [100, 3600]];
        $this->limits->check($here);
        $account = $this->people->accounts()->where('email', $email)->where('password', '!=', '')->first();
        if ($account === null || ! $this->knows($account, $visit)) {
            $this->limits->check($everywhere);
        }
        // An address that is not known takes as long as one that is.
        $right = Hash::driver('argon2id')->check(Passwords::normal($password), $account->password ?? self::nobody()) && $account !== null;
        if (! $right) {
            $this->limits->count($here + $everywhere);
            $this->people->note('wrong password', $account?->id, 'password', $visit->device);
            throw new Refused(self::WRONG);
        }
        $this->limits->forget($here + $everywhere);
        if ($account->blocked_at !== null) {
            $this->people->note('refused, because blocked', $account->id, 'password', $visit->device);
            throw new Refused('This account is blocked.');
        }
        RateLimiter::hit($this->knownKey($account, $visit), 90 * 86400);

        return new Proof('password', $account->id);
    }

    public function proveCode(Visit $visit, string $code): Proof
    {
        $pending = $this->waiting($visit);
        if ($pending->kind === 'through') {
            throw new Refused('There is no code to check. Please begin again.');
        }
        if ($pending->kind === 'code') {
            $this->needsCodes();
        }
        if ($pending->expires_at <= Date::now()) {
            throw new Refused('This code is too old. Please ask for a new one.');
        }
        // Counted before it is looked at, so that many at once are no more than many in a row.
        if ($this->people->pending()->whereKey($pending->id)->where('tries', '<', self::TRIES)->increment('tries') === 0) {
            throw new Refused('That was wrong too often. Please ask for a new code.');
        }
        if ($pending->code === null || ! hash_equals($pending->code, self::keyed($pending, $code))) {
            $this->people->note('wrong code', null, 'code', $visit->device);
            $left = self::TRIES - $pending->tries - 1;
            throw new Refused(
                'This code is not right. '.($left > 0 ? "You can try $left more ".($left === 1 ? 'time' : 'times').'.' : 'Please ask for a new one.'),
            );
        }
        $account = $pending->kind === 'e-mail' ? null : $this->people->accounts()->where('email', $pending->email)->first();
        if ($account?->blocked_at !== null) {
            $this->people->note('refused, because blocked', $account->id, 'code', $visit->device);
            throw new Refused('This account is blocked.');
        }

        return new Proof('code', $account?->id, ['pending' => $pending->id]);
    }

    public function proveGuest(Visit $visit): Proof
    {
        if ($this->people->blueprint->signIn?->way(AsGuest::class) === null) {
            throw new Refused('This app has no guests.');
        }
        if ($visit->person !== null) {
            throw new Refused('You are signed in already.');
        }
        $limit = ["guest/$visit->address" => [20, 3600]];
        $this->limits->check($limit);
        $this->limits->count($limit);

        return new Proof('guest', null);
    }

    public function beginThrough(Visit $visit, Through $way): array
    {
        $limit = ["through/$visit->address" => [30, 600]];
        $this->limits->check($limit);
        $this->limits->count($limit);
        $handle = Sessions::token();

        return [(new Returning($this->people))->begin($way, Sessions::hash($handle), $this->came($visit), $visit->beside), $handle];
    }

    public function provePasswordChange(Visit $visit, string $password, string $known): Proof
    {
        $account = $this->mine($visit);
        $way = $this->people->blueprint->signIn?->way(WithPassword::class) ?? throw new Refused('This app has no passwords.');
        if ($account->email === null) {
            throw new Refused('Please give an e-mail address first.');
        }
        $limit = ["change/$account->id" => [10, 600]];
        $this->limits->check($limit);
        $session = $visit->session === null ? null : $this->people->sessions()->find($visit->session);
        $fresh = $session !== null && $session->way === 'code' && $session->created_at->addMinutes(self::FRESH) > Date::now();
        if (! $fresh && ($account->password === null || ! Hash::driver('argon2id')->check(Passwords::normal($known), $account->password))) {
            $this->limits->count($limit);
            throw new Refused(
                $account->password === null ? 'Please sign in by a code first; you can set a password then.' : 'Your present password is not right.',
            );
        }
        $wrong = Passwords::wrong($password, $way->length(), [strstr($account->email, '@', true) ?: '', $account->email, $this->people->app->name]);
        if ($wrong !== '') {
            throw new Refused($wrong);
        }

        return new Proof('set password', $account->id, ['password' => self::hashed($password)]);
    }

    public function enter(Proof $proof, Visit $visit): Arrival
    {
        if ($proof->way === 'set password') {
            $account = $this->people->accounts()->findOrFail($proof->account);
            $account->update(['password' => $proof->facts['password']]);
            $this->sessions->endAll($account->id, $visit->session);
            $this->people->note('set a password', $account->id, '', $visit->device);
            $account->email === null || $this->post($account->email, Notice::passwordSet($this->own, $this->people->app->name));

            return new Arrival($account->person, null);
        }
        $account = match ($proof->way) {
            'guest' => $this->newAccount(null, [], true),
            'code' => $this->afterCode((int) $proof->facts['pending'], $visit),
            default => $this->people->accounts()->findOrFail($proof->account),
        };
        if ($visit->session !== null) {
            $this->sessions->end($visit->session);
        }
        $this->present($account);
        $token = $this->sessions->open($account, $proof->way, $visit->device);
        $this->sessions->seen($account);
        $this->people->note('signed in', $account->id, $proof->way, $visit->device);

        return new Arrival($account->person, $token);
    }

    /** An account whose row the founder has removed gets a new one. */
    private function present(Account $account): void
    {
        if ($this->people->store()->byIds($this->people->table(), [$account->person]) === []) {
            $account->update(['person' => (new Newcomer($this->people))->add([], $account->guest)]);
        }
    }

    public function leave(Visit $visit, bool $everywhere): void
    {
        $account = $this->people->accountOf($visit->person);
        if ($account === null) {
            return;
        }
        $this->people->note($everywhere ? 'signed out everywhere' : 'signed out', $account->id, '', $visit->device);
        if ($everywhere) {
            $this->sessions->endAll($account->id);
        } elseif ($visit->session !== null) {
            $this->sessions->end($visit->session);
        }
    }

    public function delete(Visit $visit): void
    {
        (new Departure($this->people))->of((int) $visit->person);
    }

    public function calendar(Visit $visit, string $calendar): string
    {
        $account = $this->people->accountOf($visit->person);

        return $account === null ? '' : (new Subscriptions($this->people))->address($account, $calendar);
    }

    public function invitation(Visit $visit): string
    {
        // Whoever has no account of their own to sign in with can be nobody's friend for long.
        return $visit->person === null || $this->people->accountOf($visit->person)?->guest !== false
            ? ''
            : (new Invitations($this->people))->code($visit->person);
    }

    public function become(Visit $visit, Role $role): bool
    {
        $table = $this->people->table();
        $field = $table->roleField();
        if ($field === null || $visit->person === null) {
            throw new Refused('This app keeps no roles of its people yet.');
        }
        if ($role->chosen || $role->first) {
            $this->people->store()->change($table, $visit->person, [$field->column() => $role->name]);

            return true;
        }
        if (! $role->asked) {
            throw new Refused('Nobody becomes '.Article::with($role->name).' by asking.');
        }
        $account = $this->mine($visit);
        $account->update(['asks' => $role->name]);
        $this->people->note('asked to be '.Article::with($role->name), $account->id, '', $visit->device);

        return false;
    }

    /**
     * The account behind a verified address, or behind an identity at a provider: found, or made. A guest who was here becomes it.
     *
     * @param  array{name?: string, role?: string, password?: string|null, picture?: string|null, guest?: int|null, through?: Through|null, by?: string}  $facts
     */
    public function known(?string $email, array $facts): Account
    {
        $account = $email === null ? null : $this->people->accounts()->where('email', $email)->first();
        if ($account !== null) {
            return $account;
        }
        $guest = ($facts['guest'] ?? null) === null ? null : $this->people->accounts()->whereKey($facts['guest'])->where('guest', true)->first();
        if ($guest === null) {
            $account = $this->newAccount($email, $facts, false);
            (new Invitations($this->people))->took($account->person, $facts['by'] ?? '');

            return $account;
        }
        $guest->update(['email' => $email, 'guest' => false, 'password' => $facts['password'] ?? null]);
        (new Invitations($this->people))->took($guest->person, $facts['by'] ?? '');
        $table = $this->people->table();
        $name = $table->labelField();
        if ($name !== null && trim($facts['name'] ?? '') !== '') {
            $this->people->store()->change($table, $guest->person, [$name->column() => trim($facts['name'])]);
        }

        return $guest;
    }

    /** @param  array{name?: string, role?: string, password?: string|null, picture?: string|null, guest?: int|null, through?: Through|null}  $facts */
    private function newAccount(?string $email, array $facts, bool $guest): Account
    {
        $person = (new Newcomer($this->people))->add($facts, $guest);

        return $this->people->accounts()->create(['person' => $person, 'email' => $email, 'password' => $facts['password'] ?? null, 'guest' => $guest]);
    }

    private function afterCode(int $id, Visit $visit): Account
    {
        $pending = $this->people->pending()->find($id);
        // Of two who check the same code at once, one finds it gone.
        if ($pending === null || $this->people->pending()->whereKey($id)->delete() === 0) {
            throw new Refused('This code was used already. Please ask for a new one.');
        }
        if ($pending->kind === 'e-mail') {
            $account = $this->mine($visit);
            if (
                $account->id !== ($pending->facts['account'] ?? null) ||
                $this->people->accounts()->where('email', $pending->email)->whereKeyNot($account->id)->exists()
            ) {
                throw new Refused('This code is for somebody else.');
            }
            $account->email === null || $this->post($account->email, Notice::emailChanged($this->own, $this->people->app->name));
            $account->update(['email' => $pending->email, 'guest' => false]);
            $this->people->note('changed the address', $account->id, '', $visit->device);

            return $account;
        }
        /** @var array{name?: string, role?: string, password?: string|null, guest?: int|null, by?: string} $facts */
        $facts = $pending->facts;

        return $this->known($pending->email, $facts);
    }

    /** @param  array<string, mixed>  $facts */
    private function begin(string $kind, string $email, array $facts, ?Notice $instead = null): string
    {
        $this->people
            ->pending()
            ->where('expires_at', '<', Date::now()->subDay())
            ->delete();
        $handle = Sessions::token();
        $code = self::code();
        $pending = new Pending([
            'handle' => Sessions::hash($handle),
            'kind' => $kind,
            'email' => $email,
            'facts' => $facts,
            'sent_at' => Date::now(),
            'expires_at' => Date::now()->addMinutes(self::MINUTES),
        ]);
        $pending->setConnection($this->people->connection);
        $pending->code = $instead === null ? self::keyed($pending, $code) : null;
        $pending->save();
        $this->post($email, $instead ?? Notice::code($this->own, $this->people->app->name, $code));

        return $handle;
    }

    private function post(string $email, Notice $notice): void
    {
        SendNotice::dispatch($email, $notice->about, $notice->text, $this->people->app->name, Practice::boxOf($this->people->app));
    }

    private function waiting(Visit $visit): Pending
    {
        $pending = $visit->pending === '' ? null : $this->people->pending()->where('handle', Sessions::hash($visit->pending))->first();

        return $pending ?? throw new Refused('Please begin again: nothing waits for a code here.');
    }

    private function mine(Visit $visit): Account
    {
        return $this->people->accountOf($visit->person) ?? throw new Refused('This person has no account to sign in with.');
    }

    private function guest(Visit $visit): ?Account
    {
        $account = $this->people->accountOf($visit->person);

        return $account?->guest === true ? $account : null;
    }

    /** @return array{guest: int|null, by: string} as whom they are here already, and by whose invitation */
    private function came(Visit $visit): array
    {
        return ['guest' => $this->guest($visit)?->id, 'by' => $visit->invitedBy];
    }

    /** @throws Refused where too many letters go to an address, or come from one */
    private function countLetter(Visit $visit, string $email): void
    {
        $limits = ["letters/$email" => [6, 3600], "letters from/$visit->address" => [40, 3600]];
        $this->limits->check($limits);
        $this->limits->count($limits);
    }

    private function knows(Account $account, Visit $visit): bool
    {
        return RateLimiter::attempts($this->knownKey($account, $visit)) > 0;
    }

    private function knownKey(Account $account, Visit $visit): string
    {
        return 'people:known:'.hash('sha256', "{$this->people->app->id}/{$this->people->set->value}/$account->id/$visit->address");
    }

    private static function address(string $email): string
    {
        try {
            $read = (new EmailType())->read($email);
        } catch (UnreadableValue $wrong) {
            throw new Refused($wrong->getMessage());
        }

        return mb_strtolower((string) $read);
    }

    private static function hashed(string $password): string
    {
        return Hash::driver('argon2id')->make(Passwords::normal($password));
    }

    private static function nobody(): string
    {
        return Cache::rememberForever('people:nobody', fn (): string => self::hashed(Sessions::token()));
    }

    private static function code(): string
    {
        return str_pad((string) random_int(0, 999999), 6, '0', STR_PAD_LEFT);
    }

    private static function keyed(Pending $pending, string $code): string
    {
        return hash_hmac('sha256', "$pending->handle/$code", (string) config('app.key'));
    }
}
