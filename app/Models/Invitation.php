<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;

/**
 * Lets one founder more sign up, once.
 *
 * @property int $id
 * @property string $digest of what stands in the letter
 * @property string $email
 * @property Carbon $until
 */
final class Invitation extends Model
{
    private const DAYS = 14;

    protected $guarded = [];

    /** @var array<string, string> */
    protected $casts = ['until' => 'datetime'];

    /** @return string the code that the letter holds */
    public static function to(string $email, ?Founder $by): string
    {
        $code = Str::random(40);
        self::query()->create(['digest' => hash('sha256', $code), 'email' => $email, 'founder_id' => $by?->id, 'until' => now()->addDays(self::DAYS)]);

        return $code;
    }

    public static function good(string $code): ?self
    {
        return $code === '' ? null : self::query()->where('digest', hash('sha256', $code))->where('until', '>', now())->first();
    }
}
