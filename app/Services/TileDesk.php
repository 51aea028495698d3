<?php

declare(strict_types=1);

namespace App\Services;

use App\Apps\WholeFile;
use App\Models\App;
use App\Records\DataSet;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\File;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Services\Message;
use Lanai\Core\Model\Services\Service;
use Lanai\Core\Text\Pattern;

/**
 * The tiles of an app's maps: fetched from their service with its key, which stays here, and kept, so that the service is asked once for
 * what many look at.
 */
final readonly class TileDesk
{
    /** Bytes of a tile. */
    private const LARGEST = 1_000_000;

    /** Seconds that a service may take: several tiles are asked for at once, and taps must not wait behind them. */
    private const PATIENCE = 4;

    /** Seconds for which a service that did not answer in time is not asked again. */
    private const REST = 10;

    /** Seconds that a tile is kept where the service does not say how long, at least and at most. */
    private const USUAL = 7 * 86400;

    private const SHORTEST = 3600;

    private const LONGEST = 30 * 86400;

    /** Bytes of all tiles that are kept for an app. */
    private const ROOM = 100_000_000;

    /** Of so many tiles that come in, one has the room looked at. */
    private const LOOKED_AFTER = 200;

    private const KINDS = [IMAGETYPE_PNG => 'image/png', IMAGETYPE_JPEG => 'image/jpeg', IMAGETYPE_WEBP => 'image/webp'];

    public function __construct(private App $app, private DataSet $set)
    {
    }

    /**
     * @return array{string, string, int} a picture, its media type, and for how many seconds it holds
     *
     * @throws NoTile
     */
    public function tile(Blueprint $blueprint, int $zoom, int $x, int $y): array
    {
        $service = $blueprint->mapService();
        $tiles = $service?->tiles[0] ?? null;
        if ($service === null || $tiles === null || ! $tiles->has($zoom, $x, $y)) {
            throw new NoTile('There is no such part of the map.', 404);
        }
        $desk = new ServiceDesk($this->app, $this->set);
        $message = $tiles->message($desk->base($service), $zoom, $x, $y);
        $file = $this->app->folder('tiles').'/'.hash('sha256', $message->url);
        $left = is_file($file) ? (int) filemtime($file) - time() : 0;
        if ($left > 0) {
            return self::known((string) file_get_contents($file), $left);
        }
        try {
            [$bytes, $seconds] = $this->fetched($service, $desk, $message);
        } catch (NoTile $none) {
            // An old map is better than none.
            return is_file($file) ? self::known((string) file_get_contents($file), self::SHORTEST) : throw $none;
        }
        WholeFile::put($file, $bytes);
        touch($file, time() + $seconds);
        if (random_int(1, self::LOOKED_AFTER) === 1) {
            self::prune($this->app);
        }

        return self::known($bytes, $seconds);
    }

    /** @return array{string, int} */
    private function fetched(Service $service, ServiceDesk $desk, Message $message): array
    {
        $resting = "tiles rest {$this->app->id} {$this->set->value}";
        if (Cache::has($resting)) {
            throw new NoTile("$service->name has just been too slow to draw the map.", 502);
        }
        $exchange = (new Wire($this->app))->send($message, $service->signsIn(), $desk->secret($service), self::PATIENCE)->wait();
        if ($exchange instanceof Exchange && $exchange->status === 0) {
            Cache::put($resting, true, self::REST);
        }
        if (! $exchange instanceof Exchange || $exchange->status !== 200) {
            throw new NoTile("$service->name does not draw this part of the map just now.", 502);
        }
        if (strlen($exchange->body) > self::LARGEST || self::kind($exchange->body) === null) {
            throw new NoTile("$service->name answered with something that is no picture.", 502);
        }
        $said = Pattern::match('/max-age=(\d{1,9})/', $exchange->headers['cache-control'] ?? '', $found) ? (int) $found[1] : self::USUAL;

        return [$exchange->body, max(self::SHORTEST, min(self::LONGEST, $said))];
    }

    /** @return array{string, string, int} */
    private static function known(string $bytes, int $seconds): array
    {
        return [$bytes, self::kind($bytes) ?? 'application/octet-stream', $seconds];
    }

    private static function kind(string $bytes): ?string
    {
        $size = @getimagesizefromstring($bytes);

        return $size === false ? null : self::KINDS[$size[2]] ?? null;
    }

    /** Removes what holds no longer, and of the rest what holds the shortest, until there is room. */
    public static function prune(App $app): int
    {
        $files = File::files($app->folder('tiles'));
        usort($files, fn (\SplFileInfo $a, \SplFileInfo $b): int => @filemtime($b->getPathname()) <=> @filemtime($a->getPathname()));
        $kept = $removed = 0;
        foreach ($files as $file) {
            $kept += (int) @filesize($file->getPathname());
            if (@filemtime($file->getPathname()) < time() - self::USUAL || $kept > self::ROOM) {
                $removed += (int) @unlink($file->getPathname());
            }
        }

        return $removed;
    }
}
