<?php

declare(strict_types=1);

namespace Standins;

/** An HTTP answer. */
readonly class Answer
{
    /** @param  array<string, string>  $headers */
    public function __construct(public int $status, public string $body, public array $headers)
    {
    }

    /** @param  array<string, mixed>  $data */
    public static function json(int $status, array $data): self
    {
        return new self($status, json_encode($data, JSON_THROW_ON_ERROR | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE), [
            'Content-Type' => 'application/json',
        ]);
    }

    public static function problem(int $status, string $message): self
    {
        return self::json($status, ['message' => $message]);
    }

    public static function file(string $bytes, string $type, string $name = ''): self
    {
        return new self(
            200,
            $bytes,
            ['Content-Type' => $type, 'X-Content-Type-Options' => 'nosniff'] +
                ($name === '' ? [] : ['Content-Disposition' => "attachment; filename=\"$name\""]),
        );
    }

    public static function page(string $html): self
    {
        return new self(200, $html, ['Content-Type' => 'text/html; charset=utf-8']);
    }

    public function send(): void
    {
        http_response_code($this->status);
        foreach ($this->headers as $name => $value) {
            header("$name: $value");
        }
        echo $this->body;
    }
}
