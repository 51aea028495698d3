<?php

declare(strict_types=1);

namespace Lanai\Core\Model\Services;

/** An HTTP request as it goes out, without what shows who calls. */
final readonly class Message
{
    /**
     * @param  array<string, string>  $headers
     * @param  list<array{name: string, value: string, file: bool}>  $pieces  of a multipart body; the value of a file is its name in the store of files
     * @param  'json'|'pictures'|'sound'|'words'  $wants  how the answer is taken
     * @param  array<string, mixed>  $meter  what is known before the call of what it costs: {model, count, characters}
     */
    public function __construct(
        public string $method,
        public string $url,
        public array $headers = [],
        public string $body = '',
        public string $type = '',
        public array $pieces = [],
        public string $wants = 'json',
        public array $meter = [],
    ) {
    }

    public function header(string $name, string $value): self
    {
        $kept = array_filter($this->headers, fn (string $n): bool => strcasecmp($n, $name) !== 0, ARRAY_FILTER_USE_KEY);

        return new self($this->method, $this->url, [...$kept, $name => $value], $this->body, $this->type, $this->pieces, $this->wants, $this->meter);
    }

    public function query(string $name, string $value): self
    {
        return $this->at($this->url.(str_contains($this->url, '?') ? '&' : '?').rawurlencode($name).'='.rawurlencode($value));
    }

    public function at(string $url): self
    {
        return new self($this->method, $url, $this->headers, $this->body, $this->type, $this->pieces, $this->wants, $this->meter);
    }

    /** True where asking again does no harm (RFC 9110, section 9.2.2). */
    public function isIdempotent(): bool
    {
        return in_array($this->method, ['GET', 'HEAD', 'PUT', 'DELETE', 'OPTIONS'], true);
    }

    /** True where it only reads (RFC 9110, section 9.2.1), or is asked of a model: the same words are the same question. */
    public function onlyReads(): bool
    {
        return in_array($this->method, ['GET', 'HEAD'], true) || $this->meter !== [];
    }

    /** The same for the same question. */
    public function key(): string
    {
        return sha1((string) json_encode([$this->method, $this->url, $this->headers, $this->body, $this->type, $this->pieces], JSON_INVALID_UTF8_SUBSTITUTE));
    }
}
