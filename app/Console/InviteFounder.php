<?php

declare(strict_types=1);

namespace App\Console;

use App\Founders\FounderLetters;
use App\Models\Invitation;
use Illuminate\Console\Command;

final class InviteFounder extends Command
{
    protected $signature = 'lanai:invite {email}';

    protected $description = 'Invite somebody to become a founder: a letter is sent, and its address is printed';

    public function handle(): int
    {
        $email = mb_strtolower((string) $this->argument('email'));
        if (filter_var($email, FILTER_VALIDATE_EMAIL) === false) {
            $this->error("“{$email}” is not an e-mail address.");

            return self::FAILURE;
        }
        $code = Invitation::to($email, null);
        FounderLetters::invited($email, $code, null);
        $this->info(rtrim((string) config('app.url'), '/').'/sign-in?'.http_build_query(['invitation' => $code, 'email' => $email]));

        return self::SUCCESS;
    }
}
