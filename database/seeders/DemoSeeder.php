<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Apps\Pictures;
use App\Apps\RevisionBook;
use App\Earnings\PurchaseBook;
use App\Earnings\Tide;
use App\Models\App;
use App\Models\Founder;
use App\Models\IdentityProvider;
use App\Models\ServiceSecret;
use App\People\People;
use App\Records\DataSet;
use App\Records\EloquentRecordStore;
use App\Space;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Database\Seeder;
use Illuminate\Support\Facades\Hash;
use Lanai\Core\Earnings\Cycle;
use Lanai\Core\Earnings\Sold;
use Lanai\Core\Earnings\Story;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Values\Duration;
use Lanai\Core\Values\Money;
use Lanai\Core\Values\Place;

/** Saltlark, the demo: everything in it is made up. Times are counted from now, so that there is always a swim to come. */
final class DemoSeeder extends Seeder
{
    private const SPOTS = [
        [
            'Lantern Cove',
            'South shore',
            15.5,
            'Sheltered from the west. Steps on the left, warm showers until ten.',
            [[246, 205, 150], [64, 150, 160], [12, 84, 98]],
        ],
        ['Gannet Slip', 'Harbour side', 14.0, 'Keep inside the yellow buoys: boats leave on the hour.', [[190, 215, 225], [70, 130, 150], [20, 70, 95]]],
        ['Tansy Beach', 'Long sands', 16.5, 'Shallow for a hundred metres. Good for a first time.', [[250, 220, 190], [110, 180, 175], [30, 115, 120]]],
        ['The Old Lido', 'In town', 18.0, 'Sea water, filled at high tide. Closed on stormy days.', [[225, 232, 235], [90, 170, 190], [25, 105, 135]]],
        ['Kelp Point', 'North end', 12.5, 'For the hardy. Never swim here alone.', [[170, 180, 200], [55, 95, 120], [15, 45, 70]]],
        ['Mill Weir', 'River mouth', 13.5, 'Fresh and salt meet here. Wait for slack water.', [[215, 225, 190], [85, 140, 120], [30, 80, 75]]],
    ];

    /** What opens the stand-ins, by the names of the services. */
    private const KEYS = [
        'Almanac' => 'practice-key-of-the-sea',
        'Wordsmith' => 'practice-key-of-words',
        'Chartroom' => 'practice-key-of-the-coast',
    ];

    private const GROUNDS = [
        ['pebbles', '50.0312, -5.4471'],
        ['rock', '50.0467, -5.4118'],
        ['sand', '50.0129, -5.5032'],
        ['rock', '50.0401, -5.4302'],
        ['rock', '50.0718, -5.3865'],
        ['pebbles', '50.0533, -5.4684'],
    ];

    /** What Almanac calls them, and what keeps people safe there. */
    private const CODES = [
        ['lantern-cove', 'Stay close to the shore. Wear a bright cap.'],
        ['gannet-slip', 'Look out for boats. Never swim alone.'],
        ['tansy-beach', 'Get out before you are cold.'],
        ['old-lido', 'The stairs are slippery. Never swim alone.'],
        ['kelp-point', 'The current is strong at the point. Never swim alone.'],
        ['mill-weir', 'Mind the rocks at low tide. Stay close to the shore.'],
    ];

    private const SWIMS = [
        ['Dawn dip', 0, 15, 6, 0],
        ['Before breakfast', 2, 19, 8, 1],
        ['First timers, slowly', 2, 40, 10, 2],
        ['Buoy to buoy', 1, 44, 1, 0],
        ['Lunch-hour lengths', 3, 50, 12, 1],
        ['Full moon float', 0, 66, 5, 2],
        ['Cold water club', 4, 91, 4, 0],
        ['Tea and tow floats', 5, 98, 0, 1],
        ['Saturday splash', 2, 120, 15, 2],
        ['Long way round', 4, 140, 3, 0],
        ['Yesterday’s dip', 0, -22, 2, 1],
    ];

    /** Where the host lets people in one by one. */
    private const BY_REQUEST = [5, 6];

    private const BOOKINGS = [
        [0, 1],
        [0, 2],
        [1, 0],
        [2, 1],
        [3, 2],
        [3, 1],
        [4, 0],
        [5, 0],
        [5, 1],
        [6, 2],
        [7, 0],
        [7, 1],
        [7, 2],
        [8, 0],
        [8, 1],
        [9, 2],
        [10, 0],
        [10, 1],
    ];

    private const PEOPLE = [
        ['Ines Okafor', 'Swims before work, rain or shine.', 'Host', 'ines@okafor.example'],
        ['Tomas Lindqvist', 'New to cold water.', 'Swimmer', 'tomas@lindqvist.example'],
        ['Marit Solheim', 'Keeps the list of spots.', 'Keeper', 'marit@solheim.example'],
    ];

