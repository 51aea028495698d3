<?php

declare(strict_types=1);

namespace Lanai\Core\Effects;

use Lanai\Core\Language\Sentence;
use Lanai\Core\Play\Doing;
use Lanai\Core\Play\Effect;

/** Hands the person all that the app keeps of them, as JSON. */
final readonly class DownloadMine implements Effect
{
    use OfAccount;

    public static function sentence(): Sentence
    {
        return Sentence::of('download my data');
    }

    public function run(Doing $doing): void
    {
        self::needsMe($doing);
        $doing->outcome->onDevice('download', 'mine');
    }
}
