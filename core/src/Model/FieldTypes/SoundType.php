<?php

declare(strict_types=1);

namespace Lanai\Core\Model\FieldTypes;

use Lanai\Core\Language\Sentence;
use Lanai\Core\Language\Words;
use Lanai\Core\Model\FieldType;

/** A sound that was uploaded. */
final readonly class SoundType implements FieldType, Timed
{
    use Recorded;

    private const ENDINGS = ['mp3', 'm4a', 'ogg', 'wav'];

    private const CALLED = 'an MP3, M4A, Ogg or WAV sound';

    public static function sentence(): Sentence
    {
        return Sentence::of(new Words('is a sound', 'is sound'))->clauses(self::inSeconds());
    }

    public function control(): string
    {
        return 'sound';
    }
}
