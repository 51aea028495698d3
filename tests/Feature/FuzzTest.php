<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Jobs\BuildPackage;
use App\Models\App;
use App\Outbound\Guard;
use Illuminate\Http\UploadedFile;
use Illuminate\Routing\Route;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\Http;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Facades\Route as Routes;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\TestWith;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Symfony\Component\HttpFoundation\StreamedResponse;
use Tests\TestCase;

/** Ten thousand requests over all routes, from a fixed seed, with what nobody would send who means well: each is answered, none breaks. */
final class FuzzTest extends TestCase
{
    private const EACH = 2500;

    private const KEYS = [
        'address',
        'after',
        'answer',
        'replies',
        'replies.*',
        'args',
        'at',
        'base',
        'beside',
        'body',
        'build',
        'by',
        'changes',
        'chips',
        'client',
        'code',
        'confirmed',
        'cursor',
        'delimiter',
        'draft',
        'email',
        'error',
        'file',
        'finding',
        'finds',
        'form',
        'header',
        'here',
        'how',
        'id',
        'ids',
        'index',
        'inputs',
        'invitation',
        'item',
        'join',
        'key',
        'keys',
        'known',
        'limit',
        'mode',
        'name',
        'names',
        'new',
        'now',
        'offer',
        'onlyRight',
        'orders',
        'pages',
        'parts',
        'password',
        'pending',
        'person',
        'picked',
        'picture',
        'places',
        'platform',
        'public',
        'request',
        'revision',
        'row',
        'rows',
        'screen',
        'search',
        'secret',
        'service',
        'set',
        'state',
        'steps',
        'store',
        'tables',
        'talk',
        'tap',
        'target',
        'text',
        'to',
        'token',
        'upward',
        'url',
        'value',
        'values',
        'waits',
        'way',
        'what',
        'where',
        'words',
        'writes',
        'zone',
        'title',
        'spot',
        'all',
        'aggregate',
        'field',
        'size',
        'width',
        'height',
        'scale',
        'thing',
        'is',
        'role',
        'act',
        'does',
        'routine',
        'given',
    ];

    private Randomizer $random;

    private App $demo;

    #[TestWith([1])]
    #[TestWith([2])]
    #[TestWith([3])]
    #[TestWith([4])]
    public function test_no_request_breaks_anything(int $seed): void
    {
        $this->random = new Randomizer(new Mt19937(20261128 + $seed));
        $this->demo = $this->demo();
        Queue::fake([BuildPackage::class]);
        Guard::resolving(fn (): array => ['93.184.215.14']);
        Http::fake(fn () => Http::response($this->one(['{}', '{"a":[1,{"b":null}]}', 'not json', "\xFF\xFE", '']), $this->one([200, 200, 401, 500])));
        $routes = array_values(
            array_filter(Routes::getRoutes()->getRoutes(), fn (Route $r): bool => ! str_contains($r->uri(), '{any}') && ! str_contains($r->uri(), '{any?}')),
        );
        $broken = [];
        $statuses = [];
        try {
            for ($n = 0; $n < self::EACH; $n++) {
                if ($n % 40 === 0) {
                    // How often one may ask is another test's matter; and whoever was signed out comes in again.
                    Cache::flush();
                    $n % 160 === 120 ? $this->app['auth']->forgetGuards() : $this->actingAs($this->founderOf($this->demo));
                }
                $route = $routes[$this->random->getInt(0, count($routes) - 1)];
                [$said, $response] = $this->ask($route);
                $statuses[$response->getStatusCode()] = ($statuses[$response->getStatusCode()] ?? 0) + 1;
                if ($response->getStatusCode() >= 500 && ! in_array($response->getStatusCode(), [502, 503], true)) {
                    $broken[] =
                        "$said\n    ".
                        get_debug_type($this->trouble($response)).
                        ': '.
                        mb_substr(mb_scrub((string) $this->trouble($response)?->getMessage()), 0, 240).
                        ' at '.
                        basename((string) $this->trouble($response)?->getFile()).
                        ':'.
                        $this->trouble($response)?->getLine();
                }
            }
        } finally {
            Guard::resolving(null);
        }

        self::assertSame(
            [],
            array_slice(array_values(array_unique($broken)), 0, 25),
            count($broken).' of '.self::EACH.' broke; '.json_encode($statuses),
        );
        self::assertGreaterThan(100, $statuses[200] ?? 0, 'Some must have got through.');
    }

