<?php

declare(strict_types=1);

namespace App\Console;

use App\Reach\Carrying;
use Illuminate\Console\Command;
use Lanai\Core\Rows\Refused;

/** Sends a message to one person, to try it. */
final class SendMessage extends Command
{
    use FindsMessage;

    protected $signature = 'lanai:send {app : its number or its slug} {message : its name} {--to= : the number of the person}
        {--about= : the number of the row that it is about} {--set=live : sandbox or live}';

    protected $description = 'Send a message to one person, whatever the rules say, to try it';

    public function handle(): int
    {
        $space = $this->space();
        $message = $this->message($space);
        if ($space === null || $message === null) {
            return self::FAILURE;
        }
        if (! ctype_digit((string) $this->option('to'))) {
            $this->error('Say to whom: --to=NUMBER.');

            return self::FAILURE;
        }
        $about = ctype_digit((string) $this->option('about')) ? (int) $this->option('about') : null;
        try {
            $phones = (new Carrying($space))->try($message, (int) $this->option('to'), $about);
        } catch (Refused $refused) {
            $this->error($refused->getMessage());

            return self::FAILURE;
        }
        $this->line($phones === 1 ? 'One phone has taken it.' : "$phones phones have taken it.");

        return self::SUCCESS;
    }
}
