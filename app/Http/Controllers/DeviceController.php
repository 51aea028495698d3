<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Aftermath;
use App\Apps\Beginnings;
use App\Apps\LayoutSurvey;
use App\Apps\PeoplesUploads;
use App\Apps\RevisionBook;
use App\Apps\Troubles;
use App\Apps\Uploads;
use App\Device\DeviceName;
use App\Device\Entry;
use App\Device\LinkPreview;
use App\Device\Sitting;
use App\Device\Structured;
use App\Http\Requests\DeviceRequest;
use App\Jobs\TakeFeedbackPicture;
use App\Models\Tester;
use App\Packaging\Camera;
use App\Packaging\ServerAddress;
use App\People\Belongings;
use App\People\Returning;
use App\People\Sessions;
use App\Reach\CountBook;
use App\Reach\Counting;
use App\Reach\Versions;
use App\Records\DataSet;
use App\Stores\Testing;
use App\Ways\Doors;
use App\Ways\Snippets;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\Cookie;
use Lanai\Core\Geometry\Device;
use Lanai\Core\Model\Pointer;
use Lanai\Core\Model\Screen;
use Lanai\Core\Play\NoAnswer;
use Lanai\Core\Play\Outcome;
use Lanai\Core\Play\Trail;
use Lanai\Core\Play\Whence;
use Lanai\Core\Rows\Refused;
use Lanai\Core\Text\Pattern;
use Lanai\Core\Text\Tongues;

/** What devices ask: the page, the view of a screen, and what a tap does. */
final class DeviceController
{
    public function page(Request $request, string $key): Response
    {
        $way = (string) $request->route()->parameter('way');
        $entry = Entry::from($request, $way, $key);
        rescue(fn (): bool => app(RevisionBook::class)->heal($entry->app));

        $speaks = $entry->speaks($request->getLanguages(), '');
        $at = $request->query('at');
        $at = is_string($at) && Pattern::match(LinkPreview::PLACE, $at) ? $at : '';

        $preview = $way === 'live' || $way === 'share' ? LinkPreview::of($entry, $at, $speaks)->properties : [];
        $spoken = $entry->revision->spoken($speaks->tongue);

        return response()->view('device', [
            'name' => $entry->app->name,
            'preview' => $preview,
            'structured' => $way === 'live' ? Structured::of($spoken, $preview, $speaks, $at === '') : '',
            'theme' => $entry->blueprint()->theme->main,
            'lang' => $speaks->tongue,
            'dir' => Tongues::direction($speaks->tongue),
            // Only what is live is put on a home screen.
            'home' => $way === 'live' ? "/a/$key" : null,
            'listed' => $way === 'live' ? Snippets::meta($entry->blueprint(), new Doors($entry->app)) : '',
            'entry' => [
                'base' => "/device/$way/$key",
                'media' => '/media/'.$entry->pictures(),
                'deck' => $entry->inDeck(),
                'app' => $entry->app->id,
                'shared' => $entry->blueprint()->sharedScreen()?->slug() ?? '',
                'path' => ['live' => "/a/$key", 'share' => "/s/$key"][$way] ?? '',
                'tester' => $way === 'share' ? $this->tester($request, $entry) : '',
                'mark' => $way === 'live' && ! $entry->blueprint()->release->unmarked ? rtrim((string) config('app.url'), '/').'/' : '',
                'outside' => $way === 'taken' ? "/taken/$key/outside?of=" : '',
                'link' => ServerAddress::of($entry->app).($way === 'live' ? "/a/{$entry->app->slug}" : "/s/{$entry->app->share_code}"),
            ],
        ]);
    }

    /** The key of whoever was asked to try this app, while it is good; '' for anybody else. */
    private function tester(Request $request, Entry $entry): string
    {
        $key = $request->query('try');
        $tester = is_string($key) ? Tester::byKey($key) : null;

        return $tester !== null && $tester->app_id === $entry->app->id && ! $tester->until->isPast() ? (string) $key : '';
    }

