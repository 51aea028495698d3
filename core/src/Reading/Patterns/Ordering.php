<?php

declare(strict_types=1);

namespace Lanai\Core\Reading\Patterns;

use Lanai\Core\Reading\Plan;
use Lanai\Core\Text\Names;

/** Things are ordered one by one, and paid where they are handed over: whoever sells sees what is ordered, and says when it is ready. */
final readonly class Ordering extends Part
{
    private const NOUN = 'order';

    private Noun $order;

    private string $key;

    private string $of;

    /** The field that says how far it is. */
    private string $field;

    private string $stage;

    /** @var list<string> */
    private array $stages;

    /** @param  list<string>  $roles  who see all orders; none for the owner of what is ordered */
    private function __construct(private Plan $plan, private string $thing, private array $roles)
    {
        $this->order = $plan->nouns[self::NOUN];
        $this->key = $this->order->key();
        $this->of = Names::inFormula($plan->nouns[$thing]->one);
        $known = $plan->stage(self::NOUN);
        $this->field = $known === null ? 'Stage' : $plan->called($known, self::NOUN);
        $this->stages = $known === null ? ['ordered', 'ready', 'handed over'] : array_values(array_unique($known['choices']));
        $this->stage = Names::inFormula($this->field);
    }

    public static function in(Plan $plan): ?self
    {
        $things = array_values(array_unique(array_map(
            fn (array $act): string => mb_strtolower($act['table']),
            array_filter($plan->outline['acts'], fn (array $act): bool => $act['act'] === 'order'),
        )));
        $thing = $things[0] ?? '';
        $isThere = isset($plan->tables[self::NOUN], $plan->tables[$thing]) && $thing !== self::NOUN && $plan->isSomebodys(self::NOUN);
        if (! $isThere || ! $plan->isMain($thing) || $plan->host(self::NOUN) !== '') {
            return null;
        }
        $roles = $plan->only('add', $thing);
        // Who sells is who adds what is sold, else those of a role who do not buy.
        $buyers = $plan->doers('order', $thing);
        $others = array_values(array_diff(array_column($plan->outline['roles'], 'name'), $buyers));
        $sellers = match (true) {
            $roles !== [] => $roles,
            $plan->isSomebodys($thing) => [],
            default => array_slice($others, 0, 1),
        };

        return $sellers !== [] || $plan->isSomebodys($thing) ? new self($plan, $thing, $sellers) : null;
    }

    public function decides(string $noun): bool
    {
        return $noun === self::NOUN;
    }

    public function keepsToThose(string $noun): bool
    {
        return $noun === self::NOUN;
    }

    public function shows(string $noun): bool
    {
        return $noun === self::NOUN;
    }

    public function table(string $noun): array
    {
        if ($noun !== self::NOUN) {
            return [];
        }
        $thing = Noun::said($this->plan->nouns[$this->thing]->one);
        $seller = $this->roles === [] ? ["anyone if $this->of.owner == me"] : array_map(Noun::a(...), $this->roles);
        $lines = ["  $thing is one $thing, required"];
        foreach ($seller as $who) {
            array_push($lines, "  may be seen by $who", "  may be changed by $who, as to ".Noun::said($this->field));
        }
        $first = $this->stages[0];
        if ($this->plan->stage(self::NOUN) === null) {
            $choices = implode(', ', array_map(fn (string $one): string => "\"$one\"", $this->stages));
            $lines[] = "  Stage is one of $choices, required, at first \"$first\"";
        }

        return [
            ...$lines,
            "  may be added by nobody if $this->stage != null and $this->stage != \"$first\"",
            "  may be removed by anyone if owner == me and ($this->stage == null or $this->stage == \"$first\")",
        ];
    }

    public function onPage(string $noun): array
    {
        if ($noun !== $this->thing) {
            return [];
        }

        return [
            '  Button "Order it", if me != null'.($this->roles === [] ? " and not ($this->of.owner == me)" : ''),
            '    tapped:',
            "      go to \"Order one\" with $this->of",
        ];
    }

    public function parts(): array
    {
        $many = Noun::said($this->order->many);
        $thing = Noun::said($this->plan->nouns[$this->thing]->one);
        $title = "$this->of.{$this->plan->label($this->thing)}";
        $asked = array_values(array_diff($this->plan->asked(self::NOUN, ''), [Noun::said($this->field)]));
        $list = fn (string $where, string $empty, string $if = ''): array => [
            "  List of $many where me != null and $where, by Added downward$if",
            "    shows $title as title",
            "    shows $this->stage as badge",
            '    shows relative(added) as aside',
            '    tapped:',
            '      go to '.Noun::said($this->order->one).' with this',
            "    when empty: \"$empty\"",
        ];
        $seller = fn (string $of): string => $this->roles === []
            ? "$of$this->of.owner == me"
            : '('.implode(' or ', array_map(fn (string $role): string => "me.role == \"$role\"", $this->roles)).')';
        $last = array_slice($this->stages, -1)[0];
        $isOpen = "($this->stage == null or $this->stage != \"$last\")";
        $forms = $asked === []
            ? [
                '  Button "Order it", if me != null',
                '    tapped:',
                '      add '.Noun::a($this->order->one),
                "        set $thing = $this->of",
                '      say "It is ordered."',
                "      go to \"My {$this->order->many}\"",
            ]
            : [
                '  Form for a new '.Noun::said($this->order->one).' asking '.implode(', ', $asked).', saying "Order it", if me != null',
                "    set $thing = $this->of",
                '    saved:',
                '      say "It is ordered."',
                "      go to \"My {$this->order->many}\"",
            ];
        $moves = [];
        foreach (array_slice($this->stages, 1) as $i => $stage) {
            $before = $this->stages[$i];
            $isBefore = $i === 0 ? "($this->key.$this->stage == null or $this->key.$this->stage == \"$before\")" : "$this->key.$this->stage == \"$before\"";
            array_push(
                $moves,
                '  Button "It is '.strtr($stage, ['"' => '', '{' => '', '}' => '', '\\' => ''])."\", if {$seller("$this->key.")} and $isBefore and me != null",
                '    tapped:',
                "      change $this->key, only while $isBefore, otherwise say \"Somebody was quicker.\"",
                '        set '.Noun::said($this->field)." = \"$stage\"",
            );
        }

        return [
            implode("\n", [
                "screen \"Order one\", about one $thing, titled \"Order {{$title}}\", only when signed in",
                '  Text "It is paid where it is handed over."',
                ...$forms,
            ]),
            implode("\n", [
                "screen \"My {$this->order->many}\"",
                '  Text "Sign in to see them.", if me == null',
                '  Heading "What I have ordered"',
                ...$list('owner == me', 'You have ordered nothing yet.'),
                '  Heading "What waits to be handed over"'.($this->roles === [] ? '' : ', if '.$seller('')),
                ...$list("{$seller('')} and $isOpen", 'Nothing waits.', $this->roles === [] ? '' : ', if '.$seller('')),
            ]),
            implode("\n", [
                'screen '.Noun::said($this->order->one).', about one '.Noun::said($this->order->one).", titled \"{{$this->key}.$title}\", only when signed in",
                ...$this->plan->facts(self::NOUN),
                ...$this->plan->stage(self::NOUN) === null ? ["  Badge \"{{$this->key}.$this->stage}\""] : [],
                "  Text \"{coalesce($this->key.owner.name, \\\"Somebody\\\")} has ordered it.\", if {$seller("$this->key.")} and me != null",
                ...$moves,
                '  Button "Look at it", quiet',
                '    tapped:',
                "      go to $thing with $this->key.$this->of",
                "  Button \"Take it back\", dangerous, if $this->key.owner == me and ($this->key.$this->stage == null"
                    ." or $this->key.$this->stage == \"{$this->stages[0]}\")",
                '    tapped:',
                '      confirm "Take your order back?"',
                "      remove $this->key",
                '      go back',
            ]),
        ];
    }

    public function ways(): array
    {
        return [["My {$this->order->many}", 'list']];
    }

    public function messages(): array
    {
        $one = Noun::said($this->order->one);
        $title = "$this->of.{$this->plan->label($this->thing)}";

        return [implode("\n", [
            "message \"How your order stands\", on News, when one $one is changed, if $this->stage != null, to $this->key.owner, also in the inbox",
            "  says \"It is {{$this->key}.$this->stage}: {{$this->key}.$title}\"",
            "  opens $one with $this->key",
        ])];
    }
}
