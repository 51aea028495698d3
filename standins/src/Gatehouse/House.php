<?php

declare(strict_types=1);

namespace Standins\Gatehouse;

use Standins\Box;
use Standins\RsaKey;

/** What Gatehouse remembers: its clients, its testers, its switches, its people and the codes it has given out. */
final class House
{
    /** Everybody here is made up. */
    public const PEOPLE = [
        'p-2041' => ['name' => 'Runa Castellane', 'email' => 'runa@castellane.example', 'email_verified' => true],
        'p-2042' => ['name' => 'Emeka Brandt', 'email' => 'emeka@brandt.example', 'email_verified' => true],
        'p-2043' => ['name' => 'Ines Okafor', 'email' => 'ines@okafor.example', 'email_verified' => true],
        'p-2044' => ['name' => 'Pia Unproven', 'email' => 'marit@solheim.example', 'email_verified' => false],
    ];

    /** What can be broken in a token, for rehearsal: one rule each. */
    public const BREAKS = ['', 'iss', 'aud', 'azp', 'none', 'hmac', 'key', 'kid', 'exp', 'old', 'future', 'nonce', 'sub', 'at_hash', 'userinfo'];

    /**
     * @var array{clients: array<string, array{secret: string, name: string, redirects: list<string>}>, testers: list<string>, testing: bool,
     *   break: string, skew: int, codes: array<string, array<string, mixed>>, tokens: array<string, array<string, mixed>>}
     */
    public array $state;

    private readonly string $file;

    /**
     * @param  string  $app  the address of the Lanai that the demo's client comes from
     * @param  string  $box  the founder's whose clients, testers and switches these are; '' for the demo's
     */
    public function __construct(private readonly string $folder, string $app, private readonly string $box = '')
    {
        if (! is_dir($folder)) {
            mkdir($folder, 0700, true);
        }
        $this->file = "$folder/gatehouse".($box === '' ? '' : "-$box").'.json';
        $read = is_file($this->file) ? json_decode((string) file_get_contents($this->file), true) : null;
        $app = rtrim($app, '/');
        $this->state = (is_array($read) ? $read : []) + [
            'clients' => $box !== ''
                    ? []
                    : [
                        'saltlark-sandbox' => [
                            'secret' => 'practice-secret-for-the-sandbox',
                            'name' => 'Saltlark, sandbox',
                            'redirects' => ["$app/back/sandbox/saltlark"],
                        ],
                        'saltlark-live' => ['secret' => 'practice-secret-for-live', 'name' => 'Saltlark', 'redirects' => ["$app/back/live/saltlark"]],
                    ],
            'testers' => ['runa@castellane.example', 'ines@okafor.example'],
            'testing' => false,
            'break' => '',
            'skew' => 0,
            'codes' => [],
            'tokens' => [],
        ];
    }

    /** The house that a request is about: that of the key with which the desk is opened, else that of the client or token it names. */
    public static function of(string $folder, string $app, Box $box, Box $demo, string $named): self
    {
        return match (true) {
            $box->isOpen() => new self($folder, $app, $box->name === $demo->name ? '' : substr($box->name, 0, 12)),
            preg_match('/^(?:client-)?([0-9a-f]{12})-/', $named, $found) === 1 => new self($folder, $app, $found[1]),
            default => new self($folder, $app),
        };
    }

    /**
     * The client or the token that a request names; '' for neither.
     *
     * @param  array<string, mixed>  $given
     */
    public static function named(array $given, string $authorization): string
    {
        return match (true) {
            preg_match('/^Bearer (\S+)$/', $authorization, $found) === 1 => $found[1],
            preg_match('/^Basic (\S+)$/', $authorization, $found) === 1 => urldecode(explode(':', (string) base64_decode($found[1]), 2)[0]),
            default => is_string($given['client_id'] ?? null) ? $given['client_id'] : '',
        };
    }

    /** What the ids of its clients and its tokens begin with, so that they are found again. */
    public function mark(): string
    {
        return $this->box === '' ? '' : "$this->box-";
    }

    /**
     * Changes the state with no other request in between.
     *
     * @template T
     *
     * @param  callable(self): T  $change
     * @return T
     */
    public function change(callable $change): mixed
    {
        $lock = fopen("$this->file.lock", 'c');
        flock($lock, LOCK_EX);
        $read = is_file($this->file) ? json_decode((string) file_get_contents($this->file), true) : null;
        $this->state = (is_array($read) ? $read : []) + $this->state;
        $result = $change($this);
        $this->state['codes'] = array_filter($this->state['codes'], fn (array $c): bool => $c['until'] > time());
        $this->state['tokens'] = array_filter($this->state['tokens'], fn (array $t): bool => $t['until'] > time());
        file_put_contents($this->file, json_encode($this->state, JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES));
        flock($lock, LOCK_UN);

        return $result;
    }

    /** @return \OpenSSLAsymmetricKey the key that signs; another one, which nobody is told of, for "wrong" */
    public function key(string $which = 'right'): \OpenSSLAsymmetricKey
    {
        return RsaKey::of("$this->folder/gatehouse-$which.pem");
    }

    public static function encoded(string $bytes): string
    {
        return rtrim(strtr(base64_encode($bytes), '+/', '-_'), '=');
    }
}
