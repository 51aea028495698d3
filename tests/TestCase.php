<?php

declare(strict_types=1);

namespace Tests;

use App\Models\App;
use App\Models\Founder;
use App\People\People;
use App\People\Sessions;
use App\Records\DataSet;
use Database\Seeders\DemoSeeder;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Filesystem\Filesystem;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Foundation\Testing\TestCase as Base;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;

abstract class TestCase extends Base
{
    use RefreshDatabase;

    private static ?Validator $validator = null;

    /** @var array<string, true> schemas that the validator has read */
    private static array $known = [];

    /** @var array<string, true> digests of answers that have met their schema */
    private static array $met = [];

    private string $folder;

    public function createApplication(): Application
    {
        $app = require __DIR__.'/../bootstrap/app.php';
        $app->make(Kernel::class)->bootstrap();
        $this->folder = sys_get_temp_dir().'/lanai-test-'.bin2hex(random_bytes(6));
        mkdir($this->folder);
        $app['config']->set('lanai.apps', $this->folder);
        $app['config']->set('lanai.work', "$this->folder/.work");

        return $app;
    }

    protected function tearDown(): void
    {
        parent::tearDown();
        (new Filesystem)->deleteDirectory($this->folder);
    }

    protected function folder(): string
    {
        return $this->folder;
    }

    protected function demo(): App
    {
        $this->seed(DemoSeeder::class);

        return App::query()->with('revision')->firstOrFail();
    }

    protected function founderOf(App $app): Founder
    {
        return Founder::query()->findOrFail($app->founder_id);
    }

    /** Calls that follow come from a device on which this person of the app is signed in. */
    protected function asPerson(App $app, string $email, DataSet $set = DataSet::Live): static
    {
        $people = new People($app, $set, $app->revision->read());
        $account = $people->accounts()->where('email', $email)->firstOrFail();

        return $this->withToken((new Sessions($people))->open($account, 'password', 'a test'));
    }

    protected function stranger(): Founder
    {
        return Founder::query()->create(['name' => 'Someone Else', 'email' => 'else@founders.example', 'password' => 'long enough to be']);
    }

    protected static function assertMeets(string $schema, string $json, string $part = ''): void
    {
        // A schema is read once, and an answer that has met it need not meet it again.
        $met = hash('xxh128', "$schema/$part/$json");
        if (isset(self::$met[$met])) {
            self::assertTrue(self::$met[$met]);

            return;
        }
        $result = self::validator($schema, $part)->validate(json_decode($json), self::idOf($schema, $part));
        $error = $result->error();
        self::assertTrue($result->isValid(), $error === null ? '' : (string) json_encode((new ErrorFormatter)->format($error), JSON_PRETTY_PRINT));
        self::$met[$met] = true;
    }

    private static function idOf(string $schema, string $part): string
    {
        return "https://lanai.example/$schema".($part === '' ? '.schema.json' : "/$part");
    }

    private static function validator(string $schema, string $part): Validator
    {
        self::$validator ??= new Validator();
        $id = self::idOf($schema, $part);
        if (! isset(self::$known[$id])) {
            $document = json_decode((string) file_get_contents(__DIR__."/../docs/$schema.schema.json"));
            if ($part !== '') {
                $document = (object) ['$id' => $id, '$schema' => $document->{'$schema'}, '$ref' => "#/\$defs/$part", '$defs' => $document->{'$defs'}];
            }
            self::$validator->resolver()?->registerRaw($document, $id);
            self::$known[$id] = true;
        }

        return self::$validator;
    }
}
