<?php

declare(strict_types=1);

namespace Lanai\Core\Services;

use Lanai\Core\Text\Pattern;

/** Names that are right but for capital letters: they look right, and lead nowhere. */
final class NearMiss
{
    /**
     * The step of an address that is written otherwise where the same service answers.
     *
     * @param  list<string>  $known  addresses that have answered or are written in the app; blanks in braces stand for any step
     */
    public static function address(string $url, array $known): ?string
    {
        $steps = self::steps($url);
        foreach ($known as $other) {
            $others = self::steps($other);
            foreach ($steps as $i => $step) {
                $right = $others[$i] ?? '';
                if (str_contains($right, '{') || $right === $step) {
                    continue;
                }
                if ($right !== '' && mb_strtolower($right) === mb_strtolower($step)) {
                    return "“{$step}” is “{$right}” in what came so far, and capital letters count.";
                }
                break;
            }
        }

        return null;
    }

    /** A plain way into an answer as the answer itself writes its names; null where it leads nowhere all the same, or somewhere already. */
    public static function way(string $way, mixed $json): ?string
    {
        if (! Pattern::match('/^"[^"\\\\]+"$|^[A-Za-z_]\w*(\.[A-Za-z_]\w*)*$/', $way)) {
            return null;
        }
        $right = [];
        foreach ($way[0] === '"' ? [trim($way, '"')] : explode('.', $way) as $step) {
            if (! is_array($json)) {
                return null;
            }
            $name = array_key_exists($step, $json) ? $step : self::alike($step, array_keys($json));
            if ($name === null) {
                return null;
            }
            $right[] = Parts::step($name);
            $json = $json[$name];
        }
        $written = implode('.', $right);

        return trim($written, '"') === trim($way, '"') ? null : $written;
    }

    /** @param  list<array-key>  $names */
    private static function alike(string $step, array $names): ?string
    {
        foreach ($names as $name) {
            if (mb_strtolower((string) $name) === mb_strtolower($step)) {
                return (string) $name;
            }
        }

        return null;
    }

    /** @return list<string> of the address behind its host, without its query */
    private static function steps(string $url): array
    {
        $path = Pattern::replace('~^[a-z]+://[^/]*|[?#].*$|\{\?.*$~i', '', $url);

        return array_values(array_filter(explode('/', $path), fn (string $s): bool => $s !== ''));
    }
}
