<?php

declare(strict_types=1);

namespace App\People;

use DateTimeZone;
use Illuminate\Support\Facades\Date;
use Lanai\Core\Data\RowCheck;
use Lanai\Core\Formula\Moment;
use Lanai\Core\People\Through;
use Lanai\Core\Runtime\Refused;
use Lanai\Core\Script\Names;

/** Makes the row of somebody who has just come, in the app's own table. */
final readonly class Newcomer
{
    public function __construct(private People $people)
    {
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
            $given[$label->column()] = $name !== '' ? $name : ($guest ? 'Guest' : $table->singular).' '.random_int(1000, 9999);
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
        foreach ($checked->errors as $field => $sentence) {
            if ($label !== null && $field === Names::inFormula($label->name)) {
                throw new Refused("$label->name: $sentence");
            }
        }

        return $store->add($table, $checked->values);
    }
}
