<?php

declare(strict_types=1);

// Tries to write to a database every millisecond, and tells at its end for how many milliseconds it could not at the longest: longest-lock.php FILE

$database = new PDO("sqlite:$argv[1]", options: [PDO::ATTR_ERRMODE => PDO::ERRMODE_SILENT, PDO::ATTR_TIMEOUT => 0]);
$longest = 0.0;
$since = null;
$on = true;
pcntl_async_signals(true);
pcntl_signal(SIGTERM, function () use (&$on): void {
    $on = false;
});
while ($on) {
    if ($database->exec('begin immediate') !== false) {
        $database->exec('rollback');
        $longest = $since === null ? $longest : max($longest, (hrtime(true) - $since) / 1e6);
        $since = null;
    } else {
        $since ??= hrtime(true);
    }
    usleep(1000);
}
echo $longest;
