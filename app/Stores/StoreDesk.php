<?php

declare(strict_types=1);

namespace App\Stores;

use App\Models\Build;
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
        $answer = $this->ask(
            $store,
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
     * @param  callable(string, string): Response  $call
     * @return array<string, mixed>
     *
     * @throws StoreUnreachable
     */
    private function ask(string $store, callable $call): array
    {
        $known = config("lanai.stores.$store");
        try {
            $response = $call(rtrim($known['url'], '/'), (string) $known['token']);
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
