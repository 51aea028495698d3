<?php

declare(strict_types=1);

namespace Lanai\Core\Lines;

use Lanai\Core\Geometry\Box;
use Lanai\Core\Geometry\Edges;
use Lanai\Core\Geometry\Nodes;
use Lanai\Core\Geometry\Setting;
use Lanai\Core\Geometry\Within;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Play\MayStayAway;
use Lanai\Core\Play\Newer;
use Lanai\Core\Play\Placing;
use Lanai\Core\Play\Releases;
use Lanai\Core\Play\Scene;

/** There only where the store of this phone has released a newer version than the one that runs: what is new in it, and the way to it. */
final readonly class NewerVersion implements MayStayAway
{
    use HasPlacing;

    private const GET = 'Get it';

    public function __construct(public Placing $placing = new Placing())
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('News of a newer version')->clauses(...Placing::clauses());
    }

    public function isThere(Scene $scene): bool
    {
        return self::newer($scene) !== null;
    }

    public function draw(Scene $scene): array
    {
        return self::told(self::newer($scene) ?? new Newer($scene->blueprint->release->version, 0, '', ''));
    }

    public static function newer(Scene $scene): ?Newer
    {
        $visit = $scene->visit;

        return $visit?->build === null ? null : $scene->beside(Releases::class)?->newer($visit->store, $visit->build);
    }

    /** @return array{version: string, news: string, address: string} as in docs/view.schema.json */
    public static function told(Newer $newer): array
    {
        return ['version' => $newer->version, 'news' => $newer->news, 'address' => $newer->address];
    }

    public static function box(array $node, Setting $setting, Within $in): Box
    {
        $pen = $setting->pen;
        $news = Nodes::text($node, 'news');

        return new Box(
            children: [
                new Box(text: $pen->text($setting->own('Version {0} is here', Nodes::text($node, 'version')), weight: 650)),
                ...$news === '' ? [] : [new Box(text: $pen->text($news))],
                ButtonLine::shape($setting->own(self::GET), $pen),
            ],
            padding: Edges::all(16),
            gap: 10,
        );
    }
}
