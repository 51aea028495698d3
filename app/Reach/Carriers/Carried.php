<?php

declare(strict_types=1);

namespace App\Reach\Carriers;

/** What became of a message that was handed over. */
final readonly class Carried
{
    /**
     * @param  'sent'|'gone'|'later'|'refused'  $how  accepted; the phone is not there any more; it may go well later; it never will
     * @param  int  $after  seconds, where the carrier has said when it may be tried again; 0 where it has not
     * @param  string  $why  a sentence
     */
    private function __construct(public string $how, public int $after = 0, public string $why = '')
    {
    }

    public static function sent(): self
    {
        return new self('sent');
    }

    public static function gone(): self
    {
        return new self('gone', why: 'The app is not on this phone any more.');
    }

    public static function later(int $after, string $why): self
    {
        return new self('later', max(0, min(3600, $after)), $why);
    }

    public static function refused(string $why): self
    {
        return new self('refused', why: $why);
    }
}
