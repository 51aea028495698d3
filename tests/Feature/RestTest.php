<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\ApiToken;
use App\Models\App;
use Illuminate\Support\Facades\Process;
use Opis\JsonSchema\Validator;
use Tests\TestCase;

/** An app's rows over its own REST API. */
final class RestTest extends TestCase
{
    private App $demo;

    private string $reads;

    private string $writes;

    protected function setUp(): void
    {
        parent::setUp();
        $this->demo = $this->demo();
        $this->actingAs($this->founderOf($this->demo));
        [$this->reads, $this->writes] = array_map(
            fn (bool $writes): string => $this->postJson("/api/apps/{$this->demo->id}/tokens", ['name' => 'A test', 'set' => 'live', 'writes' => $writes])
                ->assertCreated()
                ->json('token'),
            [false, true],
        );
        \Illuminate\Support\Facades\Auth::logout();
    }

    private function as(string $token): self
    {
        return $this->flushHeaders()->withToken($token);
    }

    public function test_rows_are_read_page_by_page(): void
    {
        $first = $this->as($this->reads)->getJson('/rest/saltlark/live/swims?limit=4')->assertOk();
        self::assertSame([1, 2, 3, 4], array_column($first->json('rows'), 'id'));
        $ids = [];
        for (
            $answer = $first;
            preg_match('~^<(.+)>; rel="next"$~', (string) $answer->headers->get('Link'), $found);
            $answer = $this->getJson($found[1])->assertOk()
        ) {
            $ids = [...$ids, ...array_column($answer->json('rows'), 'id')];
        }
        self::assertSame(range(1, 11), [...$ids, ...array_column($answer->json('rows'), 'id')]);
        self::assertNull($answer->headers->get('Link'));
        $swim = $this->getJson('/rest/saltlark/live/swims/2')->assertOk()->json();
        self::assertSame(
            [2, 'Before breakfast', 3, 8, 2700, ['amount' => '4.50', 'currency' => 'EUR'], false, 1],
            [$swim['id'], $swim['title'], $swim['spot'], $swim['places'], $swim['lasts'], $swim['kitFee'], $swim['byRequest'], $swim['booked']],
        );
        self::assertMatchesRegularExpression('/^\d{4}-\d\d-\d\dT\d\d:\d\d:\d\dZ$/', $swim['starts']);
        self::assertSame([2, 4], $this->getJson('/rest/saltlark/live/people/2')->json('favouriteSpots'));
        self::assertSame(['latitude' => 50.0312, 'longitude' => -5.4471], $this->getJson('/rest/saltlark/live/spots/1')->json('lies'));
    }

    public function test_rows_are_filtered_and_searched(): void
    {
        $titles = fn (string $query): array => array_column(
            $this->as($this->reads)
                ->getJson("/rest/saltlark/live/swims?$query")
                ->assertOk()
                ->json('rows'),
            'title',
        );
        self::assertSame(['Tea and tow floats'], $titles('where='.urlencode('places == 0')));
        self::assertSame(['Dawn dip', 'Yesterday’s dip'], $titles('search=dip'));
        $this->getJson('/rest/saltlark/live/swims?where='.urlencode('nothing == 1'))->assertUnprocessable();
        $this->getJson('/rest/saltlark/live/swims?limit=900')->assertUnprocessable();
        $this->getJson('/rest/saltlark/live/swims?after='.urlencode('1 or 1=1'))->assertUnprocessable();
    }

