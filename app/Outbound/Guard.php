<?php

declare(strict_types=1);

namespace App\Outbound;

use Closure;
use GuzzleHttp\Exception\TransferException;
use GuzzleHttp\Handler\CurlMultiHandler;
use GuzzleHttp\Promise\Coroutine;
use GuzzleHttp\Promise\PromiseInterface;
use GuzzleHttp\Psr7\FnStream;
use GuzzleHttp\Psr7\Uri;
use GuzzleHttp\Psr7\UriResolver;
use GuzzleHttp\Psr7\Utils;
use GuzzleHttp\TransferStats;
use Illuminate\Http\Client\ConnectionException;
use Illuminate\Http\Client\PendingRequest;
use Illuminate\Http\Client\Response;
use Illuminate\Support\Facades\Http;
use Psr\Http\Message\UriInterface;

/**
 * The one way out. A call goes only to public addresses, or to the stand-ins that ship with Lanai; the address that was checked
 * is the one that is called, each redirect is checked like the first, and no answer is longer or slower than it may be.
 */
final class Guard
{
    public const REDIRECTS = 5;

    /** Bytes of an answer. */
    public const LARGEST = 8_000_000;

    /** Seconds. */
    public const SLOWEST = 30;

    /** What belongs to the one who is asked, and goes to nobody else. */
    private const PRIVATE_HEADERS = ['authorization', 'cookie', 'proxy-authorization'];

    /** @var Closure(string): list<string>|null */
    private static ?Closure $resolver = null;

    /** Carries calls that go out together. */
    private static ?CurlMultiHandler $together = null;

    /**
     * One call, without following redirects.
     *
     * @throws AddressRefused
     */
    public static function to(string $url): PendingRequest
    {
        $uri = self::read($url);
        $host = trim($uri->getHost(), '[]');
        $port = $uri->getPort() ?? ($uri->getScheme() === 'https' ? 443 : 80);
        $addresses = filter_var($host, FILTER_VALIDATE_IP) !== false ? [$host] : self::resolved($host);
        if ($addresses === []) {
            throw new AddressRefused("“{$host}” cannot be found.");
        }
        if (! self::isStandin($uri)) {
            // A name that leads inside with one of its addresses leads inside.
            foreach ($addresses as $address) {
                if (! self::isPublic($address)) {
                    throw new AddressRefused("“{$host}” is inside a private network; calls go only to public addresses.");
                }
            }
        }
        $pinned = str_contains($addresses[0], ':') ? "[$addresses[0]]" : $addresses[0];

        return Http::withOptions([
            'allow_redirects' => false, 'connect_timeout' => 3, 'timeout' => self::SLOWEST, 'decode_content' => true, 'sink' => self::sink(), 'proxy' => '',
            'curl' => [CURLOPT_RESOLVE => ["$host:$port:$pinned"], CURLOPT_PROTOCOLS => CURLPROTO_HTTP | CURLPROTO_HTTPS],
        ])->acceptJson();
    }

    /**
     * A call that follows redirects as RFC 9110, section 15.4, says, each address checked anew. Headers that are meant for the
     * first origin do not leave it.
     *
     * @param  array<string, string>  $headers
     * @param  list<string>  $private  names of headers that carry a key
     *
     * @throws AddressRefused
     * @throws ConnectionException
     */
    public static function follow(string $method, string $url, array $headers = [], string $body = '', array $private = []): Response
    {
        $answer = self::promise($method, $url, $headers, $body, $private)->wait();

        return $answer instanceof Response ? $answer : throw new ConnectionException('There was no answer.');
    }

