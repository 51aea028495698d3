<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Adverts;

use Lanai\Core\Adverts\Clip;
use Lanai\Core\Adverts\Unplayable;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Symfony\Component\Process\Process;

/** Films as documents of VAST say them: read as “@dailymotion/vast-client” reads them, by which players in the trade do. */
final class ClipTest extends TestCase
{
    public function test_documents_are_read_as_a_player_of_the_trade_reads_them(): void
    {
        $random = new Randomizer(new Mt19937(4));
        $documents = array_map(fn (int $i): string => self::anyDocument($random, $i), range(0, 119));
        $node = new Process(['node', 'tests/reference/vast.mjs'], dirname(__DIR__, 3), null, (string) json_encode($documents), 60);
        $node->mustRun();
        $theirs = json_decode($node->getOutput(), true);
        foreach ($documents as $i => $document) {
            $clip = Clip::read($document);
            $their = $theirs[$i];
            self::assertNull($their['failed'], (string) $their['failed']);
            self::assertSame($their['onward'] ?? '', $clip->onward, "onward $i");
            self::assertEquals($their['impression'], $clip->told['impression'] ?? []);
            self::assertEquals($their['error'], $clip->told['error'] ?? []);
            self::assertEquals($their['click'], $clip->told['click'] ?? []);
            $events = array_flip(Clip::EVENTS);
            self::assertEquals(array_intersect_key($their['events'], $events), array_intersect_key($clip->told, $events), "$i");
            if ($clip->onward === '') {
                self::assertSame([$their['title'] ?? '', $their['words'] ?? ''], [$clip->title, $clip->words]);
                self::assertSame([$their['milliseconds'], $their['leads'] ?? ''], [$clip->milliseconds, $clip->leads]);
                // Seconds, as they say it; null where it cannot be left.
                self::assertEqualsWithDelta($their['skip'], $clip->skip === null ? null : $clip->skip / 1000, 0.01, "skip $i");
                self::assertContains([$clip->address, $clip->type], array_map(fn (array $file): array => array_slice($file, 0, 2), $their['files']));
            }
        }
    }

    private static function anyDocument(Randomizer $random, int $i): string
    {
        $url = fn (string $what): string => "https://ads.example/$what/".$random->getInt(1, 999).'?a=1&b=[CACHEBUSTING]';
        $some = fn (string $name, string $what, int $most): string => implode('', array_map(
            fn (): string => "<$name><![CDATA[ ".$url($what)." ]]></$name>",
            range(1, $random->getInt(1, $most)),
        ));
        $events = implode('', array_map(
            fn (string $event): string => "<Tracking event=\"$event\"><![CDATA[{$url($event)}]]></Tracking>",
            $random->shuffleArray([...Clip::EVENTS, 'pause', 'resume', 'start']),
        ));
        $tracking = "<TrackingEvents>$events</TrackingEvents>";
        $click = $some('ClickTracking', 'click', 2);
        $wrapped = $i % 4 === 3;
        if ($wrapped) {
            $inner = $some('Impression', 'seen', 3).$some('Error', 'error', 2)."<VASTAdTagURI><![CDATA[{$url('next')}]]></VASTAdTagURI>";
            $inner .= "<Creatives><Creative><Linear>$tracking<VideoClicks>$click</VideoClicks></Linear></Creative></Creatives>";

            return self::document("<Wrapper><AdSystem>Any</AdSystem>$inner</Wrapper>");
        }
        $seconds = $random->getInt(2, 58);
        $skip = ['', ' skipoffset="00:00:05"', ' skipoffset="50%"', ' skipoffset="00:00:01.500"'][$i % 4];
        $files = '';
        foreach ([[640, 360], [1280, 720], [360, 640]] as $n => [$width, $height]) {
            $type = ['video/mp4', 'video/webm'][($i + $n) % 2];
            $files .= "<MediaFile delivery=\"progressive\" type=\"$type\" width=\"$width\" height=\"$height\"><![CDATA[{$url("file$n")}]]></MediaFile>";
        }
        $inner = '<AdSystem>Any</AdSystem><AdTitle>Caps &amp; wool '.$i.'</AdTitle><Description><![CDATA[Warm <b>when</b> wet]]></Description>'
            .$some('Impression', 'seen', 3).$some('Error', 'error', 2);
        $time = sprintf('00:00:%02d%s', $seconds, $i % 5 === 0 ? '.250' : '');
        $linear = "<Linear$skip><Duration>$time</Duration>$tracking<VideoClicks><ClickThrough><![CDATA[{$url('shop')}]]></ClickThrough>$click</VideoClicks>"
            ."<MediaFiles>$files</MediaFiles></Linear>";

        return self::document("<InLine>$inner<Creatives><Creative>$linear</Creative></Creatives></InLine>");
    }

