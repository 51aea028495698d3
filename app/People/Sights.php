<?php

declare(strict_types=1);

namespace App\People;

use App\Models\App;
use App\Space;
use DateTimeZone;
use Illuminate\Support\Facades\Date;
use Lanai\Core\Access\GuardedStore;
use Lanai\Core\Access\Rights;
use Lanai\Core\Formula\Moment;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Row;
use Lanai\Core\Play\Arguments;
use Lanai\Core\Play\Trail;
use Lanai\Core\Play\Visit;
use Lanai\Core\Query\Query;

/** What each sample person would see on each screen, by running it. */
final readonly class Sights
{
    public function __construct(private App $app, private Blueprint $blueprint)
    {
    }

    /**
     * @return array{people: list<array{id: int|null, label: string}>, screens: list<array{slug: string, name: string,
     *   cells: list<array{problem: string, lines: int, rows: int}>}>}
     */
    public function all(): array
    {
        $space = Space::sandbox($this->app);
        $store = $space->store();
        $table = $this->blueprint->peopleTable();
        $rows = $table === null ? [] : $store->rows(new Query($table, limit: 6));
        $people = [null, ...$rows];
        $moment = new Moment(Date::now()->utc()->toDateTimeImmutable(), new DateTimeZone('UTC'));
        $player = $space->looking();
        $screens = [];
        foreach ($this->blueprint->screens as $screen) {
            $cells = [];
            foreach ($people as $person) {
                $guarded = new GuardedStore($store, new Rights($this->blueprint, $store, $moment, $person, rehearsal: true));
                $args = Arguments::first($screen->parameters(), $this->blueprint, $guarded);
                $view = $player->show(new Visit($moment, $screen->slug(), $args, $person?->id), Trail::none());
                $problem = is_string($view['problem']) ? $view['problem'] : '';
                [$lines, $found] = self::counted(is_array($view['nodes']) ? $view['nodes'] : []);
                $cells[] = ['problem' => $problem, 'lines' => $lines, 'rows' => $found];
            }
            $screens[] = ['slug' => $screen->slug(), 'name' => $screen->name, 'cells' => $cells];
        }

        return [
            'people' => array_map(fn (?Row $r): array => ['id' => $r?->id, 'label' => $r === null ? 'nobody signed in' : $r->label()], $people),
            'screens' => $screens,
        ];
    }

    /**
     * @param  array<mixed>  $nodes
     * @return array{int, int} lines and rows
     */
    private static function counted(array $nodes): array
    {
        $lines = $rows = 0;
        foreach ($nodes as $node) {
            if (! is_array($node)) {
                continue;
            }
            if (isset($node['kind'])) {
                $lines++;
                $rows += $node['kind'] === 'list' && is_array($node['items'] ?? null) ? count($node['items']) : 0;
            }
            foreach (['nodes', 'sections', 'items'] as $inside) {
                if (is_array($node[$inside] ?? null) && ($node['kind'] ?? '') !== 'list') {
                    [$l, $r] = self::counted($node[$inside]);
                    $lines += $l;
                    $rows += $r;
                }
            }
        }

        return [$lines, $rows];
    }
}
