<?php

declare(strict_types=1);

use Standins\Answer;
use Standins\Desk;
use Standins\Ledger;
use Standins\Stores\Pier;
use Standins\Stores\Quay;

spl_autoload_register(function (string $class): void {
    $file = __DIR__.'/../src/'.str_replace('\\', '/', substr($class, strlen('Standins\\'))).'.php';
    if (str_starts_with($class, 'Standins\\') && is_file($file)) {
        require $file;
    }
});

$folder = getenv('LANAI_STANDINS_FOLDER') ?: __DIR__.'/../../storage/standins';
$path = (string) parse_url((string) $_SERVER['REQUEST_URI'], PHP_URL_PATH);
[$store, $rest] = [explode('/', trim($path, '/'))[0], '/'.implode('/', array_slice(explode('/', trim($path, '/')), 1))];
$inspector = match ($store) {
    'quay' => new Quay($folder),
    'pier' => new Pier,
    default => null,
};
if ($inspector === null) {
    Answer::problem(404, 'There is no such service here.')->send();
    exit;
}
$address = (isset($_SERVER['HTTPS']) ? 'https' : 'http').'://'.$_SERVER['HTTP_HOST']."/$store";
$token = preg_match('/^Bearer (\S+)$/', $_SERVER['HTTP_AUTHORIZATION'] ?? '', $found) ? $found[1] : '';
(new Desk(new Ledger($folder), $inspector, $store, $folder, $address, (string) getenv('LANAI_STANDIN_TOKEN'), (float) (getenv('LANAI_REVIEW_SECONDS') ?: 4)))
    ->answer((string) $_SERVER['REQUEST_METHOD'], $rest, $token, $_POST, $_FILES)->send();
