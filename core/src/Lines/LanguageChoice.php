<?php

declare(strict_types=1);

namespace Lanai\Core\Lines;

use Lanai\Core\Geometry\Box;
use Lanai\Core\Geometry\Edges;
use Lanai\Core\Geometry\Nodes;
use Lanai\Core\Geometry\Setting;
use Lanai\Core\Geometry\Within;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Model\Languages\Language;
use Lanai\Core\Play\Line;
use Lanai\Core\Play\Placing;
use Lanai\Core\Play\Scene;
use Lanai\Core\Text\Tongues;

/** The languages that the app speaks, each as it calls itself: somebody can choose another than that of their phone, and the phone keeps it. */
final readonly class LanguageChoice implements Line
{
    use HasPlacing;

    /** What chooses none, as the device says it. */
    private const PHONE = 'As on this phone';

    public function __construct(public Placing $placing = new Placing())
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('Choice of the language')->clauses(...Placing::clauses());
    }

    public function draw(Scene $scene): array
    {
        $further = array_filter($scene->blueprint->languages, fn (Language $language): bool => ! $language->hidden);
        $tags = array_values(array_unique([$scene->blueprint->begunIn(), ...array_map(fn (Language $language): string => $language->tongue, $further)]));

        return ['languages' => array_map(fn (string $tag): array => ['tag' => $tag, 'name' => Tongues::itself($tag)], $tags)];
    }

    public static function box(array $node, Setting $setting, Within $in): Box
    {
        $names = array_map(fn (array $one): string => Nodes::text($one, 'name'), Nodes::of($node['languages'] ?? [], false));

        return new Box(children: array_map(fn (string $name): Box => new Box(
            text: $setting->pen->text($name),
            minHeight: 48,
            padding: new Edges(0, $setting->pen->rem(2), 0, 0),
            marks: ['taps' => true],
        ), [$setting->own(self::PHONE), ...$names]));
    }
}
