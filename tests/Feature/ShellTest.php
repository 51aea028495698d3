<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\App;
use App\Packaging\Packager;
use App\Packaging\Target;
use Lanai\Core\Model\Blueprint;
use Symfony\Component\Finder\Finder;
use Symfony\Component\Process\Process;
use Tests\TestCase;
use ZipArchive;

/** The shell's dex, taken out of a built package, made into a jar by enjarify and run on the JVM against stub android classes. */
final class ShellTest extends TestCase
{
    /** An app that uses all that a phone can do, with a reason in letters that code must not trip over. */
    private const ALL = <<<'SCRIPT'
    app Roofs

    table Hives, each a Hive
      may be seen by everyone
      may be added by everyone
      may be changed by everyone
      may be removed by everyone
      Name is a text
      Photo is a picture
      Manual is a file
      Lies is a place

    screen Start, first
      Form for a new Hive asking Name, Photo, Manual, Lies, saying "Keep it"
      Button "Share"
        tapped:
          share "Look at this"
      Button "Mine"
        tapped:
          download my data

    screen Words, taking Said is a text, takes what is shared
      Text "{said}"

    messages
      channel Honey

    message Ready, on Honey, every monday
      says "Ready", then "There is honey."

    release, locked by fingerprint
      package is "com.example.roofs"
      location is used to "say “which hive’s” near"
    SCRIPT;

    /** The same rows, of which nothing but the name is ever asked for. */
    private const BARE = <<<'SCRIPT'
    app Roofs

    table Hives, each a Hive
      may be seen by everyone
      may be added by everyone
      may be changed by everyone
      may be removed by everyone
      Name is a text
      Photo is a picture
      Lies is a place

    screen Start, first
      Form for a new Hive asking Name, saying "Keep it"
      Picture of first(hives).photo
      Map of first(hives).lies

    release
      package is "com.example.roofs"
    SCRIPT;

    public function test_the_shell_opens_the_apps_own_files_under_one_https_origin(): void
    {
        $package = $this->package('http://lanai.example', self::ALL);
        // Before Android 13 nobody is asked for messages, and before Android 8 they come on no channel.
        $older = $this->drive($package, [], ['-Dsdk=24']);
        self::assertSame(['“allowed”', '[]', '[]'], [$older['may messages come'], $older['asked the person for'], $older['channels']]);
        self::assertStringStartsWith('id-1 no channel | sound 1 | 7 |', $older['shown 1']);
        self::assertStringStartsWith('id-2 no channel | 7 |', $older['shown 2']);
        $lines = $this->drive($package, [
            'https://app.lanai.invalid/index.html',
            'https://app.lanai.invalid/missing.js',
            'https://elsewhere.example/page',
        ]);

        self::assertSame('true', $lines['script']);
        self::assertSame('true', $lines['storage']);
        self::assertSame('false', $lines['files']);
        self::assertSame('https://app.lanai.invalid/index.html', $lines['loaded']);
        self::assertMatchesRegularExpression('~^text/html [1-9]\d+$~', $lines['answer https://app.lanai.invalid/index.html']);
        self::assertSame('text/javascript 0', $lines['answer https://app.lanai.invalid/missing.js']);
        self::assertSame('none', $lines['answer https://elsewhere.example/page']);
        self::assertSame('no', $lines['outside https://app.lanai.invalid/index.html']);
        self::assertSame('android.intent.action.VIEW https://elsewhere.example/page', $lines['outside https://elsewhere.example/page']);
        self::assertSame('false', $lines['foreign frame'], 'A page within the page stays there.');
        self::assertSame('0', $lines['mixed'], 'An http server needs MIXED_CONTENT_ALWAYS_ALLOW.');
        $this->goesBackAndKeepsItsEdges($lines);
        $this->doesWhatThePageAsks($lines);
        $this->letsChooseAndTakePictures($lines);
        $this->tellsWhereItIsOnlyWhereThatIsGranted($lines);
        $this->asksForAndFetchesMessages($lines);
        $this->takesWhatIsSharedAndIsLocked($lines);
        self::assertSame(['“”', 'nothing', '“java.lang.IllegalStateException: Out of wax', '“”'], [
            $lines['no trouble yet'],
            $lines['trouble for others'],
            $lines['trouble'],
            $lines['trouble told once'],
        ]);
    }

