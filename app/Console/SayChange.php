<?php

declare(strict_types=1);

namespace App\Console;

use App\Apps\RevisionBook;
use App\Models\Founder;
use App\Studio\SayingDesk;
use Illuminate\Console\Command;
use Lanai\Core\Edits\EditRefused;
use Lanai\Core\Saying\Utterance;

/** Says a change of an app, and prints what is proposed; or takes it. */
final class SayChange extends Command
{
    use FindsApp;

    protected $signature = 'lanai:say {app : its address or number} {saying : what is to be otherwise, or a question}
        {--here= : the name of the screen that “here” means} {--take= : take this proposal, from 1 on} {--json}';

    protected $description = 'Say a change of an app, and print what is proposed';

    public function handle(SayingDesk $desk, RevisionBook $book): int
    {
        $app = $this->app();
        $saying = trim((string) $this->argument('saying'));
        if ($app === null || $saying === '' || mb_strlen($saying) > Utterance::LONGEST) {
            $app !== null && $this->error('Please say it in at most '.Utterance::LONGEST.' letters.');

            return self::FAILURE;
        }
        $here = (string) $this->option('here');
        $parts = $desk->hear($app, $saying, $here);
        if ($this->option('json')) {
            $this->line((string) json_encode($parts, JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE));
        } else {
            array_map($this->tell(...), $parts);
        }
        $take = $this->option('take');
        if ($take === null) {
            return self::SUCCESS;
        }
        try {
            $number = ctype_digit((string) $take) ? (int) $take - 1 : -1;
            $edit = $desk->taken($app, $saying, $here, array_fill(0, count($parts), $number));
            $book->edit($app, Founder::query()->findOrFail($app->founder_id), $app->revision->number, $edit);
        } catch (EditRefused $refused) {
            $this->error($refused->getMessage());

            return self::FAILURE;
        }
        $this->line("Done: $app->name is at revision {$app->revision->number}.");

        return self::SUCCESS;
    }

    /** @param  array<string, mixed>  $part */
    private function tell(array $part): void
    {
        foreach (is_array($part['proposals'] ?? null) ? array_values($part['proposals']) : [] as $i => $proposal) {
            $this->line(($i + 1).'. '.$proposal['label']);
            foreach ($proposal['sentences'] as $group) {
                foreach (['was' => '-', 'now' => '+'] as $key => $sign) {
                    foreach (array_filter($group[$key], fn (string $line): bool => trim($line) !== '') as $line) {
                        $this->line("   $sign $line");
                    }
                }
            }
        }
        foreach (array_filter([$part['asks'] ?? '', $part['answer'] ?? '']) as $sentence) {
            $this->line((string) $sentence);
        }
        foreach ($part['answers'] ?? [] as $answer) {
            $this->line("   $answer[label]: “{$answer['says']}”");
        }
        foreach ($part['finds'] ?? [] as $found) {
            $this->line("   $found[label]  $found[at]");
        }
    }
}