    /** Somebody who tries the app tells from inside it how it is; a picture of what they look at is taken for it. */
    public function tell(DeviceRequest $request, string $way, string $key): JsonResponse
    {
        $entry = Entry::from($request, $way, $key);
        $told = $request->validate([
            'tester' => ['required', 'string', 'max:100'],
            'words' => ['required', 'string', 'max:2000'],
            'width' => ['required', 'integer', 'between:200,2000'],
            'height' => ['required', 'integer', 'between:200,2400'],
        ], ['words.*' => 'Please say in a few words how it is, in 2,000 characters at most.']);
        $tester = Tester::byKey($told['tester']);
        abort_unless($way === 'share' && $tester?->app_id === $entry->app->id && ! $tester->until->isPast(), 404, 'This is over.');
        $visit = $request->visit($entry);
        $screen = $entry->blueprint()->screen($request->string('screen')->value());
        $agent = mb_substr((string) $request->userAgent(), 0, 300);
        $on = DeviceName::of($agent, $request->string('platform')->value());
        $feedback = (new Testing($entry->app))->tell($tester, $told['words'], $screen->name ?? '', null, $on);
        if ($screen !== null && Camera::refusal() === '') {
            $sitting = new Sitting($entry->app->id, $entry->revision->id, $screen->slug(), $visit->args, $visit->person, $visit->tongue, '');
            TakeFeedbackPicture::dispatch($feedback->id, $sitting, $agent, (int) $told['width'], (int) $told['height']);
        }

        return response()->json(['told' => true], 201);
    }

    public function view(DeviceRequest $request, string $way, string $key): JsonResponse
    {
        $entry = Entry::from($request, $way, $key);
        $trail = $request->trail($entry);
        Counting::after($request, $entry);

        return response()->json($this->shown($request, $entry, $trail) + $request->renewed($entry) + self::footprints($trail));
    }

    public function tap(DeviceRequest $request, string $way, string $key): JsonResponse
    {
        $entry = Entry::from($request, $way, $key);
        $trail = $request->trail($entry);
        Counting::after($request, $entry);
        if ($request->has('revision') && $request->integer('revision') !== $entry->revision->number && ! $this->sameLine($request, $entry)) {
            $trail->step('refused', 'The screen has changed since it was drawn.', $request->string('at')->value());

            $changed = new Outcome();
            $changed->refused = $entry->revision->spoken($request->visit($entry)->tongue)->own()->say('This screen has just changed. Please look again.');

            return response()->json(['outcome' => $changed->data()] + $this->shown($request, $entry, $trail) + self::footprints($trail));
        }
        $item = $request->filled('item') ? $request->integer('item') : null;
        $visit = $request->visit($entry);
        $outcome = $entry->player($visit)->tap($visit, $request->string('at')->value(), $item, $request->string('tap')->value(), $trail);

        Aftermath::of($outcome, $entry->space, $visit->person, $visit->moment->zone->getName());
        if ($outcome->goesTo('leave for')) {
            Cookie::queue(Cookie::make(ReturnController::COOKIE, (string) $outcome->pending, 10, null, null, null, true, false, 'lax'));
        }

        return response()->json(
            ['outcome' => $outcome->data()] +
                ($outcome->leaves() || $outcome->session !== null ? ['revision' => $entry->revision->number] : $this->shown($request, $entry, $trail)) +
                ($outcome->session === null ? $request->renewed($entry) : $this->who($entry, $outcome->session)) +
                self::footprints($trail),
        );
    }

