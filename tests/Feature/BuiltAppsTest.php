<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Apps\Facts;
use App\Apps\FromWords;
use App\Apps\LayoutSurvey;
use App\Models\App;
use App\Models\Founder;
use App\Space;
use App\Studio\ErrandDesk;
use Lanai\Core\Errands\Roamed;
use Lanai\Core\Findings\Finding;
use Lanai\Core\Model\ErrandStep;
use Lanai\Core\Model\Row;
use Lanai\Core\Model\Table;
use Lanai\Core\Query\Query;
use Lanai\Core\Tests\Reading\PatternsTest;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** Apps that are built from paragraphs, with their made-up rows: every screen shows for nobody and for somebody, and nothing is found. */
final class BuiltAppsTest extends TestCase
{
    /** @return iterable<string, array{string}> */
    public static function paragraphs(): iterable
    {
        foreach (glob(dirname(__DIR__, 2).'/core/tests/Reading/{paragraphs,aside}/*.json', GLOB_BRACE) ?: [] as $file) {
            yield basename($file, '.json') => [json_decode((string) file_get_contents($file), true, flags: JSON_THROW_ON_ERROR)['text']];
        }
        foreach (PatternsTest::said() as $name => [$text]) {
            yield $name => [$text];
        }
    }

    #[DataProvider('paragraphs')]
    public function test_every_screen_shows_and_nothing_is_found_on_any_device(string $text): void
    {
        $app = app(FromWords::class)->begin(Founder::query()->findOrFail($this->stranger()->id), 'Trial', $text);
        self::assertSame([], array_map(fn (Finding $one): string => "$one->at $one->sentence", Facts::findings($app)));
        $people = $app->revision->read()->peopleTable() ?? self::fail();
        $somebody = Space::sandbox($app)->store()->whole()->rows(new Query($people, limit: 1))[0]->id ?? self::fail();
        foreach ([null, $somebody] as $person) {
            foreach ((new LayoutSurvey($app))->screens($person) as $screen) {
                // What is somebody else's is not there for them.
                $isTheirs = str_contains($screen['problem'], 'is not there, or no longer.')
                    || ($person === null && str_contains($screen['problem'], 'sign in'));
                self::assertTrue($screen['problem'] === '' || $isTheirs, "$screen[slug]: $screen[problem]");
                // Made-up texts have words that nobody would choose.
                $found = array_filter($screen['findings'], fn (Finding $one): bool => $one->rule !== 'WrapsBadly');
                self::assertSame([], array_values(array_map(fn (Finding $one): string => "$screen[slug]: $one->sentence", $found)));
            }
        }
        $this->everythingIsTapped($app, $people);
    }

    /** By nobody and by each of the people: those who own something, and those of each role. */
    private function everythingIsTapped(App $app, Table $people): void
    {
        $names = array_map(fn (Row $row): string => $row->label(), Space::sandbox($app)->store()->whole()->rows(new Query($people, limit: 10)));
        foreach (['', ...$names] as $name) {
            ['taps' => $taps, 'trouble' => $trouble] = app(ErrandDesk::class)->roam($app, $name);
            self::assertSame('', $trouble);
            self::assertNotSame([], $taps);
            $broken = array_filter($taps, fn (Roamed $one): bool => $one->wrong !== '');
            self::assertSame([], array_values(array_map(
                fn (Roamed $one): string => implode(', ', array_map(fn (ErrandStep $step): string => $step->said(), $one->steps)).": $one->wrong",
                $broken,
            )));
        }
    }
}
