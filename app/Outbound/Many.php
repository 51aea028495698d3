<?php

declare(strict_types=1);

namespace App\Outbound;

use CurlHandle;
use CurlMultiHandle;
use Generator;

/**
 * Many calls out at once, over few connections: HTTP/2 (RFC 9113) carries them side by side where the other end speaks it. They pass the same guard as every
 * other call, and follow no redirects.
 */
final class Many
{
    /** Calls that are on their way at once. */
    private const AT_ONCE = 200;

    /** So many are made before it is looked again at what was answered: making them goes on while the others are on their way. */
    private const STEP = 16;

    /** Connections to one place. */
    private const CONNECTIONS = 4;

    /** Bytes of an answer that are read. */
    public const LARGEST = 65_536;

    /** CURLE_HTTP2 of curl: a fault in the layer of frames. */
    private const BROKEN = 16;

    private const AGAIN = 3;

    /** Of what the last step of an address may be made without being looked at again. */
    private const PLAIN = 'abcdefghijklmnopqrstuvwxyzABCDEFGHIJKLMNOPQRSTUVWXYZ0123456789-_';

    /** @var array<string, array<int, mixed>> what curl is told of an address that was checked, by all that is before the last step of its path */
    private array $checked = [];

    private ?CurlMultiHandle $multi = null;

    public function __construct(private readonly int $seconds = 20)
    {
    }

    /**
     * @template K of array-key
     *
     * @param  iterable<K, Call>  $calls
     * @return Generator<K, Told> in the order in which they are answered
     */
    public function send(iterable $calls): Generator
    {
        $multi = $this->multi ??= self::multi();
        $waiting = (fn (): Generator => yield from $calls)();
        /** @var list<array{K, Call, int}> $again  what is sent once more, and how often it was already */
        $again = [];
        /** @var array<int, array{K, CurlHandle, Call, int}> $open */
        $open = [];
        /** @var array<int, array{headers: array<string, string>, body: string}> $read */
        $read = [];
        $free = [];
        try {
            do {
                for ($added = 0; $added < self::STEP && count($open) < self::AT_ONCE && ($again !== [] || $waiting->valid()); $added++) {
                    [$key, $call, $times] = array_pop($again) ?? [$waiting->key(), $waiting->current(), 0];
                    $times > 0 || $waiting->next();
                    $handle = array_pop($free) ?? curl_init();
                    $id = spl_object_id($handle);
                    $read[$id] = ['headers' => [], 'body' => ''];
                    try {
                        curl_setopt_array($handle, $this->options($call, $read, $id));
                    } catch (AddressRefused) {
                        yield $key => new Told(0);

                        continue;
                    }
                    curl_multi_add_handle($multi, $handle);
                    $open[$id] = [$key, $handle, $call, $times];
                }
                curl_multi_exec($multi, $running);
                while (($done = curl_multi_info_read($multi)) !== false) {
                    $handle = $done['handle'];
                    $id = spl_object_id($handle);
                    [$key, , $call, $times] = $open[$id];
                    unset($open[$id]);
                    $status = $done['result'] === CURLE_OK ? (int) curl_getinfo($handle, CURLINFO_RESPONSE_CODE) : 0;
                    curl_multi_remove_handle($multi, $handle);
                    curl_reset($handle);
                    $free[] = $handle;
                    // A connection that is used by many breaks now and then: what had no answer by then goes by the next one.
                    if ($done['result'] === self::BROKEN && $read[$id]['headers'] === [] && $times < self::AGAIN) {
                        $again[] = [$key, $call, $times + 1];

                        continue;
                    }
                    yield $key => new Told($status, $read[$id]['headers'], $read[$id]['body']);
                }
                // While there are more to be made there is no time to wait.
                if ($running > 0 && $added < self::STEP) {
                    curl_multi_select($multi, 1.0);
                }
            } while ($open !== [] || $again !== [] || $waiting->valid());
        } finally {
            foreach ($open as [, $handle]) {
                curl_multi_remove_handle($multi, $handle);
            }
        }
    }

    /**
     * Addresses that differ in nothing but their last step lead to the same place.
     *
     * @return array<int, mixed>
     *
     * @throws AddressRefused
     */
    private function checked(string $url): array
    {
        $alike = substr($url, 0, (int) strrpos($url, '/'));
        $last = substr($url, strlen($alike) + 1);
        if (isset($this->checked[$alike]) && $last !== '' && strspn($last, self::PLAIN) === strlen($last)) {
            return $this->checked[$alike];
        }
        $address = Address::of($url);
        $pinned = Guard::pinned($address);
        Guard::admitted($address);
        if ($address->written() !== $url) {
            throw new AddressRefused('This address is not written as it is called.');
        }

        // Crier is known by a certificate of its own, which nobody else is believed for.
        return $this->checked[$alike] = ($pinned === '' ? [] : [CURLOPT_RESOLVE => [$pinned]])
            + (Practice::holds($address) ? [CURLOPT_CAINFO => (string) config('lanai.crier_certificate')] : []);
    }

    /** Connections stay open from one lot to the next. */
    private static function multi(): CurlMultiHandle
    {
        $multi = curl_multi_init();
        curl_multi_setopt($multi, CURLMOPT_PIPELINING, CURLPIPE_MULTIPLEX);
        curl_multi_setopt($multi, CURLMOPT_MAX_HOST_CONNECTIONS, self::CONNECTIONS);

        return $multi;
    }

    /**
     * @param  array<int, array{headers: array<string, string>, body: string}>  $read
     * @return array<int, mixed>
     *
     * @throws AddressRefused
     */
    private function options(Call $call, array &$read, int $id): array
    {
        $checked = $this->checked($call->url);
        $headers = [];
        foreach ($call->headers as $name => $value) {
            $headers[] = "$name: $value";
        }

        return $checked + [
            CURLOPT_URL => $call->url,
            CURLOPT_CUSTOMREQUEST => $call->method,
            CURLOPT_POSTFIELDS => $call->body,
            CURLOPT_HTTPHEADER => [...$headers, 'Expect:'],
            CURLOPT_HTTP_VERSION => CURL_HTTP_VERSION_2TLS,
            CURLOPT_PIPEWAIT => true,
            CURLOPT_PROTOCOLS => CURLPROTO_HTTPS,
            CURLOPT_FOLLOWLOCATION => false,
            CURLOPT_PROXY => '',
            CURLOPT_CONNECTTIMEOUT => 3,
            CURLOPT_TIMEOUT => $this->seconds,
            CURLOPT_HEADERFUNCTION => function (CurlHandle $handle, string $line) use (&$read, $id): int {
                $parts = explode(':', $line, 2);
                if (count($parts) === 2 && count($read[$id]['headers']) < 100) {
                    $read[$id]['headers'][strtolower(trim($parts[0]))] = trim($parts[1]);
                }

                return strlen($line);
            },
            CURLOPT_WRITEFUNCTION => function (CurlHandle $handle, string $bytes) use (&$read, $id): int {
                $read[$id]['body'] .= substr($bytes, 0, self::LARGEST - strlen($read[$id]['body']));

                return strlen($read[$id]['body']) >= self::LARGEST ? 0 : strlen($bytes);
            },
        ];
    }
}
