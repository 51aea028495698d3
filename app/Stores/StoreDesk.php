<?php

declare(strict_types=1);

namespace App\Stores;

use App\Models\Build;
use App\Models\StoreAccount;
use App\Models\Submission;
use App\Outbound\AddressRefused;
use App\Outbound\Guard;
use App\Outbound\Practice;
use App\Packaging\Target;
use App\People\Reviewer;
use Illuminate\Http\Client\ConnectionException;
use Illuminate\Http\Client\PendingRequest;
use Illuminate\Http\Client\Response;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\People\AsGuest;
use Lanai\Core\Release\AdvertsDeclared;
use Lanai\Core\Text\Pattern;

/** Hands packages in at a store over HTTP and asks how they fare. */
final class StoreDesk
{
    public const OPEN = ['received', 'processing', 'in review', 'appealed'];

    /** To everyone; to those on a list; or to whoever follows a link. */
    public const TRACKS = ['everyone', 'closed', 'open'];

    /**
     * @param  string  $track  one of TRACKS
     * @param  list<string>  $testers  the addresses of those on the list
     *
     * @throws StoreUnreachable
     */
    public function submit(Build $build, string $store, string $track = 'everyone', array $testers = []): Submission
    {
        $blueprint = $build->revision->read();
        $release = $blueprint->release;
        $permissions = Target::from($build->target)->recipe()->permissions($blueprint);
        if ($build->here && ! Practice::isAt((string) config("lanai.stores.$store.url"))) {
            throw new StoreUnreachable('This package was made for this computer only. Build one with an address that phones can reach.');
        }
        $listing =
            self::page($blueprint) +
            ['language' => $blueprint->theme->tongue(), 'access' => self::access($build, $blueprint)] +
            array_filter(['languages' => self::pages($build)]) +
            ['declares' => DeclarationsForm::handedIn($blueprint, $store === 'quay' ? 'android' : 'ios', ! $build->here)] +
            array_filter(['adverts' => AdvertsDeclared::of($blueprint)->form()]) +
            ($build->here && $build->target !== Target::Web->value ? ['cleartext' => 'It is for practice, and calls a server on this computer.'] : []);
        $pictures = (new StorePictures($build->app))->zipFor($store);
        $account = StoreAccounts::of($build->app->founder_id, $store);
        $answer = $this->ask(
            $store,
            $account?->token,
            fn (string $url, string $token): Response => Guard::to($url, ['pier', 'quay'])
                ->withToken($token)
                ->attach('package', (string) file_get_contents($build->path()), $build->file)
                ->when($pictures !== '', fn (PendingRequest $request) => $request->attach('pictures', $pictures, 'pictures.zip'))
                ->post("$url/submissions", [
                    'listing' => json_encode($listing, JSON_THROW_ON_ERROR),
                    'permissions' => json_encode($permissions, JSON_THROW_ON_ERROR),
                    'track' => $track,
                    'testers' => json_encode($testers, JSON_THROW_ON_ERROR),
                ]),
        );
        $submission = new Submission([
            'app_id' => $build->app_id,
            'build_id' => $build->id,
            'store' => $store,
            'store_account_id' => $account?->id,
            'track' => $track,
            'remote_id' => (string) $answer['id'],
            'state' => 'received',
            'reasons' => [],
        ]);
        $this->take($submission, $answer);

        return $submission;
    }

    /** @return array<string, mixed> whether one has to sign in, and with what a reviewer does */
    private static function access(Build $build, Blueprint $blueprint): array
    {
        $reviewer = Reviewer::of($build->app);
        $ways = $blueprint->signIn?->way(AsGuest::class) !== null ? ['guest' => true] : [];

        return ['signIn' => $blueprint->signIn !== null] + $ways + ($reviewer === null ? [] : ['email' => $reviewer->email, 'password' => $reviewer->password]);
    }

    /** @return array<string, string> what stands on the app's page */
    private static function page(Blueprint $blueprint): array
    {
        return ['title' => $blueprint->release->title, 'summary' => $blueprint->release->summary, 'description' => $blueprint->release->description] +
            array_filter(['keywords' => $blueprint->release->words]);
    }

