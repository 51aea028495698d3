<?php

declare(strict_types=1);

namespace Lanai\Core\Errands;

use Lanai\Core\Effects\AskToNotify;
use Lanai\Core\Formula\Moment;
use Lanai\Core\Geometry\Nodes;
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

    /**
     * What was tapped, and what is asked before it is done.
     *
     * @var array{label: string, way: array{at: string, item: int|null, go: string, args: list<int|string>, dead: bool}, confirmed: list<string>,
     *     replies: array<string, string>, at: string, box: array<string, mixed>}|null
     */
    private ?array $asked = null;

    private int $taps = 0;

    /** Why the last errand stopped; '' where it came to its end. */
    public string $wrong = '';

    /** It stopped, or would go no further, because nobody is signed in: that is as it should be. */
    public bool $needsSignIn = false;

    /**
     * @param  int|null  $person  a row of the people; null for nobody
     * @param  string  $key  by which its taps are told from those of others
     * @param  'ios'|'android'|'web'  $platform
     * @param  'phone'|'tablet'  $form
     */
    public function __construct(
        private readonly Blueprint $blueprint,
        private readonly Player $player,
        private readonly Moment $moment,
        private readonly ?int $person,
        private readonly string $key,
        private readonly string $platform = 'web',
        private readonly string $form = 'phone',
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
            $this->wrong = $wrong;
            $done[] = new StepDone($step->said(), $wrong, $this->now()->title());
            if ($wrong !== '') {
                break;
            }
        }

        return count($errand->steps) <= self::STEPS || count($done) < self::STEPS
            ? $done
            : [...$done, new StepDone('go on', 'An errand has at most '.self::STEPS.' steps.', $this->now()->title())];
    }

    private function step(ErrandStep $step): string
    {
        if ($this->asked !== null && $step->does === 'tap') {
            $box = Nodes::text($this->asked['box'], 'label');

            return "“{$this->asked['label']}” asks for “{$box}” first: let the step before this one be “type … into {$box}”.";
        }

        return match ($step->does) {
            'open' => $this->open($step->what),
            'tap' => $this->tap($step->what),
            'type' => $this->type($step->what, $step->into),
            'see' => $this->isSeen($step->what) ? '' : "“{$step->what}” is not to be seen on “{$this->now()->title()}”.".$this->instead(),
            'unseen' => $this->isSeen($step->what) ? "“{$step->what}” is to be seen on “{$this->now()->title()}”." : '',
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
        if ($this->asked !== null) {
            ['label' => $tapped, 'way' => $way, 'confirmed' => $confirmed, 'replies' => $replies, 'at' => $at] = $this->asked;
            $this->asked = null;

            return $this->go($tapped, $way, $confirmed, [...$replies, $at => $words]);
        }
        $box = $this->now()->box($label);
        if ($box === null) {
            $there = array_keys($this->now()->boxes);

            $are = $there === [] ? '' : ' There are: '.implode(', ', array_slice($there, 0, self::TOLD)).'.';

            return "There is no box “{$label}” on “{$this->now()->title()}”.$are";
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
        $way = $this->now()->toTap($label);
        if ($way === null && mb_strtolower($label) === 'back') {
            return $this->back();
        }
        if ($way === null) {
            return "“{$label}” is not there on “{$this->now()->title()}”.".$this->instead();
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

        return $this->go($label, $way, [], []);
    }

    /**
     * Taps, and answers what is asked before it is done: yes, unless something has to be typed. That is said by the next step.
     *
     * @param  array{at: string, item: int|null, go: string, args: list<int|string>, dead: bool}  $way
     * @param  list<string>  $confirmed
     * @param  array<string, string>  $replies
     */
    private function go(string $label, array $way, array $confirmed, array $replies): string
    {
        for ($asked = 0; $asked < self::ASKED; $asked++) {
            $this->taps++;
            $outcome = $this->player->tap($this->visit($confirmed, $replies), $way['at'], $way['item'], "$this->key $this->taps", Trail::none());
            $at = $outcome->confirm['at'] ?? null;
            if (! is_string($at)) {
                $this->follow($outcome);
                $this->needsSignIn = $outcome->signIn;

                return $outcome->signIn ? "Nobody is signed in, and “{$label}” needs that." : '';
            }
            $box = $this->box($outcome);
            if ($box !== null) {
                $isWrong = Nodes::text($outcome->confirm ?? [], 'wrong');
                if ($isWrong !== '' && isset($replies[$at])) {
                    return "“{$label}” asks again: $isWrong";
                }
                $this->asked = ['label' => $label, 'way' => $way, 'confirmed' => $confirmed, 'replies' => $replies, 'at' => $at, 'box' => $box];

                return '';
            }
            if (($outcome->confirm['messages'] ?? false) === true) {
                $replies[$at] = AskToNotify::ALLOWED;
            } elseif (isset($outcome->confirm['place'])) {
                // No advert is watched on an errand.
                $replies[$at] = '';
            } else {
                $confirmed[] = $at;
            }
        }

        return "“{$label}” asks again and again.";
    }

    /** @return array<string, mixed>|null the box of what is asked before a tap is done */
    private function box(Outcome $outcome): ?array
    {
        $box = $outcome->confirm['box'] ?? null;

        return is_array($box) ? Nodes::of([$box], false)[0] ?? [] : null;
    }

    /** @return array<string, mixed>|null what is asked before a tap is done, and has to be typed */
    public function question(): ?array
    {
        return $this->asked['box'] ?? null;
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

        return $this->now()->says($words) || str_contains($said, mb_strtolower($words));
    }

    /** What is there instead, so that one sees what has changed. */
    private function instead(): string
    {
        $there = array_slice(array_map(strval(...), array_keys($this->now()->tapped)), 0, self::TOLD);
        $said = $this->said === [] ? '' : ' It was said: '.implode(' ', $this->said);

        return $said.($there === [] ? '' : ' There is: '.implode(', ', $there).'.');
    }

    /** What is seen now. */
    public function now(): Seen
    {
        return $this->seen ??= new Seen($this->player->show($this->visit([]), Trail::none()));
    }

    /** The address of the screen on which somebody is. */
    public function where(): string
    {
        return $this->trail === [] ? '' : $this->trail[count($this->trail) - 1][0];
    }

    /**
     * What can be tapped now: of each list its first row.
     *
     * @return array<array-key, bool> words => whether it only leads to another screen, from wherever one is
     */
    public function ahead(): array
    {
        $ahead = [];
        $lists = [];
        foreach ($this->now()->tapped as $label => $way) {
            $isAgain = $way['item'] !== null && ($lists[$way['at']] ?? $way['item']) !== $way['item'];
            if ($way['item'] !== null) {
                $lists[$way['at']] ??= $way['item'];
            }
            if (! $isAgain && ! $way['dead']) {
                $ahead[$label] = $way['go'] !== '';
            }
        }

        return $ahead;
    }

    /**
     * @param  list<string>  $confirmed
     * @param  array<string, string>  $replies
     */
    private function visit(array $confirmed, array $replies = []): Visit
    {
        [$screen, $args] = $this->trail === [] ? ['', []] : $this->trail[count($this->trail) - 1];

        return new Visit(
            $this->moment,
            $screen,
            $args,
            $this->person,
            $this->inputs,
            $confirmed,
            replies: $replies,
            values: $this->values,
            waits: true,
            platform: $this->platform,
            form: $this->form,
        );
    }
}
