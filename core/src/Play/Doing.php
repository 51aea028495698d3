<?php

declare(strict_types=1);

namespace Lanai\Core\Play;

use Lanai\Core\Access\Rights;
use Lanai\Core\Access\SignInFirst;
use Lanai\Core\Data\RowCheck;
use Lanai\Core\Formula\Formula;
use Lanai\Core\Formula\FormulaMistake;
use Lanai\Core\Formula\Items;
use Lanai\Core\Formula\Tree;
use Lanai\Core\Model\AnyEffect;
use Lanai\Core\Model\AppValue;
use Lanai\Core\Model\Field;
use Lanai\Core\Model\Row;
use Lanai\Core\Model\Table;
use Lanai\Core\Model\UnreadableValue;
use Lanai\Core\Rows\RecordStore;
use Lanai\Core\Rows\Refused;
use Lanai\Core\Rows\TooMuch;
use Lanai\Core\Text\Names;
use Symfony\Component\ExpressionLanguage\Node;

/** A tap while it happens: runs effects, writes rows, and collects the outcome. */
final readonly class Doing
{
    /**
     * @param  list<string>  $confirmed  JSON Pointers of the questions that the person has said yes to
     * @param  array<string, mixed>  $replies  JSON Pointer of a question => what was typed
     * @param  array<string, mixed>  $got  place of an effect => what it got from outside
     * @param  string  $part  which part of the line was tapped, such as "/entries/1"; '' for the line itself
     */
    public function __construct(
        public Scene $scene,
        public RecordStore $store,
        public Outcome $outcome,
        public array $confirmed = [],
        public array $replies = [],
        public string $part = '',
        public array $got = [],
        public ?Accounts $accounts = null,
    ) {
    }

    public function in(Scene $scene): self
    {
        return new self($scene, $this->store, $this->outcome, $this->confirmed, $this->replies, $this->part, $this->got, $this->accounts);
    }

    /** @param  list<AnyEffect>  $effects */
    public function run(array $effects, string $key): void
    {
        foreach ($effects as $i => $effect) {
            if (! ($effect instanceof Effect)) {
                throw new \LogicException($effect::class.' cannot be done.');
            }
            $effect->run(
                $this->in(
                    $this->scene
                        ->at("{$this->scene->at}/$key/$i")
                        ->asking($this->outcome->known)
                        ->knowing($this->outcome->answers + array_intersect_key($this->outcome->known, ['me' => true])),
                ),
            );
        }
    }

    /**
     * What an effect needs from outside: got before anything is written, with no transaction open, once for the whole tap.
     *
     * @param  \Closure(): mixed  $get
     *
     * @throws NeedsOutside the first time
     */
    public function outside(\Closure $get): mixed
    {
        // The same effect asks again for each row that it is done for.
        $at = $this->scene->at.($this->scene->row === null ? '' : "@{$this->scene->row->table->name}/{$this->scene->row->id}");

        return array_key_exists($at, $this->got) ? $this->got[$at] : throw new NeedsOutside($at, $get);
    }

    /** Writes what was proved of a person, and goes on in their name. */
    public function enter(mixed $proof): void
    {
        $visit = $this->scene->visit;
        if (! ($proof instanceof Proof) || $this->accounts === null || $visit === null) {
            throw new Refused('Signing in is not possible here.');
        }
        $entered = $this->accounts->enter($proof, $visit);
        if ($entered->token !== null) {
            $this->outcome->session = $entered->token;
        }
        $this->scene->reader->forget();
        $people = $this->scene->blueprint->peopleTable();
        $me = $people === null ? null : $this->store->whole()->byIds($people, [$entered->person])[$entered->person] ?? null;
        Rights::over($this->store)?->become($me);
        $this->outcome->known['me'] = $me;
        $this->scene->trail->step('signed in', $me === null ? 'somebody' : $me->label(), $this->scene->at);
    }

    /** Nobody is signed in any more. */
    public function left(): void
    {
        $this->outcome->session = '';
        $this->outcome->pending = '';
        $this->outcome->known['me'] = null;
        Rights::over($this->store)?->become(null);
        $this->scene->reader->forget();
        $this->scene->trail->step('signed out', '', $this->scene->at);
    }

    /**
     * The rows of a list that a formula gives: which they are stands still from the beginning, and each comes as it is when its
     * turn has come. One that is gone by then is passed over.
     *
     * @return iterable<Row>
     *
     * @throws TooMuch
     */
    public function many(string $formula): iterable
    {
        $ids = [];
        $tables = [];
        foreach (Items::each($formula === '' ? null : $this->scene->value($formula, 'rows')) as $row) {
            if ($row instanceof Row) {
                $tables[$row->table->name] = $row->table;
                $ids[$row->table->name][] = $row->id;
            }
        }
        foreach ($ids as $name => $some) {
            foreach ($this->scene->reader->byId($tables[$name], $some) as $row) {
                $now = $this->scene->reader->still($row);
                if ($now !== null) {
                    yield $now;
                }
            }
        }
    }

    /** Sets a value of the app for this person, device or visit. */
    public function keep(AppValue $value, mixed $new): void
    {
        $me = $this->scene->me();
        $written = $new === null ? '' : $value->type->write($new instanceof Row ? $new->id : $new);
        try {
            $value->type->read($written);
        } catch (UnreadableValue $unreadable) {
            throw new Refused("$value->name: {$unreadable->getMessage()}");
        }
        if ($value->kept === 'person') {
            if (! ($me instanceof Row)) {
                throw $this->scene->blueprint->signIn === null
                    ? new Refused('This is kept for a person, and nobody can sign in to this app.')
                    : new SignInFirst('Please sign in first.');
            }
            $this->store->keep($me->id, Names::inFormula($value->name), $written);
        } elseif ($value->kept === 'visit') {
            $this->outcome->passing[Names::inFormula($value->name)] = $written;
        } else {
            $this->outcome->values[Names::inFormula($value->name)] = $written;
        }
        $this->outcome->known[$value->key()] = $new;
        $this->scene->trail->step('set', "$value->name to ".($new === null ? 'nothing' : $this->scene->show($new)), $this->scene->at);
    }

    /** @return array{Row, Field}|null the stored cell that a path ends at */
    public function cell(string $path): ?array
    {
        try {
            $node = Formula::of($path)->tree;
        } catch (FormulaMistake) {
            return null;
        }
        [$row, $name] = match (true) {
            $node instanceof Node\NameNode => [$this->scene->here(), Tree::name($node)],
            $node instanceof Node\GetAttrNode => [$this->scene->evaluation()->of(Formula::fromTree(Tree::child($node, 'node'))), Tree::member($node)],
            default => [null, ''],
        };
        $field = $row instanceof Row ? $row->table->fieldInFormula($name) : null;

        return $row instanceof Row && $field !== null && $field->isAsked() ? [$row, $field] : null;
    }

    /**
     * The values of assignments, checked against the fields.
     *
     * @param  list<Assignment>  $with
     * @param  Row|null  $before  the row that changes; null for a new one
     * @return array<string, mixed> column => value
     *
     * @throws Refused with the first thing that is wrong
     */
    public function checked(Table $table, array $with, ?Row $before): array
    {
        if ($this->needsSomebody(...array_map(fn (Assignment $a): string => $a->value, $with))) {
            throw new SignInFirst('Please sign in first.');
        }
        $given = [];
        foreach ($with as $assignment) {
            $field = $table->field($assignment->field);
            if ($field !== null && $assignment->value !== '') {
                $value = $this->scene->value($assignment->value, 'with');
                $given[$field->column()] = is_int($value) || is_float($value) ? (string) $value : $value;
            }
        }
        $check = $this->check()->of($table, $given, $before);
        foreach ($check->errors as $name => $sentence) {
            $field = $table->fieldInFormula($name);
            throw new Refused(($field === null ? '' : "$field->name: ").$sentence);
        }

        return $check->values;
    }

    /**
     * Why something cannot be done with what a formula gives: where it asks for the person and nobody is signed in, one who signs
     * in can.
     */
    public function gone(string ...$formulas): Refused
    {
        return $this->needsSomebody(...$formulas) ? new SignInFirst('Please sign in first.') : new Refused('This is no longer there.');
    }

    /** True where nobody is signed in, somebody could be, and one of these formulas is the person, or something of theirs. */
    public function needsSomebody(string ...$formulas): bool
    {
        if ($this->scene->blueprint->signIn === null || $this->scene->me() !== null) {
            return false;
        }
        foreach ($formulas as $formula) {
            try {
                if ($formula !== '' && Tree::beginsWith(Formula::of($formula)->tree, 'me')) {
                    return true;
                }
            } catch (FormulaMistake) {
                continue;
            }
        }

        return false;
    }

    public function check(): RowCheck
    {
        return new RowCheck($this->store, $this->scene->moment, $this->scene->me());
    }

    /** @param  array<string, mixed>  $values */
    public function add(Table $table, array $values): int
    {
        $this->scene->reader->budget->write($table->name);
        $id = $this->store->add($table, $values);
        $this->scene->reader->wrote($table, $id);
        $this->scene->trail->step('added', "$table->singular $id in $table->name", $this->scene->at, [
            'table' => $table->name,
            'id' => $id,
            'after' => $this->written($table, $values),
        ]);

        return $id;
    }

    /** @param  array<string, mixed>  $values */
    public function change(Row $row, array $values): void
    {
        $this->scene->reader->budget->write($row->table->name);
        if (! $this->store->change($row->table, $row->id, $values)) {
            throw new Refused('This is no longer there.');
        }
        $this->scene->reader->wrote($row->table, $row->id);
        $before = array_intersect_key($row->values, $values);
        $this->scene->trail->step('changed', "{$row->table->singular} $row->id in {$row->table->name}", $this->scene->at, [
            'table' => $row->table->name,
            'id' => $row->id,
            'before' => $this->written($row->table, $before),
            'after' => $this->written($row->table, $values),
        ]);
    }

    public function remove(Row $row): bool
    {
        $this->scene->reader->budget->write($row->table->name);
        $removed = $this->store->remove($row->table, $row->id);
        $this->scene->reader->wrote($row->table, $row->id);
        if ($removed) {
            $this->scene->trail->step('removed', "{$row->table->singular} $row->id in {$row->table->name}", $this->scene->at, [
                'table' => $row->table->name,
                'id' => $row->id,
                'before' => $this->written($row->table, $row->values),
            ]);
        }

        return $removed;
    }

    /**
     * @param  array<string, mixed>  $values
     * @return array<string, string> field name => as in the grid
     */
    private function written(Table $table, array $values): array
    {
        $written = [];
        foreach ($table->fields as $field) {
            if (array_key_exists($field->column(), $values)) {
                $written[$field->name] = $field->type->write($values[$field->column()]);
            }
        }

        return $written;
    }
}