    /** @param  array<string, string>  $lines */
    private function asksForAndFetchesMessages(array $lines): void
    {
        self::assertSame(['“asked”', '[android.permission.POST_NOTIFICATIONS]'], [$lines['may messages come'], $lines['asked the person for']]);
        foreach (['[]' => 'false', '[-1]' => 'false', '[0]' => 'true'] as $granted => $allowed) {
            self::assertSame("window.lanaiLeave&&lanaiLeave($allowed)", $lines["answered $granted"]);
        }
        self::assertSame(['“allowed”', '“refused”', 'nothing'], [
            $lines['may messages come now'],
            $lines['turned off in the settings'],
            $lines['nobody else asks'],
        ]);
        // JobInfo.NETWORK_TYPE_ANY is 1, and a job is repeated every fifteen minutes at the most often: from memory.
        self::assertSame(['false', '“kept”', 'app.lanai.shell.Fetches network 1 persisted true every 900000', '1'], [
            $lines['from nowhere'],
            $lines['kept'],
            $lines['planned'],
            $lines['planned times'],
        ]);
        self::assertSame(['true 0', 'false 0'], [$lines['the server is away'], $lines['the answer is broken']]);
        self::assertSame('false 3', $lines['fetched']);
        self::assertSame('POST {"handle":"h"} POST {"handle":"h","had":["id-1","id-2","id-3"]} ', $lines['told']);
        self::assertSame('app/honey | 7 | ff0b6e5f | “Ready” | Hüte & Bienen | text Hüte & Bienen', substr($lines['shown 1'], strlen('id-1 ')));
        self::assertSame('app//silent | 7 | ff0b6e5f | Quiet | … | text …', substr($lines['shown 2'], strlen('id-2 ')));
        self::assertSame('same app/honey | 7 | ff0b6e5f | With a picture | Look | picture of 5 bytes Look', $lines['shown 3']);
        // NotificationManager: IMPORTANCE_DEFAULT is 3 and IMPORTANCE_LOW 2, from memory.
        self::assertSame('[app//silent “Roofs 🔕” 2, app/honey “Honig” 3]', $lines['channels']);
        self::assertSame(['3', 'false “”', 'true'], [$lines['the same again'], $lines['with messages off'], $lines['is stopped']]);
        // PendingIntent: FLAG_IMMUTABLE is 0x4000000 and FLAG_UPDATE_CURRENT 0x8000000, from memory.
        self::assertSame('app.lanai.shell.MainActivity c000000', $lines['opens']);
        self::assertSame(['https://app.lanai.invalid/index.html#/hive/7/~a%20b', '“id-1”', '“”', 'as it was'], [
            $lines['tapped'],
            $lines['told which'],
            $lines['told it once'],
            $lines['tapped one that leads nowhere'],
        ]);
    }

    /** @param  array<string, string>  $lines */
    private function takesWhatIsSharedAndIsLocked(array $lines): void
    {
        self::assertSame('https://app.lanai.invalid/index.html#/words/~Hi%20%26%20bye%2F%C3%BC', $lines['was shared']);
        self::assertSame('as it was', $lines['was shared nothing']);
        self::assertSame((string) (strlen('https://app.lanai.invalid/index.html#/words/~') + 2000), $lines['was shared much']);
        // View.INVISIBLE is 4 and FLAG_SECURE 0x2000, from memory.
        self::assertSame(['true', 'confirm Roofs 4'], [$lines['secure'], $lines['asked who holds it']]);
        self::assertSame(['0', 'false', 'true', '1 4', 'true'], [
            $lines['seen'],
            $lines['asked again soon'],
            $lines['asked again later'],
            $lines['not known'],
            $lines['a phone without a lock'],
        ]);
    }

    /** @param  array<string, string>  $lines */
    private function goesBackAndKeepsItsEdges(array $lines): void
    {
        self::assertSame(['false', '1', 'true', '1'], [
            $lines['back wanted at the start'],
            $lines['left'],
            $lines['back wanted further in'],
            $lines['back'],
        ]);
        self::assertSame(['true', 'true'], [$lines['covered'], $lines['uncovered']], 'A video over the page goes first.');
        // View: SYSTEM_UI_FLAG_LAYOUT_STABLE, _LAYOUT_HIDE_NAVIGATION and _LAYOUT_FULLSCREEN, from memory.
        self::assertSame((string) (0x100 | 0x200 | 0x400), $lines['edge to edge']);
        self::assertSame('window.lanaiEdges&&lanaiEdges(72,0,48,0) 0', $lines['edges']);
        self::assertSame('window.lanaiEdges&&lanaiEdges(72,0,0,0) 900', $lines['keyboard'], 'The keyboard makes the page smaller.');
        self::assertSame('true', $lines['told anew']);
        self::assertSame('https://app.lanai.invalid/index.html#/one/7', $lines['came by a link']);
        self::assertSame($lines['came by a link'], $lines['came back'], 'Who comes back finds the page as it was.');
        self::assertSame('true', $lines['saved']);
    }