    /**
     * The same, to be waited for together with others: calls whose promises are waited for together go out at once.
     *
     * @param  array<string, string>  $headers
     * @param  list<string>  $private
     * @param  int  $after  milliseconds until it goes out
     */
    public static function promise(string $method, string $url, array $headers = [], string $body = '', array $private = [], int $seconds = self::SLOWEST, int $after = 0): PromiseInterface
    {
        return Coroutine::of(function () use ($method, $url, $headers, $body, $private, $seconds, $after): \Generator {
            $uri = self::read($url);
            // An answer that breaks off has begun all the same: whether it came whole is known to the carrier alone.
            $broken = 0;
            $seen = function (TransferStats $stats) use (&$broken): void {
                $broken = is_int($stats->getHandlerErrorData()) ? $stats->getHandlerErrorData() : 0;
            };
            for ($left = self::REDIRECTS; ; $left--) {
                $request = self::to((string) $uri)->setHandler(self::$together ??= new CurlMultiHandler)->withHeaders($headers)->timeout($seconds)->withOptions(['on_stats' => $seen] + ($after > 0 ? ['delay' => $after] : []))->async();
                $answer = yield ($body === '' ? $request : $request->withBody($body, $headers['Content-Type'] ?? 'application/json'))->send($method, (string) $uri);
                if ($answer instanceof \Throwable) {
                    throw $answer instanceof TransferException ? new ConnectionException($answer->getMessage(), 0, $answer) : $answer;
                }
                if ($broken !== 0) {
                    throw new ConnectionException($broken === CURLE_WRITE_ERROR ? 'The answer is too long.' : 'The answer broke off.');
                }
                $to = $answer->header('Location');
                if (! in_array($answer->status(), [301, 302, 303, 307, 308], true) || $to === '') {
                    return $answer;
                }
                if ($left === 0) {
                    throw new AddressRefused('It was led on more than '.self::REDIRECTS.' times.');
                }
                $next = UriResolver::resolve($uri, self::read($to, true));
                if (! in_array($answer->status(), [307, 308], true) && ! in_array($method, ['GET', 'HEAD'], true)) {
                    [$method, $body] = ['GET', ''];
                }
                if (self::origin($next) !== self::origin($uri)) {
                    $kept = array_map(strtolower(...), [...self::PRIVATE_HEADERS, ...$private]);
                    $headers = array_filter($headers, fn (string $name): bool => ! in_array(strtolower($name), $kept, true), ARRAY_FILTER_USE_KEY);
                    if (self::isStandin($next)) {
                        throw new AddressRefused('It was led on to a service that ships with Lanai; that is asked by its name only.');
                    }
                    if ($uri->getScheme() === 'https' && $next->getScheme() !== 'https') {
                        throw new AddressRefused('It was led on to an address without encryption.');
                    }
                }
                [$uri, $after] = [$next, 0];
            }
        });
    }

    /**
     * A call whose answer is read while it comes, without following redirects.
     *
     * @param  array<string, string>  $headers
     * @param  Closure(string): void  $read  takes the bytes as they come
     *
     * @throws AddressRefused
     * @throws ConnectionException
     */
    public static function streamed(string $url, array $headers, string $body, Closure $read, int $seconds): Response
    {
        $taken = 0;
        $sink = FnStream::decorate(Utils::streamFor(''), ['write' => function (string $bytes) use ($read, &$taken): int {
            $taken += strlen($bytes);
            if ($taken > self::LARGEST) {
                return 0;
            }
            $read($bytes);

            return strlen($bytes);
        }]);

        return self::to($url)->withHeaders($headers)->timeout($seconds)->withOptions(['sink' => $sink])->withBody($body, 'application/json')->post($url);
    }

    /** True for the shipped stand-ins: the one exception among the addresses of this computer. */
    private static function isStandin(UriInterface $uri): bool
    {
        return trim($uri->getHost(), '[]').':'.($uri->getPort() ?? ($uri->getScheme() === 'https' ? 443 : 80)) === config('lanai.standins');
    }

