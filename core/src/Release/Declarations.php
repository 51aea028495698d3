<?php

declare(strict_types=1);

namespace Lanai\Core\Release;

use Lanai\Core\Access\Rules;
use Lanai\Core\Effects\SetValue;
use Lanai\Core\Language\NodeSpot;
use Lanai\Core\Language\Walk;
use Lanai\Core\Model\Access\InRole;
use Lanai\Core\Model\Access\Nobody;
use Lanai\Core\Model\Access\Verb;
use Lanai\Core\Model\Access\Who;
use Lanai\Core\Model\AppValue;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Field;
use Lanai\Core\Model\FieldTypes\AddedAtType;
use Lanai\Core\Model\FieldTypes\ChangedAtType;
use Lanai\Core\Model\FieldTypes\EntitlementType;
use Lanai\Core\Model\FieldTypes\LastHereType;
use Lanai\Core\Model\FieldTypes\RoleType;
use Lanai\Core\Model\People\Through;
use Lanai\Core\Model\People\WithCode;
use Lanai\Core\Model\People\WithPassword;
use Lanai\Core\Model\Table;
use Lanai\Core\Play\Assignment;

/**
 * What an app declares to the stores of the data of its people. It follows from the sentences: what people are asked for, where it is kept, which
 * services are told it, and what Lanai itself keeps; so nothing is forgotten, and a later edit changes it.
 */
