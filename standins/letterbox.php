<?php

declare(strict_types=1);

// The SMTP side of Letterbox: php standins/letterbox.php PORT

use Standins\Letterbox\Letters;
use Standins\Letterbox\Smtp;

spl_autoload_register(function (string $class): void {
    $file = __DIR__.'/src/'.str_replace('\\', '/', substr($class, strlen('Standins\\'))).'.php';
    if (str_starts_with($class, 'Standins\\') && is_file($file)) {
        require $file;
    }
});

$server = stream_socket_server('tcp://127.0.0.1:'.(int) ($argv[1] ?? 8002), $number, $trouble) ?: exit("Letterbox cannot listen: $trouble\n");
$letters = new Letters(getenv('LANAI_STANDINS_FOLDER') ?: __DIR__.'/../storage/standins');
/** @var array<int, resource> $open */
$open = [];
/** @var array<int, Smtp> $talks */
$talks = [];
/** @var array<int, int> $heard */
$heard = [];
while (true) {
    $reading = [$server, ...array_values($open)];
    [$writing, $odd] = [null, null];
    if (stream_select($reading, $writing, $odd, 30) === false) {
        break;
    }
    foreach ($reading as $socket) {
        if ($socket === $server) {
            $new = @stream_socket_accept($server, 0);
            if ($new !== false && count($open) < 100) {
                stream_set_blocking($new, false);
                [$open[(int) $new], $talks[(int) $new], $heard[(int) $new]] = [$new, new Smtp($letters), time()];
                fwrite($new, $talks[(int) $new]->greeting());
            }

            continue;
        }
        $id = (int) $socket;
        $bytes = fread($socket, 65536);
        $heard[$id] = time();
        if ($bytes !== false && $bytes !== '') {
            fwrite($socket, $talks[$id]->take($bytes));
        }
        if (feof($socket) || $talks[$id]->over) {
            fclose($socket);
            unset($open[$id], $talks[$id], $heard[$id]);
        }
    }
    foreach ($heard as $id => $last) {
        if ($last < time() - 120) {
            fclose($open[$id]);
            unset($open[$id], $talks[$id], $heard[$id]);
        }
    }
}
