<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Apps\RevisionBook;
use App\Apps\WholeFile;
use App\Jobs\RunImport;
use App\Models\App;
use App\Models\Founder;
use App\Models\Import;
use App\Records\DataSet;
use App\Records\Happenings;
use App\Records\Imports\Importer;
use App\Records\Imports\ImportFile;
use App\Records\Imports\Look;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;
use Lanai\Core\Edits\Kinds\Write;
use Lanai\Core\Exchange\Mapping;
use Lanai\Core\Exchange\UnreadableFile;
use Lanai\Core\Exchange\Written\Reading;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Table;
use Lanai\Core\Text\Names;

/** Rows from files and from the clipboard: looked at first, then brought in. */
final class ImportController
{
    private const PREVIEWED = 20000;

    /** Takes a file or pasted cells and says what is in it. */
    public function store(Request $request, App $app, string $set, string $table): JsonResponse
    {
        $request->validate(
            ['file' => 'required_without:text|file|max:204800', 'text' => 'nullable|string|max:20000000'],
            ['file.*' => 'Please choose a file of at most 200 MB, or paste cells.'],
        );
        [, $found] = $this->place($app, $set, $table);
        $file = $request->file('file');
        $name = Str::random(24);
        $path = $app->folder('imports')."/$name";
        if ($file instanceof UploadedFile) {
            $file->move(dirname($path), $name);
        } else {
            WholeFile::put($path, $request->string('text')->value());
        }
        try {
            $kind = ImportFile::kindOf($path);
        } catch (UnreadableFile $unreadable) {
            unlink($path);
            throw ValidationException::withMessages(['file' => $unreadable->getMessage()]);
        }
        $called = $file instanceof UploadedFile ? mb_substr($file->getClientOriginalName(), 0, 200) : 'pasted cells';
        $import = $app
            ->imports()
            ->create(['dataset' => $set, 'stored' => $found->storedAs(), 'kind' => $kind, 'file' => $name, 'name' => $called, 'plan' => []])
            ->refresh();

        return $this->looked($import, $found, true);
    }

    /** Another sheet of the file, or another row that names the columns. */
    public function sheet(Request $request, App $app, int $import): JsonResponse
    {
        $given = $request->validate(['sheet' => 'nullable|string|max:500', 'header' => 'nullable|integer|min:0|max:1000000']);
        $found = $this->open($app, $import);
        if (($given['sheet'] ?? '') !== '' && $given['sheet'] !== $found->sheet) {
            $found->forceFill(['sheet' => $given['sheet'], 'header' => null]);
        }
        if (isset($given['header'])) {
            $found->header = (int) $given['header'];
        }
        [, $table] = $this->place($app, $found->dataset, $found->stored);

        return $this->looked($found, $table, false);
    }

    /** What would come in, with every cell that cannot. */
    public function preview(Request $request, App $app, int $import): JsonResponse
    {
        $found = $this->open($app, $import);
        [$blueprint, $table] = $this->place($app, $found->dataset, $found->stored);
        $given = $this->given($request);
        $mapping = $this->mapping($given, $table, $found);
        $importer = new Importer($app, DataSet::from($found->dataset), $blueprint, $table, $mapping);
        try {
            $report = $importer->preview(ImportFile::sheet($found), self::PREVIEWED);
        } catch (UnreadableFile $unreadable) {
            throw ValidationException::withMessages(['file' => $unreadable->getMessage()]);
        }

        $waited = Happenings::of($app, DataSet::from($found->dataset), $blueprint)->isWaitedFor($table);

        return response()->json(
            $report->data() + ['whole' => $report->rows < self::PREVIEWED, 'readings' => Look::choices($found, $mapping, $table), 'waited' => $waited],
        );
    }

