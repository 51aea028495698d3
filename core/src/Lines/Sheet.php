<?php

declare(strict_types=1);

namespace Lanai\Core\Lines;

use Lanai\Core\Geometry\Box;
use Lanai\Core\Geometry\Setting;
use Lanai\Core\Geometry\Within;
use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Fits\NameFit;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Model\AnyLine;
use Lanai\Core\Model\ListOf;
use Lanai\Core\Play\Drawing;
use Lanai\Core\Play\Line;
use Lanai\Core\Play\Placing;
use Lanai\Core\Play\Scene;
use Lanai\Core\Play\SlidesUp;

/** Lines that stay out of sight until an effect opens them: they slide up over the screen. */
final readonly class Sheet implements SlidesUp
{
    use HoldsLines;

    /** @param  list<Line>  $lines */
    public function __construct(public string $name, #[ListOf(AnyLine::class)] public array $lines = [], public Placing $placing = new Placing)
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('Sheet', new Blank('name', NameFit::of('the name of the sheet')))->clauses(...Placing::clauses())->below(self::linesInside());
    }

    public function sheet(): string
    {
        return $this->name;
    }

    public function draw(Scene $scene): array
    {
        return ['name' => $this->name, 'nodes' => array_merge(...array_values(Drawing::inside($this, $scene)))];
    }

    public static function box(array $node, Setting $setting, Within $in): ?Box
    {
        return null;
    }
}