final readonly class Declarations
{
    private const WITH_ACCOUNT = 'until the account is deleted';

    private const WITH_ROW = 'as long as its row is there, without who it was once the account is deleted';

    private const WHILE_THERE = 'as long as its row is there';

    /** What Lanai writes by itself, or only points at: nobody gives it. */
    private const NOT_GIVEN = [AddedAtType::class, ChangedAtType::class, LastHereType::class, RoleType::class, EntitlementType::class];

    private Walk $walk;

    private Recipients $recipients;

    private Rules $rules;

    private function __construct(private Blueprint $blueprint)
    {
        $this->walk = $blueprint->walk();
        $this->recipients = new Recipients($blueprint);
        $this->rules = new Rules($blueprint);
    }

    /** @return list<Declared> each kind once, in the order of DataKind */
    public static function of(Blueprint $blueprint): array
    {
        $self = new self($blueprint);
        /** @var array<string, Declared> $all */
        $all = [];
        /** @var Declared $one */
        foreach ([...$self->account(), ...$self->rows(), ...$self->values(), ...$self->typed(), ...$self->itself()] as $one) {
            $all[$one->kind->value] = isset($all[$one->kind->value]) ? $all[$one->kind->value]->and($one) : $one;
        }

        return array_values(array_filter(array_map(fn (DataKind $kind): ?Declared => $all[$kind->value] ?? null, DataKind::cases())));
    }

    /** @return iterable<Declared> */
    private function account(): iterable
    {
        foreach ($this->blueprint->signIn->ways ?? [] as $way) {
            $provider = $way instanceof Through ? [$way->provider] : [];
            if ($way instanceof WithPassword || $way instanceof WithCode || $provider !== []) {
                yield self::one(DataKind::Email, [Purpose::Account], linked: true);
            }
            if ($provider !== []) {
                yield self::one(DataKind::Name, [Purpose::Account], linked: true);
            }
        }
    }

    /**
     * What people give that is kept in rows of theirs.
     *
     * @return iterable<Declared>
     */
    private function rows(): iterable
    {
        $given = $this->given();
        $told = $this->recipients->ofFields();
        foreach ($this->blueprint->tables as $table) {
            $owner = $this->owner($table);
            // What only those in a role enter is about the app itself; what anybody enters is theirs, also where it is not kept whose it is.
            foreach ($owner === null && ! $this->isOfAnybody($table) ? [] : $table->fields as $field) {
                $key = mb_strtolower("$table->name: $field->name");
                if (isset($given[$key]) && self::isGiven($field) && $field !== $owner) {
                    $goes = $owner === true || ($owner instanceof Field && $this->blueprint->signIn?->takesAlong($table, $owner) === true);
                    $kept = "$table->name: $field->name";
                    yield new Declared(
                        DataKind::of($table, $field),
                        [$kept],
                        [Purpose::App],
                        $told[$key] ?? [],
                        $owner !== null,
                        false,
                        false,
                        [match (true) {
                            $owner === null => self::WHILE_THERE,
                            $goes => self::WITH_ACCOUNT,
                            default => self::WITH_ROW,
                        }],
                    );
                }
            }
        }
    }

    /** Whether others than those in some role may add its rows, or change them. */
    private function isOfAnybody(Table $table): bool
    {
        $whos = [...$this->rules->of(Verb::Add, $table), ...$this->rules->of(Verb::Change, $table)];

        $others = array_filter($whos, fn (Who $who): bool => ! $who instanceof InRole && ! $who instanceof Nobody);

        return $others !== [] && ! $this->blueprint->isServiceTable($table);
    }

    /**
     * What the app remembers for each person.
     *
     * @return iterable<Declared>
     */
    private function values(): iterable
    {
        $set = array_map(fn (NodeSpot $node): string => mb_strtolower($node->text('value')), $this->walk->nodesOf(SetValue::class));
        foreach ($this->blueprint->values as $value) {
            if ($value->kept === AppValue::KEPT['person'] && in_array(mb_strtolower($value->name), $set, true)) {
                yield new Declared(DataKind::Choices, ["Values: $value->name"], [Purpose::App], [], true, false, false, [self::WITH_ACCOUNT]);
            }
        }
    }

    /**
     * What people type and is told to a service at once, without being kept.
     *
     * @return iterable<Declared>
     */
    private function typed(): iterable
    {
        foreach ($this->recipients->typed() as $service) {
            yield new Declared(DataKind::Words, [], [Purpose::App], [$service], false, false, false, []);
        }
    }

    /**
     * What Lanai itself keeps of whoever uses an app.
     *
     * @return iterable<Declared>
     */
    private function itself(): iterable
    {
        $signsIn = $this->blueprint->signIn !== null;
        if ($this->blueprint->products !== []) {
            $books = 'in the books as long as the law asks, without the name once the account is deleted';
            yield self::one(DataKind::Purchases, [Purpose::App], true, until: $books);
        }
        $mayRefuse = $this->blueprint->kinds()->ofKind('doNotCountMe') !== [];
        yield self::one(DataKind::Visits, [Purpose::Counting], $signsIn, $mayRefuse, 'for thirty days, and after that only as numbers of each day');
        yield self::one(DataKind::Faults, [Purpose::Counting], linked: false, until: 'until it is mended');
        if ($this->blueprint->sends !== []) {
            yield self::one(DataKind::Device, [Purpose::Messages], linked: $signsIn, optional: true, until: 'as long as messages may come');
        }
        $adverts = AdvertsDeclared::of($this->blueprint)->form();
        if ($adverts !== null && $adverts['tracks']) {
            yield new Declared(DataKind::Device, [], [Purpose::Adverts], [$adverts['network']], false, true, true, ['until it is refused']);
        }
    }

    /** @param  list<Purpose>  $for */
    private static function one(DataKind $kind, array $for, bool $linked, bool $optional = false, string $until = self::WITH_ACCOUNT): Declared
    {
        return new Declared($kind, [], $for, [], $linked, false, $optional, [$until]);
    }

    /** The field that says whose the rows of a table are; true for the people themselves, null where they are nobody's. */
    private function owner(Table $table): Field|true|null
    {
        if ($table->people) {
            return true;
        }
        $people = $this->blueprint->peopleTable();
        foreach ($table->fields as $field) {
            if ($people !== null && mb_strtolower($field->linksTo()) === mb_strtolower($people->singular) && $field->hasColumn()) {
                return $field;
            }
        }

        return null;
    }

    private static function isGiven(Field $field): bool
    {
        $isLink = $field->linksTo() !== '';

        return $field->formula() === '' && ! $isLink && ! in_array($field->type::class, self::NOT_GIVEN, true);
    }

    /** @return array<string, true> “table: field” in small letters: what forms ask for and effects set */
    private function given(): array
    {
        $given = [];
        foreach ($this->walk->nodes as $node) {
            $asking = is_array($node->data['asking'] ?? null) ? array_filter($node->data['asking'], is_string(...)) : [];
            $names = $node->is(Assignment::class) ? [$node->text('field')] : $asking;
            if ($names === []) {
                continue;
            }
            $target = $this->targetOf($node);
            foreach ($target === null ? $this->blueprint->tables : [$target] as $table) {
                foreach ($names as $name) {
                    $given[mb_strtolower("$table->name: $name")] = true;
                }
            }
        }

        return $given;
    }

    /** The table whose rows a form or an effect fills; null where that is not known. */
    private function targetOf(NodeSpot $node): ?Table
    {
        $named = $this->blueprint->table($node->text('table')) ?? $this->blueprint->tableOfOne($node->text('one'));

        return $named ?? Table::known($node->scope->target);
    }
}
