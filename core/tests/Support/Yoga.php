<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Support;

use Lanai\Core\Geometry\Box;
use Lanai\Core\Geometry\Edges;

/** Asks yoga-layout for the frames of boxes. */
final class Yoga
{
    /**
     * @param  list<Box>  $boxes
     * @param  list<int|null>  $heights
     * @return list<array<string, mixed>>
     */
    public static function frames(array $boxes, float $width, array $heights): array
    {
        $trees = array_map(fn (Box $box, ?int $height): array => ['box' => self::data($box), 'width' => $width, 'height' => $height], $boxes, $heights);
        $process = proc_open(['node', __DIR__.'/../../../tests/reference/yoga.mjs'], [['pipe', 'r'], ['pipe', 'w'], STDERR], $pipes);
        fwrite($pipes[0], json_encode($trees, JSON_THROW_ON_ERROR));
        fclose($pipes[0]);
        $answer = json_decode((string) stream_get_contents($pipes[1]), true, 512, JSON_THROW_ON_ERROR);
        proc_close($process);

        return $answer;
    }

    /** @return array<string, mixed> */
    private static function data(Box $box): array
    {
        $edges = fn (Edges $e): array => array_map(fn (float $side): ?float => is_nan($side) ? null : $side, get_object_vars($e));

        return [
            'padding' => $edges($box->padding),
            'margin' => $edges($box->margin),
            'pins' => $box->pins === null ? null : $edges($box->pins),
            'children' => array_map(self::data(...), $box->children),
        ] + array_diff_key(get_object_vars($box), ['text' => 1, 'marks' => 1]);
    }
}
