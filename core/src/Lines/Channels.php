<?php

declare(strict_types=1);

namespace Lanai\Core\Lines;

use Lanai\Core\Geometry\Box;
use Lanai\Core\Geometry\Nodes;
use Lanai\Core\Geometry\Setting;
use Lanai\Core\Geometry\Size;
use Lanai\Core\Geometry\Within;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Model\Reach\Channel;
use Lanai\Core\Play\Doing;
use Lanai\Core\Play\InParts;
use Lanai\Core\Play\Messaging;
use Lanai\Core\Play\Placing;
use Lanai\Core\Play\Scene;
use Lanai\Core\Rows\Refused;
use Lanai\Core\Text\Pattern;

/** The kinds of messages, each with a switch: what somebody does not want does not come. */
final readonly class Channels implements InParts
{
    use HasPlacing;

    /** What stands below for those who are not signed in, as the device says it. */
    private const SIGN_IN = 'Sign in to choose what comes.';

    public function __construct(public Placing $placing = new Placing())
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('Channels')->clauses(...Placing::clauses());
    }

    public function draw(Scene $scene): array
    {
        $me = $scene->me();
        $chosen = $me === null ? [] : $scene->beside(Messaging::class)?->switches($me->id) ?? [];

        return [
            'channels' => array_map(
                fn (Channel $one): array => ['label' => $scene->blueprint->shown($one->name), 'for' => $one->for, 'on' => $chosen[$one->key()] ?? ! $one->off],
                $scene->blueprint->messages->channels ?? [],
            ),
            'signedIn' => $me !== null,
        ];
    }

    public static function box(array $node, Setting $setting, Within $in): Box
    {
        $pen = $setting->pen;
        $rows = array_map(fn (array $one): Box => new Box(
            flow: 'row',
            children: [
                new Box(
                    children: [
                        new Box(text: $pen->text(Nodes::text($one, 'label'))),
                        ...Nodes::text($one, 'for') === '' ? [] : [new Box(text: $pen->text(Nodes::text($one, 'for'), 0.875, 1.25))],
                    ],
                    grow: 1,
                    shrink: 1,
                    basis: Size::dp(0),
                ),
                new Box(width: Size::dp(52), height: Size::dp(32)),
            ],
            gap: 12,
            align: 'center',
            minHeight: 56,
            marks: ['taps' => true],
        ), Nodes::of($node['channels'] ?? [], false));

        $note = ($node['signedIn'] ?? true) === true ? [] : [new Box(text: $pen->text($setting->own(self::SIGN_IN), 0.875, 1.25))];

        return new Box(children: [...$rows, ...$note]);
    }

    public function effects(): array
    {
        return [];
    }

    public function tap(Doing $doing, ?int $item): void
    {
        $me = $doing->scene->me();
        $messaging = $doing->scene->beside(Messaging::class);
        if ($me === null || $messaging === null) {
            throw new Refused('Please sign in first.');
        }
        $channels = $doing->scene->blueprint->messages->channels ?? [];
        $channel = Pattern::match('~^/channels/(\d{1,3})$~', $doing->part, $found) ? $channels[(int) $found[1]] ?? null : null;
        if ($channel === null) {
            throw new Refused('There is no such channel any more.');
        }
        $messaging->turn($me->id, $channel->key(), ! ($messaging->switches($me->id)[$channel->key()] ?? ! $channel->off));
    }
}
