<?php

declare(strict_types=1);

namespace App\Services;

use App\Models\App;
use App\Records\DataSet;
use DateTimeImmutable;
use Illuminate\Cache\Lock as SleepingLock;
use Illuminate\Contracts\Cache\Lock;
use Lanai\Core\Services\Answer;
use Lanai\Core\Services\Call;
use Lanai\Core\Services\Freshness;
use Lanai\Core\Services\Request;
use Lanai\Core\Services\RowsMade;
use Lanai\Core\Services\Trouble;

/** Answers that are kept: fresh ones are used, older ones stand in where no new one can be got. */
final readonly class AnswerCache
{
    /** Seconds that the last good answer stays. */
    private const STAYS = 7 * 86_400;

    public function __construct(private App $app, private DataSet $set)
    {
    }

    /** @return array{answer: Answer, until: int, etag: string, modified: string, next: string}|null */
    public function of(Call $call): ?array
    {
        $kept = AnswerDatabase::store()->get($this->key($call));

        return is_array($kept) && ($kept['answer'] ?? null) instanceof Answer ? $kept : null;
    }

    /**
     * The answer that is kept where it is fresh and has rows enough; null where a call is needed.
     *
     * @param  array{answer: Answer, until: int, etag: string, modified: string, next: string}|null  $kept
     */
    public static function fresh(?array $kept, Call $call): ?Answer
    {
        return $kept !== null && $kept['until'] > time() && self::suffices($kept['answer'], $call) ? $kept['answer'] : null;
    }

    public static function suffices(Answer $answer, Call $call): bool
    {
        return ! $answer->more || self::rows($answer, $call) >= $call->rows;
    }

    public static function rows(Answer $answer, Call $call): int
    {
        $request = $call->request;

        return $request instanceof Request ? array_sum(array_map(fn (mixed $page): int => count(RowsMade::things($request, $page)), $answer->pages)) : 1;
    }

    public function keep(Call $call, Answer $answer, Freshness $freshness, string $next = ''): void
    {
        $minutes = $call->request->keptFor();
        $seconds = $minutes === null ? $freshness->seconds : $minutes * 60;
        if (! $call->reads() || ($minutes === null && ! $freshness->mayKeep)) {
            return;
        }
        AnswerDatabase::store()->put(
            $this->key($call),
            ['answer' => $answer, 'until' => time() + $seconds, 'etag' => $freshness->etag, 'modified' => $freshness->modified, 'next' => $next],
            max(self::STAYS, $seconds),
        );
    }

    public function lock(Call $call): Lock
    {
        $lock = AnswerDatabase::lock('asking:'.$this->key($call), 60);

        return $lock instanceof SleepingLock ? $lock->betweenBlockedAttemptsSleepFor(15) : $lock;
    }

    /** The last good answer, marked as such. */
    public function last(Call $call, Trouble $trouble): Answer
    {
        $kept = $this->of($call);

        return $kept === null
            ? new Answer(trouble: $trouble)
            : new Answer($kept['answer']->pages, $kept['answer']->files, $kept['answer']->at, true, $kept['answer']->more, $trouble);
    }

    public static function now(): DateTimeImmutable
    {
        return new DateTimeImmutable('@'.time());
    }

    private function key(Call $call): string
    {
        return "answer:{$this->app->id}:{$this->set->value}:".sha1($call->service->name).':'.$call->key();
    }
}
