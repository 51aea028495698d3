<?php

declare(strict_types=1);

namespace App\Earnings\Tills;

use App\Outbound\AddressRefused;
use App\Outbound\Guard;
use Illuminate\Http\Client\ConnectionException;
use Lanai\Core\Play\NoAnswer;
use Lanai\Core\Rows\Refused;
use Lanai\Core\Text\Pattern;

/** The line to a till: an address and a key. */
final readonly class Line
{
    /** @param  string  $standin  the stand-in that may be asked in its place */
    public function __construct(private string $url, private string $key, private string $standin)
    {
    }

    /**
     * @param  array<string, mixed>  $body
     * @param  string  $once  asked twice with the same one it is done once; '' where it does not matter
     * @return array<string, mixed>
     *
     * @throws Refused with a sentence for the person
     */
    public function ask(string $method, string $path, array $body = [], string $once = ''): array
    {
        $url = rtrim($this->url, '/');
        try {
            $request = Guard::to($url, [$this->standin])->withToken($this->key);
            $request = $once === '' ? $request : $request->withHeaders(['Idempotency-Key' => $once]);
            $answer = $method === 'GET' ? $request->get($url.$path) : $request->send($method, $url.$path, ['json' => $body ?: (object) []]);
        } catch (ConnectionException|AddressRefused) {
            throw new NoAnswer('The till does not answer just now. Nothing was paid; please try again in a moment.');
        }
        $told = $answer->json();
        if ($answer->status() === 404 && $method === 'POST') {
            throw new Refused('This is not sold here yet.');
        }
        if (! $answer->successful() || ! is_array($told)) {
            throw new Refused('The till does not answer as it should. Nothing was paid; please try again in a moment.');
        }

        return $told;
    }

    /** @param  array<string, mixed>  $answer  with the address of a page */
    public static function page(array $answer): string
    {
        $url = $answer['url'] ?? null;

        return is_string($url) && Pattern::match('~^https?://~', $url)
            ? $url
            : throw new Refused('The till does not answer as it should. Nothing was changed.');
    }

    /**
     * @param  array<string, mixed>  $answer
     * @return list<array<string, mixed>>
     */
    public static function statements(array $answer): array
    {
        $found = $answer['statements'] ?? null;

        return array_values(array_filter(is_array($found) ? $found : [], is_array(...)));
    }

    /**
     * @param  array<string, mixed>  $answer
     * @return array{string, string} what the till calls a purchase, and its page
     */
    public static function begun(array $answer): array
    {
        [$id, $url] = [$answer['id'] ?? null, $answer['url'] ?? null];
        if (! is_string($id) || ! Pattern::match('/^[\w.-]{1,100}$/', $id) || ! is_string($url) || ! Pattern::match('~^https?://~', $url)) {
            throw new Refused('The till does not answer as it should. Nothing was paid.');
        }

        return [$id, $url];
    }
}
