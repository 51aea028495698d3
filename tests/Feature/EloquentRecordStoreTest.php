<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\App;
use App\Records\DataSet;
use App\Records\EloquentRecordStore;
use App\Records\SchemaFollower;
use DateTimeZone;
use Lanai\Core\Formula\Moment;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Rows\RecordStore;
use Lanai\Core\Tests\Rows\RecordStoreContract;
use Lanai\Core\Tests\Support\World;
use Tests\TestCase;

final class EloquentRecordStoreTest extends TestCase
{
    use RecordStoreContract;

    protected function store(Blueprint $blueprint): RecordStore
    {
        $app = new App;
        $app->id = random_int(1000, 9_999_999);
        (new SchemaFollower($app, DataSet::Sandbox))->follow($blueprint);

        return new EloquentRecordStore($app, DataSet::Sandbox, $blueprint);
    }

    protected function moment(): Moment
    {
        return new Moment(World::moment()->now, new DateTimeZone('Europe/Berlin'));
    }
}
