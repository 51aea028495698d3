<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\App;
use App\Records\DataSet;
use App\Records\EloquentRecordStore;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Lanai\Core\Formula\Formula;
use Lanai\Core\Formula\FormulaMistake;
use Lanai\Core\Formula\Kind;
use Lanai\Core\Formula\Moment;
use Lanai\Core\Formula\Scope;
use Lanai\Core\Formula\Type;
use Lanai\Core\Language\Fits\FormulaFit;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Row;
use Lanai\Core\Model\Table;
use Lanai\Core\Query\Query;
use Lanai\Core\Rows\Evaluation;
use Lanai\Core\Rows\Reader;
use Lanai\Core\Services\AnswerStore;
use Lanai\Core\Services\RowsMade;
use Lanai\Core\Wording\InWords;
use Lanai\Core\Wording\Picks;
use Lanai\Core\Wording\Trace;
use Lanai\Core\Wording\WordsToFormula;

/** Helps whoever writes a formula: what is wrong with it, what it gives on a sample row, and the same by pointing. */
final class FormulaController
{
    public function show(Request $request, App $app): JsonResponse
    {
        $given = $request->validate([
            'at' => 'required|string|max:500',
            'text' => 'nullable|string|max:5000',
            'row' => 'nullable|integer',
            'join' => 'nullable|in:and,or',
            'parts' => 'array|max:20',
            'parts.*.thing' => 'required|string|max:200',
            'parts.*.is' => 'required|string|max:20',
            'parts.*.value' => 'nullable|string|max:500',
        ]);
        $blueprint = $app->revision->read();
        $spot = $blueprint->walkTo($given['at'])->blankAt($given['at']) ?? abort(404);
        $fit = $spot->blank->fit;
        if (! ($fit instanceof FormulaFit)) {
            abort(404);
        }
        $text = isset($given['parts'])
            ? Picks::write(
                $given['join'] ?? 'and',
                array_map(
                    fn (array $p): array => ['thing' => $p['thing'], 'is' => $p['is'], 'value' => (string) ($p['value'] ?? '')],
                    array_values($given['parts']),
                ),
            )
            : trim((string) ($given['text'] ?? ''));
        $isCondition = $fit->wanted($spot->scope)->kind === Kind::YesNo;
        $answer = [
            'text' => $text,
            'words' => '',
            'type' => '',
            'mistake' => null,
            'trace' => [],
            'row' => null,
            'things' => $isCondition ? Picks::things($spot->scope) : null,
            'picks' => $isCondition ? ['join' => 'and', 'parts' => []] : null,
        ];
        if ($text === '') {
            return response()->json($answer);
        }
        $answer['text'] = $text = WordsToFormula::formula($text, $spot->scope) ?? $text;
        try {
            $formula = Formula::of($text);
            $answer['type'] = $fit->check($text, $spot->scope)->inWords();
            $answer['words'] = InWords::of($formula, $spot->scope);
        } catch (FormulaMistake $mistake) {
            return response()->json(
                ['mistake' => ['sentence' => $mistake->getMessage(), 'position' => $mistake->position, 'mended' => $mistake->mended], 'picks' => null] +
                    $answer,
            );
        }
        $answer['picks'] = $isCondition ? Picks::read($formula) : null;
        [$evaluation, $row] = $this->sample($app, $spot->scope, (int) ($given['row'] ?? 0));
        $answer['trace'] = Trace::of($formula, $spot->scope, $evaluation);
        $answer['row'] = $row === null ? null : ['id' => $row->id, 'label' => $row->label(), 'of' => $row->table->singular];

        return response()->json($answer);
    }

    /**
     * What the names in scope stand for on sample rows of the sandbox.
     *
     * @return array{Evaluation, Row|null} the row that the formula is about, where there is one
     */
    private function sample(App $app, Scope $scope, int $wanted): array
    {
        // What services answer is known only where a screen asks for it: here there is none of it.
        $moment = new Moment(new DateTimeImmutable(), new DateTimeZone('UTC'));
        $store = new AnswerStore(new EloquentRecordStore($app, DataSet::Sandbox, Blueprint::in($scope)), new RowsMade(Blueprint::in($scope)), $moment);
        $first = function (Type $type) use ($store, $scope): ?Row {
            $table = $type->kind === Kind::Row ? Blueprint::in($scope)->tableOfOne($type->one) : null;

            return $table === null ? null : $store->rows(new Query($table, limit: 1))[0] ?? null;
        };
        $names = array_map($first, array_diff_key($scope->names, ['this' => true]));
        $table = Table::known($scope->row);
        $row = $table === null ? null : $store->byIds($table, [$wanted])[$wanted] ?? $first(Type::row($table->singular));
        $about = $row ?? (array_values(array_filter($names))[0] ?? null);

        return [new Evaluation($moment, new Reader($store), ($row === null ? [] : ['this' => $row]) + $names, [], $row), $about];
    }
}