    /** Read once in a process: tests make the demo hundreds of times. */
    private static ?Blueprint $blueprint = null;

    /** @var array<string, string> name => JPEG bytes, painted once in a process */
    private static array $painted = [];

    public function run(): void
    {
        $this->for(Founder::query()->create(['name' => 'Noor Vahl', 'email' => config('lanai.demo_email'), 'password' => config('lanai.demo_password')]));
    }

    /** The demo's app for a founder. */
    public function for(Founder $founder): App
    {
        $book = app(RevisionBook::class);
        $pictures = app(Pictures::class);
        $blueprint = self::$blueprint ??= Blueprint::fromScript((string) file_get_contents(database_path('demo/saltlark.script')));
        $app = $book->begin($founder, $blueprint);
        $book->goLive($app);
        $photos = array_map(
            fn (array $spot): string => $pictures->keep($app, self::$painted[$spot[0]] ??= SeaPainter::paint($spot[0], $spot[4])),
            self::SPOTS,
        );
        foreach (DataSet::cases() as $set) {
            $this->fill($app, $set, $blueprint, $photos);
            $this->accounts($app, $set, $blueprint);
            $this->purchases($app, $set);
            foreach (self::KEYS as $service => $key) {
                ServiceSecret::query()->create(['app_id' => $app->id, 'dataset' => $set->value, 'service' => $service, 'name' => '', 'secret' => $key]);
            }
            IdentityProvider::query()->create([
                'app_id' => $app->id,
                'dataset' => $set->value,
                'name' => 'Gatehouse',
                'issuer' => IdentityProvider::PRACTICE,
                'client_id' => "saltlark-$set->value",
                'secret' => 'practice-secret-for-'.($set === DataSet::Live ? 'live' : 'the-sandbox'),
            ]);
        }

        return $app;
    }

    /** The people can sign in: with the demo's password, by a code, or, as Ines, through Gatehouse. */
    private function accounts(App $app, DataSet $set, Blueprint $blueprint): void
    {
        $people = new People($app, $set, $blueprint);
        $password = Hash::driver('argon2id')->make((string) config('lanai.demo_people_password'));
        foreach (self::PEOPLE as $i => [, , , $email]) {
            $account = $people->accounts()->create(['person' => $i + 1, 'email' => $email, 'password' => $password]);
            $account->forceFill(['created_at' => now()->subDays(26 - 9 * $i), 'seen_at' => now()->subDays(1 + $i)])->save();
            // Most of them came by every few days.
            for ($day = 25 - 9 * $i; $day > 0; $day -= 2 + $i) {
                $people
                    ->events()
                    ->create([
                        'account' => $account->id,
                        'what' => 'signed in',
                        'way' => 'password',
                        'device' => 'Chrome on Android',
                        'at' => now()->subDays($day),
                    ]);
            }
        }
    }

    /**
     * The first of the people pays for a membership, the card of the second has just failed, and the third had one for a while. In live, where
     * nobody is made up, the first was given theirs.
     */
    private function purchases(App $app, DataSet $set): void
    {
        $space = new Space($app, $set, $app->revision);
        $book = new PurchaseBook($space);
        $people = $space->blueprint()->peopleTable() ?? throw new \LogicException('There are no people.');
        $rows = $space->store()->byIds($people, [1, 2, 3]);
        $now = new DateTimeImmutable('now', new DateTimeZone('UTC'));
        $membership = $space->blueprint()->product('membership') ?? throw new \LogicException('There is no membership.');
        $chart = $space->blueprint()->product('night_chart') ?? throw new \LogicException('There is no chart.');
        if ($set === DataSet::Sandbox) {
            $tide = new Tide($space);
            $tide->tell($rows[1], $membership, $membership->plan('monthly'), Story::Well, Sold::SmallStore, $now->modify('-50 days'), 'DE');
            $begun = (new Cycle('month'))->begins(-2, $now->modify('-1 day'), new DateTimeZone('UTC'));
            $tide->tell($rows[2], $membership, $membership->plan('monthly'), Story::CardFails, Sold::SmallStore, $begun, 'DE');
        } else {
            $book->give($rows[1], $membership, $now->modify('-20 days'), $now->modify('+5 months'), 'drew the map');
        }
        $book->give($rows[2], $chart, $now->modify('-12 days'), null, 'lost theirs at sea');
        $book->give($rows[3], $membership, $now->modify('-30 days'), $now->modify('+1 month'), 'found the buoy');
        $book->takeBack($book->of($rows[3], $now)[0]['id'], $now->modify('-2 days'));
    }

