<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Apps\RevisionBook;
use App\Jobs\RunImport;
use App\Models\App;
use App\Models\Founder;
use App\Models\Import;
use App\Records\DataSet;
use App\Records\Importer;
use App\Records\ImportFile;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;
use Lanai\Core\Blueprint\Blueprint;
use Lanai\Core\Blueprint\Editor;
use Lanai\Core\Blueprint\Table;
use Lanai\Core\Data\Exchange\Mapping;
use Lanai\Core\Data\Exchange\Sheet;
use Lanai\Core\Data\Exchange\TypeGuess;
use Lanai\Core\Data\Exchange\UnreadableFile;
use Lanai\Core\Script\Fits\NameFit;
use Lanai\Core\Script\Names;

/** Rows from files and from the clipboard: looked at first, then brought in. */
final class ImportController
{
    private const LOOKED_AT = 300;

    private const PREVIEWED = 20000;

    /** Takes a file or pasted cells and says what is in it. */
    public function store(Request $request, App $app, string $set, string $table): JsonResponse
    {
        $request->validate(['file' => 'required_without:text|file|max:204800', 'text' => 'nullable|string|max:20000000'], ['file.*' => 'Please choose a file of at most 200 MB, or paste cells.']);
        [, $found] = $this->place($app, $set, $table);
        $file = $request->file('file');
        $name = Str::random(24);
        $path = $app->folder('imports')."/$name";
        $file instanceof UploadedFile ? $file->move(dirname($path), $name) : file_put_contents($path, $request->string('text')->value());
        $import = $app->imports()->create(['dataset' => $set, 'stored' => $found->storedAs(), 'kind' => ImportFile::kindOf($path), 'file' => $name, 'name' => $file instanceof UploadedFile ? $file->getClientOriginalName() : 'pasted cells', 'plan' => []])->refresh();

        return $this->looked($import, $found);
    }

    /** Another table of an SQLite file. */
    public function sheet(Request $request, App $app, int $import): JsonResponse
    {
        $found = $this->open($app, $import);
        $found->sheet = $request->string('sheet')->value();
        [, $table] = $this->place($app, $found->dataset, $found->stored);

        return $this->looked($found, $table);
    }

    /** What would come in, with every cell that cannot. */
    public function preview(Request $request, App $app, int $import): JsonResponse
    {
        $found = $this->open($app, $import);
        [$blueprint, $table] = $this->place($app, $found->dataset, $found->stored);
        $given = $this->given($request);
        $importer = new Importer($app, DataSet::from($found->dataset), $blueprint, $table, $this->mapping($given, $table));
        try {
            $report = $importer->preview(ImportFile::sheet($found), self::PREVIEWED);
        } catch (UnreadableFile $unreadable) {
            throw ValidationException::withMessages(['file' => $unreadable->getMessage()]);
        }

        return response()->json($report->data() + ['whole' => $report->rows < self::PREVIEWED]);
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
            $book->edit($app, $founder, 'import', $request->integer('base'), $at, fn (Editor $e) => $e->add($at, null, implode("\n", $new)));
            [, $table] = $this->place($app->refresh(), $found->dataset, $found->stored);
            foreach (array_keys($new) as $i) {
                $given['to'][$i] = Names::inFormula($given['names'][$i] ?? '');
            }
        }
        $mapping = $this->mapping($given, $table);
        if (array_filter($mapping->to) === []) {
            throw ValidationException::withMessages(['to' => 'Please choose a field for at least one column.']);
        }
        $found->forceFill(['plan' => ['to' => $mapping->to, 'key' => $mapping->key, 'onlyRight' => $given['onlyRight'], 'skip' => $given['skip']], 'state' => 'queued'])->save();
        RunImport::dispatch($found->id);

