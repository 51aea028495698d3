<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\App;
use Lanai\Core\Edits\Patch;
use PHPUnit\Framework\Attributes\DataProvider;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\TestCase;

/** What an edit answers: put onto what the studio has, it gives what the studio would be told as a whole. */
final class DeltaTest extends TestCase
{
    private App $demo;

    protected function setUp(): void
    {
        parent::setUp();
        $this->demo = $this->demo();
        $this->actingAs($this->founderOf($this->demo));
    }

    /** @param  array<string, mixed>  $edit */
    #[DataProvider('edits')]
    public function test_what_changed_is_all_that_changed(array $edit, string $page): void
    {
        $state = $this->told();
        $lines = $this->lines($page);
        $delta = $this->postJson($this->path('edits'), ['base' => 1, 'page' => $page, 'sure' => true, 'edit' => $edit])->assertOk();

        self::assertMeets('studio', (string) $delta->getContent(), 'Delta');
        self::assertLessThan(20_000, strlen((string) $delta->getContent()), 'An answer is as small as its edit.');
        self::assertEquals($this->told(), (new Patch($delta->json('patch')))->applyTo($state));
        if ($delta->json('page') !== null) {
            self::assertSame($this->lines($page), $this->joined($lines, $delta->json('page')));
        } elseif ($page !== '' && $lines !== $this->lines($page)) {
            self::assertNotSame([], array_intersect(['*', $page], $delta->json('stale')), 'What is out of date is said to be.');
        }
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function edits(): iterable
    {
        yield 'a text' => [['do' => 'fill', 'at' => '/screens/0/lines/1/text', 'text' => 'Hello'], '/screens/0'];
        yield 'a formula that is wrong' => [['do' => 'fill', 'at' => '/screens/0/lines/1/text', 'text' => '{me.nothing}'], '/screens/0'];
        yield 'on another page' => [['do' => 'fill', 'at' => '/screens/2/lines/0/text', 'text' => 'Hello'], '/screens/0'];
        yield 'a line in between' => [['do' => 'write', 'list' => '/screens/1/lines', 'text' => 'Text "x"', 'index' => 1], '/screens/1'];
        yield 'several lines gone' => [['do' => 'remove', 'places' => ['/screens/1/lines/1', '/screens/1/lines/2']], '/screens/1'];
        yield 'a line moved' => [['do' => 'move', 'places' => ['/screens/1/lines/1'], 'index' => 4], '/screens/1'];
        yield 'lines made a group' => [['do' => 'group', 'places' => ['/screens/1/lines/0', '/screens/1/lines/1']], '/screens/1'];
        yield 'lines made a piece' => [['do' => 'extract', 'places' => ['/screens/1/lines/0', '/screens/1/lines/1'], 'name' => 'Head'], '/screens/1'];
        yield 'a screen more' => [['do' => 'begin', 'list' => '/screens'], '/screens/1'];
        yield 'a screen renamed' => [['do' => 'fill', 'at' => '/screens/1/name', 'text' => 'One swim'], '/screens/0'];
        yield 'a field more' => [['do' => 'begin', 'list' => '/tables/0/fields', 'as' => 'text'], '/screens/0'];
        yield 'a colour' => [['do' => 'fill', 'at' => '/theme/main', 'text' => '#EEEEEE'], '/screens/0'];
        yield 'a permission' => [['do' => 'allow', 'at' => '/tables/0', 'verb' => 'changed', 'who' => 'signedIn'], ''];
        yield 'nothing' => [['do' => 'fill', 'at' => '/screens/0/lines/1/text', 'text' => ''], '/screens/0'];
    }

    public function test_a_text_that_other_languages_have_brings_its_page_along_and_makes_no_other_stale(): void
    {
        $this->told();
        $edit = ['do' => 'fill', 'at' => '/screens/2/title', 'text' => 'Another title'];
        $delta = $this->postJson($this->path('edits'), ['base' => 1, 'page' => '/screens/2', 'edit' => $edit])->assertOk();
        self::assertSame(['/screens/2'], $delta->json('stale'));
        self::assertStringContainsString('Another title', (string) json_encode($delta->json('page')));
        $tongue = ['do' => 'offerLanguage', 'tongue' => 'de', 'offered' => false];
        $base = $this->told()['revision']['number'];
        self::assertSame([], $this->postJson($this->path('edits'), ['base' => $base, 'page' => '/screens/2', 'edit' => $tongue])->assertOk()->json('stale'));
    }

    public function test_one_edit_after_the_other_and_back(): void
    {
        $random = new Randomizer(new Mt19937(20261128));
        $state = $this->told();
        for ($number = 1; $number < 12; $number++) {
            $screen = '/screens/'.$random->getInt(0, 3);
            $edit = [
                ['do' => 'write', 'list' => "$screen/lines", 'text' => "Heading \"H $number\"", 'index' => $random->getInt(0, 2)],
                ['do' => 'fill', 'at' => "$screen/title", 'text' => "T $number"],
                ['do' => 'remove', 'places' => ["$screen/lines/0"]],
                ['do' => 'begin', 'list' => '/values'],
            ][$random->getInt(0, 3)];
            $path = $number % 4 === 0 ? 'undo' : 'edits';
            $delta = $this->postJson(
                $this->path($path),
                ['base' => $state['revision']['number'], 'page' => $screen] + ($path === 'undo' ? [] : ['edit' => $edit]),
            )->assertOk();
            $state = (new Patch($delta->json('patch')))->applyTo($state);
            self::assertEquals($this->told(), $state, "after edit $number");
        }
    }

    public function test_a_window_that_was_left_behind_is_told_the_whole(): void
    {
        $this->told();
        $this->postJson($this->path('edits'), ['base' => 1, 'edit' => ['do' => 'fill', 'at' => '/screens/0/title', 'text' => 'One']])
            ->assertOk()
            ->assertJsonPath('from', 1);
        $delta = $this->postJson($this->path('edits'), ['base' => 1, 'edit' => ['do' => 'fill', 'at' => '/screens/1/title', 'text' => 'Two']])->assertOk();

        $delta->assertJsonPath('whole.revision.number', 3)->assertJsonPath('stale', ['*']);
    }

    public function test_what_is_new_says_where_to_go_on(): void
    {
        $edit = fn (array $edit) => $this->postJson($this->path('edits'), ['base' => 99, 'edit' => $edit])->assertOk();

        $made = '/screens/'.count($this->told()['screens']);

        $edit(['do' => 'begin', 'list' => '/screens'])
            ->assertJsonPath('made', $made)
            ->assertJsonPath('next', "$made/name");
        $edit(['do' => 'begin', 'list' => '/tabs'])->assertJsonPath('next', fn (string $at): bool => str_ends_with($at, '/screen'));
        $edit(['do' => 'offer', 'at' => '/screens/0/lines/1/if'])->assertJsonPath('next', '/screens/0/lines/1/if');
        $edit(['do' => 'offer', 'at' => "$made/about"])->assertJsonPath('next', "$made/about/0/one");
        $edit(['do' => 'begin', 'list' => "$made/lines", 'as' => 'button'])->assertJsonPath('next', "$made/lines/0/label");
        $edit(['do' => 'begin', 'list' => '/routines', 'as' => 'waiting'])->assertJsonPath('next', fn (string $at): bool => str_ends_with($at, '/name'));
    }

    /** @return array<string, mixed> */
    private function told(): array
    {
        return json_decode((string) $this->getJson($this->path(''))->assertOk()->getContent(), true);
    }

    /** @return list<array<string, mixed>> */
    private function lines(string $page): array
    {
        return $page === '' ? [] : $this->getJson($this->path("page?at=$page"))->assertOk()->json('lines');
    }

    /**
     * As the studio does it.
     *
     * @param  list<array<string, mixed>>  $lines
     * @param  array{from: int, drop: int, lines: list<array<string, mixed>>, places: list<string>}  $change
     * @return list<array<string, mixed>>
     */
    private function joined(array $lines, array $change): array
    {
        $behind = array_slice($lines, $change['from'] + $change['drop']);
        foreach ($change['places'] as $i => $at) {
            $was = $behind[$i]['at'];
            array_walk_recursive($behind[$i], function (mixed &$value, mixed $key) use ($was, $at): void {
                $value = in_array($key, ['at', 'grows'], true) ? $at.substr($value, strlen($was)) : $value;
            });
        }

        return [...array_slice($lines, 0, $change['from']), ...$change['lines'], ...$behind];
    }

    private function path(string $rest): string
    {
        return rtrim("/api/apps/{$this->demo->id}/$rest", '/');
    }
}
