<?php

declare(strict_types=1);

namespace App\People;

use App\Apps\Reports;
use App\Earnings\PurchaseBook;
use App\Reach\CountBook;
use App\Reach\MessageBook;
use App\Reach\PhoneBook;
use App\Space;
use DateTimeImmutable;
use Illuminate\Support\Facades\Date;
use Lanai\Core\Formula\Kind;
use Lanai\Core\Formula\Type;
use Lanai\Core\Model\Row;
use Lanai\Core\Query\Query;
use Lanai\Core\Query\Term;

/** All that an app keeps of one person, for that person. */
final readonly class Belongings
{
    public function __construct(private People $people)
    {
    }

    /** @return list<array<string, mixed>> */
    private function purchases(Row $row): array
    {
        return array_map(
            fn (array $purchase): array => array_diff_key($purchase, ['id' => 1, 'note' => 1]),
            (new PurchaseBook($this->space()))->of($row, new DateTimeImmutable()),
        );
    }

    private function space(): Space
    {
        return new Space($this->people->app, $this->people->set, $this->people->app->revisionOf($this->people->set) ?? $this->people->app->revision);
    }

    /** @return array<string, mixed> */
    public function of(int $person): array
    {
        $store = $this->people->store();
        $table = $this->people->table();
        $row = $store->byIds($table, [$person])[$person] ?? null;
        $account = $this->people->accountOf($person);
        $rows = [];
        foreach ($this->people->blueprint->tables as $other) {
            foreach ($other->fields as $field) {
                if ($field->hasColumn() && mb_strtolower($field->linksTo()) === mb_strtolower($table->singular)) {
                    $query = new Query(
                        $other,
                        Term::operator('==', Type::of(Kind::YesNo), Term::column(0, $field), Term::value($person, Type::of(Kind::Whole))),
                        [],
                        100000,
                    );
                    foreach ($store->rows($query) as $theirs) {
                        $rows[$other->name][$theirs->id] = $this->written($theirs);
                    }
                }
            }
        }

        return [
            'app' => $this->people->app->name,
            // When devices with this account came first and last.
            'visits' => (new CountBook($this->space()))->of($person),
            'invited' => (new Invitations($this->people))->of($person),
            'messages' => (new MessageBook($this->space()))->of($person),
            'reported' => Reports::by($this->space(), $person),
            'channels' => (new PhoneBook($this->space()))->chosenBy($person),
            'made' => Date::now()->toIso8601String(),
            'account' => $account === null
                    ? null
                    : [
                        'email' => $account->email,
                        'guest' => $account->guest,
                        'since' => $account->created_at->toIso8601String(),
                        'password' => $account->password !== null,
                        'providers' => $this->people->identities()->where('account', $account->id)->pluck('provider')->all(),
                        'sessions' => $this->people
                            ->sessions()
                            ->where('account', $account->id)
                            ->get()
                            ->map(fn (Session $s): array => ['device' => $s->device, 'way' => $s->way, 'since' => $s->created_at->toIso8601String()])
                            ->all(),
                        'history' => $this->people
                            ->events()
                            ->where('account', $account->id)
                            ->orderBy('id')
                            ->get()
                            ->map(
                                fn (SignInEvent $e): array => [
                                    'what' => $e->what,
                                    'way' => $e->way,
                                    'device' => $e->device,
                                    'at' => $e->at->toIso8601String(),
                                ],
                            )
                            ->all(),
                    ],
            'person' => $row === null ? null : $this->written($row),
            'rows' => array_map(array_values(...), $rows),
        ] + ($row === null || $this->people->blueprint->products === [] ? [] : ['purchases' => $this->purchases($row)]);
    }

    /** @return array<string, string> */
    private function written(Row $row): array
    {
        $written = ['id' => (string) $row->id];
        foreach ($row->table->fields as $field) {
            if ($field->formula() === '') {
                $written[$field->name] = $field->type->write($row->value($field));
            }
        }

        return $written;
    }
}