    public function test_rows_are_added_changed_and_removed_under_the_rules_of_their_fields(): void
    {
        $row = [
            'title' => 'By a program',
            'spot' => 1,
            'starts' => '2027-01-02T08:30:00Z',
            'places' => 7,
            'lasts' => 5400,
            'kitFee' => ['amount' => '3.20', 'currency' => 'EUR'],
            'byRequest' => true,
        ];
        $made = $this->as($this->writes)->withHeader('If-Match', '*')->postJson('/rest/saltlark/live/swims', $row)->assertCreated()->json();
        self::assertSame($row, array_intersect_key($made, $row));
        $path = "/rest/saltlark/live/swims/{$made['id']}";
        $this->patchJson($path, ['places' => 8, 'booked' => 99])
            ->assertOk()
            ->assertJsonPath('places', 8)
            ->assertJsonPath('booked', 0)
            ->assertJsonPath('title', 'By a program');
        $this->patchJson($path, ['places' => 41])
            ->assertUnprocessable()
            ->assertJsonPath('fields.places', 'This must be at most 40.');
        $this->patchJson($path, ['places' => '8'])
            ->assertUnprocessable()
            ->assertJsonPath('fields.places', 'This must be a number.');
        $this->patchJson($path, ['plaices' => 8])
            ->assertUnprocessable()
            ->assertJsonPath('fields.plaices', 'Swims has no such field.');
        $this->patchJson($path, ['spot' => 99])->assertUnprocessable();
        $this->patchJson($path, ['lasts' => 'long', 'byRequest' => 'yes', 'kitFee' => ['amount' => '1', 'currency' => 'USD']])
            ->assertUnprocessable()
            ->assertJsonPath('fields', [
                'lasts' => 'This must be a number of whole seconds.',
                'byRequest' => 'This must be true or false.',
                'kitFee' => 'This must be an amount in EUR.',
            ]);
        $this->postJson('/rest/saltlark/live/swims', ['title' => 'No spot'])->assertUnprocessable();
        $this->patchJson('/rest/saltlark/live/people/2', ['favouriteSpots' => [1, 2]])
            ->assertOk()
            ->assertJsonPath('favouriteSpots', [1, 2]);
        $this->patchJson('/rest/saltlark/live/spots/1', ['lies' => ['latitude' => 1.5, 'longitude' => -2.5]])
            ->assertOk()
            ->assertJsonPath('lies', ['latitude' => 1.5, 'longitude' => -2.5]);
        $this->deleteJson($path)->assertNoContent();
        $this->getJson($path)->assertNotFound();
        $this->deleteJson($path)->assertNotFound();
        // What a program writes shows on open devices.
        $this->patchJson('/rest/saltlark/live/spots/1', ['name' => 'Renamed Cove'])->assertOk();
        $this->flushHeaders()
            ->postJson('/device/live/saltlark/view', ['screen' => 'spot', 'args' => [1]])
            ->assertOk()
            ->assertJsonPath('view.title', 'Renamed Cove');
    }

    /** RFC 9110, sections 8.8.3, 13.1.1 and 13.1.2; RFC 6585, section 3. */
    public function test_nobody_writes_over_what_they_have_not_seen(): void
    {
        $path = '/rest/saltlark/live/swims/1';
        $tag = (string) $this->as($this->writes)->getJson($path)->assertOk()->headers->get('ETag');
        self::assertMatchesRegularExpression('/^"[0-9a-f]{32}"$/', $tag);
        $this->withHeader('If-None-Match', $tag)->getJson($path)->assertStatus(304);
        $this->flushHeaders()->as($this->writes);
        $this->patchJson($path, ['places' => 5])->assertStatus(428);
        $this->deleteJson($path)->assertStatus(428);
        $new = (string) $this->withHeader('If-Match', $tag)
            ->patchJson($path, ['places' => 5])
            ->assertOk()
            ->headers->get('ETag');
        self::assertNotSame($tag, $new);
        $late = $this->withHeader('If-Match', $tag)
            ->patchJson($path, ['places' => 6])
            ->assertStatus(412)
            ->assertJsonPath('row.places', 5);
        self::assertSame($new, $late->headers->get('ETag'));
        $this->withHeader('If-Match', "W/$new")
            ->patchJson($path, ['places' => 6])
            ->assertStatus(412);
        $this->withHeader('If-Match', "\"other\", $new")
            ->patchJson($path, ['places' => 6])
            ->assertOk();
        $this->withHeader('If-Match', $new)->deleteJson($path)->assertStatus(412);
        $this->withHeader('If-Match', '*')
            ->patchJson($path, ['places' => 7])
            ->assertOk()
            ->assertJsonPath('places', 7);
        self::assertSame($this->getJson($path)->headers->get('ETag'), $this->getJson($path)->headers->get('ETag'));
    }

