<?php

declare(strict_types=1);

namespace App\Studio;

use App\Apps\RevisionBook;
use App\Models\App;
use App\Models\Founder;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Lanai\Core\Edits\Edit;
use Lanai\Core\Edits\EditRefused;
use Lanai\Core\Edits\EditResult;

/** The one way in for edits, whichever station they come from: made on the revision that the founder saw, answered with what changed. */
final readonly class EditDesk
{
    public function __construct(private RevisionBook $book)
    {
    }

    /**
     * @param  bool  $foresees  where it could take values away or leave sentences pointing at nothing, it is told first and not made yet
     *
     * @throws EditRefused
     */
    public function make(Request $request, App $app, Founder $founder, Edit $edit, bool $foresees = false): JsonResponse
    {
        if ($foresees && ! $request->boolean('sure')) {
            $foreseen = Foresight::of($app, $edit);
            if ($foreseen !== null) {
                return response()->json(['message' => $foreseen['title'], 'foreseen' => $foreseen], 428);
            }
        }

        return $this->respond($request, $app, fn (): EditResult => $this->book->edit($app, $founder, $request->integer('base'), $edit));
    }

    public function undo(Request $request, App $app, Founder $founder): JsonResponse
    {
        return $this->respond($request, $app, fn (): EditResult => $this->book->undo($app, $founder));
    }

    public function redo(Request $request, App $app, Founder $founder): JsonResponse
    {
        return $this->respond($request, $app, fn (): EditResult => $this->book->redo($app, $founder));
    }

    /** @param  callable(): EditResult  $work */
    private function respond(Request $request, App $app, callable $work): JsonResponse
    {
        $request->validate(
            ['base' => ['required', 'integer', 'min:1'], 'page' => ['sometimes', 'nullable', 'string', 'max:40', 'regex:~^(/screens/\d+)?$~']],
            ['*' => 'This edit could not be understood.'],
        );
        $edited = $work();
        $delta = new Delta($app, $request->integer('base'), $request->string('page')->value());

        return response()->json($delta->after($edited));
    }
}
