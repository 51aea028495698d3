<?php

declare(strict_types=1);

namespace App\Device;

use App\Models\App;
use App\Models\Revision;
use App\Records\DataSet;
use App\Space;
use Illuminate\Contracts\Encryption\DecryptException;
use Illuminate\Support\Facades\Crypt;

/**
 * One screen as somebody sees it in one language, for a picture: who holds its key may look at that, in the practice data, for a quarter of an hour,
 * and do nothing.
 */
final readonly class Sitting
{
    private const SECONDS = 900;

    /**
     * @param  list<int|string>  $args
     * @param  int|null  $person  who sees it; null for somebody who is not signed in
     * @param  string  $tongue  a tag; '' for the app's own language
     * @param  string  $caption  stands above the picture
     */
    public function __construct(
        public int $app,
        public int $revision,
        public string $screen,
        public array $args,
        public ?int $person,
        public string $tongue,
        public string $caption,
    ) {
    }

    public function key(): string
    {
        $said = json_encode([now()->getTimestamp() + self::SECONDS, ...array_values(get_object_vars($this))], JSON_THROW_ON_ERROR);

        return rtrim(strtr(base64_encode(Crypt::encryptString($said)), '+/', '-_'), '=');
    }

    /** The sitting that a key is of; null where it is none, or good no more. */
    public static function of(string $key): ?self
    {
        try {
            $said = json_decode(Crypt::decryptString((string) base64_decode(strtr($key, '-_', '+/'), true)), true);
        } catch (DecryptException) {
            return null;
        }
        if (! is_array($said) || count($said) !== 8 || ! is_int($said[0]) || $said[0] < now()->getTimestamp()) {
            return null;
        }

        return new self(...array_slice($said, 1));
    }

    /** Where it is looked at, with a key of its own or with this one. */
    public function path(string $key = ''): string
    {
        $key = $key === '' ? $this->key() : $key;
        $args = array_map(fn (int|string $arg): string => is_int($arg) ? (string) $arg : '~'.rawurlencode($arg), $this->args);

        return "/taken/$key#/".implode('/', [rawurlencode($this->screen), ...$args]);
    }

    public function space(): ?Space
    {
        $app = App::query()->find($this->app);
        $revision = $app === null ? null : Revision::query()->where('app_id', $app->id)->find($this->revision);

        return $app === null || $revision === null ? null : new Space($app, DataSet::Sandbox, $revision);
    }
}