    /** Makes the fields that are wanted and begins. */
    public function run(Request $request, App $app, int $import, RevisionBook $book, #[CurrentUser] Founder $founder): JsonResponse
    {
        $found = $this->open($app, $import);
        $given = $this->given($request);
        [, $table] = $this->place($app, $found->dataset, $found->stored);
        $new = array_filter($given['new'], fn (string $sentence): bool => $sentence !== '');
        if ($new !== [] && $found->dataset === DataSet::Live->value) {
            throw ValidationException::withMessages(['new' => 'New fields are made in the sandbox first; then go live with them.']);
        }
        if ($new !== []) {
            $request->validate(['base' => ['required', 'integer', 'min:1']]);
            $at = '/tables/'.array_search($table->name, array_map(fn (Table $t): string => $t->name, $app->revision->read()->tables), true).'/fields';
            $book->edit($app, $founder, $request->integer('base'), new Write($at, implode("\n", $new)));
            [, $table] = $this->place($app->refresh(), $found->dataset, $found->stored);
            foreach (array_keys($new) as $i) {
                $given['to'][$i] = Names::inFormula($given['names'][$i] ?? '');
            }
        }
        $mapping = $this->mapping($given, $table, $found);
        if (array_filter($mapping->to) === []) {
            throw ValidationException::withMessages(['to' => 'Please choose a field for at least one column.']);
        }
        $found
            ->forceFill([
                'plan' => [
                    'to' => $mapping->to,
                    'key' => $mapping->key,
                    'onlyRight' => $given['onlyRight'],
                    'skip' => $given['skip'],
                    'readings' => array_map(fn (Reading $r): string => $r->value, $mapping->readings),
                    'announced' => $given['announced'],
                ],
                'state' => 'queued',
            ])
            ->save();
        RunImport::dispatch($found->id);

        return response()->json($this->state($found->refresh()), 202);
    }

    public function show(App $app, int $import): JsonResponse
    {
        return response()->json($this->state($app->imports()->findOrFail($import)));
    }

    public function cancel(App $app, int $import): JsonResponse
    {
        $app->imports()
            ->whereKey($import)
            ->whereIn('state', ['looked at', 'queued', 'running'])
            ->update(['state' => 'cancelled']);

        return response()->json($this->state($app->imports()->findOrFail($import)));
    }

    /** @param  bool  $new  whether a file in which there are no rows is forgotten */
    private function looked(Import $import, Table $table, bool $new): JsonResponse
    {
        try {
            return response()->json(Look::at($import, $table), 201);
        } catch (UnreadableFile $unreadable) {
            if ($new) {
                is_file($import->path()) && unlink($import->path());
                $import->delete();
            }
            throw ValidationException::withMessages(['file' => $unreadable->getMessage()]);
        }
    }

    private function open(App $app, int $import): Import
    {
        return $app->imports()->where('state', 'looked at')->findOrFail($import);
    }

    /** @return array{Blueprint, Table} */
    private function place(App $app, string $set, string $table): array
    {
        $desk = RowController::desk($app, $set, $table);

        return [$desk->store->blueprint(), $desk->table];
    }

    /**
     * @return array{to: list<string>, key: string, new: array<int, string>, names: array<int, string>, onlyRight: bool, skip: list<int>,
     *   readings: array<int, string>, announced: bool}
     */
    private function given(Request $request): array
    {
        $given = $request->validate([
            'to' => 'required|array|max:500',
            'to.*' => 'nullable|string|max:200',
            'key' => 'nullable|string|max:200',
            'new' => 'array',
            'new.*' => 'nullable|string|max:500',
            'names' => 'array',
            'names.*' => 'nullable|string|max:200',
            'onlyRight' => 'boolean',
            'skip' => 'array|max:5000',
            'skip.*' => 'integer',
            'readings' => 'array|max:500',
            'readings.*' => 'nullable|string|max:20',
            'announced' => 'boolean',
        ]);
        $texts = fn (mixed $list): array => array_map(fn (mixed $v): string => is_string($v) ? $v : '', (array) $list);

        return [
            'to' => array_values($texts($given['to'])),
            'key' => (string) ($given['key'] ?? ''),
            'new' => $texts($given['new'] ?? []),
            'names' => $texts($given['names'] ?? []),
            'onlyRight' => (bool) ($given['onlyRight'] ?? false),
            'skip' => array_map(intval(...), $given['skip'] ?? []),
            'readings' => $texts($given['readings'] ?? []),
            'announced' => (bool) ($given['announced'] ?? false),
        ];
    }

    /** @param  array{to: list<string>, key: string, readings: array<int, string>}  $given */
    private function mapping(array $given, Table $table, Import $import): Mapping
    {
        $to = array_map(fn (string $name): string => $name === Mapping::ID || $table->fieldInFormula($name) !== null ? $name : '', $given['to']);

        $mapping = new Mapping($to, in_array($given['key'], $to, true) ? $given['key'] : '');

        return new Mapping($mapping->to, $mapping->key, Look::readings($import, $mapping, $table, $given['readings']));
    }

    /** @return array<string, mixed> */
    private function state(Import $import): array
    {
        return [
            'id' => $import->id,
            'state' => $import->state,
            'done' => $import->done,
            'total' => $import->total,
            'report' => $import->report === null ? null : ['links' => (object) ($import->report['links'] ?? [])] + $import->report,
            'trouble' => $import->trouble,
        ];
    }
}
