<?php

declare(strict_types=1);

namespace App\Console;

use App\Stores\DeclarationsForm;
use Illuminate\Console\Command;
use Lanai\Core\Release\Declared;

/** What an app declares to the stores of the data of its people, and of what is in it. */
final class DeclarationsOf extends Command
{
    use FindsApp;

    protected $signature = 'lanai:declarations {app : its number or its slug} {--json}';

    protected $description = 'Print what an app declares to the stores';

    public function handle(): int
    {
        $app = $this->app();
        if ($app === null) {
            return self::FAILURE;
        }
        $form = DeclarationsForm::of($app->revision->read());
        if ($this->option('json')) {
            $this->line((string) json_encode($form, JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_PRETTY_PRINT));

            return self::SUCCESS;
        }
        $this->line(Declared::USUALLY);
        foreach ($form['data'] as $one) {
            $this->line($one['says'].($one['fields'] === [] ? '' : ' ('.implode(', ', $one['fields']).')'));
        }
        $this->line('Nothing is kept of: '.implode(', ', $form['none']).'.');
        foreach ($form['contents'] as $one) {
            $this->line($one['asks'].' '.($one['yes'] ? "Yes: $one[because]." : 'No.'));
        }

        return self::SUCCESS;
    }
}
