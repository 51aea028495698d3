<?php

declare(strict_types=1);

namespace Standins\Stores;

use Standins\Inspection;
use Standins\Inspector;
use Standins\Install;

/** A store for iPhones, and for web apps. */
final readonly class Pier implements Inspector
{
    /** @var list<Inspector> */
    private array $kinds;

    public function __construct()
    {
        $this->kinds = [new IphonePackage(), new IphoneProject(), new WebApp()];
    }

    public function takes(): string
    {
        return implode('; ', array_map(fn (Inspector $kind): string => $kind->takes(), $this->kinds));
    }

    public function accepts(string $file): bool
    {
        return $this->kind($file) !== null;
    }

    public function inspect(string $file): Inspection
    {
        return $this->kind($file)?->inspect($file) ?? new Inspection(reasons: [['code' => 'package', 'sentence' => 'The package cannot be read.']]);
    }

    public function install(string $package, string $file): Install
    {
        return ($this->kind($file) ?? new WebApp())->install($package, $file);
    }

    private function kind(string $file): ?Inspector
    {
        foreach ($this->kinds as $kind) {
            if ($kind->accepts($file)) {
                return $kind;
            }
        }

        return null;
    }
}
