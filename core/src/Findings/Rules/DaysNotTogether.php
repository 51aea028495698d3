<?php

declare(strict_types=1);

namespace Lanai\Core\Findings\Rules;

use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Mend;
use Lanai\Core\Findings\OfOneScreen;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Findings\Station;
use Lanai\Core\Lines\AddForm;
use Lanai\Core\Lines\ChangeForm;

/** A form that lets two days be picked together, of which it does not ask for one, or which are no days. */
final class DaysNotTogether implements OfOneScreen
{
    public function holds(): string
    {
        return 'Every form that lets two days be picked together asks for both of them.';
    }

    public function station(): Station
    {
        return Station::Screens;
    }

    public function look(Reading $reading): iterable
    {
        foreach ([...$reading->nodesOf(AddForm::class), ...$reading->nodesOf(ChangeForm::class)] as $form) {
            $asked = array_filter(is_array($form->data['asking'] ?? null) ? $form->data['asking'] : [], is_string(...));
            [$from, $until] = [$form->text('from'), $form->text('until')];
            if ($from === '' || $until === '') {
                continue;
            }
            $missing = array_values(array_diff([$from, $until], $asked));
            if ($from !== $until && $missing === []) {
                continue;
            }
            yield Finding::warning(
                self::class,
                $form->at,
                $from === $until
                    ? "The days from $from to $until are one and the same field."
                    : 'The days cannot be picked together: the form does not ask for '.implode(' and ', $missing).'.',
                $from === $until
                    ? null
                    : Mend::addingTo('Ask for '.implode(' and ', $missing), "$form->at/asking", $asked !== [], $missing),
            );
        }
    }
}
