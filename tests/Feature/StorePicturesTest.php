<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Apps\RevisionBook;
use App\Device\Sitting;
use App\Models\App;
use App\Models\Build;
use App\Models\Founder;
use App\Packaging\Camera;
use App\Packaging\PicturesRecipe;
use App\Packaging\Target;
use App\Packaging\ZipFile;
use App\Space;
use App\Stores\Posing;
use App\Stores\StorePictures;
use Lanai\Core\Model\Blueprint;
use PHPUnit\Framework\Attributes\DataProvider;
use Standins\Pictures;
use Tests\TestCase;

/** Whom and what pictures show, who may look at that, and what is known of those that were taken; they are taken for real in the browser test. */
final class StorePicturesTest extends TestCase
{
    private const SCRIPT = <<<'SCRIPT'
    app Kelp
    sign-in
      with e-mail and password
    table Beds, each a Bed
      may be seen by everyone
      Name is a text
      Note is a text
    table People, each a Person, who sign in
      may be seen by everyone
      Name is a text
    screen Beds, first, titled "Beds of {me.name}"
      List of Beds
        shows name as title
    screen Bed, about one Bed, titled "{bed.name}"
      Text "{bed.note}", if bed.note != ""
    language German
      for "Near you" say "In deiner Nähe"
    store picture of Beds, saying "Near you"
    store picture of Bed
    SCRIPT;

    private App $kelp;

    protected function setUp(): void
    {
        parent::setUp();
        $founder = Founder::query()->create(['name' => 'Ada', 'email' => 'ada@founders.example', 'password' => 'long enough to be']);
        $this->kelp = $this->begun($founder, self::SCRIPT);
        $this->actingAs($founder);
    }

    public function test_whoever_has_most_to_see_sees_the_row_of_which_most_is_seen(): void
    {
        [$list, $one] = $this->posing()->all(now()->toDateTimeImmutable());
        self::assertSame(['beds', [], ''], [$list['screen'], $list['args'], $list['problem']]);
        self::assertSame(['bed', [2], ''], [$one['screen'], $one['args'], $one['problem']], 'Of “Inner” more is seen.');
        self::assertSame(['Near you', 'In deiner Nähe', ''], [
            $this->posing()->caption(0, ''),
            $this->posing()->caption(0, 'de'),
            $this->posing()->caption(1, 'de'),
        ]);
    }

    public function test_what_nobody_asked_for_and_cannot_be_shown_is_left_out(): void
    {
        $unsaid = (string) preg_replace('/^store picture.*\n?/m', '', self::SCRIPT)."\nscreen Lost, about one Bed\n  Text \"{bed.name}\"\n";
        $this->kelp = app(RevisionBook::class)->begin($this->founderOf($this->kelp), Blueprint::fromScript($unsaid));
        $posed = $this->posing()->all(now()->toDateTimeImmutable());
        self::assertSame(['beds'], array_column($posed, 'screen'), 'There is no bed yet that a page could be about.');
    }

    /** @return iterable<string, array{string, string, array{list<int|string>, int|null, string}}> */
    public static function wishes(): iterable
    {
        yield 'a row' => ['store picture of Bed', ', about "outer"', [[1], 1, '']];
        yield 'a person' => ['store picture of Bed', ', seen by "Ben"', [[2], 2, '']];
        yield 'a row that is not there' => [
            'store picture of Bed', ', about "Middle"', [[], null, '“Bed” is to show “Middle”, and the practice data has none with this name.'],
        ];
        yield 'nobody' => [
            'store picture of Bed', ', seen by "Cleo"', [[], null, '“Bed” is to be seen by “Cleo”, and nobody in the practice data has this name.'],
        ];
    }

