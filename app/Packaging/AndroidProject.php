<?php

declare(strict_types=1);

namespace App\Packaging;

use Lanai\Core\Earnings\Sold;
use Lanai\Core\Effects\SignInThrough;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Release\PhoneReasons;

/** Lays out the Android project of an app: manifest, resources, icons in all densities, the shell, and the device bundle as assets. */
final class AndroidProject
{
    /** Density => factor on dp, as Android names them. */
    private const DENSITIES = ['mdpi' => 1.0, 'hdpi' => 1.5, 'xhdpi' => 2.0, 'xxhdpi' => 3.0, 'xxxhdpi' => 4.0];

    public static function lay(Job $job): void
    {
        $abilities = array_values(array_filter(Ability::of($job->blueprint), fn (Ability $a): bool => $a->classes() !== []));
        $fill = self::fill($job);
        $classes = array_merge(self::SHELL, ...array_map(fn (Ability $a): array => $a->classes(), $abilities));
        foreach (['AndroidManifest.xml', 'apktool.yml', ...array_map(fn (string $class): string => self::IN."/$class.smali", $classes)] as $file) {
            $job->write("project/$file", strtr((string) file_get_contents(base_path("packaging/android/$file")), $fill));
        }
        $job->write('project/'.self::IN.'/Abilities.smali', self::abilities($abilities));
        $theme = $job->blueprint->theme;
        $painter = new IconPainter($job->app, $job->blueprint);
        $xml = '<?xml version="1.0" encoding="utf-8"?>'."\n";
        $name = htmlspecialchars(strtr($job->blueprint->name, ['\\' => '\\\\', "'" => "\\'", '"' => '\\"', '@' => '\\@']), ENT_XML1);
        $job->write('project/res/values/strings.xml', "$xml<resources><string name=\"app_name\">$name</string></resources>\n");
        $day = ['main' => $theme->main, 'ground' => $theme->background];
        $night = $theme->dark ? ['main' => $theme->inTheDark()['main'], 'ground' => $theme->inTheDark()['background']] : $day;
        foreach (['' => $day, '-night' => $night] as $when => $colours) {
            $named = [...$colours, 'icon' => $painter->groundColour()];
            $all = array_map(fn (string $name, string $colour): string => "<color name=\"$name\">$colour</color>", array_keys($named), $named);
            $job->write("project/res/values$when/colors.xml", "$xml<resources>".implode('', $all)."</resources>\n");
            $job->write("project/res/values$when/styles.xml", $xml.self::style($when === '' || ! $theme->dark)."\n");
        }
        $job->write(
            'project/res/mipmap-anydpi-v26/ic_launcher.xml',
            "$xml<adaptive-icon xmlns:android=\"http://schemas.android.com/apk/res/android\"><background android:drawable=\"@color/icon\"/>"
                ."<foreground android:drawable=\"@mipmap/ic_foreground\"/></adaptive-icon>\n",
        );
        if (in_array(Ability::Notifies, $abilities, true)) {
            $job->write('project/res/drawable/ic_message.xml', $xml.self::MESSAGE."\n");
        }
        foreach (self::DENSITIES as $density => $factor) {
            // Legacy icons are 48 dp, adaptive layers 108 dp of which the inner 66 dp always show (Android's adaptive icon guide, from memory).
            $job->write("project/res/mipmap-$density/ic_launcher.png", $painter->png((int) (48 * $factor), 0.9));
            $job->write("project/res/mipmap-$density/ic_foreground.png", $painter->png((int) (108 * $factor), 0.58, false));
        }
        foreach (DeviceFiles::of($job->app, $job->blueprint, $job->server, till: Sold::Quay->value, store: 'quay') as $path => $contents) {
            $job->write("project/assets/www/$path", $contents);
        }
    }

    private const IN = 'smali/app/lanai/shell';

    /** What stands beside a message in the bar of the system, which takes its shape alone: words that somebody says. */
    private const MESSAGE = '<vector xmlns:android="http://schemas.android.com/apk/res/android" android:width="24dp" android:height="24dp"'.
        ' android:viewportWidth="24" android:viewportHeight="24"><path android:fillColor="#ffffff"'.
        ' android:pathData="M5,3h14c1.1,0 2,.9 2,2v10c0,1.1 -.9,2 -2,2h-7l-5,4v-4H5c-1.1,0 -2,-.9 -2,-2V5c0,-1.1 .9,-2 2,-2z"/></vector>';

    /** What every package has; what an app uses besides comes with its abilities. */
    private const SHELL = ['MainActivity', 'Shell', 'Page', 'GoesBack', 'Ability'];

