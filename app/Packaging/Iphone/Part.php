<?php

declare(strict_types=1);

namespace App\Packaging\Iphone;

/** Something that Xcode builds: the app, or a part of it that stands in other programs. */
final readonly class Part
{
    public const APP = 'com.apple.product-type.application';

    public const EXTENSION = 'com.apple.product-type.app-extension';

    /**
     * @param  string  $name  also the name of its folder
     * @param  list<string>  $code  headers and what is compiled
     * @param  list<string>  $files  what goes into it as it is
     * @param  list<string>  $texts  what goes into it in each language
     * @param  list<string>  $described  what Xcode reads to build it
     * @param  list<string>  $frameworks
     * @param  array<string, string>  $settings
     * @param  array<string, string>  $inDebug  other values while it is tried out on a phone
     */
    public function __construct(
        public string $name,
        public string $kind,
        public array $code,
        public array $files,
        public array $texts,
        public array $described,
        public array $frameworks,
        public array $settings,
        public array $inDebug = [],
    ) {
    }

    public function ending(): string
    {
        return $this->kind === self::APP ? 'app' : 'appex';
    }

    /** @return list<string> what is compiled */
    public function sources(): array
    {
        return array_values(array_filter($this->code, fn (string $file): bool => str_ends_with($file, '.m')));
    }
}
