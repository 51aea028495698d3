<?php

declare(strict_types=1);

namespace Lanai\Core\Services;

use DateTimeImmutable;
use DateTimeZone;
use Lanai\Core\Text\Pattern;

/** How long an answer may be used again, as HTTP says it (RFC 9111) for a cache of one client. */
final readonly class Freshness
{
    /**
     * @param  bool  $mayKeep  it may be kept at all
     * @param  int  $seconds  for which it is still fresh; 0 where it must be asked about again
     * @param  string  $etag  the validators for asking whether it has changed
     */
    private function __construct(
        public bool $mayKeep,
        public int $seconds,
        public string $etag = '',
        public string $modified = '',
        public bool $mustAsk = false,
    ) {
    }

    /**
     * @param  array<string, string>  $headers  of the answer, by name in small letters
     * @param  int  $asked  when the call went out, in seconds since 1970
     * @param  int  $came  when the answer came
     */
    public static function of(string $method, int $status, array $headers, int $asked, int $came): self
    {
        $control = self::directives($headers['cache-control'] ?? '');
        if (! in_array($method, ['GET', 'HEAD'], true) || $status !== 200 || isset($control['no-store']) || trim($headers['vary'] ?? '') === '*') {
            return new self(false, 0);
        }
        $etag = trim($headers['etag'] ?? '');
        $modified = trim($headers['last-modified'] ?? '');
        $lifetime = isset($control['no-cache']) ? 0 : self::lifetime($control, $headers, $came);

        return new self(true, max(0, $lifetime - self::age($headers, $asked, $came)), $etag, $modified, isset($control['must-revalidate']));
    }

    /**
     * Section 4.2.1, and 4.2.2 where nothing is said: a tenth of the time since it was last changed.
     *
     * @param  array<string, string>  $control
     * @param  array<string, string>  $headers
     */
    private static function lifetime(array $control, array $headers, int $came): int
    {
        if (isset($control['max-age'])) {
            return Pattern::match('/^\d+$/', $control['max-age']) ? min((int) $control['max-age'], 31_536_000) : 0;
        }
        $date = self::moment($headers['date'] ?? '') ?? $came;
        if (isset($headers['expires'])) {
            // An unreadable one, "0" for instance, means that it has expired already (section 5.3).
            $expires = self::moment($headers['expires']);

            return $expires === null ? 0 : max(0, $expires - $date);
        }
        $modified = self::moment($headers['last-modified'] ?? '');

        return $modified === null || $modified > $date ? 0 : min(intdiv($date - $modified, 10), 86_400);
    }

    /**
     * Section 4.2.3.
     *
     * @param  array<string, string>  $headers
     */
    private static function age(array $headers, int $asked, int $came): int
    {
        $date = self::moment($headers['date'] ?? '') ?? $came;
        $apparent = max(0, $came - $date);
        $said = Pattern::match('/^\s*(\d{1,10})/', $headers['age'] ?? '', $found) ? (int) $found[1] : 0;

        return max($apparent, $said + max(0, $came - $asked));
    }

    /** A date as in RFC 9110, section 5.6.7; seconds since 1970. */
    public static function moment(string $text): ?int
    {
        foreach (['D, d M Y H:i:s \G\M\T', 'l, d-M-y H:i:s \G\M\T', 'D M j H:i:s Y'] as $format) {
            $at = DateTimeImmutable::createFromFormat('!'.$format, trim(Pattern::replace('/ +/', ' ', $text)), new DateTimeZone('UTC'));
            if ($at !== false) {
                return $at->getTimestamp();
            }
        }

        return null;
    }

    /** @return array<string, string> directive in small letters => value; of one that is said twice the first counts */
    private static function directives(string $text): array
    {
        Pattern::matchAll('/([!#$%&\'*+.^_`|~0-9A-Za-z-]+)(?:\s*=\s*(?:"((?:[^"\\\\]|\\\\.)*)"|([^\s,"]+)))?/', $text, $found, PREG_SET_ORDER);
        $directives = [];
        foreach ($found as $one) {
            $directives[strtolower($one[1])] ??= ($one[2] ?? '') !== '' ? stripslashes($one[2]) : $one[3] ?? '';
        }

        return $directives;
    }
}
