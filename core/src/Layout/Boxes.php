<?php

declare(strict_types=1);

namespace Lanai\Core\Layout;

use Lanai\Core\Geometry\Box;
use Lanai\Core\Geometry\Nodes;
use Lanai\Core\Geometry\Pen;
use Lanai\Core\Geometry\Setting;
use Lanai\Core\Geometry\Size;
use Lanai\Core\Geometry\Within;
use Lanai\Core\Language\Families;
use Lanai\Core\Model\AnyLine;
use Lanai\Core\Play\Line;
use Lanai\Core\Text\OwnWords;

/** The boxes of the nodes of a view tree: each kind of line tells its own, and what its sentence says of its place comes before that. */
final readonly class Boxes
{
    private Setting $setting;

    public function __construct(private Pen $pen, OwnWords $own)
    {
        $this->setting = new Setting($pen, $this->of(...), $own);
    }

    /**
     * @param  array<string, mixed>  $node
     * @return Box|null null for what stands over the page, such as a sheet
     */
    public function of(array $node, Within $in): ?Box
    {
        $class = Families::of(AnyLine::class)->classOf($node);
        $box = is_a($class, Line::class, true) ? $class::box($node, $this->setting, $in) : null;
        $marks = ($node['taps'] ?? false) === true ? ['taps' => true] : [];

        return $box === null
            ? null
            : $this->placed($box->with(key: Nodes::text($node, 'at'), marks: $box->marks + $marks + ['kind' => Nodes::text($node, 'kind')]), $node, $in);
    }

    /** @param  array<string, mixed>  $node */
    private function placed(Box $box, array $node, Within $in): Box
    {
        $said =
            $this->pen->device->isTablet() && Nodes::placing($node, 'tabletWidth') !== ''
                ? Nodes::placing($node, 'tabletWidth')
                : Nodes::placing($node, 'width');
        $width = Size::of($said);
        $height = Size::of(Nodes::placing($node, 'height'));
        if ($height !== null && $height->unit !== 'content') {
            $box = $box->with(height: $height, minHeight: 0.0, marks: $box->marks + ['fixed' => true]);
        }
        $beside = $in->isBeside() && ! $this->pen->large();
        if ($width !== null) {
            $box = $width->unit === 'content' ? $box->with(width: null, alignSelf: $beside ? null : 'start') : $box->with(width: $width);
        } elseif ($beside && ! isset($box->marks['narrow'])) {
            $box = $box->with(grow: 1.0, shrink: 1.0, basis: Size::dp($in === Within::Columns ? 0 : 140));
        }

        return Nodes::placing($node, 'centred') === '1' && $box->width !== null ? $box->with(middle: true) : $box;
    }
}
