<?php

declare(strict_types=1);

namespace Tests;

use App\Apps\RevisionBook;
use App\Models\App;
use App\Models\PushKey;
use App\Outbound\Practice;
use App\Reach\MessageBook;
use App\Reach\PhoneBook;
use App\Reach\PracticePhones;
use App\Records\DataSet;
use App\Space;
use Illuminate\Filesystem\Filesystem;
use Illuminate\Support\Facades\Cache;
use Lanai\Core\Model\Blueprint;
use Tests\Support\LocalServer;

/** An app that writes to people, and Crier, who carries what it writes. */
trait AtCrier
{
    private static ?LocalServer $crier = null;

    private static string $carried = '';

    private App $reef;

    public static function setUpBeforeClass(): void
    {
        parent::setUpBeforeClass();
        self::$carried = sys_get_temp_dir().'/lanai-crier-'.bin2hex(random_bytes(6));
        $folder = self::$carried;
        self::$crier = LocalServer::start(
            fn (int $port): array => ['node', 'standins/crier/crier.mjs', (string) $port, $folder],
            ['LANAI_STANDIN_TOKEN' => 'a-key'],
        );
    }

    public static function tearDownAfterClass(): void
    {
        self::$crier?->stop();
        (new Filesystem())->deleteDirectory(self::$carried);
        parent::tearDownAfterClass();
    }

    protected function setUp(): void
    {
        parent::setUp();
        Cache::flush();
        $at = '127.0.0.1:'.self::$crier?->port;
        $carriers = [
            'contact' => 'mailto:post@lanai.example',
            'android' => [
                'url' => "https://$at/crier/android/v1/projects/practice/messages:send",
                'token' => "http://$at/crier/android/token",
                'account' => 'practice@crier.example',
                'scope' => 'messages',
                'key' => self::$carried.'/crier-android.pem',
            ],
            'ios' => ['url' => "https://$at/crier/3/device", 'key' => self::$carried.'/crier-ios.pem', 'kid' => 'PRACTICE01', 'team' => 'PRACTICE00'],
        ];
        config(['lanai.crier' => $at, 'lanai.crier_certificate' => self::$carried.'/crier.crt', 'lanai.push' => ['sandbox' => $carriers, 'live' => $carriers]]);
        $this->goesWrong('');
        $this->reef = app(RevisionBook::class)->begin($this->stranger(), Blueprint::fromScript(static::APP));
        $this->actingAs($this->founderOf($this->reef));
    }

    /** How Crier answers from now on for the phones of this founder. */
    private function goesWrong(string $mode): void
    {
        $box = isset($this->reef) ? Practice::boxOf($this->reef) : '';
        $box === '' || file_put_contents(self::$carried.'/crier-'.substr($box, 0, 12).'.json', (string) json_encode(['mode' => $mode]));
    }

    private function space(): Space
    {
        return Space::sandbox($this->reef->refresh());
    }

    /** @param  array<string, mixed>  $values */
    private function adds(string $table, array $values): int
    {
        return $this->space()->store()->add($this->space()->blueprint()->table($table), $values);
    }

    /** @param  array<string, mixed>  $values */
    private function changes(string $table, int $id, array $values): void
    {
        $store = $this->space()->store();
        $store->together(fn (): bool => $store->change($this->space()->blueprint()->table($table), $id, $values));
    }

    /** Somebody's phone lets messages in. */
    private function lets(int $person, string $platform = 'web', string $zone = 'Europe/London', ?string $handle = null, string $language = ''): string
    {
        $handle ??= sprintf('%08d-0000-4000-8000-%012d', $person, random_int(1, 999_999_999));
        $body = ['handle' => $handle, 'allowed' => true, 'platform' => $platform, 'person' => $person, 'zone' => $zone, 'language' => $language];
        $this->postJson("/device/deck/{$this->reef->id}/notify", $body)->assertOk()->assertJson(['known' => true]);

        return $handle;
    }

    /** @return list<array<string, mixed>> what lies on a phone */
    private function lies(string $handle): array
    {
        $phone = (new PhoneBook($this->space()))->called($handle);

        return $phone === null ? [] : (new PracticePhones($this->reef))->lies($phone);
    }

    /** @return list<string> the titles of what lies on a phone */
    private function titles(string $handle): array
    {
        return array_column($this->lies($handle), 'title');
    }

    private function book(DataSet $set = DataSet::Sandbox): MessageBook
    {
        return new MessageBook(new Space($this->reef, $set, $this->reef->revision));
    }

    private function serverKey(): string
    {
        return PushKey::of($this->reef)->public;
    }
}
