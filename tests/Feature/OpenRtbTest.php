<?php

declare(strict_types=1);

namespace Tests\Feature;

use DateTimeImmutable;
use Lanai\Core\Adverts\Consent;
use Lanai\Core\Adverts\Format;
use Lanai\Core\Adverts\Offered;
use Lanai\Core\Adverts\Visitor;
use Lanai\Core\Adverts\Wanted;
use PHPUnit\Framework\Attributes\DataProvider;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Standins\Answer;
use Standins\Box;
use Standins\Bunting\Bunting;
use Symfony\Component\Process\Process;
use Tests\TestCase;

/** What goes between Lanai and an exchange: OpenRTB 2.6, held against types from outside and against our own schema. */
final class OpenRtbTest extends TestCase
{
    private string $folder;

    protected function setUp(): void
    {
        parent::setUp();
        $this->folder = sys_get_temp_dir().'/lanai-exchange-'.bin2hex(random_bytes(6));
    }

    protected function tearDown(): void
    {
        (new \Illuminate\Filesystem\Filesystem())->deleteDirectory($this->folder);
        parent::tearDown();
    }

    /** Over made-up people and what they allow: nothing but what the schema names, and no id where it may not be told. */
    public function test_whatever_is_sent_is_of_the_standard_and_says_of_nobody_who_they_are(): void
    {
        $random = new Randomizer(new Mt19937(26));
        $requests = [];
        $pick = fn (array $of): mixed => $of[$random->getInt(0, count($of) - 1)];
        for ($i = 0; $i < 120; $i++) {
            $allows = $pick([null, true, false]);
            $consent = $allows === null ? null : new Consent(new DateTimeImmutable('2026-03-01'), $allows ? Consent::PURPOSES : [], country: 'DE');
            $country = $pick(['DE', 'CH', 'US', 'JP', 'XX', '']);
            $platform = $pick(['ios', 'android', 'web']);
            $visitor = new Visitor('ida-lovelock-7', $country, 'en', $pick(['phone', 'tablet']), $platform, $consent);
            $format = $pick(Format::cases());
            $children = $random->getInt(0, 3) === 0;
            $callback = $format === Format::Reward ? 'https://lanai.example/rewarded/live/reef' : '';
            $id = bin2hex(random_bytes(8));
            $rules = ['pub-7', ['IAB9-7'], '0.5', 'EUR', $children, true, $callback];
            $request = (new Wanted($id, 'below', $format, $visitor, 'Reef', 'example.reef', ...$rules))->request();
            self::assertMeets('openrtb', (string) json_encode($request), 'Sent');
            $known = $allows ?? ! $visitor->isAsked();
            self::assertSame($known && ! $children, str_contains((string) json_encode($request), 'ida-lovelock-7'), "$i");
            $requests[] = $request;
        }
        self::assertSame([], $this->wrong($requests, []));
        $broken = ['imp' => [['id' => 1] + $requests[0]['imp'][0]], 'name' => 'Ada'] + $requests[0];
        self::assertNotSame([], $this->wrong([$broken], []), 'What is not of the standard is found.');
    }

    public function test_the_exchange_for_practice_answers_as_the_standard_says(): void
    {
        $responses = [];
        foreach (Format::cases() as $format) {
            $visitor = new Visitor('v', 'NO', 'en');
            $wanted = new Wanted("r-$format->value", 'below', $format, $visitor, 'Reef', 'example.reef', 'pub-7', callback: 'https://lanai.example/x');
            $answer = $this->bids($wanted->request());
            self::assertSame(200, $answer->status);
            self::assertMeets('openrtb', $answer->body, 'BidResponse');
            $response = json_decode($answer->body, true);
            $best = $wanted->best($response);
            self::assertInstanceOf(Offered::class, $best, $format->value);
            self::assertSame($format === Format::Reward, $best->clip !== null && $best->picture === '' && $format !== Format::Page, $format->value);
            $responses[] = $response;
        }
        self::assertSame([], $this->wrong([], $responses));
    }

