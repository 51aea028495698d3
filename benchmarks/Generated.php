<?php

declare(strict_types=1);

namespace Benchmarks;

use Lanai\Core\Model\Blueprint;

/** Apps of any number of screens: the demo's, again and again, each time under other names and with entries in the menu for what the demo has in tabs. */
final class Generated
{
    public static function app(int $screens): Blueprint
    {
        $script = (string) file_get_contents(__DIR__.'/../core/tests/Support/saltlark.script');
        preg_match_all('/^screen ([^,\n]+)[^\n]*\n(?:(?!screen |tab |side menu |piece |routine ).*\n)*/m', $script, $found);
        [$blocks, $names] = $found;
        preg_match_all('/^tab (\S+) as/m', $script, $tabs);
        $more = $menu = '';
        for ($i = count($blocks); $i < $screens; $i++) {
            $round = intdiv($i, count($blocks));
            $there = array_slice($names, 0, $screens - $round * count($blocks));
            // A screen, and every way to one, gets the name that it has in this round.
            $more .=
                preg_replace_callback(
                    '/\b(screen|go to) ('.implode('|', array_map(preg_quote(...), $there)).')\b/',
                    fn (array $m): string => "$m[1] $m[2] $round",
                    str_replace(', first', '', $blocks[$i % count($blocks)]),
                )."\n";
            $name = $names[$i % count($blocks)];
            $menu .= in_array($name, $tabs[1], true) ? "side menu $name $round as \"$name $round\"\n" : '';
        }

        return Blueprint::fromScript($script."\n".$more.$menu);
    }
}
