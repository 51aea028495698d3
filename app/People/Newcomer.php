<?php

declare(strict_types=1);

namespace App\People;

use DateTimeZone;
use Illuminate\Support\Facades\Date;
use Lanai\Core\Data\RowCheck;
use Lanai\Core\Formula\Moment;
use Lanai\Core\Model\People\Through;
use Lanai\Core\Model\Table;
use Lanai\Core\Model\UnreadableValue;
use Lanai\Core\Text\Names;

/** Makes the row of somebody who has just come, in the app's own table. */
final readonly class Newcomer
{
    public function __construct(private People $people)
    {
    }

    /** What is wrong with a name that somebody has typed; '' where nothing is. */
    public function trouble(string $name): string
    {
        $label = $this->people->table()->labelField();
        try {
            $label?->type->read($name);
        } catch (UnreadableValue $wrong) {
            return "$label->name: {$wrong->getMessage()}";
        }

        return '';
    }

    private static function madeUp(Table $table, bool $guest): string
    {
        return ($guest ? 'Guest' : $table->singular).' '.random_int(1000, 9999);
    }

    /**
     * @param  array{name?: string, role?: string, picture?: string|null, through?: Through|null}  $facts
     * @return int the row's id
     */
    public function add(array $facts, bool $guest): int
    {
        $table = $this->people->table();
        $store = $this->people->store();
        $name = trim($facts['name'] ?? '');
        $through = $facts['through'] ?? null;
        $given = [];
        $label = ($through === null || $through->name === '' ? null : $table->field($through->name)) ?? $table->labelField();
        if ($label !== null) {
            $given[$label->column()] = $name !== '' ? $name : self::madeUp($table, $guest);
        }
        $picture = $through === null ? null : $table->field($through->picture);
        if ($picture !== null && ($facts['picture'] ?? null) !== null) {
            $given[$picture->column()] = $facts['picture'];
        }
        $role = $this->people->blueprint->role($facts['role'] ?? '') ?? $this->people->blueprint->firstRole();
        if ($table->roleField() !== null && $role !== null) {
            $given[$table->roleField()->column()] = $role->name;
        }
        $checked = (new RowCheck($store, new Moment(Date::now()->utc()->toDateTimeImmutable(), new DateTimeZone('UTC'))))->of($table, $given);
        $values = $checked->values;
        if ($label !== null && isset($checked->errors[Names::inFormula($label->name)])) {
            // A name that does not fit, as a provider may give, keeps nobody out.
            $values[$label->column()] = self::madeUp($table, $guest);
        }

        return $store->add($table, $values);
    }
}
