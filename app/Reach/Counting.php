<?php

declare(strict_types=1);

namespace App\Reach;

use App\Device\Entry;
use App\Http\Requests\DeviceRequest;
use Lanai\Core\Text\Pattern;

/**
 * What a device has done since it told last goes along with what it asks anyway, and is counted once it has its answer. In the deck nobody is counted, nor is
 * anybody whose browser says that they do not want it (Global Privacy Control, a draft of the W3C: the header Sec-GPC).
 */
final class Counting
{
    /** So many steps are told at once. */
    private const STEPS = 60;

    private const LONGEST = 300;

    /** Questions without an answer that are told at once. */
    private const UNANSWERED = 100;

    /** Milliseconds: whoever waits longer for a screen does something else. */
    private const WAITS = 600_000;

    /** Seconds: what is told goes along with what is asked next. */
    private const OLDEST = 3600;

    /** What cannot be read is not counted, and keeps nobody from what they asked for. */
    public static function after(DeviceRequest $request, Entry $entry): void
    {
        if ($entry->inDeck() || $entry->sitting !== null || ! is_array($request->input('counted')) || $request->header('Sec-GPC') === '1') {
            return;
        }
        $told = self::read($request->array('counted'));
        if ($told === null) {
            return;
        }
        $person = $request->found($entry)?->account->person;
        $now = now()->getTimestamp();
        defer(function () use ($entry, $told, $person, $now): void {
            $book = new CountBook($entry->space);
            $steps = Steps::of($entry->blueprint(), $told['steps']);
            $blueprint = $entry->blueprint();
            $book->count(
                $book->visitor($told['device']),
                $steps,
                $person,
                mb_strtolower($told['source']),
                $now,
                Steps::ways($blueprint),
                Trials::of($blueprint),
                $entry->revision->number,
                Versions::named($entry->app, $told['version']),
                $told['unanswered'],
            );
            $person === null || Steps::hoped($entry->blueprint()) === [] || self::ledTo($entry, $steps, $person, $now);
        }, always: true);
    }

    /**
     * Whoever has opened a message within a day and does what it hoped for was led to it.
     *
     * @param  list<array{what: 'screen'|'page'|'tap', of: string, ago: int}>  $steps
     */
    private static function ledTo(Entry $entry, array $steps, int $person, int $now): void
    {
        $hoped = Steps::hoped($entry->blueprint());
        $done = array_column(array_filter($steps, fn (array $step): bool => $step['what'] === 'tap'), 'of');
        $messages = array_keys(array_filter($hoped, fn (string $tap): bool => in_array($tap, $done, true)));
        if ($messages !== []) {
            $book = new MessageBook($entry->space);
            $book->led(array_map(fn (\stdClass $raw): int => (int) $raw->id, $book->openedLately($person, $messages, $now)), $now);
        }
    }

    /**
     * Read by hand: it comes with every screen, and a validator would take longer than the counting.
     *
     * @param  array<array-key, mixed>  $told
     * @return array{device: string, steps: list<array{what: string, of: string, ago: int, ms?: int}>, source: string, version: string, unanswered: int}|null
     */
    private static function read(array $told): ?array
    {
        $source = $told['source'] ?? '';
        $isWhole = is_string($told['device'] ?? null) && Pattern::match('/^[0-9a-f-]{36}$/D', $told['device'])
            && is_string($source) && Pattern::match('/^[A-Za-z0-9._-]{0,60}$/D', $source)
            && is_array($told['steps'] ?? null) && count($told['steps']) <= self::STEPS;
        $steps = [];
        foreach ($isWhole ? $told['steps'] : [] as $step) {
            $isStep = is_array($step) && in_array($step['what'] ?? null, ['screen', 'page', 'tap'], true);
            if (! $isStep || ! is_string($step['of'] ?? null) || strlen($step['of']) > self::LONGEST) {
                return null;
            }
            $ago = is_int($step['ago'] ?? null) ? max(0, min(self::OLDEST, $step['ago'])) : 0;
            $took = is_int($step['ms'] ?? null) ? ['ms' => max(0, min(self::WAITS, $step['ms']))] : [];
            $steps[] = ['what' => $step['what'], 'of' => $step['of'], 'ago' => $ago] + $took;
        }

        $version = is_string($told['version'] ?? null) ? $told['version'] : '';

        $unanswered = is_int($told['unanswered'] ?? null) ? max(0, min(self::UNANSWERED, $told['unanswered'])) : 0;

        return $isWhole
            ? ['device' => $told['device'], 'steps' => $steps, 'source' => $source, 'version' => $version, 'unanswered' => $unanswered]
            : null;
    }
}
