<?php

declare(strict_types=1);

namespace Lanai\Core\Lines;

use DateTimeImmutable;
use DateTimeZone;
use Lanai\Core\Formula\Kind;
use Lanai\Core\Geometry\Box;
use Lanai\Core\Geometry\Edges;
use Lanai\Core\Geometry\Nodes;
use Lanai\Core\Geometry\Setting;
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

    /** Each with its length and that of the next longer one, in seconds; minutes and seconds are always there. Those after the first have two digits. */
    private const UNITS = ['d' => [86400, null], 'h' => [3600, 86400], 'min' => [60, 3600], 's' => [1, 60]];

    public static function box(array $node, Setting $setting, Within $in): Box
    {
        $until = strtotime(Nodes::text($node, 'until'));
        $left = $until === false ? 0 : max(0, $until - (int) strtotime(Nodes::text($node, 'now')));
        if ($left === 0) {
            return new Box(text: $setting->pen->text(Nodes::text($node, 'over'), 1.5, 2));
        }
        $parts = [];
        foreach (self::UNITS as $unit => [$length, $next]) {
            $count = intdiv($next === null ? $left : $left % $next, $length);
            if ($count > 0 || $left >= ($next ?? PHP_INT_MAX) || $length <= 60) {
                $digits = $parts === [] ? (string) $count : sprintf('%02d', $count);
                $words = [
                    new Box(text: $setting->pen->text($digits, 1.5, 2, 700)),
                    new Box(text: $setting->pen->text($unit, 0.875, 2), margin: new Edges(0, 0, 0, 3)),
                ];
                $parts[] = new Box(flow: 'row', children: $words);
            }
        }

        return new Box(flow: 'row', children: $parts, gap: 10, wraps: true);
    }
}
