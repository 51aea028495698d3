<?php

declare(strict_types=1);

namespace App\Apps;

use getID3;
use Illuminate\Http\UploadedFile;
use Illuminate\Validation\ValidationException;
use Lanai\Core\Model\FieldType;
use Lanai\Core\Model\FieldTypes\SoundType;
use Lanai\Core\Model\FieldTypes\VideoType;

/** Films and sounds that are uploaded: what they are and how long they last is read from the file itself. */
final class Recordings
{
    /** Ending => what the file then is: its type, how getID3 calls its format, and how many megabytes it may have. */
    private const KINDS = [
        'mp4' => [VideoType::class, ['mp4', 'quicktime'], 60],
        'mov' => [VideoType::class, ['mp4', 'quicktime'], 60],
        'webm' => [VideoType::class, ['webm', 'matroska'], 60],
        'mp3' => [SoundType::class, ['mp3'], 20],
        'm4a' => [SoundType::class, ['mp4', 'quicktime'], 20],
        'ogg' => [SoundType::class, ['ogg'], 20],
        'wav' => [SoundType::class, ['wav', 'riff'], 20],
    ];

    /** @return class-string<FieldType>|null null for what is neither a film nor a sound by its ending */
    public static function kind(string $ending): ?string
    {
        return self::KINDS[strtolower($ending)][0] ?? null;
    }

    /** How many megabytes a file of this ending may have; null where it is neither a film nor a sound. */
    public static function most(string $ending): ?int
    {
        return self::KINDS[strtolower($ending)][2] ?? null;
    }

    /**
     * @param  int|null  $longest  in seconds; null for no limit
     *
     * @throws ValidationException where it is not what its ending says, or lasts too long
     */
    public static function check(UploadedFile $file, ?int $longest): void
    {
        $ending = strtolower($file->getClientOriginalExtension());
        [, $formats] = self::KINDS[$ending];
        $read = (new getID3())->analyze((string) $file->getRealPath());
        $format = is_string($read['fileformat'] ?? null) ? $read['fileformat'] : '';
        $seconds = is_numeric($read['playtime_seconds'] ?? null) ? (float) $read['playtime_seconds'] : 0.0;
        if (! in_array($format, $formats, true)) {
            throw self::no("This file is not what its ending .$ending says.");
        }
        if ($longest !== null && $seconds <= 0) {
            throw self::no('How long this is cannot be read from the file. Please choose another one.');
        }
        // What a recorder stops at a second lasts a moment longer.
        if ($longest !== null && $seconds > $longest + 0.5) {
            throw self::no("This lasts for {$longest} seconds at the most; yours for ".ceil($seconds).'. Please cut it, or choose another one.');
        }
    }

    /** The picture that stands for a film until it is played. */
    public static function poster(string $file): string
    {
        return dirname($file).'/posters/'.basename($file).'.jpg';
    }

    /** Keeps it beside the film, drawn anew; one that cannot be read is left out. */
    public static function keepPoster(string $file, string $bytes): void
    {
        $size = @getimagesizefromstring($bytes);
        $picture = $size === false || $size[0] * $size[1] > 4_000_000 ? false : @imagecreatefromstring($bytes);
        if ($picture === false) {
            return;
        }
        ob_start();
        imagejpeg($picture, null, 82);
        is_dir(dirname(self::poster($file))) || @mkdir(dirname(self::poster($file)), 0700, true);
        WholeFile::put(self::poster($file), (string) ob_get_clean());
    }

    public static function forget(string $file): void
    {
        is_file(self::poster($file)) && unlink(self::poster($file));
    }

    private static function no(string $sentence): ValidationException
    {
        return ValidationException::withMessages(['picture' => $sentence]);
    }
}
