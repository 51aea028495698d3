<?php

declare(strict_types=1);

namespace Lanai\Core\People;

use Lanai\Core\Blueprint\Field;
use Lanai\Core\Blueprint\Fits\ScreenFit;
use Lanai\Core\Blueprint\ListOf;
use Lanai\Core\Blueprint\Table;
use Lanai\Core\Script\Blank;
use Lanai\Core\Script\Children;
use Lanai\Core\Script\Clause;
use Lanai\Core\Script\HasSentence;
use Lanai\Core\Script\Sentence;

/** How people get into the app, and what becomes of their rows when they leave. */
final readonly class SignIn implements HasSentence
{
    /**
     * @param  string  $at  the screen where one signs in; '' where it is not made yet
     * @param  list<Way>  $ways
     * @param  list<Leaving>  $leaving
     */
    public function __construct(public string $at = '', #[ListOf(Way::class)] public array $ways = [], #[ListOf(Leaving::class)] public array $leaving = [])
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('sign-in')
            ->clauses(Clause::joined('at', 'at the screen', new Blank('at', new ScreenFit)))
            ->below(new Children('ways', Ways::family(), 'a way in'), new Children('leaving', LeavingKinds::family(), 'what becomes of rows when somebody leaves'));
    }

    /**
     * @template T of Way
     *
     * @param  class-string<T>  $class
     * @return T|null
     */
    public function way(string $class): ?Way
    {
        foreach ($this->ways as $way) {
            if ($way instanceof $class) {
                return $way;
            }
        }

        return null;
    }

    public function provider(string $name): ?Through
    {
        foreach ($this->providers() as $provider) {
            if (mb_strtolower($provider->provider) === mb_strtolower($name)) {
                return $provider;
            }
        }

        return null;
    }

    /** @return list<Through> */
    public function providers(): array
    {
        return array_values(array_filter($this->ways, fn (Way $w): bool => $w instanceof Through));
    }

    /** Whether the rows of a table go with the person that they link to; where nothing is said, those that cannot be without one do. */
    public function takesAlong(Table $table, Field $link): bool
    {
        foreach ($this->leaving as $leaving) {
            if (in_array(mb_strtolower($table->name), array_map(mb_strtolower(...), $leaving->tables()), true)) {
                return $leaving instanceof TakesAlong;
            }
        }

        return $link->required;
    }
}
