<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Exchange;

use DOMDocument;
use Lanai\Core\Exchange\UnreadableFile;
use Lanai\Core\Exchange\Words\WordEntry;
use Lanai\Core\Exchange\Words\WordList;
use Lanai\Core\Exchange\Words\WordsFile;
use Lanai\Core\Languages\Phrases;
use Lanai\Core\Model\Blueprint;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Translation\Loader\PoFileLoader;
use Symfony\Component\Translation\Loader\XliffFileLoader;
use Symfony\Component\Translation\Util\XliffUtils;

/** Files for translators, read by other programs: symfony/translation, and the schema of XLIFF 2.0 that it brings along. */
final class WordsFileTest extends TestCase
{
    private const APP = <<<'APP'
        app Lifts

        table Lifts, each a Lift
          Seats is a whole number
          State is one of "open", "full"

        screen Start, first, about one Lift
          Heading "It's \"near\" & <b>{lift.seats}</b>, =1+1"
          Text "{lift.seats, plural, one {# seat of {count(lifts)}} other {# seats of {count(lifts)}}}"
          Text "{count(lifts)} of {lift.seats}"
          Text "One\n\tline\\and {{braces}}"
        screen Other
          Button "Open"

        language German
          for "{0} of {1}" say "{1} von {0}"
          for "Open" say "Öffnen"
          for "open" say "frei", on "Lifts", written for "opened"
        language Finnish, not shown yet

        release
        APP;

    #[TestWith([WordsFile::Xliff])]
    #[TestWith([WordsFile::Po])]
    #[TestWith([WordsFile::Csv])]
    public function test_what_is_given_to_a_translator_comes_back(WordsFile $format): void
    {
        $app = Blueprint::fromScript(self::APP);
        $list = WordList::of($app, $app->languages[0]);
        $read = self::read($format->written($list, 'en', 'de'));

        self::assertSame('de', $read['tongue']);
        self::assertSame(array_map(fn (WordEntry $e): string => $e->source, $list), array_map(fn (WordEntry $e): string => $e->source, $read['entries']));
        $all = fn (array $entries): array => array_map(fn (WordEntry $e): array => [$e->source, $e->says, $e->on], $entries);
        $says = fn (array $entries): array => array_filter($all($entries), fn (array $one): bool => $one[1] !== '');
        // What is older than its text is marked as unsure in a PO file, and that is not taken back.
        $expected = $format === WordsFile::Po ? array_filter($says($list), fn (array $one): bool => $one[0] !== 'open') : $says($list);
        self::assertSame(array_values($expected), array_values($says($read['entries'])));

        $taken = WordList::taken($app, 'de', $read['entries']);
        self::assertSame([], $taken['left']);
        self::assertCount(count($expected), $taken['says']);
    }

    public function test_xliff_is_as_its_schema_says_and_another_program_reads_it(): void
    {
        $app = Blueprint::fromScript(self::APP);
        $text = WordsFile::Xliff->written(WordList::of($app, $app->languages[0]), 'en', 'de');
        $document = new DOMDocument();
        $document->loadXML($text);
        self::assertSame([], XliffUtils::validateSchema($document));

        $file = tempnam(sys_get_temp_dir(), 'words').'.xlf';
        file_put_contents($file, $text);
        $messages = (new XliffFileLoader())->load($file, 'de')->all('messages');
        unlink($file);
        self::assertSame('Öffnen', $messages['Open']);
        self::assertStringContainsString('<ph id="v0-1" equiv="{0}" disp="', $text);
        self::assertStringContainsString('{0, plural, one {# seat of {1}} other {# seats of {1}}}', $text);
        self::assertStringContainsString('<note>Before it said: opened</note>', $text);
    }

    public function test_another_program_reads_the_po_file(): void
    {
        $app = Blueprint::fromScript(self::APP);
        $file = tempnam(sys_get_temp_dir(), 'words').'.po';
        file_put_contents($file, WordsFile::Po->written(WordList::of($app, $app->languages[0]), 'en', 'de'));
        $messages = (new PoFileLoader())->load($file, 'de')->all('messages');
        unlink($file);

        self::assertSame('{1} von {0}', $messages['{0} of {1}']);
        self::assertSame('Öffnen', $messages['Open']);
    }

