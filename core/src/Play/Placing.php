<?php

declare(strict_types=1);

namespace Lanai\Core\Play;

use Lanai\Core\Formula\Kind;
use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Clause;
use Lanai\Core\Language\Fits\ChoiceFit;
use Lanai\Core\Language\Fits\FormulaFit;
use Lanai\Core\Language\Fits\NumberFit;
use Lanai\Core\Language\Fits\SizeFit;
use Lanai\Core\Model\Flat;

/** Where and when a line stands: what every line can say of itself. */
final readonly class Placing implements Flat
{
    public const WHERE = ['phones' => 'phones', 'tablets' => 'tablets', 'iOS' => 'iOS', 'Android' => 'Android'];

    /**
     * @param  string  $if  a formula; '' for always
     * @param  string  $enabled  a formula; '' for always
     * @param  'phones'|'tablets'|'iOS'|'Android'|''  $on  the only devices that show it
     * @param  string  $width  "120 dp", "50 %", "content", or '' for all there is
     * @param  string  $tabletWidth  the same on tablets
     * @param  string  $high  its height, as the width; '' for its content
     * @param  'top'|'bottom'|''  $pin  the edge of the screen that it stays at
     * @param  int|null  $distance  from that edge, in dp
     */
    public function __construct(
        public string $if = '',
        public string $enabled = '',
        public string $on = '',
        public string $width = '',
        public string $tabletWidth = '',
        public string $high = '',
        public string $pin = '',
        public ?int $distance = null,
        public bool $centred = false,
    ) {
    }

    /** @return list<Clause> */
    public static function clauses(): array
    {
        return [
            Clause::of('if', 'shown only if', new Blank('if', FormulaFit::giving(Kind::YesNo))),
            Clause::of('only on', 'only on some devices', new Blank('on', ChoiceFit::of('phones, tablets, iOS or Android', self::WHERE))),
            Clause::of('at width', 'its width', new Blank('width', new SizeFit())),
            Clause::of('on tablets at width', 'its width on tablets', new Blank('tabletWidth', new SizeFit())),
            Clause::of('at height', 'its height', new Blank('high', new SizeFit())),
            Clause::of('pinned to the', 'pinned to an edge', new Blank('pin', ChoiceFit::of('top or bottom', ['top' => 'top', 'bottom' => 'bottom']))),
            Clause::of('at a distance of', 'how far from the edge, in dp', new Blank('distance', NumberFit::whole(0, 200))),
            Clause::flag('centred', 'in the middle'),
        ];
    }

    /** @return list<Clause> also for what a person acts on */
    public static function acting(): array
    {
        [$shown, $others] = [self::clauses()[0], array_slice(self::clauses(), 1)];

        return [$shown, Clause::of('enabled if', 'enabled only if', new Blank('enabled', FormulaFit::giving(Kind::YesNo))), ...$others];
    }

    public function shownOn(Visit $visit): bool
    {
        return match ($this->on) {
            'phones' => $visit->form === 'phone',
            'tablets' => $visit->form === 'tablet',
            'iOS' => $visit->platform === 'ios',
            'Android' => $visit->platform === 'android',
            default => true,
        };
    }

    /** @return array<string, mixed> what the device needs of it; empty where it says nothing */
    public function drawn(): array
    {
        $said = array_filter(
            [
                'width' => $this->width,
                'tabletWidth' => $this->tabletWidth,
                'height' => $this->high,
                'pin' => $this->pin,
                'distance' => $this->distance,
                'centred' => $this->centred,
            ],
            fn (mixed $v): bool => ! in_array($v, ['', null, false], true),
        );

        return $said === [] ? [] : ['placing' => $said];
    }
}
