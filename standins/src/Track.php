<?php

declare(strict_types=1);

namespace Standins;

/** To whom a submission goes: to everyone, or first to those who try it, by a list or by a link. */
enum Track: string
{
    case Everyone = 'everyone';

    /** Only those whose addresses the publisher has given; nobody reads the words on the page. */
    case Closed = 'closed';

    /** Whoever follows the link; it is looked at as if it went to everyone. */
    case Open = 'open';

    /** How long a visitor takes part, in seconds. */
    private const STAYS = 7_776_000;

    /** Addresses on a list. */
    private const MOST = 100;

    /** @param  array<string, mixed>  $submission */
    public static function of(array $submission): self
    {
        return self::tryFrom((string) ($submission['track'] ?? '')) ?? self::Everyone;
    }

    /** @return list<string> addresses in small letters */
    public static function testers(mixed $sent): array
    {
        $sent = json_decode(is_string($sent) ? $sent : '', true);

        return array_slice(array_values(array_filter(array_map(
            fn (mixed $one): string => is_string($one) ? mb_strtolower(trim($one)) : '',
            is_array($sent) ? $sent : [],
        ))), 0, self::MOST);
    }

    /**
     * Of what was found, what counts here: those on a list see no page, and read no words.
     *
     * @param  list<array{code: string, sentence: string, doubtful?: bool}>  $reasons
     * @return list<array{code: string, sentence: string, doubtful?: bool}>
     */
    public function counting(array $reasons): array
    {
        return $this !== self::Closed ? $reasons : array_values(array_filter(
            $reasons,
            fn (array $reason): bool => preg_match('~^(listing|access|declares|pictures)(\.|$)~', $reason['code']) !== 1,
        ));
    }

    /** What it is once it was found good. */
    public function good(): string
    {
        return $this === self::Everyone ? 'approved' : 'in testing';
    }

    /**
     * Whether a visitor takes part.
     *
     * @param  array<string, mixed>  $submission
     * @param  string  $said  what they have shown: their address, hashed; or that they follow the link
     */
    public function takes(array $submission, string $said): bool
    {
        return match ($this) {
            self::Everyone => false,
            self::Open => $said !== '',
            self::Closed => in_array($said, array_map(self::mark(...), self::testers($submission['testers'] ?? '')), true),
        };
    }

    public static function mark(string $email): string
    {
        return hash('sha256', mb_strtolower(trim($email)));
    }

    public static function cookie(string $package): string
    {
        return 'tries-'.substr(hash('sha256', $package), 0, 16);
    }

    /** Where somebody says that they want to take part. */
    public function door(string $store, string $title, string $address, string $wrong = ''): Answer
    {
        $text = fn (string $one): string => htmlspecialchars($one, ENT_QUOTES | ENT_SUBSTITUTE);
        $asks = $this === self::Closed
            ? '<p><label>The address to which you were asked <input name="email" type="email" required maxlength="200"></label></p>'
            : '<p>You get versions that are still being tried. You can leave at any time by deleting this store’s cookies.</p>';
        $told = $wrong === '' ? '' : "<p role=\"alert\">{$text($wrong)}</p>";

        return Answer::page('<!doctype html><html lang="en"><meta charset="utf-8"><meta name="viewport" content="width=device-width"><title>'
            ."{$text($title)}</title><style>body{font:16px/1.6 Georgia,serif;max-width:38rem;margin:4rem auto;padding:0 1rem;color:#22303c}</style>"
            ."<small>{$text($store)}, a practice store</small><h1>Try {$text($title)}</h1>$told<form method=\"post\" action=\"{$text($address)}\">$asks"
            .'<p><button>Take part</button></p></form></html>');
    }

    /** Somebody takes part from now on. */
    public static function in(string $package, string $said, string $to): Answer
    {
        $cookie = self::cookie($package)."=$said; Path=/; Max-Age=".self::STAYS.'; HttpOnly; SameSite=Lax';

        return new Answer(303, '', ['Location' => $to, 'Set-Cookie' => $cookie]);
    }
}