    /**
     * Examples of OpenRTB 2.6, chapter 6.2 (“Bid Requests”), from memory, with names of companies changed.
     *
     * @return iterable<string, array{array<string, mixed>, int}> and how the exchange answers: it has films and adverts as data, and no banners of markup
     */
    public static function examples(): iterable
    {
        $site = ['id' => '102855', 'cat' => ['IAB3-1'], 'domain' => 'www.shore.example', 'page' => 'http://www.shore.example/1234.html'];
        $person = ['id' => '55816b39711f9b5acf3b90e313ed29e51665623f'];
        yield '6.2.1, a simple banner' => [[
            'id' => '80ce30c53c16e6ede735f123ef6e32361bfc7b22',
            'at' => 1,
            'cur' => ['USD'],
            'imp' => [['id' => '1', 'bidfloor' => 0.03, 'banner' => ['h' => 250, 'w' => 300, 'pos' => 0]]],
            'site' => $site,
            'device' => ['ua' => 'Mozilla/5.0', 'ip' => '203.0.113.10'],
            'user' => $person,
        ], 204];
        yield '6.2.3, an app on a phone' => [[
            'id' => 'IxexyLDIIk',
            'at' => 2,
            'bcat' => ['IAB25', 'IAB7-39', 'IAB8-18', 'IAB8-5', 'IAB9-9'],
            'badv' => ['tides.example', 'lamps.example'],
            'imp' => [[
                'id' => '1',
                'bidfloor' => 0.5,
                'instl' => 0,
                'tagid' => 'agltb3B1Yi1pbmNyDQsSBFNpdGUY7fD0FAw',
                'banner' => ['w' => 728, 'h' => 90, 'pos' => 1, 'btype' => [4], 'battr' => [14], 'api' => [3]],
            ]],
            'app' => ['id' => 'agltb3B1Yi1pbmNyDAsSA0FwcBiJkfIUDA', 'name' => 'Sea weather', 'cat' => ['IAB15', 'IAB15-10'], 'bundle' => '12345'],
            'device' => ['dnt' => 0, 'ip' => '203.0.113.4', 'carrier' => 'Far call', 'make' => 'Slate', 'model' => 'One', 'osv' => '6.1', 'js' => 1],
            'user' => ['id' => 'ffffffd5135596709273b3a1a07e466ea2bf4fff', 'yob' => 1984, 'gender' => 'M'],
        ], 204];
        yield '6.2.4, a film' => [[
            'id' => '1234567893',
            'at' => 2,
            'tmax' => 120,
            'imp' => [[
                'id' => '1',
                'bidfloor' => 0.03,
                'video' => [
                    'w' => 640, 'h' => 480, 'pos' => 1, 'startdelay' => 0, 'minduration' => 5, 'maxduration' => 30, 'maxextended' => 30, 'minbitrate' => 300,
                    'maxbitrate' => 1500, 'api' => [1, 2], 'protocols' => [2, 3], 'mimes' => ['video/x-flv', 'video/mp4'], 'linearity' => 1,
                    'boxingallowed' => 1, 'playbackmethod' => [1, 3], 'delivery' => [2], 'battr' => [13, 14],
                ],
            ]],
            'site' => ['id' => '1345135123', 'name' => 'Shore', 'domain' => 'shore.example', 'cat' => ['IAB2-1', 'IAB2-2']],
            'device' => ['ip' => '203.0.113.7', 'ua' => 'Mozilla/5.0', 'os' => 'Any', 'flashver' => '10.1', 'js' => 1],
            'user' => ['id' => '456789876567897654678987656789', 'buyeruid' => '545678765467876567898765678987654'],
        ], 200];
        yield '6.2.6, an advert that is data' => [[
            'id' => '80ce30c53c16e6ede735f123ef6e32361bfc7b22',
            'at' => 1,
            'cur' => ['USD'],
            'imp' => [[
                'id' => '1',
                'bidfloor' => 0.03,
                'native' => [
                    'request' => '{"native":{"ver":"1.0","assets":[{"id":1,"required":1,"title":{"len":25}}]}}',
                    'ver' => '1.0',
                    'api' => [3],
                    'battr' => [13, 14],
                ],
            ]],
            'site' => $site,
            'device' => ['ua' => 'Mozilla/5.0', 'ip' => '203.0.113.10'],
            'user' => $person,
        ], 200];
    }

    /** @param  array<string, mixed>  $request */
    #[DataProvider('examples')]
    public function test_examples_of_the_standard_meet_our_schema_and_are_answered(array $request, int $status): void
    {
        self::assertMeets('openrtb', (string) json_encode($request), 'BidRequest');
        $answer = $this->bids($request);
        self::assertSame($status, $answer->status);
        if ($status === 200) {
            self::assertMeets('openrtb', $answer->body, 'BidResponse');
            self::assertSame($request['id'], json_decode($answer->body, true)['id']);
        }
    }

    public function test_a_request_that_is_none_has_no_answer(): void
    {
        self::assertSame(204, $this->bids(['id' => 'a'])->status);
        self::assertSame(204, $this->bids(['imp' => [['id' => '1', 'native' => ['request' => '{}']]]])->status);
        self::assertSame(401, $this->bids(['id' => 'a'], 'another')->status);
    }

    /** @param  array<string, mixed>  $request */
    private function bids(array $request, string $key = 'a-key'): Answer
    {
        $exchange = new Bunting($this->folder, 'http://ads.example', 'a-key', Box::named(str_repeat('a', 32)));

        return $exchange->answer('POST', '/bid', [], [], ['authorization' => "Bearer $key"], (string) json_encode($request));
    }

    /**
     * @param  list<array<string, mixed>>  $requests
     * @param  list<array<string, mixed>>  $responses
     * @return list<string>
     */
    private function wrong(array $requests, array $responses): array
    {
        $input = (string) json_encode(['requests' => $requests, 'responses' => $responses]);
        $node = new Process(['node', 'tests/reference/openrtb.mjs'], dirname(__DIR__, 2), null, $input, 120);
        $node->mustRun();

        return json_decode($node->getOutput(), true);
    }
}
