<?php

declare(strict_types=1);

namespace Standins;

/** Who hands in at a store: the one for practice, and whoever makes an account. A token says the name, and a seal that it was given here. */
final readonly class Publishers
{
    private const NAME = 60;

    /** @param  string  $token  of the one for practice, from which the others are sealed; '' where the store is closed */
    public function __construct(private string $token, private string $store)
    {
    }

    /** The name of whoever has a token; null for one that was not given here. */
    public function named(string $token): ?string
    {
        if ($this->token === '') {
            return null;
        }
        if (hash_equals($this->token, $token)) {
            return 'Publisher for practice';
        }
        [$written, $seal] = [...explode('.', substr($token, 4), 2), ''];
        $name = (string) base64_decode(strtr($written, '-_', '+/'), true);

        return str_starts_with($token, 'pub_') && $name !== '' && hash_equals($this->seal($name), $seal) ? $name : null;
    }

    /** What a store keeps of a publisher. */
    public static function mark(string $token): string
    {
        return hash('sha256', $token);
    }

    /**
     * Where somebody makes an account, and gets its token.
     *
     * @param  array<string, mixed>  $fields
     */
    public function page(string $method, array $fields, string $address): Answer
    {
        $text = fn (string $one): string => htmlspecialchars($one, ENT_QUOTES | ENT_SUBSTITUTE);
        $name = mb_substr(trim(is_string($fields['name'] ?? null) ? mb_scrub($fields['name']) : ''), 0, self::NAME);
        $store = $text(ucfirst($this->store));
        $isGiven = $method === 'POST' && $name !== '' && $this->token !== '';
        $given = $isGiven ? 'pub_'.rtrim(strtr(base64_encode($name), '+/', '-_'), '=').'.'.$this->seal($name) : '';
        $told = $given === '' ? '' : "<p>The token of {$text($name)}, for those who hand in for you:</p><p><code>$given</code></p>";
        $style = 'body{font:16px/1.6 Georgia,serif;max-width:38rem;margin:4rem auto;padding:0 1rem;color:#22303c}code{overflow-wrap:anywhere}';

        return Answer::page('<!doctype html><html lang="en"><meta charset="utf-8"><meta name="viewport" content="width=device-width">'
            ."<title>Publish at $store</title><style>$style</style><small>$store, a practice store</small><h1>Publish here</h1>$told"
            ."<form method=\"post\" action=\"{$text($address)}\"><p><label>Your name as a publisher "
            .'<input name="name" required maxlength="'.self::NAME.'"></label></p><p><button>Make an account</button></p></form></html>');
    }

    private function seal(string $name): string
    {
        return substr(hash_hmac('sha256', "$this->store/$name", $this->token), 0, 32);
    }
}
