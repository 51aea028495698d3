<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Services;

use GuzzleHttp\UriTemplate\UriTemplate;
use Lanai\Core\Edits\Picking;
use Lanai\Core\Model\Services\Message;
use Lanai\Core\Model\Services\Secret;
use Lanai\Core\Services\BearerToken;
use Lanai\Core\Services\Challenge;
use Lanai\Core\Services\ClientCredentials;
use Lanai\Core\Services\Explaining;
use Lanai\Core\Services\Freshness;
use Lanai\Core\Services\KeyInHeader;
use Lanai\Core\Services\KeyInQuery;
use Lanai\Core\Services\NameAndPassword;
use Lanai\Core\Services\Parts;
use Lanai\Core\Services\RowsMade;
use Lanai\Core\Services\WebLinks;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What services rest on, checked against the examples of the standards. */
final class StandardsTest extends TestCase
{
    /** RFC 6570, section 1.2, the tables of levels 1 to 3, and of level 4 what lists and prefixes need. */
    private const TEMPLATES = [
        '{var}' => 'value',
        '{hello}' => 'Hello%20World%21',
        '{+var}' => 'value',
        '{+hello}' => 'Hello%20World!',
        '{+path}/here' => '/foo/bar/here',
        'here?ref={+path}' => 'here?ref=/foo/bar',
        'X{#var}' => 'X#value',
        'X{#hello}' => 'X#Hello%20World!',
        'map?{x,y}' => 'map?1024,768',
        '{x,hello,y}' => '1024,Hello%20World%21,768',
        '{+x,hello,y}' => '1024,Hello%20World!,768',
        '{+path,x}/here' => '/foo/bar,1024/here',
        '{#x,hello,y}' => '#1024,Hello%20World!,768',
        '{#path,x}/here' => '#/foo/bar,1024/here',
        'X{.var}' => 'X.value',
        'X{.x,y}' => 'X.1024.768',
        '{/var}' => '/value',
        '{/var,x}/here' => '/value/1024/here',
        '{;x,y}' => ';x=1024;y=768',
        '{;x,y,empty}' => ';x=1024;y=768;empty',
        '{?x,y}' => '?x=1024&y=768',
        '{?x,y,empty}' => '?x=1024&y=768&empty=',
        '?fixed=yes{&x}' => '?fixed=yes&x=1024',
        '{&x,y,empty}' => '&x=1024&y=768&empty=',
        '{var:3}' => 'val',
        '{list}' => 'red,green,blue',
        '{/list*}' => '/red/green/blue',
        '{?list*}' => '?list=red&list=green&list=blue',
    ];

    public function test_addresses_are_expanded_as_rfc_6570_says(): void
    {
        $values = [
            'var' => 'value',
            'hello' => 'Hello World!',
            'path' => '/foo/bar',
            'empty' => '',
            'x' => '1024',
            'y' => '768',
            'list' => ['red', 'green', 'blue'],
        ];
        foreach (self::TEMPLATES as $template => $expanded) {
            self::assertSame($expanded, UriTemplate::expand($template, $values), $template);
        }
    }

    public function test_a_name_and_password_are_shown_as_in_rfc_7617_and_a_token_as_in_rfc_6750(): void
    {
        $message = new Message('GET', 'https://example.com/');

        // RFC 7617, section 2 (user-id Aladdin, password "open sesame") and section 2.1 (user-id test, password 123£ in UTF-8).
        self::assertSame(
            'Basic QWxhZGRpbjpvcGVuIHNlc2FtZQ==',
            (new NameAndPassword())->signed($message, new Secret('open sesame', 'Aladdin'))->headers['Authorization'],
        );
        self::assertSame('Basic dGVzdDoxMjPCow==', (new NameAndPassword())->signed($message, new Secret('123£', 'test'))->headers['Authorization']);
        // RFC 6750, section 2.1.
        self::assertSame('Bearer mF_9.B5f-4.1JqM', (new BearerToken())->signed($message, new Secret('mF_9.B5f-4.1JqM'))->headers['Authorization']);
        // RFC 6749, section 2.3.1: client s6BhdRkqt3 with the secret gX1fBat3bV.
        $token = (new ClientCredentials('https://example.com/token', 'a b'))->tokenRequest(
            'https://example.com/token',
            new Secret('gX1fBat3bV', 's6BhdRkqt3'),
        );
        self::assertSame(['Basic czZCaGRSa3F0MzpnWDFmQmF0M2JW', 'grant_type=client_credentials&scope=a+b'], [$token->headers['Authorization'], $token->body]);
        self::assertSame('https://example.com/?a=1&k=x%2Fy', (new KeyInQuery('k'))->signed($message->at('https://example.com/?a=1'), new Secret('x/y'))->url);
        self::assertSame('z', (new KeyInHeader('X-Key'))->signed($message->header('x-key', 'old'), new Secret('z'))->headers['X-Key']);
    }

