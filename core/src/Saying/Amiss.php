<?php

declare(strict_types=1);

namespace Lanai\Core\Saying;

use Lanai\Core\Model\Blueprint;
use Lanai\Core\Player\Stage;
use Lanai\Core\Text\Pattern;

/** Something in an app did not go: why, in plain words, and what could be said so that it goes. Only what leads to something is offered. */
final readonly class Amiss
{
    private const REFUSED = '~^(?<only>Only .+? may|Nobody can) (?<does>see|add|change|remove) (?:“[^”]+” of )?(?:an?|one) (?<what>.+?)'
        .'(?: from here| yet: .+)?\.$~u';

    private const BARRED = '~^Nobody may (?<does>see|add|change|remove) (?:“[^”]+” of )?(?:an?|one) (?<what>.+?) if .+\.$~u';

    private const GONE = '~^This (?<what>.+) is not there, or no longer\.$~u';

    private const MOST = 3;

    /**
     * @param  string  $said  what was said when it did not go
     * @param  string  $role  of whoever it did not go for; '' for none
     * @param  bool  $isOwn  the app has said it, and not somebody's phone
     * @return array{cause: string, sayings: list<string>}
     */
    public static function of(Blueprint $blueprint, string $said, string $role, Sayer $sayer, bool $isOwn = true): array
    {
        if (in_array($said, [Stage::SIGN_IN, 'Please sign in first.'], true)) {
            return [
                'cause' => 'It is for people who have signed in, and nobody has there. Sign in in the deck, or let the screen be for everybody.',
                'sayings' => [],
            ];
        }
        if (Pattern::match(self::BARRED, $said, $found)) {
            $many = self::many($blueprint, $found['what']);
            $cause = "A rule of $many takes this away from everybody for whom it holds, whatever else is said.";

            return ['cause' => $cause, 'sayings' => self::heard($blueprint, $sayer, ["who can $found[does] $many?"])];
        }
        if (Pattern::match(self::REFUSED, $said, $found)) {
            $many = self::many($blueprint, $found['what']);
            $who = $role === '' ? 'somebody without a role' : "a $role";
            $whom = $found['only'] === 'Nobody can' ? 'nobody at all' : Pattern::replace('~^Only (.+) may$~u', '$1', $found['only']);
            $cause = "$many may be ".self::done($found['does'])." by $whom, and this was $who. Where that is as it should be, leave it so: "
                .'the app has only said it. Else let more people do it.';
            $roles = ! in_array($role, array_column($blueprint->roles, 'name'), true) ? [] : ["{$role}s may $found[does] $many"];

            return [
                'cause' => $cause,
                'sayings' => self::heard($blueprint, $sayer, [...$roles, "signed-in people may $found[does] $many", "who can $found[does] $many?"]),
            ];
        }
        if (Pattern::match(self::GONE, $said, $found)) {
            $many = self::many($blueprint, $found['what']);
            $cause = "The line leads to one of $many, and there is none for this person: what stands behind it gave nothing, it was removed, "
                .'or they may not see it.';

            return ['cause' => $cause, 'sayings' => self::heard($blueprint, $sayer, ["who can see $many?"])];
        }

        return [
            'cause' => $isOwn
                ? 'The app has said this by the line below. If it should be otherwise, change the line.'
                : 'The phone has told this; it is none of the app’s own sentences. Go the way above in the deck: where it goes wrong there, too, its '
                    .'footprint says more. Where it does not, it may be mended already, or lies with that phone.',
            'sayings' => [],
        ];
    }

    private static function many(Blueprint $blueprint, string $singular): string
    {
        foreach ($blueprint->tables as $table) {
            if (mb_strtolower($table->singular) === mb_strtolower($singular)) {
                return $table->name;
            }
        }

        return $singular;
    }

    private static function done(string $verb): string
    {
        return ['see' => 'seen', 'add' => 'added', 'change' => 'changed', 'remove' => 'removed'][$verb] ?? $verb;
    }

    /**
     * @param  list<string>  $sayings
     * @return list<string> those that are understood
     */
    private static function heard(Blueprint $blueprint, Sayer $sayer, array $sayings): array
    {
        $isUnderstood = function (string $saying) use ($blueprint, $sayer): bool {
            $understood = $sayer->hear($blueprint, $saying)[0]['understood'] ?? null;

            return $understood !== null && ($understood->proposals !== [] || ($understood->answer !== '' && ! $understood->cannot));
        };

        return array_slice(array_values(array_filter($sayings, $isUnderstood)), 0, self::MOST);
    }
}
