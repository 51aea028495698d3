<?php

declare(strict_types=1);

namespace Lanai\Core\Lines;

use Brick\Math\BigDecimal;
use Lanai\Core\Earnings\Storefront;
use Lanai\Core\Effects\BuyProduct;
use Lanai\Core\Effects\Confirm;
use Lanai\Core\Effects\EndProduct;
use Lanai\Core\Effects\KeepProduct;
use Lanai\Core\Effects\ManageProduct;
use Lanai\Core\Effects\RestorePurchases;
use Lanai\Core\Effects\Say;
use Lanai\Core\Effects\SwitchProduct;
use Lanai\Core\Geometry\Box;
use Lanai\Core\Geometry\Edges;
use Lanai\Core\Geometry\Nodes;
use Lanai\Core\Geometry\Setting;
use Lanai\Core\Geometry\Within;
use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Model\Earnings\Plan;
use Lanai\Core\Model\Earnings\Price;
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
use Lanai\Core\Values\Currency;
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

    private const MANAGE = 'What I pay for';

    private const AGREE = 'See it and agree';

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
        $nothing = ['label' => $this->product, 'state' => '', 'plans' => [], 'conditions' => '', 'pages' => $tills?->pages() ?? [], 'turn' => '',
            'changes' => [], 'manage' => ''];
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

        $manage = match (true) {
            ! $stand->mayTurn => '',
            $stand->rise !== null && $stand->rise->asks => self::AGREE,
            default => self::MANAGE,
        };

        return [
            'label' => $product->name,
            'state' => self::state($product, $stand, $scene),
            'turn' => $turn,
            'changes' => $turn === 'end' ? self::changes($product, $stand, $scene) : [],
            'manage' => $manage,
        ] + $nothing;
    }

    /** @return list<array{plan: int, label: string, note: string}> the other plans, each by its number among those that are sold */
    private static function changes(Product $product, Stand $stand, Scene $scene): array
    {
        $is = $product->plan($stand->plan);
        $changes = [];
        foreach (self::whole($product) as $n => $plan) {
            if ($is === null || $plan->key() === ($stand->next === '' ? $stand->plan : $stand->next)) {
                continue;
            }
            $price = self::price($product, $plan, $scene).' '.(self::EVERY[$plan->every] ?? '');
            $until = $stand->until === null ? '' : $scene->show($stand->until);
            $note = $plan->isDearerThan($is) ? "At once: what is left of $is->name is taken off." : "From $until on. Nothing is paid now.";
            $changes[] = $plan->key() === $is->key()
                ? ['plan' => $n, 'label' => "Stay with $plan->name", 'note' => 'Then nothing changes.']
                : ['plan' => $n, 'label' => "Change to $plan->name, $price", 'note' => $note];
        }

        return $changes;
    }

    /** @return list<Plan> those that can be bought */
    private static function whole(Product $product): array
    {
        return array_values(array_filter($product->plans, fn (Plan $plan): bool => $plan->isWhole()));
    }

    private static function price(Product $product, ?Plan $plan, Scene $scene): string
    {
        $price = $product->priceIn(Storefront::of($scene->moment->zone), $plan);

        return $scene->show(Money::of($price->amount, $price->currency));
    }

    private static function state(Product $product, Stand $stand, Scene $scene): string
    {
        $until = $stand->until === null ? '' : $scene->show($stand->until);
        $next = $stand->next === '' ? '' : $product->plan($stand->next)->name ?? '';
        $plan = $product->plan($stand->plan);
        $name = $plan === null || count($product->plans) < 2 ? $product->name : "$product->name, $plan->name";
        $rise = $stand->rise;
        $said = match (true) {
            $until === '' => "You have $name.",
            $stand->ends => "You have $name until $until. Then it ends.",
            $next !== '' => "You have $name. It goes on by itself on $until, with $next.",
            default => "You have $name. It goes on by itself on $until.",
        };
        if ($rise === null || $stand->ends) {
            return $said;
        }
        $from = $rise->from === null ? 'Then' : 'From '.$scene->show($rise->from).' on';
        $price = $scene->show(Money::of((string) BigDecimal::ofUnscaledValue($rise->price, Currency::digits($rise->currency)), $rise->currency));

        return "$said $from it costs $price.".($rise->asks ? ' If you do not agree, it ends then.' : '');
    }

    /** @return list<array{label: string, price: string, note: string}> */
    private static function plans(Product $product, Scene $scene): array
    {
        $price = fn (string $amount, string $currency): string => $scene->show(Money::of($amount, $currency));
        $where = Storefront::of($scene->moment->zone);
        if ($product->isPaidOnce()) {
            $note = $product->sold === Product::KEPT ? 'Paid once, yours for good.' : '';

            return $product->hasPrice() ? [['label' => $product->name, 'price' => self::price($product, null, $scene), 'note' => $note]] : [];
        }
        $plans = [];
        $whole = self::whole($product);
        $costs = array_map(fn (Plan $plan): Price => $product->priceIn($where, $plan), $whole);
        $monthly = array_map(fn (Price $costs, Plan $plan): float => (float) $costs->amount / $plan->months(), $costs, $whole);
        $isOne = count(array_unique(array_map(fn (Price $costs): string => $costs->currency, $costs))) < 2;
        $dearest = $isOne ? max([0.0, ...$monthly]) : 0.0;
        foreach ($whole as $i => $plan) {
            $saves = $dearest <= 0.0 ? 0 : (int) floor(100 * (1 - $monthly[$i] / $dearest) + 1e-9);
            $notes = [
                $plan->freeDays === null ? '' : "$plan->freeDays days free at first",
                self::atFirst($plan, $costs[$i], $price),
                $saves > 0 ? "saves $saves %" : '',
            ];
            $plans[] = [
                'label' => $plan->name,
                'price' => $price($costs[$i]->amount, $costs[$i]->currency).' '.(self::EVERY[$plan->every] ?? ''),
                'note' => ucfirst(implode(', ', array_filter($notes))),
            ];
        }

        return $plans;
    }

    /** @param  \Closure(string, string): string  $price */
    private static function atFirst(Plan $plan, Price $costs, \Closure $price): string
    {
        return match (true) {
            $costs->begins === '' || $plan->begin === null => '',
            $plan->begin === 1 => $price($costs->begins, $costs->currency).' the first time',
            default => $price($costs->begins, $costs->currency)." the first $plan->begin times",
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
        foreach (Nodes::of($node['changes'] ?? [], false) as $change) {
            $parts[] = new Box(children: [ButtonLine::shape(Nodes::text($change, 'label'), $pen), $small(Nodes::text($change, 'note'))], gap: 4);
        }
        $manage = Nodes::text($node, 'manage');
        if ($manage === self::AGREE) {
            $parts[] = ButtonLine::shape($manage, $pen);
        }
        $restores = ($node['restores'] ?? true) === true ? ['What I bought before'] : [];
        $links = [...$manage === self::MANAGE ? [$manage] : [], ...$restores, ...array_column(Nodes::of($node['pages'] ?? [], false), 'label')];
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
        return [
            new BuyProduct($this->product),
            new EndProduct($this->product),
            new KeepProduct($this->product),
            new SwitchProduct($this->product),
            new ManageProduct($this->product),
            new RestorePurchases(),
        ];
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
            return [new BuyProduct($this->product, $product->isPaidOnce() ? '' : self::whole($product)[(int) $found[1]]->name ?? '')];
        }
        if (Pattern::match('~^/changes/(\d+)$~', $doing->part, $found)) {
            return [new SwitchProduct($this->product, self::whole($product)[(int) $found[1]]->name ?? '')];
        }

        // What is asked outside changes how somebody stands: which way it goes is said by the tap.
        return match ($doing->part) {
            '/restore' => [new RestorePurchases(), new Say('What you have bought is here.')],
            '/manage' => [new ManageProduct($this->product)],
            '/stay' => [new KeepProduct($this->product), new Say('It goes on.')],
            '/end' => [new Confirm('End it with what is paid?'), new EndProduct($this->product), new Say('It ends with what is paid.')],
            default => throw new Refused('This is not offered any more.'),
        };
    }
}
