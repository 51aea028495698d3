<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Apps\RevisionBook;
use App\Models\App;
use App\Packaging\DeviceFiles;
use Lanai\Core\Edits\Patch;
use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Findings;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Model\Blueprint;
use Tests\TestCase;

/** A phone is told of a newer version when the store of that phone has released one, and never before. */
final class NewerVersionTest extends TestCase
{
    private const APP = <<<'APP'
    app Reef
    screen Start, first
      News of a newer version
      Text "Here"
    release
      version is "1.4.0"
      build number is 9
      what is new is "Maps."
      oldest build is 5
    APP;

    private App $reef;

    protected function setUp(): void
    {
        parent::setUp();
        $this->reef = app(RevisionBook::class)->begin($this->stranger(), Blueprint::fromScript(self::APP));
        app(RevisionBook::class)->goLive($this->reef->refresh());
        $this->actingAs($this->founderOf($this->reef));
    }

    public function test_it_is_told_of_once_the_store_of_this_phone_has_released_it(): void
    {
        self::assertSame([null, null], $this->told('quay', 7));
        foreach (['received', 'in review', 'approved', 'turned down'] as $state) {
            $this->submitted('quay', 9, '1.4.0', $state);
            self::assertSame([null, null], $this->told('quay', 7), $state);
        }
        $this->submitted('quay', 8, '1.3.0', 'released');
        self::assertSame(['1.3.0', null], $this->told('quay', 7));
        $this->submitted('quay', 9, '1.4.0', 'released');
        self::assertSame(['1.4.0', null], $this->told('quay', 7));
        // Who runs it, or comes from another store, or runs no package at all, is told nothing.
        self::assertSame([null, null], $this->told('quay', 9));
        self::assertSame([null, null], $this->told('pier', 7));
        self::assertSame([null, null], $this->told('', null));
        // Nobody but the deck may pretend.
        self::assertSame([null, null], $this->told('deck', 0));
        $view = $this->postJson("/device/deck/{$this->reef->id}/view", ['screen' => 'start', 'store' => 'deck', 'build' => 0])->assertOk();
        self::assertSame(['newerVersion', '1.4.0', 'Maps.', ''], array_values(array_diff_key($view->json('view.nodes.0'), ['at' => 1, 'placing' => 1])));
        self::assertMeets('view', (string) json_encode($view->json('view')), 'View');
    }

    public function test_a_package_that_is_too_old_has_to_be_updated_when_there_is_something_to_update_to(): void
    {
        self::assertSame([null, null], $this->told('quay', 3));
        $this->submitted('quay', 4, '1.1.0', 'released');
        self::assertSame(['1.1.0', null], $this->told('quay', 3), 'That would be too old, too.');
        $this->submitted('quay', 9, '1.4.0', 'released');
        self::assertSame(['1.4.0', '1.4.0'], $this->told('quay', 4));
        self::assertSame(['1.4.0', null], $this->told('quay', 5));
    }

    public function test_packages_know_what_they_are_and_nobody_is_shut_out_by_mistake(): void
    {
        $files = DeviceFiles::of($this->reef, $this->reef->refresh()->revision->read(), 'https://lanai.example', store: 'quay');
        self::assertStringContainsString('"store":"quay","build":9', $files['index.html']);
        $blueprint = Blueprint::fromScript(str_replace('oldest build is 5', 'oldest build is 10', self::APP));
        $isIt = fn (Finding $f): bool => $f->rule === 'EverybodyShutOut';
        [$found] = array_values(array_filter(Findings::in(Reading::of($blueprint)), $isIt));
        $mended = Blueprint::fromData((new Patch($found->mend->operations ?? []))->applyTo($blueprint->data()));
        self::assertSame([], array_filter(Findings::in(Reading::of($mended)), $isIt));
    }

    private function submitted(string $store, int $number, string $version, string $state): void
    {
        $build = $this->reef->builds()->create([
            'revision_id' => $this->reef->revision->id, 'target' => 'apk', 'version' => $version, 'number' => $number, 'state' => 'done', 'here' => false,
        ]);
        $this->reef->submissions()->create([
            'build_id' => $build->id,
            'store' => $store,
            'remote_id' => "$number $state",
            'state' => $state,
            'reasons' => [],
            'page' => 'https://quay.example/reef',
        ]);
    }

    /** @return array{string|null, string|null} the version that is told of on the first screen, and the one that has to be had */
    private function told(string $store, ?int $build): array
    {
        $view = $this->postJson("/device/live/{$this->reef->slug}/view", ['screen' => 'start', 'store' => $store, 'build' => $build]);
        $nodes = array_filter($view->json('view.nodes') ?? [], fn (array $node): bool => $node['kind'] === 'newerVersion');

        return [array_values($nodes)[0]['version'] ?? null, $view->json('view.update.version')];
    }
}
