<?php

declare(strict_types=1);

namespace Lanai\Core\Access;

use Closure;
use Lanai\Core\Formula\Formula;
use Lanai\Core\Formula\FormulaMistake;
use Lanai\Core\Formula\Kind;
use Lanai\Core\Formula\Moment;
use Lanai\Core\Formula\Type;
use Lanai\Core\Model\Access\Somebody;
use Lanai\Core\Model\Access\Unless;
use Lanai\Core\Model\Access\Verb;
use Lanai\Core\Model\Access\Who;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Field;
use Lanai\Core\Model\Row;
use Lanai\Core\Model\Table;
use Lanai\Core\Query\Term;
use Lanai\Core\Rows\Evaluation;
use Lanai\Core\Rows\Reader;
use Lanai\Core\Rows\RecordStore;
use Lanai\Core\Rows\Sight;

/** What one person may do, row by row. The rules themselves are judged over all rows, whatever this person may see. */
final class Rights implements Sight, Somebody
{
    public readonly Rules $rules;

    private readonly Reader $reader;

    /** @var array<string, list<Field>> by table, as the rules of one app do not change while somebody visits it */
    private array $limited = [];

    /**
     * @param  RecordStore  $store  with every row in it
     * @param  bool  $rehearsal  as in Rules
     */
    public function __construct(
        Blueprint $blueprint,
        private readonly RecordStore $store,
        private readonly Moment $moment,
        public ?Row $me,
        bool $rehearsal = false,
    ) {
        $this->rules = new Rules($blueprint, $rehearsal);
        $this->reader = new Reader($store);
    }

    /** Those that limit the rows of this store; null where nobody's do. */
    public static function over(RecordStore $store): ?self
    {
        $rights = $store->rights();

        return $rights instanceof self ? $rights : null;
    }

    public function isSignedIn(): bool
    {
        return $this->me !== null;
    }

    public function role(): string
    {
        if ($this->me === null) {
            return '';
        }
        $field = $this->me->table->roleField();
        $role = $field === null ? null : $this->me->value($field);

        return is_string($role) ? $role : '';
    }

    /** After a write: what was read may be stale, the person too. */
    public function wrote(Table $table, int $id): void
    {
        $this->reader->forget();
        if ($this->me !== null && $table->people && $this->me->id === $id) {
            $this->me = $this->store->byIds($table, [$id])[$id] ?? null;
        }
    }

    /** From now on the rights of another person, as after signing in. */
    public function become(?Row $me): void
    {
        $this->me = $me;
        $this->reader->forget();
    }

    /**
     * Whether this holds whatever the row; null where the row decides.
     *
     * @param  list<Who>  $whos
     */
    public function always(array $whos): ?bool
    {
        $depends = false;
        foreach ($whos as $who) {
            $always = $who->always($this);
            if ($always === true) {
                return true;
            }
            $depends = $depends || $always === null;
        }

        return $depends ? null : false;
    }

    /** @param  list<Who>  $whos */
    public function holds(array $whos, Row $row): bool
    {
        return $this->through($whos, $row) !== null;
    }

    /**
     * The first of these that this person is, for this row.
     *
     * @param  list<Who>  $whos
     */
    public function through(array $whos, Row $row): ?Who
    {
        foreach ($whos as $who) {
            if ($who->always($this) ?? $this->meets($who, $row)) {
                return $who;
            }
        }

        return null;
    }

    public function may(Verb $verb, Row $row): bool
    {
        return ($verb === Verb::See && $this->isMe($row)) || ($this->holds($this->rules->of($verb, $row->table), $row) && $this->bar($verb, $row) === null);
    }

    /** What takes away from this person what others may, for this row; null for nothing. What cannot be worked out takes it away, too. */
    public function bar(Verb $verb, Row $row, ?Field $field = null): ?Unless
    {
        foreach ($this->rules->barred($verb, $row->table, $field) as $unless) {
            $holds = $unless->always($this) === null && $this->meets($unless, $row, otherwise: true);
            if ($holds || ! $this->rules->isSound($unless, $row->table)) {
                return $unless;
            }
        }

        return null;
    }

    public function mayField(Verb $verb, Row $row, Field $field): bool
    {
        $whos = $this->rules->ofField($verb, $row->table, $field);

        return ($verb === Verb::See && $this->isMe($row)) || (($whos === null || $this->holds($whos, $row)) && $this->bar($verb, $row, $field) === null);
    }

