<?php

declare(strict_types=1);

namespace App\Apps;

use App\Jobs\RunImport;
use App\Models\App;
use App\Models\Founder;
use App\Models\Import;
use App\Records\DataSet;
use App\Records\Imports\ImportFile;
use App\Records\Imports\Look;
use Illuminate\Support\Str;
use Lanai\Core\Edits\Kinds\Rewrite;
use Lanai\Core\Exchange\Mapping;
use Lanai\Core\Exchange\UnreadableFile;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Reading\Building;
use Lanai\Core\Reading\Lexicon;
use Lanai\Core\Reading\Outline;
use Lanai\Core\Reading\Plan;
use Lanai\Core\Text\Names;
use Lanai\Core\Text\Pattern;
use Throwable;

/**
 * Begins an app from a file of rows: each of its tables or sheets becomes one of the app, with a list and a page, and its rows come in. Whoever founds it alone
 * adds to them, until it is said otherwise.
 *
 * @phpstan-import-type TableData from Outline
 * @phpstan-import-type FieldData from Outline
 */
final readonly class FromFile
{
    /** Kilobytes of a file. */
    public const LARGEST = 51_200;

    /** So many sheets of it, and so many columns of each. */
    private const SHEETS = 8;

    private const COLUMNS = 40;

    /** How a type is called that begins so, as an outline has it. */
    private const TYPES = ['is yes or no' => 'yes or no', 'is a whole number' => 'number', 'is a decimal' => 'number', 'is a date and time' => 'date and time',
        'is a date' => 'date', 'is a time of day' => 'duration', 'is an e-mail address' => 'email', 'is a web address' => 'web address',
        'is a phone number' => 'phone', 'is a colour' => 'colour', 'is a place' => 'place', 'is money in' => 'money', 'is one of' => 'choice',
        'is a long text' => 'long text'];

    /** What means something of its own in formulas. */
    private const MEAN = ['this', 'screen', 'me', 'input', 'app', 'asset', 'account', 'null', 'true', 'false', 'and', 'or', 'not'];

    public function __construct(private RevisionBook $book)
    {
    }

    /**
     * @param  string  $path  of a file that may be taken away from there
     * @param  string  $called  what whoever brings it calls it
     * @return array{app: App, imports: list<int>} imports: under way
     *
     * @throws UnreadableFile
     */
    public function begin(Founder $founder, string $path, string $called): array
    {
        $kind = ImportFile::kindOf($path);
        $name = self::named(pathinfo($called, PATHINFO_FILENAME)) ?: 'From a file';
        $app = $this->book->begin($founder, Blueprint::begin($name));
        try {
            $looks = $this->looks($app, $path, $kind, $called);
            $tables = self::tables($looks, $name);
            $outline = ['tables' => $tables, 'roles' => [], 'acts' => [], 'rights' => [], 'sells' => null, 'founders' => array_column($tables, 'singular'),
                'questions' => [], 'wants' => [], 'not' => []];
            $plan = new Plan($name, $outline, '');
            $this->book->edit($app, $founder, 1, new Rewrite(Building::of($name, $outline)->script()));
            $app->refresh();
            $imports = [];
            foreach ($looks as $i => [$import]) {
                $noun = mb_strtolower($tables[$i]['singular']);
                $table = $app->revision->read()->table($plan->nouns[$noun]->many);
                if ($table === null) {
                    continue;
                }
                $to = array_map(fn (array $field): string => Names::inFormula($plan->called($field, $noun)), $tables[$i]['fields']);
                $mapping = new Mapping($to, '');
                $import->forceFill([
                    'stored' => $table->storedAs(),
                    'state' => 'queued',
                    'plan' => ['to' => $to, 'key' => '', 'onlyRight' => true, 'skip' => [], 'announced' => false,
                        'readings' => array_map(fn ($reading): string => $reading->value, Look::readings($import, $mapping, $table, []))],
                ])->save();
                RunImport::dispatch($import->id);
                $imports[] = $import->id;
            }

            return ['app' => $app, 'imports' => $imports];
        } catch (Throwable $trouble) {
            $app->forceDelete();
            throw $trouble;
        }
    }

    /**
     * Each sheet that has rows, with what is in it.
     *
     * @return list<array{Import, array<string, mixed>}>
     *
     * @throws UnreadableFile
     */
    private function looks(App $app, string $path, string $kind, string $called): array
    {
        $import = fn (string $sheet): Import => new Import(['app_id' => $app->id, 'dataset' => DataSet::Sandbox->value, 'stored' => '', 'kind' => $kind,
            'file' => Str::random(24), 'name' => mb_substr($called, 0, 200), 'sheet' => $sheet, 'plan' => []]);
        $first = $import('');
        copy($path, $first->path());
        $sheets = ImportFile::sheets($first) ?: [''];
        $looks = [];
        foreach (array_slice($sheets, 0, self::SHEETS) as $i => $sheet) {
            $one = $i === 0 ? $first : $import($sheet);
            $one->sheet = $sheet;
            // Each takes its own away when it has ended.
            $i === 0 ?: copy($path, $one->path());
            $one->save();
            try {
                $look = Look::at($one->refresh(), null);
            } catch (UnreadableFile $unreadable) {
                // Of several sheets one that is empty is passed over.
                if (count($sheets) === 1) {
                    throw $unreadable;
                }
                is_file($one->path()) && unlink($one->path());
                $one->delete();

                continue;
            }
            $looks[] = [$one, $look];
        }

        return $looks === [] ? throw new UnreadableFile('There are no rows in this file.') : $looks;
    }

    /**
     * @param  list<array{Import, array<string, mixed>}>  $looks
     * @return list<TableData>
     */
    private static function tables(array $looks, string $name): array
    {
        $lexicon = new Lexicon();
        $tables = [];
        foreach ($looks as [$import, $look]) {
            // A sheet that nobody has named is called as the file is.
            $called = Pattern::match('~^(?:sheet|table|tabelle)?\s*\d*$~iu', $import->sheet) ? $name : self::named($import->sheet);
            // “Boats 2019” has boats.
            $words = trim(Pattern::replace('/(?<!\p{L})[\p{N}-]*\p{N}[\p{N}-]*(?!\p{L})/u', '', $called ?: $name)) ?: 'Rows';
            $one = ucfirst($lexicon->one(mb_strtolower(Pattern::replace('/\s+/u', ' ', $words))));
            // People are those who sign in.
            $one = in_array(mb_strtolower($one), ['person', 'user', 'people'], true) ? 'Contact' : $one;
            for ($n = 2; in_array($one, array_column($tables, 'singular'), true); $n++) {
                $one = Pattern::replace('/ \d+$/', '', $one)." $n";
            }
            $columns = array_slice(is_array($look['columns']) ? array_values($look['columns']) : [], 0, self::COLUMNS);
            $tables[] = [
                'name' => ucfirst($lexicon->many(mb_strtolower($one))), 'singular' => $one, 'from' => [0, 0], 'fields' => self::fields($columns),
                'links' => [],
            ];
        }

        return $tables;
    }

    /**
     * @param  array<int, mixed>  $columns
     * @return list<FieldData>
     */
    private static function fields(array $columns): array
    {
        $fields = [];
        foreach ($columns as $i => $column) {
            $told = fn (string $key): string => is_array($column) && is_string($column[$key] ?? null) ? $column[$key] : '';
            $name = self::named($told('name')) ?: 'Column '.($i + 1);
            $name = Names::inFormula($name) === 'id' ? 'Number' : $name;
            $name = in_array(Names::inFormula($name), self::MEAN, true) ? "$name column" : $name;
            $base = $name;
            for ($n = 2; in_array(Names::inFormula($name), array_map(fn (array $field): string => Names::inFormula($field['name']), $fields), true); $n++) {
                $name = "$base $n";
            }
            $guess = $told('guess');
            $type = array_values(array_filter(self::TYPES, fn (string $begins): bool => str_starts_with($guess, $begins), ARRAY_FILTER_USE_KEY))[0] ?? 'text';
            Pattern::matchAll('/"((?:[^"\\\\]|\\\\.)*)"/', $guess, $choices);
            $fields[] = ['name' => $name, 'type' => $type, 'choices' => array_map(stripslashes(...), $choices[1]), 'from' => [0, 0],
                'written' => $guess === 'is a text' ? 'is a text of at most 500' : $guess];
        }

        return $fields;
    }

    /** A name as a founder would write it; '' where nothing of it can be read. */
    private static function named(string $raw): string
    {
        $words = trim(Pattern::replace('/[^\p{L}\p{N} -]+|_+/u', ' ', mb_scrub(mb_substr($raw, 0, 60))));
        $words = trim(Pattern::replace('/\s+/u', ' ', $words), ' -');

        return Pattern::match('/\p{L}/u', $words) ? ucfirst(mb_substr($words, 0, 40)) : '';
    }
}
