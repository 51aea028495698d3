<?php

declare(strict_types=1);

namespace App\Http;

/** The script and style tags of a built bundle, from Vite's manifest. */
final class Bundle
{
    public static function tags(string $bundle, string $entry): string
    {
        $manifest = self::manifest($bundle);
        $chunk = $manifest[$entry] ?? null;
        if ($chunk === null) {
            return '<!-- not built -->';
        }
        $tags = array_map(fn (string $css): string => '<link rel="stylesheet" href="/build/'.$bundle.'/'.e($css).'">', self::styles($manifest, $entry));
        foreach (self::imports($manifest, $entry) as $file) {
            $tags[] = '<link rel="modulepreload" href="/build/'.$bundle.'/'.e($file).'">';
        }
        $tags[] = '<script type="module" src="/build/'.$bundle.'/'.e($chunk['file']).'"></script>';

        return implode("\n    ", $tags);
    }

    /** A small script that begins before the others, and waits for none of them. */
    public static function ahead(string $bundle, string $entry): string
    {
        $file = self::manifest($bundle)[$entry]['file'] ?? null;

        return $file === null ? '' : '<script type="module" async src="/build/'.$bundle.'/'.e($file).'"></script>';
    }

    /**
     * @param  array<string, array{file: string, css?: list<string>, imports?: list<string>}>  $manifest
     * @param  list<string>  $seen
     * @return list<string> of the chunk, then those of what it imports (Vite, "Backend Integration")
     */
    public static function styles(array $manifest, string $chunk, array &$seen = []): array
    {
        $seen[] = $chunk;
        $styles = $manifest[$chunk]['css'] ?? [];
        foreach ($manifest[$chunk]['imports'] ?? [] as $import) {
            array_push($styles, ...(in_array($import, $seen, true) ? [] : self::styles($manifest, $import, $seen)));
        }

        return array_values(array_unique($styles));
    }

    /**
     * What a chunk cannot begin without: asked for at once, and not only when the chunk is there.
     *
     * @param  array<string, array{file: string, css?: list<string>, imports?: list<string>}>  $manifest
     * @return list<string> its files
     */
    public static function imports(array $manifest, string $chunk): array
    {
        $found = [];
        $open = $manifest[$chunk]['imports'] ?? [];
        while ($open !== []) {
            $name = array_shift($open);
            if (isset($manifest[$name]) && ! isset($found[$name])) {
                $found[$name] = $manifest[$name]['file'];
                array_push($open, ...$manifest[$name]['imports'] ?? []);
            }
        }

        return array_values($found);
    }

    /** @return array<string, array{file: string, css?: list<string>, assets?: list<string>, imports?: list<string>, dynamicImports?: list<string>}> */
    public static function manifest(string $bundle): array
    {
        $file = public_path("build/$bundle/.vite/manifest.json");
        $manifest = is_file($file) ? json_decode((string) file_get_contents($file), true) : null;

        return is_array($manifest) ? $manifest : [];
    }
}
