<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Earnings\Tills\Forged;
use App\Earnings\Tills\SignedByChain;
use DateTimeImmutable;
use Firebase\JWT\JWT;
use Illuminate\Filesystem\Filesystem;
use PHPUnit\Framework\Attributes\DataProvider;
use Standins\Till\Chain;
use Symfony\Component\Process\Process;
use Tests\TestCase;

/** What a store signs is read, and what only looks like it is not. The npm package “jose” reads the same, and what it signs is read here. */
final class SignedByChainTest extends TestCase
{
    private const CONFIG = "[req]\ndistinguished_name=n\n[n]\n[authority]\nbasicConstraints=critical,CA:TRUE\n[signer]\nbasicConstraints=critical,CA:FALSE\n";

    private static string $folder;

    /** @var array<string, array{string, string}> name => key and certificate */
    private static array $made = [];

    public static function setUpBeforeClass(): void
    {
        parent::setUpBeforeClass();
        self::$folder = sys_get_temp_dir().'/lanai-chain-'.bin2hex(random_bytes(6));
        mkdir(self::$folder);
        file_put_contents($config = self::$folder.'/openssl.cnf', self::CONFIG);
        $make = function (string $name, string $kind, string $by = '', int $days = 100) use ($config): void {
            [$key, $own] = self::$made[$by] ?? [null, null];
            self::$made[$name] = Chain::certificate('Pier', $kind, $config, $own, $key, $days);
        };
        $make('root', 'authority');
        $make('middle', 'authority', 'root');
        $make('leaf', 'signer', 'middle');
        $make('old', 'signer', 'middle', 1);
        // The same names, from somebody else.
        $make('their root', 'authority');
        $make('their middle', 'authority', 'their root');
        $make('their leaf', 'signer', 'their middle');
        // Given by one that may give none.
        $make('leaf of leaf', 'signer', 'leaf');
        $make('middle as signer', 'authority', 'middle');
        file_put_contents(self::$folder.'/root.pem', self::$made['root'][1]);
    }

    public static function tearDownAfterClass(): void
    {
        (new Filesystem())->deleteDirectory(self::$folder);
        parent::tearDownAfterClass();
    }

    public function test_what_the_store_signed_is_read(): void
    {
        self::assertSame(['purchase' => 'p1', 'amount' => 399], $this->read($this->signed()));
    }

    /** @return iterable<string, array{callable(self): string, string}> */
    public static function forgeries(): iterable
    {
        $b64 = fn (mixed $value): string => JWT::urlsafeB64Encode((string) json_encode($value));
        yield 'not signed at all' => [fn (self $t): string => $b64(['alg' => 'none', 'x5c' => $t->chain()]).'.'.$b64(['amount' => 1]).'.', 'not signed'];
        yield 'signed as none' => [
            fn (self $t): string => $b64(['alg' => 'none', 'x5c' => $t->chain()]).'.'.$b64(['amount' => 1]).'.AA',
            'a way that is not taken',
        ];
        yield 'with a shared secret that everybody knows' => [
            fn (self $t): string => JWT::encode(['amount' => 1], (string) file_get_contents(self::$folder.'/root.pem'), 'HS256', null, ['x5c' => $t->chain()]),
            'a way that is not taken',
        ];
        yield 'another amount' => [
            function (self $t) use ($b64): string {
                [$head, , $signature] = explode('.', $t->signed());

                return "$head.".$b64(['purchase' => 'p1', 'amount' => 9]).".$signature";
            },
            'does not belong to it',
        ];
        yield 'a signature cut short' => [fn (self $t): string => substr($t->signed(), 0, -4), 'does not belong to it'];
        yield 'a signature as ASN.1 writes it' => [
            function (self $t): string {
                [$head, $body] = explode('.', $t->signed());
                openssl_sign("$head.$body", $der, self::$made['leaf'][0], OPENSSL_ALGO_SHA256);

                return "$head.$body.".JWT::urlsafeB64Encode($der);
            },
            'does not belong to it',
        ];
        yield 'with the root of somebody else of the same name' => [
            fn (self $t): string => $t->signed('their leaf', ['their leaf', 'their middle', 'their root']),
            'do not lead to the store',
        ];
        yield 'their chain, with our root put below it' => [
            fn (self $t): string => $t->signed('their leaf', ['their leaf', 'their middle', 'root']),
            'was not given by the next',
        ];
        yield 'without the one between' => [fn (self $t): string => $t->signed('leaf', ['leaf', 'root']), 'without its certificates'];
        yield 'given by one that may give none' => [
            fn (self $t): string => $t->signed('leaf of leaf', ['leaf of leaf', 'leaf', 'root']),
            'was not given by the next',
        ];
        yield 'signed by one that gives certificates' => [
            fn (self $t): string => $t->signed('middle as signer', ['middle as signer', 'middle', 'root']),
            'made for something else',
        ];
        yield 'without a chain' => [fn (self $t): string => JWT::encode(['amount' => 1], self::$made['leaf'][0], 'ES256'), 'without its certificates'];
        yield 'a chain of nonsense' => [fn (self $t): string => $t->signed('leaf', [], ['!', '?', 'x']), 'cannot be read'];
        yield 'something that must be understood' => [
            function (self $t): string {
                $head = ['x5c' => $t->chain(), 'crit' => ['b64'], 'b64' => false];

                return JWT::encode(['amount' => 1], self::$made['leaf'][0], 'ES256', null, $head);
            },
            'a way that is not taken',
        ];
        yield 'longer than anything' => [fn (self $t): string => $t->signed().str_repeat('A', 50_000), 'not signed'];
    }

