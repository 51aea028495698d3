<?php

declare(strict_types=1);

namespace Lanai\Core\Lines;

use Lanai\Core\Geometry\Box;
use Lanai\Core\Geometry\Edges;
use Lanai\Core\Geometry\Nodes;
use Lanai\Core\Geometry\Setting;
use Lanai\Core\Geometry\Size;
use Lanai\Core\Geometry\Within;
use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Block;
use Lanai\Core\Language\Children;
use Lanai\Core\Language\Clause;
use Lanai\Core\Language\Families;
use Lanai\Core\Language\Family;
use Lanai\Core\Language\Fits\TextFit;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Model\AnyEffect;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\ListOf;
use Lanai\Core\Play\Doing;
use Lanai\Core\Play\Drawing;
use Lanai\Core\Play\Effect;
use Lanai\Core\Play\Holding;
use Lanai\Core\Play\Labelled;
use Lanai\Core\Play\Placing;
use Lanai\Core\Play\Scene;
use Lanai\Core\Rows\Refused;

/** Pages side by side, swiped one after the other; the last one may have a button that goes on. */
final readonly class Pages implements Holding, Labelled
{
    use HasPlacing;

    /** Dots that show which one is seen, and the button below them, in dp. */
    private const DOTS = 24;

    /**
     * @param  string  $ending  what the button on the last page says
     * @param  bool  $skips  whether what comes at the end may be had from any page
     * @param  list<Page>  $pages
     * @param  list<Effect>  $finished  what the last button does
     */
    public function __construct(
        public string $ending = '',
        public bool $skips = false,
        #[ListOf(Page::class)] public array $pages = [],
        #[ListOf(AnyEffect::class)] public array $finished = [],
        public Placing $placing = new Placing(),
    ) {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('Pages')
            ->clauses(
                Clause::of('ending with', 'a button on the last one', new Blank('ending', new TextFit())),
                Clause::flag('skips', 'which may be skipped'),
                ...Placing::clauses(),
            )
            ->below(
                new Children('pages', Family::only('“page”', Page::class), 'a page'),
                new Block('finished', 'finished:', Families::of(AnyEffect::class), 'what the last button does'),
            );
    }

    public function inside(Scene $scene): iterable
    {
        foreach ($this->pages as $i => $page) {
            yield ["/pages/$i/lines", $page->lines, $scene];
        }
    }

    public function held(Blueprint $blueprint): array
    {
        return array_merge(...array_map(fn (Page $p): array => $p->lines, $this->pages));
    }

    public function draw(Scene $scene): array
    {
        $ends = $this->ending !== '' || $this->finished !== [];

        return ['pages' => array_map(fn (array $nodes): array => ['nodes' => $nodes], array_values(Drawing::inside($this, $scene)))] +
            ($ends ? ['ending' => $this->ending === '' ? 'Done' : $scene->text($this->ending, 'ending')] : []) +
            ($ends && $this->skips ? ['skips' => true] : []);
    }

    public function tap(Doing $doing, ?int $item): void
    {
        if ($this->finished === []) {
            throw new Refused('Nothing happens here yet.');
        }
        $doing->run($this->finished, 'finished');
    }

    public function effects(): array
    {
        return $this->finished;
    }

    public function label(Scene $scene, string $part): array
    {
        return [$scene->text($this->ending, 'ending'), false];
    }

    public static function box(array $node, Setting $setting, Within $in): Box
    {
        $pages = Nodes::of($node['pages'] ?? [], false);
        $ends = isset($node['ending']);
        $way = new Box(
            flow: 'row',
            children: array_map(
                fn (array $page): Box => $setting->group($page)->with(
                    width: Size::percent(100),
                    padding: Edges::of(0, $in === Within::Main ? 16 : 0),
                    justify: $ends ? 'center' : 'start',
                ),
                $pages,
            ),
            margin: $in === Within::Main ? Edges::of(0, -16) : new Edges(),
            grow: $ends ? 1 : 0,
            marks: ['scrolls' => true],
        );
        $foot = [];
        if (count($pages) > 1) {
            $foot[] = new Box(height: Size::dp(self::DOTS));
        }
        if ($ends) {
            $foot[] = ButtonLine::shape(count($pages) > 1 ? $setting->own('Go on') : Nodes::text($node, 'ending'), $setting->pen);
        }
        if (isset($node['skips'])) {
            $foot[] = ButtonLine::shape($setting->own('Skip'), $setting->pen);
        }

        return new Box(children: [$way, ...$foot], gap: 12, grow: $ends && $in === Within::Main ? 1 : 0);
    }
}
