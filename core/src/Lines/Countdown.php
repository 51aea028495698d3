<?php

declare(strict_types=1);

namespace Lanai\Core\Lines;

use DateTimeImmutable;
use DateTimeZone;
use Lanai\Core\Formula\Kind;
use Lanai\Core\Geometry\Box;
use Lanai\Core\Geometry\Setting;
use Lanai\Core\Geometry\Size;
use Lanai\Core\Geometry\Within;
use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Clause;
use Lanai\Core\Language\Fits\FormulaFit;
use Lanai\Core\Language\Fits\TextFit;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Play\Line;
use Lanai\Core\Play\Placing;
use Lanai\Core\Play\Scene;

/** The time that is left until a moment, going down as one looks. */
final readonly class Countdown implements Line
{
    use HasPlacing;

    public function __construct(public string $to, public string $over = '', public Placing $placing = new Placing())
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('Countdown to', new Blank('to', FormulaFit::giving(Kind::Moment)))->clauses(
            Clause::of('then saying', 'what it says once it is over', new Blank('over', new TextFit())),
            ...Placing::clauses(),
        );
    }

    public function draw(Scene $scene): array
    {
        $to = $scene->value($this->to, 'to');

        return [
            'until' => $to instanceof DateTimeImmutable ? $to->setTimezone(new DateTimeZone('UTC'))->format('Y-m-d\TH:i:s\Z') : '',
            'over' => $scene->text($this->over, 'over'),
            'now' => $scene->moment->now->format('Y-m-d\TH:i:s\Z'),
        ];
    }

    public static function box(array $node, Setting $setting, Within $in): Box
    {
        return new Box(height: Size::dp($setting->pen->rem(2)));
    }
}
