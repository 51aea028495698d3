<?php

declare(strict_types=1);

namespace Lanai\Core\Effects;

use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Fits\NamedFit;
use Lanai\Core\Play\Doing;
use Lanai\Core\Play\Drawing;
use Lanai\Core\Play\Effect;
use Lanai\Core\Play\SlidesUp;

/** Slides a sheet of the screen up. */
final readonly class OpenSheet implements Effect
{
    public function __construct(public string $sheet)
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('open sheet', new Blank('sheet', NamedFit::of('sheet', self::sheets(...))));
    }

    /** @return list<string> */
    private static function sheets(Blueprint $blueprint): array
    {
        $names = [];
        foreach ($blueprint->screens as $screen) {
            foreach (Drawing::all($screen->lines(), $blueprint) as $line) {
                if ($line instanceof SlidesUp) {
                    $names[] = $line->sheet();
                }
            }
        }

        return array_values(array_unique($names));
    }

    public function run(Doing $doing): void
    {
        $doing->outcome->onDevice('sheet', $this->sheet);
    }
}
