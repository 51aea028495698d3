<?php

declare(strict_types=1);

namespace App\Console;

use App\Models\Submission;
use App\Stores\StoreDesk;
use App\Stores\StoreUnreachable;
use Illuminate\Console\Command;

/** Asks the stores about every submission that is still open, and releases what is due. */
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

        $due = Submission::query()->where('state', 'approved')->where('release_at', '<=', now())->with('build')->get();
        foreach ($due as $submission) {
            try {
                $desk->release($submission);
                Submission::query()->whereKey($submission->id)->update(['release_at' => null]);
            } catch (StoreUnreachable $unreachable) {
                $this->warn($unreachable->getMessage());
            }
        }

        return self::SUCCESS;
    }
}