    /** @return array{string, TestResponse} */
    private function ask(Route $route): array
    {
        $path = (string) preg_replace_callback('/\{(\w+)\??\}/', fn (array $m): string => $this->parameter($m[1]), $route->uri());
        $method = $this->one(array_values(array_diff($route->methods(), ['HEAD'])));
        $query = [];
        $body = [];
        for ($i = $this->random->getInt(0, 5); $i > 0; $i--) {
            $this->random->getInt(0, 2) === 0 ? ($query[$this->one(self::KEYS)] = $this->value(2)) : ($body[$this->one(self::KEYS)] = $this->value(3));
        }
        if ($route->uri() === 'api/apps/{app}/edits') {
            $do = $this->one([
                'fill',
                'offer',
                'write',
                'begin',
                'remove',
                'move',
                'copy',
                'group',
                'extract',
                'rewrite',
                'leaveOut',
                'allow',
                'addAsset',
                'makeScreens',
                'keepTableInStep',
                'letPeopleIn',
                'putRight',
                'takeService',
            ]);
            $edit = [
                'do' => $do,
                'at' => $this->pointer(),
                'list' => $this->pointer(),
                'places' => $this->one([[$this->pointer()], [$this->pointer(), $this->pointer()], []]),
                'text' => $this->text(),
                'as' => $this->one(['', 'text', 'waiting', $this->text()]),
                'index' => $this->one([0, 3, -1, 'x']),
                'name' => $this->text(),
                'file' => $this->text(),
                'called' => $this->text(),
                'verb' => $this->one(['seen', 'x']),
                'who' => $this->one(['everyone', 'role', 'king']),
                'request' => $this->one(['Conditions', $this->text()]),
                'table' => $this->one(['Spots', $this->text()]),
                'told' => $this->one([[], ['spot' => $this->text()]]),
                'key' => 'Name',
                'removing' => true,
                'every' => $this->one(['day', 'hour', 'x']),
            ];
            $body += [
                'base' => $this->one([1, $this->demo->refresh()->revision->number]),
                'sure' => $this->one([true, false]),
                'page' => $this->one(['', '/screens/0', $this->pointer()]),
                'edit' => $this->one([$edit, $this->value(2)]),
            ];
        }
        if (preg_match('~^device/~', $route->uri()) === 1) {
            $body += [
                'screen' => $this->one(['upcoming', 'swim', 'offer', 'nowhere', '']),
                'args' => $this->one([[], [1], [$this->value(1)]]),
                'at' => $this->pointer(),
                'revision' => 1,
            ];
        }
        $uri = "/$path".($query === [] || ($method !== 'GET' && $this->random->getInt(0, 1) === 0) ? '' : '?'.http_build_query($query));
        $json = $this->random->getInt(0, 4) > 0;
        $files =
            str_contains($route->uri(), 'picture') || str_contains($route->uri(), 'assets') || str_contains($route->uri(), 'imports')
                ? [
                    'picture' => UploadedFile::fake()->createWithContent($this->one(['a.png', 'a.txt', 'a.csv', 'a']), $this->text()),
                    'file' => UploadedFile::fake()->createWithContent('a.csv', $this->text()),
                ]
                : [];
        $content = $json ? (string) json_encode($body, JSON_INVALID_UTF8_SUBSTITUTE | JSON_PARTIAL_OUTPUT_ON_ERROR) : http_build_query($body);
        if ($json && $this->random->getInt(0, 9) === 0) {
            $content = $this->one([
                '',
                '[',
                'null',
                '1',
                '"x"',
                str_repeat('[', 600),
                '{"a":'.str_repeat('9', 400).'}',
                "{\"a\":\"\xFF\"}",
                '{"at":18446744073709551616}',
            ]);
        }
        $server = $this->transformHeadersToServerVars(
            ['Accept' => 'application/json', 'Content-Type' => $json ? 'application/json' : 'application/x-www-form-urlencoded'] +
                ($this->random->getInt(0, 5) === 0 ? ['Authorization' => 'Bearer '.$this->one(['x', "\xFF", str_repeat('a', 5000)])] : []) +
                ($this->random->getInt(0, 5) === 0 ? ['If-Match' => $this->one(['*', '"x"', ',,', "\xFF"])] : []),
        );
        ob_start();
        try {
            $response = $this->call($method, $uri, $json ? [] : $body, [], $files, $server, $content);
            $response->baseResponse instanceof StreamedResponse && $response->getStatusCode() === 200 ? $response->streamedContent() : null;
        } finally {
            ob_end_clean();
        }

        return ["$method ".mb_scrub(mb_substr($uri, 0, 200)).' '.mb_scrub(mb_substr($content, 0, 260)), $response];
    }

    private function trouble(TestResponse $response): ?\Throwable
    {
        return $response->baseResponse->exception ?? null;
    }

