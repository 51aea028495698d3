<?php

declare(strict_types=1);

// Asks a Lanai of its own, which the environment names, and prints each status and the beginning of the answer as JSON: asked.php '[["POST",
// "/path", {body}], ...]'

use Illuminate\Contracts\Http\Kernel;
use Illuminate\Http\Request;

require __DIR__.'/../../vendor/autoload.php';
$kernel = (require __DIR__.'/../../bootstrap/app.php')->make(Kernel::class);
$answers = [];
foreach (json_decode($argv[1], true) as [$method, $path, $body]) {
    $answer = $kernel->handle(
        Request::create(
            $path,
            $method,
            [],
            [],
            [],
            ['HTTP_ACCEPT' => 'application/json', 'CONTENT_TYPE' => 'application/json'],
            json_encode($body ?: new stdClass()),
        ),
    );
    $answers[] = [
        $answer->getStatusCode(),
        mb_strcut((string) $answer->getContent(), 0, 2000),
        $answer->headers->get('Retry-After'),
        $answer->headers->getCookies() === [],
    ];
}
echo json_encode($answers);
