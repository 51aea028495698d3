<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\TestCase;
use Standins\Answer;
use Standins\Desk;
use Standins\Inspection;
use Standins\Inspector;
use Standins\Install;
use Standins\Ledger;
use Standins\Review;
use Standins\Shelf;
use Standins\Track;

/** The protocol of the practice stores: tokens, states over time, and who may see what. */
final class DeskTest extends TestCase
{
    private string $folder;

    private Ledger $ledger;

    protected function setUp(): void
    {
        $this->folder = sys_get_temp_dir().'/lanai-desk-'.bin2hex(random_bytes(5));
        $this->ledger = new Ledger($this->folder);
        touch("$this->folder/p.zip");
    }

    protected function tearDown(): void
    {
        array_map(unlink(...), glob("$this->folder/*") ?: []);
        rmdir($this->folder);
    }

    public function test_without_the_right_token_nothing_is_told(): void
    {
        foreach (['', 'wrong'] as $token) {
            self::assertSame(401, $this->ask('GET', '/submissions/1', $token)->status);
            self::assertSame(401, $this->ask('POST', '/submissions', $token)->status);
        }
        self::assertSame(401, $this->desk(token: '')->answer('GET', '/submissions/1', '', [], [])->status, 'A store without a token is closed, not open.');
    }

    public function test_a_submission_belongs_to_its_publisher(): void
    {
        $id = $this->received();

        self::assertSame(200, $this->ask('GET', "/submissions/$id")->status);
        self::assertSame(404, $this->desk(token: 'other')->answer('GET', "/submissions/$id", 'other', [], [])->status);
        self::assertSame(404, $this->ask('GET', '/submissions/99')->status);
        self::assertSame(404, $this->ask('GET', '/elsewhere')->status);
    }

    public function test_a_submission_moves_through_its_states_in_time(): void
    {
        $id = $this->received();
        $state = fn (float $seconds): string => json_decode($this->desk($seconds)->answer('GET', "/submissions/$id", 'token', [], [])->body, true)['state'];

        $this->receivedBefore($id, 40);
        self::assertSame('received', $state(1000));
        self::assertSame('processing', $state((microtime(true) - $this->since($id)) * 2.6));
        self::assertSame('approved', $state(0.01));
        self::assertSame('in review', $state((microtime(true) - $this->since($id)) * 1.3));
    }

    public function test_only_what_is_approved_can_be_released_and_then_has_a_page(): void
    {
        $id = $this->received();
        self::assertSame(409, $this->desk(1000)->answer('POST', "/submissions/$id/release", 'token', [], [])->status);
        self::assertSame(404, $this->ask('GET', '/apps/com.example.a')->status);
        $this->receivedBefore($id, 40);
        $this->desk(0.01)->answer('GET', "/submissions/$id", 'token', [], []);
        $released = json_decode($this->desk(0.01)->answer('POST', "/submissions/$id/release", 'token', [], [])->body, true);

        self::assertSame(['released', 'http://store/apps/com.example.a'], [$released['state'], $released['page']]);
        $page = $this->ask('GET', '/apps/com.example.a', '');
        self::assertSame(200, $page->status);
        self::assertStringContainsString('<h1>A &lt;b&gt;title&lt;/b&gt;</h1>', $page->body, 'What a publisher writes is never markup.');
        self::assertStringContainsString('Install version 1.0', $page->body);
        self::assertSame(404, $this->ask('GET', '/apps/com.example.a/run/../../../etc/passwd', '')->status);
    }

    public function test_a_number_that_was_only_tried_can_go_to_everyone_and_not_be_tried_again(): void
    {
        $state = function (string $track, string $email = ''): string {
            $id = $this->received(['track' => $track, 'testers' => json_encode([$email]) ?: '']);
            $this->receivedBefore($id, 40);

            return json_decode($this->desk(0.01)->answer('GET', "/submissions/$id", 'token', [], [])->body, true)['state'];
        };
        self::assertSame('in testing', $state('closed', 'ada@friends.example'));
        self::assertSame('turned down', $state('closed', 'ada@friends.example'));
        self::assertSame('in testing', $state('open'), 'Another list is another number.');
        self::assertSame('approved', $state('everyone'));
        self::assertSame('turned down', $state('everyone'));
        self::assertSame('turned down', $state('open'), 'What everyone has is not tried any more.');
    }

    public function test_whoever_is_on_a_list_is_taken_and_nobody_else(): void
    {
        $one = ['track' => 'closed', 'testers' => '["ada@friends.example"]'];
        self::assertTrue(Track::Closed->takes($one, Track::mark(' Ada@Friends.example')));
        foreach (['', 'ada@friends.example', Track::mark('ben@friends.example'), 'open'] as $said) {
            self::assertFalse(Track::Closed->takes($one, $said), $said);
        }
        self::assertFalse(Track::Everyone->takes($one, 'open'));
        self::assertFalse(Track::Open->takes($one, ''));
        self::assertSame([], Track::testers('no list'));
        self::assertCount(100, Track::testers(json_encode(array_fill(0, 300, 'a@friends.example'))));
        self::assertStringContainsString('&lt;b&gt;', Track::Closed->door('Quay', '<b>', '/x')->body);
    }

