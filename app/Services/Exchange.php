<?php

declare(strict_types=1);

namespace App\Services;

use Lanai\Core\Exchange\Har;
use Lanai\Core\Model\Services\Message;
use Lanai\Core\Text\Pattern;

/** A message that went out and what came back, in which nothing shows who called. */
final readonly class Exchange
{
    /** Bytes of each body that are kept for looking at. */
    private const KEPT = 20_000;

    /**
     * @param  array<string, string>  $headers  of the answer, by name in small letters
     * @param  int  $status  0 where there was no answer
     */
    public function __construct(
        public Message $message,
        public int $status,
        public array $headers,
        public string $body,
        public float $ms,
        public int $asked,
        public int $came,
        public string $failure = '',
    ) {
    }

    /** @return array<string, mixed> as Har takes it */
    public function data(): array
    {
        $text = fn (string $body): string => mb_scrub(
            Pattern::match('/[\x00-\x08\x0E-\x1F]/', substr($body, 0, 500)) ? '('.strlen($body).' bytes)' : substr($body, 0, self::KEPT),
        );

        return [
            'method' => $this->message->method,
            'url' => $this->message->url,
            'headers' => $this->message->headers,
            'body' => $text($this->message->body),
            'type' => $this->message->type,
            'status' => $this->status,
            'answer' => $this->headers,
            'content' => $text($this->body),
            'at' => gmdate('Y-m-d\TH:i:s\Z', $this->asked),
            'ms' => round($this->ms, 1),
        ];
    }
}
