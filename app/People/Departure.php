<?php

declare(strict_types=1);

namespace App\People;

use App\Apps\Reports;
use App\Earnings\PurchaseBook;
use App\Reach\CountBook;
use App\Reach\MessageBook;
use App\Reach\PhoneBook;
use App\Space;
use Illuminate\Support\Facades\DB;
use Lanai\Core\Formula\Kind;
use Lanai\Core\Formula\Type;
use Lanai\Core\Model\Field;
use Lanai\Core\Model\People\SignIn;
use Lanai\Core\Model\Table;
use Lanai\Core\Query\Query;
use Lanai\Core\Query\Term;

/** Takes a person out of an app, with what the app says of their rows. */
final readonly class Departure
{
    public function __construct(private People $people)
    {
    }

    /**
     * What would go and what would stay, for whoever asks before.
     *
     * @return list<array{table: string, rows: int, goes: bool}>
     */
    public function foreseen(int $person): array
    {
        $found = [];
        foreach ($this->links() as [$table, $field, $goes]) {
            $rows = $this->people->store()->count($this->theirs($table, $field, $person));
            if ($rows > 0) {
                $found[] = ['table' => $table->name, 'rows' => $rows, 'goes' => $goes];
            }
        }

        return $found;
    }

    public function of(int $person): void
    {
        $store = $this->people->store();
        $gone = [[$this->people->table()->name, $person]];
        $store->together(function () use ($store, $person, &$gone): void {
            foreach ($this->links() as [$table, $field, $goes]) {
                foreach ($goes ? $store->ids($this->theirs($table, $field, $person)) : [] as $id) {
                    $store->remove($table, $id);
                    $gone[] = [$table->name, $id];
                }
            }
            // Links that are left become empty with the row.
            $store->remove($this->people->table(), $person);
            DB::connection($this->people->connection)->table('_kept')->where('person', $person)->delete();
            $this->purchases()->leave($person);
            (new CountBook($this->space()))->forgetPerson($person);
            (new PhoneBook($this->space()))->forgetPerson($person);
            (new Invitations($this->people))->forget($person);
            (new MessageBook($this->space()))->forgetPerson($person);
            $account = $this->people->accountOf($person);
            if ($account !== null) {
                $this->people->events()->where('account', $account->id)->delete();
                $account->delete();
                $this->people->note('an account was deleted', null);
            }
        });
        // What stood in them was reported with a few words of it; so it goes, too.
        Reports::forgetPerson($this->space(), $person, $gone);
    }

    private function purchases(): PurchaseBook
    {
        return new PurchaseBook($this->space());
    }

    private function space(): Space
    {
        return new Space($this->people->app, $this->people->set, $this->people->app->revision);
    }

    /** @return list<array{Table, Field, bool}> the fields that link to people, and whether the rows go along */
    private function links(): array
    {
        $signIn = $this->people->blueprint->signIn ?? new SignIn();
        $found = [];
        foreach ($this->people->blueprint->tables as $table) {
            foreach ($table->fields as $field) {
                if ($field->hasColumn() && mb_strtolower($field->linksTo()) === mb_strtolower($this->people->table()->singular)) {
                    $found[] = [$table, $field, $signIn->takesAlong($table, $field)];
                }
            }
        }

        return $found;
    }

    private function theirs(Table $table, Field $field, int $person): Query
    {
        return new Query(
            $table,
            Term::operator('==', Type::of(Kind::YesNo), Term::column(0, $field), Term::value($person, Type::of(Kind::Whole))),
            [],
            PHP_INT_MAX,
        );
    }
}