    /** @param  array<string, string>  $lines */
    private function doesWhatThePageAsks(array $lines): void
    {
        // HapticFeedbackConstants.CLOCK_TICK is 4, from memory.
        self::assertSame('“” 4', $lines['own tick']);
        self::assertSame('“shared” android.intent.action.CHOOSER', $lines['own share']);
        self::assertSame('“begun” android.intent.action.CREATE_DOCUMENT', $lines['own save']);
        self::assertSame('héllo', $lines['saved file']);
        foreach (['own nothing' => 'nothing 0', 'own prompt' => 'nothing', 'broken save' => '“”', 'insecure tick' => 'nothing'] as $what => $answer) {
            self::assertSame($answer, $lines[$what], $what);
        }
        foreach (['tick', 'share', 'save', 'nothing'] as $name) {
            self::assertSame('nothing', $lines["foreign $name"], 'Only the package’s own page is answered.');
        }
    }

    /** @param  array<string, string>  $lines */
    private function letsChooseAndTakePictures(array $lines): void
    {
        foreach (['picture' => 'android.media.action.IMAGE_CAPTURE 3', 'file' => 'files'] as $what => $offered) {
            self::assertSame('true', $lines["chooses a $what"]);
            self::assertSame($offered, $lines["offers for a $what"]);
            self::assertSame('nothing', $lines["the first waiter of a $what"], 'A page that waits is always answered.');
            self::assertSame('[content://files/chosen]', $lines["chosen $what"]);
            self::assertSame('nothing', $lines["not chosen $what"]);
        }
        self::assertSame('nothing', $lines['chosen where nobody can']);
        self::assertSame('content://com.example.roofs.taken/N.jpgtrue', $lines['camera writes to']);
        self::assertSame('true image/jpeg', $lines['provider']);
        self::assertSame('nothing', $lines['camera without a picture']);
        self::assertSame('[content://com.example.roofs.taken/N.jpg]', $lines['camera']);
        // OpenableColumns: _display_name and _size.
        self::assertSame('[_display_name, _size] [N.jpg, 9]', $lines['known of it']);
        self::assertSame(['true', 'true secret'], [$lines['reads'], $lines['stays in its folder']]);
    }

    /** @param  array<string, string>  $lines */
    private function tellsWhereItIsOnlyWhereThatIsGranted(array $lines): void
    {
        self::assertSame('Roofs uses where this phone is to say “which hive’s” near. | Go on | Not now 2', $lines['asked where it is']);
        foreach (['refused by the person', 'refused to the system', 'broken off'] as $how) {
            self::assertSame('https://app.lanai.invalid false false', $lines["located, $how"]);
        }
        foreach (['granted', 'granted before'] as $how) {
            self::assertSame('https://app.lanai.invalid true false', $lines["located, $how"]);
        }
        self::assertSame('false', $lines['located a foreign frame']);
    }

    public function test_a_package_holds_only_what_its_app_uses(): void
    {
        $bare = $this->package('https://lanai.example', self::BARE);
        self::assertSame(['android.permission.INTERNET'], $this->permissions());
        $lines = $this->drive($bare, []);
        self::assertSame('1', $lines['mixed'], 'With an https server nothing insecure is let in.');
        self::assertSame(['false', 'false'], [$lines['chooses a picture'], $lines['chooses a file']]);
        self::assertSame(['nothing 0', 'nothing 0', 'none'], [$lines['own share'], $lines['own save'], $lines['saved file']]);
        self::assertSame('https://app.lanai.invalid false false', $lines['located, granted']);
        self::assertArrayNotHasKey('asked where it is', $lines);
        self::assertSame(['as it was', 'false', 'no'], [$lines['was shared nothing'], $lines['secure'], $lines['asked who holds it']]);
        self::assertSame('https://app.lanai.invalid/index.html#/one/7', $lines['was shared']);
        $code = (string) file_get_contents("$bare/classes.dex");
        $asks = ['TakesPictures', 'ChoosesFiles', 'Taken', 'Locates', 'Shares', 'Saves', 'TakesShared', 'Locks'];
        foreach ([...$asks, 'Notifies', 'Fetches', 'Fetching', 'Shows'] as $class) {
            self::assertStringNotContainsString("Lapp/lanai/shell/$class;", $code);
        }

        $this->package('https://lanai.example', self::ALL);
        self::assertEqualsCanonicalizing(
            [
                'android.permission.INTERNET',
                'android.permission.ACCESS_COARSE_LOCATION',
                'android.permission.ACCESS_FINE_LOCATION',
                'android.permission.POST_NOTIFICATIONS',
                'android.permission.RECEIVE_BOOT_COMPLETED',
            ],
            $this->permissions(),
            'The phone’s own camera takes the picture: the app asks for none.',
        );
    }

