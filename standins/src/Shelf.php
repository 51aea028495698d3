<?php

declare(strict_types=1);

namespace Standins;

use Closure;
use ZipArchive;

/** What a visitor of a store sees. */
final class Shelf
{
    /**
     * @param  array<string, mixed>  $listing
     * @param  string  $wanted  as a browser says it (Accept-Language, RFC 9110)
     * @param  Closure(string): array<string, string>|null  $pictures  those in a language: name => address below that of the app
     * @param  string  $package  below which they are
     */
    public static function page(
        string $store,
        array $listing,
        string $version,
        string $install,
        string $wanted = '',
        ?Closure $pictures = null,
        string $package = '',
    ): string {
        [$tongue, $words] = self::spoken($listing, $wanted);
        $listing = $words + $listing;
        $dir = in_array(explode('-', $tongue)[0], ['ar', 'he', 'fa', 'ur'], true) ? 'rtl' : 'ltr';
        $text = fn (string $key): string => htmlspecialchars(is_string($listing[$key] ?? null) ? $listing[$key] : '', ENT_QUOTES);

        $row = '';
        foreach ($pictures === null ? [] : $pictures($tongue) as $address) {
            $row .= '<img src="'.htmlspecialchars("$package/$address", ENT_QUOTES).'" height="320" alt="">';
        }

        $html = '<html lang="'.htmlspecialchars($tongue, ENT_QUOTES)."\" dir=\"$dir\">";

        return "<!doctype html>$html<meta charset=\"utf-8\"><meta name=\"viewport\" content=\"width=device-width\"><title>".
            $text('title').
            '</title>'.
            '<style>body{font:16px/1.6 Georgia,serif;max-width:38rem;margin:4rem auto;padding:0 '
                .'1rem;color:#22303c}small{color:#5b6b78}a{display:inline-block;margin:1rem 0;padding:.7rem '
                    .'1.6rem;background:#22303c;color:#fff;border-radius:2rem;text-decoration:none}</style>'.
            "<small>$store, a practice store</small><h1>{$text('title')}</h1><p>{$text('summary')}</p><p><a href=\"".
            htmlspecialchars($install, ENT_QUOTES).
            '">Install version '.
            htmlspecialchars($version, ENT_QUOTES).
            '</a></p>'.(is_array($listing['adverts'] ?? null) ? '<p><small>Contains adverts.</small></p>' : '').
            ($row === '' ? '' : "<p style=\"display:flex;gap:.6rem;overflow-x:auto\">$row</p>")."<p>{$text('description')}</p>".

            self::declared(is_array($listing['declares'] ?? null) ? $listing['declares'] : []).'</html>';
    }

    /**
     * What people say of it, and where one says it oneself.
     *
     * @param  array{count: int, mean: float}  $stars
     * @param  list<array<string, mixed>>  $reviews  the newest first
     */
    public static function said(array $stars, array $reviews, string $package): string
    {
        $text = fn (mixed $one): string => htmlspecialchars(is_scalar($one) ? (string) $one : '', ENT_QUOTES | ENT_SUBSTITUTE);
        $lines = '';
        foreach ($reviews as $one) {
            $answer = ($one['answer'] ?? '') === '' ? '' : "<blockquote><small>The publisher:</small> {$text($one['answer'])}</blockquote>";
            $lines .= "<li><strong>{$text($one['stars'])} of 5</strong>, {$text($one['by'])}, version {$text($one['version'])}<br>"
                ."{$text($one['words'])}$answer</li>";
        }
        $mean = $stars['count'] === 0 ? 'Nobody has said yet how it is.' : "$stars[mean] of 5 stars, by $stars[count].";
        $options = implode('', array_map(fn (int $n): string => "<option>$n</option>", [5, 4, 3, 2, 1]));

        return "<h2>What people say</h2><p>$mean</p><ul>$lines</ul><form method=\"post\" action=\"{$text($package)}/reviews\"><p><label>Stars <select "
            ."name=\"stars\">$options</select></label> <label>Your name <input name=\"by\" maxlength=\"40\"></label></p><p><label>How is it?<br><textarea "
            .'name="words" rows="3" cols="40" maxlength="1000"></textarea></label></p><p><button>Say it</button></p></form>';
    }

    /**
     * What the app keeps of people, as it has said itself.
     *
     * @param  array<array-key, mixed>  $declares
     */
    private static function declared(array $declares): string
    {
        $lines = '';
        foreach (is_array($declares['data'] ?? null) ? $declares['data'] : [] as $one) {
            $type = is_array($one) && is_string($one['type'] ?? null) ? str_replace('NSPrivacyCollectedDataType', '', $one['type']) : '';
            $notes = array_filter([
                ($one['shared'] ?? false) === true ? 'shared' : '',
                ($one['linked'] ?? false) === true ? 'linked to you' : 'not linked to you',
                ($one['optional'] ?? false) === true ? 'optional' : '',
            ]);
            $lines .= $type === '' ? '' : '<li>'.htmlspecialchars($type, ENT_QUOTES).' <small>'.implode(', ', $notes).'</small></li>';
        }

        $deletion = ($declares['deletion'] ?? false) === true ? '<p><small>You can have it deleted.</small></p>' : '';

        return $lines === '' ? '' : "<h2>What it keeps of you</h2><ul>$lines</ul>$deletion";
    }

    /**
     * The words in the first language that somebody wants and there is; else in the app's own.
     *
     * @param  array<string, mixed>  $listing
     * @return array{string, array<array-key, mixed>}
     */
    private static function spoken(array $listing, string $wanted): array
    {
        $own = is_string($listing['language'] ?? null) ? $listing['language'] : 'en';
        $pages = is_array($listing['languages'] ?? null) ? $listing['languages'] : [];
        foreach (explode(',', $wanted) as $range) {
            $tag = trim(explode(';', $range)[0]);
            foreach ([$tag, explode('-', $tag)[0]] as $tongue) {
                if ($tongue !== '' && strcasecmp($tongue, $own) === 0) {
                    return [$own, []];
                }
                if (is_array($pages[$tongue] ?? null)) {
                    return [$tongue, $pages[$tongue]];
                }
            }
        }

        return [$own, []];
    }

    /** A file out of a released web app. */
    public static function file(string $package, string $path): Answer
    {
        $zip = new ZipArchive();
        $bytes = $zip->open($package, ZipArchive::RDONLY) === true ? $zip->getFromName($path) : false;
        $types = [
            'html' => 'text/html; charset=utf-8',
            'js' => 'text/javascript',
            'css' => 'text/css',
            'png' => 'image/png',
            'woff2' => 'font/woff2',
            'webmanifest' => 'application/manifest+json',
        ];

        return $bytes === false
            ? Answer::problem(404, 'There is no such file.')
            : Answer::file($bytes, $types[pathinfo($path, PATHINFO_EXTENSION)] ?? 'application/octet-stream');
    }
}
