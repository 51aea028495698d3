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
use Lanai\Core\Text\Pattern;
use Psr\Http\Message\RequestInterface;
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
     * One call, without following redirects. Whatever address the call is then made with must be of the same origin, and is called
     * in its normal form.
     *
     * @param  list<string>  $standins  those of the stand-ins that may be asked
     *
     * @throws AddressRefused
     */
    public static function to(string $url, array $standins = Practice::CALLED): PendingRequest
    {
        $address = Address::of($url);
        $pinned = self::pinned($address);
        if (Practice::holds($address)) {
            Practice::admit($address, $standins);
        }

        return Http::withOptions([
            'allow_redirects' => false,
            'connect_timeout' => 3,
            'timeout' => self::SLOWEST,
            'decode_content' => true,
            'sink' => self::sink(),
            'proxy' => '',
            'curl' => ($pinned === '' ? [] : [CURLOPT_RESOLVE => [$pinned]]) + [
                CURLOPT_PROTOCOLS => CURLPROTO_HTTP | CURLPROTO_HTTPS,
            ],
        ])
            ->withRequestMiddleware(function (RequestInterface $request) use ($address, $standins): RequestInterface {
                $called = Address::of((string) $request->getUri());
                if ($called->origin() !== $address->origin()) {
                    throw new AddressRefused('The address that is called is not the one that was checked.');
                }
                if (Practice::holds($called)) {
                    Practice::admit($called, $standins);
                }

                return $request->withUri($called->uri());
            })
            ->acceptJson();
    }

    /**
     * Where an address leads, as curl is told it, so that what was checked is what is called; '' for one that is a number already.
     *
     * @throws AddressRefused
     */
    public static function pinned(Address $address): string
    {
        $literal = $address->number();
        $addresses = $literal !== null ? [$literal] : self::resolved($address->host);
        if ($addresses === []) {
            throw new AddressRefused("“{$address->host}” cannot be found.");
        }
        // A name that leads inside with one of its addresses leads inside.
        foreach (Practice::holds($address) ? [] : $addresses as $number) {
            if (! self::isPublic($number)) {
                throw new AddressRefused("“{$address->host}” is inside a private network; calls go only to public addresses.");
            }
        }
        $first = str_contains($addresses[0], ':') ? "[$addresses[0]]" : $addresses[0];

        return $literal === null ? "$address->host:$address->port:$first" : '';
    }

    /**
     * Of the stand-ins only those that carry messages.
     *
     * @throws AddressRefused
     */
    public static function admitted(Address $address): void
    {
        if ($address->scheme !== 'https') {
            throw new AddressRefused('Messages go only to addresses that begin with https.');
        }
        if (Practice::holds($address)) {
            Practice::admit($address, [Practice::CRIER]);
        }
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
    public static function promise(
        string $method,
        string $url,
        array $headers = [],
        string $body = '',
        array $private = [],
        int $seconds = self::SLOWEST,
        int $after = 0,
    ): PromiseInterface {
        return Coroutine::of(function () use ($method, $url, $headers, $body, $private, $seconds, $after): \Generator {
            $address = Address::of($url);
            // An answer that breaks off has begun all the same: whether it came whole is known to the carrier alone.
            $broken = 0;
            $seen = function (TransferStats $stats) use (&$broken): void {
                $broken = is_int($stats->getHandlerErrorData()) ? $stats->getHandlerErrorData() : 0;
            };
            for ($left = self::REDIRECTS; ; $left--) {
                $request = self::to($address->written())
                    ->setHandler(self::$together ??= new CurlMultiHandler())
                    ->withHeaders($headers)
                    ->timeout($seconds)
                    ->withOptions(['on_stats' => $seen] + ($after > 0 ? ['delay' => $after] : []))
                    ->async();
                $answer = (yield ($body === '' ? $request : $request->withBody($body, $headers['Content-Type'] ?? 'application/json'))->send(
                    $method,
                    $address->written(),
                ));
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
                $next = Address::of((string) UriResolver::resolve($address->uri(), self::relative($to)));
                if (! in_array($answer->status(), [307, 308], true) && ! in_array($method, ['GET', 'HEAD'], true)) {
                    [$method, $body] = ['GET', ''];
                }
                if ($next->origin() !== $address->origin()) {
                    $kept = array_map(strtolower(...), [...self::PRIVATE_HEADERS, ...$private]);
                    $headers = array_filter($headers, fn (string $name): bool => ! in_array(strtolower($name), $kept, true), ARRAY_FILTER_USE_KEY);
                    if (Practice::holds($next)) {
                        throw new AddressRefused('It was led on to a service that ships with Lanai; that is asked by its name only.');
                    }
                    if ($address->scheme === 'https' && $next->scheme !== 'https') {
                        throw new AddressRefused('It was led on to an address without encryption.');
                    }
                }
                [$address, $after] = [$next, 0];
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
        $sink = FnStream::decorate(Utils::streamFor(''), [
            'write' => function (string $bytes) use ($read, &$taken): int {
                $taken += strlen($bytes);
                if ($taken > self::LARGEST) {
                    return 0;
                }
                $read($bytes);

                return strlen($bytes);
            },
        ]);

        return self::to($url)
            ->withHeaders($headers)
            ->timeout($seconds)
            ->withOptions(['sink' => $sink])
            ->withBody($body, 'application/json')
            ->post($url);
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
                str_starts_with($packed, str_repeat("\0", 10)."\xFF\xFF"),
                str_starts_with($packed, "\0\x64\xFF\x9B"),
                str_starts_with($packed, str_repeat("\0", 12)) => substr($packed, 12),
                str_starts_with($packed, "\x20\x02") => substr($packed, 2, 4),
                str_starts_with($packed, "\x20\x01\0\0") => ~substr($packed, 12),
                default => null,
            };

            return ($inner === null || self::isPublic((string) inet_ntop($inner))) &&
                (ord($packed[0]) & 0xFE) !== 0xFC &&
                ord($packed[0]) !== 0xFF &&
                ! str_starts_with($packed, "\xFE");
        }
        $number = (int) ip2long($address);
        foreach (['100.64.0.0/10', '192.0.0.0/24', '192.0.2.0/24', '198.18.0.0/15', '198.51.100.0/24', '203.0.113.0/24', '192.88.99.0/24'] as $range) {
            [$base, $bits] = explode('/', $range);
            $mask = -1 << (32 - (int) $bits);
            if (($number & $mask) === ((int) ip2long($base) & $mask)) {
                return false;
            }
        }

        return $number >> 28 < 14;
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

    /** @throws AddressRefused where no program could tell where it leads */
    private static function relative(string $to): UriInterface
    {
        try {
            return strlen($to) > 4000 || Pattern::match('/[^\x21-\x7E]|[\\\\<>"{}|^`]/', $to) ? throw new \InvalidArgumentException() : new Uri($to);
        } catch (\InvalidArgumentException) {
            throw new AddressRefused('It was led on to “'.mb_substr(mb_scrub($to), 0, 120).'”, which is not an address.');
        }
    }

    /** @return list<string> every address that a name leads to */
    private static function resolved(string $host): array
    {
        if (self::$resolver !== null) {
            return (self::$resolver)($host);
        }
        $found = gethostbynamel($host) ?: [];
        $isName = Pattern::match('/[a-z]/i', $host) && str_contains($host, '.');
        foreach ($isName ? (array) @dns_get_record($host, DNS_AAAA) : [] as $record) {
            if (is_string($record['ipv6'] ?? null)) {
                $found[] = $record['ipv6'];
            }
        }

        return $found;
    }

    /** Takes an answer up to its largest size; the call is broken off there. */
    private static function sink(): FnStream
    {
        $stream = Utils::streamFor(fopen('php://temp', 'w+b') ?: throw new \RuntimeException('There is no room for an answer.'));
        $taken = 0;

        return FnStream::decorate($stream, [
            'write' => function (string $bytes) use ($stream, &$taken): int {
                $taken += strlen($bytes);

                return $taken > self::LARGEST ? 0 : $stream->write($bytes);
            },
        ]);
    }
}
