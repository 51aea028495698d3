<?php

declare(strict_types=1);

namespace App\Console;

use App\Packaging\Packager;
use App\Packaging\PackagingFailed;
use App\Packaging\ServerAddress;
use App\Packaging\Target;
use Illuminate\Console\Command;

final class PackageApp extends Command
{
    use FindsApp;

    protected $signature = 'lanai:package {app : its address or number} {target : which kind of package} {--out=. : a folder} {--here : for this computer '
        .'only, whether phones reach its address or not}';

    protected $description = 'Build a package of an app';

    public function handle(): int
    {
        $app = $this->app();
        $target = Target::tryFrom((string) $this->argument('target'));
        $out = (string) $this->option('out');
        if ($app === null || $target === null || ! is_dir($out)) {
            $this->error(match (true) {
                $app === null => 'Nothing was built.',
                $target === null => 'The target is one of '.implode(', ', array_column(Target::cases(), 'value')).'.',
                default => "There is no folder “{$out}”.",
            });

            return self::FAILURE;
        }
        $blueprint = $app->revision->read();
        $refusals = $target->recipe()->opensLive() ? Packager::refusals($app, (bool) $this->option('here')) : [];
        if ($refusals !== []) {
            $this->error('No package can be built yet:');
            array_map(fn (string $reason) => $this->line("- $reason"), $refusals);

            return self::FAILURE;
        }
        // The project, and beside it what can be made of it here.
        foreach ($target === Target::Ios ? [Target::Ios, Target::Ipa] : [$target] as $one) {
            $file = rtrim($out, '/').'/'.$one->fileName($app->slug, $blueprint->release->version);
            try {
                Packager::make(
                    $app,
                    $blueprint,
                    $one,
                    $file,
                    fn (int $percent, string $line) => $line === '' ? null : $this->line(sprintf('%3d %%  %s', $percent, $line)),
                    fn (): bool => false,
                );
            } catch (PackagingFailed $failed) {
                $this->error($failed->getMessage());

                return self::FAILURE;
            }
            $this->info($file);
        }
        if ($target->recipe()->opensLive()) {
            $this->line('It finds its server at '.ServerAddress::of($app));
        }

        return self::SUCCESS;
    }
}