    /** @param  callable(self): string  $forgery */
    #[DataProvider('forgeries')]
    public function test_what_only_looks_like_it_is_not(callable $forgery, string $why): void
    {
        try {
            $this->read($forgery($this));
        } catch (Forged $forged) {
            self::assertStringContainsString($why, $forged->getMessage());

            return;
        }
        self::fail('It was taken.');
    }

    public function test_a_certificate_holds_only_in_its_time_and_a_root_that_is_not_there_holds_nothing(): void
    {
        $signed = $this->signed('old', ['old', 'middle', 'root']);
        self::assertSame(399, $this->read($signed)['amount']);
        foreach (['+3 days', '-1 day'] as $when) {
            try {
                (new SignedByChain(self::$folder.'/root.pem'))->claims($signed, new DateTimeImmutable($when));
                self::fail("It holds $when.");
            } catch (Forged $forged) {
                self::assertStringContainsString('out of date', $forged->getMessage());
            }
        }
        $this->expectException(Forged::class);
        (new SignedByChain(self::$folder.'/nothing.pem'))->claims($signed, new DateTimeImmutable());
    }

    public function test_another_library_signs_and_reads_the_same(): void
    {
        file_put_contents(self::$folder.'/in.json', (string) json_encode([
            'signed' => $this->signed(),
            'key' => $this->pkcs8(self::$made['leaf'][0]),
            'leaf' => self::$made['leaf'][1],
            'chain' => $this->chain(),
        ]));
        $node = new Process(['node', 'tests/reference/jws.mjs', self::$folder.'/in.json'], base_path());
        $node->mustRun();
        $answer = json_decode($node->getOutput(), true);
        self::assertSame(['purchase' => 'p1', 'amount' => 399], $answer['read']);
        self::assertSame($answer['read'], $this->read($answer['signed']));
    }

    private function pkcs8(string $key): string
    {
        openssl_pkey_export(openssl_pkey_get_private($key), $pem);

        return $pem;
    }

    /**
     * @param  list<string>  $links
     * @param  list<string>  $x5c
     */
    private function signed(string $by = 'leaf', array $links = ['leaf', 'middle', 'root'], array $x5c = []): string
    {
        return JWT::encode(['purchase' => 'p1', 'amount' => 399], self::$made[$by][0], 'ES256', null, ['x5c' => $x5c ?: $this->chain($links)]);
    }

    /**
     * @param  list<string>  $links
     * @return list<string>
     */
    private function chain(array $links = ['leaf', 'middle', 'root']): array
    {
        return array_map(fn (string $name): string => (string) preg_replace('/-----[^-]+-----|\s/', '', self::$made[$name][1]), $links);
    }

    /** @return array<string, mixed> */
    private function read(string $signed): array
    {
        return (new SignedByChain(self::$folder.'/root.pem'))->claims($signed, new DateTimeImmutable());
    }
}