        return response()->json($this->state($found->refresh()), 202);
    }

    public function show(App $app, int $import): JsonResponse
    {
        return response()->json($this->state($app->imports()->findOrFail($import)));
    }

    public function cancel(App $app, int $import): JsonResponse
    {
        $app->imports()->whereKey($import)->whereIn('state', ['looked at', 'queued', 'running'])->update(['state' => 'cancelled']);

        return response()->json($this->state($app->imports()->findOrFail($import)));
    }

    private function looked(Import $import, Table $table): JsonResponse
    {
        try {
            $sheet = ImportFile::sheet($import);
            $sheets = ImportFile::sheets($import);
            [$columns, $total] = $this->columns($sheet, $table);
        } catch (UnreadableFile $unreadable) {
            @unlink($import->path());
            $import->delete();
            throw ValidationException::withMessages(['file' => $unreadable->getMessage()]);
        }
        $import->total = $total;
        $import->save();
        $mapping = Mapping::byName($sheet->columns(), $table);

        return response()->json(['id' => $import->id, 'name' => $import->name, 'kind' => $import->kind, 'sheets' => $sheets, 'sheet' => $import->sheet === '' ? ($sheets[0] ?? '') : $import->sheet, 'columns' => $columns, 'to' => $mapping->to, 'key' => $mapping->key, 'total' => $total], 201);
    }

    /** @return array{list<array{name: string, field: string, guess: string, samples: list<string>}>, int} */
    private function columns(Sheet $sheet, Table $table): array
    {
        $values = [];
        $total = 0;
        foreach ($sheet->rows() as $cells) {
            if ($total++ < self::LOOKED_AT) {
                foreach ($cells as $i => $cell) {
                    $values[$i][] = $cell;
                }
            }
        }
        $columns = [];
        foreach ($sheet->columns() as $i => $name) {
            $guess = TypeGuess::of($values[$i] ?? []);
            $called = Names::inFormula($name) === 'id' ? "$name number" : (string) preg_replace('/[\x00-\x1F"]+/', ' ', mb_substr($name, 0, 60));
            $columns[] = ['name' => $name, 'field' => NameFit::written($called).' '.$guess, 'guess' => $guess,
                'samples' => array_slice(array_values(array_filter(array_map(fn (string $v): string => mb_strimwidth($v, 0, 40, '…'), $values[$i] ?? []), fn (string $v): bool => $v !== '')), 0, 3)];
        }

        return [$columns, $total];
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

    /** @return array{to: list<string>, key: string, new: array<int, string>, names: array<int, string>, onlyRight: bool, skip: list<int>} */
    private function given(Request $request): array
    {
        $given = $request->validate(['to' => 'required|array|max:500', 'to.*' => 'nullable|string|max:200', 'key' => 'nullable|string|max:200', 'new' => 'array', 'new.*' => 'nullable|string|max:500',
            'names' => 'array', 'names.*' => 'nullable|string|max:200', 'onlyRight' => 'boolean', 'skip' => 'array|max:5000', 'skip.*' => 'integer']);
        $texts = fn (mixed $list): array => array_map(fn (mixed $v): string => is_string($v) ? $v : '', (array) $list);

        return ['to' => array_values($texts($given['to'])), 'key' => (string) ($given['key'] ?? ''), 'new' => $texts($given['new'] ?? []), 'names' => $texts($given['names'] ?? []),
            'onlyRight' => (bool) ($given['onlyRight'] ?? false), 'skip' => array_map(intval(...), $given['skip'] ?? [])];
    }

    /** @param  array{to: list<string>, key: string}  $given */
    private function mapping(array $given, Table $table): Mapping
    {
        $to = array_map(fn (string $name): string => $name === Mapping::ID || $table->fieldInFormula($name) !== null ? $name : '', $given['to']);

        return new Mapping($to, in_array($given['key'], $to, true) ? $given['key'] : '');
    }

    /** @return array<string, mixed> */
    private function state(Import $import): array
    {
        return ['id' => $import->id, 'state' => $import->state, 'done' => $import->done, 'total' => $import->total, 'report' => $import->report, 'trouble' => $import->trouble];
    }
}
