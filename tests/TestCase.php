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
        $document = json_decode((string) file_get_contents(__DIR__."/../docs/$schema.schema.json"));
        if ($part !== '') {
            $document = (object) ['$schema' => $document->{'$schema'}, '$ref' => "#/\$defs/$part", '$defs' => $document->{'$defs'}];
        }
        $result = (new Validator)->validate(json_decode($json), $document);
        $error = $result->error();
        self::assertTrue($result->isValid(), $error === null ? '' : (string) json_encode((new ErrorFormatter)->format($error), JSON_PRETTY_PRINT));
    }
}