    /** Challenges of RFC 6750, section 3, RFC 7617, section 2, and RFC 9110, section 11.6.1. */
    public function test_the_way_to_sign_in_follows_the_challenge(): void
    {
        self::assertSame(['signs in with a bearer token'], Challenge::asked('Bearer realm="example", error="invalid_token"'));
        self::assertSame(['signs in with a name and password'], Challenge::asked('Basic realm="WallyWorld"'));
        self::assertSame(['signs in with a bearer token', 'signs in with a name and password'], Challenge::asked('Bearer realm="a", Basic realm="simple"'));
        self::assertSame(['signs in with a key in the header "X-Almanac-Key"'], Challenge::asked('Key header="X-Almanac-Key"'));
        self::assertCount(4, Challenge::asked(''));
    }

    public function test_links_are_read_as_in_rfc_8288(): void
    {
        // Section 3.5, its three examples.
        $links = WebLinks::of('<http://example.com/TheBook/chapter2>; rel="previous"; title="previous chapter"');
        self::assertSame(
            ['http://example.com/TheBook/chapter2', ['previous'], 'previous chapter'],
            [$links[0]['target'], $links[0]['rel'], $links[0]['parameters']['title']],
        );
        $links = WebLinks::of(
            '</TheBook/chapter2>; rel="previous"; title*=UTF-8\'de\'letztes%20Kapitel, </TheBook/chapter4>; rel="next"; '
                .'title*=UTF-8\'de\'n%c3%a4chstes%20Kapitel',
        );
        self::assertSame(['/TheBook/chapter2', '/TheBook/chapter4'], array_column($links, 'target'));
        self::assertSame(
            ['start', 'http://example.net/relation/other'],
            WebLinks::of('<http://example.org/>; rel="start http://example.net/relation/other"')[0]['rel'],
        );
        // Section 3.3: of a relation that is said twice the first counts.
        self::assertSame(['a'], WebLinks::of('<x>; rel=a; rel=b')[0]['rel']);
        self::assertSame(
            'https://api.example.com/things?page=3',
            WebLinks::target('<?page=3>; rel=next, <?page=9>; rel="last"', 'next', 'https://api.example.com/things?page=2'),
        );
        self::assertNull(WebLinks::target('<?page=9>; rel="last"', 'next', 'https://api.example.com/things'));
        self::assertSame('/a,b', WebLinks::of('</a,b>; rel="next"; title="a, b; c"')[0]['target']);
        self::assertSame([], WebLinks::of('no links at all'));
    }

    /** @param  array<string, string>  $headers */
    #[TestWith([['cache-control' => 'max-age=600', 'date' => 'Sun, 06 Nov 1994 08:49:37 GMT'], 600])]
    #[TestWith([['cache-control' => 'public, Max-Age="60"'], 60])]
    #[TestWith([['cache-control' => 'max-age=600, max-age=5'], 600])]
    #[TestWith([['cache-control' => 'max-age=600', 'age' => '100'], 500])]
    #[TestWith([['cache-control' => 'max-age=600', 'date' => 'Sun, 06 Nov 1994 08:48:37 GMT'], 540])]
    #[TestWith([['expires' => 'Sun, 06 Nov 1994 08:59:37 GMT', 'date' => 'Sun, 06 Nov 1994 08:49:37 GMT'], 600])]
    #[TestWith([['expires' => '0', 'last-modified' => 'Sun, 06 Nov 1994 00:00:00 GMT'], 0])]
    #[TestWith([['cache-control' => 'max-age=30', 'expires' => 'Mon, 07 Nov 1994 08:49:37 GMT'], 30])]
    #[TestWith([['cache-control' => 'no-cache, max-age=600'], 0])]
    #[TestWith([['last-modified' => 'Sun, 06 Nov 1994 08:39:37 GMT', 'date' => 'Sun, 06 Nov 1994 08:49:37 GMT'], 60])]
    #[TestWith([['cache-control' => 'max-age=bananas'], 0])]
    #[TestWith([[], 0])]
    public function test_how_long_an_answer_is_fresh_follows_rfc_9111(array $headers, int $seconds): void
    {
        $now = (int) Freshness::moment('Sun, 06 Nov 1994 08:49:37 GMT');

        self::assertSame($seconds, Freshness::of('GET', 200, $headers, $now, $now)->seconds);
    }

