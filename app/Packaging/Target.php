<?php

declare(strict_types=1);

namespace App\Packaging;

/** What a package is for. */
enum Target: string
{
    case Web = 'web';
    case Apk = 'apk';
    case Aab = 'aab';

    public function recipe(): Recipe
    {
        return match ($this) {
            self::Web => app(WebRecipe::class),
            self::Apk => app(ApkRecipe::class),
            self::Aab => app(AabRecipe::class),
        };
    }

    public function fileName(string $slug, string $version): string
    {
        return "$slug-$version.".($this === self::Web ? 'zip' : $this->value);
    }
}
