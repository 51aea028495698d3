<?php

declare(strict_types=1);

use Illuminate\Foundation\Application;
use Illuminate\Http\Request;

define('LARAVEL_START', microtime(true));

// No search for cycles while a request is answered: an app of 500 screens is hundreds of thousands of arrays that are all in use, and going
// through them again and again takes half the time of an edit. What a request leaves is freed with it; what streams for long collects again.
gc_disable();

require __DIR__.'/../vendor/autoload.php';

/** @var Application $app */
$app = require_once __DIR__.'/../bootstrap/app.php';

$app->handleRequest(Request::capture());
