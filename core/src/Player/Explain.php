<?php

declare(strict_types=1);

namespace Lanai\Core\Player;

use Lanai\Core\Formula\Formula;
use Lanai\Core\Formula\FormulaMistake;
use Lanai\Core\Formula\Template;
use Lanai\Core\Lines\ListLine;
use Lanai\Core\Model\Pointer;
use Lanai\Core\Play\Drawing;
use Lanai\Core\Play\EmptyAccount;
use Lanai\Core\Play\LinkCondition;
use Lanai\Core\Play\Whence;
use Lanai\Core\Rows\Refused;
use Lanai\Core\Text\Pattern;

/** Says why something is shown as it is. */
final readonly class Explain
{
    public function __construct(private Stage $stage)
    {
    }

    /** Why the list at this place shows nothing. */
    public function whyEmpty(string $at): ?EmptyAccount
    {
        try {
            $screen = $this->stage->screen();
            [$line, $scene] = $screen === null ? [null, null] : $this->stage->behind($screen, $at, $this->stage->scene($screen));
        } catch (Refused) {
            return null;
        }
        $table = $line instanceof ListLine ? $this->stage->blueprint->table($line->table) : null;
        if ($scene === null || $table === null) {
            return null;
        }

        return $scene->whyEmpty($table, $line->where, LinkCondition::to($line->owner, $scene, $table), $line->narrowing($table, $scene));
    }

    /**
     * Where the values of a line come from, one account for each formula in it.
     *
     * @param  int|null  $item  the row of a list's item; null for the line itself
     * @return list<Whence>
     */
    public function whence(string $at, ?int $item): array
    {
        try {
            $screen = $this->stage->screen();
            $found = $screen === null ? null : Drawing::find($at, $screen->lines(), "{$this->stage->at($screen)}/lines", $this->stage->scene($screen));
        } catch (Refused) {
            return [];
        }
        if ($found === null) {
            return [];
        }
        [$line, $scene] = $found;
        $table = $line instanceof ListLine ? $this->stage->blueprint->table($line->table) : null;
        $row = $table === null || $item === null ? null : $this->stage->store->byIds($table, [$item])[$item] ?? null;
        $plain = Pattern::replace('~@\d+~', '', str_contains($at, '=') ? substr((string) strrchr($at, '='), 1) : $at);
        $accounts = [];
        foreach ($this->stage->blueprint->walk()->blanks as $blank) {
            $under =
                $row !== null
                    ? Pattern::match('~^'.preg_quote($plain, '~').'/(shows/\d+/formula|own|headings)$~', $blank->at)
                    : Pointer::parent($blank->at) === $plain;
            $text = $blank->text();
            if (
                ! $under ||
                $text === '' ||
                ! in_array($blank->blank->fit->kind(), ['formula', 'text'], true) ||
                ($row === null && $blank->scope->row !== null && $scene->row === null)
            ) {
                continue;
            }
            try {
                $formulas =
                    $blank->blank->fit->kind() === 'formula'
                        ? [$text]
                        : array_map(fn (Formula $f): string => $f->text, Template::of($text)->formulas());
                foreach ($formulas as $formula) {
                    $accounts[] = Whence::of($formula, $blank->scope, $row === null ? $scene : $scene->inRow($row));
                }
            } catch (FormulaMistake) {
                continue;
            }
        }

        return $accounts;
    }
}
