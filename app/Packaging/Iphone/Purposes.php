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
        $says = PhoneReasons::of($blueprint);
        // Where a file is chosen the web view offers the camera by itself.
        $films = array_intersect([FileType::class, VideoType::class], $asked) !== [];

        return array_filter([
            'NSCameraUsageDescription' => $films || in_array(PictureType::class, $asked, true) ? $says->camera() : '',
            'NSMicrophoneUsageDescription' => $films ? $says->microphone() : '',
            'NSLocationWhenInUseUsageDescription' => $uses(Ability::Locates) ? $says->location() : '',
            'NSFaceIDUsageDescription' => $uses(Ability::Locks) ? $says->lock() : '',
            'NSUserTrackingUsageDescription' => $uses(Ability::Tracks) ? $says->tracking() : '',
        ]);
    }
}
