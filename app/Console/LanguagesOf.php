<?php

declare(strict_types=1);

namespace App\Console;

use App\Apps\RevisionBook;
use App\Models\App;
use App\Models\Founder;
use Illuminate\Console\Command;
use Lanai\Core\Edits\EditRefused;
use Lanai\Core\Edits\Kinds\Translate;
use Lanai\Core\Exchange\UnreadableFile;
use Lanai\Core\Exchange\Words\WordList;
use Lanai\Core\Exchange\Words\WordsFile;

/** The texts of an app for translators, and what they give back. */
final class LanguagesOf extends Command
{
    use FindsApp;

    protected $signature = 'lanai:languages {app : its number or its slug}
        {--out= : a folder, for one file of each language}
        {--format=xliff : xliff, po or csv}
        {--in= : a file of a translator}
        {--language= : its tag, such as de, where the file does not name it}';

    protected $description = 'Write the texts of an app into files for translators, or take in such a file';

    public function handle(RevisionBook $book): int
    {
        $app = $this->app();
        if ($app === null) {
            return self::FAILURE;
        }
        if (is_string($this->option('in'))) {
            return $this->take($app, $book, $this->option('in'));
        }

        return is_string($this->option('out')) ? $this->give($app, rtrim($this->option('out'), '/')) : $this->count($app);
    }

    /** How far each language is. */
    private function count(App $app): int
    {
        $blueprint = $app->revision->read();
        foreach ($blueprint->languages as $language) {
            $list = WordList::of($blueprint, $language);
            $said = count(array_filter($list, fn ($entry): bool => $entry->says !== ''));
            $old = count(array_filter($list, fn ($entry): bool => $entry->was !== ''));
            $more = ($old > 0 ? ", $old older than their text" : '').($language->hidden ? ', not shown yet' : '');
            $this->line("{$language->name()}: $said of ".count($list)." texts$more");
        }
        if ($blueprint->languages === []) {
            $this->line('The app speaks no further language.');
        }

        return self::SUCCESS;
    }

    private function give(App $app, string $folder): int
    {
        $format = WordsFile::tryFrom((string) $this->option('format'));
        if ($format === null || ! is_dir($folder) || ! is_writable($folder)) {
            $this->error($format === null ? 'The format is xliff, po or csv.' : "Nothing can be written into “{$folder}”.");

            return self::FAILURE;
        }
        $blueprint = $app->revision->read();
        foreach ($blueprint->languages as $language) {
            $file = "$folder/$app->slug-$language->tongue.{$format->ending()}";
            file_put_contents($file, $format->written(WordList::of($blueprint, $language), $blueprint->begunIn(), $language->tongue));
            $this->line($file);
        }

        return self::SUCCESS;
    }

    private function take(App $app, RevisionBook $book, string $file): int
    {
        try {
            is_file($file) || throw new UnreadableFile("There is no file “{$file}”.");
            $read = WordsFile::read(fn () => fopen($file, 'rb') ?: throw new UnreadableFile("“{$file}” cannot be read."));
            $tongue = is_string($this->option('language')) ? $this->option('language') : $read['tongue'];
            $taken = WordList::taken($app->revision->read(), $tongue, $read['entries']);
            $founder = Founder::query()->findOrFail($app->founder_id);
            foreach (array_chunk($taken['says'], Translate::MOST) as $says) {
                $book->edit($app, $founder, $app->refresh()->revision->number, new Translate($tongue, $says));
            }
        } catch (UnreadableFile|EditRefused $trouble) {
            $this->error($trouble->getMessage());

            return self::FAILURE;
        }
        $this->line(count($taken['says']).' texts were taken.');
        foreach ($taken['left'] as $left) {
            $this->warn($left);
        }

        return self::SUCCESS;
    }
}
