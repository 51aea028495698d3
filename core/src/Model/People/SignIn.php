<?php

declare(strict_types=1);

namespace Lanai\Core\Model\People;

use Lanai\Core\Formula\Scope;
use Lanai\Core\Formula\Type;
use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Block;
use Lanai\Core\Language\Children;
use Lanai\Core\Language\Clause;
use Lanai\Core\Language\Families;
use Lanai\Core\Language\HasSentence;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Model\AnyEffect;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Field;
use Lanai\Core\Model\Fits\ScreenFit;
use Lanai\Core\Model\ListOf;
use Lanai\Core\Model\Table;

/** How people get into the app, and what becomes of their rows when they leave. */
final readonly class SignIn implements HasSentence
{
    /** What whoever invited a newcomer is called in formulas. */
    public const INVITER = 'inviter';

    /**
     * @param  string  $at  the screen where one signs in; '' where it is not made yet
     * @param  list<Way>  $ways
     * @param  list<Leaving>  $leaving
     * @param  list<AnyEffect>  $invited  done once for each newcomer who was invited, in their name, with “inviter” as who invited them
     */
    public function __construct(
        public string $at = '',
        #[ListOf(Way::class)] public array $ways = [],
        #[ListOf(Leaving::class)] public array $leaving = [],
        #[ListOf(AnyEffect::class)] public array $invited = [],
    ) {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('sign-in')
            ->clauses(Clause::joined('at', 'at the screen', new Blank('at', new ScreenFit())))
            ->below(
                new Children('ways', Families::of(Way::class), 'a way in'),
                new Children('leaving', Families::of(Leaving::class), 'what becomes of rows when somebody leaves'),
                new Block('invited', 'invited:', Families::of(AnyEffect::class), 'what is done for somebody who was invited'),
            )
            ->within(['invited'], self::withInviter(...));
    }

    /**
     * @param  array<string, mixed>  $data
     */
    private static function withInviter(array $data, Scope $scope): Scope
    {
        $people = Blueprint::in($scope)->peopleTable();

        return $people === null ? $scope : $scope->with([self::INVITER => Type::row($people->singular)]);
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
