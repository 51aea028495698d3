<?php

declare(strict_types=1);

namespace Lanai\Core\Saying\Changes;

use Lanai\Core\Edits\Kinds\PutRight;
use Lanai\Core\Saying\Known;
use Lanai\Core\Saying\Line;
use Lanai\Core\Saying\Proposal;
use Lanai\Core\Saying\Understood;
use Lanai\Core\Text\Pattern;

/** Finds the list that a saying is about, and asks back where several have the name. */
final class ListChange
{
    private const EACH = 4;

    /**
     * @param  callable(Line): ?Proposal  $change  of one list; null where it cannot be made there, or is made already
     * @param  callable(string): string  $again  what is said instead, with words that name one list
     * @param  (callable(Line): bool)|null  $already  whether a list is so already
     */
    public static function of(Known $app, string $words, callable $change, callable $again, ?callable $already = null): ?Understood
    {
        $isAll = Pattern::match('~^(?:all|every)(?: the)? lists?(?: of)? ~iu', $words);
        $lists = self::lists($app, $words, $isAll);
        $changes = [];
        foreach ($lists as $i => $line) {
            $made = $change($line);
            $changes = $made === null ? $changes : $changes + [$i => $made];
        }
        if ($changes === []) {
            $so = array_values(array_filter($lists, fn (Line $line): bool => $already !== null && $already($line)));

            return $so === [] ? null : Understood::answering(
                'It is so already: '.$so[0]->called().' '.$so[0]->where().'.',
                [['label' => ucfirst($so[0]->called()), 'at' => $so[0]->at()]],
            );
        }
        if ($isAll && count($changes) > 1) {
            // One after the other, each on what the one before has made: no place moves by it.
            $first = array_values($changes)[0];
            $after = $app->blueprint;
            foreach ($changes as $one) {
                $after = (new PutRight('', $one->patch()->operations))->on($after)->blueprint;
            }

            return Understood::proposing([Proposal::between($first->label.', and so in '.(count($changes) - 1).' more', $app->blueprint, $after)]);
        }
        $screens = array_map(fn (int $i): string => $lists[$i]->screen, array_keys($changes));
        if (count($changes) > 1 && count(array_unique($screens)) === count($changes) && ! in_array('', $screens, true)) {
            $answers = [];
            foreach (array_keys($changes) as $i) {
                $answers["The one on {$lists[$i]->screen}"] = $again("the list of {$lists[$i]->text('table')} on {$lists[$i]->screen}");
            }
            $answers['All of them'] = $again("all lists of {$lists[0]->text('table')}");

            return Understood::asking("There are several lists of {$lists[0]->text('table')}. Which one?", $answers);
        }

        return Understood::proposing($changes);
    }

    /** @return list<Line> */
    private static function lists(Known $app, string $words, bool $isAll): array
    {
        $table = $app->table(Pattern::replace('~^(?:all|every)(?: the)? lists?(?: of)? ~iu', '', $words));
        $of = fn (): array => array_values(
            array_filter($app->lines(), fn (Line $line): bool => $line->kind() === 'list' && $line->text('table') === $table?->name),
        );
        if ($isAll && $table !== null) {
            return $of();
        }
        $lists = $app->linesMeant($words, ['list']);

        return array_slice($lists === [] && $table !== null ? $of() : $lists, 0, self::EACH);
    }
}
