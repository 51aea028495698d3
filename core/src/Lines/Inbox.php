<?php

declare(strict_types=1);

namespace Lanai\Core\Lines;

use Lanai\Core\Geometry\Box;
use Lanai\Core\Geometry\Edges;
use Lanai\Core\Geometry\Nodes;
use Lanai\Core\Geometry\Setting;
use Lanai\Core\Geometry\Within;
use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Fits\TextFit;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Language\SubLine;
use Lanai\Core\Play\Doing;
use Lanai\Core\Play\InParts;
use Lanai\Core\Play\Messaging;
use Lanai\Core\Play\Placing;
use Lanai\Core\Play\Scene;
use Lanai\Core\Rows\Refused;
use Lanai\Core\Text\Pattern;

/** What the app has written to whoever looks: a tap opens what each is about. */
final readonly class Inbox implements InParts
{
    use HasPlacing;

    private const EMPTY = 'Nothing has come yet.';

    public function __construct(public string $empty = '', public Placing $placing = new Placing())
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('Inbox')
            ->clauses(...Placing::clauses())
            ->below(new SubLine('when empty:', new Blank('empty', new TextFit()), 'what it says when empty'));
    }

    public function draw(Scene $scene): array
    {
        $me = $scene->me();
        $messages = $me === null ? [] : $scene->beside(Messaging::class)?->inbox($me->id) ?? [];
        $unread = array_filter($messages, fn (array $one): bool => ! $one['read']);

        return [
            'messages' => array_map(
                fn (array $one): array => ['at' => $scene->show($one['at'])] + array_diff_key($one, ['at' => 1]),
                $messages,
            ),
            'empty' => $this->empty === '' ? $scene->own(self::EMPTY) : $scene->text($this->empty, 'empty'),
            'readsAll' => count($unread) > 1,
        ];
    }

    public static function box(array $node, Setting $setting, Within $in): Box
    {
        $pen = $setting->pen;
        $messages = Nodes::of($node['messages'] ?? [], false);
        if ($messages === []) {
            return new Box(text: $pen->text(Nodes::text($node, 'empty')), padding: Edges::of(20, 0));
        }
        $parts = array_map(fn (array $one): Box => new Box(
            children: array_map(
                fn (array $line): Box => new Box(text: $pen->text(...$line)),
                array_values(array_filter(
                    [[Nodes::text($one, 'title'), 1, 1.5, 650], [Nodes::text($one, 'text'), 0.9375, 1.375], [Nodes::text($one, 'at'), 0.8125, 1.25]],
                    fn (array $line): bool => $line[0] !== '',
                )),
            ),
            padding: Edges::of(12, 14),
            gap: 2,
            minHeight: 48,
            marks: ['taps' => true],
        ), $messages);
        $all = ($node['readsAll'] ?? false) === true ? [ButtonLine::shape($setting->own('All of it is read'), $pen)] : [];

        return new Box(children: [...$parts, ...$all], gap: 8);
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
        if ($doing->part === '/all') {
            $messaging->readAll($me->id);

            return;
        }
        $opens = Pattern::match('~^/messages/(\d{1,9})$~', $doing->part, $found) ? $messaging->read($me->id, (int) $found[1]) : null;
        if ($opens === null) {
            throw new Refused('This message is not here any more.');
        }
        if ($opens['screen'] !== '') {
            $doing->outcome->go = $opens;
        }
    }
}
