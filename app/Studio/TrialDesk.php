<?php

declare(strict_types=1);

namespace App\Studio;

use App\Models\App;
use App\Records\DataSet;
use App\Records\SchemaFollower;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Str;
use Lanai\Core\Edits\EditRefused;
use Lanai\Core\Model\Blueprint;
use Throwable;

/** A proposal runs in the deck before it is taken: in a copy of the practice data, for the founder alone, and for a while. Of each app the last one. */
final readonly class TrialDesk
{
    /** Seconds. */
    private const GOOD = 1800;

    /**
     * @return string a key to it
     *
     * @throws EditRefused where it cannot be tried
     */
    public function begin(App $app, Blueprint $blueprint): string
    {
        $this->end($app);
        $copy = SandboxCopy::of($app) ?? throw new EditRefused(SandboxCopy::TOO_LARGE);
        try {
            (new SchemaFollower($copy->app, DataSet::Sandbox))->follow($blueprint);
        } catch (Throwable $trouble) {
            $copy->remove();
            throw new EditRefused('It cannot be tried before it is taken: '.$trouble->getMessage());
        }
        $key = Str::random(40);
        Cache::put("trial $key", ['app' => $app->id, 'copy' => $copy->app->id, 'blueprint' => $blueprint->data()], self::GOOD);
        Cache::put("trial of $app->id", [$key, $copy->app->id], self::GOOD);

        return $key;
    }

    public function end(App $app): void
    {
        $known = Cache::pull("trial of $app->id");
        if (is_array($known)) {
            Cache::forget("trial $known[0]");
            SandboxCopy::forget((int) $known[1]);
        }
    }

    /** @return array{app: int, copy: int, blueprint: array<string, mixed>}|null null where it is over */
    public static function known(string $key): ?array
    {
        $known = Cache::get("trial $key");

        return is_array($known) && is_dir(config('lanai.apps')."/$known[copy]") ? $known : null;
    }
}
