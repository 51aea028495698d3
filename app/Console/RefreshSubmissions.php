<?php

declare(strict_types=1);

namespace App\Console;

use App\Models\Submission;
use App\Stores\StoreDesk;
use App\Stores\StoreUnreachable;
use Illuminate\Console\Command;

/** Asks the stores about every submission that is still open. */
final class RefreshSubmissions extends Command
{
    protected $signature = 'lanai:submissions';

    protected $description = 'Ask the stores how open submissions fare';

    public function handle(StoreDesk $desk): int
    {
        foreach (Submission::query()->whereIn('state', StoreDesk::OPEN)->get() as $submission) {
            try {
                $desk->refresh($submission);
            } catch (StoreUnreachable $unreachable) {
                $this->warn($unreachable->getMessage());
            }
        }

        return self::SUCCESS;
    }
}
