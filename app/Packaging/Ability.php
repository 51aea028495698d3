<?php

declare(strict_types=1);

namespace App\Packaging;

use Lanai\Core\Effects\DownloadMine;
use Lanai\Core\Effects\ShareText;
use Lanai\Core\Language\NodeSpot;
use Lanai\Core\Language\Walk;
use Lanai\Core\Lines\ListLine;
use Lanai\Core\Lines\MapLine;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Earnings\Product;
use Lanai\Core\Model\FieldTypes\FileType;
use Lanai\Core\Model\FieldTypes\PictureType;
use Lanai\Core\Model\FieldTypes\PlaceType;
use Lanai\Core\Model\FieldTypes\SoundType;
use Lanai\Core\Model\FieldTypes\VideoType;
use Lanai\Core\Release\AdvertsDeclared;
use Lanai\Core\Release\AskedTypes;

/**
 * What a phone does for a page of the package, each by classes of its own in packaging/android/smali and packaging/ios/App; only what an app uses
 * comes along.
 */
enum Ability: string
{
    case Feels = 'Feels';
    case Shares = 'Shares';
    case Saves = 'Saves';
    case ChoosesFiles = 'ChoosesFiles';
    case TakesPictures = 'TakesPictures';
    case Locates = 'Locates';
    case TakesShared = 'TakesShared';
    case Locks = 'Locks';
    case Notifies = 'Notifies';
    case Tracks = 'Tracks';
    case Buys = 'Buys';
    case Fails = 'Fails';

    /** @return list<self> those that the app's sentences use */
    public static function of(Blueprint $blueprint): array
    {
        $asked = AskedTypes::of($blueprint);
        $walk = $blueprint->walk();
        $pictures = in_array(PictureType::class, $asked, true);
        $uses = fn (self $ability): bool => match ($ability) {
            self::Feels, self::Fails => true,
            self::TakesShared => $blueprint->sharedScreen() !== null,
            self::Notifies => $blueprint->sends !== [],
            self::Tracks => AdvertsDeclared::of($blueprint)->tracks,
            self::Locks => $blueprint->release->locked,
            // What is used outside the app no store sells.
            self::Buys => array_filter($blueprint->products, fn (Product $product): bool => ! $product->outside) !== [],
            self::Shares => $walk->nodesOf(ShareText::class) !== [],
            self::Saves => $walk->nodesOf(DownloadMine::class) !== [],
            // Who takes pictures chooses files, too.
            self::ChoosesFiles => ! $pictures && array_intersect([FileType::class, VideoType::class, SoundType::class], $asked) !== [],
            self::TakesPictures => $pictures,
            self::Locates => in_array(PlaceType::class, $asked, true) || self::marksHere($walk),
        };

        return array_values(array_filter(self::cases(), $uses));
    }

    /** What an app can that has it, after “it can”. */
    public function words(): string
    {
        return match ($this) {
            self::Feels => 'be felt where something is tapped',
            self::Shares => 'share with other programs',
            self::Saves => 'save a file on the phone',
            self::ChoosesFiles => 'take files of the phone',
            self::TakesPictures => 'take pictures',
            self::Locates => 'ask where somebody is',
            self::TakesShared => 'take what other programs share',
            self::Locks => 'be locked with the phone’s own lock',
            self::Notifies => 'show messages while it is closed',
            self::Tracks => 'ask whether adverts may follow somebody',
            self::Buys => 'sell by the phone’s own store',
            self::Fails => 'say what went wrong',
        };
    }

    /** A map of the app shows where its person is. */
    private static function marksHere(Walk $walk): bool
    {
        $maps = [...$walk->nodesOf(ListLine::class), ...$walk->nodesOf(MapLine::class)];

        return array_filter($maps, fn (NodeSpot $map): bool => ($map->data['here'] ?? false) === true) !== [];
    }

    /** @return list<string> the classes of the shell for Android that it is made of; none where that system has nothing of the kind */
    public function classes(): array
    {
        return match ($this) {
            self::TakesPictures => ['ChoosesFiles', 'TakesPictures', 'Taken'],
            self::Notifies => ['Notifies', 'Fetches', 'Fetching', 'Shows'],
            self::Tracks, self::Buys => [],
            default => [$this->value],
        };
    }

    /** @return list<string> the classes of the shell for iPhones, the first of them what the page asks; none where the web view does it by itself */
    public function classesOnIphones(): array
    {
        return match ($this) {
            self::ChoosesFiles, self::TakesPictures => [],
            self::Notifies => ['LanaiNotifies', 'LanaiFetches', 'LanaiShows'],
            default => ["Lanai$this->value"],
        };
    }

    /** @return list<string> what it needs of an iPhone's system */
    public function frameworks(): array
    {
        return match ($this) {
            self::Locates => ['CoreLocation'],
            self::Locks => ['LocalAuthentication'],
            self::Notifies => ['UserNotifications', 'BackgroundTasks'],
            self::Tracks => ['AppTrackingTransparency'],
            self::Buys => ['StoreKit'],
            default => [],
        };
    }

    /** @return list<string> */
    public function permissions(): array
    {
        return match ($this) {
            self::Locates => ['android.permission.ACCESS_COARSE_LOCATION', 'android.permission.ACCESS_FINE_LOCATION'],
            // Messages are fetched also after the phone was off.
            self::Notifies => ['android.permission.POST_NOTIFICATIONS', 'android.permission.RECEIVE_BOOT_COMPLETED'],
            default => [],
        };
    }

    /**
     * All that a package asks of the phone.
     *
     * @return list<string>
     */
    public static function permissionsOf(Blueprint $blueprint): array
    {
        return ['android.permission.INTERNET', ...array_merge(...array_map(fn (self $a): array => $a->permissions(), self::of($blueprint)))];
    }
}
