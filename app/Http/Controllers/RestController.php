<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\ApiToken;
use App\Models\App;
use App\People\Sessions;
use App\Records\DataSet;
use App\Records\RowDesk;
use Illuminate\Http\Exceptions\HttpResponseException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Lanai\Core\Exchange\OpenApi;
use Lanai\Core\Formula\FormulaMistake;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Field;
use Lanai\Core\Model\Row;
use Lanai\Core\Model\UnreadableValue;
use Lanai\Core\Query\Query;
use Lanai\Core\Services\JsonValues;
use Lanai\Core\Text\Names;

/** An app's rows for other programs: JSON over HTTP, one resource for each table, with tokens that the founder makes. */
final class RestController
{
    public static function address(App $app, DataSet $set): string
    {
        return rtrim((string) config('app.url'), '/')."/rest/$app->slug/$set->value";
    }

    /** The document is for the founder and for who has a token; that of what is live for everybody where the founder says so. */
    public function document(Request $request, string $slug, string $set): JsonResponse
    {
        [$app, $blueprint] = self::app($slug, DataSet::from($set));
        if (! ($set === DataSet::Live->value && $app->api_public) && $request->user()?->getKey() !== $app->founder_id) {
            $this->token($request, $app, $set);
        }

        return response()->json(
            OpenApi::of($blueprint, self::address($app, DataSet::from($set))),
            200,
            [],
            JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_PRETTY_PRINT,
        );
    }

    public function index(Request $request, string $slug, string $set, string $table): JsonResponse
    {
        $desk = $this->desk($request, $slug, $set, $table, false);
        $request->validate([
            'limit' => ['sometimes', 'integer', 'min:1', 'max:200'],
            'where' => ['sometimes', 'string', 'max:2000'],
            'search' => ['sometimes', 'string', 'max:200'],
            'after' => ['sometimes', 'string', 'regex:/^\d{1,15}$/'],
        ]);
        $limit = $request->integer('limit', 50);
        try {
            $query = $desk->query('', true, $request->string('search')->value(), $request->string('where')->value());
        } catch (FormulaMistake $mistake) {
            throw self::problem(422, $mistake->getMessage());
        }
        $rows = $desk->store->rows(
            new Query(
                $query->table,
                $query->where,
                [],
                $limit + 1,
                $query->search,
                $request->filled('after') ? [$request->integer('after')] : null,
                $query->compute,
            ),
        );
        $more = count($rows) > $limit;
        $rows = array_slice($rows, 0, $limit);
        $next = $more ? $request->fullUrlWithQuery(['after' => (string) $rows[$limit - 1]->id]) : null;

        return response()->json(
            ['rows' => array_map(fn (Row $row): array => $this->written($desk, $row), $rows)],
            200,
            $next === null ? [] : ['Link' => "<$next>; rel=\"next\""],
            JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE,
        );
    }

    public function show(Request $request, string $slug, string $set, string $table, int $row): JsonResponse
    {
        $desk = $this->desk($request, $slug, $set, $table, false);

        $found = $desk->row($row) ?? throw self::problem(404, 'There is no such row.');
        $response = response()->json($this->written($desk, $found))->setEtag(trim(self::tag($found), '"'));
        $response->isNotModified($request);

        return $response;
    }

    public function add(Request $request, string $slug, string $set, string $table): JsonResponse
    {
        return $this->told($this->desk($request, $slug, $set, $table, true), fn (RowDesk $desk): Row => $this->wrote($desk, null, $request), 201);
    }

    public function change(Request $request, string $slug, string $set, string $table, int $row): JsonResponse
    {
        return $this->told(
            $this->desk($request, $slug, $set, $table, true),
            function (RowDesk $desk) use ($row, $request): Row {
                $this->seen($desk, $row, $request);

                return $this->wrote($desk, $row, $request);
            },
            200,
        );
    }

    public function remove(Request $request, string $slug, string $set, string $table, int $row): Response
    {
        $desk = $this->desk($request, $slug, $set, $table, true);
        $desk->store->together(function () use ($desk, $row, $request): void {
            $this->seen($desk, $row, $request);
            $desk->remove([$row], new Query($desk->table));
        });

        return response()->noContent();
    }

    /** @param  callable(RowDesk): Row  $work  done with no other writer in between */
    private function told(RowDesk $desk, callable $work, int $status): JsonResponse
    {
        $row = $desk->store->together(fn (): Row => $work($desk));

        return response()->json($this->written($desk, $row), $status)->setEtag(trim(self::tag($row), '"'));
    }

