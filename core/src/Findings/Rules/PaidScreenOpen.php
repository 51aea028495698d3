<?php

declare(strict_types=1);

namespace Lanai\Core\Findings\Rules;

use Lanai\Core\Effects\GoToScreen;
use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Mend;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Findings\Rule;
use Lanai\Core\Findings\Station;
use Lanai\Core\Model\Pointer;
use Lanai\Core\Text\Names;
use Lanai\Core\Text\Pattern;

/** Every way to a screen asks whether somebody has an entitlement, and the screen itself does not: whoever knows its address is in. */
final class PaidScreenOpen implements Rule
{
    public function holds(): string
    {
        return 'A screen that only those may come to who have paid asks for it itself.';
    }

    public function station(): Station
    {
        return Station::Earnings;
    }

    public function look(Reading $reading): iterable
    {
        $blueprint = $reading->blueprint;
        $entitlements = $blueprint->products === [] ? [] : $blueprint->entitlements();
        $ways = $entitlements === [] ? [] : self::ways($reading);
        foreach ($blueprint->screens as $i => $screen) {
            $own = $ways[mb_strtolower($screen->name)] ?? [];
            if ($screen->having !== '' || $screen->first || $own === [] || self::isTab($reading, $screen->name)) {
                continue;
            }
            foreach ($entitlements as $entitlement) {
                $asks = '/\bme\??\.'.preg_quote(Names::inFormula($entitlement), '/').'\b/';
                if (array_filter($own, fn (string $conditions): bool => ! Pattern::match($asks, $conditions)) === []) {
                    yield Finding::warning(
                        self::class,
                        "/screens/$i",
                        "Only those with $entitlement are led to “{$screen->name}”, but whoever knows its address is in.",
                        Mend::put("Open it only for those with $entitlement", "/screens/$i/having", $entitlement),
                    );
                }
            }
        }
    }

    /** @return array<string, list<string>> screen in small letters => for each way there, all conditions that it stands under */
    private static function ways(Reading $reading): array
    {
        $ways = [];
        foreach ($reading->placesOf(GoToScreen::class) as $at => $data) {
            if (is_string($data['screen'] ?? null)) {
                $ways[mb_strtolower($data['screen'])][] = self::conditions($reading, $at);
            }
        }

        return $ways;
    }

    private static function conditions(Reading $reading, string $at): string
    {
        $conditions = '';
        $data = $reading->blueprint->data();
        for ($place = $at; $place !== '' && $place !== '/'; $place = Pointer::parent($place)) {
            $node = Pointer::get($place, $data);
            $condition = is_array($node) ? $node['if'] ?? $node['condition'] ?? '' : '';
            // What is done otherwise is done where it does not hold.
            $conditions .= is_string($condition) && ! str_starts_with(substr($at, strlen($place)), '/otherwise/') ? "$condition\n" : '';
        }

        return $conditions;
    }

    private static function isTab(Reading $reading, string $screen): bool
    {
        $names = array_map(mb_strtolower(...), [...array_column($reading->blueprint->tabs, 'screen'), ...array_column($reading->blueprint->menu, 'screen')]);

        return in_array(mb_strtolower($screen), $names, true);
    }
}
