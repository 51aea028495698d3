<?php

declare(strict_types=1);

namespace Lanai\Core\Errands;

use Lanai\Core\Geometry\Nodes;
use Lanai\Core\Model\Errand;
use Lanai\Core\Model\ErrandStep;

/**
 * Makes errands by itself: goes from screen to screen by whatever leads on, fills what is asked, and taps everything once. Each tap is an errand from the
 * first screen on, done from the same beginning, so that what is found can be done again by hand.
 */
final class Roamer
{
    /** So many things are tapped at most. */
    public const TAPS = 150;

    /** So many steps lie between the first screen and what is tapped. */
    private const STEPS = 24;

    /** What is entered into a box, by what it asks. */
    private const ENTERS = [
        'text' => 'Tern', 'longText' => 'A few words', 'password' => 'a long enough one', 'number' => '2', 'switch' => 'true',
        'moment' => '2027-03-04T10:00', 'date' => '2027-03-04', 'time' => '10:00', 'duration' => '30', 'rating' => '4', 'colour' => '#336699',
        'email' => 'tern@people.example', 'phone' => '+49301234567', 'web' => 'https://tern.example',
    ];

    /** @var array<string, true> screens and what was tapped on them */
    private array $tapped = [];

    /** @var array<string, true> screens that were come to */
    private array $seen = [];

    /** @var list<Roamed> */
    private array $roamed = [];

    /**
     * @param  callable(Errand): Runner  $go  does an errand from the beginning that is the same for all
     * @param  callable(): bool  $goesOn  whether there is time left
     * @param  int  $most  so many things are tapped
     */
    public function __construct(private readonly mixed $go, private readonly mixed $goesOn, private readonly int $most = self::TAPS)
    {
    }

    /** @return list<Roamed> */
    public function roam(): array
    {
        $ways = [[]];
        for ($next = 0; isset($ways[$next]); $next++) {
            $steps = $ways[$next];
            $runner = ($this->go)(new Errand('Roam', '', $steps));
            foreach ($runner->ahead() as $label => $isWay) {
                if (count($this->roamed) >= $this->most || ! ($this->goesOn)()) {
                    return $this->roamed;
                }
                $way = $this->tap($runner, $steps, (string) $label, $isWay);
                if ($way !== null && count($way) < self::STEPS) {
                    $ways[] = $way;
                }
            }
        }

        return $this->roamed;
    }

    /**
     * @param  list<ErrandStep>  $steps  the way so far
     * @param  bool  $isWay  it only leads to another screen
     * @return list<ErrandStep>|null  the way on, where it leads to a screen that was not come to yet
     */
    private function tap(Runner $runner, array $steps, string $label, bool $isWay): ?array
    {
        $place = $isWay ? "way $label" : $runner->where()." $label";
        if (isset($this->tapped[$place])) {
            return null;
        }
        $this->tapped[$place] = true;
        $title = $runner->now()->title();
        $steps = [...$steps, ...$isWay ? [] : $this->entered($runner), new ErrandStep('tap', $label)];
        $after = ($this->go)(new Errand('Roam', '', $steps));
        for ($box = $after->question(), $asked = 0; $box !== null && $asked < 3; $box = $after->question(), $asked++) {
            $enters = self::ENTERS[Nodes::text($box, 'control')] ?? 'Tern';
            $steps[] = new ErrandStep('type', $enters, Nodes::text($box, 'label'));
            $after = ($this->go)(new Errand('Roam', '', $steps));
        }
        // Whoever is not signed in is asked to be: that is how it is meant.
        $isAsked = $after->needsSignIn || $after->now()->isForOthers();
        $problem = $isAsked ? '' : $after->now()->problem();
        $wrong = $after->wrong !== '' && ! $after->needsSignIn ? $after->wrong : $problem;
        $this->roamed[] = new Roamed($label, $title, $steps, $wrong);
        $isNew = ! isset($this->seen[$after->where()]);
        $this->seen[$after->where()] = true;

        return $isNew && $wrong === '' && ! $isAsked ? $steps : null;
    }

    /** @return list<ErrandStep> each box filled with something that fits */
    private function entered(Runner $runner): array
    {
        $steps = [];
        foreach ($runner->now()->boxes as $label => $box) {
            $chosen = array_key_first($box['choices']);
            $enters = $chosen === null ? self::ENTERS[$box['control']] ?? '' : (string) $chosen;
            if ($enters !== '') {
                $steps[] = new ErrandStep('type', $enters, (string) $label);
            }
        }

        return $steps;
    }
}
