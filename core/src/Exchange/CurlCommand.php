<?php

declare(strict_types=1);

namespace Lanai\Core\Exchange;

use Lanai\Core\Text\Pattern;

/** Reads a command for curl, as documentation shows it. */
final class CurlCommand
{
    /** Options that take a value and do not matter to the message. */
    private const PASSED_OVER = [
        '-o',
        '--output',
        '-A',
        '--user-agent',
        '-e',
        '--referer',
        '-m',
        '--max-time',
        '--connect-timeout',
        '--retry',
        '-b',
        '--cookie',
        '-c',
        '--cookie-jar',
        '--cacert',
        '-w',
        '--write-out',
        '-x',
        '--proxy',
        '--max-redirs',
        '-E',
        '--cert',
        '--key',
    ];

    /** Stands in a form for a file that is sent: a blank takes it. */
    public const FILE = "\0file";

    /** @throws NotUnderstood */
    public static function read(string $text): Example
    {
        $words = self::words(self::withoutRemarks($text));
        if (($words[0] ?? '') === '$') {
            array_shift($words);
        }
        if (! Pattern::match('~(^|/)curl(\.exe)?$~', $words[0] ?? '')) {
            throw new NotUnderstood('This does not begin with “curl”.');
        }
        [$method, $url, $user, $kind, $asQuery, $json] = [null, null, null, '', false, false];
        $headers = [];
        $data = [];
        $query = [];
        for ($i = 1; $i < count($words); $i++) {
            $word = $words[$i];
            $value = null;
            if (Pattern::match('/^(--[a-z-]+)=(.*)$/s', $word, $found)) {
                [, $word, $value] = $found;
            } elseif (Pattern::match('/^-([XHdFuAeombcwxE])(.+)$/s', $word, $found)) {
                [$word, $value] = ["-$found[1]", $found[2]];
            } elseif (Pattern::match('/^-([a-zA-Z]*)([XHdFu])$/', $word, $found) && $found[1] !== '') {
                $asQuery = $asQuery || str_contains($found[1], 'G');
                $word = "-$found[2]";
            }
            $next = function () use (&$i, $words, $value, $word): string {
                return $value ?? ($words[++$i] ?? throw new NotUnderstood("Something is missing after “{$word}”."));
            };
            switch ($word) {
                case '-X':
                case '--request':
                    $method = $next();
                    break;
                case '-H':
                case '--header':
                    [$name, $text] = [...explode(':', $next(), 2), ''];
                    $headers[] = [trim($name), trim($text)];
                    break;
                case '-d':
                case '--data':
                case '--data-raw':
                case '--data-ascii':
                case '--data-binary':
                    $data[] = self::inline($next());
                    break;
                case '--data-urlencode':
                    $pair = explode('=', $next(), 2);
                    $data[] = isset($pair[1]) ? $pair[0].'='.rawurlencode($pair[1]) : rawurlencode($pair[0]);
                    break;
                case '--url-query':
                    $pair = explode('=', $next(), 2);
                    $query[] = match (true) {
                        str_starts_with($pair[0], '+') => substr(implode('=', $pair), 1),
                        isset($pair[1]) => ($pair[0] === '' ? '' : $pair[0].'=').rawurlencode($pair[1]),
                        default => rawurlencode($pair[0]),
                    };
                    break;
                case '--json':
                    $data[] = self::inline($next());
                    $json = true;
                    break;
                case '-F':
                case '--form':
                case '--form-string':
                    [$name, $text] = [...explode('=', $next(), 2), ''];
                    $file = $word !== '--form-string' && Pattern::match('/^[@<]/', $text);
                    $data[] =
                        rawurlencode($name).
                        '='.
                        rawurlencode(
                            $file ? self::FILE.(Pattern::match('/\.(png|jpe?g|webp|gif|heic)(;|$)|;type=image/i', $text) ? ' picture' : '') : $text,
                        );
                    $kind = 'pieces';
                    break;
                case '-u':
                case '--user':
                    $user = $next();
                    break;
                case '-G':
                case '--get':
                    $asQuery = true;
                    break;
                case '-I':
                case '--head':
                    $method ??= 'GET';
                    break;
                case '--oauth2-bearer':
                    $headers[] = ['Authorization', 'Bearer '.$next()];
                    break;
                case '--url':
                    $url = $next();
                    break;
                default:
                    if (in_array($word, self::PASSED_OVER, true)) {
                        $next();
                    } elseif ($word !== '' && $word[0] !== '-') {
                        $url ??= $word;
                    } elseif (Pattern::match('/^-[a-zA-Z]*G/', $word)) {
                        $asQuery = true;
                    }
            }
        }
        if ($url === null) {
            throw new NotUnderstood('There is no address in this command.');
        }
        $url = Pattern::match('~^[a-z]+://~i', $url) ? $url : "http://$url";
        if (Pattern::match('~^([a-z]+://)([^/?#@\s]+)@(.*)$~is', $url, $found)) {
            $user ??= rawurldecode($found[2]);
            $url = $found[1].$found[3];
        }
        if ($query !== []) {
            $url .= (str_contains($url, '?') ? '&' : '?').implode('&', $query);
        }
        $body = implode($json ? '' : '&', $data);
        if ($asQuery && $body !== '') {
            [$url, $body] = [$url.(str_contains($url, '?') ? '&' : '?').$body, ''];
        }

        return Example::of($method ?? ($body === '' ? 'GET' : 'POST'), $url, $headers, $body, $json ? 'json' : $kind, $user);
    }

