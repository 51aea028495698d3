<?php

declare(strict_types=1);

namespace Lanai\Core\Edits\Kinds;

use Lanai\Core\Edits\Edit;
use Lanai\Core\Edits\EditRefused;
use Lanai\Core\Edits\EditResult;
use Lanai\Core\Edits\Places;
use Lanai\Core\Formula\Literals;
use Lanai\Core\Language\Prose;
use Lanai\Core\Model\Blueprint;

/** Writes a routine that keeps a table as a service says it is. */
final readonly class KeepTableInStep implements Edit
{
    /**
     * @param  array<string, string>  $told  what the request is told, by the names of its variables, as typed
     * @param  string  $key  the field by which rows are matched
     * @param  bool  $removing  rows that the service does not give any more are removed
     * @param  'hour'|'day'  $every
     */
    public function __construct(
        public string $request,
        public array $told,
        public string $table,
        public string $key,
        public bool $removing,
        public string $every,
    ) {
    }

    public function about(): array
    {
        return ['/routines'];
    }

    public function on(Blueprint $blueprint): EditResult
    {
        [, $request] = $blueprint->asked($this->request) ?? throw new EditRefused('There is no such request any more.');
        $table = $blueprint->table($this->table) ?? throw new EditRefused('There is no such table any more.');
        $given = [];
        foreach ($request->taken() as $variable) {
            $typed = $this->told[$variable->key()] ?? '';
            if ($typed !== '') {
                $given[] = [
                    'field' => $variable->name,
                    'value' => $variable->type->type()->isNumber() && is_numeric($typed) ? $typed : Literals::text($typed),
                ];
            }
        }
        $name = 'Update '.mb_strtolower($table->name);
        for ($n = 2, $free = $name; $blueprint->routineIndex($free) !== null; $n++) {
            $free = "$name $n";
        }
        $keep = array_filter([
            'kind' => 'keepInStep',
            'table' => $table->name,
            'request' => $request->called(),
            'given' => $given,
            'key' => $this->key,
            'removing' => $this->removing,
        ]);
        $routine = ['name' => $free, 'every' => $this->every === 'hour' ? 'hour' : 'day'] +
            ($this->every === 'hour' ? [] : ['at' => '04:00']) + ['does' => [$keep]];
        [$patch, $made] = Places::put($blueprint, '/routines', null, [Prose::node($routine)]);

        return EditResult::by($blueprint, $patch)->making($made);
    }
}