    /** Whether somebody who left for a provider has come back; the session is handed over once, to the device that began. */
    public function arrive(DeviceRequest $request, string $way, string $key): JsonResponse
    {
        $entry = Entry::from($request, $way, $key);
        $visit = $request->visit($entry);
        $returning = new Returning($entry->people());
        $proof = $visit->pending === '' ? null : $returning->arrived($visit->pending);
        if ($proof === null) {
            return response()->json(['waiting' => $visit->pending !== '' && $returning->isWaiting($visit->pending)]);
        }
        [$entered, $arrives] = $entry->player($visit)->arrive($proof, $visit);

        return response()->json(['waiting' => false, 'arrives' => $arrives, 'session' => $entered->token] + $this->who($entry, (string) $entered->token));
    }

    /** Somebody has bought by the sheet of the phone's own store, which is asked about it. */
    public function bought(DeviceRequest $request, string $way, string $key): JsonResponse
    {
        $entry = Entry::from($request, $way, $key);
        $told = $request->validate(['transaction' => ['required', 'string', 'regex:/^[A-Za-z0-9_-]{1,100}$/D']]);
        $people = $entry->blueprint()->peopleTable();
        $person = $request->visit($entry)->person ?? abort(401, 'Please sign in first.');
        $row = $people === null ? null : $entry->space->store()->byIds($people, [$person])[$person] ?? null;
        $counter = $entry->space->tills();
        abort_if($row === null || $counter === null, 404);
        try {
            return response()->json(['paid' => $counter->bought($row, (string) $told['transaction'])]);
        } catch (Refused $refused) {
            $said = $entry->revision->spoken($request->visit($entry)->tongue)->own()->say($refused->getMessage());

            return response()->json(['message' => $said], $refused instanceof NoAnswer ? 503 : 422);
        }
    }

    /** All that the app keeps of the person who asks. */
    public function mine(DeviceRequest $request, string $way, string $key): JsonResponse
    {
        $entry = Entry::from($request, $way, $key);
        $person = $request->visit($entry)->person ?? abort(401, 'Please sign in first.');

        return response()->json(
            (new Belongings($entry->people()))->of($person),
            200,
            ['Content-Disposition' => 'attachment; filename="my-data.json"'],
            JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE,
        );
    }

    public function pulse(Request $request, string $way, string $key): JsonResponse
    {
        return response()->json(['pulse' => Entry::from($request, $way, $key)->pulse()]);
    }

    /** Something went wrong on a device; nobody is told of it there. */
    public function trouble(DeviceRequest $request, string $way, string $key): JsonResponse
    {
        $entry = Entry::from($request, $way, $key);
        $request->validate([
            'said' => ['required', 'string', 'max:4000'],
            'where' => ['nullable', 'string', 'max:8000'],
            'steps' => ['sometimes', 'array', 'max:20'],
            'steps.*.what' => ['required', 'in:screen,page,tap'],
            'steps.*.of' => ['required', 'string', 'max:200'],
        ]);
        $on = DeviceName::of((string) $request->userAgent(), $request->string('platform')->value());
        $version = $entry->blueprint()->release->version.", revision {$entry->revision->number}";
        $steps = array_values(array_map(fn (mixed $one): array => (array) $one, $request->array('steps')));
        Troubles::keep($entry->app, $request->string('said')->value(), $request->string('where')->value(), $on, $version, $steps);
        if ($entry->space->set === DataSet::Live) {
            (new CountBook($entry->space))->fault(Versions::named($entry->app, $request->input('version')), $entry->revision->number, now()->getTimestamp());
        }

        return response()->json(['kept' => true], 202);
    }

    /** What the device itself says, in one of the app's languages: English => as it is said there. */
    public function words(Request $request, string $way, string $key, string $tongue): JsonResponse
    {
        $entry = Entry::from($request, $way, $key);
        $words = $entry->revision->spoken($entry->speaks([], $tongue)->tongue)->own()->ofDevice();

        return response()->json(['words' => (object) $words]);
    }

