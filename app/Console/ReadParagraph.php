<?php

declare(strict_types=1);

namespace App\Console;

use Illuminate\Console\Command;
use Lanai\Core\Reading\Reader;
use Lanai\Core\Reading\Tagger;
use Lanai\Core\Reading\Tongue;

/** Prints what is understood of a paragraph that says what an app is to do. */
final class ReadParagraph extends Command
{
    protected $signature = 'lanai:read {paragraph? : what the app is to do} {--file= : read it from a file} {--json}';

    protected $description = 'Print what is understood of a paragraph';

    public function handle(): int
    {
        $file = $this->option('file');
        $text = is_string($file) && $file !== '' ? $this->read($file) : $this->argument('paragraph');
        if (! is_string($text) || trim($text) === '') {
            $this->error('Please give a paragraph, or a file that has one.');

            return self::FAILURE;
        }
        if (mb_strlen($text) > Tagger::LONGEST) {
            $this->error('This is longer than '.number_format(Tagger::LONGEST).' letters. Please say it in fewer.');

            return self::FAILURE;
        }
        $language = Tongue::of($text);
        if ($language !== '') {
            $this->error("This looks like $language. Only English is read yet.");

            return self::FAILURE;
        }
        $outline = (new Reader())->read($text);
        if ($this->option('json')) {
            $this->line((string) json_encode($outline->data(), JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE));

            return self::SUCCESS;
        }
        foreach ($outline->sentences() as $sentence) {
            $this->line($sentence);
        }

        return self::SUCCESS;
    }

    private function read(string $file): ?string
    {
        $text = is_file($file) && filesize($file) < 4 * Tagger::LONGEST + 4 ? file_get_contents($file) : false;

        return $text === false ? null : mb_scrub($text);
    }
}
