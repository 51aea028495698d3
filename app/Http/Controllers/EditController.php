<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Apps\Facts;
use App\Apps\LayoutSurvey;
use App\Http\Requests\Edit;
use App\Models\App;
use App\Models\Founder;
use App\Stores\ReviewDesk;
use App\Studio\EditDesk;
use App\Studio\StudioState;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Lanai\Core\Edits\EditRefused;
use Lanai\Core\Edits\Kinds\PutRight;
use Lanai\Core\Edits\Offers;
use Lanai\Core\Edits\Patch;
use Lanai\Core\Edits\Several;
use Lanai\Core\Findings\Finding;
use Lanai\Core\Formula\Formula;
use Lanai\Core\Formula\FormulaMistake;
use Lanai\Core\Formula\Scope;
use Lanai\Core\Language\Choice;
use Lanai\Core\Language\Fits\FamilyFit;
use Lanai\Core\Language\Fits\FormulaFit;
use Lanai\Core\Model\SentenceDiff;
use Lanai\Core\Wording\InWords;

/** Edits of an app, what can be edited where, and the way back. */
final readonly class EditController
{
    public function __construct(private EditDesk $desk)
    {
    }

    public function store(Edit $request, App $app, #[CurrentUser] Founder $founder): JsonResponse
    {
        return $this->desk->make($request, $app, $founder, $request->edit(), foresees: true);
    }

    /** Takes up what a finding offers. */
    public function mended(Request $request, App $app, #[CurrentUser] Founder $founder): JsonResponse
    {
        $mend = $this->finding($app, $request->string('finding')->value())->mend ?? throw new EditRefused('There is no mend for this.');

        return $this->desk->make($request, $app, $founder, new PutRight($mend->label, $mend->operations));
    }

    /** What can be added to a sentence. */
    public function offers(Request $request, App $app): JsonResponse
    {
        return response()->json(['offers' => Offers::at($app->revision->read(), $request->string('at')->value())]);
    }

    /** The sentences that can be begun in a list. */
    public function beginnings(Request $request, App $app): JsonResponse
    {
        $index = $request->has('index') ? $request->integer('index') : null;

        return response()->json(['beginnings' => Offers::in($app->revision->read(), $request->string('list')->value(), $index)]);
    }

    /** The sentences of one screen. */
    public function page(Request $request, App $app): JsonResponse
    {
        $request->validate(['at' => ['required', 'string', 'max:40', 'regex:~^/screens/\d+$~']]);
        $at = $request->string('at')->value();

        return response()->json(['at' => $at, 'revision' => $app->revision->number, 'lines' => StudioState::page($app->revision->read(), $at)]);
    }

    /** Lines as script text, to be put in elsewhere. */
    public function copied(Request $request, App $app): JsonResponse
    {
        $request->validate(['places' => ['required', 'array', 'max:200'], 'places.*' => ['string', 'max:300']]);
        $places = array_values(array_filter($request->array('places'), is_string(...)));

        return response()->json(['text' => Several::of($app->revision->read(), $places)->script()]);
    }

    public function undo(Request $request, App $app, #[CurrentUser] Founder $founder): JsonResponse
    {
        return $this->desk->undo($request, $app, $founder);
    }

    public function redo(Request $request, App $app, #[CurrentUser] Founder $founder): JsonResponse
    {
        return $this->desk->redo($request, $app, $founder);
    }

    /** What fits in a blank. */
    public function blank(Request $request, App $app): JsonResponse
    {
        $spot =
            $app->revision
                ->read()
                ->walkTo($request->string('at')->value())
                ->blankAt($request->string('at')->value()) ?? abort(404);
        $fit = $spot->blank->fit;

        return response()->json([
            'at' => $spot->at,
            'kind' => $fit->kind(),
            'words' => $fit->inWords($spot->scope),
            'value' => $fit instanceof FamilyFit ? $fit->print($spot->value, []) : $spot->text(),
            'choices' => array_map(
                fn (Choice $c): array => [
                    'text' => $c->text,
                    'note' => $c->note,
                    'words' => $fit instanceof FormulaFit ? self::words($c->text, $spot->scope) : '',
                ],
                $fit->choices($spot->scope),
            ),
            'completions' => $fit instanceof FormulaFit
                    ? array_map(fn (Choice $c): array => ['text' => $c->text, 'note' => $c->note, 'words' => ''], FormulaFit::completions($spot->scope))
                    : [],
            'type' => $fit instanceof FormulaFit ? $fit->wanted($spot->scope)->inWords() : '',
        ]);
    }

    /** A mend as changed sentences, before it is applied. */
    public function mend(Request $request, App $app): JsonResponse
    {
        $finding = $this->finding($app, $request->string('finding')->value());
        $data = $app->revision->blueprint;
        $after = $finding->mend === null ? $data : (new Patch($finding->mend->operations))->applyTo($data);

        return response()->json(['label' => $finding->mend?->label, 'sentences' => SentenceDiff::between($data, $after)]);
    }

    private static function words(string $formula, Scope $scope): string
    {
        try {
            return InWords::of(Formula::of($formula), $scope);
        } catch (FormulaMistake) {
            return $formula;
        }
    }

    private function finding(App $app, string $id): Finding
    {
        foreach (Facts::findings($app) as $finding) {
            if ($finding->id() === $id) {
                return $finding;
            }
        }
        $screen = Finding::screenOf($id);
        foreach ($screen === null ? [] : (new LayoutSurvey($app))->screens(null, $screen) as $surveyed) {
            foreach ($surveyed['findings'] as $finding) {
                if ($finding->id() === $id) {
                    return $finding;
                }
            }
        }

        return (new ReviewDesk($app))->finding($id) ?? throw new EditRefused('This has been put right already.');
    }
}
