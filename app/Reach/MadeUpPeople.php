<?php

declare(strict_types=1);

namespace App\Reach;

use App\Records\DataSet;
use App\Space;
use Lanai\Core\Reach\Lot;
use Lanai\Core\Reach\MadeUp;
use LogicException;

/** People made up, who come to the sandbox and go along a way, to see what the figures will look like: they are counted as everybody is. */
final readonly class MadeUpPeople
{
    /** So many come at once. */
    public const MOST = 250;

    /** Numbers of people go to here. */
    public const LAST = 20_000;

    private CountBook $book;

    public function __construct(private Space $space)
    {
        if ($space->set !== DataSet::Sandbox) {
            throw new LogicException('Made-up people come to the sandbox alone.');
        }
        $this->book = new CountBook($space);
    }

    /**
     * @param  string  $funnel  by its key: the way that they go along
     * @param  int  $from  the number of the first of them
     * @param  array{float, float}  $goesOn  how many of those at a step take the next one, from 0 to 1: as it is, and of those who are shown what is tried
     * @return bool whether there is such a way
     */
    public function come(string $funnel, int $seed, int $from, int $count, array $goesOn, int $now): bool
    {
        $ways = Steps::ways($this->space->blueprint());
        $trials = Trials::of($this->space->blueprint());
        $trial = array_values(array_filter($trials, fn (array $one): bool => $one['funnel'] === $funnel))[0] ?? null;
        if (! isset($ways[$funnel])) {
            return false;
        }
        $trial === null || $this->book->trials()->begunBy($trial['key'], gmdate('Y-m-d', $now - MadeUp::DAYS * 86400));
        for ($number = $from; $number < $from + min(self::MOST, $count); $number++) {
            $visitor = $this->book->visitor("made up/$seed/$number");
            $way = $trial === null ? 0 : (int) Lot::draws($visitor, $trial['key'], $trial['share']);
            $person = MadeUp::of($seed, $number, count($ways[$funnel]), $goesOn[$way]);
            $steps = [];
            $left = array_sum($person->steps);
            foreach ($person->steps as $i => $seconds) {
                $left -= $seconds;
                $steps[] = $this->step($ways[$funnel][$i], $left, $way === 1 ? $trial : null);
            }
            $first = $now - $person->ago;
            $revision = $this->space->revision->number;
            $this->book->count($visitor, $steps, null, $person->source, $first, $ways, $trials, $revision);
            foreach ($person->back as $after) {
                $this->book->count($visitor, [], null, '', $first + $after * 86400, $ways, $trials, $revision);
            }
        }

        return true;
    }

    /**
     * A step as a device tells of it.
     *
     * @param  array{what: 'screen'|'page'|'tap', of: string}  $step
     * @param  int  $ago  in seconds
     * @param  array{shown: string, instead: string}|null  $trial  whose screen they are shown
     * @return array{what: 'screen'|'page'|'tap', of: string, ago: int, as?: string}
     */
    private function step(array $step, int $ago, ?array $trial): array
    {
        $slug = explode('|', $step['of'])[0];
        $isTried = $trial !== null && $slug === $trial['instead'];

        return $isTried
            ? ['of' => $trial['shown'].substr($step['of'], strlen($slug)), 'as' => $step['of'], 'ago' => $ago] + $step
            : $step + ['ago' => $ago];
    }
}
