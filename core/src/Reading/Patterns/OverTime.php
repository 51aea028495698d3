<?php

declare(strict_types=1);

namespace Lanai\Core\Reading\Patterns;

use Lanai\Core\Reading\Draft;
use Lanai\Core\Reading\Plan;
use Lanai\Core\Text\Pattern;

/** What is written down day by day, added up: how much it was this week, and week by week as a chart; with a goal where one is spoken of. */
final readonly class OverTime extends Part
{
    public const SCREEN = 'Progress';

    /**
     * @param  string  $day  when it was, in formulas
     * @param  bool  $isMoment  it was at a time, and not only on a day
     * @param  string  $much  how much it was, in formulas
     * @param  string  $said  how much it was, as it is called
     * @param  bool  $isTheirs  each person sees their own
     * @param  bool  $hasGoal  somebody wants to come to so much
     * @param  string  $adds  when somebody may write one down, as a condition; '' for never
     * @param  bool  $isGoalAlone  nothing is known of a goal but how much it is
     */
    private function __construct(
        private Noun $thing,
        private string $day,
        private bool $isMoment,
        private string $much,
        private string $said,
        private bool $isTheirs,
        private bool $hasGoal,
        private string $adds,
        private bool $isGoalAlone,
    ) {
    }

    /** Where a goal, a chart or progress is spoken of, and something is written down day by day. */
    public static function in(Plan $plan): ?self
    {
        $hasGoal = isset($plan->tables['goal']);
        if (! $hasGoal && ! Pattern::match('~\b(?:charts?|graphs?|progress|statistics|over time|(?:per|each|every|a) week|weekly)\b~iu', $plan->paragraph)) {
            return null;
        }
        foreach ($plan->byWeight() as $noun) {
            $fields = $plan->tables[$noun]['fields'];
            $days = Plan::typed($fields, ['date', 'date and time']);
            $numbers = Plan::typed($fields, ['number']);
            if (! in_array($noun, ['goal', Draft::PERSON], true) && $days !== [] && $numbers !== [] && $plan->places($noun) === '') {
                return new self(
                    $plan->nouns[$noun],
                    $plan->key($days[0], $noun),
                    $days[0]['type'] === 'date and time',
                    $plan->key($numbers[0], $noun),
                    $plan->called($numbers[0], $noun),
                    $plan->isSomebodys($noun),
                    $hasGoal,
                    $plan->mayAdd($noun),
                    count($plan->tables['goal']['fields'] ?? []) === 1,
                );
            }
        }

        return null;
    }

    /** A goal that is held against what is written down needs no list of its own. */
    public function replaces(): array
    {
        return $this->hasGoal && $this->isGoalAlone ? ['goal'] : [];
    }

    public function ways(): array
    {
        return [[self::SCREEN, 'star']];
    }

    public function parts(): array
    {
        $week = $this->isMoment ? 'startOf(now(), "week")' : 'day(startOf(now(), "week"))';
        $mine = $this->isTheirs ? 'owner == me and ' : '';
        $sum = "sum(where({$this->thing->all()}, $mine$this->day >= $week).$this->much)";
        $only = $this->isTheirs ? ', if me != null' : '';
        $where = $this->isTheirs ? ' where me != null and owner == me' : '';
        $written = strtr($sum, ['"' => '\\"']);
        $lines = [
            'screen '.self::SCREEN,
            ...$this->isTheirs ? ['  Text "Sign in to see how far you are.", if me == null'] : [],
            "  Heading \"{{$written}}\"$only",
            '  Text "'.strtr($this->said, ['"' => '', '{' => '', '}' => '']).' of this week"'.$only,
        ];
        if ($this->hasGoal) {
            $lines[] = "  Progress of $sum, out of app.weeklyGoal, saying \"of {app.weeklyGoal} that you want\"$only";
        }
        $goal = $this->hasGoal ? ', with a goal of app.weeklyGoal' : '';
        $by = "by $this->day, for each week, adding up $this->much$goal, titled \"Week by week\"";
        $lines[] = '  Chart of '.Noun::said($this->thing->many)."$where, $by$only";
        if ($this->adds !== '') {
            $one = mb_strtolower(strtr(Noun::a($this->thing->one), ['"' => '']));
            array_push($lines, "  Button \"Add $one\", quiet, if $this->adds", '    tapped:', "      go to \"Add {$this->thing->one}\"");
        }
        if (! $this->hasGoal) {
            return [implode("\n", $lines)];
        }
        array_push(
            $lines,
            '  Input Goal is a whole number from 1 to 100000, hint "How much you want in a week"'.$only,
            '  Button "Set my goal", quiet, if '.($this->isTheirs ? 'me != null and ' : '').'input.goal != null',
            '    tapped:',
            '      set value Weekly goal to input.goal',
            '      say "Your goal is set."',
        );

        return ['value Weekly goal is a whole number, kept for each '.($this->isTheirs ? 'person' : 'device').', at first 10', implode("\n", $lines)];
    }
}
