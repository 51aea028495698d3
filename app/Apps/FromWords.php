<?php

declare(strict_types=1);

namespace App\Apps;

use App\Models\App;
use App\Models\Founder;
use App\Records\Samples;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Table;
use Lanai\Core\Reading\Building;
use Lanai\Core\Reading\Reader;

/** Begins an app from a paragraph: it runs at once, with rows to look at. */
final readonly class FromWords
{
    /** Rows of each table, made up. */
    private const ROWS = 6;

    private const PEOPLE = 4;

    private const SEED = 7;

    public function __construct(private RevisionBook $book)
    {
    }

    /**
     * @param  array<array-key, mixed>  $answers  to the questions of the outline
     * @param  array<array-key, mixed>  $corrections  what was put right in it
     */
    public function begin(Founder $founder, string $name, string $paragraph, array $answers = [], array $corrections = []): App
    {
        $outline = (new Reader())->read($paragraph, $answers, $corrections);
        $app = $this->book->begin($founder, Building::of($name, $outline->data(), $paragraph));
        // The history tells of the first revision how each part of it came about.
        $came = array_map(fn (string $one): array => ['was' => [], 'now' => [$one]], $outline->cameOf($paragraph));
        $app->revision->forceFill(['sentences' => $came])->save();
        self::fill($app);

        return $app;
    }

    /** Rows to look at, made up. */
    public static function fill(App $app): void
    {
        $blueprint = $app->revision->read();
        $samples = new Samples($app, $blueprint);
        foreach (self::inOrder($blueprint) as $table) {
            $samples->make($table, $table->people ? self::PEOPLE : self::ROWS, self::SEED);
        }
    }

    /** @return list<Table> each after those to which it leads, so that there is something to lead to */
    private static function inOrder(Blueprint $blueprint): array
    {
        $left = $blueprint->tables;
        usort($left, fn (Table $a, Table $b): int => (int) $b->people <=> (int) $a->people);
        $made = [];
        while ($left !== []) {
            $names = array_map(fn (Table $table): string => $table->singular, $left);
            $ready = array_filter($left, function (Table $table) use ($names): bool {
                $leads = array_map(fn ($field): string => $field->linksTo(), $table->fields);

                return array_diff(array_intersect($leads, $names), [$table->singular]) === [];
            });
            // Two that lead to each other: one of them comes first all the same.
            $next = $ready === [] ? [0 => $left[0]] : $ready;
            array_push($made, ...array_values($next));
            $left = array_values(array_diff_key($left, $next));
        }

        return $made;
    }
}
