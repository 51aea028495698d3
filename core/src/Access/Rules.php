<?php

declare(strict_types=1);

namespace Lanai\Core\Access;

use Lanai\Core\Formula\Formula;
use Lanai\Core\Formula\FormulaMistake;
use Lanai\Core\Formula\Kind;
use Lanai\Core\Formula\Scope;
use Lanai\Core\Model\Access\Everyone;
use Lanai\Core\Model\Access\Meeting;
use Lanai\Core\Model\Access\Nobody;
use Lanai\Core\Model\Access\Permission;
use Lanai\Core\Model\Access\PersonIn;
use Lanai\Core\Model\Access\SignedIn;
use Lanai\Core\Model\Access\Themselves;
use Lanai\Core\Model\Access\Unless;
use Lanai\Core\Model\Access\Verb;
use Lanai\Core\Model\Access\Who;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Field;
use Lanai\Core\Model\FieldTypes\AddedByType;
use Lanai\Core\Model\FieldTypes\RoleType;
use Lanai\Core\Model\Table;
use Lanai\Core\Wording\InWords;

/**
 * Who may do what, table by table and field by field, as the sentences of the app say it. What nothing says is closed: only the
 * person who added a row sees, changes and removes it, where the table knows who that is, and else nobody. Sentences add up, but for "nobody if",
 * which goes before all others.
 */
final class Rules
{
    /** @var array<string, list<Who>> */
    private array $known = [];

    /** @var array<string, list<Unless>> */
    private array $bars = [];

    /** @var array<string, bool> */
    private array $sound = [];

    /** @param  bool  $rehearsal  the app is being tried out: as long as nobody can sign in to it, what nothing says is open */
    public function __construct(public readonly Blueprint $blueprint, private readonly bool $rehearsal = false)
    {
    }

    /**
     * Those who may do this with the rows of a table. Whoever may do it as to one field may do it with the row, as far as that
     * field goes.
     *
     * @return list<Who>
     */
    public function of(Verb $verb, Table $table): array
    {
        return $this->known["$verb->value $table->name"] ??=
            $this->said($verb, $table) ?? self::distinct([...$this->saidOfFields($verb, $table), ...$this->unsaid($verb, $table)]);
    }

    /**
     * Those who may do this as to one field; null where it goes by the rows.
     *
     * @return list<Who>|null
     */
    public function ofField(Verb $verb, Table $table, Field $field): ?array
    {
        $key = "$verb->value $table->name/$field->name";
        $said = $this->known[$key] ??=
            $this->said($verb, $table, $field) ??
            match (true) {
                $verb === Verb::Change && $field->type instanceof RoleType => [new Nobody()],
                // Who is named for one field is not named for the others.
                $this->said($verb, $table) === null && $this->saidOfFields($verb, $table) !== [] => $this->unsaid($verb, $table),
                default => [],
            };

        return $said === [] ? null : $said;
    }

    /**
     * Those who may not do this, whatever else is said: with the rows, or as to one field.
     *
     * @return list<Unless>
     */
    public function barred(Verb $verb, Table $table, ?Field $field = null): array
    {
        return $this->bars["$verb->value $table->name/".($field->name ?? '')] ??= array_values(array_filter(
            array_map(fn (Permission $p): ?Who => $p->isAbout($verb, $field) ? $p->who : null, $table->access),
            fn (?Who $who): bool => $who instanceof Unless,
        ));
    }

    /** Whether it can be worked out at all: what takes away must not give where it was misspelt, and then nobody may. */
    public function isSound(Unless $unless, Table $table): bool
    {
        $key = "$table->name/$unless->if";
        try {
            $scope = Scope::of($this->blueprint)->inRow($table);

            return $this->sound[$key] ??= trim($unless->if) === '' || Formula::of($unless->if)->typeIn($scope)->kind === Kind::YesNo;
        } catch (FormulaMistake) {
            return $this->sound[$key] = false;
        }
    }

