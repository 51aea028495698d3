<?php

declare(strict_types=1);

namespace Lanai\Core\People;

/**
 * Which passwords are taken. Length counts, not the kinds of characters; those that everybody tries first are not taken
 * (NIST SP 800-63B-4, section 3.1.1.2: a block list of common values, no rules of composition, at least 64 characters allowed,
 * every character of Unicode allowed and normalised before hashing; from memory).
 */
final class Passwords
{
    /** Longer ones are refused, so that nobody makes the server hash a book. */
    public const MOST = 256;

    /** Of each common password, so many digits of its SHA-1 are kept, in order. */
    private const DIGITS = 10;

    /**
     * What is wrong with a password, as a sentence; '' where nothing is.
     *
     * @param  int  $least  characters, not bytes
     * @param  list<string>  $about  what is known of the person and the app: a password of nothing but that is none
     */
    public static function wrong(string $password, int $least, array $about = []): string
    {
        $length = mb_strlen($password);
        if ($length < $least) {
            return "Please choose a password of at least $least characters. A few words in a row are easy to keep in mind.";
        }
        if ($length > self::MOST) {
            return 'Please choose a password of at most '.self::MOST.' characters.';
        }
        $plain = mb_strtolower($password);
        if (self::isCommon($plain)) {
            return 'This password is one that many people use, and so one that is tried first. Please choose another.';
        }
        if (count(array_unique(mb_str_split($plain))) < 4 || self::isRow($plain)) {
            return 'This password is easy to guess: it repeats or counts. Please choose another.';
        }
        $left = $plain;
        usort($about, fn (string $a, string $b): int => mb_strlen($b) <=> mb_strlen($a));
        foreach ($about as $word) {
            $word = mb_strtolower(trim($word));
            if (mb_strlen($word) >= 4) {
                $left = str_replace($word, '', $left);
            }
        }

        return mb_strlen($left) < 4 && $left !== $plain ? 'This password is your name, your address or the name of the app. Please choose another.' : '';
    }

    /** The one form of a password in which it is hashed, however a keyboard composes its letters. */
    public static function normal(string $password): string
    {
        $normal = normalizer_normalize($password, \Normalizer::FORM_KC);

        return is_string($normal) ? $normal : $password;
    }

    private static function isCommon(string $plain): bool
    {
        $list = require __DIR__.'/../../passwords/common.php';
        $list = is_string($list) ? $list : '';
        $wanted = substr(sha1($plain), 0, self::DIGITS);
        for ($low = 0, $high = intdiv(strlen($list), self::DIGITS) - 1; $low <= $high;) {
            $middle = intdiv($low + $high, 2);
            $order = strcmp(substr($list, $middle * self::DIGITS, self::DIGITS), $wanted);
            if ($order === 0) {
                return true;
            }
            [$low, $high] = $order < 0 ? [$middle + 1, $high] : [$low, $middle - 1];
        }

        return false;
    }

    /** "abcdefgh", "87654321": each character follows the one before. */
    private static function isRow(string $plain): bool
    {
        $steps = [];
        $codes = array_map(mb_ord(...), mb_str_split($plain));
        for ($i = 1; $i < count($codes); $i++) {
            $steps[(int) $codes[$i] - (int) $codes[$i - 1]] = true;
        }

        return count($steps) === 1 && abs((int) array_key_first($steps)) <= 1;
    }
}