    public function test_what_lanai_does_not_speak_itself_is_given_along(): void
    {
        $app = Blueprint::fromScript(self::APP);
        $own = array_filter(WordList::of($app, $app->languages[1]), fn (WordEntry $e): bool => $e->on === 'Lanai');

        self::assertGreaterThan(300, count($own));
        self::assertSame([], array_filter(WordList::of($app, $app->languages[0]), fn (WordEntry $e): bool => $e->on === 'Lanai'));
        $read = self::read(WordsFile::Xliff->written([new WordEntry('Please sign in first.', 'Kirjaudu ensin.', 'Lanai')], 'en', 'fi'));
        self::assertCount(1, WordList::taken($app, 'fi', $read['entries'])['says']);
    }

    public function test_what_does_not_fit_is_left_and_told(): void
    {
        $app = Blueprint::fromScript(self::APP);
        $csv = "Text,German,Only on\r\n{0} of {1},{2} von {0},\r\nOpen,Auf,Nowhere\r\nGone,Weg,\r\nopen,,\r\nopen,frei,Lifts\r\n";
        $taken = WordList::taken($app, 'de', self::read($csv)['entries']);

        self::assertSame([['source' => 'open', 'says' => 'frei', 'on' => 'Lifts']], $taken['says']);
        self::assertCount(3, $taken['left']);
        self::assertStringContainsString('the last is {1}', $taken['left'][0]);
        self::assertStringContainsString('stands nowhere', $taken['left'][1]);
    }

    public function test_a_divided_text_is_put_together_and_what_a_program_adds_is_passed_by(): void
    {
        $text = '<?xml version="1.0"?><xliff xmlns="urn:oasis:names:tc:xliff:document:2.0" version="2.0" srcLang="en" trgLang="de-AT">'
            .'<file id="f"><unit id="u">'
            .'<segment id="s1" state="translated"><source>Go. </source><target>Geh. </target></segment><ignorable><source> </source></ignorable>'
            .'<segment id="s2"><source>Come <pc id="1">now</pc>.</source><target>Komm <mrk id="m1" type="term">jetzt</mrk>.</target></segment>'
            .'</unit></file></xliff>';
        $read = self::read($text);

        self::assertSame('de', $read['tongue']);
        self::assertEquals([new WordEntry('Go.  Come now.', 'Geh.  Komm jetzt.')], $read['entries']);
    }

    #[TestWith(['', 'nothing'])]
    #[TestWith(['<xliff', 'well-formed'])]
    #[TestWith(['<?xml version="1.0"?><xliff version="1.2" xmlns="urn:oasis:names:tc:xliff:document:1.2"/>', 'version 2'])]
    #[TestWith(['<?xml version="1.0"?><!DOCTYPE x [<!ENTITY a "b">]><xliff/>', 'document type'])]
    #[TestWith(["a,b\r\n1,2\r\n", 'first row'])]
    #[TestWith(["\0\1\2\3", 'not a text file'])]
    public function test_a_foreign_file_is_refused_with_a_sentence(string $bytes, string $why): void
    {
        $this->expectException(UnreadableFile::class);
        $this->expectExceptionMessageMatches("~$why~");

        self::read($bytes);
    }

    public function test_a_file_that_is_too_large_is_refused(): void
    {
        $this->expectException(UnreadableFile::class);

        self::read(str_repeat('a', WordsFile::LARGEST + 1));
    }

    public function test_a_message_becomes_phrases_and_phrases_a_message(): void
    {
        $phrases = Phrases::of('Only {0, plural, one {# place} other {# places}} at {1}');
        self::assertSame(['one' => 'Only {#} place at {1}', 'other' => 'Only {#} places at {1}'], $phrases?->phrases);
        self::assertSame(
            '{0, plural, zero {# {1} s} one {# {1}} two {# {1} s} few {# {1} s} many {# {1} s} other {# {1} s}}',
            $phrases->back(['one' => '{#} {1}', 'other' => '{#} {1} s'], 'ar'),
        );
        self::assertNull($phrases->back(['one' => '{#} {1}', 'other' => '{1}'], 'ar'));
        self::assertSame("l''{0}", Phrases::of('the {0}')?->back(['' => "l'{0}"], 'fr'));
        self::assertNull(Phrases::of('{0, plural, other {{1, select, other {x}}}}'));
        self::assertNull(Phrases::of('{'));
    }

    /** @return array{tongue: string, entries: list<WordEntry>} */
    private static function read(string $bytes): array
    {
        return WordsFile::read(function () use ($bytes) {
            $stream = fopen('php://temp', 'w+b') ?: self::fail('No memory.');
            fwrite($stream, $bytes);
            rewind($stream);

            return $stream;
        });
    }
}
