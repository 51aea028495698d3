<?php

declare(strict_types=1);

namespace Lanai\Core\Services;

use Lanai\Core\Script\Family;

/** What services can be asked; a new kind is registered here. */
final class Askables
{
    private static ?Family $family = null;

    public static function family(): Family
    {
        return self::$family ??= Family::of('a request', [
            'rest' => Request::class,
            'answer' => AnswerInWords::class,
            'translation' => Translation::class,
            'picture' => PictureFromWords::class,
            'speech' => Speech::class,
            'filling' => FillingIn::class,
        ]);
    }
}