    /** Neither private, loopback, link-local, shared (RFC 6598) nor otherwise reserved. */
    public static function isPublic(string $address): bool
    {
        if (filter_var($address, FILTER_VALIDATE_IP, FILTER_FLAG_NO_PRIV_RANGE | FILTER_FLAG_NO_RES_RANGE) === false) {
            return false;
        }
        $packed = (string) inet_pton($address);
        if (strlen($packed) === 16) {
            // IPv4 inside IPv6: mapped, compatible, NAT64, 6to4 and Teredo addresses are judged by the IPv4 address they hold.
            $inner = match (true) {
                str_starts_with($packed, str_repeat("\0", 10)."\xFF\xFF"), str_starts_with($packed, "\0\x64\xFF\x9B"), str_starts_with($packed, str_repeat("\0", 12)) => substr($packed, 12),
                str_starts_with($packed, "\x20\x02") => substr($packed, 2, 4),
                str_starts_with($packed, "\x20\x01\0\0") => ~substr($packed, 12),
                default => null,
            };

            return ($inner === null || self::isPublic((string) inet_ntop($inner))) && (ord($packed[0]) & 0xFE) !== 0xFC && ord($packed[0]) !== 0xFF && ! str_starts_with($packed, "\xFE");
        }
        $number = (int) ip2long($address);
        foreach (['100.64.0.0/10', '192.0.0.0/24', '192.0.2.0/24', '198.18.0.0/15', '198.51.100.0/24', '203.0.113.0/24', '192.88.99.0/24'] as $range) {
            [$base, $bits] = explode('/', $range);
            $mask = -1 << (32 - (int) $bits);
            if (($number & $mask) === ((int) ip2long($base) & $mask)) {
                return false;
            }
        }

        return ($number >> 28) < 14;
    }

    /**
     * How names are turned into addresses; null for the way of this computer.
     *
     * @param  Closure(string): list<string>|null  $resolver
     */
    public static function resolving(?Closure $resolver): void
    {
        self::$resolver = $resolver;
    }

    /** @throws AddressRefused where it is not plainly an address of the web: two programs must not read it as two addresses */
    private static function read(string $url, bool $mayBeRelative = false): UriInterface
    {
        $refused = new AddressRefused('“'.mb_substr($url, 0, 120).'” is not an address that can be called.');
        if ($url === '' || strlen($url) > 4000 || preg_match('/[^\x21-\x7E]|[\\\\<>"{}|^`]/', $url) === 1) {
            throw $refused;
        }
        try {
            $uri = new Uri($url);
        } catch (\InvalidArgumentException) {
            throw $refused;
        }
        if ($mayBeRelative && $uri->getScheme() === '' && $uri->getHost() === '') {
            return $uri;
        }
        $parts = parse_url($url);
        $plain = is_array($parts) ? strtolower($parts['host'] ?? '') : '';
        if (! in_array($uri->getScheme(), ['http', 'https'], true) || $uri->getUserInfo() !== '' || $plain === '' || $plain !== strtolower($uri->getHost()) || ! preg_match('/^(\[[0-9a-f:.]+\]|[a-z0-9._-]+)$/', $plain)) {
            throw $refused;
        }

        return $uri;
    }

    /** @return list<string> every address that a name leads to */
    private static function resolved(string $host): array
    {
        if (self::$resolver !== null) {
            return (self::$resolver)($host);
        }
        $found = gethostbynamel($host) ?: [];
        foreach (preg_match('/[a-z]/i', $host) && str_contains($host, '.') ? @dns_get_record($host, DNS_AAAA) ?: [] : [] as $record) {
            if (is_string($record['ipv6'] ?? null)) {
                $found[] = $record['ipv6'];
            }
        }

        return $found;
    }

    private static function origin(UriInterface $uri): string
    {
        return $uri->getScheme().'://'.$uri->getHost().':'.($uri->getPort() ?? ($uri->getScheme() === 'https' ? 443 : 80));
    }

    /** Takes an answer up to its largest size; the call is broken off there. */
    private static function sink(): FnStream
    {
        $stream = Utils::streamFor(fopen('php://temp', 'w+b') ?: throw new \RuntimeException('There is no room for an answer.'));
        $taken = 0;

        return FnStream::decorate($stream, ['write' => function (string $bytes) use ($stream, &$taken): int {
            $taken += strlen($bytes);

            return $taken > self::LARGEST ? 0 : $stream->write($bytes);
        }]);
    }
}
