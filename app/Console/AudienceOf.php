<?php

declare(strict_types=1);

namespace App\Console;

use App\Reach\Audience;
use DateTimeImmutable;
use Illuminate\Console\Command;

/** Who would get a message now, and why who would not. */
final class AudienceOf extends Command
{
    use FindsMessage;

    /** People that are listed. */
    private const MOST = 100_000;

    protected $signature = 'lanai:audience {app : its number or its slug} {message : its name} {--about= : the number of the row that it is about}
        {--set=live : sandbox or live} {--json : as JSON}';

    protected $description = 'Tell who would get a message now, and why who would not';

    public function handle(): int
    {
        $space = $this->space();
        $message = $this->message($space);
        if ($space === null || $message === null) {
            return self::FAILURE;
        }
        $about = ctype_digit((string) $this->option('about')) ? (int) $this->option('about') : null;
        if (($message->aboutOne() === '') !== ($about === null)) {
            $this->error($about === null ? "It is about one {$message->aboutOne()}: say which with --about=NUMBER." : 'It is about no row.');

            return self::FAILURE;
        }
        $now = now()->toDateTimeImmutable();
        $audience = new Audience($space, $message, $now);
        $worth = new DateTimeImmutable('@'.($now->getTimestamp() + $message->worthFor()));
        $found = [];
        for ($after = 0, $more = $audience->telling()->holds($about); $more && count($found) < self::MOST; $after = $page['upto'], $more = $page['more']) {
            $page = $audience->people($about, $after);
            foreach ($audience->decided($page['people'], $worth) as $person => $sending) {
                $found[] = ['person' => $person, 'when' => $sending->due?->format(DATE_ATOM), 'why' => $sending->why];
            }
        }
        if ($this->option('json')) {
            $this->line((string) json_encode($found, JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES));

            return self::SUCCESS;
        }
        $gets = count(array_filter($found, fn (array $one): bool => $one['when'] !== null));
        $this->line("“{$message->name}” would go to $gets of ".count($found).' people it is for.');
        $this->table(['Person', 'When', 'Why not, or not now'], array_map(array_values(...), $found));

        return self::SUCCESS;
    }
}