    public function isMe(Row $row): bool
    {
        return $row->table->people && $this->me !== null && $row->id === $this->me->id;
    }

    /**
     * The condition under which this person may see a row, or a field of it, as a query can say it; null where none is needed,
     * false where a query cannot say it.
     *
     * @param  Closure(Formula, Evaluation): ?Term  $say  turns a formula about the row into a term
     */
    public function condition(Table $table, ?Field $field, Closure $say): Term|false|null
    {
        $whos = $field === null ? $this->rules->of(Verb::See, $table) : $this->rules->ofField(Verb::See, $table, $field);
        $bars = $this->rules->barred(Verb::See, $table, $field);
        $broken = array_filter($bars, fn (Unless $unless): bool => ! $this->rules->isSound($unless, $table)) !== [];
        $bars = array_filter($bars, fn (Unless $unless): bool => $unless->always($this) === null);
        $isOpen = $whos === null || $this->always($whos) === true;
        if ($isOpen && $bars === [] && ! $broken) {
            return null;
        }
        $yesNo = Type::of(Kind::YesNo);
        $given = $isOpen ? [] : $this->terms($whos, $table, $say);
        $barred = $this->terms($bars, $table, $say, otherwise: Term::value(true, $yesNo));
        $mine = $table->people && $this->me !== null ? $say(Formula::of('this == me'), $this->evaluation()) : Term::value(false, $yesNo);
        if ($given === null || $barred === null || $mine === null) {
            return false;
        }
        $may = $isOpen ? [] : [self::either($given)];
        if ($broken) {
            $may[] = Term::value(false, $yesNo);
        }
        foreach ($barred as $term) {
            // Also where it is not known whether it holds, nothing is taken for a yes.
            $may[] = Term::operator('not', $yesNo, $term);
        }
        $all = Term::every(...$may) ?? Term::value(true, $yesNo);

        return $table->people && $this->me !== null ? self::either([$all, $mine]) : $all;
    }

    /** @param  list<Term>  $terms */
    private static function either(array $terms): Term
    {
        $yesNo = Type::of(Kind::YesNo);

        return match (count($terms)) {
            0 => Term::value(false, $yesNo),
            1 => $terms[0],
            default => Term::operator('or', $yesNo, ...$terms),
        };
    }

    /**
     * @param  array<array-key, Who>  $whos
     * @param  Closure(Formula, Evaluation): ?Term  $say
     * @param  Term|null  $otherwise  for a formula that is none; null for none
     * @return list<Term>|null null where a query cannot say them
     */
    private function terms(array $whos, Table $table, Closure $say, ?Term $otherwise = null): ?array
    {
        $terms = [];
        foreach ($whos as $who) {
            if ($who->always($this) !== null) {
                continue;
            }
            try {
                $term = $say(Formula::of($who->formula($table)), $this->evaluation());
            } catch (FormulaMistake) {
                $term = $otherwise;
                if ($term === null) {
                    continue;
                }
            }
            if ($term === null) {
                return null;
            }
            $terms[] = $term;
        }

        return $terms;
    }

    /** The row with the fields empty that this person may not see. */
    public function masked(Row $row): Row
    {
        $hidden = [];
        foreach ($this->limited($row->table) as $field) {
            if (! $this->mayField(Verb::See, $row, $field)) {
                $hidden[$field->column()] = null;
            }
        }

        return $hidden === [] ? $row : new Row($row->table, $row->id, $hidden + $row->values, $row->computed);
    }

    /** @return list<Field> the fields of which somebody may see less than of the row */
    public function limited(Table $table): array
    {
        $isLimited = fn (Field $f): bool => $this->rules->ofField(Verb::See, $table, $f) !== null || $this->rules->barred(Verb::See, $table, $f) !== [];

        return $this->limited[$table->name] ??= array_values(array_filter($table->fields, $isLimited));
    }

    public function evaluation(?Row $row = null): Evaluation
    {
        return new Evaluation($this->moment, $this->reader, ['me' => $this->me] + ($row === null ? [] : ['this' => $row]), [], $row);
    }

    private function meets(Who $who, Row $row, bool $otherwise = false): bool
    {
        try {
            return $this->evaluation($row)->yes(Formula::of($who->formula($row->table)));
        } catch (FormulaMistake) {
            return $otherwise;
        }
    }
}