    /** @param  array{list<int|string>, int|null, string}  $posed */
    #[DataProvider('wishes')]
    public function test_who_and_what_can_be_said(string $at, string $wish, array $posed): void
    {
        $this->kelp = $this->another(substr(self::SCRIPT, 0, -strlen($at)).$at.$wish);
        $one = $this->posing()->all(now()->toDateTimeImmutable())[1];
        self::assertSame($posed, [$one['args'], $one['person'], $one['problem']]);
    }

    public function test_a_key_lets_one_look_as_that_person_in_that_language_and_do_nothing(): void
    {
        $key = $this->posing()->sitting('beds', [], 2, 'de', 'In deiner Nähe')->key();
        $this->app['auth']->forgetGuards();
        $this->flushSession();
        // Whoever looks cannot choose who they are.
        $view = $this->postJson("/device/taken/$key/view", ['screen' => 'beds', 'person' => 1, 'language' => 'en'])->assertOk()->json('view');
        self::assertSame(['Beds of Ben', 'de'], [$view['title'], $view['theme']['lang']]);
        $page = $this->get("/taken/$key/for/quay")->assertOk()->assertSee('In deiner Nähe')->getContent();
        self::assertStringContainsString("src=\"/taken/$key#/beds\"", (string) $page);
        $this->get("/taken/$key")->assertOk()->assertSee("taken\\/$key", false);
        foreach (['do', 'mine', 'say', 'arrive', 'pictures', 'count', 'trouble'] as $what) {
            $this->postJson("/device/taken/$key/$what", ['screen' => 'beds', 'at' => '/screens/0/lines/0', 'tap' => 'a'])->assertNotFound();
        }
        $this->get("/taken/$key/for/corner-shop")->assertNotFound();
        $this->get("/taken/$key/outside?of=".urlencode('http://127.0.0.1/secret'))->assertNotFound();

        self::assertNull(Sitting::of(substr($key, 0, -8).'AAAAAAAA'));
        self::assertNull(Sitting::of(str_repeat('A', 60)));
        $this->get('/taken/'.str_repeat('A', 60))->assertNotFound();
        $this->travel(16)->minutes();
        $this->postJson("/device/taken/$key/view", ['screen' => 'beds'])->assertNotFound();
        // A place of nobody leads to nobody.
        self::assertNull((new Sitting($this->kelp->id + 1, $this->kelp->revision->id, 'beds', [], null, '', ''))->space());
    }

    public function test_it_is_told_which_there_are_which_have_changed_and_which_are_out_of_date(): void
    {
        $state = $this->state();
        self::assertSame([null, null, ['Beds', 'Bed']], [$state['taken'], $state['running'], $state['proposed']]);
        self::assertSame(['There are no pictures for its page in the store yet.'], (new StorePictures($this->kelp))->against());
        self::assertSame('', (new StorePictures($this->kelp))->zipFor('quay'));

        $first = $this->taken(fn (string $name): string => $name);
        $state = $this->state();
        self::assertSame([$first->id, 1], [$state['taken']['id'], $state['taken']['revision']]);
        self::assertSame(['en', 'de'], array_column($state['taken']['tongues'], 'tongue'));
        self::assertCount(26, $state['taken']['pictures'], 'Two screens in six sizes and a banner, in two languages.');
        self::assertSame([[false], [null]], [
            array_values(array_unique(array_column($state['taken']['pictures'], 'stale'))),
            array_values(array_unique(array_column($state['taken']['pictures'], 'before'))),
        ]);
        self::assertSame([], (new StorePictures($this->kelp))->against());
        $base = "/api/apps/{$this->kelp->id}/pictures/$first->id";
        $this->get("$base/de/pier-phone-2.png")->assertOk()->assertHeader('Content-Type', 'image/png');
        [$width] = (array) getimagesizefromstring((string) $this->get("$base/de/pier-phone-2.png?w=60")->assertOk()->getContent());
        self::assertSame(4, $width, 'None becomes larger than it is.');
        $this->get("$base/fr/pier-phone-2.png")->assertNotFound();
        $this->get("$base/de/../../secret.png")->assertNotFound();

        // Rows have changed: what shows them is out of date, and what does not is not.
        $store = Space::sandbox($this->kelp)->store();
        $store->together(fn (): bool => $store->change($store->blueprint()->tables[0], 2, ['note' => 'Deep, green and quiet']));
        $stale = array_filter($this->state()['taken']['pictures'], fn (array $one): bool => $one['stale']);
        self::assertSame([1], array_values(array_unique(array_column($stale, 'n'))));
        self::assertSame(
            [count($stale).' of 26 pictures do not show the app as it is now. Take them again.'],
            (new StorePictures($this->kelp->refresh()))->against(),
        );

        $second = $this->taken(fn (string $name): string => str_contains($name, 'phone-1') ? "$name, otherwise" : $name);
        $pictures = array_column($this->state()['taken']['pictures'], null, 'name');
        [$one, $two] = [$pictures['pier-phone-1'], $pictures['pier-phone-2']];
        self::assertSame([$first->id, null, false], [$one['before'], $two['before'], $two['stale']]);
        self::assertGreaterThan($first->id, $second->id);

        $this->actingAs($this->stranger());
        $this->get("$base/de/pier-phone-2.png")->assertNotFound();
        $this->getJson("/api/apps/{$this->kelp->id}/pictures")->assertNotFound();
    }

