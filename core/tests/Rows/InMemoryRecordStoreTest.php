<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Rows;

use Lanai\Core\Formula\Moment;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Rows\RecordStore;
use Lanai\Core\Tests\Support\InMemoryRecordStore;
use Lanai\Core\Tests\Support\World;
use PHPUnit\Framework\TestCase;

final class InMemoryRecordStoreTest extends TestCase
{
    use RecordStoreContract;

    protected function store(Blueprint $blueprint): RecordStore
    {
        return new InMemoryRecordStore($blueprint);
    }

    protected function moment(): Moment
    {
        return World::moment();
    }
}
