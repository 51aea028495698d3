<?php

declare(strict_types=1);

// What a device loads before it shows anything, gzipped. Aim: under 60 kB with styles.

$folder = __DIR__.'/../public/build/device';
$chunk = json_decode((string) file_get_contents("$folder/.vite/manifest.json"), true)['web/device/main.ts'];
$sizes = array_map(fn (string $file): int => strlen((string) gzencode((string) file_get_contents("$folder/$file"), 9)), [$chunk['file'], ...$chunk['css']]);
printf("device bundle, script and styles, gzipped  %.1f kB   (aim: under 60 kB)\n", array_sum($sizes) / 1000);