    public function test_sets_do_not_pile_up(): void
    {
        $sets = array_map(fn (int $n): Build => $this->taken(fn (string $name): string => "$name $n"), [1, 2, 3]);
        (new StorePictures($this->kelp))->forgetOld();
        self::assertSame([false, false, true], array_map(fn (Build $build): bool => is_file($build->path()), $sets));
        self::assertSame([$sets[2]->id], Build::query()->pluck('id')->all());
    }

    public function test_a_store_gets_those_that_it_asks_for_and_looks_at_them(): void
    {
        $this->taken(fn (string $name): string => $name);
        foreach (['quay' => 18, 'pier' => 8] as $store => $count) {
            $file = $this->folder()."/$store.zip";
            file_put_contents($file, (new StorePictures($this->kelp))->zipFor($store));
            $zip = new \ZipArchive();
            $zip->open($file);
            self::assertSame($count, $zip->numFiles);
            $reasons = Pictures::in($file)->reasons($store);
            self::assertSame(['pictures'], array_values(array_unique(array_column($reasons, 'code'))));
            self::assertStringContainsString('has 4 by 4 pixels;', $reasons[0]['sentence']);
        }
    }

    public function test_a_store_turns_down_pictures_that_are_none(): void
    {
        self::assertSame([], $this->looked(self::quay()));
        self::assertSame(
            ['In en there are 1 pictures of the kind “quay-phone”; between 2 and 8 are wanted.'],
            $this->looked(array_diff_key(self::quay(), ['quay-phone-2' => 1])),
        );
        $twins = array_replace(self::quay(), ['quay-phone-2' => self::quay()['quay-phone-1']]);
        self::assertSame(['The picture “en/quay-phone-2” is the same as “quay-phone-1”.'], $this->looked($twins));
        foreach ([
            'has 1080 by 2161 pixels; 1080 by 2160 are wanted.' => self::png(1080, 2161),
            'shows nothing.' => self::png(1080, 2160, 1),
            'can be seen through.' => self::png(1080, 2160, 9, true),
            'is no PNG.' => 'GIF89a',
        ] as $wrong => $png) {
            self::assertSame(["The picture “en/quay-phone-1” $wrong"], $this->looked(['quay-phone-1' => $png] + self::quay()));
        }
        self::assertSame(['The picture “en/other-1” is of no kind that this store shows.'], $this->looked(['other-1' => self::png(9, 9)] + self::quay()));
        self::assertSame([], Pictures::in($this->folder().'/none.zip')->reasons('quay'));
    }

