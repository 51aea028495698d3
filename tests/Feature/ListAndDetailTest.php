<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\Attributes\DataProvider;
use Tests\PracticeServices;
use Tests\TestCase;

/** From a command and an example of its answer to a list and its detail, in an app that has nothing else: without a finding against them. */
final class ListAndDetailTest extends TestCase
{
    use PracticeServices;

    public function test_almanac_comes_out_so_too(): void
    {
        $address = 'http://127.0.0.1:'.self::$port.'/almanac/v1/spots';
        $answer = (string) json_encode([['id' => 'lantern-cove', 'name' => 'Lantern Cove', 'lies' => ['lat' => 50.03, 'lng' => -5.45]]]);
        $this->test_the_list_and_its_detail_have_no_fault("curl '$address?page=1&per_page=3' -H 'X-Almanac-Key: practice-key-of-the-sea'", $answer);
    }

    #[DataProvider('shapes')]
    public function test_the_list_and_its_detail_have_no_fault(string $command, string $answer): void
    {
        $this->actingAs($this->stranger());
        $id = $this->postJson('/api/apps', ['name' => 'Own'])->json('id');
        $draft = $this->postJson("/api/apps/$id/services/begin", ['text' => $command, 'answer' => $answer])->assertOk();
        $this->postJson("/api/apps/$id/services/take", [
            'draft' => $draft->json('draft'),
            'picked' => [0],
            'name' => $draft->json('name'),
            'address' => $draft->json('address'),
            'base' => 1,
        ])->assertOk();
        $this->postJson("/api/apps/$id/edits", ['base' => 2, 'edit' => ['do' => 'makeScreens', 'request' => $draft->json('requests.0.name')]])->assertOk();
        $state = $this->getJson("/api/apps/$id");
        $found = array_filter($state->json('findings'), fn (array $f): bool => ! str_starts_with($f['at'], '/release'));

        self::assertGreaterThanOrEqual(2, count($state->json('screens')), (string) json_encode(array_column($state->json('screens'), 'name')));
        self::assertSame([], array_map(fn (array $f): string => "$f[at] $f[sentence]", array_values($found)));
        // Shown and run, with nothing known of the service: the lines say so, and nothing breaks.
        foreach ($state->json('screens') as $screen) {
            $this->postJson("/device/deck/$id/view", ['screen' => $screen['slug'] ?? ''])
                ->assertOk()
                ->assertJsonPath('view.problem', '');
        }
    }

    /** @return iterable<string, array{string, string}> invented services, in the shapes that services have */
    public static function shapes(): iterable
    {
        yield 'a bare list' => [
            'curl https://api.tides.example/v1/spots -H "X-Api-Key: $KEY"',
            '[{"id": 7, "name": "Cove", "water_celsius": 12.5, "open": true}]',
        ];
        yield 'a list within, with pages' => [
            "curl 'https://api.tides.example/v1/spots?page=1&per_page=20'",
            '{"data": [{"uuid": "0b5f6c1e-1111-4222-8333-444455556666", "title": "Cove", "photo_url": "https://img.example/a.jpg", "updated_at": '
                .'"2026-12-24T07:30:00Z"}], "meta": {"total": 40, "page": 1}}',
        ];
        yield 'things within things' => [
            'curl https://api.shop.example/products',
            '{"products": [{"sku": "A-1", "label": "Cap", "price": {"amount": "12.50", "currency": "EUR"}, "stock": {"count": 3}, "tags": ["red", '
                .'"new"], "variants": [{"size": "M", "left": 2}]}]}',
        ];
        yield 'names that formulas know, too' => [
            'curl https://api.events.example/v2/events',
            '[{"id": "e1", "this": "x", "now": "2026-01-01", "count": 4, "first": "a", "where": "here", "text": "b", "if": true}]',
        ];
        yield 'one thing with a list of its own' => [
            'curl https://api.weather.example/v1/places/7/forecast',
            '{"place": {"id": 7, "name": "Cove", "lat": 50.1, "lon": -5.2}, "days": [{"date": "2026-12-24", "max": 9.5, "min": 4}], "generated": '
                .'"2026-12-24T07:30:00Z"}',
        ];
        yield 'capitals, dashes and other scripts' => [
            'curl https://api.words.example/Items',
            '{"Items": [{"ID": 1, "Display-Name": "Zoë", "größe": 5, "名前": "水", "Is_Active": null}]}',
        ];
        yield 'names that are reserved in sentences' => [
            'curl https://api.rows.example/rows',
            '[{"id": 1, "is a": "x", "of": 2, "with": "y", "as": 3, "Rows": "z"}]',
        ];
    }
}
