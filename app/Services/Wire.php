<?php

declare(strict_types=1);

namespace App\Services;

use App\Models\App;
use App\Outbound\AddressRefused;
use App\Outbound\Guard;
use App\Outbound\Practice;
use GuzzleHttp\Promise\PromiseInterface;
use GuzzleHttp\Psr7\MultipartStream;
use Illuminate\Http\Client\ConnectionException;
use Illuminate\Http\Client\Response;
use Lanai\Core\Model\Services\Message;
use Lanai\Core\Model\Services\Secret;
use Lanai\Core\Model\Services\SignsIn;
use Lanai\Core\Text\Pattern;

/** Sends messages of services, signed, through the guard; what comes back is rid of the secret before anybody sees it. */
final readonly class Wire
{
    public const HIDDEN = '••••';

    public function __construct(private App $app)
    {
    }

    /** @param  int  $after  milliseconds until it goes out */
    public function send(Message $message, ?SignsIn $signing, ?Secret $secret, int $seconds, int $after = 0): PromiseInterface
    {
        $signed = $signing === null || $secret === null ? $message : $signing->signed($message, $secret);
        $headers = $signed->headers + ['User-Agent' => 'Lanai'] + $this->box($signed->url);
        $body = $signed->body;
        if ($signed->pieces !== []) {
            $stream = new MultipartStream(array_map($this->piece(...), $signed->pieces));
            [$body, $headers['Content-Type']] = [(string) $stream, 'multipart/form-data; boundary='.$stream->getBoundary()];
        } elseif ($signed->type !== '') {
            $headers['Content-Type'] = $signed->type;
        }
        $asked = time();
        $from = hrtime(true);
        $made = function (int $status, array $answer, string $body, string $failure = '') use ($message, $asked, $from, $secret): Exchange {
            $hide = fn (string $text): string => self::hidden($text, $secret);

            return new Exchange(
                $message,
                $status,
                array_map($hide, $answer),
                $status === 200 && ! str_contains($body, $secret->secret ?? "\0\0") ? $body : $hide($body),
                (hrtime(true) - $from) / 1e6,
                $asked,
                time(),
                $hide($failure),
            );
        };

        return Guard::promise($signed->method, $signed->url, $headers, $body, $signing?->headers() ?? [], $seconds, $after)->then(
            fn (Response $answer): Exchange => $made($answer->status(), self::flat($answer), $answer->body()),
            fn (\Throwable $trouble): Exchange => $made(
                0,
                [],
                '',
                match (true) {
                    $trouble instanceof AddressRefused => $trouble->getMessage(),
                    $trouble instanceof ConnectionException => str_contains($trouble->getMessage(), 'timed out')
                        ? 'slow'
                        : 'unreachable: '.Pattern::replace('/\s*\(see http\S+\)|for http\S+/', '', $trouble->getMessage()),
                    default => throw $trouble,
                },
            ),
        );
    }

    /**
     * Sends a question to a model and hands its words on as they come (server-sent events with the deltas of chat completions).
     *
     * @param  \Closure(string): void  $told  takes words
     * @return array{Exchange, string, array<string, mixed>} what happened, all the words, and what it used
     */
    public function stream(Message $message, ?SignsIn $signing, ?Secret $secret, int $seconds, \Closure $told): array
    {
        $signed = $signing === null || $secret === null ? $message : $signing->signed($message, $secret);
        [$left, $words, $usage, $raw] = ['', '', [], ''];
        $read = function (string $bytes) use (&$left, &$words, &$usage, &$raw, $told): void {
            $raw .= substr($bytes, 0, max(0, 4000 - strlen($raw)));
            $left .= $bytes;
            while (Pattern::match('/\r?\n/', $left, $end, PREG_OFFSET_CAPTURE)) {
                $line = substr($left, 0, $end[0][1]);
                $left = substr($left, $end[0][1] + strlen($end[0][0]));
                $event = str_starts_with($line, 'data:') ? json_decode(trim(substr($line, 5)), true) : null;
                $word = is_array($event) ? $event['choices'][0]['delta']['content'] ?? null : null;
                $usage = is_array($event) && is_array($event['usage'] ?? null) ? $event['usage'] : $usage;
                if (is_string($word) && $word !== '') {
                    $words .= $word;
                    $told($word);
                }
            }
        };
        $asked = time();
        $from = hrtime(true);
        $made = fn (int $status, array $headers, string $failure): Exchange => new Exchange(
            $message,
            $status,
            array_map(fn (string $v): string => self::hidden($v, $secret), $headers),
            self::hidden($status === 200 ? $words : $raw, $secret),
            (hrtime(true) - $from) / 1e6,
            $asked,
            time(),
            $failure,
        );
        try {
            $answer = Guard::streamed(
                $signed->url,
                ['Accept' => 'text/event-stream', 'User-Agent' => 'Lanai'] + $this->box($signed->url) + $signed->headers,
                $signed->body,
                $read,
                $seconds,
            );

            return [$made($answer->status(), self::flat($answer), ''), $words, $usage];
        } catch (AddressRefused|ConnectionException $trouble) {
            return [
                $made(
                    0,
                    [],
                    match (true) {
                        $trouble instanceof AddressRefused => $trouble->getMessage(),
                        str_contains($trouble->getMessage(), 'timed out') => 'slow',
                        default => 'unreachable.',
                    },
                ),
                $words,
                $usage,
            ];
        }
    }

    /** @return array<string, string> to a stand-in it is said whose arrangements hold */
    private function box(string $url): array
    {
        return Practice::isAt($url) ? [Practice::BOX => Practice::boxOf($this->app)] : [];
    }

    /** The text without the secret, however it is written in it. */
    public static function hidden(string $text, ?Secret $secret): string
    {
        if ($secret === null || strlen($secret->secret) < 4) {
            return $text;
        }
        $written = [
            $secret->secret,
            rawurlencode($secret->secret),
            urlencode($secret->secret),
            base64_encode("$secret->name:$secret->secret"),
            trim((string) json_encode($secret->secret), '"'),
        ];

        return str_replace(array_unique($written), self::HIDDEN, $text);
    }

    /** @return array<string, string> */
    private static function flat(Response $answer): array
    {
        $headers = [];
        foreach ($answer->headers() as $name => $values) {
            // Lanai takes no cookies; what one would show of who calls is nobody's business.
            $headers[strtolower((string) $name)] = strcasecmp((string) $name, 'set-cookie') === 0 ? self::HIDDEN : implode(', ', $values);
        }

        return $headers;
    }

    /**
     * @param  array{name: string, value: string, file: bool}  $piece
     * @return array<string, mixed>
     */
    private function piece(array $piece): array
    {
        $path = $this->app->folder('pictures').'/'.$piece['value'];

        return $piece['file'] && is_file($path)
            ? ['name' => $piece['name'], 'contents' => (string) file_get_contents($path), 'filename' => $piece['value']]
            : ['name' => $piece['name'], 'contents' => $piece['value']];
    }
}
