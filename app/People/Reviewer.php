<?php

declare(strict_types=1);

namespace App\People;

use App\Models\App;
use App\Records\DataSet;
use App\Space;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Str;
use Lanai\Core\Model\People\WithPassword;
use Lanai\Core\People\Passwords;
use Lanai\Core\Query\Query;
use Lanai\Core\Rows\Refused;

/**
 * The account with which reviewers of stores get into an app. It lives in the practice data: whoever signs in with it to what is live sees sample rows, can buy
 * without paying, and meets nobody real.
 */
final readonly class Reviewer
{
    /** People of the practice data among whom one is looked for. */
    private const LOOKED_AT = 200;

    private function __construct(public int $account, public string $email, public string $password)
    {
    }

    public static function of(App $app): ?self
    {
        $kept = $app->reviewer;

        return $kept === null ? null : new self($kept['account'], $kept['email'], $kept['password']);
    }

    /** @throws Refused where nobody signs in with a password */
    public static function make(App $app): self
    {
        $people = self::people($app);
        $way = $people->blueprint->signIn?->way(WithPassword::class);
        if ($way === null) {
            throw new Refused('Reviewers need a way in with e-mail and password, and this app has none. A code would go to an address that they do not read.');
        }
        self::end($app);
        $email = 'reviewer-'.Str::lower(Str::random(6))."@$app->slug.example";
        $password = Str::lower(Str::random(max($way->length(), 12)));
        $hashed = Hash::driver('argon2id')->make(Passwords::normal($password));
        $account = DB::connection($people->connection)->transaction(function () use ($people, $email, $hashed): Account {
            $person = self::free($people) ?? (new Newcomer($people))->add(['name' => 'Reviewer'], false);

            return $people->accounts()->create(['person' => $person, 'email' => $email, 'password' => $hashed, 'guest' => false]);
        });
        $app->update(['reviewer' => ['account' => $account->id, 'email' => $email, 'password' => $password]]);

        return new self($account->id, $email, $password);
    }

    /** Nobody gets in with it any more; who the account was of stays in the practice data. */
    public static function end(App $app): void
    {
        $reviewer = self::of($app);
        if ($reviewer !== null) {
            $people = self::people($app);
            (new Sessions($people))->endAll($reviewer->account);
            $people->accounts()->whereKey($reviewer->account)->delete();
            $app->update(['reviewer' => null]);
        }
    }

    /**
     * Whether this comes from a reviewer: they show a session of this account, or are about to sign in with its address.
     *
     * @param  array<array-key, mixed>  $inputs  what was typed
     */
    public function asks(App $app, ?string $token, array $inputs): bool
    {
        foreach ($inputs as $input) {
            if (is_string($input) && mb_strtolower(trim($input)) === $this->email) {
                return true;
            }
        }
        if ($token === null || $token === '') {
            return false;
        }
        $hash = Sessions::hash($token);

        $mine = self::people($app)->sessions()->where('account', $this->account);

        return $mine->where(fn ($one) => $one->where('token', $hash)->orWhere('before', $hash))->exists();
    }

    /** Somebody of the practice data who has no account yet, and so has rows of their own, perhaps. */
    private static function free(People $people): ?int
    {
        $taken = $people->accounts()->pluck('person')->flip();
        foreach ($people->store()->whole()->rows(new Query($people->table(), limit: self::LOOKED_AT)) as $row) {
            if (! $taken->has($row->id)) {
                return $row->id;
            }
        }

        return null;
    }

    private static function people(App $app): People
    {
        return Space::of($app, DataSet::Sandbox)?->people() ?? throw new Refused('There is no practice data.');
    }
}