    private function parameter(string $name): string
    {
        $usual = [
            'app' => ['1'],
            'set' => ['sandbox', 'live'],
            'table' => ['swims', 'people', 'spots', 'bookings'],
            'way' => ['live', 'share', 'deck'],
            'key' => ['saltlark', '1', $this->demo->share_code, 'privacy', 'deletion'],
            'slug' => ['saltlark', 'upcoming', 'swim'],
            'stored' => ['swims', 'people'],
            'row' => ['1', '2'],
            'person' => ['1', '2'],
            'id' => ['1'],
            'import' => ['1'],
            'build' => ['1'],
            'submission' => ['1'],
            'token' => ['1', str_repeat('a', 40)],
            'run' => ['1'],
            'hook' => ['1'],
            'place' => ['1'],
            'nonce' => [str_repeat('a', 32)],
            'name' => [str_repeat('a', 64).'.png'],
            'rest' => ['', 'swim/1'],
        ][$name] ?? ['1'];

        return $this->random->getInt(0, 3) > 0
            ? $this->one($usual)
            : rawurlencode(
                $this->one([
                    '9223372036854775808',
                    '99999999999999999999',
                    '-1',
                    '0',
                    '1e9',
                    "\xFF",
                    '..',
                    '%00',
                    'ä',
                    str_repeat('9', 300),
                    '1;drop',
                    'null',
                    '[]',
                    ' ',
                ]),
            );
    }

    private function value(int $depth): mixed
    {
        return match ($this->random->getInt(0, $depth > 0 ? 12 : 8)) {
            0 => null,
            1 => $this->one([true, false]),
            2 => $this->one([0, 1, -1, 2, 7, PHP_INT_MAX, PHP_INT_MIN, 2 ** 53]),
            3 => $this->one([0.5, -1.5, 1e308, 1e-9]),
            4 => $this->one(['9223372036854775808', '99999999999999999999', '1e999', '-0', '0x1F', '１２']),
            5 => $this->pointer(),
            6, 7 => $this->text(),
            8 => $this->one([
                'sandbox',
                'live',
                'fill',
                'add',
                'title',
                'places',
                'starts',
                'spot',
                'name',
                'web',
                'apk',
                'pier',
                'quay',
                'almanac',
                'slow',
                'Conditions',
                'upward',
                'and',
                'or',
                'UTC',
                'Europe/Berlin',
                '2026-12-24T09:30:00Z',
                'a@b.example',
            ]),
            default => $this->many($depth),
        };
    }

    /** @return array<array-key, mixed> */
    private function many(int $depth): array
    {
        $many = [];
        for ($i = $this->random->getInt(0, 4); $i > 0; $i--) {
            $many[$this->one([...self::KEYS, 0, 1, 2, 3, '', '/screens/0/lines/2', 'x.y'])] = $this->value($depth - 1);
        }

        return $this->random->getInt(0, 1) === 0 ? array_values($many) : $many;
    }

    private function text(): string
    {
        return $this->one([
            '',
            ' ',
            'a',
            "'",
            '"',
            '\\',
            '0',
            '-',
            'null',
            'true',
            '{',
            '}',
            '{me.name}',
            'places > 0',
            'count(swims) > 0',
            'sum(',
            'title contains "a" and',
            'a.b.c.d',
            '1/0',
            '-(',
            'now() + days(99999999999)',
            'text(1)',
            '9 ** 999',
            "\xFF\xC0",
            "a\0b",
            "\u{202E}",
            '😀',
            str_repeat('a', 3000),
            str_repeat('(', 200),
            str_repeat('not ', 100).'true',
            'List of Swims',
            "screen X\n  Text \"x\"",
            'table Things, each a Thing',
            'Button "x"',
            '%',
            '_',
            '*',
            '" or 1=1 --',
            '<script>',
            '../../etc/passwd',
            'http://127.0.0.1:8001/letterbox/',
            'https://x.example/',
            'curl https://x.example -d @y',
            '{"openapi":"3.1.0"}',
            "Title,Places\na,1\n\"",
            '=1+1',
            '2026-13-45',
            '99:99',
            'EUR',
            '12,50',
            '/',
            '#',
            'stand-in:almanac/v1',
            '=HYPERLINK("x")',
        ]);
    }

    private function pointer(): string
    {
        return $this->one([
            '',
            '/',
            '/name',
            '/tables',
            '/tables/0',
            '/tables/0/fields',
            '/tables/0/fields/0',
            '/tables/0/fields/0/type',
            '/tables/99',
            '/tables/-1',
            '/tables/x/y',
            '/screens/0',
            '/screens/0/lines',
            '/screens/0/lines/0',
            '/screens/0/lines/2',
            '/screens/0/lines/2/where',
            '/screens/1/lines/6',
            '/screens/1/lines/3/tapped',
            '/release/title',
            '/release/build',
            '/theme/main',
            '/signIn',
            '/roles/0/name',
            '/services/0/requests/0',
            '/a~2b',
            '/tables/0/access/0/who',
            '/screens/0/lines/2/swipes/9',
            '/screens/9223372036854775808/lines/0',
            str_repeat('/a', 120),
            "/\xFF",
        ]);
    }

    /**
     * @template T
     *
     * @param  non-empty-list<T>  $of
     * @return T
     */
    private function one(array $of): mixed
    {
        return $of[$this->random->getInt(0, count($of) - 1)];
    }
}
