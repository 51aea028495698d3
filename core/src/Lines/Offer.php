<?php

declare(strict_types=1);

namespace Lanai\Core\Lines;

use Lanai\Core\Effects\BuyProduct;
use Lanai\Core\Effects\Confirm;
use Lanai\Core\Effects\EndProduct;
use Lanai\Core\Effects\KeepProduct;
use Lanai\Core\Effects\RestorePurchases;
use Lanai\Core\Effects\Say;
use Lanai\Core\Geometry\Box;
use Lanai\Core\Geometry\Edges;
use Lanai\Core\Geometry\Nodes;
use Lanai\Core\Geometry\Setting;
use Lanai\Core\Geometry\Within;
use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Model\Earnings\Plan;
use Lanai\Core\Model\Earnings\Product;
use Lanai\Core\Model\Fits\NamedFit;
use Lanai\Core\Play\Doing;
use Lanai\Core\Play\Effect;
use Lanai\Core\Play\InParts;
use Lanai\Core\Play\Labelled;
use Lanai\Core\Play\Placing;
use Lanai\Core\Play\Scene;
use Lanai\Core\Play\Stand;
use Lanai\Core\Play\Tills;
use Lanai\Core\Rows\Refused;
use Lanai\Core\Text\Pattern;
use Lanai\Core\Values\Money;

/**
 * A product as it is sold: its plans, each with its price and what it saves, what one agrees to, and a way to what was bought before; for those who have
 * it, until when, and how to end it.
 */
