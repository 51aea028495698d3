<?php

declare(strict_types=1);

namespace App\Apps;

use App\Models\App;
use App\Models\Trouble;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Reach\Tapped;
use Lanai\Core\Text\Pattern;

/** What went wrong on phones, for the founder: nothing of a person is kept with it, and no more of it than can be read. */
final class Troubles
{
    /** Of one app; what has not happened for the longest time makes room. */
    private const MOST = 100;

    private const LONG = 4000;

    private const STEPS = 8;

    /** The slug of a screen, or the place of a line. */
    private const PLACE = '~^(?:[\p{L}\p{N}-]{1,100}|(?:/[A-Za-z0-9@#]{1,60}){1,40})$~uD';

    /** @param  list<array<array-key, mixed>>  $steps  what was looked at and tapped before */
    public static function keep(App $app, string $said, string $where, string $on, string $version, array $steps = []): void
    {
        [$said, $where] = [self::bare($said, 500), self::bare($where, self::LONG)];
        if ($said === '') {
            return;
        }
        // The same at the same place: figures in it, such as of a row, make it no other.
        $mark = hash('sha256', Pattern::replace('~\d+~', '0', $said.strtok($where, "\n")));
        $known = Trouble::query()->firstOrCreate(
            ['app_id' => $app->id, 'mark' => $mark],
            ['said' => $said, 'where' => $where, 'on' => $on, 'version' => $version, 'times' => 0],
        );
        $known->update(['times' => $known->times + 1, 'on' => $on, 'version' => $version] + ($steps === [] ? [] : ['steps' => self::known($steps)]));
        $old = Trouble::query()->where('app_id', $app->id)->orderByDesc('updated_at')->orderByDesc('id')->skip(self::MOST)->take(self::MOST)->pluck('id');
        Trouble::query()->whereIn('id', $old)->delete();
    }

    /** @return list<array<string, mixed>> as in docs/studio.schema.json, the last one first */
    public static function of(App $app): array
    {
        $blueprint = $app->revision->read();

        return array_values(
            Trouble::query()
                ->where('app_id', $app->id)
                ->orderByDesc('updated_at')
                ->orderByDesc('id')
                ->limit(20)
                ->get()
                ->map(
                    fn (Trouble $t): array => $t->only(['id', 'said', 'where', 'times', 'on', 'version']) + [
                        'last' => (string) $t->updated_at?->toIso8601String(),
                        'steps' => self::inWords($t->steps ?? [], $blueprint),
                    ],
                )
                ->all(),
        );
    }

    /**
     * @param  list<array<array-key, mixed>>  $steps
     * @return list<array{what: string, of: string}> without whatever else was sent with them
     */
    private static function known(array $steps): array
    {
        $known = [];
        foreach (array_slice($steps, -self::STEPS) as $step) {
            $of = is_string($step['of'] ?? null) ? $step['of'] : '';
            // Places of lines and slugs of screens: nothing that somebody has typed.
            if (in_array($step['what'] ?? '', ['screen', 'page', 'tap'], true) && Pattern::match(self::PLACE, $of)) {
                $known[] = ['what' => (string) $step['what'], 'of' => $of];
            }
        }

        return $known;
    }

    /**
     * How to come there again, as the app is now: what is not there any more is left out.
     *
     * @param  list<array{what: string, of: string}>  $steps
     * @return list<array{at: string, words: string}>
     */
    private static function inWords(array $steps, Blueprint $blueprint): array
    {
        $said = [];
        foreach ($steps as $step) {
            $at = Pattern::replace('/[@#]\d+/', '', $step['of']);
            $screen = $step['what'] === 'screen' ? $blueprint->screen($step['of']) : null;
            $tapped = $step['what'] === 'tap' ? Tapped::at($blueprint, $at) : null;
            if ($screen !== null) {
                $said[] = ['at' => '/screens/'.array_search($screen, $blueprint->screens, true), 'words' => "see {$screen->name}"];
            } elseif ($tapped !== null) {
                $said[] = ['at' => $at, 'words' => "tap “{$tapped->words}”"];
            }
        }

        return $said;
    }

    /** Without what may be of a person: e-mail addresses, and what follows the # or ? of an address. */
    private static function bare(string $text, int $most): string
    {
        $text = Pattern::replace('~[^\s@]+@[^\s@]+\.[^\s@]+~', '…@…', mb_scrub(mb_substr(trim($text), 0, $most)));

        return Pattern::replace('~[#?][^\s:)]*~', '', $text);
    }
}
