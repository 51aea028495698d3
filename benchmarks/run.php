<?php

declare(strict_types=1);

// Runs every promise of speed in turn; each prints its figure as a ratio measured in one run, or a size.

$wanted = array_slice($argv, 1);
foreach (['screen', 'taps', 'edit', 'reading', 'data', 'import', 'people', 'services', 'package', 'bundle'] as $name) {
    if ($wanted === [] || in_array($name, $wanted, true)) {
        passthru(PHP_BINARY.' '.escapeshellarg(__DIR__."/$name.php"), $code);
        if ($code !== 0) {
            exit($code);
        }
    }
}