    /** @return array<string, array<string, string>> the same in the other languages that people get, by their tags */
    private static function pages(Build $build): array
    {
        $pages = [];
        foreach ($build->revision->read()->languages as $language) {
            if (! $language->hidden) {
                $pages[$language->tongue] = self::page($build->revision->spoken($language->tongue));
            }
        }

        return $pages;
    }

    /** @throws StoreUnreachable */
    public function refresh(Submission $submission): void
    {
        $this->askAbout($submission, fn (PendingRequest $request, string $url): Response => $request->get($url));
    }

    /**
     * @param  int  $share  to how many of a hundred people
     *
     * @throws StoreUnreachable
     */
    public function release(Submission $submission, int $share = 100): void
    {
        $this->askAbout($submission, fn (PendingRequest $request, string $url): Response => $request->asForm()->post("$url/release", ['share' => $share]));
    }

    /**
     * @param  'halt'|'withdraw'  $what
     *
     * @throws StoreUnreachable
     */
    public function stop(Submission $submission, string $what): void
    {
        $this->askAbout($submission, fn (PendingRequest $request, string $url): Response => $request->post("$url/$what"));
    }

    /**
     * Asks a store to look again at what it has turned down.
     *
     * @throws StoreUnreachable
     */
    public function appeal(Submission $submission, string $words): void
    {
        $this->askAbout($submission, fn (PendingRequest $request, string $url): Response => $request->asForm()->post("$url/appeal", ['words' => $words]));
    }

    /**
     * What people have said of it on its page since.
     *
     * @param  int  $after  the last one that is known
     * @return list<array{id: int, stars: int, words: string, by: string, version: string, number: int, at: string}>
     *
     * @throws StoreUnreachable
     */
    public function voices(Submission $submission, int $after): array
    {
        $answer = $this->about($submission, fn (PendingRequest $request, string $url): Response => $request->get("$url/reviews", ['after' => $after]));
        $voices = [];
        foreach (is_array($answer['reviews'] ?? null) ? array_slice($answer['reviews'], 0, 500) : [] as $one) {
            $at = is_array($one) && is_string($one['at'] ?? null) ? strtotime($one['at']) : false;
            if (is_array($one) && is_int($one['id'] ?? null) && is_int($one['stars'] ?? null) && $at !== false) {
                $text = fn (string $key): string => is_string($one[$key] ?? null) ? mb_scrub($one[$key]) : '';
                $voices[] = ['id' => $one['id'], 'stars' => $one['stars'], 'words' => $text('words'), 'by' => $text('by'), 'version' => $text('version'),
                    'number' => is_int($one['number'] ?? null) ? $one['number'] : 0, 'at' => gmdate('Y-m-d H:i:s', $at)];
            }
        }

        return $voices;
    }

    /** @throws StoreUnreachable */
    public function answerVoice(Submission $submission, int $voice, string $words): void
    {
        $this->about(
            $submission,
            fn (PendingRequest $request, string $url): Response => $request->asForm()->post("$url/reviews/$voice/answer", ['words' => $words]),
        );
    }

    /**
     * @param  \Closure(PendingRequest, string): Response  $call
     *
     * @throws StoreUnreachable
     */
    private function askAbout(Submission $submission, \Closure $call): void
    {
        $this->take($submission, $this->about($submission, $call));
    }

    /**
     * @param  \Closure(PendingRequest, string): Response  $call
     * @return array<string, mixed>
     *
     * @throws StoreUnreachable
     */
    private function about(Submission $submission, \Closure $call): array
    {
        return $this->ask(
            $submission->store,
            StoreAccount::query()->find($submission->store_account_id)?->token,
            fn (string $url, string $token): Response => $call(
                Guard::to($url, ['pier', 'quay'])->withToken($token),
                "$url/submissions/$submission->remote_id",
            ),
        );
    }

