<?php

declare(strict_types=1);

namespace Lanai\Core\Access;

use Lanai\Core\Blueprint\Blueprint;
use Lanai\Core\Blueprint\Field;
use Lanai\Core\Blueprint\Table;
use Lanai\Core\Data\FieldTypes\RoleType;
use Lanai\Core\Formula\Formula;
use Lanai\Core\Formula\FormulaMistake;
use Lanai\Core\Formula\InWords;
use Lanai\Core\Script\Scope;

/** Who may do what, table by table and field by field, as the sentences of the app say it and where they are silent. */
final class Rules
{
    /** @var array<string, list<Who>> */
    private array $known = [];

    public function __construct(public readonly Blueprint $blueprint)
    {
    }

    /**
     * Those who may do this with the rows of a table. Where nothing is said, everyone may; in an app with sign-in, people
     * change only themselves, and come and go only by signing up and leaving.
     *
     * @return list<Who>
     */
    public function of(Verb $verb, Table $table): array
    {
        return $this->known["$verb->value $table->name"] ??= $this->said($verb, $table) ?? match (true) {
            ! $table->people || $this->blueprint->signIn === null || $verb === Verb::See => [new Everyone],
            $verb === Verb::Change => [new Themselves],
            default => [new Nobody],
        };
    }

    /**
     * Those who may do this as to one field; null where it goes by the rows.
     *
     * @return list<Who>|null
     */
    public function ofField(Verb $verb, Table $table, Field $field): ?array
    {
        $key = "$verb->value $table->name/$field->name";
        $said = $this->known[$key] ??= $this->said($verb, $table, $field) ?? ($verb === Verb::Change && $field->type instanceof RoleType ? [new Nobody] : []);

        return $said === [] ? null : $said;
    }

    /** True where every sentence about this verb opens it to everyone, or none is there. */
    public function isOpen(Verb $verb, Table $table): bool
    {
        return array_filter($this->of($verb, $table), fn (Who $w): bool => $w instanceof Everyone) !== [];
    }

    public function isSaid(Verb $verb, Table $table): bool
    {
        return $this->said($verb, $table) !== null;
    }

    /** True where the app limits anything at all. */
    public function any(): bool
    {
        foreach ($this->blueprint->tables as $table) {
            if ($table->access !== [] || ($table->people && $this->blueprint->signIn !== null)) {
                return true;
            }
        }

        return false;
    }

    /** One of those who may, with a formula as a person says it. */
    public function word(Who $who, Table $table): string
    {
        if (! $who instanceof Meeting) {
            return $who->inWords();
        }
        try {
            return 'anyone if '.InWords::of(Formula::of($who->if), Scope::of($this->blueprint)->inRow($table));
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

    /** @return list<Who>|null null where the table says nothing of it */
    private function said(Verb $verb, Table $table, ?Field $field = null): ?array
    {
        $whos = array_map(fn (Permission $p): Who => $p->who, array_values(array_filter($table->access, fn (Permission $p): bool => $p->isAbout($verb, $field))));

        return $whos === [] ? null : $whos;
    }
}
