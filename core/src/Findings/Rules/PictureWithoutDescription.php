<?php

declare(strict_types=1);

namespace Lanai\Core\Findings\Rules;

use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Mend;
use Lanai\Core\Findings\OfOneScreen;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Findings\Station;
use Lanai\Core\Formula\Formula;
use Lanai\Core\Formula\FormulaMistake;
use Lanai\Core\Formula\Kind;
use Lanai\Core\Language\NodeSpot;
use Lanai\Core\Lines\PictureLine;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Text\Names;
use Lanai\Core\Text\Pattern;

/** A picture without words for people who cannot see it (WCAG 2.2, success criterion 1.1.1). */
final class PictureWithoutDescription implements OfOneScreen
{
    public function holds(): string
    {
        return 'Every picture is described.';
    }

    public function station(): Station
    {
        return Station::Screens;
    }

    public function look(Reading $reading): iterable
    {
        foreach ($reading->nodesOf(PictureLine::class) as $picture) {
            if ($picture->text('alt') === '') {
                $text = self::label($picture);
                yield Finding::warning(self::class, $picture->at, 'This picture is not described for people who cannot see it.',
                    $text === null ? null : Mend::put("Describe it as “{$text}”", "$picture->at/alt", $text));
            }
        }
    }

    private static function label(NodeSpot $picture): ?string
    {
        $owner = Pattern::match('/^(.+)\.\w+$/', $picture->text('of'), $found) ? $found[1] : '';
        try {
            $type = $owner === '' ? null : Formula::of($owner)->typeIn($picture->scope);
        } catch (FormulaMistake) {
            return null;
        }
        $label = $type?->kind === Kind::Row ? Blueprint::in($picture->scope)->tableOfOne($type->one)?->labelField() : null;

        return $label === null ? null : '{'.$owner.'.'.Names::inFormula($label->name).'}';
    }
}
