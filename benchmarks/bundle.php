<?php

declare(strict_types=1);

// What a device loads before it shows anything, gzipped. Aim: under 60 kB with styles.

$folder = __DIR__.'/../public/build/device';
$manifest = json_decode((string) file_get_contents("$folder/.vite/manifest.json"), true);
$chunk = $manifest['web/device/main.ts'];
$files = [$chunk['file'], ...$chunk['css'], ...array_map(fn (string $name): string => $manifest[$name]['file'], $chunk['imports'] ?? [])];
$sizes = array_map(fn (string $file): int => strlen((string) gzencode((string) file_get_contents("$folder/$file"), 9)), $files);
printf("device bundle, script and styles, gzipped  %.1f kB   (aim: under 60 kB)\n", array_sum($sizes) / 1000);
