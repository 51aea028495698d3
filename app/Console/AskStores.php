<?php

declare(strict_types=1);

namespace App\Console;

use App\Models\App;
use App\Models\Submission;
use App\Stores\StoreDesk;
use App\Stores\StoreUnreachable;
use App\Stores\Voices;
use Illuminate\Console\Command;

/** Asks the stores what people say of the apps that are released there. */
final class AskStores extends Command
{
    protected $signature = 'lanai:voices';

    protected $description = 'Ask the stores what people say of released apps';

    public function handle(StoreDesk $desk): int
    {
        $released = Submission::query()->whereIn('state', ['rolling out', 'released', 'halted'])->select('app_id');
        foreach (App::query()->whereIn('id', $released)->lazyById(50) as $app) {
            try {
                (new Voices($app))->ask($desk);
            } catch (StoreUnreachable $unreachable) {
                $this->warn($unreachable->getMessage());
            }
        }

        return self::SUCCESS;
    }
}
