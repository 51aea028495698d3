<?php

declare(strict_types=1);

namespace Standins;

/**
 * Whose practice it is. Each founder has a box at every stand-in: what lies in it and how it is arranged is theirs. A box is named
 * by the digest of its key, so that a name can be told to anybody and only the key opens it.
 */
final readonly class Box
{
    /** @param  string  $key  '' where nobody has shown one */
    private function __construct(public string $name, public string $key)
    {
    }

    public static function opened(string $key): self
    {
        return preg_match('/^[0-9a-f]{64}$/', $key) === 1 ? new self(substr(hash('sha256', $key), 0, 32), $key) : new self('', '');
    }

    public static function named(string $name): self
    {
        return new self(preg_match('/^[0-9a-f]{32}$/', $name) === 1 ? $name : '', '');
    }

    /**
     * The box of a request: opened by a key in the address or a header, or only named.
     *
     * @param  array<string, mixed>  $query
     * @param  array<string, string>  $headers  by name in small letters
     */
    public static function of(array $query, array $headers): self
    {
        $key = is_string($query['key'] ?? null) ? $query['key'] : ($headers['x-practice-key'] ?? '');
        $opened = self::opened($key);

        return $opened->isOpen() ? $opened : self::named($headers['x-practice-box'] ?? '');
    }

    /** That of the demo, whose key follows from the secret that Lanai and its stand-ins share. */
    public static function ofDemo(string $secret): self
    {
        return self::opened(hash_hmac('sha256', 'practice of demo', $secret));
    }

    public function isOpen(): bool
    {
        return $this->key !== '';
    }

    /** Part of the name of a file. */
    public function file(): string
    {
        return $this->name === '' ? '' : '-'.substr($this->name, 0, 12);
    }

    public static function closed(): Answer
    {
        return Answer::problem(401, 'This desk opens only with a key. The studio of Lanai leads to it.');
    }
}
