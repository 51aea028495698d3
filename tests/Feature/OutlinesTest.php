<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Apps\RevisionBook;
use App\Models\App;
use Lanai\Core\Model\Blueprint;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\TestCase;

/** What devices are told of how screens look before anything is in them. */
final class OutlinesTest extends TestCase
{
    private const OPEN = "app X\n\nscreen Start, first\n  Heading \"Hello\"\n  Text \"A few words\"\n";

    private function begin(): App
    {
        $book = app(RevisionBook::class);
        $app = $book->begin($this->stranger(), Blueprint::fromScript(self::OPEN));
        $book->goLive($app);

        return $app->refresh();
    }

    public function test_blocks_are_told_as_wide_as_the_device_that_is_most_like_it(): void
    {
        $app = $this->begin();
        $told = $this->getJson("/device/live/$app->slug/outlines?width=400&height=850")->assertOk();
        self::assertSame(390, $told->json('width'));
        self::assertSame(['start'], array_keys($told->json('outlines')));
        self::assertCount(2, $told->json('outlines.start'));
    }

    public function test_a_screen_that_is_not_live_yet_is_not_named_there(): void
    {
        $app = $this->begin();
        $this->actingAs($this->founderOf($app))->postJson("/api/apps/$app->id/edits", [
            'base' => 1,
            'edit' => ['do' => 'rewrite', 'text' => self::OPEN."\nscreen Surprise\n  Text \"Not yet\"\n"],
        ])->assertOk();
        $query = 'outlines?width=390&height=844';
        self::assertSame(['start'], array_keys($this->getJson("/device/live/$app->slug/$query")->json('outlines')));
        self::assertSame(['start', 'surprise'], array_keys($this->getJson("/device/share/{$app->share_code}/$query")->json('outlines')));
    }

    #[TestWith([''])]
    #[TestWith(['?width=10&height=800'])]
    #[TestWith(['?width=390&height=99999'])]
    #[TestWith(['?width[]=390&height=800'])]
    public function test_a_size_that_no_device_has_is_refused(string $query): void
    {
        $this->getJson("/device/live/{$this->begin()->slug}/outlines$query")->assertUnprocessable();
    }
}
