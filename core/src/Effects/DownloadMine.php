<?php

declare(strict_types=1);

namespace Lanai\Core\Effects;

use Lanai\Core\Runtime\Doing;
use Lanai\Core\Runtime\Effect;
use Lanai\Core\Script\Sentence;

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
        $doing->outcome->then('download', 'mine');
    }
}
