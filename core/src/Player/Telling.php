<?php

declare(strict_types=1);

namespace Lanai\Core\Player;

use DateTimeImmutable;
use Lanai\Core\Formula\Items;
use Lanai\Core\Formula\Kind;
use Lanai\Core\Formula\Moment;
use Lanai\Core\Formula\Type;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Reach\Message;
use Lanai\Core\Model\Row;
use Lanai\Core\Model\Table;
use Lanai\Core\Play\AppValues;
use Lanai\Core\Play\Scene;
use Lanai\Core\Play\Trail;
use Lanai\Core\Play\Visit;
use Lanai\Core\Query\Query;
use Lanai\Core\Query\Term;
use Lanai\Core\Rows\Reader;
use Lanai\Core\Rows\RecordStore;

/** Who is to get a message, and whether and when it is to be sent, as the app itself sees its rows. */
final readonly class Telling
{
    public function __construct(
        private Blueprint $blueprint,
        private RecordStore $store,
        private Message $message,
        private Moment $moment,
    ) {
    }

    /** The table of the rows that it is about; null where it is about none, or that is not there any more. */
    public function table(): ?Table
    {
        return $this->message->aboutOne() === '' ? null : $this->blueprint->tableOfOne($this->message->aboutOne());
    }

    /** Whether it is to be sent at all: of a row, the row is there and the condition holds. */
    public function holds(?int $about): bool
    {
        $row = $this->row($about);
        if ($about !== null && $row === null) {
            return false;
        }
        $scene = $this->scene($about);

        return $this->message->if === '' || ($row === null ? $scene : $scene->inRow($row))->yes($this->message->if);
    }

    /**
     * The rows whose time has come: after one moment and not after another.
     *
     * @return list<int> ids
     */
    public function due(DateTimeImmutable $after, DateTimeImmutable $until, int $most): array
    {
        $table = $this->table();
        if ($table === null || $this->message->moment === '') {
            return [];
        }
        $scene = $this->scene(null);
        $time = $scene->term($table, $this->message->moment);
        if ($time !== null) {
            $yesNo = Type::of(Kind::YesNo);
            $type = Type::of(Kind::Moment);
            $also = Term::all(
                Term::operator('>', $yesNo, $time, Term::value($after, $type)),
                Term::operator('<=', $yesNo, $time, Term::value($until, $type)),
            );

            return array_map(fn (Row $row): int => $row->id, $scene->rows($table, $this->message->if, [], $most, also: $also));
        }
        $found = [];
        foreach ($scene->each($table, $this->message->if) as $row) {
            $at = $scene->inRow($row)->value($this->message->moment, 'moment');
            if ($at instanceof DateTimeImmutable && $at > $after && $at <= $until) {
                $found[] = $row->id;
            }
            if (count($found) >= $most) {
                break;
            }
        }

        return $found;
    }

    /**
     * Who gets it, as one query, where it can be said so; it is ordered by nothing.
     *
     * @return Query|null null where people are named by a formula, or it must be asked of each of them
     */
    public function query(?int $about): ?Query
    {
        $people = $this->blueprint->peopleTable();
        if ($people === null || $this->message->to !== '') {
            return null;
        }
        [$query, $left] = $this->scene($about)->choosing($people, $this->message->those) ?? [null, null];

        return $left === null ? $query : null;
    }

    /**
     * Those that a formula names, and of whom the condition holds, in the order of their ids.
     *
     * @return list<int>
     */
    public function named(?int $about): array
    {
        $scene = $this->scene($about);
        $to = $scene->value($this->message->to, 'to');
        $ids = [];
        foreach ($to instanceof Row ? [$to] : Items::each($to) as $person) {
            if ($person instanceof Row && $person->table->people && $this->isFor($scene, $person)) {
                $ids[$person->id] = $person->id;
            }
        }
        sort($ids);

        return $ids;
    }

    /**
     * Of some people those of whom the condition holds, one by one.
     *
     * @param  list<Row>  $people
     * @return list<int>
     */
    public function among(?int $about, array $people): array
    {
        $scene = $this->scene($about);

        return array_values(array_map(fn (Row $p): int => $p->id, array_filter($people, fn (Row $p): bool => $this->isFor($scene, $p))));
    }

    /** Whether anybody is named by a formula; else everybody is asked about. */
    public function names(): bool
    {
        return $this->message->to !== '';
    }

    /** Whether it is for everybody, also for those who are not signed in. */
    public function isForAll(): bool
    {
        return $this->message->to === '' && $this->message->those === '';
    }

    private function isFor(Scene $scene, Row $person): bool
    {
        return $this->message->those === '' || $scene->inRow($person)->yes($this->message->those);
    }

    private function row(?int $about): ?Row
    {
        $table = $this->table();

        return $table === null || $about === null ? null : $this->store->byIds($table, [$about])[$about] ?? null;
    }

    private function scene(?int $about): Scene
    {
        $reader = new Reader($this->store);
        $visit = new Visit($this->moment);
        $row = $this->row($about);
        $names = ['me' => null] + ($row === null ? [] : [$this->message->rowName() => $row]);

        return new Scene(
            $this->blueprint,
            $this->store,
            $reader,
            $this->moment,
            Trail::none(),
            $names,
            AppValues::of($this->blueprint, $visit, $reader, $this->store),
            visit: $visit,
        );
    }
}
