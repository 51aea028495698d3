<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Ports;

use Lanai\Core\Blueprint\Blueprint;
use Lanai\Core\Formula\Moment;
use Lanai\Core\Ports\RecordStore;
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
