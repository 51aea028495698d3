<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Device\DeviceName;
use App\People\Limits;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class DeviceNameTest extends TestCase
{
    #[
        TestWith([
            'Mozilla/5.0 (Linux; Android 14; Pixel) AppleWebKit/537.36 (KHTML, like Gecko) Chrome/120.0 Mobile Safari/537.36',
            'android',
            'Chrome on Android',
        ]),
    ]
    #[
        TestWith([
            'Mozilla/5.0 (iPhone; CPU iPhone OS 17_0 like Mac OS X) AppleWebKit/605.1.15 (KHTML, like Gecko) Version/17.0 Mobile/15E148 Safari/604.1',
            'ios',
            'Safari on iPhone',
        ]),
    ]
    #[
        TestWith([
            'Mozilla/5.0 (Windows NT 10.0; Win64; x64) AppleWebKit/537.36 (KHTML, like Gecko) Chrome/120.0 Safari/537.36 Edg/120.0',
            'web',
            'Edge on Windows',
        ]),
    ]
    #[TestWith(['Mozilla/5.0 (X11; Linux x86_64; rv:120.0) Gecko/20100101 Firefox/120.0', 'web', 'Firefox on Linux'])]
    #[TestWith(['', 'android', 'Android'])]
    #[TestWith(['<script>alert(1)</script>', 'web', 'a device'])]
    public function test_a_device_is_called_by_what_people_know(string $agent, string $platform, string $name): void
    {
        self::assertSame($name, DeviceName::of($agent, $platform));
    }

    #[TestWith([0, '1 second'])]
    #[TestWith([1, '1 second'])]
    #[TestWith([59, '59 seconds'])]
    #[TestWith([90, '90 seconds'])]
    #[TestWith([91, '2 minutes'])]
    #[TestWith([3600, '60 minutes'])]
    public function test_a_time_to_wait_is_said_in_words(int $seconds, string $words): void
    {
        self::assertSame($words, Limits::inWords($seconds));
    }
}
