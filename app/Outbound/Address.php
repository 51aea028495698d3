<?php

declare(strict_types=1);

namespace App\Outbound;

use GuzzleHttp\Psr7\Uri;
use Lanai\Core\Text\Pattern;
use Psr\Http\Message\UriInterface;

/**
 * An address of the web in its one normal form (WHATWG URL, sections 3.5 "host parsing" and 4.4 "URL parsing"; from memory): what
 * is decided on is this, and this is what is called. Whatever two programs could read as two addresses is refused.
 */
final readonly class Address
{
    /**
     * @param  string  $host  small letters; IPv4 as four numbers, IPv6 in its shortest form in brackets
     * @param  string  $rest  path and query, beginning with a slash
     */
    private function __construct(public string $scheme, public string $host, public int $port, public string $rest)
    {
    }

    /** @throws AddressRefused */
    public static function of(string $url): self
    {
        $refused = new AddressRefused('“'.mb_substr(mb_scrub($url), 0, 120).'” is not an address that can be called.');
        if ($url === '' || strlen($url) > 4000 || Pattern::match('/[^\x21-\x7E]|[\\\\<>"{}|^`]/', $url)) {
            throw $refused;
        }
        if (! Pattern::match('~^(https?)://([^/?#@]+)((?:[/?][^#]*)?)(?:#.*)?$~i', $url, $found)) {
            throw $refused;
        }
        [, $scheme, $authority, $rest] = $found;
        $scheme = strtolower($scheme);
        if (! Pattern::match('/^(\[[0-9a-fA-F:.]+\]|[A-Za-z0-9._-]+)(?::([0-9]*))?$/', $authority, $parts)) {
            throw $refused;
        }
        $digits = ltrim($parts[2] ?? '', '0');
        $port = match (true) {
            ($parts[2] ?? '') === '' => $scheme === 'https' ? 443 : 80,
            strlen($digits) > 5 || (int) $digits > 65535 || $digits === '' => throw $refused,
            default => (int) $digits,
        };
        $host = self::host($parts[1]) ?? throw $refused;

        return new self($scheme, $host, $port, str_starts_with($rest, '/') ? $rest : "/$rest");
    }

    /** The address as a number of IPv4 or IPv6; null for a name. */
    public function number(): ?string
    {
        $bare = trim($this->host, '[]');

        return filter_var($bare, FILTER_VALIDATE_IP) === false ? null : $bare;
    }

    public function origin(): string
    {
        return "$this->scheme://$this->host:$this->port";
    }

    public function written(): string
    {
        $usual = $this->port === ($this->scheme === 'https' ? 443 : 80);

        return "$this->scheme://$this->host".($usual ? '' : ":$this->port").$this->rest;
    }

    public function uri(): UriInterface
    {
        return new Uri($this->written());
    }

    /** The first step of its path, as it stands there. */
    public function first(): string
    {
        return Pattern::replace('~^/([^/?]*).*$~s', '$1', $this->rest);
    }

    private static function host(string $host): ?string
    {
        if ($host[0] === '[') {
            $packed = @inet_pton(trim($host, '[]'));

            return $packed === false ? null : '['.inet_ntop($packed).']';
        }
        $host = strtolower($host);
        $labels = explode('.', $host);
        if (count($labels) > 1 && end($labels) === '') {
            array_pop($labels);
        }
        if (in_array('', $labels, true)) {
            return null;
        }

        return Pattern::match('/^([0-9]+|0x[0-9a-f]*)$/', (string) end($labels)) ? self::fourNumbers($labels) : implode('.', $labels);
    }

    /**
     * A host that ends in a number is one of IPv4, whatever way it is written.
     *
     * @param  list<string>  $labels
     */
    private static function fourNumbers(array $labels): ?string
    {
        if (count($labels) > 4) {
            return null;
        }
        $numbers = [];
        foreach ($labels as $label) {
            $number = match (true) {
                Pattern::match('/^0x([0-9a-f]{0,8})$/', $label, $hex) => (int) hexdec($hex[1]),
                Pattern::match('/^0[0-7]{1,11}$/', $label) => (int) octdec($label),
                Pattern::match('/^(0|[1-9][0-9]{0,9})$/', $label) => (int) $label,
                default => null,
            };
            if ($number === null) {
                return null;
            }
            $numbers[] = $number;
        }
        $last = array_pop($numbers);
        if ($last >= 256 ** (4 - count($numbers)) || array_filter($numbers, fn (int $n): bool => $n > 255) !== []) {
            return null;
        }
        foreach ($numbers as $i => $number) {
            $last += $number * 256 ** (3 - $i);
        }

        return long2ip((int) $last) ?: null;
    }
}