    /**
     * Whoever changes or removes a row says which version they saw (RFC 9110, section 13.1.1; RFC 6585, section 3): nobody writes
     * over what they have not seen unless they say so with "*".
     *
     * @throws HttpResponseException
     */
    private function seen(RowDesk $desk, int $id, Request $request): void
    {
        $row = $desk->row($id) ?? throw self::problem(404, 'There is no such row.');
        $match = trim((string) $request->header('If-Match'));
        if ($match === '') {
            throw self::problem(428, 'Say which version you saw: If-Match with the ETag of the row, or If-Match: * to write over whatever is there.');
        }
        // Weak marks do not count where something is written.
        if ($match !== '*' && ! in_array(self::tag($row), array_map(trim(...), explode(',', $match)), true)) {
            throw new HttpResponseException(
                response()->json(
                    ['message' => 'Somebody else has changed this row since. It comes along as it is now.', 'row' => $this->written($desk, $row)],
                    412,
                    ['ETag' => self::tag($row)],
                ),
            );
        }
    }

    /** The mark of a row's version: of what is stored, whatever is computed from it. */
    private static function tag(Row $row): string
    {
        $stored = array_map(
            fn (Field $f): mixed => JsonValues::of($row->value($f)),
            array_filter($row->table->fields, fn (Field $f): bool => $f->formula() === ''),
        );

        return '"'.substr(hash('sha256', json_encode([$row->id, $stored], JSON_THROW_ON_ERROR | JSON_INVALID_UTF8_SUBSTITUTE)), 0, 32).'"';
    }

    private function wrote(RowDesk $desk, ?int $id, Request $request): Row
    {
        $given = $request->json()->all();
        $values = $errors = [];
        foreach ($given as $name => $json) {
            $field = $desk->table->fieldInFormula((string) $name);
            if ($name === 'id' || ($field !== null && ! $field->isAsked())) {
                continue;
            }
            if ($field === null) {
                $errors[(string) $name] = "{$desk->table->name} has no such field.";

                continue;
            }
            try {
                $values[(string) $name] = JsonValues::read($field, $json);
            } catch (UnreadableValue $wrong) {
                $errors[(string) $name] = $wrong->getMessage();
            }
        }
        $done = $errors === [] ? $desk->write([['id' => $id, 'values' => $values, 'was' => []]]) : ['rows' => [], 'errors' => [], 'changed' => []];
        foreach ($done['errors'] as $error) {
            $errors[$error['field']] = $error['sentence'];
        }
        if ($errors !== []) {
            throw self::problem(422, array_key_first($errors).': '.$errors[array_key_first($errors)], $errors);
        }

        return $desk->row($done['rows'][0]->id) ?? throw self::problem(404, 'There is no such row.');
    }

    /** @return array<string, mixed> */
    private function written(RowDesk $desk, Row $row): array
    {
        $values = ['id' => $row->id];
        foreach ($desk->table->fields as $field) {
            $values[Names::inFormula($field->name)] = JsonValues::of($field->formula() === '' ? $row->value($field) : $desk->valueOf($row, $field));
        }

        return $values;
    }

    private function desk(Request $request, string $slug, string $set, string $table, bool $writes): RowDesk
    {
        [$app, $blueprint] = self::app($slug, DataSet::from($set));
        $token = $this->token($request, $app, $set);
        if ($writes && ! $token->writes) {
            throw self::problem(403, 'This token may only read.', [], ['WWW-Authenticate' => 'Bearer error="insufficient_scope"']);
        }
        if ($token->used_at === null || $token->used_at->diffInMinutes() >= 1) {
            $token->update(['used_at' => now()]);
        }

        return new RowDesk($app, DataSet::from($set), $blueprint, $blueprint->tableStoredAs($table) ?? throw self::problem(404, 'There is no such table.'));
    }

    private function token(Request $request, App $app, string $set): ApiToken
    {
        $shown = (string) $request->bearerToken();

        return ApiToken::query()
            ->where(['app_id' => $app->id, 'dataset' => $set, 'token' => Sessions::hash($shown)])
            ->first() ??
            throw self::problem(
                401,
                $shown === '' ? 'A token is needed: Authorization: Bearer …' : 'This token is not known here.',
                [],
                ['WWW-Authenticate' => $shown === '' ? 'Bearer' : 'Bearer error="invalid_token"'],
            );
    }

    /** @return array{App, Blueprint} */
    private static function app(string $slug, DataSet $set): array
    {
        $app = App::query()
            ->with(['revision', 'liveRevision'])
            ->where('slug', $slug)
            ->first();
        $revision = $app?->revisionOf($set);

        return $app === null || $revision === null ? throw self::problem(404, 'There is no such app.') : [$app, $revision->read()];
    }

    /**
     * @param  array<string, string>  $fields
     * @param  array<string, string>  $headers
     */
    private static function problem(int $status, string $message, array $fields = [], array $headers = []): HttpResponseException
    {
        return new HttpResponseException(response()->json(['message' => $message] + ($fields === [] ? [] : ['fields' => $fields]), $status, $headers));
    }
}
