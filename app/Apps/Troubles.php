<?php

declare(strict_types=1);

namespace App\Apps;

use App\Models\App;
use App\Models\Trouble;
use Lanai\Core\Text\Pattern;

/** What went wrong on phones, for the founder: nothing of a person is kept with it, and no more of it than can be read. */
final class Troubles
{
    /** Of one app; what has not happened for the longest time makes room. */
    private const MOST = 100;

    private const LONG = 4000;

    public static function keep(App $app, string $said, string $where, string $on, string $version): void
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
        $known->update(['times' => $known->times + 1, 'on' => $on, 'version' => $version]);
        $old = Trouble::query()->where('app_id', $app->id)->orderByDesc('updated_at')->orderByDesc('id')->skip(self::MOST)->take(self::MOST)->pluck('id');
        Trouble::query()->whereIn('id', $old)->delete();
    }

    /** @return list<array<string, mixed>> as in docs/studio.schema.json, the last one first */
    public static function of(App $app): array
    {
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
                    ],
                )
                ->all(),
        );
    }

    /** Without what may be of a person: e-mail addresses, and what follows the # or ? of an address. */
    private static function bare(string $text, int $most): string
    {
        $text = Pattern::replace('~[^\s@]+@[^\s@]+\.[^\s@]+~', '…@…', mb_scrub(mb_substr(trim($text), 0, $most)));

        return Pattern::replace('~[#?][^\s:)]*~', '', $text);
    }
}
