<?php

declare(strict_types=1);

namespace Lanai\Core\Adverts;

use DateTimeImmutable;
use DateTimeZone;

/**
 * What somebody allows adverts to do, as a consent string of the Transparency and Consent Framework 2.2 (IAB Europe and IAB Tech Lab, “Consent string and
 * vendor list formats v2”; bit lengths from memory, compared with the npm package “@iabtcf/core”).
 */
final readonly class Consent
{
    /** What is asked for: to keep something on the device, to choose basic adverts, to make and use a profile for them, to measure them. */
    public const PURPOSES = [1, 2, 3, 4, 7];

    /** Without these adverts are chosen by what is around them only. */
    private const PERSONAL = [1, 3, 4];

    private const VERSION = 2;

    private const POLICY = 4;

    /** Makers of consent strings register for a number; this one, the largest there can be, is nobody's yet. */
    private const MAKER = 4095;

    private const DECISECOND = 10;

    /**
     * @param  list<int>  $purposes  that are consented to, from 1 to 24
     * @param  list<int>  $vendors  that are consented to, from 1 to 65535
     * @param  list<int>  $interests  purposes for which a legitimate interest was shown
     * @param  list<int>  $interestVendors
     * @param  list<int>  $features  special features that are opted in to, from 1 to 12
     */
    public function __construct(
        public DateTimeImmutable $at,
        public array $purposes = [],
        public array $vendors = [],
        public array $interests = [],
        public array $interestVendors = [],
        public array $features = [],
        public string $language = 'EN',
        public string $country = 'AA',
        public int $listVersion = 0,
        public int $policy = self::POLICY,
        public bool $own = true,
    ) {
    }

    /** Whether adverts may be chosen by what is known of the person. */
    public function isPersonal(): bool
    {
        return array_diff(self::PERSONAL, $this->purposes) === [];
    }

    /** @throws \ValueError with a sentence where it cannot be read */
    public static function read(string $string): self
    {
        $bits = Bits::read(explode('.', $string, 2)[0]);
        $version = $bits->take(6);
        if ($version !== self::VERSION) {
            throw new \ValueError("This is a consent string of version $version; only version 2 is known.");
        }
        $bits->take(36);
        $at = (new DateTimeImmutable('@'.intdiv($bits->take(36), self::DECISECOND)))->setTimezone(new DateTimeZone('UTC'));
        foreach ([12, 12, 6] as $length) {
            $bits->take($length);
        }
        $language = self::letters($bits);
        $list = $bits->take(12);
        $policy = $bits->take(6);
        $own = $bits->take(1) === 1;
        $bits->take(1);
        $features = $bits->takeSet(12);
        $purposes = $bits->takeSet(24);
        $interests = $bits->takeSet(24);
        $bits->take(1);
        $country = self::letters($bits);

        return new self(
            $at,
            $purposes,
            self::vendors($bits),
            $interests,
            self::vendors($bits),
            $features,
            $language,
            $country,
            $list,
            $policy,
            $own,
        );
    }

    private static function letters(Bits $bits): string
    {
        return chr(65 + $bits->take(6) % 26).chr(65 + $bits->take(6) % 26);
    }

    /** @return list<int> as a bit for each, or as ranges */
    private static function vendors(Bits $bits): array
    {
        $most = $bits->take(16);
        if ($bits->take(1) === 0) {
            return $bits->takeSet($most);
        }
        $vendors = [];
        for ($left = $bits->take(12); $left > 0; $left--) {
            $isRange = $bits->take(1) === 1;
            $from = $bits->take(16);
            $to = $isRange ? $bits->take(16) : $from;
            foreach ($to < $from ? [] : range($from, $to) as $vendor) {
                $vendors[$vendor] = true;
            }
            if (count($vendors) > 65_535) {
                throw new \ValueError('This consent string names more vendors than there can be.');
            }
        }
        ksort($vendors);

        return array_keys($vendors);
    }

    public function written(): string
    {
        // To the day, so that nobody is told from others by it.
        $day = intdiv($this->at->getTimestamp(), 86400) * 86400 * self::DECISECOND;
        $bits = Bits::none()->put(self::VERSION, 6)->put($day, 36)->put($day, 36)->put(self::MAKER, 12)->put(1, 12)->put(0, 6);
        self::putLetters($bits, $this->language);
        $bits->put($this->listVersion, 12)->put($this->policy, 6)->put($this->own ? 1 : 0, 1)->put(0, 1);
        $bits->putSet($this->features, 12)->putSet($this->purposes, 24)->putSet($this->interests, 24)->put(0, 1);
        self::putLetters($bits, $this->country);
        self::putVendors($bits, $this->vendors);
        self::putVendors($bits, $this->interestVendors);

        // No restrictions of the publisher's own.
        return $bits->put(0, 12)->written();
    }

    private static function putLetters(Bits $bits, string $two): void
    {
        foreach ([0, 1] as $i) {
            $bits->put(max(0, min(25, ord(strtoupper($two[$i] ?? 'A')) - 65)), 6);
        }
    }

    /** @param  list<int>  $vendors  the shorter of both ways */
    private static function putVendors(Bits $bits, array $vendors): void
    {
        sort($vendors);
        $most = $vendors === [] ? 0 : $vendors[count($vendors) - 1];
        $ranges = [];
        foreach ($vendors as $vendor) {
            $last = count($ranges) - 1;
            if ($last >= 0 && $vendor <= $ranges[$last][1] + 1) {
                $ranges[$last][1] = $vendor;
            } else {
                $ranges[] = [$vendor, $vendor];
            }
        }
        $long = 12 + array_sum(array_map(fn (array $range): int => $range[0] === $range[1] ? 17 : 33, $ranges));
        $bits->put($most, 16);
        if ($most <= $long || count($ranges) > 4095) {
            $bits->put(0, 1)->putSet($vendors, $most);

            return;
        }
        $bits->put(1, 1)->put(count($ranges), 12);
        foreach ($ranges as [$from, $to]) {
            $from === $to ? $bits->put(0, 1)->put($from, 16) : $bits->put(1, 1)->put($from, 16)->put($to, 16);
        }
    }
}