    /** @param  array<string, mixed>  $answer */
    private function take(Submission $submission, array $answer): void
    {
        $submission->state = is_string($answer['state'] ?? null) ? $answer['state'] : $submission->state;
        $submission->reasons = array_values(array_filter(is_array($answer['reasons'] ?? null) ? $answer['reasons'] : [], is_array(...)));
        $page = is_string($answer['page'] ?? null) ? $answer['page'] : '';
        $submission->share = is_int($answer['share'] ?? null) ? $answer['share'] : 0;
        $submission->answer = is_string($answer['answer'] ?? null) ? mb_substr($answer['answer'], 0, 500) : '';
        $submission->page = Pattern::match('~^https?://~', $page) ? $page : '';
        $was = $submission->getOriginal('state');
        // Several may ask at once: whoever is first to hear what was decided tells it.
        $isNews = in_array($was, self::OPEN, true) && in_array($submission->state, ['approved', 'in testing', 'turned down'], true)
            && Submission::query()->whereKey($submission->id)->where('state', $was)->update(['state' => $submission->state]) === 1;
        $submission->save();
        if ($isNews) {
            Decided::tell($submission);
        }
    }

    /**
     * The name that a store has for whoever has a token.
     *
     * @throws StoreUnreachable where it knows nobody by it
     */
    public function account(string $store, string $token): string
    {
        $name = $this->look($store, $token, 'account')['name'] ?? null;

        if (! is_string($name) || $name === '') {
            throw new StoreUnreachable('The store does not say whose token this is.');
        }

        return mb_substr(mb_scrub($name), 0, 100);
    }

    /**
     * Whose a package is at a store.
     *
     * @return array{record: string, version?: string, versionCode?: int} record: none, yours or other
     *
     * @throws StoreUnreachable
     */
    public function record(string $store, string $token, string $package): array
    {
        $told = $this->look($store, $token, 'records/'.rawurlencode($package));
        $record = in_array($told['record'] ?? '', ['yours', 'other'], true) ? $told['record'] : 'none';

        return ['record' => $record] + ($record === 'yours' ? self::version($told) : []);
    }

    /**
     * What somebody has at a store.
     *
     * @return list<array{package: string, version: string, versionCode: int}>
     *
     * @throws StoreUnreachable
     */
    public function records(string $store, string $token): array
    {
        $told = $this->look($store, $token, 'records')['records'] ?? [];
        $records = [];
        foreach (is_array($told) ? array_slice($told, 0, 50) : [] as $one) {
            if (is_array($one) && is_string($one['package'] ?? null)) {
                $records[] = ['package' => mb_substr(mb_scrub($one['package']), 0, 200)] + self::version($one);
            }
        }

        return $records;
    }

    /**
     * @param  array<array-key, mixed>  $told
     * @return array{version: string, versionCode: int}
     */
    private static function version(array $told): array
    {
        $version = is_string($told['version'] ?? null) ? mb_substr(mb_scrub($told['version']), 0, 60) : '';

        return ['version' => $version, 'versionCode' => is_int($told['versionCode'] ?? null) ? $told['versionCode'] : 0];
    }

    /**
     * @return array<string, mixed>
     *
     * @throws StoreUnreachable
     */
    private function look(string $store, string $token, string $path): array
    {
        return $this->ask(
            $store,
            $token,
            fn (string $url, string $known): Response => Guard::to($url, ['pier', 'quay'])->withToken($known)->get("$url/$path"),
        );
    }

    /**
     * @param  string|null  $token  with which account; null for that of this Lanai
     * @param  callable(string, string): Response  $call
     * @return array<string, mixed>
     *
     * @throws StoreUnreachable
     */
    private function ask(string $store, ?string $token, callable $call): array
    {
        $known = config("lanai.stores.$store");
        try {
            $response = $call(rtrim($known['url'], '/'), $token ?? (string) $known['token']);
        } catch (ConnectionException) {
            throw new StoreUnreachable("{$known['name']} does not answer. Nothing was lost; please try again in a moment.");
        } catch (AddressRefused $refused) {
            throw new StoreUnreachable($refused->getMessage());
        }
        $answer = $response->json();
        if (! $response->successful() || ! is_array($answer)) {
            throw new StoreUnreachable(
                is_string($answer['message'] ?? null)
                    ? "{$known['name']}: {$answer['message']}"
                    : "{$known['name']} answered with an error ({$response->status()}).",
            );
        }

        return $answer;
    }
}
