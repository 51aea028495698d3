<?php

declare(strict_types=1);

namespace App\Console;

use App\Apps\Facts;
use App\Apps\FromWords;
use App\Models\Founder;
use Illuminate\Console\Command;
use Lanai\Core\Findings\Finding;
use Lanai\Core\Reading\Tagger;

/** Makes an app of a paragraph, and prints what is found against it. */
final class BuildFromWords extends Command
{
    protected $signature = 'lanai:build {name : of the app} {--file= : a file with the paragraph}
        {--for= : the e-mail of the founder; the demo’s where none is said}';

    protected $description = 'Make an app of a paragraph, and print its findings';

    public function handle(FromWords $words): int
    {
        $file = $this->option('file');
        $text = is_string($file) && is_file($file) && filesize($file) < 4 * Tagger::LONGEST ? mb_scrub((string) file_get_contents($file)) : '';
        $email = $this->option('for');
        $founder = Founder::query()->where('email', is_string($email) ? mb_strtolower($email) : config('lanai.demo_email'))->first();
        if (trim($text) === '' || mb_strlen($text) > Tagger::LONGEST || $founder === null) {
            $this->error($founder === null ? 'There is no such founder.' : 'Please name a file with a paragraph of at most 20,000 letters.');

            return self::FAILURE;
        }
        $app = $words->begin($founder, mb_substr(trim((string) $this->argument('name')), 0, 60), $text);
        $findings = Facts::findings($app);
        foreach ($findings as $finding) {
            $this->line(($finding->blocks ? 'blocks  ' : 'warns   ').$finding->at.'  '.$finding->sentence);
        }
        $this->line("$app->name is app $app->id, with ".count($app->revision->read()->screens).' screens and '.count($findings).' findings.');

        return array_filter($findings, fn (Finding $f): bool => $f->blocks) === [] ? self::SUCCESS : self::FAILURE;
    }
}
