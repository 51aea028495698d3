<?php

declare(strict_types=1);

namespace Lanai\Core\Lines;

use Lanai\Core\Adverts\Format;
use Lanai\Core\Geometry\Box;
use Lanai\Core\Geometry\Edges;
use Lanai\Core\Geometry\Setting;
use Lanai\Core\Geometry\Size;
use Lanai\Core\Geometry\Within;
use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Clause;
use Lanai\Core\Language\Fits\ChoiceFit;
use Lanai\Core\Language\Fits\NameFit;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Play\AdvertRules;
use Lanai\Core\Play\MayStayAway;
use Lanai\Core\Play\Placing;
use Lanai\Core\Play\Scene;
use Lanai\Core\Text\Names;

/** A place for an advert: its room is kept before one comes, and stays as it is when none does. */
final readonly class Advert implements MayStayAway
{
    use HasPlacing;

    private const FORMATS = ['strip' => 'a strip', 'large strip' => 'a large strip', 'box' => 'a box'];

    /** The line over it that says what it is. */
    private const MARK = 20;

    /** Room below it: what comes next is not tapped by mistake. In dp. */
    private const APART = 16;

    /**
     * @param  string  $name  of the place, by which figures are kept
     * @param  'strip'|'large strip'|'box'|''  $format
     */
    public function __construct(public string $name, public string $format = 'strip', public Placing $placing = new Placing())
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('Advert', new Blank('name', NameFit::of('the name of the place')))->clauses(
            Clause::of('as', 'how large it is', new Blank('format', ChoiceFit::of('a strip, a large strip or a box', self::FORMATS))),
            ...Placing::clauses(),
        );
    }

    public function isThere(Scene $scene): bool
    {
        return AdvertRules::allow($scene);
    }

    public function format(): Format
    {
        return Format::tryFrom($this->format) ?? Format::Strip;
    }

    public function draw(Scene $scene): array
    {
        [$width, $height] = $this->format()->size();

        return ['place' => Names::inStorage($this->name), 'width' => $width, 'height' => $height];
    }

    public static function box(array $node, Setting $setting, Within $in): Box
    {
        return self::room($node);
    }

    /**
     * @param  array<array-key, mixed>  $node  with its height
     * @param  string  $list  in which it stands, after every so many items; '' for none
     */
    public static function room(array $node, float $beside = 0, string $list = '', int $every = 0): Box
    {
        $height = self::MARK + (is_int($node['height'] ?? null) ? $node['height'] : 50);
        $within = $list === '' ? [] : ['list' => $list, 'every' => $every];
        $margin = new Edges(4, $beside, self::APART, $beside);

        return new Box(height: Size::dp($height), margin: $margin, marks: ['advert' => self::MARK] + $within);
    }
}
