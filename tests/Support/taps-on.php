<?php

declare(strict_types=1);

// Taps "Add" on a live app again and again, as a device does that sends a tap until it is answered: taps-on.php URL STOP-FILE.
// Prints how many taps were answered with yes, once the stop file is there; gives up after a minute without an answer.

[, $url, $stop] = $argv;
$done = 0;
$trouble = [];
$since = time();
for ($n = 1; ! is_file($stop); $n += $answered ? 1 : 0) {
    $tap = ['screen' => 's', 'at' => '/screens/0/lines/1', 'tap' => sprintf('%032d', $n), 'revision' => 1];
    $curl = curl_init($url);
    curl_setopt_array($curl, [
        CURLOPT_POST => true,
        CURLOPT_POSTFIELDS => json_encode($tap),
        CURLOPT_HTTPHEADER => ['Content-Type: application/json', 'Accept: application/json'],
        CURLOPT_RETURNTRANSFER => true,
        CURLOPT_TIMEOUT => 20,
    ]);
    curl_exec($curl);
    $status = (int) curl_getinfo($curl, CURLINFO_RESPONSE_CODE);
    $answered = $status === 200;
    if ($answered) {
        $done++;
        $since = time();
    } else {
        $trouble[$status] = ($trouble[$status] ?? 0) + 1;
        usleep(100_000);
    }
    if (time() - $since > 60) {
        break;
    }
}
echo json_encode(['done' => $done, 'trouble' => $trouble, 'waited' => time() - $since]);
