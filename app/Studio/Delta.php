<?php

declare(strict_types=1);

namespace App\Studio;

use App\Apps\Facts;
use App\Compact;
use App\Models\App;
use Illuminate\Support\Facades\Cache;
use Lanai\Core\Edits\EditResult;
use Lanai\Core\Model\Blueprint;

/** What an edit changed of what the studio shows, as small as the edit: a JSON Patch on the state, and the lines of the page that is open. */
final readonly class Delta
{
    private const MINUTES = 720;

    /**
     * @param  int  $base  the revision that the studio shows
     * @param  string  $page  the place of the screen that it shows; '' for none
     */
    public function __construct(private App $app, private int $base, private string $page)
    {
    }

    /**
     * @return array<string, mixed> Delta of docs/studio.schema.json; with the whole state where the studio shows another revision than that
     */
    public function after(EditResult $edited): array
    {
        [$before, $now] = [$edited->before, $edited->blueprint];
        $number = $this->app->revision->number;
        $was = $edited->patch->operations === [] ? $number : $number - 1;
        $told = Cache::get($this->key($was));
        $told = is_string($told) ? Compact::read($told) : null;
        $marks = $told === null ? [] : self::unchanged($told['marks'] ?? [], $edited);
        [$findings, $marks] = Facts::found($this->app, $marks);
        $found = StudioState::ofFindings($findings);
        Cache::put($this->key($number), Compact::written($found + ['marks' => $marks]), self::MINUTES * 60);
        $next = ['made' => $edited->made, 'next' => $edited->next];
        if ($this->base !== $was || $told === null) {
            return ['from' => $was, 'whole' => StudioState::of($this->app), 'stale' => ['*']] + $next;
        }
        $touched = $this->touched($edited);
        $changes = new Changes;
        foreach (StudioState::ofRevision($this->app) as $key => $value) {
            $changes->put($key, $value);
        }
        $changes->list('findings', $told['findings'], $found['findings']);
        $changes->list('stations', $told['stations'], $found['stations']);
        $this->heads($changes, $before, $now, $edited);
        if (array_diff($touched, ['screens', 'languages']) === []) {
            // What a text has taken along in other languages changes nothing else around the screens.
            in_array('languages', $touched, true) && $changes->list('languages', StudioState::languages($before), StudioState::languages($now));
        } else {
            [$old, $new] = [StudioState::around($before), StudioState::around($now)];
            foreach ($new as $key => $value) {
                $changes->list($key, $old[$key] ?? [], $value);
            }
        }
        if (in_array('tables', $touched, true)) {
            $changes->put('people', StudioState::people($this->app, $now));
        }

        return ['from' => $was, 'patch' => $changes->operations] + $this->pages($before, $now, $edited, $touched) + $next;
    }

    /** What stands in the list of screens: where only some have changed, the others are not looked at. */
    private function heads(Changes $changes, Blueprint $before, Blueprint $now, EditResult $edited): void
    {
        $touched = self::screensTouched($edited);
        if ($touched === null) {
            $changes->list('screens', StudioState::screens($before), StudioState::screens($now));

            return;
        }
        foreach ($touched as $i) {
            $head = StudioState::screen($now->screens[$i], $i);
            if ($head !== StudioState::screen($before->screens[$i], $i)) {
                $changes->put("screens/$i", $head);
            }
        }
    }

    /** @return list<int>|null the screens within which something was edited; null where there are others now */
    private static function screensTouched(EditResult $edited): ?array
    {
        $touched = [];
        foreach ($edited->patch->operations as $operation) {
            foreach (array_filter([$operation['path'], $operation['from'] ?? null], is_string(...)) as $path) {
                $parts = explode('/', $path, 4);
                if ($parts[1] === 'screens' && ! isset($parts[3])) {
                    return null;
                }
                if ($parts[1] === 'screens') {
                    $touched[(int) $parts[2]] = true;
                }
            }
        }

        return count($edited->before->screens) === count($edited->blueprint->screens) ? array_keys($touched) : null;
    }

    /**
     * @param  mixed  $marks  the fingerprints of screens before the edit
     * @return array<int, string> those of screens that are the same after it
     */
    private static function unchanged(mixed $marks, EditResult $edited): array
    {
        $touched = self::screensTouched($edited);

        return $touched === null || ! is_array($marks) ? [] : array_diff_key(array_filter($marks, is_string(...)), array_flip($touched));
    }

    /**
     * Keeps what is told of findings, so that the next edit can say which came and went.
     *
     * @param  array<string, mixed>  $state
     */
    public static function remember(App $app, array $state): void
    {
        $key = "told:$app->id:{$app->revision->number}";
        $known = Cache::get($key);
        // A revision does not change, so what is known of its screens stays.
        $told = ['findings' => $state['findings'], 'stations' => $state['stations']] + (is_string($known) ? Compact::read($known) : []);
        Cache::put($key, Compact::written($told), self::MINUTES * 60);
    }

    /**
     * The lines of the page that is shown, and the pages of which what was fetched is stale.
     *
     * @param  list<string>  $touched
     * @return array{page?: array<string, mixed>, stale: list<string>}
     */
    private function pages(Blueprint $before, Blueprint $now, EditResult $edited, array $touched): array
    {
        $stale = [];
        // No page shows what a text says in another language.
        $touched = array_values(array_diff($touched, ['languages']));
        if ($touched === []) {
            return ['stale' => []];
        }
        foreach ($edited->patch->operations as $operation) {
            foreach (array_filter([$operation['path'], $operation['from'] ?? null], is_string(...)) as $path) {
                $parts = explode('/', $path, 4);
                if ($parts[1] === 'languages') {
                    continue;
                }
                $stale[] = isset($parts[3]) ? "/{$parts[1]}/{$parts[2]}" : '*';
            }
        }
        $stale = $touched !== ['screens'] || in_array('*', $stale, true) ? ['*'] : array_values(array_unique($stale));
        $moved = $stale === ['*'] && in_array('screens', $touched, true);
        if ($this->page === '' || $moved || ($stale !== ['*'] && ! in_array($this->page, $stale, true))) {
            return ['stale' => $stale];
        }
        $lines = Changes::ofLines(StudioState::page($before, $this->page), StudioState::page($now, $this->page));

        return ['page' => ['at' => $this->page] + $lines, 'stale' => $stale];
    }

    /** @return list<string> the parts of the app that were edited */
    private function touched(EditResult $edited): array
    {
        $touched = [];
        foreach ($edited->patch->operations as $operation) {
            foreach (array_filter([$operation['path'], $operation['from'] ?? null], is_string(...)) as $path) {
                $touched[] = explode('/', $path)[1] ?? '';
            }
        }

        return array_values(array_unique($touched));
    }

    private function key(int $number): string
    {
        return "told:{$this->app->id}:$number";
    }
}