    /** What screens look like before anything is in them, on a device like this one. */
    public function outlines(Request $request, string $way, string $key): JsonResponse
    {
        $entry = Entry::from($request, $way, $key);
        $request->validate(['width' => ['required', 'integer', 'between:200,4000'], 'height' => ['required', 'integer', 'between:200,4000']]);
        $device = Device::like((float) $request->integer('width'), (float) $request->integer('height'));
        // For a picture it is waited until all is there.
        $found = $entry->sitting !== null ? [] : Cache::remember(
            "outlines:{$entry->app->id}:{$entry->app->revision->number}:$device->name",
            86400,
            fn (): array => (new LayoutSurvey($entry->app))->outlines($device),
        );

        // A screen that is not there yet for who asks is not named to them.
        $there = array_flip(array_map(fn (Screen $screen): string => $screen->slug(), $entry->blueprint()->screens));

        return response()->json([
            'width' => $device->width,
            'revision' => $entry->revision->number,
            'outlines' => (object) array_intersect_key($found, $there),
        ]);
    }

    public function why(DeviceRequest $request, string $way, string $key): JsonResponse
    {
        $entry = Entry::from($request, $way, $key);
        abort_unless($entry->inDeck(), 404);

        $visit = $request->visit($entry);

        return response()->json($entry->player($visit)->whyEmpty($visit, $request->string('at')->value()) ?? abort(404));
    }

    /** Where the values of a line come from. */
    public function whence(DeviceRequest $request, string $way, string $key): JsonResponse
    {
        $entry = Entry::from($request, $way, $key);
        abort_unless($entry->inDeck(), 404);
        $visit = $request->visit($entry);
        $accounts = $entry
            ->player($visit)
            ->whence($visit, $request->string('at')->value(), $request->filled('item') ? $request->integer('item') : null);

        return response()->json(['accounts' => array_map(fn (Whence $w): array => $w->data(), $accounts)]);
    }

    public function picture(DeviceRequest $request, string $way, string $key, PeoplesUploads $uploads): JsonResponse
    {
        $entry = Entry::from($request, $way, $key);
        $request->validate(Uploads::rules($request->file('picture')), Uploads::messages($request->file('picture')));
        $person = $request->found($entry)?->account->person;
        $by = $person === null ? "address {$request->ip()}" : "{$entry->set->value} $person";

        return response()->json(
            ['name' => $uploads->keep($entry, $request->file('picture'), $by, (string) $request->file('poster')?->getContent())],
            201,
        );
    }

    /** @return array<string, mixed> */
    private function shown(DeviceRequest $request, Entry $entry, Trail $trail): array
    {
        $pulse = $entry->pulse();

        $visit = $request->visit($entry);
        $view = $entry->player($visit)->show($visit, $trail);
        $soft = Beginnings::of($entry->app, $view);

        return ['view' => $view + ($soft === [] ? [] : ['soft' => $soft]), 'revision' => $entry->revision->number, 'pulse' => $pulse];
    }

    /** A tap made on an older revision still counts where its line reads the same today. */
    private function sameLine(DeviceRequest $request, Entry $entry): bool
    {
        $at = $request->string('at')->value();
        $older = $entry->app->revisions()->where('number', $request->integer('revision'))->first();
        $at = Pattern::replace('~@\d+~', '', str_contains($at, '=') ? substr((string) strrchr($at, '='), 1) : $at);
        $line = $older === null ? null : Pointer::get($at, $older->blueprint);

        return $line !== null && $line === Pointer::get($at, $entry->revision->blueprint);
    }

    /** @return array<string, mixed> for the deck: the person whose session has just begun or ended */
    private function who(Entry $entry, string $token): array
    {
        return ! $entry->inDeck() ? [] : ['person' => $token === '' ? null : (new Sessions($entry->people()))->find($token)?->account->person];
    }

    /** @return array<string, mixed> */
    private static function footprints(Trail $trail): array
    {
        return $trail->on() ? ['footprints' => ['steps' => $trail->steps, 'origins' => $trail->origins]] : [];
    }
}
