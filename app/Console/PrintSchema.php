<?php

declare(strict_types=1);

namespace App\Console;

use Illuminate\Console\Command;
use Lanai\Core\Earnings\StatesDocument;
use Lanai\Core\Exchange\JsonSchema;

final class PrintSchema extends Command
{
    protected $signature = 'lanai:schema';

    protected $description = 'Write docs/blueprint.schema.json and docs/purchases.md from the classes';

    public function handle(): int
    {
        file_put_contents(
            base_path('docs/blueprint.schema.json'),
            json_encode(JsonSchema::document(), JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES)."\n",
        );
        file_put_contents(base_path('docs/purchases.md'), StatesDocument::markdown());

        return self::SUCCESS;
    }
}
