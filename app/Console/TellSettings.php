<?php

declare(strict_types=1);

namespace App\Console;

use App\Founders\Registration;
use App\Outbound\Practice;
use Illuminate\Console\Command;

/** Said at the start: who is answered, who may sign up, and where letters to founders lie for practice. */
final class TellSettings extends Command
{
    protected $signature = 'lanai:told';

    protected $description = 'Print who is answered, and who may sign up';

    public function handle(): int
    {
        if (config('lanai.open')) {
            $this->line('This Lanai answers other computers, too (--host).');
            $this->line(
                'Signing up: '.
                    ['open' => 'open to everybody', 'invitation' => 'by invitation, with: php artisan lanai:invite E-MAIL', 'closed' => 'closed'][
                        Registration::now()->value
                    ].
                    ' (LANAI_REGISTRATION=open, invitation or closed).',
            );
            $this->line(
                'The account of the demo: '.
                    (Registration::showsDemo() ? 'its sign-in form is filled in for everybody' : 'closed').
                    ' (LANAI_DEMO_FORM=true or false).',
            );
        } else {
            $this->line('Only this computer is answered; phones are, too, after: ./lanai start --host 0.0.0.0');
        }
        if (config('lanai.practice_post')) {
            $this->line('Letters to founders arrive at '.Practice::desk('letterbox', null));
        }

        return self::SUCCESS;
    }
}
