<?php

declare(strict_types=1);

namespace App\Apps;

use App\Models\App;
use App\Models\Founder;
use Illuminate\Support\Facades\File;
use Lanai\Core\Model\Asset;
use Lanai\Core\Model\Blueprint;

/** A second app that begins as another one is now: its sentences and its pictures. Rows are made up, and no person comes along. */
final readonly class Twin
{
    public function __construct(private RevisionBook $book)
    {
    }

    public function of(App $app, Founder $founder): App
    {
        $data = $app->revision->read()->data();
        $data['name'] = $this->free($app->name, $founder);
        $package = $app->revision->read()->release->package;
        // Two apps with one package would be one to stores and phones.
        if ($package !== '' && is_array($data['release'] ?? null)) {
            $data['release']['package'] = mb_substr($package, 0, 90).'_2';
        }
        $twin = $this->book->begin($founder, Blueprint::fromData($data));
        foreach ($this->files($app) as $name) {
            $file = $app->folder('pictures')."/$name";
            is_file($file) && File::copy($file, $twin->folder('pictures')."/$name");
        }
        FromWords::fill($twin);

        return $twin;
    }

    private function free(string $name, Founder $founder): string
    {
        $taken = $founder->apps()->pluck('name')->map(fn (mixed $one): string => mb_strtolower((string) $one))->all();
        for ($n = 2; in_array(mb_strtolower($called = mb_substr($name, 0, 54)." $n"), $taken, true); $n++);

        return $called;
    }

    /** @return list<string> what the founder has given to it */
    private function files(App $app): array
    {
        $blueprint = $app->revision->read();
        $names = [$blueprint->release->icon, ...array_map(fn (Asset $asset): string => $asset->file, $blueprint->assets)];

        return array_values(array_filter($names, fn (string $name): bool => $name !== '' && basename($name) === $name));
    }
}
