<?php

declare(strict_types=1);

namespace App\Packaging;

/** What a package is for: a case here, and a recipe that says the rest. */
enum Target: string
{
    case Web = 'web';
    case Apk = 'apk';
    case Aab = 'aab';
    case Ios = 'ios';
    case Ipa = 'ipa';
    case Pictures = 'pictures';

    public function recipe(): Recipe
    {
        return app(match ($this) {
            self::Web => WebRecipe::class,
            self::Apk => ApkRecipe::class,
            self::Aab => AabRecipe::class,
            self::Ios => IphoneRecipe::class,
            self::Ipa => IpaRecipe::class,
            self::Pictures => PicturesRecipe::class,
        });
    }

    public function fileName(string $slug, string $version): string
    {
        return "$slug-$version.".$this->recipe()->ending();
    }

    /** @return list<array{key: string, name: string, short: string, note: string, group: string}> packages, as the Release station shows them */
    public static function shown(): array
    {
        return array_map(function (self $target): array {
            $recipe = $target->recipe();

            return [
                'key' => $target->value,
                'name' => $recipe->name(),
                'short' => $recipe->short(),
                'note' => $recipe->note(),
                'group' => $recipe->group(),
            ];
        }, array_filter(self::cases(), fn (self $target): bool => $target !== self::Pictures));
    }
}
