<?php

declare(strict_types=1);

namespace Tests;

use App\Models\App;
use App\Outbound\Practice;
use Illuminate\Filesystem\Filesystem;
use Illuminate\Support\Facades\Cache;
use Standins\Box;
use Standins\Switches;
use Tests\Support\LocalServer;

/** Starts the stand-ins for the tests of a class, on a port of their own. */
trait PracticeServices
{
    private static ?LocalServer $standins = null;

    private static int $port = 0;

    private static string $practice = '';

    private App $demo;

    protected function setUp(): void
    {
        parent::setUp();
        config(['lanai.standins' => '127.0.0.1:'.self::$port]);
        Cache::flush();
        $this->demo = $this->demo();
        $this->practise();
        $this->actingAs($this->founderOf($this->demo));
    }

    public static function setUpBeforeClass(): void
    {
        parent::setUpBeforeClass();
        self::$practice = sys_get_temp_dir().'/lanai-practice-'.bin2hex(random_bytes(6));
        mkdir(self::$practice);
        self::$standins = LocalServer::standins(self::$practice, self::more());
        self::$port = self::$standins->port;
    }

    /** @return array<string, string> what else the stand-ins are told */
    protected static function more(): array
    {
        return [];
    }

    public static function tearDownAfterClass(): void
    {
        self::$standins?->stop();
        (new Filesystem())->deleteDirectory(self::$practice);
        parent::tearDownAfterClass();
    }

    protected function practise(string $service = '', string $mode = ''): void
    {
        config(['lanai.standins' => '127.0.0.1:'.self::$port]);
        foreach (Practice::SERVICES as $name) {
            (new Switches(self::$practice, $name, $this->box()))->turn($name === $service ? $mode : '');
        }
    }

    private function box(): Box
    {
        return Box::named(Practice::boxOf($this->demo));
    }

    protected function asked(string $service): int
    {
        return (new Switches(self::$practice, $service, $this->box()))->state()['calls'];
    }
}