    /** @return array<string, string> */
    private static function quay(): array
    {
        static $all = [];
        if ($all === []) {
            $sizes = ['quay-phone' => [1080, 2160], 'quay-foldable' => [1768, 2208], 'quay-small-tablet' => [1200, 1920], 'quay-tablet' => [1600, 2560]];
            foreach ($sizes as $name => [$width, $height]) {
                $all["$name-1"] = self::png($width, $height, 9);
                $all["$name-2"] = self::png($width, $height, 12);
            }
            $all['quay-feature'] = self::png(1024, 500);
        }

        return $all;
    }

    /** @param  int  $stripes  of so many colours */
    private static function png(int $width, int $height, int $stripes = 9, bool $clear = false): string
    {
        $image = imagecreatetruecolor($width, $height);
        imagesavealpha($image, $clear);
        for ($i = 0; $i < $stripes; $i++) {
            $from = intdiv($height * $i, $stripes);
            imagefilledrectangle($image, 0, $from, $width, $height, (int) imagecolorallocate($image, 20 * $i, 90, 120));
        }
        ob_start();
        imagepng($image, null, 1);

        return (string) ob_get_clean();
    }

    /**
     * @param  array<string, string>  $pictures
     * @return list<string>
     */
    private function looked(array $pictures): array
    {
        $file = $this->folder().'/looked.zip';
        $zip = new ZipFile($file);
        foreach ($pictures as $name => $bytes) {
            $zip->add("en/$name.png", $bytes);
        }
        $zip->close();

        return array_column(Pictures::in($file)->reasons('quay'), 'sentence');
    }

    /** @param  callable(string): string  $what  what is on a picture of this name */
    private function taken(callable $what): Build
    {
        $build = $this->kelp->builds()->create([
            'revision_id' => $this->kelp->revision->id, 'target' => Target::Pictures->value, 'version' => '1.0.0', 'number' => 1,
            'state' => 'done', 'file' => 'pictures-'.uniqid().'.zip', 'size' => 1, 'here' => false,
        ]);
        [, $list] = (new PicturesRecipe(new Camera()))->listed($this->posing(), Space::sandbox($this->kelp)->blueprint(), '', now()->toDateTimeImmutable());
        @mkdir(dirname($build->path()), 0700, true);
        $zip = new ZipFile($build->path());
        $zip->add(PicturesRecipe::LIST, (string) json_encode(
            ['revision' => $this->kelp->revision->number, 'at' => now()->getTimestamp(), 'tongues' => ['en', 'de'], 'pictures' => $list],
        ));
        foreach ($list as $one) {
            $image = imagecreatetruecolor(4, 4);
            imagefill($image, 0, 0, crc32($what($one['name'])) & 0xFFFFFF);
            ob_start();
            imagepng($image);
            $zip->add("{$one['tongue']}/{$one['name']}.png", (string) ob_get_clean());
        }
        $zip->close();

        return $build;
    }

    private function another(string $script): App
    {
        return $this->begun($this->founderOf($this->kelp), $script);
    }

    private function begun(Founder $founder, string $script): App
    {
        $app = app(RevisionBook::class)->begin($founder, Blueprint::fromScript($script));
        $store = Space::sandbox($app)->store();
        [$beds, $people] = Space::sandbox($app)->blueprint()->tables;
        $store->add($beds, ['name' => 'Outer', 'note' => '']);
        $store->add($beds, ['name' => 'Inner', 'note' => 'Deep and green']);
        $store->add($people, ['name' => 'Ada']);
        $store->add($people, ['name' => 'Ben']);

        return $app;
    }

    private function posing(): Posing
    {
        return new Posing(Space::sandbox($this->kelp));
    }

    /** @return array<string, mixed> */
    private function state(): array
    {
        $answer = $this->getJson("/api/apps/{$this->kelp->id}/pictures")->assertOk();
        self::assertMeets('studio', (string) $answer->getContent(), 'PicturesState');

        return (array) $answer->json();
    }
}