    /** Lines that only remark on it are left out; what a here-document holds is put where it is read (POSIX, Shell Command Language, 2.7.4). */
    private static function withoutRemarks(string $text): string
    {
        if (Pattern::match('/<<-?\s*(["\']?)(\w+)\1[^\n]*\n(.*?)\n\s*\2\s*(?:\n|$)/s', $text, $found)) {
            $held = "'".str_replace("'", "'\\''", $found[3])."'";
            $before = explode($found[0], $text, 2)[0];
            $text = Pattern::match('/@-(?=\s|$)/', $before) ? Pattern::replaceEach('/@-(?=\s|$)/', fn (): string => $held, $before, 1) : $before;
        }
        $lines = explode("\n", trim($text));
        $within = false;
        foreach ($lines as $i => $line) {
            if (! $within && Pattern::match('/^\s*#/', $line)) {
                unset($lines[$i]);

                continue;
            }
            // A remark within a text is none.
            $within = $within !== (substr_count(Pattern::replace('/\\\\./', '', $line), "'") % 2 === 1);
        }

        return trim(implode("\n", $lines));
    }

    private static function inline(string $data): string
    {
        return str_starts_with($data, '@')
            ? throw new NotUnderstood('This command reads its body from a file, “'.substr($data, 1).'”. Paste the text of that file in place of it.')
            : $data;
    }

    /**
     * The words of a shell command: quotes, escapes, and lines that go on.
     *
     * @return list<string>
     */
    private static function words(string $text): array
    {
        $text = Pattern::replace('/[\\\\^`]\r?\n/', ' ', trim($text));
        $words = [];
        $word = null;
        $length = strlen($text);
        for ($i = 0; $i < $length; $i++) {
            $char = $text[$i];
            if (ctype_space($char)) {
                if ($word !== null) {
                    $words[] = $word;
                    $word = null;
                }
            } elseif ($char === "'" || ($char === '$' && ($text[$i + 1] ?? '') === "'")) {
                $dollar = $char === '$';
                $i += $dollar ? 1 : 0;
                $word ??= '';
                for ($i++; ($text[$i] ?? '') !== "'"; $i++) {
                    if ($i >= $length) {
                        throw new NotUnderstood('A quote is opened and not closed.');
                    }
                    if ($dollar && $text[$i] === '\\') {
                        $i++;
                        $word .= ['n' => "\n", 't' => "\t", 'r' => "\r"][$text[$i] ?? ''] ?? ($text[$i] ?? '');
                    } else {
                        $word .= $text[$i];
                    }
                }
            } elseif ($char === '"') {
                $word ??= '';
                for ($i++; ($text[$i] ?? '') !== '"'; $i++) {
                    if ($i >= $length) {
                        throw new NotUnderstood('A quote is opened and not closed.');
                    }
                    if ($text[$i] === '\\' && str_contains('"\\$`', $text[$i + 1] ?? ' ')) {
                        $i++;
                    }
                    $word .= $text[$i];
                }
            } elseif ($char === '\\' && $i + 1 < $length) {
                $word = ($word ?? '').$text[++$i];
            } elseif (($char === '|' || $char === ';') && $word === null) {
                break;
            } else {
                $word = ($word ?? '').$char;
            }
        }

        return $word === null ? $words : [...$words, $word];
    }
}
