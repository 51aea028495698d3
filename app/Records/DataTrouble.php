<?php

declare(strict_types=1);

namespace App\Records;

use App\Apps\RevisionBook;
use App\Models\App;
use Illuminate\Database\QueryException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Log;
use Lanai\Core\Text\Pattern;
use PDOException;
use Throwable;

/** What is answered where the data of an app cannot be asked just now: a sentence, and when to try again. */
final class DataTrouble
{
    /** @return JsonResponse|null null where it is something else */
    public static function answer(Throwable $trouble, Request $request): ?JsonResponse
    {
        if (! $request->is('api/*', 'device/*', 'rest/*', 'hook/*')) {
            return null;
        }
        if (self::isFull($trouble)) {
            Log::critical('There is no room on the disk to write to.', ['why' => $trouble->getMessage()]);

            return self::later('There is no room left on the server, so nothing can be written. What is there can still be read.', 60);
        }
        if (! ($trouble instanceof PDOException)) {
            return null;
        }
        if (ImmediatePdo::isLocked($trouble)) {
            return self::later('Others are writing just now. Please try again in a moment.', 2);
        }
        if (
            $trouble instanceof QueryException &&
            Pattern::match('/no such (table|column)/', $trouble->getMessage()) &&
            Pattern::match('/^app_(\d+)_/', $trouble->getConnectionName(), $found)
        ) {
            $app = App::query()
                ->with(['revision', 'liveRevision'])
                ->find((int) $found[1]);
            if ($app !== null && rescue(fn (): bool => app(RevisionBook::class)->heal($app), false)) {
                return self::later('The data of this app was put in order just now. Please try again.', 1);
            }
        }

        return null;
    }

    /** That nothing can be written, in a database or in a file: as SQLite, Linux and the framework's cache say it. */
    public static function isFull(Throwable $trouble): bool
    {
        return Pattern::match(
            '/database or disk is full|attempt to write a readonly database|File too large|disk I\/O error|No space left on device|possibly out of '
                .'free disk space/',
            $trouble->getMessage(),
        );
    }

    private static function later(string $message, int $seconds): JsonResponse
    {
        return response()->json(['message' => $message], 503, ['Retry-After' => (string) $seconds]);
    }
}
