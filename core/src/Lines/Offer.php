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

    private const EVERY = [
        'week' => '{0} a week',
        'month' => '{0} a month',
        'quarter' => '{0} for three months',
        'half' => '{0} for half a year',
        'year' => '{0} a year',
    ];

    /** What ends it, or lets it go on after all. */
    private const TURNS = ['end' => 'End it', 'stay' => 'Go on with it'];

    /** The ways to the till's own page, as the device says them. */
    private const MANAGES = ['see' => 'What I pay for', 'agree' => 'See it and agree'];

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
        $pages = array_map(fn (array $page): array => ['label' => $scene->own($page['label'])] + $page, $tills?->pages() ?? []);
        $nothing = ['label' => $this->product, 'state' => '', 'plans' => [], 'conditions' => '', 'pages' => $pages, 'turn' => '',
            'changes' => [], 'manage' => ''];
        $nothing['restores'] = $product?->sold !== Product::USED;
        if ($product === null) {
            return $nothing;
        }
        $me = $scene->me();
        $stand = $me === null ? null : $tills?->stands($me, $product, $scene->moment->now);
        if ($stand === null || ! $stand->has || $product->sold === Product::USED) {
            return [
                'label' => $scene->blueprint->shown($product->name, $product->name),
                'plans' => self::plans($product, $scene),
                'conditions' => self::conditions($product, $scene),
            ] + $nothing;
        }
        $turn = match (true) {
            ! $stand->mayTurn => '',
            $stand->ends => 'stay',
            default => 'end',
        };

        $manage = match (true) {
            ! $stand->mayTurn => '',
            $stand->rise !== null && $stand->rise->asks => 'agree',
            default => 'see',
        };

        return [
            'label' => $scene->blueprint->shown($product->name, $product->name),
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
            $price = self::every($plan, self::price($product, $plan, $scene), $scene);
            $until = $stand->until === null ? '' : $scene->show($stand->until);
            $named = fn (Plan $plan): string => $scene->blueprint->shown($plan->name, $product->name);
            $note = $plan->isDearerThan($is)
                ? $scene->own('At once: what is left of {0} is taken off.', $named($is))
                : $scene->own('From {0} on. Nothing is paid now.', $until);
            $changes[] = $plan->key() === $is->key()
                ? ['plan' => $n, 'label' => $scene->own('Stay with {0}', $named($plan)), 'note' => $scene->own('Then nothing changes.')]
                : ['plan' => $n, 'label' => $scene->own('Change to {0}, {1}', $named($plan), $price), 'note' => $note];
        }

        return $changes;
    }

    private static function every(Plan $plan, string $price, Scene $scene): string
    {
        $said = self::EVERY[$plan->every] ?? '';

        return $said === '' ? $price : $scene->own($said, $price);
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
        $named = fn (string $name): string => $scene->blueprint->shown($name, $product->name);
        $next = $stand->next === '' ? '' : $named($product->plan($stand->next)->name ?? '');
        $plan = $product->plan($stand->plan);
        $name = $named($product->name).($plan === null || count($product->plans) < 2 ? '' : ', '.$named($plan->name));
        $rise = $stand->rise;
        $said = match (true) {
            $until === '' => $scene->own('You have {0}.', $name),
            $stand->ends => $scene->own('You have {0} until {1}. Then it ends.', $name, $until),
            $next !== '' => $scene->own('You have {0}. It goes on by itself on {1}, with {2}.', $name, $until, $next),
            default => $scene->own('You have {0}. It goes on by itself on {1}.', $name, $until),
        };
        if ($rise === null || $stand->ends) {
            return $said;
        }
        $price = $scene->show(Money::of((string) BigDecimal::ofUnscaledValue($rise->price, Currency::digits($rise->currency)), $rise->currency));

        $costs = $rise->from === null
            ? $scene->own('Then it costs {0}.', $price)
            : $scene->own('From {0} on it costs {1}.', $scene->show($rise->from), $price);

        return "$said $costs".($rise->asks ? ' '.$scene->own('If you do not agree, it ends then.') : '');
    }

    /** @return list<array{label: string, price: string, note: string}> */
    private static function plans(Product $product, Scene $scene): array
    {
        $price = fn (string $amount, string $currency): string => $scene->show(Money::of($amount, $currency));
        $where = Storefront::of($scene->moment->zone);
        if ($product->isPaidOnce()) {
            $note = $product->sold === Product::KEPT ? $scene->own('Paid once, yours for good.') : '';
            $label = $scene->blueprint->shown($product->name, $product->name);

            return $product->hasPrice() ? [['label' => $label, 'price' => self::price($product, null, $scene), 'note' => $note]] : [];
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
                $plan->freeDays === null ? '' : $scene->own('{0, plural, one {# day} other {# days}} free at first', $plan->freeDays),
                self::atFirst($plan, $costs[$i], $price, $scene),
                $saves > 0 ? $scene->own('saves {0} %', $saves) : '',
            ];
            $plans[] = [
                'label' => $scene->blueprint->shown($plan->name, $product->name),
                'price' => self::every($plan, $price($costs[$i]->amount, $costs[$i]->currency), $scene),
                'note' => ucfirst(implode(', ', array_filter($notes))),
            ];
        }

        return $plans;
    }

    /** @param  \Closure(string, string): string  $price */
    private static function atFirst(Plan $plan, Price $costs, \Closure $price, Scene $scene): string
    {
        return match (true) {
            $costs->begins === '' || $plan->begin === null => '',
            $plan->begin === 1 => $scene->own('{0} the first time', $price($costs->begins, $costs->currency)),
            default => $scene->own('{0} the first {1} times', $price($costs->begins, $costs->currency), $plan->begin),
        };
    }

    private static function conditions(Product $product, Scene $scene): string
    {
        return $product->isPaidOnce()
            ? ''
            : $scene->own('It goes on by itself, and is paid anew each time. You can end it here, at the latest a day before.');
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
            $parts[] = ButtonLine::shape($setting->own($turn), $pen);
        }
        foreach (Nodes::of($node['changes'] ?? [], false) as $change) {
            $parts[] = new Box(children: [ButtonLine::shape(Nodes::text($change, 'label'), $pen), $small(Nodes::text($change, 'note'))], gap: 4);
        }
        $manage = Nodes::text($node, 'manage');
        if ($manage === 'agree') {
            $parts[] = ButtonLine::shape($setting->own(self::MANAGES[$manage]), $pen);
        }
        $restores = ($node['restores'] ?? true) === true ? [$setting->own('What I bought before')] : [];
        $sees = $manage === 'see' ? [$setting->own(self::MANAGES[$manage])] : [];
        $links = [...$sees, ...$restores, ...array_column(Nodes::of($node['pages'] ?? [], false), 'label')];
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
            '/end' => [$scene->own(self::TURNS['end']), false],
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
            '/restore' => [new RestorePurchases(), new Say($doing->scene->own('What you have bought is here.'))],
            '/manage' => [new ManageProduct($this->product)],
            '/stay' => [new KeepProduct($this->product), new Say($doing->scene->own('It goes on.'))],
            '/end' => [
                new Confirm($doing->scene->own('End it with what is paid?')),
                new EndProduct($this->product),
                new Say($doing->scene->own('It ends with what is paid.')),
            ],
            default => throw new Refused('This is not offered any more.'),
        };
    }
}
