<?php

declare(strict_types=1);

use Standins\Almanac\Almanac;
use Standins\Almanac\Sea;
use Standins\Answer;
use Standins\Box;
use Standins\Bunting\Bunting;
use Standins\Chartroom\Chartroom;
use Standins\Desk;
use Standins\Gatehouse\Gatehouse;
use Standins\Gatehouse\House;
use Standins\Ledger;
use Standins\Letterbox\Inbox;
use Standins\Letterbox\Letters;
use Standins\Stores\Pier;
use Standins\Stores\Quay;
use Standins\Switches;
use Standins\Till\Chain;
use Standins\Till\Drawer;
use Standins\Till\StoreTill;
use Standins\Till\Till;
use Standins\Till\Tokens;
use Standins\Wordsmith\Phrases;
use Standins\Wordsmith\Wordsmith;

spl_autoload_register(function (string $class): void {
    $file = __DIR__.'/../src/'.str_replace('\\', '/', substr($class, strlen('Standins\\'))).'.php';
    if (str_starts_with($class, 'Standins\\') && is_file($file)) {
        require $file;
    }
});

$folder = getenv('LANAI_STANDINS_FOLDER') ?: __DIR__.'/../../storage/standins';
$path = (string) parse_url((string) $_SERVER['REQUEST_URI'], PHP_URL_PATH);
[$store, $rest] = [explode('/', trim($path, '/'))[0], '/'.implode('/', array_slice(explode('/', trim($path, '/')), 1))];
$address = (isset($_SERVER['HTTPS']) ? 'https' : 'http').'://'.$_SERVER['HTTP_HOST']."/$store";
$method = (string) $_SERVER['REQUEST_METHOD'];
$headers = array_change_key_case(array_map(strval(...), function_exists('getallheaders') ? getallheaders() : []), CASE_LOWER);
$box = Box::of($_GET, $headers);
if ($store === 'gatehouse') {
    $authorization = (string) ($_SERVER['HTTP_AUTHORIZATION'] ?? '');
    $house = House::of(
        $folder,
        (string) (getenv('APP_URL') ?: 'http://localhost:8000'),
        $box,
        Box::ofDemo((string) getenv('LANAI_STANDIN_TOKEN')),
        House::named($_GET + $_POST, $authorization),
    );
    (new Gatehouse($house, $address, $box->key))->answer($method, $rest, $_GET, $_POST, $authorization)->send();
    exit();
}
if ($store === 'letterbox') {
    (new Inbox(new Letters($folder), $address, $box))->answer($rest, $_GET)->send();
    exit();
}
if ($store === 'bunting') {
    (new Bunting($folder, $address, (string) getenv('LANAI_STANDIN_TOKEN'), $box))
        ->answer($method, $rest, $_GET, $_POST, $headers, (string) file_get_contents('php://input'))
        ->send();
    exit();
}
if ($store === 'till') {
    (new Till(new Drawer($folder), $address, (string) getenv('LANAI_STANDIN_TOKEN')))
        ->answer($method, $rest, $_POST, $headers, (string) file_get_contents('php://input'))
        ->send();
    exit();
}
if (in_array($store, ['quay', 'pier'], true) && str_starts_with($rest, '/billing/')) {
    $signs = $store === 'quay' ? new Tokens($folder, $address) : new Chain($folder);
    (new StoreTill(new Drawer($folder, "$store-billing"), $signs, $store, $address, (string) getenv('LANAI_STANDIN_TOKEN')))
        ->answer($method, substr($rest, strlen('/billing')), $_POST, $headers, (string) file_get_contents('php://input'))
        ->send();
    exit();
}
if (in_array($store, ['almanac', 'wordsmith', 'chartroom'], true)) {
    $switches = new Switches($folder, $store, $box);
    $body = (string) file_get_contents('php://input');
    (match ($store) {
        'almanac' => (new Almanac($switches, new Sea(time()), $address))->answer($method, $rest, $_GET, $_POST, $headers, $body),
        'chartroom' => (new Chartroom($switches, $address))->answer($method, $rest, $_GET, $_POST, $headers),
        default => (new Wordsmith($switches, new Phrases(__DIR__.'/../data/phrases.json'), $address))->answer($method, $rest, $_POST, $headers, $body),
    })->send();
    exit();
}
$inspector = match ($store) {
    'quay' => new Quay($folder),
    'pier' => new Pier(),
    default => null,
};
if ($inspector === null) {
    Answer::problem(404, 'There is no such service here.')->send();
    exit();
}
$token = preg_match('/^Bearer (\S+)$/', $_SERVER['HTTP_AUTHORIZATION'] ?? '', $found) ? $found[1] : '';
(new Desk(new Ledger($folder), $inspector, $store, $folder, $address, (string) getenv('LANAI_STANDIN_TOKEN'), (float) (getenv('LANAI_REVIEW_SECONDS') ?: 4)))
    ->answer($method, $rest, $token, $_POST, $_FILES)
    ->send();
