<?php

declare(strict_types=1);

namespace Standins\Almanac;

/** A sea that does not exist. What it does on a day follows from the day and the place alone. */
final readonly class Sea
{
    private const SPOTS = [
        ['lantern-cove', 'Lantern Cove', 50.0312, -5.4471],
        ['gannet-slip', 'Gannet Slip', 50.0467, -5.4118],
        ['tansy-beach', 'Tansy Beach', 50.0129, -5.5032],
        ['old-lido', 'The Old Lido', 50.0401, -5.4302],
        ['kelp-point', 'Kelp Point', 50.0718, -5.3865],
        ['mill-weir', 'Mill Weir', 50.0533, -5.4684],
        ['wren-bay', 'Wren Bay', 50.0824, -5.3467],
        ['chapel-rock', 'Chapel Rock', 50.0099, -5.3189],
        ['tinker-steps', 'Tinker Steps', 50.0356, -5.2588],
        ['old-harbour', 'Old Harbour', 50.0441, -5.296],
        ['saddle-reef', 'Saddle Reef', 50.0012, -5.2903],
        ['east-pier', 'East Pier', 50.0389, -5.2495],
        ['mussel-ledge', 'Mussel Ledge', 50.0568, -5.2643],
        ['cradle-bay', 'Cradle Bay', 50.0265, -5.3584],
    ];

    public function __construct(private int $now)
    {
    }

    /** @return list<array<string, mixed>> */
    public function spots(): array
    {
        return array_map($this->named(...), self::SPOTS);
    }

    /** @return array<string, mixed>|null codes are in small letters */
    public function spot(string $code): ?array
    {
        foreach (self::SPOTS as $spot) {
            if ($spot[0] === $code) {
                return $this->named($spot) + ['bottom' => ['sand', 'pebbles', 'rock'][crc32($code) % 3], 'lifeguard' => crc32("g$code") % 2 === 0];
            }
        }

        return null;
    }

    /**
     * @param  array<string, mixed>  $spot
     * @return array<string, mixed>
     */
    public function conditions(array $spot, int $days): array
    {
        $code = (string) $spot['code'];
        $today = intdiv($this->now, 86400) * 86400;
        $each = [];
        for ($i = 0; $i < $days; $i++) {
            $each[] = $this->day($code, $today + $i * 86400);
        }
        $now = $each[0];

        return [
            'spot' => ['code' => $code, 'name' => $spot['name']],
            'measured' => gmdate('Y-m-d\TH:i:s\Z', intdiv($this->now, 900) * 900),
            'water' => ['celsius' => $now['celsius'], 'clarity' => ['clear', 'hazy', 'murky'][$this->chance("c$code", $today, 3)]],
            'wind' => ['kmh' => $now['wind'], 'from' => ['N', 'NE', 'E', 'SE', 'S', 'SW', 'W', 'NW'][$this->chance("d$code", $today, 8)]],
            'waves' => ['metres' => $now['waves']],
            'tide' => ['high' => $this->tide($code, $today, 0), 'low' => $this->tide($code, $today, 22350)],
            'days' => $each,
        ];
    }

    /**
     * @param  array<string, mixed>  $spot
     * @return array<string, mixed>
     */
    public function warnings(array $spot): array
    {
        $day = $this->day((string) $spot['code'], intdiv($this->now, 86400) * 86400);
        $warnings = [];
        if ($day['waves'] >= 1.0) {
            $warnings[] = ['kind' => 'waves', 'words' => 'High waves. Stay close to the shore.'];
        }
        if ($day['wind'] >= 30) {
            $warnings[] = ['kind' => 'wind', 'words' => 'Strong wind. It can carry you out.'];
        }

        return ['spot' => $spot['code'], 'warnings' => $warnings];
    }

    /** @return list<array<string, mixed>> */
    public function stations(): array
    {
        $stations = [];
        for ($i = 1; $i <= 30; $i++) {
            $stations[] = ['id' => 400 + $i, 'name' => sprintf('Buoy %02d', $i), 'depth' => 4 + (crc32("b$i") % 60), 'active' => crc32("a$i") % 7 !== 0];
        }

        return $stations;
    }

    /** @return array{date: string, celsius: float, wind: int, waves: float} */
    private function day(string $code, int $at): array
    {
        $year = ((int) gmdate('z', $at) / 365) * 2 * M_PI;
        $celsius = 13 - 4.2 * cos($year - 0.9) + $this->chance("t$code", $at, 20) / 10 - 1 + (crc32($code) % 12) / 10;
        $wind = 6 + $this->chance("w$code", $at, 32);

        return [
            'date' => gmdate('Y-m-d', $at),
            'celsius' => round($celsius, 1),
            'wind' => $wind,
            'waves' => round($wind / 28 + $this->chance("h$code", $at, 5) / 20, 1),
        ];
    }

    private function tide(string $code, int $day, int $later): string
    {
        return gmdate('Y-m-d\TH:i:s\Z', $day + ((crc32("h$code") % 300) + ((intdiv($day, 86400) * 49) % 700)) * 60 + $later);
    }

    private function chance(string $what, int $at, int $of): int
    {
        return crc32($what.intdiv($at, 86400)) % $of;
    }

    /**
     * @param  array{string, string, float, float}  $spot
     * @return array<string, mixed>
     */
    private function named(array $spot): array
    {
        return ['code' => $spot[0], 'name' => $spot[1], 'place' => ['latitude' => $spot[2], 'longitude' => $spot[3]]];
    }
}
