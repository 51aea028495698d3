<?php

declare(strict_types=1);

namespace App\Packaging\Iphone;

use App\Packaging\Ability;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\FieldTypes\FileType;
use Lanai\Core\Model\FieldTypes\PictureType;
use Lanai\Core\Model\FieldTypes\VideoType;
use Lanai\Core\Release\AskedTypes;
use Lanai\Core\Release\PhoneReasons;

/** What an iPhone tells its person when the app first wants something of it. An app that wants it without a reason is ended by the system. */
final class Purposes
{
    /** @return array<string, string> key of Info.plist (from memory) => the sentence, in the language of the blueprint */
    public static function of(Blueprint $blueprint): array
    {
        $asked = AskedTypes::of($blueprint);
        $uses = fn (Ability $ability): bool => in_array($ability, Ability::of($blueprint), true);
        // Where a file is chosen the web view offers the camera by itself.
        $films = array_intersect([FileType::class, VideoType::class], $asked) !== [];

        return array_intersect_key(self::all(PhoneReasons::of($blueprint)), array_filter([
            'NSCameraUsageDescription' => $films || in_array(PictureType::class, $asked, true),
            'NSMicrophoneUsageDescription' => $films,
            'NSLocationWhenInUseUsageDescription' => $uses(Ability::Locates),
            'NSFaceIDUsageDescription' => $uses(Ability::Locks),
            'NSUserTrackingUsageDescription' => $uses(Ability::Tracks),
        ]));
    }

    /** @return array<string, string> those that there are, whether an app uses them or not */
    public static function all(PhoneReasons $says): array
    {
        return [
            'NSCameraUsageDescription' => $says->camera(),
            'NSMicrophoneUsageDescription' => $says->microphone(),
            'NSLocationWhenInUseUsageDescription' => $says->location(),
            'NSFaceIDUsageDescription' => $says->lock(),
            'NSUserTrackingUsageDescription' => $says->tracking(),
        ];
    }
}
