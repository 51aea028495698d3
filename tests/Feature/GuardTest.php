<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Outbound\AddressRefused;
use App\Outbound\Guard;
use Illuminate\Support\Facades\Http;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\TestCase;

/** The ranges are those of the IANA special-purpose address registries (RFC 6890), from memory. */
final class GuardTest extends TestCase
{
    #[TestWith(['127.0.0.1'])]
    #[TestWith(['10.1.2.3'])]
    #[TestWith(['172.16.0.1'])]
    #[TestWith(['192.168.1.1'])]
    #[TestWith(['169.254.169.254'])]
    #[TestWith(['100.64.0.1'])]
    #[TestWith(['0.0.0.0'])]
    #[TestWith(['224.0.0.1'])]
    #[TestWith(['::1'])]
    #[TestWith(['fe80::1'])]
    #[TestWith(['fd00::1'])]
    #[TestWith(['::ffff:127.0.0.1'])]
    #[TestWith(['64:ff9b::7f00:1'])]
    #[TestWith(['2002:7f00:1::'])]
    #[TestWith(['ff02::1'])]
    public function test_an_address_inside_is_not_public(string $address): void
    {
        self::assertFalse(Guard::isPublic($address));
    }

    #[TestWith(['93.184.215.14'])]
    #[TestWith(['2606:2800:21f:cb07:6820:80da:af6b:8b2c'])]
    public function test_an_address_outside_is(string $address): void
    {
        self::assertTrue(Guard::isPublic($address));
    }

    #[TestWith(['http://127.0.0.1:9/'])]
    #[TestWith(['http://[::1]/'])]
    #[TestWith(['http://0x7f000001/'])]
    #[TestWith(['http://localhost:8000/'])]
    #[TestWith(['file:///etc/passwd'])]
    #[TestWith(['http://user@127.0.0.1:8001/'])]
    #[TestWith(['nonsense'])]
    public function test_such_an_address_is_not_called(string $url): void
    {
        Http::preventStrayRequests();
        $this->expectException(AddressRefused::class);

        Guard::to($url)->get($url);
    }

    public function test_the_stand_ins_may_be_called(): void
    {
        config(['lanai.standins' => '127.0.0.1:8001']);
        Http::fake(['127.0.0.1:8001/*' => Http::response(['ok' => true])]);

        self::assertSame(['ok' => true], Guard::to('http://127.0.0.1:8001/quay')->get('http://127.0.0.1:8001/quay')->json());
    }
}
