<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Edits;

use Lanai\Core\Edits\EditRefused;
use Lanai\Core\Edits\Patch;
use Lanai\Core\Model\Pointer;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The examples are those of RFC 6902 (JavaScript Object Notation Patch), appendix A, from memory. */
final class PatchTest extends TestCase
{
    /** @return iterable<string, array{string, string, string}> */
    public static function examples(): iterable
    {
        yield 'A.1 adding an object member' => ['{"foo":"bar"}', '[{"op":"add","path":"/baz","value":"qux"}]', '{"baz":"qux","foo":"bar"}'];
        yield 'A.2 adding an array element' => ['{"foo":["bar","baz"]}', '[{"op":"add","path":"/foo/1","value":"qux"}]', '{"foo":["bar","qux","baz"]}'];
        yield 'A.3 removing an object member' => ['{"baz":"qux","foo":"bar"}', '[{"op":"remove","path":"/baz"}]', '{"foo":"bar"}'];
        yield 'A.4 removing an array element' => ['{"foo":["bar","qux","baz"]}', '[{"op":"remove","path":"/foo/1"}]', '{"foo":["bar","baz"]}'];
        yield 'A.5 replacing a value' => ['{"baz":"qux","foo":"bar"}', '[{"op":"replace","path":"/baz","value":"boo"}]', '{"baz":"boo","foo":"bar"}'];
        yield 'A.6 moving a value' => [
            '{"foo":{"bar":"baz","waldo":"fred"},"qux":{"corge":"grault"}}',
            '[{"op":"move","from":"/foo/waldo","path":"/qux/thud"}]',
            '{"foo":{"bar":"baz"},"qux":{"corge":"grault","thud":"fred"}}',
        ];
        yield 'A.7 moving an array element' => [
            '{"foo":["all","grass","cows","eat"]}',
            '[{"op":"move","from":"/foo/1","path":"/foo/3"}]',
            '{"foo":["all","cows","eat","grass"]}',
        ];
        yield 'A.8 testing a value: success' => [
            '{"baz":"qux","foo":["a",2,"c"]}',
            '[{"op":"test","path":"/baz","value":"qux"},{"op":"test","path":"/foo/1","value":2}]',
            '{"baz":"qux","foo":["a",2,"c"]}',
        ];
        yield 'A.10 adding a nested member object' => [
            '{"foo":"bar"}',
            '[{"op":"add","path":"/child","value":{"grandchild":{}}}]',
            '{"child":{"grandchild":{}},"foo":"bar"}',
        ];
        yield 'A.11 ignoring unrecognized elements' => ['{"foo":"bar"}', '[{"op":"add","path":"/baz","value":"qux","xyz":123}]', '{"baz":"qux","foo":"bar"}'];
        yield 'A.14 tilde escape ordering' => ['{"/":9,"~1":10}', '[{"op":"test","path":"/~01","value":10}]', '{"/":9,"~1":10}'];
        yield 'A.16 adding an array value' => ['{"foo":["bar"]}', '[{"op":"add","path":"/foo/-","value":["abc","def"]}]', '{"foo":["bar",["abc","def"]]}'];
    }

    #[DataProvider('examples')]
    public function test_an_example_of_the_standard_holds_and_can_be_taken_back(string $before, string $patch, string $after): void
    {
        $data = json_decode($before, true);
        $made = new Patch(json_decode($patch, true));

        self::assertEquals(json_decode($after, true), $made->applyTo($data));
        self::assertEquals($data, $made->inverse($data)->applyTo($made->applyTo($data)));
    }

    /** @return iterable<string, array{string, string}> */
    public static function errors(): iterable
    {
        yield 'A.9 testing a value: error' => ['{"baz":"qux"}', '[{"op":"test","path":"/baz","value":"bar"}]'];
        yield 'A.12 adding to a nonexistent target' => ['{"foo":"bar"}', '[{"op":"add","path":"/baz/bat","value":"qux"}]'];
        yield 'A.15 comparing strings and numbers' => ['{"/":9,"~1":10}', '[{"op":"test","path":"/~01","value":"10"}]'];
    }

    #[DataProvider('errors')]
    public function test_an_example_that_must_fail_fails(string $before, string $patch): void
    {
        $this->expectException(EditRefused::class);

        (new Patch(json_decode($patch, true)))->applyTo(json_decode($before, true));
    }

    public function test_a_difference_leads_from_one_to_the_other(): void
    {
        $before = ['a' => [1, 2, ['b' => 'c']], 'x' => 'y'];
        $after = ['a' => [2, ['b' => 'd'], 3], 'z' => false];

        self::assertEquals($after, Patch::between($before, $after)->applyTo($before));
    }

    /** RFC 6901 (JSON Pointer), section 5, from memory. */
    public function test_pointers_read_escapes(): void
    {
        $data = ['foo' => ['bar', 'baz'], 'a/b' => 1, 'm~n' => 8];

        self::assertSame(['bar', 1, 8], [Pointer::get('/foo/0', $data), Pointer::get('/a~1b', $data), Pointer::get('/m~0n', $data)]);
    }
}
