<?php

declare(strict_types=1);

namespace Standins\Chartroom;

/** A world that does not exist: how high the land and how deep the sea is at each place, in kilometres, the same every time. */
final class Coast
{
    /** Where a shore is drawn through, so that it lies where the shipped demo has its spots: [longitude, latitude], from west to east. */
    private const SHORE = [
        [-5.56, 50.004],
        [-5.5032, 50.0129],
        [-5.482, 50.028],
        [-5.4684, 50.0533],
        [-5.457, 50.034],
        [-5.4471, 50.0312],
        [-5.4302, 50.0401],
        [-5.4118, 50.0467],
        [-5.3865, 50.0718],
        [-5.33, 50.083],
    ];

    private const MIDDLE = [-5.445, 50.042];

    /** Degrees within which that shore holds. */
    private const NEAR = 2.5;

    /** The longest wave of the noise, in degrees, and by how much each next one is shorter and lower. */
    private const LONGEST = 48.0;

    private const LOWER = 0.56;

    /** @param  float  $finest  waves shorter than this are left out, in degrees: they would not be seen */
    public function height(float $longitude, float $latitude, float $finest): float
    {
        $noise = $this->noise($longitude, $latitude, $finest);
        $far = hypot(($longitude - self::MIDDLE[0]) * 0.64, $latitude - self::MIDDLE[1]);
        if ($far >= self::NEAR * 3) {
            return $noise;
        }
        $rough = 0.3 * ($this->noise($longitude, $latitude, $finest, 0.09) + 0.12);
        $near = exp(-(($far / self::NEAR) ** 2));
        // The further from the demo's spots, the more is left to the noise.
        $shore = max(-0.5, min(0.5, ($latitude - $this->shore($longitude)) * 9)) + $rough + $noise * 0.9 * (1 - exp(-(($far / 0.14) ** 2)));

        return $near * $shore + (1 - $near) * $noise;
    }

    /** The latitude of the demo's shore. */
    private function shore(float $longitude): float
    {
        $points = self::points();
        $last = count($points) - 1;
        if ($longitude <= $points[0][0] || $longitude >= $points[$last][0]) {
            [$edge, $latitude] = $longitude <= $points[0][0] ? $points[0] : $points[$last];

            return $latitude + ($longitude - $edge) * 0.3;
        }
        for ($i = 0; $longitude > $points[$i + 1][0]; $i++);
        $part = ($longitude - $points[$i][0]) / ($points[$i + 1][0] - $points[$i][0]);
        $smooth = $part * $part * (3 - 2 * $part);

        return $points[$i][1] + ($points[$i + 1][1] - $points[$i][1]) * $smooth;
    }

    /** @return list<array{float, float}> */
    private static function points(): array
    {
        return self::SHORE;
    }

    /** Waves of many lengths over each other, each of them smooth between values at the corners of a grid. */
    private function noise(float $longitude, float $latitude, float $finest, float $longest = self::LONGEST): float
    {
        $sum = -0.12;
        $strength = 0.75;
        for ($length = $longest, $octave = 0; $length >= $finest && $octave < 20; $length /= 2, $octave++) {
            // The world goes round: what is at its one edge is at the other, too.
            $around = max(1, (int) round(360 / $length));
            $x = ($longitude + 180) / 360 * $around;
            $y = $latitude / $length + 0.37 * $octave;
            [$left, $low] = [(int) floor($x), (int) floor($y)];
            [$u, $v] = [$x - $left, $y - $low];
            [$u, $v] = [$u * $u * (3 - 2 * $u), $v * $v * (3 - 2 * $v)];
            [$left, $right] = [(($left % $around) + $around) % $around, (($left + 1) % $around + $around) % $around];
            $below = self::corner($left, $low, $octave) * (1 - $u) + self::corner($right, $low, $octave) * $u;
            $above = self::corner($left, $low + 1, $octave) * (1 - $u) + self::corner($right, $low + 1, $octave) * $u;
            $sum += $strength * ($below * (1 - $v) + $above * $v);
            $strength *= self::LOWER;
        }

        return $sum;
    }

    /** Between -1 and 1, by the corner alone. */
    private static function corner(int $x, int $y, int $octave): float
    {
        $h = ($x * 374761393 + $y * 668265263 + $octave * 974634777) & 0x7FFFFFFF;
        $h = (($h ^ ($h >> 13)) * 1274126177) & 0x7FFFFFFF;

        return (($h ^ ($h >> 16)) & 0xFFFF) / 32767.5 - 1;
    }
}