    /**
     * Light or dark by the system; the app is drawn from edge to edge, so that its own colours stand under the system's bars. While it begins
     * the system shows the icon on the ground.
     */
    private static function style(bool $light): string
    {
        $parent = $light ? '@android:style/Theme.Material.Light.NoActionBar' : '@android:style/Theme.Material.NoActionBar';

        return "<resources><style name=\"App\" parent=\"$parent\"><item name=\"android:windowBackground\">@color/ground</item>".
            '<item name="android:colorAccent">@color/main</item><item name="android:statusBarColor">@android:color/transparent</item>'.
            '<item name="android:navigationBarColor">@android:color/transparent</item>'.
            '<item name="android:windowLightStatusBar">'.($light ? 'true' : 'false').'</item></style></resources>';
    }

    /** @return array<string, string> what stands in the place of each {{name}} */
    private static function fill(Job $job): array
    {
        $release = $job->blueprint->release;
        $insecure = str_starts_with($job->server, 'http://');
        $abilities = Ability::of($job->blueprint);
        $taken = '<provider android:name="app.lanai.shell.Taken" android:authorities="'.$release->package
            .'.taken" android:exported="false" android:grantUriPermissions="true"/>';
        $fetches = '<service android:name="app.lanai.shell.Fetches" android:permission="android.permission.BIND_JOB_SERVICE" android:exported="false"/>';
        $permissions = Ability::permissionsOf($job->blueprint);
        $uses = fn (Ability $ability, string $part): string => in_array($ability, $abilities, true) ? $part : '';

        return [
            '{{package}}' => $release->package,
            '{{version}}' => $release->version,
            '{{build}}' => (string) $release->build,
            '{{permissions}}' => implode("\n    ", array_map(fn (string $p): string => "<uses-permission android:name=\"$p\"/>", $permissions)),
            '{{providers}}' => $uses(Ability::TakesPictures, $taken).$uses(Ability::Notifies, $fetches),
            '{{main}}' => '0xff'.substr($job->blueprint->theme->main, 1),
            '{{cleartext}}' => $insecure ? 'true' : 'false',
            // WebSettings: 0 allows calls to an http server, 1 never allows them.
            '{{mixed}}' => $insecure ? '0x0' : '0x1',
            // Links of the app open in it; a phone asks the server whether they are its own, which works over https alone.
            '{{verify}}' => $insecure ? 'false' : 'true',
            '{{scheme}}' => (string) parse_url($job->server, PHP_URL_SCHEME),
            '{{host}}' => (string) parse_url($job->server, PHP_URL_HOST),
            '{{slug}}' => $job->app->slug,
            '{{filters}}' => self::filters($job->blueprint),
            '{{shared}}' => $job->blueprint->sharedScreen()?->slug() ?? '',
            '{{name}}' => self::literal($job->blueprint->name),
            '{{reason}}' => self::literal(PhoneReasons::of($job->blueprint)->location()),
            '{{goOn}}' => self::literal(PhoneReasons::of($job->blueprint)->goOn()),
            '{{notNow}}' => self::literal(PhoneReasons::of($job->blueprint)->notNow()),
        ];
    }

    /** What else may open the app: a text that is shared to it, and a provider's page that leads back into it. */
    private static function filters(Blueprint $blueprint): string
    {
        $filter = fn (string $action, string $rest): string => "<intent-filter><action android:name=\"android.intent.action.$action\"/>".
            '<category android:name="android.intent.category.DEFAULT"/>'.$rest.'</intent-filter>';
        $open = '<category android:name="android.intent.category.BROWSABLE"/><data android:scheme="'.$blueprint->release->package.'"/>';

        return ($blueprint->sharedScreen() === null ? '' : $filter('SEND', '<data android:mimeType="text/plain"/>')).
            ($blueprint->walk()->nodesOf(SignInThrough::class) === [] ? '' : $filter('VIEW', $open));
    }

    /**
     * The class that makes the abilities, in the order in which they are asked.
     *
     * @param  list<Ability>  $abilities
     */
    private static function abilities(array $abilities): string
    {
        $lines = [
            '.class public Lapp/lanai/shell/Abilities;',
            '.super Ljava/lang/Object;',
            '.method public static of(Lapp/lanai/shell/MainActivity;)[Lapp/lanai/shell/Ability;',
            '    .registers 4',
            '    const/16 v0, 0x'.dechex(count($abilities)),
            '    new-array v0, v0, [Lapp/lanai/shell/Ability;',
        ];
        foreach ($abilities as $i => $ability) {
            $class = "Lapp/lanai/shell/$ability->value;";
            array_push(
                $lines,
                "    new-instance v1, $class",
                "    invoke-direct {v1, p0}, $class-><init>(Lapp/lanai/shell/MainActivity;)V",
                '    const/16 v2, 0x'.dechex($i),
                '    aput-object v1, v0, v2',
            );
        }

        return implode("\n", [...$lines, '    return-object v0', '.end method'])."\n";
    }

    /** A text as it is written between quotes in smali. */
    private static function literal(string $text): string
    {
        $escaped = substr(json_encode($text, JSON_THROW_ON_ERROR | JSON_UNESCAPED_SLASHES), 1, -1);

        return str_replace(["'"], ["\\'"], $escaped);
    }
}
