<?php

declare(strict_types=1);

namespace Lanai\Core\Reach;

/** Who is shown what is tried: by a lot that is drawn anew for each trial, and always falls the same way for the same device. */
final class Lot
{
    /**
     * @param  string  $visitor  by what a device is known
     * @param  string  $trial  by what a trial is known
     * @param  int  $share  so many of a hundred
     */
    public static function draws(string $visitor, string $trial, int $share): bool
    {
        // 32 bits of a digest: each of a hundred parts is as wide as another but for one in forty million.
        return (int) hexdec(substr(hash('sha256', "lot/$trial/$visitor"), 0, 8)) % 100 < $share;
    }
}