    /** Who wrote, about which spot, what, and whether with a picture. */
    private const POSTS = [
        [0, 0, 'Glass this morning. We stayed in until our fingers stopped counting.', true],
        [1, 2, 'Seal at the far rock. It was not impressed by us.', true],
        [2, 1, 'Bring a second towel: the wind turned and the first one left.', false],
        [0, 3, 'First dip of the season for four of us. Tea afterwards was the best part.', true],
        [2, 4, 'The steps are slippery again after the storm. Hold on to the rail.', false],
        [1, 0, 'Found: one blue glove, left hand. It hangs on the fence.', false],
        [0, 2, 'Low water at noon until Friday: long walk, short swim.', false],
        [1, 3, 'Nine of us in the fog. We counted twice on the way out.', true],
        [2, 0, 'Whoever left the thermos of ginger tea: thank you.', false],
        [0, 1, 'The lantern on the jetty works again.', false],
    ];

    /** To which post, who, and what. */
    private const COMMENTS = [
        [0, 1, 'I saw you from the path and was jealous.'],
        [0, 1, 'How cold was it in the end?'],
        [0, 0, 'Thirteen, and no wind. Come on Thursday!'],
        [0, 2, 'Thursday it is.'],
        [1, 0, 'It was there last week, too.'],
        [3, 2, 'Who made the ginger cake?'],
    ];

    /** @param  list<string>  $photos */
    private function fill(App $app, DataSet $set, Blueprint $blueprint, array $photos): void
    {
        $store = new EloquentRecordStore($app, $set, $blueprint);
        $hour = new DateTimeImmutable('now', new DateTimeZone('UTC'));
        $hour = $hour->setTime((int) $hour->format('G'), 30);
        $add = fn (string $table, array $values): int => $store->add($blueprint->table($table) ?? throw new \LogicException($table), $values);
        $change = fn (string $table, int $id, array $values): bool => $store->change(
            $blueprint->table($table) ?? throw new \LogicException($table),
            $id,
            $values,
        );
        $store->together(function () use ($add, $change, $hour, $photos): void {
            $people = array_map(
                fn (array $p): int => $add('People', ['name' => $p[0], 'about' => $p[1], 'role' => $p[2], 'joined' => $hour->modify('-40 days')]),
                self::PEOPLE,
            );
            $spots = [];
            foreach (self::SPOTS as $i => [$name, $shore, $water, $note]) {
                $spots[] = $add('Spots', [
                    'name' => $name,
                    'shore' => $shore,
                    'water' => $water,
                    'note' => $note,
                    'photo' => $photos[$i],
                    'bottom' => self::GROUNDS[$i][0],
                    'lies' => Place::of(self::GROUNDS[$i][1]),
                    'code' => self::CODES[$i][0],
                    'safety' => self::CODES[$i][1],
                ]);
            }
            foreach ($people as $i => $person) {
                $change('People', $person, ['favourite_spots' => [$spots[$i], $spots[$i + 2]]]);
            }
            $swims = [];
            foreach (self::SWIMS as $i => [$title, $spot, $hours, $places, $host]) {
                $swims[] = $add('Swims', [
                    'title' => $title,
                    'spot' => $spots[$spot],
                    'starts' => $hour->modify(sprintf('%+d hours', $hours)),
                    'places' => $places,
                    'host' => $people[$host],
                    'by_request' => in_array($i, self::BY_REQUEST, true),
                    'lasts' => new Duration(900 * (2 + ($i % 4))),
                    'kit_fee' => $i % 3 === 1 ? new Money(450, 'EUR') : null,
                ]);
            }
            foreach (self::BOOKINGS as $i => [$swim, $person]) {
                $add('Bookings', [
                    'swim' => $swims[$swim],
                    'person' => $people[$person],
                    'name' => self::PEOPLE[$person][0],
                    'status' => in_array($swim, self::BY_REQUEST, true) ? 'requested' : 'confirmed',
                    'booked' => $hour->modify('-'.(3 + $i * 5).' hours'),
                ]);
            }
            // One tea is to be sent, and one was.
            $add('Orders', ['buyer' => $people[1], 'what' => 'Hot tea', 'ordered' => $hour->modify('-4 hours'), 'status' => 'ordered']);
            $add('Orders', ['buyer' => $people[0], 'what' => 'Hot tea', 'ordered' => $hour->modify('-50 hours'), 'status' => 'sent']);
            $posts = [];
            foreach (self::POSTS as $i => [$person, $spot, $words, $picture]) {
                $posts[] = $add('Posts', [
                    'words' => $words,
                    'photo' => $picture ? $photos[$spot] : null,
                    'spot' => $spots[$spot],
                    'author' => $people[$person],
                    'posted' => $hour->modify('-'.(2 + $i * 9).' hours'),
                ]);
            }
            foreach (self::COMMENTS as $i => [$post, $person, $words]) {
                $add('Comments', [
                    'post' => $posts[$post],
                    'words' => $words,
                    'author' => $people[$person],
                    'said' => $hour->modify('-'.(110 - $i * 14).' minutes'),
                ]);
            }
        });
    }
}
