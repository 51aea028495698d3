<?php

declare(strict_types=1);

namespace Lanai\Core\Reading\Patterns;

use Lanai\Core\Reading\Draft;
use Lanai\Core\Reading\Plan;
use Lanai\Core\Text\Names;

/** Something is marked, or ticked off: where a thing is somebody’s or of a role, on it; where everybody has their own, each for themselves. */
final readonly class Ticking extends Part
{
    private Noun $thing;

    /** @param  list<string>  $fields  that say yes or no, and are set by one tap; none where each ticks for themselves */
    private function __construct(private Plan $plan, private string $noun, private array $fields)
    {
        $this->thing = $plan->nouns[$noun];
    }

    /** @return list<self> */
    public static function in(Plan $plan): array
    {
        $found = [];
        foreach (array_keys($plan->tables) as $noun) {
            $isMarked = $plan->does('mark', $noun) || $plan->does('tick', $noun);
            if ($noun === Draft::PERSON || ! $isMarked || ! $plan->isMain($noun)) {
                continue;
            }
            $flags = array_map(fn (array $field): string => $plan->called($field, $noun), Plan::typed($plan->tables[$noun]['fields'], ['yes or no']));
            $canChange = $plan->mayDo('change', $noun) !== '';
            if ($canChange && $flags !== []) {
                $found[] = new self($plan, $noun, $flags);
            } elseif ($plan->does('tick', $noun)) {
                $found[] = new self($plan, $noun, []);
            }
        }

        return $found;
    }

    public function onPage(string $noun): array
    {
        if ($noun !== $this->noun) {
            return [];
        }
        $key = $this->thing->key();
        if ($this->fields === []) {
            $isDone = "any(me.{$this->all()}, this == $key)";

            return [
                "  Badge \"Done\", if me != null and $isDone",
                "  Button \"I have done it\", if me != null and not $isDone",
                '    tapped:',
                "      put $key into me.{$this->all()}",
                "  Button \"Not done after all\", quiet, if me != null and $isDone",
                '    tapped:',
                "      take $key out of me.{$this->all()}",
            ];
        }
        $may = $this->plan->mayDo('change', $this->noun);
        $lines = [];
        foreach ($this->fields as $field) {
            $of = "$key.".Names::inFormula($field);
            $said = mb_strtolower(strtr($field, ['"' => '', '{' => '', '}' => '', '\\' => '']));
            foreach ([["Mark it as $said", "$of != true", 'true'], ["It is not $said after all", $of, 'false']] as [$button, $if, $value]) {
                array_push(
                    $lines,
                    "  Button \"$button\"".($value === 'false' ? ', quiet' : '').", if ($may) and $if",
                    '    tapped:',
                    "      change $key",
                    '        set '.Noun::said($field)." = $value",
                );
            }
        }

        return $lines;
    }

    public function table(string $noun): array
    {
        return $noun !== Draft::PERSON || $this->fields !== [] ? [] : [
            '  may be seen by the person themselves, as to '.Noun::said($this->done()),
            '  '.Noun::said($this->done()).' are many '.Noun::said($this->thing->many),
        ];
    }

    /** The field of people that has what they have ticked off. */
    private function done(): string
    {
        return 'Done '.mb_strtolower($this->thing->many);
    }

    private function all(): string
    {
        return Names::inFormula($this->done());
    }
}
