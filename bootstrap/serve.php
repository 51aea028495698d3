<?php

declare(strict_types=1);

// The way of each request into Lanai where PHP's own server serves it: built files compressed and kept for ever, other files as they
// are, and everything else by the application.

(function (): void {
    $path = (string) parse_url($_SERVER['REQUEST_URI'], PHP_URL_PATH);
    $file = __DIR__.'/../public'.$path;
    // What is built is named by its content, and no other name reaches a file here.
    if (preg_match('~^/build/(device|studio)/assets/[A-Za-z0-9_.-]+\.(js|css|woff2)$~D', $path, $found) !== 1 || ! is_file($file)) {
        return;
    }
    $taken = $_SERVER['HTTP_ACCEPT_ENCODING'] ?? '';
    foreach (['br' => 'br', 'gz' => 'gzip'] as $ending => $encoding) {
        if (preg_match("~(^|[ ,])$encoding(?!;q=0(\\.0*)?(,|$))~", $taken) === 1 && is_file("$file.$ending")) {
            $file = "$file.$ending";
            header("Content-Encoding: $encoding");
            break;
        }
    }
    header('Content-Type: '.['js' => 'text/javascript', 'css' => 'text/css', 'woff2' => 'font/woff2'][$found[2]]);
    header('Content-Length: '.filesize($file));
    header('Cache-Control: public, max-age=31536000, immutable');
    header('Vary: Accept-Encoding');
    header('X-Content-Type-Options: nosniff');
    if ($_SERVER['REQUEST_METHOD'] !== 'HEAD') {
        readfile($file);
    }
    exit;
})();

if (is_file(__DIR__.'/../public'.urldecode((string) parse_url($_SERVER['REQUEST_URI'], PHP_URL_PATH)))) {
    return false;
}

require __DIR__.'/../public/index.php';
