<?php

declare(strict_types=1);

namespace Lanai\Core\Findings\Rules;

use Lanai\Core\Effects\RemoveRow;
use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Mend;
use Lanai\Core\Findings\OfOneScreen;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Findings\Station;
use Lanai\Core\Formula\Formula;
use Lanai\Core\Formula\FormulaMistake;
use Lanai\Core\Formula\Template;
use Lanai\Core\Language\BlankSpot;
use Lanai\Core\Language\Prose;
use Lanai\Core\Model\Pointer;
use Lanai\Core\Text\Pattern;

/** An effect that needs a row which an effect before it has removed. */
final class UsesRemovedRow implements OfOneScreen
{
    public function holds(): string
    {
        return 'No effect needs a row that is gone by then.';
    }

    public function station(): Station
    {
        return Station::Screens;
    }

    public function look(Reading $reading): iterable
    {
        foreach ($reading->nodesOf(RemoveRow::class) as $removed) {
            $row = $removed->text('row');
            $list = Pointer::parent($removed->at);
            $index = (int) Pointer::last($removed->at);
            if (! Pattern::match('/^[A-Za-z_]\w*(\.[A-Za-z_]\w*)*$/', $row)) {
                continue;
            }
            foreach ($reading->walk()->blanks as $blank) {
                $place = str_starts_with($blank->at, "$list/") ? (int) explode('/', substr($blank->at, strlen($list) + 1))[0] : -1;
                if ($place > $index && $this->uses($blank, $row)) {
                    $effects = Prose::nodes(Pointer::get($list, $reading->blueprint->data()));
                    yield Finding::warning(
                        self::class,
                        $blank->at,
                        "This uses “{$row}”, but the effect before it has removed it.",
                        new Mend('Remove it last', [
                            ['op' => 'remove', 'path' => $removed->at],
                            ['op' => 'add', 'path' => "$list/".(count($effects) - 1), 'value' => $removed->data],
                        ]),
                    );
                    break;
                }
            }
        }
    }

    private function uses(BlankSpot $blank, string $row): bool
    {
        $pattern = '/(?<![\w.])'.preg_quote($row, '/').'\b/';
        try {
            return match ($blank->blank->fit->kind()) {
                'formula' => Pattern::match($pattern, $blank->text()),
                'text' => array_filter(Template::of($blank->text())->formulas(), fn (Formula $f): bool => Pattern::match($pattern, $f->text)) !== [],
                default => false,
            };
        } catch (FormulaMistake) {
            return false;
        }
    }
}