final readonly class Offer implements InParts, Labelled
{
    use HasPlacing;

    private const EVERY = ['week' => 'a week', 'month' => 'a month', 'quarter' => 'for three months', 'half' => 'for half a year', 'year' => 'a year'];

    /** What ends it, or lets it go on after all. */
    private const TURNS = ['end' => 'End it', 'stay' => 'Go on with it'];

    public function __construct(public string $product, public Placing $placing = new Placing())
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('Offer of', new Blank('product', NamedFit::product()))->clauses(...Placing::acting());
    }

    public function draw(Scene $scene): array
    {
        $product = $scene->blueprint->productCalled($this->product);
        $tills = $scene->beside(Tills::class);
        $nothing = ['label' => $this->product, 'state' => '', 'plans' => [], 'conditions' => '', 'pages' => $tills?->pages() ?? [], 'turn' => ''];
        $nothing['restores'] = $product?->sold !== Product::USED;
        if ($product === null) {
            return $nothing;
        }
        $me = $scene->me();
        $stand = $me === null ? null : $tills?->stands($me, $product, $scene->moment->now);
        if ($stand === null || ! $stand->has || $product->sold === Product::USED) {
            return ['label' => $product->name, 'plans' => self::plans($product, $scene), 'conditions' => self::conditions($product)] + $nothing;
        }
        $turn = match (true) {
            ! $stand->mayTurn => '',
            $stand->ends => 'stay',
            default => 'end',
        };

        return ['label' => $product->name, 'state' => self::state($product, $stand, $scene), 'turn' => $turn] + $nothing;
    }

    private static function state(Product $product, Stand $stand, Scene $scene): string
    {
        $until = $stand->until === null ? '' : $scene->show($stand->until);

        return match (true) {
            $until === '' => "You have $product->name.",
            $stand->ends => "You have $product->name until $until. Then it ends.",
            default => "You have $product->name. It goes on by itself on $until.",
        };
    }

    /** @return list<array{label: string, price: string, note: string}> */
    private static function plans(Product $product, Scene $scene): array
    {
        $price = fn (string $amount, string $currency): string => $scene->show(Money::of($amount, $currency));
        if ($product->isPaidOnce()) {
            $note = $product->sold === Product::KEPT ? 'Paid once, yours for good.' : '';

            return $product->hasPrice() ? [['label' => $product->name, 'price' => $price($product->price, $product->currency), 'note' => $note]] : [];
        }
        $plans = [];
        $whole = array_filter($product->plans, fn (Plan $plan): bool => $plan->isWhole());
        $dearest = max([0.0, ...array_map(fn (Plan $plan): float => (float) $plan->price / $plan->months(), $whole)]);
        foreach ($whole as $i => $plan) {
            $saves = $dearest <= 0.0 ? 0 : (int) floor(100 * (1 - (float) $plan->price / $plan->months() / $dearest) + 1e-9);
            $notes = [
                $plan->freeDays === null ? '' : "$plan->freeDays days free at first",
                self::atFirst($plan, $price),
                $saves > 0 ? "saves $saves %" : '',
            ];
            $plans[$i] = [
                'label' => $plan->name,
                'price' => $price($plan->price, $plan->currency).' '.(self::EVERY[$plan->every] ?? ''),
                'note' => ucfirst(implode(', ', array_filter($notes))),
            ];
        }

        return array_values($plans);
    }

    /** @param  \Closure(string, string): string  $price */
    private static function atFirst(Plan $plan, \Closure $price): string
    {
        return match (true) {
            $plan->begins === '' || $plan->begin === null => '',
            $plan->begin === 1 => $price($plan->begins, $plan->currency).' the first time',
            default => $price($plan->begins, $plan->currency)." the first $plan->begin times",
        };
    }

    private static function conditions(Product $product): string
    {
        return $product->isPaidOnce()
            ? ''
            : 'It goes on by itself, and is paid anew each time. You can end it here, at the latest a day before.';
    }

    public static function box(array $node, Setting $setting, Within $in): Box
    {
        $pen = $setting->pen;
        $small = fn (string $text): Box => new Box(text: $pen->text($text, 0.875, 1.25));
        $parts = [new Box(text: $pen->text(Nodes::text($node, 'label'), 1, 1.5, 650))];
        if (Nodes::text($node, 'state') !== '') {
            $parts[] = new Box(text: $pen->text(Nodes::text($node, 'state')));
        }
        foreach (Nodes::of($node['plans'] ?? [], false) as $plan) {
            $note = Nodes::text($plan, 'note');
            $button = ButtonLine::shape(Nodes::text($plan, 'label').', '.Nodes::text($plan, 'price'), $pen);
            $parts[] = new Box(children: [$button, ...$note === '' ? [] : [$small($note)]], gap: 4);
        }
        if (Nodes::text($node, 'conditions') !== '') {
            $parts[] = $small(Nodes::text($node, 'conditions'));
        }
        $turn = self::TURNS[Nodes::text($node, 'turn')] ?? '';
        if ($turn !== '') {
            $parts[] = ButtonLine::shape($turn, $pen);
        }
        $restores = ($node['restores'] ?? true) === true ? ['What I bought before'] : [];
        $links = [...$restores, ...array_column(Nodes::of($node['pages'] ?? [], false), 'label')];
        $parts[] = new Box(
            flow: 'row',
            children: array_map(
                fn (mixed $label): Box => new Box(
                    text: $pen->text(is_string($label) ? $label : '', 0.875, 1.25, 600),
                    minHeight: 48,
                    padding: Edges::of(14, 0),
                    shrink: 1,
                    marks: ['taps' => true],
                ),
                $links,
            ),
            gap: 16,
            wraps: true,
        );

        return new Box(children: $parts, padding: Edges::all(16), gap: 10);
    }

    public function label(Scene $scene, string $part): array
    {
        return match ($part) {
            '/end' => [self::TURNS['end'], false],
            default => ['', false],
        };
    }

    public function effects(): array
    {
        return [new BuyProduct($this->product), new EndProduct($this->product), new KeepProduct($this->product), new RestorePurchases()];
    }

    public function tap(Doing $doing, ?int $item): void
    {
        $doing->run($this->on($doing), 'offer');
    }

    /** @return list<Effect> */
    private function on(Doing $doing): array
    {
        $product = $doing->scene->blueprint->productCalled($this->product) ?? throw new Refused('This cannot be bought any more.');
        if (Pattern::match('~^/plans/(\d+)$~', $doing->part, $found)) {
            $whole = array_values(array_filter($product->plans, fn (Plan $plan): bool => $plan->isWhole()));

            return [new BuyProduct($this->product, $product->isPaidOnce() ? '' : $whole[(int) $found[1]]->name ?? '')];
        }

        // What is asked outside changes how somebody stands: which way it goes is said by the tap.
        return match ($doing->part) {
            '/restore' => [new RestorePurchases(), new Say('What you have bought is here.')],
            '/stay' => [new KeepProduct($this->product), new Say('It goes on.')],
            '/end' => [new Confirm('End it with what is paid?'), new EndProduct($this->product), new Say('It ends with what is paid.')],
            default => throw new Refused('This is not offered any more.'),
        };
    }
}