    /** True where everyone may do this with the rows. */
    public function isOpen(Verb $verb, Table $table): bool
    {
        return $this->barred($verb, $table) === [] && array_filter($this->of($verb, $table), fn (Who $w): bool => $w instanceof Everyone) !== [];
    }

    /** True where nobody at all may do this with the rows from inside the app. */
    public function isClosed(Verb $verb, Table $table): bool
    {
        return array_filter($this->of($verb, $table), fn (Who $w): bool => ! ($w instanceof Nobody)) === [];
    }

    public function isSaid(Verb $verb, Table $table): bool
    {
        return $this->said($verb, $table) !== null;
    }

    /** True where the app limits anything at all. */
    public function any(): bool
    {
        if (! $this->isRehearsed()) {
            return true;
        }
        foreach ($this->blueprint->tables as $table) {
            if ($table->access !== []) {
                return true;
            }
        }

        return false;
    }

    /** One of those who may, with a formula as a person says it. */
    public function word(Who $who, Table $table): string
    {
        if (! ($who instanceof Meeting || $who instanceof Unless)) {
            return $who->inWords();
        }
        try {
            return ($who instanceof Unless ? 'nobody if ' : 'anyone if ').InWords::of(Formula::of($who->if), Scope::of($this->blueprint)->inRow($table));
        } catch (FormulaMistake) {
            return $who->inWords();
        }
    }

    /** @param  list<Who>  $whos */
    public function inWords(array $whos, Table $table): string
    {
        $words = array_values(array_unique(array_map(fn (Who $w): string => $this->word($w, $table), $whos)));
        $last = array_pop($words);

        return $words === [] ? (string) $last : implode(', ', $words)." or $last";
    }

    /**
     * Those who may where nothing is said.
     *
     * @return list<Who>
     */
    public function unsaid(Verb $verb, Table $table): array
    {
        $adder = $this->adder($table);

        return match (true) {
            // What a service answers is what the app asked it for, and it cannot be written.
            $this->blueprint->isServiceTable($table) => [$verb === Verb::See ? new Everyone() : new Nobody()],
            $this->isRehearsed() => [new Everyone()],
            $table->people && $this->blueprint->signIn !== null => [$verb === Verb::See || $verb === Verb::Change ? new Themselves() : new Nobody()],
            $adder === null || $this->blueprint->signIn === null => [new Nobody()],
            $verb === Verb::Add => [new SignedIn()],
            default => [new PersonIn($adder->name)],
        };
    }

    /** The field that tells who added a row. */
    public function adder(Table $table): ?Field
    {
        foreach ($table->fields as $field) {
            if ($field->type instanceof AddedByType) {
                return $field;
            }
        }

        return null;
    }

    private function isRehearsed(): bool
    {
        return $this->rehearsal && $this->blueprint->signIn === null;
    }

    /** @return list<Who> those who are named for a field or other */
    private function saidOfFields(Verb $verb, Table $table): array
    {
        $names = fn (Permission $p): bool => $p->verb === $verb->value && $p->fields !== [] && ! ($p->who instanceof Unless);

        return self::distinct(array_map(fn (Permission $p): Who => $p->who, array_values(array_filter($table->access, $names))));
    }

    /**
     * @param  list<Who>  $whos
     * @return list<Who> nobody only where there is nobody else
     */
    private static function distinct(array $whos): array
    {
        $some = array_values(array_filter($whos, fn (Who $w): bool => ! ($w instanceof Nobody)));

        return $some === [] ? array_slice($whos, 0, 1) : $some;
    }

    /** @return list<Who>|null null where the table says nothing of it */
    private function said(Verb $verb, Table $table, ?Field $field = null): ?array
    {
        $whos = array_map(
            fn (Permission $p): Who => $p->who,
            array_values(array_filter($table->access, fn (Permission $p): bool => $p->isAbout($verb, $field) && ! ($p->who instanceof Unless))),
        );

        return $whos === [] ? null : $whos;
    }
}
