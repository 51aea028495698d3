<?php

declare(strict_types=1);

namespace App\Outbound;

/** The stand-ins that ship with Lanai: called by their name, "stand-in:almanac/v1", wherever they run. */
final class Practice
{
    /** Of the stand-ins those that are services for apps; the others keep what is nobody else's business. */
    private const SERVICES = ['almanac', 'wordsmith'];

    /** An address with the name of a stand-in in it, as it can be called. */
    public static function resolved(string $address): string
    {
        return (string) preg_replace_callback('~^stand-in:([a-z]+)~', fn (array $m): string => 'http://'.config('lanai.standins')."/$m[1]", $address);
    }

    /** An address of a stand-in by its name; any other as it is. */
    public static function named(string $address): string
    {
        $standins = preg_quote((string) config('lanai.standins'), '~');
        $port = (int) parse_url('http://'.config('lanai.standins'), PHP_URL_PORT);

        return (string) preg_replace("~^http://($standins|localhost:$port)/~", 'stand-in:', $address);
    }

    /**
     * Lets an address through that a founder has given, unless it leads to a stand-in that is not for apps.
     *
     * @throws AddressRefused
     */
    public static function check(string $url): void
    {
        $inside = 'http://'.config('lanai.standins').'/';
        if (str_starts_with(strtolower($url), $inside) && (preg_match('~^('.implode('|', self::SERVICES).')(/|$)~', substr($url, strlen($inside))) !== 1 || str_contains(rawurldecode($url), '..'))) {
            throw new AddressRefused('This part of the stand-ins is not for apps.');
        }
    }
}