    private static function document(string $ad, string $version = '4.2'): string
    {
        return "<?xml version=\"1.0\" encoding=\"UTF-8\"?><VAST version=\"$version\" xmlns=\"http://www.iab.com/VAST\"><Ad id=\"1\">$ad</Ad></VAST>";
    }

    private const FILM = '<InLine><AdTitle>A</AdTitle><Error>https://ads.example/e?c=[ERRORCODE]</Error><Creatives><Creative><Linear>'
        .'<Duration>00:00:09</Duration>'
        .'<MediaFiles><MediaFile delivery="progressive" type="video/mp4" width="640" height="360">https://ads.example/a.mp4</MediaFile></MediaFiles></Linear>'
        .'</Creative></Creatives></InLine>';

    #[TestWith(['', Unplayable::UNREADABLE])]
    #[TestWith(['<a>', Unplayable::UNREADABLE])]
    #[TestWith(['<!DOCTYPE VAST [<!ENTITY a "b">]><VAST version="4.2"/>', Unplayable::UNREADABLE])]
    #[TestWith(['<VAST version="9.0"/>', Unplayable::VERSION])]
    #[TestWith(['<VAST version="4.2"/>', Unplayable::EMPTY])]
    #[TestWith(['<VAST version="4.2"><Ad><Wrapper><VASTAdTagURI>javascript:alert(1)</VASTAdTagURI></Wrapper></Ad></VAST>', Unplayable::INCOMPLETE])]
    public function test_what_is_no_film_is_said_by_the_number_of_the_standard(string $written, int $code): void
    {
        try {
            Clip::read($written);
            self::fail('It was read.');
        } catch (Unplayable $unplayable) {
            self::assertSame($code, $unplayable->getCode());
        }
    }

    #[TestWith(['00:00:09', '00:02:09', Unplayable::DURATION])]
    #[TestWith(['00:00:09', '00:00:00', Unplayable::DURATION])]
    #[TestWith(['00:00:09', 'soon', Unplayable::INCOMPLETE])]
    #[TestWith(['video/mp4', 'application/x-shockwave-flash', Unplayable::NO_FILE])]
    #[TestWith(['progressive', 'streaming', Unplayable::NO_FILE])]
    #[TestWith(['type="video/mp4"', 'type="video/mp4" apiFramework="VPAID"', Unplayable::NO_FILE])]
    #[TestWith(['width="640"', 'width="7680"', Unplayable::NO_FILE])]
    #[TestWith(['https://ads.example/a.mp4', 'file:///etc/passwd', Unplayable::NO_FILE])]
    public function test_a_film_that_no_phone_plays_is_refused_and_whoever_made_it_hears_of_it(string $part, string $instead, int $code): void
    {
        self::assertSame('https://ads.example/a.mp4', Clip::read(self::document(self::FILM))->address);
        try {
            Clip::read(self::document(str_replace($part, $instead, self::FILM)));
            self::fail('It was read.');
        } catch (Unplayable $unplayable) {
            self::assertSame([$code, ['https://ads.example/e?c=[ERRORCODE]']], [$unplayable->getCode(), $unplayable->told]);
        }
    }

    public function test_what_every_document_on_the_way_wants_to_be_told_is_kept(): void
    {
        $wrapper = '<Wrapper><VASTAdTagURI>https://ads.example/2.xml</VASTAdTagURI><Impression>https://one.example/i</Impression>'
            .'<Error>https://one.example/e</Error></Wrapper>';
        $around = Clip::read(self::document($wrapper));
        self::assertSame(['https://ads.example/2.xml', 0], [$around->onward, $around->milliseconds]);
        $clip = Clip::read(self::document(self::FILM), $around);
        self::assertSame(['https://one.example/e', 'https://ads.example/e?c=[ERRORCODE]'], $clip->told['error']);
        self::assertSame(['https://one.example/i'], $clip->told['impression']);
    }

    public function test_nothing_is_filled_in_that_is_not_known(): void
    {
        $filled = Clip::filled('https://ads.example/?t=[TIMESTAMP]&where=[LATLONG]&ip=[DEVICEIP]&id=[IFA]&e=[ERRORCODE]', 1_790_000_000, 7, 405);
        self::assertSame('https://ads.example/?t=2026-09-21T14%3A13%3A20Z&where=-2&ip=-2&id=-2&e=405', $filled);
        self::assertSame('https://ads.example/?c=00000007', Clip::filled('https://ads.example/?c=[CACHEBUSTING]', 0, 7));
    }

    public function test_no_document_is_too_long_to_be_refused_at_once(): void
    {
        $this->expectException(Unplayable::class);
        Clip::read(self::document(self::FILM.str_repeat('<x/>', 30_000)));
    }
}
