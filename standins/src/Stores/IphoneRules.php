<?php

declare(strict_types=1);

namespace Standins\Stores;

use Standins\Inspection;

/** What a store for iPhones wants of a package, whichever way it comes (common practice, no source; names of keys from memory). */
final class IphoneRules
{
    /** Class that a program uses => the reason that the system shows its person. */
    private const REASONS = [
        'CLLocationManager' => ['NSLocationWhenInUseUsageDescription', 'where the phone is'],
        'LAContext' => ['NSFaceIDUsageDescription', 'who holds the phone'],
        'ATTrackingManager' => ['NSUserTrackingUsageDescription', 'whether somebody may be known again'],
        'UIImagePickerController' => ['NSCameraUsageDescription', 'for a picture'],
        'AVCaptureDevice' => ['NSCameraUsageDescription', 'for a picture'],
        'CNContactStore' => ['NSContactsUsageDescription', 'for the address book'],
        'EKEventStore' => ['NSCalendarsUsageDescription', 'for the calendar'],
        'PHPhotoLibrary' => ['NSPhotoLibraryUsageDescription', 'for all pictures'],
    ];

    /** What seals by itself, so that the question about it at borders cannot be answered with no. */
    private const SEALS = ['CCCrypt', 'CCCryptorCreate', 'SecKeyCreateEncryptedData', 'EVP_EncryptInit_ex', 'AES_encrypt'];

    private const SIDES = [
        'UIInterfaceOrientationPortrait', 'UIInterfaceOrientationLandscapeLeft', 'UIInterfaceOrientationLandscapeRight',
        'UIInterfaceOrientationPortraitUpsideDown',
    ];

    /**
     * What is known of an app once it was read: nobody has signed it.
     *
     * @param  array<string, mixed>  $plist  Info.plist
     * @param  list<array{code: string, sentence: string}>  $reasons
     * @param  list<string>  $collects  what it says that it keeps of people
     */
    public static function inspection(array $plist, array $reasons, array $collects): Inspection
    {
        $text = fn (string $key): string => is_string($plist[$key] ?? null) ? $plist[$key] : '';
        [$id, $build, $version] = array_map($text, ['CFBundleIdentifier', 'CFBundleVersion', 'CFBundleShortVersionString']);

        return new Inspection($id, (int) $build, $version, '', self::purposes($plist), $reasons, self::isOpen($plist), $collects);
    }

    /** @return list<array{code: string, sentence: string}> of names in the file that stand twice or lead out of it */
    public static function names(string $file): array
    {
        return array_map(
            fn (string $name): array => self::reason('zip', 'The name “'.mb_scrub($name).'” stands twice in the file, or leads out of it.'),
            ZipEntries::of($file)->unsafe(),
        );
    }

    /**
     * @param  array<string, mixed>  $plist  Info.plist
     * @param  callable(string...): bool  $uses  whether the program uses one of these classes or functions
     * @return list<array{code: string, sentence: string}>
     */
    public static function described(array $plist, callable $uses): array
    {
        $reasons = [];
        $text = fn (string $key): string => is_string($plist[$key] ?? null) ? trim($plist[$key]) : '';
        if (preg_match('/^[A-Za-z0-9-]+(\.[A-Za-z0-9-]+)+$/D', $text('CFBundleIdentifier')) !== 1) {
            $reasons[] = self::reason('bundle', 'The bundle id is missing, or has other signs than letters, digits, hyphens and dots.');
        }
        if (preg_match('/^\d+(\.\d+){0,2}$/D', $text('CFBundleShortVersionString')) !== 1) {
            $reasons[] = self::reason('version', 'The version is not of up to three whole numbers.');
        }
        if (preg_match('/^[1-9]\d*$/D', $text('CFBundleVersion')) !== 1) {
            $reasons[] = self::reason('version.code', 'The build number is not a whole number above 0.');
        }
        foreach (self::REASONS as $class => [$key, $for]) {
            if ($uses($class) && $text($key) === '') {
                $reasons[] = self::reason('purpose', "The app asks the phone $for ($class), and gives its person no reason for it ($key).");
            }
        }
        foreach (['NSLocationWhenInUseUsageDescription', 'NSFaceIDUsageDescription', 'NSUserTrackingUsageDescription'] as $key) {
            $classes = array_keys(array_filter(self::REASONS, fn (array $one): bool => $one[0] === $key));
            if ($text($key) !== '' && ! $uses(...$classes)) {
                $reasons[] = self::reason('purpose', "The app gives a reason for something that it never asks of the phone ($key).");
            }
        }
        if (! is_bool($plist['ITSAppUsesNonExemptEncryption'] ?? null)) {
            $reasons[] = self::reason('encryption', 'It is not answered whether the app seals anything by itself (ITSAppUsesNonExemptEncryption).');
        } elseif ($plist['ITSAppUsesNonExemptEncryption'] === false && $uses(...self::SEALS)) {
            $reasons[] = self::reason('encryption', 'The app says that it seals nothing by itself, and it does.');
        }
        if (! isset($plist['UILaunchScreen']) && ! isset($plist['UILaunchStoryboardName'])) {
            $reasons[] = self::reason('launch', 'Nothing says what is seen while the app begins.');
        }
        $modes = is_array($plist['UIBackgroundModes'] ?? null) ? $plist['UIBackgroundModes'] : [];
        if (in_array('fetch', $modes, true) && ! $uses('BGTaskScheduler')) {
            $reasons[] = self::reason('background', 'The app wants to work while it is away, and never does.');
        }
        $onTablets = $plist['UISupportedInterfaceOrientations~ipad'] ?? $plist['UISupportedInterfaceOrientations'] ?? [];
        if (in_array(2, (array) ($plist['UIDeviceFamily'] ?? [1, 2]), true) && array_diff(self::SIDES, (array) $onTablets) !== []) {
            $reasons[] = self::reason('tablet', 'On tablets the app does not turn with the tablet to all four sides.');
        }

        return $reasons;
    }

