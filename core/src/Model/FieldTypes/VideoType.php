<?php

declare(strict_types=1);

namespace Lanai\Core\Model\FieldTypes;

use Lanai\Core\Language\Sentence;
use Lanai\Core\Language\Words;
use Lanai\Core\Model\FieldType;

/** A film that was uploaded. */
final readonly class VideoType implements FieldType, Timed
{
    use Recorded;

    private const ENDINGS = ['mp4', 'mov', 'webm'];

    private const CALLED = 'an MP4, MOV or WebM film';

    public static function sentence(): Sentence
    {
        return Sentence::of(new Words('is a video', 'is video'))->clauses(self::inSeconds());
    }

    public function control(): string
    {
        return 'video';
    }
}