    public function test_a_page_is_found_again_after_the_process_has_ended_and_a_link_opens_its_place(): void
    {
        $work = $this->package('https://lanai.example', self::BARE);
        self::assertSame('null', $this->drive($work, [], ['-Drestores=true'])['loaded']);
        $link = 'https://lanai.example/a/roofs#/one/%C3%BC';
        self::assertSame('https://app.lanai.invalid/index.html#/one/%C3%BC', $this->drive($work, [], ["-Dlink=$link"])['loaded']);
        // Before Android 13 the system asks by onBackPressed alone.
        $older = $this->drive($work, [], ['-Dsdk=28']);
        self::assertSame(['false', '1'], [$older['back wanted further in'], $older['back']]);
        self::assertSame('nothing', $older['may messages come'], 'An app that writes to nobody asks nobody.');
        $manifest = $this->run_(['aapt', 'dump', 'xmltree', $this->folder().'/app.apk', 'AndroidManifest.xml']);
        foreach (['autoVerify', 'lanai.example', '"/a/'] as $said) {
            self::assertStringContainsString($said, $manifest);
        }
    }

    /** @return string the folder of what is in the package, with the shell as a jar */
    private function package(string $server, string $script): string
    {
        config(['app.url' => $server]);
        $app = App::query()->first() ?? $this->demo();
        $work = $this->folder().'/shell'.substr(md5($server.$script), 0, 6);
        Packager::make($app, Blueprint::fromScript($script), Target::Apk, $this->folder().'/app.apk', fn () => null, fn (): bool => false);
        $zip = new ZipArchive();
        $zip->open($this->folder().'/app.apk');
        $zip->extractTo($work);
        $stubs = array_map(
            fn ($file): string => $file->getRealPath(),
            iterator_to_array(Finder::create()->files()->in(base_path('tests/shell'))->name('*.java'), false),
        );
        $this->run_(['enjarify', '-f', '-o', "$work/shell.jar", "$work/classes.dex"]);
        $this->run_(['javac', '-nowarn', '-encoding', 'UTF-8', '-d', "$work/classes", ...$stubs]);

        return $work;
    }

    /** @return list<string> as the platform's own tool reads them */
    private function permissions(): array
    {
        preg_match_all("/^uses-permission: name='([^']+)'/m", $this->run_(['aapt', 'dump', 'badging', $this->folder().'/app.apk']), $found);

        return $found[1];
    }

    /**
     * @param  list<string>  $urls
     * @param  list<string>  $more  for the machine that runs it
     * @return array<string, string>
     */
    private function drive(string $work, array $urls, array $more = []): array
    {
        is_dir("$work/cache") || mkdir("$work/cache");
        $message = fn (int $n, string $title, string $text, array $more): array => [
            ...['id' => "id-$n", 'title' => $title, 'text' => $text, 'picture' => '', 'silent' => false, 'tag' => '', 'place' => ''],
            ...['channel' => 'honey', 'channelName' => 'Honig'],
            ...$more,
        ];
        file_put_contents("$work/waiting.json", json_encode(['messages' => [
            $message(1, '“Ready”', 'Hüte & Bienen', ['place' => '/hive/7/~a%20b']),
            $message(2, 'Quiet', '…', ['silent' => true, 'channel' => '', 'channelName' => '']),
            $message(3, 'With a picture', 'Look', ['picture' => 'https://lanai.example/picture?w=640', 'tag' => 'same']),
        ]], JSON_UNESCAPED_SLASHES));
        $machine = ['-XX:TieredStopAtLevel=1', '-Dfile.encoding=UTF-8', '-Dstdout.encoding=UTF-8'];
        array_push($machine, "-Dassets=$work/assets", "-Dcache=$work/cache", "-Dwaiting=$work/waiting.json");
        $output = $this->run_(['java', ...$machine, ...$more, '-cp', "$work/classes:$work/shell.jar", 'Drive', ...$urls]);
        $lines = [];
        foreach (explode("\n", trim($output)) as $line) {
            [$what, $value] = explode(': ', $line, 2);
            $lines[$what] = $value;
        }

        return $lines;
    }

    /** @param  list<string>  $command */
    private function run_(array $command): string
    {
        // Debian's own Python comes first: enjarify is installed for that one.
        $process = new Process($command, null, ['PATH' => '/usr/bin:/bin:'.getenv('PATH')], null, 120);
        $process->run();
        self::assertTrue($process->isSuccessful(), $process->getOutput().$process->getErrorOutput());

        return $process->getOutput();
    }
}
