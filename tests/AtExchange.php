<?php

declare(strict_types=1);

namespace Tests;

use App\Apps\RevisionBook;
use App\Models\App;
use App\Outbound\Practice;
use App\Records\DataFile;
use App\Records\DataSet;
use App\Space;
use Illuminate\Database\Connection;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Row;
use Standins\Bunting\Memory;
use Standins\Bunting\Seal;

/** An app with adverts from the exchange for practice, and Ada who looks at it. */
trait AtExchange
{
    use PracticeServices;

    private const DEVICE = '11111111-2222-4333-8444-555555555555';

    private App $reef;

    private Row $ada;

    protected static function more(): array
    {
        return ['LANAI_STANDIN_TOKEN' => 'a-key-for-the-exchange'];
    }

    protected function setUp(): void
    {
        parent::setUp();
        Cache::flush();
        $base = 'http://127.0.0.1:'.self::$port.'/bunting';
        $exchange = ['url' => "$base/bid", 'key' => 'a-key-for-the-exchange', 'keys' => "$base/keys", 'payouts' => "$base/payouts"];
        config(['lanai.standins' => '127.0.0.1:'.self::$port, 'lanai.adverts' => ['sandbox' => $exchange, 'live' => $exchange]]);
        array_map(unlink(...), glob(self::$practice.'/bunting.sqlite*') ?: []);
        $this->reef = app(RevisionBook::class)->begin($this->stranger(), Blueprint::fromScript(self::APP));
        $store = $this->space()->store();
        $people = $this->space()->blueprint()->table('People');
        $this->actingAs($this->founderOf($this->reef));
        $id = $store->add($people, ['name' => 'Ada Lovelock']);
        $this->ada = $store->byIds($people, [$id])[$id];
    }

    private function goesWrong(string $mode): void
    {
        $this->exchange()->turn(Practice::boxOf($this->reef), $mode);
    }

    /** @return array<string, int> what the exchange has heard */
    private function heard(): array
    {
        return $this->exchange()->counts(Practice::boxOf($this->reef));
    }

    private function exchange(): Memory
    {
        return new Memory(self::$practice);
    }

    private function seal(): Seal
    {
        return new Seal(self::$practice);
    }

    /** @param  array<string, mixed>  $more */
    private function ask(array $more = []): TestResponse
    {
        return $this->postJson("{$this->base()}/advert", $more + $this->body());
    }

    /** Why there is none, as the footprints say it. */
    private function why(TestResponse $answer): string
    {
        return (string) $answer->json('footprints.steps.0.text');
    }

    /** @return array<string, mixed> */
    private function body(): array
    {
        return ['place' => 'below', 'device' => self::DEVICE, 'screen' => 'start', 'zone' => 'Europe/Berlin', 'person' => $this->ada->id];
    }

    private function giveClub(): void
    {
        $book = new \App\Earnings\PurchaseBook($this->space());
        $book->give($this->ada, $this->space()->blueprint()->product('club'), new \DateTimeImmutable('-1 minute'), null);
    }

    private function base(): string
    {
        return "/device/deck/{$this->reef->id}";
    }

    private function database(): Connection
    {
        return DB::connection((new DataFile($this->reef, DataSet::Sandbox))->connection);
    }

    private function space(): Space
    {
        return Space::sandbox($this->reef->refresh());
    }
}