    /**
     * @param  array<string, mixed>|null  $manifest  PrivacyInfo.xcprivacy
     * @param  callable(string...): bool  $uses
     * @return array{list<string>, list<array{code: string, sentence: string}>} what it keeps of people, and what is wrong
     */
    public static function privacy(?array $manifest, callable $uses): array
    {
        if ($manifest === null || ! is_bool($manifest['NSPrivacyTracking'] ?? null) || ! is_array($manifest['NSPrivacyCollectedDataTypes'] ?? null)) {
            return [[], [self::reason('privacy', 'There is no privacy manifest (PrivacyInfo.xcprivacy), or it does not say what the app keeps of people.')]];
        }
        $reasons = [];
        $types = [];
        foreach ($manifest['NSPrivacyCollectedDataTypes'] as $one) {
            $type = is_array($one) && is_string($one['NSPrivacyCollectedDataType'] ?? null) ? $one['NSPrivacyCollectedDataType'] : '';
            $purposes = is_array($one) && is_array($one['NSPrivacyCollectedDataTypePurposes'] ?? null) ? $one['NSPrivacyCollectedDataTypePurposes'] : [];
            if ($type === '' || $purposes === []) {
                $reasons[] = self::reason('privacy', "The privacy manifest does not say what “{$type}” is for.");
            }
            $types[] = $type;
        }
        $domains = array_filter((array) ($manifest['NSPrivacyTrackingDomains'] ?? []), fn (mixed $one): bool => is_string($one) && $one !== '');
        if ($manifest['NSPrivacyTracking'] && $domains === []) {
            $reasons[] = self::reason('privacy', 'The privacy manifest says that people are known again, and not by whom (NSPrivacyTrackingDomains).');
        }
        if ($manifest['NSPrivacyTracking'] && ! $uses('ATTrackingManager')) {
            $reasons[] = self::reason('privacy', 'People are known again, and the app never asks them by the system’s question (ATTrackingManager).');
        }
        $apis = array_column(array_filter((array) ($manifest['NSPrivacyAccessedAPITypes'] ?? []), is_array(...)), 'NSPrivacyAccessedAPIType');
        if ($uses('NSUserDefaults') && ! in_array('NSPrivacyAccessedAPICategoryUserDefaults', $apis, true)) {
            $reasons[] = self::reason('privacy', 'The app keeps settings (NSUserDefaults), and the privacy manifest does not say why.');
        }

        return [array_values(array_unique($types)), $reasons];
    }

    /** @param  array<string, mixed>  $plist */
    public static function isOpen(array $plist): bool
    {
        $transport = is_array($plist['NSAppTransportSecurity'] ?? null) ? $plist['NSAppTransportSecurity'] : [];
        $domains = array_filter(is_array($transport['NSExceptionDomains'] ?? null) ? $transport['NSExceptionDomains'] : [], is_array(...));
        $open = array_filter($domains, fn (array $one): bool => ($one['NSExceptionAllowsInsecureHTTPLoads'] ?? false) === true);

        return ($transport['NSAllowsArbitraryLoads'] ?? false) === true || $open !== [];
    }

    /**
     * An icon has no transparency (colour types 4 and 6 of PNG, and a tRNS chunk: ISO/IEC 15948, 11.2.2 and 11.3.2), and is square.
     *
     * @return list<array{code: string, sentence: string}>
     */
    public static function icon(string $name, string $png): array
    {
        $head = str_starts_with($png, "\x89PNG\r\n\x1a\n") && strlen($png) > 33 ? unpack('Nwidth/Nheight/Cdepth/Ccolour', substr($png, 16, 10)) : false;
        if ($head === false) {
            return [self::reason('icon', "The icon “{$name}” is missing, or no PNG.")];
        }
        $clear = in_array($head['colour'], [4, 6], true) || str_contains(substr($png, 33, 4096), 'tRNS');

        return [
            ...$head['width'] === $head['height'] ? [] : [self::reason('icon', "The icon “{$name}” is not square.")],
            ...$clear ? [self::reason('icon', "The icon “{$name}” can be seen through; an icon for iPhones cannot.")] : [],
        ];
    }

    /**
     * @param  array<string, mixed>  $plist
     * @return list<string> what the app tells people that it asks of the phone
     */
    public static function purposes(array $plist): array
    {
        return array_values(array_filter(array_keys($plist), fn (string $key): bool => preg_match('/^NS\w+UsageDescription$/', $key) === 1));
    }

    /** @return array{code: string, sentence: string} */
    public static function reason(string $code, string $sentence): array
    {
        return ['code' => $code, 'sentence' => $sentence];
    }
}