    public function test_a_token_opens_one_data_set_of_one_app_and_no_more_than_it_may(): void
    {
        $this->flushHeaders()->getJson('/rest/saltlark/live/swims')->assertUnauthorized()->assertHeader('WWW-Authenticate', 'Bearer');
        $this->as('lanai_guess')
            ->getJson('/rest/saltlark/live/swims')
            ->assertUnauthorized()
            ->assertHeader('WWW-Authenticate', 'Bearer error="invalid_token"');
        $this->as($this->reads)->getJson('/rest/saltlark/sandbox/swims')->assertUnauthorized();
        $this->as($this->reads)->getJson('/rest/other/live/swims')->assertNotFound();
        $this->as($this->reads)
            ->postJson('/rest/saltlark/live/swims', [])
            ->assertForbidden()
            ->assertHeader('WWW-Authenticate', 'Bearer error="insufficient_scope"');
        $this->as($this->reads)->getJson('/rest/saltlark/live/_accounts')->assertNotFound();
        $this->as($this->reads)->getJson('/rest/saltlark/elsewhere/swims')->assertNotFound();
        // What is not live yet is nobody's to read.
        $this->flushHeaders()->getJson('/rest/saltlark/sandbox/openapi.json')->assertUnauthorized();
        $this->as($this->reads)->getJson('/rest/saltlark/sandbox/openapi.json')->assertUnauthorized();
        $this->flushHeaders()->actingAs($this->founderOf($this->demo))->getJson('/rest/saltlark/sandbox/openapi.json')->assertOk();

        $id = ApiToken::query()->where('writes', true)->value('id');
        $this->flushHeaders()
            ->actingAs($this->stranger())
            ->deleteJson("/api/apps/{$this->demo->id}/tokens/$id")
            ->assertNotFound();
        $told = $this->actingAs($this->founderOf($this->demo))
            ->getJson("/api/apps/{$this->demo->id}/tokens")
            ->assertOk();
        self::assertMeets('studio', (string) $told->getContent(), 'TokenStates');
        self::assertStringNotContainsString($this->writes, (string) $told->getContent());
        self::assertSame(substr($this->writes, -4), $told->json('tokens.1.ends'));
        $this->deleteJson("/api/apps/{$this->demo->id}/tokens/$id")->assertOk();
        \Illuminate\Support\Facades\Auth::logout();
        $this->as($this->writes)->getJson('/rest/saltlark/live/swims')->assertUnauthorized();
        self::assertSame(0, ApiToken::query()->where('token', $this->reads)->count());
    }

    public function test_the_document_is_one_of_openapi_3_1_and_the_answers_are_as_it_says(): void
    {
        $document = (string) $this->as($this->reads)->getJson('/rest/saltlark/live/openapi.json')->assertOk()->getContent();
        $judged = json_decode(
            Process::path(base_path())
                ->input($document)
                ->run(['node', 'tests/reference/openapi.mjs'])
                ->throw()
                ->output(),
            true,
        );
        self::assertSame([true, '3.1'], [$judged['valid'], substr((string) $judged['version'], 0, 3)], (string) json_encode($judged['errors'] ?? null));

        $schemas = json_decode($document)->components->schemas;
        $validator = new Validator();
        foreach (
            [
                'spots' => 'Spot',
                'swims' => 'Swim',
                'bookings' => 'Booking',
                'people' => 'Person',
                'posts' => 'Post',
                'comments' => 'Comment',
            ] as $stored => $name
        ) {
            $rows = json_decode(
                (string) $this->as($this->reads)
                    ->getJson("/rest/saltlark/live/$stored")
                    ->assertOk()
                    ->getContent(),
            )->rows;
            self::assertNotSame([], $rows);
            foreach ($rows as $row) {
                $result = $validator->validate($row, $schemas->{$name});
                self::assertTrue(
                    $result->isValid(),
                    "$name: ".
                        json_encode($row).
                        ' '.
                        ($result->error() === null ? '' : (string) json_encode((new \Opis\JsonSchema\Errors\ErrorFormatter())->format($result->error()))),
                );
            }
        }
        self::assertStringNotContainsString('email', $document);
    }
}
