<?php

declare(strict_types=1);

namespace App\Apps;

use App\Models\App;
use App\Records\EloquentRecordStore;
use App\Space;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Support\Facades\Cache;
use Lanai\Core\Findings\Finding;
use Lanai\Core\Formula\Moment;
use Lanai\Core\Geometry\Device;
use Lanai\Core\Languages\Pseudo;
use Lanai\Core\Layout\Outline;
use Lanai\Core\Layout\Page;
use Lanai\Core\Layout\Survey;
use Lanai\Core\Lines\ListLine;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\People\Account;
use Lanai\Core\Model\Screen;
use Lanai\Core\Play\Arguments;
use Lanai\Core\Play\Trail;
use Lanai\Core\Play\Visit;
use Lanai\Core\Player\Player;
use Lanai\Core\Query\Query;

/** How the screens of an app come out on all devices, with the rows of its sandbox. */
final readonly class LayoutSurvey
{
    private Player $player;

    /** Of an app with more screens the first ones. */
    private const OUTLINED = 60;

    private EloquentRecordStore $store;

    private Blueprint $blueprint;

    /**
     * @param  string  $tongue  the language in which it is laid out; '' for the app's own
     * @param  Space|null  $space  where the app is not as it is kept but as it would be
     */
    public function __construct(private App $app, private string $tongue = '', ?Space $space = null)
    {
        $space ??= Space::sandbox($app);
        $this->blueprint = $space->blueprint();
        $this->store = $space->store();
        $this->player = $space->looking($tongue);
    }

    /**
     * @param  int|null  $only  one screen; null for all
     * @return list<array{at: string, slug: string, args: list<int|string>, problem: string, picture: array<string, mixed>|null, findings: list<Finding>}>
     */
    public function screens(?int $person, ?int $only = null): array
    {
        $screens = [];
        $led = ListLine::leadTo($this->blueprint);
        foreach ($only === null ? $this->blueprint->screens : array_intersect_key($this->blueprint->screens, [$only => true]) as $i => $screen) {
            $views = [];
            $view = function (string $form) use (&$views, $screen, $person): array {
                return $views[$form] ??= $this->view($screen, $person, $form);
            };
            $phone = $view('phone');
            $beside = in_array($screen->slug(), $led, true);
            $key = 'layout:'.md5(json_encode([$i, $beside, $phone, $view('tablet')], JSON_THROW_ON_ERROR | JSON_INVALID_UTF8_SUBSTITUTE));
            $flaws = Cache::remember($key, 3600, fn (): array => Survey::of($view, Device::every(), $beside));
            $screens[] = [
                'at' => "/screens/$i",
                'slug' => $screen->slug(),
                'args' => Arguments::first($screen->parameters(), $this->blueprint, $this->store),
                'problem' => is_string($phone['problem']) ? $phone['problem'] : '',
                'picture' => $phone['problem'] === '' ? ScreenPicture::of($phone) : null,
                'findings' => Survey::findings($flaws, "/screens/$i", count(Device::every())),
            ];
        }

        return $screens;
    }

    /** @return array<string, mixed>|null a small picture of one screen, as in docs/studio.schema.json; null where it cannot be drawn */
    public function picture(Screen $screen): ?array
    {
        $people = $this->blueprint->peopleTable();
        $person = $people === null ? null : $this->store->whole()->rows(new Query($people, limit: 1))[0]->id ?? null;
        $view = $this->view($screen, $person, 'phone');

        return $view['problem'] === '' ? ScreenPicture::of($view) : null;
    }

    /**
     * The frames of one screen on one device, by the keys of its nodes.
     *
     * @param  list<int|string>  $args
     * @param  bool  $beside  it was opened from a list, which stands beside it where there is room
     * @return array<string, array{float, float, float, float}> x, y, width and height in dp
     */
    public function frames(Screen $screen, array $args, ?int $person, Device $device, bool $beside = false): array
    {
        $frames = [];
        foreach (Page::frames($this->view($screen, $person, $device->form(), $args), $device, $beside)->all() as $frame) {
            if ($frame->box->key !== '') {
                $frames[$frame->box->key] = [round($frame->x, 2), round($frame->y, 2), round($frame->width, 2), round($frame->height, 2)];
            }
        }

        return $frames;
    }

    /**
     * What screens look like before anything is in them, laid out with the rows of the sandbox: of them nothing is told but how much room
     * they take.
     *
     * @return array<string, list<array{int, int, int, int}>> slug => blocks, as in Outline
     */
    public function outlines(Device $device): array
    {
        $people = $this->blueprint->peopleTable();
        $person = $people === null ? null : $this->store->whole()->rows(new Query($people, limit: 1))[0]->id ?? null;
        $led = ListLine::leadTo($this->blueprint);
        $outlines = [];
        foreach (array_slice($this->blueprint->screens, 0, self::OUTLINED) as $screen) {
            $view = $this->view($screen, $person, $device->form());
            $outlines[$screen->slug()] = Outline::of($view, $device, in_array($screen->slug(), $led, true));
        }

        return array_filter($outlines);
    }

    /**
     * @param  list<int|string>|null  $args  null for the first rows there are
     * @return array<string, mixed>
     */
    private function view(Screen $screen, ?int $person, string $form, ?array $args = null): array
    {
        $zone = new DateTimeZone('UTC');
        $visit = new Visit(
            new Moment(new DateTimeImmutable('now', $zone), $zone, $this->tongue === '' || Pseudo::isOne($this->tongue) ? 'en_GB' : $this->tongue),
            $screen->slug(),
            $args ?? Arguments::first($screen->parameters(), $this->blueprint, $this->store),
            $person,
            form: $form,
            account: new Account('me@lanai.example', password: true),
        );

        return $this->player->show($visit, Trail::none());
    }
}
