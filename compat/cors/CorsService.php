<?php

declare(strict_types=1);

namespace Fruitcake\Cors;

use Asm89\Stack\CorsService as StackCors;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;

/** The calls that Laravel's HandleCors middleware makes, answered by asm89/stack-cors. */
final class CorsService
{
    private StackCors $cors;

    /** @param  array<string, mixed>  $options */
    public function __construct(array $options = [])
    {
        $this->setOptions($options);
    }

    /** @param  array<string, mixed>  $options keys as in config/cors.php */
    public function setOptions(array $options): void
    {
        $known = ['allowed_origins' => 'allowedOrigins', 'allowed_origins_patterns' => 'allowedOriginsPatterns',
            'allowed_headers' => 'allowedHeaders', 'allowed_methods' => 'allowedMethods',
            'exposed_headers' => 'exposedHeaders', 'max_age' => 'maxAge', 'supports_credentials' => 'supportsCredentials'];
        $camel = [];
        foreach ($options as $key => $value) {
            $camel[$known[$key] ?? $key] = $value;
        }
        $camel['exposedHeaders'] = ($camel['exposedHeaders'] ?? []) ?: [];
        $this->cors = new StackCors($camel);
    }

    public function isCorsRequest(Request $request): bool
    {
        return $this->cors->isCorsRequest($request);
    }

    public function isPreflightRequest(Request $request): bool
    {
        return $this->cors->isPreflightRequest($request);
    }

    public function handlePreflightRequest(Request $request): Response
    {
        return $this->cors->handlePreflightRequest($request);
    }

    public function addActualRequestHeaders(Response $response, Request $request): Response
    {
        return $this->cors->addActualRequestHeaders($response, $request);
    }

    public function varyHeader(Response $response, string $header): Response
    {
        return $this->cors->varyHeader($response, $header);
    }
}
