<?php

declare(strict_types=1);

namespace Lanai\Core\Errands;

use Lanai\Core\Formula\Moment;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Errand;
use Lanai\Core\Model\ErrandStep;
use Lanai\Core\Play\Outcome;
use Lanai\Core\Play\Trail;
use Lanai\Core\Play\Visit;
use Lanai\Core\Player\Player;

/** Somebody on an errand: does its steps one after the other as a person would, by what stands on the screen, and stops where one cannot be done. */
final class Runner
{
    /** Questions before a tap is done, to which it is said yes. */
    private const ASKED = 5;

    private const TOLD = 8;

    /** Nobody goes further at once. */
    private const STEPS = 80;

    /** @var list<array{string, list<int|string>}> screens, the one that is seen last */
    private array $trail = [];

    /** @var array<string, string> */
    private array $inputs = [];

    /** @var array<string, string> */
    private array $values = [];

    /** @var list<string> what was said since the last tap */
    private array $said = [];

    private ?Seen $seen = null;

    private int $taps = 0;

    /**
     * @param  int|null  $person  a row of the people; null for nobody
     * @param  string  $key  by which its taps are told from those of others
     */
    public function __construct(
        private readonly Blueprint $blueprint,
        private readonly Player $player,
        private readonly Moment $moment,
        private readonly ?int $person,
        private readonly string $key,
    ) {
    }

    /** @return list<StepDone> as far as it went; the last one is wrong where it could not be done to its end */
    public function run(Errand $errand): array
    {
        $first = $this->blueprint->firstScreen();
        $this->trail = $first === null ? [] : [[$first->slug(), []]];
        $done = [];
        foreach (array_slice($errand->steps, 0, self::STEPS) as $step) {
            $wrong = $this->step($step);
            $done[] = new StepDone($step->said(), $wrong, $this->seen()->title());
            if ($wrong !== '') {
                break;
            }
        }

        return count($errand->steps) <= self::STEPS || count($done) < self::STEPS
            ? $done
            : [...$done, new StepDone('go on', 'An errand has at most '.self::STEPS.' steps.', $this->seen()->title())];
    }

    private function step(ErrandStep $step): string
    {
        return match ($step->does) {
            'open' => $this->open($step->what),
            'tap' => $this->tap($step->what),
            'type' => $this->type($step->what, $step->into),
            'see' => $this->isSeen($step->what) ? '' : "“{$step->what}” is not to be seen on “{$this->seen()->title()}”.".$this->instead(),
            'unseen' => $this->isSeen($step->what) ? "“{$step->what}” is to be seen on “{$this->seen()->title()}”." : '',
            default => 'Say what is done in this step.',
        };
    }

    private function open(string $name): string
    {
        $screen = $this->blueprint->screen($name);
        if ($screen === null) {
            return "There is no screen “{$name}”.";
        }
        if ($screen->parameters() !== []) {
            return "“{$name}” is about something: tap what leads to it.";
        }
        $this->trail[] = [$screen->slug(), []];
        $this->seen = null;

        return '';
    }

    private function type(string $words, string $label): string
    {
        $box = $this->seen()->box($label);
        if ($box === null) {
            $there = array_keys($this->seen()->boxes);

            $are = $there === [] ? '' : ' There are: '.implode(', ', array_slice($there, 0, self::TOLD)).'.';

            return "There is no box “{$label}” on “{$this->seen()->title()}”.$are";
        }
        if ($box['choices'] !== []) {
            foreach ($box['choices'] as $choice => $id) {
                if (mb_strtolower((string) $choice) === mb_strtolower($words)) {
                    $this->inputs[$box['name']] = $id;

                    return '';
                }
            }

            return "“{$words}” cannot be chosen in “{$label}”.";
        }
        $this->inputs[$box['name']] = $words;

        return '';
    }

    private function tap(string $label): string
    {
        $way = $this->seen()->toTap($label);
        if ($way === null && mb_strtolower($label) === 'back') {
            return $this->back();
        }
        if ($way === null) {
            return "“{$label}” is not there on “{$this->seen()->title()}”.".$this->instead();
        }
        if ($way['dead']) {
            return "“{$label}” cannot be tapped just now.";
        }
        $this->said = [];
        if ($way['go'] !== '') {
            $this->trail[] = [$way['go'], []];
            $this->seen = null;

            return '';
        }
        $confirmed = [];
        for ($asked = 0; $asked < self::ASKED; $asked++) {
            $this->taps++;
            $outcome = $this->player->tap($this->visit($confirmed), $way['at'], $way['item'], "$this->key $this->taps", Trail::none());
            $at = $outcome->confirm['at'] ?? null;
            if (! is_string($at)) {
                $this->follow($outcome);

                return $outcome->signIn ? "Nobody is signed in, and “{$label}” needs that." : '';
            }
            $confirmed[] = $at;
        }

        return "“{$label}” asks again and again.";
    }

    private function follow(Outcome $outcome): void
    {
        $this->seen = null;
        $later = array_map(fn (array $one): string => $one['do'] === 'say' ? $one['text'] : '', $outcome->onDevice);
        $all = [...$outcome->say, ...$later, $outcome->refused, ...array_values($outcome->errors)];
        $this->said = array_values(array_filter($all, fn (string $one): bool => $one !== ''));
        $this->values = $outcome->values + $outcome->passing + $this->values;
        if ($outcome->refused === '' && $outcome->errors === []) {
            $this->inputs = array_diff_key($this->inputs, array_flip($outcome->used));
        }
        if ($outcome->over) {
            $first = $this->blueprint->firstScreen();
            $this->trail = $first === null ? [] : [[$first->slug(), []]];
        } elseif ($outcome->back) {
            $this->back();
        }
        if ($outcome->go !== null) {
            $this->trail[] = [$outcome->go['screen'], $outcome->go['args']];
            $this->inputs = [];
        }
    }

    private function back(): string
    {
        if (count($this->trail) < 2) {
            return 'There is nothing to go back to.';
        }
        array_pop($this->trail);
        $this->seen = null;

        return '';
    }

    private function isSeen(string $words): bool
    {
        $said = mb_strtolower(implode("\n", $this->said));

        return $this->seen()->says($words) || str_contains($said, mb_strtolower($words));
    }

    /** What is there instead, so that one sees what has changed. */
    private function instead(): string
    {
        $there = array_slice(array_map(strval(...), array_keys($this->seen()->tapped)), 0, self::TOLD);
        $said = $this->said === [] ? '' : ' It was said: '.implode(' ', $this->said);

        return $said.($there === [] ? '' : ' There is: '.implode(', ', $there).'.');
    }

    private function seen(): Seen
    {
        return $this->seen ??= new Seen($this->player->show($this->visit([]), Trail::none()));
    }

    /** @param  list<string>  $confirmed */
    private function visit(array $confirmed): Visit
    {
        [$screen, $args] = $this->trail === [] ? ['', []] : $this->trail[count($this->trail) - 1];

        return new Visit($this->moment, $screen, $args, $this->person, $this->inputs, $confirmed, values: $this->values, waits: true);
    }
}
