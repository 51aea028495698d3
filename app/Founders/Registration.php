<?php

declare(strict_types=1);

namespace App\Founders;

use App\Models\Founder;

/** Who may become a founder here, and whether the demo's account lets strangers in. */
enum Registration: string
{
    case Open = 'open';
    case Invitation = 'invitation';
    case Closed = 'closed';

    /** What is set; else everybody as long as Lanai answers this computer only, and those who are invited once it answers others. */
    public static function now(): self
    {
        return self::tryFrom((string) config('lanai.registration')) ?? (config('lanai.open') ? self::Invitation : self::Open);
    }

    /** Whether the demo's address and password may be handed out to whoever asks. */
    public static function showsDemo(): bool
    {
        return config('lanai.demo') && (config('lanai.demo_form') ?? ! config('lanai.open'));
    }

    /** The demo's password stands in the documentation: it opens nothing where others than this computer are answered. */
    public static function shutsOut(string $email, string $password): bool
    {
        return config('lanai.open') &&
            ! self::showsDemo() &&
            mb_strtolower($email) === config('lanai.demo_email') &&
            hash_equals((string) config('lanai.demo_password'), $password) &&
            Founder::query()->where('email', $email)->exists();
    }
}
