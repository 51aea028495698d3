<?php

declare(strict_types=1);

namespace Benchmarks;

/** The newest figures of the benches, in a file that is read: so that growth is seen. */
final class Figures
{
    private const HEAD =
        "# Figures\n\nMeasured by `./lanai bench --keep`, each as a ratio within one run: what Lanai takes beside the best that one would write by "
            ."hand\n(the file of each bench in `benchmarks/` says what that is and why). Figures of one machine are not those of another; ratios "
                ."nearly are.\n\n".
        "| Bench | What | Figure | Before | Day | Revision |\n|---|---|---|---|---|---|\n";

    /** @var array<string, array{bench: string, figure: string, before: string, day: string, revision: string}> what => its row */
    private array $rows = [];

    public function __construct(private readonly string $path)
    {
        foreach (is_file($path) ? (array) file($path, FILE_IGNORE_NEW_LINES) : [] as $line) {
            $cells = array_map(trim(...), explode('|', trim($line, '| ')));
            if (count($cells) === 6 && ! in_array($cells[0], ['Bench', '---'], true)) {
                $this->rows[$cells[1]] = ['bench' => $cells[0], 'figure' => $cells[2], 'before' => $cells[3], 'day' => $cells[4], 'revision' => $cells[5]];
            }
        }
    }

    /** @param  string  $printed  lines of "what it is   figure   (how it came about)" */
    public function note(string $bench, string $printed, string $day, string $revision): void
    {
        $known = array_filter($this->rows, fn (array $row): bool => $row['bench'] === $bench);
        $this->rows = array_diff_key($this->rows, $known);
        foreach (explode("\n", trim($printed)) as $line) {
            if (preg_match('/^(.*?\S)\s+([\d.,]+(?: ?[a-zA-Z%]+)?)\s*(\(.*)?$/', $line, $found) === 1) {
                $what = preg_replace('/\s+/', ' ', strtr($found[1], ['|' => '/']));
                $this->rows[$what] = [
                    'bench' => $bench,
                    'figure' => $found[2].' '.strtr($found[3] ?? '', ['|' => '/']),
                    'before' => strtok($known[$what]['figure'] ?? '', ' ') ?: '',
                    'day' => $day,
                    'revision' => $revision,
                ];
            }
        }
    }

    public function write(): void
    {
        uksort($this->rows, fn (string $a, string $b): int => [$this->rows[$a]['bench'], $a] <=> [$this->rows[$b]['bench'], $b]);
        $lines = array_map(
            fn (string $what, array $r): string => "| {$r['bench']} | $what | {$r['figure']} | {$r['before']} | {$r['day']} | {$r['revision']} |\n",
            array_keys($this->rows),
            $this->rows,
        );
        file_put_contents($this->path, self::HEAD.implode('', $lines));
    }
}
