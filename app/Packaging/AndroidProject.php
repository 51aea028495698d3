<?php

declare(strict_types=1);

namespace App\Packaging;

/** Lays out the Android project of an app: manifest, resources, icons in all densities, the shell, and the device bundle as assets. */
final class AndroidProject
{
    /** Density => factor on dp, as Android names them. */
    private const DENSITIES = ['mdpi' => 1.0, 'hdpi' => 1.5, 'xhdpi' => 2.0, 'xxhdpi' => 3.0, 'xxxhdpi' => 4.0];

    public static function lay(Job $job): void
    {
        $release = $job->blueprint->release;
        $insecure = str_starts_with($job->server, 'http://');
        $fill = [
            '{{package}}' => $release->package,
            '{{version}}' => $release->version,
            '{{build}}' => (string) $release->build,
            '{{cleartext}}' => $insecure ? 'true' : 'false',
            // WebSettings: 0 allows calls to an http server, 1 never allows them.
            '{{mixed}}' => $insecure ? '0x0' : '0x1',
        ];
        foreach (['AndroidManifest.xml', 'apktool.yml', 'smali/app/lanai/shell/MainActivity.smali', 'smali/app/lanai/shell/Shell.smali'] as $file) {
            $job->write("project/$file", strtr((string) file_get_contents(base_path("packaging/android/$file")), $fill));
        }
        $theme = $job->blueprint->theme;
        $painter = new IconPainter($job->app, $job->blueprint);
        $xml = '<?xml version="1.0" encoding="utf-8"?>'."\n";
        $name = htmlspecialchars(strtr($job->blueprint->name, ['\\' => '\\\\', "'" => "\\'", '"' => '\\"', '@' => '\\@']), ENT_XML1);
        $job->write('project/res/values/strings.xml', "$xml<resources><string name=\"app_name\">$name</string></resources>\n");
        $job->write('project/res/values/colors.xml', "$xml<resources><color name=\"main\">$theme->main</color><color name=\"ground\">$theme->background</color><color name=\"icon\">{$painter->groundColour()}</color></resources>\n");
        $job->write('project/res/values/styles.xml', "$xml<resources><style name=\"App\" parent=\"@android:style/Theme.Material.Light.NoActionBar\"><item name=\"android:windowBackground\">@color/ground</item><item name=\"android:statusBarColor\">@color/main</item></style></resources>\n");
        $job->write('project/res/mipmap-anydpi-v26/ic_launcher.xml', "$xml<adaptive-icon xmlns:android=\"http://schemas.android.com/apk/res/android\"><background android:drawable=\"@color/icon\"/><foreground android:drawable=\"@mipmap/ic_foreground\"/></adaptive-icon>\n");
        foreach (self::DENSITIES as $density => $factor) {
            // Legacy icons are 48 dp, adaptive layers 108 dp of which the inner 66 dp always show (Android's adaptive icon guide, from memory).
            $job->write("project/res/mipmap-$density/ic_launcher.png", $painter->png((int) (48 * $factor), 0.9));
            $job->write("project/res/mipmap-$density/ic_foreground.png", $painter->png((int) (108 * $factor), 0.58, false));
        }
        foreach (DeviceFiles::of($job->app, $job->blueprint, $job->server) as $path => $contents) {
            $job->write("project/assets/www/$path", $contents);
        }
    }
}
