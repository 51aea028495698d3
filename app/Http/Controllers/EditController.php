<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Apps\Facts;
use App\Apps\LayoutSurvey;
use App\Apps\RevisionBook;
use App\Apps\StudioState;
use App\Http\Requests\Edit;
use App\Models\App;
use App\Models\Founder;
use Closure;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Lanai\Core\Edits\Beginning;
use Lanai\Core\Edits\Edited;
use Lanai\Core\Edits\Editor;
use Lanai\Core\Edits\EditRefused;
use Lanai\Core\Edits\Patch;
use Lanai\Core\Edits\Several;
use Lanai\Core\Findings\Finding;
use Lanai\Core\Formula\Formula;
use Lanai\Core\Formula\FormulaMistake;
use Lanai\Core\Formula\InWords;
use Lanai\Core\Script\Choice;
use Lanai\Core\Script\Fits\FamilyFit;
use Lanai\Core\Script\Fits\FormulaFit;
use Lanai\Core\Script\Scope;
use Lanai\Core\Script\SentenceDiff;
use Lanai\Core\Script\Walk;

/** Edits of an app: blanks filled, lines added, moved and removed, mends applied, and the way back. */
final readonly class EditController
{
    public function __construct(private RevisionBook $book)
    {
    }

    public function store(Edit $request, App $app, #[CurrentUser] Founder $founder): JsonResponse
    {
        $this->book->edit($app, $founder, $request->string('what')->value(), $request->integer('base'), $request->string('at')->value(), $this->work($request, $app));

        return response()->json(StudioState::of($app));
    }

    /** @return Closure(Editor): Edited what the request asks for */
    public function work(Edit $request, App $app): Closure
    {
        $at = $request->string('at')->value();
        $text = $request->string('text')->value();

        return match ($request->string('what')->value()) {
            'fill' => fn (Editor $e): Edited => $e->fill($at, $text),
            'offer' => fn (Editor $e): Edited => $e->offer($at),
            'add' => fn (Editor $e): Edited => $e->add($at, $request->has('index') ? $request->integer('index') : null, $text),
            'remove' => fn (Editor $e): Edited => $e->remove($at),
            'move' => fn (Editor $e): Edited => $e->move($at, $request->integer('index')),
            'script' => fn (Editor $e): Edited => $e->rewrite($text),
            'sign-in' => fn (Editor $e): Edited => Beginning::of($e->blueprint),
            'several' => fn (Editor $e): Edited => $this->several($e, $request, $text),
            default => fn (Editor $e): Edited => $e->patch($this->finding($app, $text)->mend->operations ?? throw new EditRefused('There is no mend for this.')),
        };
    }

    /** @throws EditRefused */
    private function several(Editor $editor, Edit $request, string $text): Edited
    {
        $several = Several::of($editor->blueprint, self::places($request));

        return match ($request->string('how')->value()) {
            'double' => $several->doubled(),
            'remove' => $several->removed(),
            'move' => $several->movedTo($request->integer('index')),
            'group' => $several->grouped(),
            default => $several->extracted($text),
        };
    }

    /** Lines as script text, to be put in elsewhere. */
    public function copied(Request $request, App $app): JsonResponse
    {
        $request->validate(['places' => ['required', 'array', 'max:200'], 'places.*' => ['string', 'max:300']]);

        return response()->json(['text' => Several::of($app->revision->read(), self::places($request))->script()]);
    }

    /** @return list<string> */
    private static function places(Request $request): array
    {
        return array_values(array_filter($request->array('places'), is_string(...)));
    }

    public function undo(App $app, #[CurrentUser] Founder $founder): JsonResponse
    {
        $this->book->undo($app, $founder);

        return response()->json(StudioState::of($app));
    }

    public function redo(App $app, #[CurrentUser] Founder $founder): JsonResponse
    {
        $this->book->redo($app, $founder);

        return response()->json(StudioState::of($app));
    }

    /** What fits in a blank. */
    public function blank(Request $request, App $app): JsonResponse
    {
        $spot = Walk::through($app->revision->read())->blankAt($request->string('at')->value()) ?? abort(404);
        $fit = $spot->blank->fit;

        return response()->json([
            'at' => $spot->at,
            'kind' => $fit->kind(),
            'words' => $fit->inWords($spot->scope),
            'value' => $fit instanceof FamilyFit ? $fit->print($spot->value, []) : $spot->text(),
            'choices' => array_map(fn (Choice $c): array => ['text' => $c->text, 'note' => $c->note, 'words' => $fit instanceof FormulaFit ? self::words($c->text, $spot->scope) : ''], $fit->choices($spot->scope)),
            'completions' => $fit instanceof FormulaFit ? array_map(fn (Choice $c): array => ['text' => $c->text, 'note' => $c->note, 'words' => ''], FormulaFit::completions($spot->scope)) : [],
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
        foreach ((new LayoutSurvey($app))->screens(null) as $screen) {
            foreach ($screen['findings'] as $finding) {
                if ($finding->id() === $id) {
                    return $finding;
                }
            }
        }
        throw new EditRefused('This has been put right already.');
    }
}
