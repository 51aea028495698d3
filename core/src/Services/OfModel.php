<?php

declare(strict_types=1);

namespace Lanai\Core\Services;

use Lanai\Core\Formula\Scope;
use Lanai\Core\Model\Services\Message;
use Lanai\Core\Model\Services\Variable;

/** What the kinds of requests share that a model answers: the wire format is the widespread JSON of chat completions and its siblings. */
trait OfModel
{
    public function called(): string
    {
        return $this->name;
    }

    public function keptFor(): ?int
    {
        // The same words are the same question: by default an answer is kept for an hour.
        return $this->kept ?? 60;
    }

    /** @param  array<string, mixed>  $data */
    private static function knows(array $data, Scope $scope): Scope
    {
        return $scope->with(Variable::types($data['takes'] ?? []));
    }

    /** @param  array<string, mixed>  $body */
    private static function chat(string $base, array $body): Message
    {
        $messages = is_array($body['messages'] ?? null) ? $body['messages'] : [];
        $text = implode('', array_map(fn (mixed $m): string => is_array($m) && is_string($m['content'] ?? null) ? $m['content'] : '', $messages));

        return self::post("$base/chat/completions", $body, [
            'model' => $body['model'] ?? '',
            'in' => Cost::tokens($text),
            'out' => $body['max_tokens'] ?? 400,
        ]);
    }

    /**
     * @param  array<string, mixed>  $body
     * @param  array<string, mixed>  $meter
     * @param  'json'|'pictures'|'sound'  $wants
     */
    private static function post(string $url, array $body, array $meter, string $wants = 'json'): Message
    {
        return new Message(
            'POST',
            $url,
            ['Accept' => $wants === 'sound' ? 'audio/*' : 'application/json'],
            (string) json_encode($body, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_INVALID_UTF8_SUBSTITUTE),
            'application/json',
            [],
            $wants,
            $meter,
        );
    }

    private static function content(Answer $answer): string
    {
        $text = RowsMade::search('choices[0].message.content', $answer->pages[0] ?? null);

        return is_string($text) ? $text : '';
    }

    /** @param  array<string, mixed>  $values */
    private function give(RowsMade $made, array $values): void
    {
        $made->give($this->tables()[0], $values);
    }
}