    public function test_what_must_not_be_kept_is_not(): void
    {
        $now = 1_000_000;
        self::assertFalse(Freshness::of('GET', 200, ['cache-control' => 'no-store'], $now, $now)->mayKeep);
        self::assertFalse(Freshness::of('GET', 200, ['vary' => '*', 'cache-control' => 'max-age=60'], $now, $now)->mayKeep);
        self::assertFalse(Freshness::of('POST', 200, ['cache-control' => 'max-age=60'], $now, $now)->mayKeep);
        self::assertFalse(Freshness::of('GET', 404, ['cache-control' => 'max-age=60'], $now, $now)->mayKeep);
        // Section 4.2.3: the time that the answer was on its way counts.
        self::assertSame(55, Freshness::of('GET', 200, ['cache-control' => 'max-age=60'], $now - 5, $now)->seconds);
        self::assertTrue(Freshness::of('GET', 200, ['cache-control' => 'max-age=60', 'etag' => '"a"'], $now, $now)->mayKeep);
    }

    public function test_dates_are_read_in_all_three_forms_of_rfc_9110(): void
    {
        // Section 5.6.7: the same moment three times.
        foreach (['Sun, 06 Nov 1994 08:49:37 GMT', 'Sunday, 06-Nov-94 08:49:37 GMT', 'Sun Nov  6 08:49:37 1994'] as $text) {
            self::assertSame(784111777, Freshness::moment($text), $text);
        }
        self::assertNull(Freshness::moment('soon'));
        self::assertSame(
            [120, 60, null],
            [
                Explaining::wait(['retry-after' => '120'], 0),
                Explaining::wait(['retry-after' => 'Sun, 06 Nov 1994 08:49:37 GMT'], 784111717),
                Explaining::wait([], 0),
            ],
        );
    }

    public function test_ways_into_an_answer_mean_what_the_jmespath_specification_says(): void
    {
        // Examples of the specification's own text (jmespath.org, "Examples" and "Tutorial"), from memory.
        $json = [
            'a' => ['b' => ['c' => ['d' => 'value']]],
            'list' => ['a', 'b', 'c', 'd', 'e', 'f'],
            'people' => [['first' => 'James', 'last' => 'd'], ['first' => 'Jacob', 'last' => 'e'], ['missing' => 'different']],
            'machines' => [['name' => 'a', 'state' => 'running'], ['name' => 'b', 'state' => 'stopped'], ['name' => 'c', 'state' => 'running']],
            'with space' => 1,
        ];
        foreach (
            [
                'a.b.c.d' => 'value',
                'list[1]' => 'b',
                'list[-1]' => 'f',
                'list[1:3]' => ['b', 'c'],
                'people[*].first' => ['James', 'Jacob'],
                'people[].first' => ['James', 'Jacob'],
                "machines[?state=='running'].name" => ['a', 'c'],
                'length(list)' => 6,
                'a.nothing.here' => null,
                '"with space"' => 1,
                'people[0].{one: first, two: last}' => ['one' => 'James', 'two' => 'd'],
                "join(', ', list[0:2])" => 'a, b',
                'sort_by(machines, &name)[-1].name' => 'c',
                '@.list | [0]' => 'a',
            ] as $way => $value
        ) {
            self::assertSame($value, RowsMade::search($way, $json), $way);
        }
        self::assertNull(RowsMade::search('not a [way', $json), 'A way that cannot be read leads nowhere.');
    }

    public function test_names_become_steps_that_lead_to_them(): void
    {
        foreach (['plain', 'with space', 'with"quote', 'ünï', '0digit', 'a.b', 'a-b', ''] as $name) {
            self::assertSame('here', RowsMade::search(Parts::step($name), [$name => 'here']), $name);
            self::assertSame('deep', RowsMade::search(Picking::way(['list', 1, $name]), ['list' => [[], [$name => 'deep']]]), $name);
        }
    }
}
