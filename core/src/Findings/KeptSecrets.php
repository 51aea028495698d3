<?php

declare(strict_types=1);

namespace Lanai\Core\Findings;

use Lanai\Core\Text\Pattern;

/** The secrets that are kept for an app, as digests only: whether one stands in a text can be told, and what it is cannot. */
final class KeptSecrets
{
    /** Shorter ones are words that may stand anywhere. */
    private const SHORTEST = 6;

    /** @var array<int, array<string, true>> length in bytes => digests */
    private array $digests = [];

    /**
     * @param  string  $salt  known to this installation only
     * @param  list<string>  $secrets
     */
    public function __construct(private readonly string $salt = '', #[\SensitiveParameter] array $secrets = [])
    {
        foreach ($secrets as $secret) {
            // Of one with spaces in it the longest word.
            $words = Pattern::split('/\s+/', $secret, flags: PREG_SPLIT_NO_EMPTY) ?: [];
            usort($words, fn (string $a, string $b): int => strlen($b) <=> strlen($a));
            if (strlen($words[0] ?? '') >= self::SHORTEST) {
                $this->digests[strlen($words[0])][$this->digest($words[0])] = true;
            }
        }
    }

    /** The same for the same secrets. */
    public function mark(): string
    {
        return $this->digests === [] ? '' : hash('xxh128', serialize($this->digests));
    }

    /** Whether a text holds one of them, with whatever stands around it. */
    public function stand(string $text): bool
    {
        if ($this->digests === []) {
            return false;
        }
        foreach (Pattern::split('/\s+/', $text, flags: PREG_SPLIT_NO_EMPTY) as $word) {
            foreach ($this->digests as $length => $known) {
                for ($at = 0; $at + $length <= strlen($word); $at++) {
                    if (isset($known[$this->digest(substr($word, $at, $length))])) {
                        return true;
                    }
                }
            }
        }

        return false;
    }

    private function digest(string $text): string
    {
        return hash_hmac('sha256', $text, $this->salt, true);
    }
}