    public function test_what_is_not_a_package_is_not_taken(): void
    {
        self::assertSame(422, $this->desk()->answer('POST', '/submissions', 'token', [], [])->status);
        self::assertSame(
            422,
            $this->desk()->answer('POST', '/submissions', 'token', [], ['package' => ['error' => UPLOAD_ERR_PARTIAL, 'tmp_name' => "$this->folder/p.zip"]])
                ->status,
        );
        $answer = $this->desk(accepts: false)->answer(
            'POST',
            '/submissions',
            'token',
            [],
            ['package' => ['error' => UPLOAD_ERR_OK, 'tmp_name' => "$this->folder/p.zip"]],
        );
        self::assertSame([422, '{"message":"This store takes test packages."}'], [$answer->status, $answer->body]);
        $answer = $this->desk()->answer(
            'POST',
            '/submissions',
            'token',
            ['listing' => 'no json'],
            ['package' => ['error' => UPLOAD_ERR_OK, 'tmp_name' => "$this->folder/p.zip"]],
        );
        self::assertSame('{"message":"The listing and the permissions are needed as JSON."}', $answer->body);
    }

    public function test_a_page_is_in_the_language_of_whoever_looks_and_each_language_is_looked_at(): void
    {
        $page = fn (string $words): array => ['title' => $words, 'summary' => $words, 'description' => $words];
        $declares = ['data' => [['type' => 'NSPrivacyCollectedDataTypeName', 'linked' => true]], 'contents' => [], 'deletion' => false];
        $listing = $page('Own') + ['declares' => $declares, 'language' => 'en', 'languages' => ['de' => $page('Deutsch'), 'ar' => $page('عربي')]];
        $html = fn (string $wanted): string => Shelf::page('Test', $listing, '1.0.0', '/install', $wanted);
        $shown = ['de-AT,de;q=0.9,en;q=0.5' => 'Deutsch', 'en-GB,de' => 'Own', 'fr, ar;q=0.3' => 'عربي', 'fr' => 'Own', '' => 'Own', '*' => 'Own'];
        foreach ($shown as $wanted => $words) {
            self::assertStringContainsString("<h1>$words</h1>", $html((string) $wanted), (string) $wanted);
        }
        self::assertStringContainsString('<html lang="ar" dir="rtl">', $html('ar'));
        self::assertSame([], Review::reasons(new Inspection(), $listing, [], null));
        $listing['languages']['de'] = ['title' => str_repeat('ü', 31)] + $page('x');
        $listing['languages']['ar'] = ['summary' => ' '] + $page('x');
        self::assertSame([
            ['code' => 'listing.title.de', 'sentence' => 'The title in “de” has 31 characters; at most 30 are allowed.'],
            ['code' => 'listing.summary.ar', 'sentence' => 'The short description in “ar” is missing.'],
        ], Review::reasons(new Inspection(), $listing, [], null));
        self::assertNotSame([], Review::reasons(new Inspection(), ['languages' => ['de' => 'words']] + $listing, [], null));
    }

    /** @param  array{track?: string, testers?: string}  $more */
    private function received(array $more = []): int
    {
        return $this->ledger->receive($more + [
            'store' => 'test',
            'publisher' => hash('sha256', 'token'),
            'file' => 'p.zip',
            'listing' => json_encode([
                'title' => 'A <b>title</b>',
                'summary' => 's',
                'description' => 'd',
                'declares' => ['data' => [['type' => '<b>Names</b>', 'shared' => true, 'optional' => true]], 'contents' => [], 'deletion' => true],
            ]) ?: '',
            'permissions' => '[]',
        ]);
    }

    /** As though it had come in so many seconds ago. */
    private function receivedBefore(int $id, float $seconds): void
    {
        $ledger = new \PDO("sqlite:$this->folder/standins.sqlite");
        $ledger->prepare('update submissions set received = ? where id = ?')->execute([microtime(true) - $seconds, $id]);
    }

    private function since(int $id): float
    {
        return (float) ($this->ledger->find('test', $id)['received'] ?? 0);
    }

    private function ask(string $method, string $path, string $token = 'token'): Answer
    {
        return $this->desk()->answer($method, $path, $token, [], []);
    }

    private function desk(float $seconds = 1000, string $token = 'token', bool $accepts = true): Desk
    {
        $inspector = new class($accepts) implements Inspector
        {
            public function __construct(private bool $accepts)
            {
            }

            public function takes(): string
            {
                return 'test packages';
            }

            public function accepts(string $file): bool
            {
                return $this->accepts;
            }

            public function inspect(string $file): Inspection
            {
                return new Inspection('com.example.a', 1, '1.0', 'aa');
            }

            public function install(string $package, string $file): Install
            {
                return new Install("$package/package", 'application/vnd.android.package-archive', "$package.apk");
            }
        };

        return new Desk($this->ledger, $inspector, 'test', $this->folder, 'http://store', $token, $seconds);
    }
}
