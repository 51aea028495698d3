<?php

declare(strict_types=1);

namespace Lanai\Core\Edits\Kinds;

use Lanai\Core\Edits\Edit;
use Lanai\Core\Edits\EditRefused;
use Lanai\Core\Edits\EditResult;
use Lanai\Core\Edits\Patch;
use Lanai\Core\Language\Prose;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Reach\Tapped;
use Lanai\Core\Text\Names;
use Lanai\Core\Text\Pattern;

/** A funnel from what somebody has done in the app: the screens that they saw and the lines that they tapped. */
final readonly class MakeFunnel implements Edit
{
    private const MOST = 30;

    /** @param  array<array-key, mixed>  $steps  in their order: places of lines that were tapped, and slugs of screens, as texts */
    public function __construct(public string $name, public array $steps)
    {
    }

    public function about(): array
    {
        return ['/funnels'];
    }

    public function on(Blueprint $blueprint): EditResult
    {
        $name = trim($this->name);
        $names = array_map(Names::inStorage(...), array_column($blueprint->funnels, 'name'));
        if ($name === '' || mb_strlen($name) > 60 || in_array(Names::inStorage($name), $names, true)) {
            throw new EditRefused('Give this funnel a name that no other one has.');
        }
        $steps = [];
        foreach (array_slice($this->steps, 0, self::MOST) as $step) {
            $made = is_string($step) ? self::step($blueprint, $step) : null;
            // The same twice in a row is one step.
            if ($made !== null && $made !== end($steps)) {
                $steps[] = $made;
            }
        }
        if (count($steps) < 2) {
            throw new EditRefused('A funnel needs two steps at least. Go on in the app beside you, and then make it.');
        }
        $data = $blueprint->data();
        $funnels = [...Prose::nodes($data['funnels'] ?? []), ['name' => $name, 'steps' => $steps]];

        return EditResult::by($blueprint, Patch::between($data, ['funnels' => $funnels] + $data));
    }

    /** @return array{screen: string, tapping?: string}|null null for what is not in the app */
    private static function step(Blueprint $blueprint, string $step): ?array
    {
        if (! str_starts_with($step, '/')) {
            $screen = $blueprint->screen($step);

            return $screen === null ? null : ['screen' => $screen->name];
        }
        // Without the rows that a line is repeated for, and in a piece the piece's own line.
        $at = Pattern::replace('/@\d+/', '', strrchr($step, '=') === false ? $step : substr(strrchr($step, '='), 1));
        $tapped = Tapped::at($blueprint, $at);

        return $tapped === null ? null : ['screen' => $tapped->screen->name, 'tapping' => $tapped->words];
    }
}
