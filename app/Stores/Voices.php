<?php

declare(strict_types=1);

namespace App\Stores;

use App\Models\App;
use App\Models\StoreVoice;
use App\Models\Submission;
use Illuminate\Support\Facades\Cache;
use Lanai\Core\Reach\Stars;

/** What people say of an app on its pages in the stores, how many stars they give each version, and what the founder answers. */
final readonly class Voices
{
    /** Seconds for which a store is not asked again. */
    private const PAUSE = 20;

    /** Seconds for which it is believed, as long as nobody says anything new. */
    private const BELIEVED = 3600;

    /** Of one app in one store; the oldest make room. */
    private const MOST = 2000;

    private const SHOWN = 30;

    private const LONGEST = 2000;

    public function __construct(private App $app)
    {
    }

    /**
     * Asks the stores in which it is released for what is new there.
     *
     * @throws StoreUnreachable
     */
    public function ask(StoreDesk $desk): void
    {
        foreach ($this->stores() as $store => $submission) {
            if (! Cache::add("voices:{$this->app->id}:$store", true, self::PAUSE)) {
                continue;
            }
            $all = fn () => StoreVoice::query()->where(['app_id' => $this->app->id, 'store' => $store]);
            foreach ($desk->voices($submission, (int) $all()->max('remote_id')) as $one) {
                StoreVoice::query()->updateOrCreate(['app_id' => $this->app->id, 'store' => $store, 'remote_id' => $one['id']], [
                    'stars' => max(1, min(5, $one['stars'])),
                    'words' => mb_substr($one['words'], 0, self::LONGEST),
                    'by' => mb_substr($one['by'], 0, 60),
                    'version' => mb_substr($one['version'], 0, 100),
                    'number' => $one['number'],
                    'written_at' => $one['at'],
                ]);
            }
            $old = $all()->orderByDesc('remote_id')->skip(self::MOST)->take(self::MOST)->pluck('id');
            StoreVoice::query()->whereIn('id', $old)->delete();
            Cache::forget("fallen:{$this->app->id}");
        }
    }

    /** @throws StoreUnreachable */
    public function answer(StoreDesk $desk, StoreVoice $voice, string $words): void
    {
        $submission = $this->stores()[$voice->store] ?? throw new StoreUnreachable('It is not released there any more, so nobody would read it.');
        $desk->answerVoice($submission, $voice->remote_id, $words);
        $voice->update(['answer' => $words]);
    }

    /** @return array{versions: list<array<string, mixed>>, newest: list<array<string, mixed>>} as VoicesState in docs/studio.schema.json */
    public function state(): array
    {
        $newest = StoreVoice::query()->where('app_id', $this->app->id)->orderByDesc('written_at')->orderByDesc('id')->limit(self::SHOWN)->get();

        return [
            'versions' => array_map(fn (array $one): array => [
                'store' => $one['name'],
                'version' => $one['version'],
                'count' => count($one['stars']->given),
                'mean' => round($one['stars']->mean(), 2),
                'fell' => $one['fell'],
            ], $this->versions()),
            'newest' => array_values($newest->map(fn (StoreVoice $one): array => [
                ...$one->only(['id', 'stars', 'words', 'by', 'version', 'answer']),
                'store' => (string) config("lanai.stores.$one->store.name"),
                'at' => $one->written_at->toIso8601String(),
            ])->all()),
        ];
    }

    /** @return list<string> of versions that people like less than the one before, in sentences */
    public function fallen(): array
    {
        return Cache::remember("fallen:{$this->app->id}", self::BELIEVED, $this->compared(...));
    }

    /** @return list<string> */
    private function compared(): array
    {
        $fallen = [];
        foreach ($this->versions() as $one) {
            if ($one['fell'] && $one['newest']) {
                $fallen[] = sprintf(
                    'In %s people give %s %.1f stars, and gave %.1f to the version before: more than chance explains. Read what they say under “How it does”.',
                    $one['name'],
                    $one['version'],
                    $one['stars']->mean(),
                    $one['before'],
                );
            }
        }

        return $fallen;
    }

    /** @return list<array{name: string, version: string, stars: Stars, before: float, fell: bool, newest: bool}> the newest of each store first */
    private function versions(): array
    {
        $given = [];
        foreach (StoreVoice::query()->where('app_id', $this->app->id)->orderByDesc('number')->get(['store', 'number', 'version', 'stars']) as $voice) {
            $given[$voice->store][$voice->number]['version'] ??= "$voice->version ($voice->number)";
            $given[$voice->store][$voice->number]['stars'][] = $voice->stars;
        }
        $versions = [];
        foreach ($given as $store => $numbers) {
            $numbers = array_values($numbers);
            foreach ($numbers as $i => $one) {
                $stars = new Stars($one['stars']);
                $before = isset($numbers[$i + 1]) ? new Stars($numbers[$i + 1]['stars']) : null;
                $versions[] = [
                    'name' => (string) config("lanai.stores.$store.name"),
                    'version' => (string) $one['version'],
                    'stars' => $stars,
                    'before' => $before?->mean() ?? 0.0,
                    'fell' => $before !== null && $stars->fellFrom($before),
                    'newest' => $i === 0,
                ];
            }
        }

        return $versions;
    }

    /** @return array<string, Submission> store => one of this app that people get there, or got */
    private function stores(): array
    {
        return Submission::query()->where('app_id', $this->app->id)->whereIn('state', ['rolling out', 'released', 'halted'])->with('build')->orderBy('id')
            ->get()->keyBy('store')->all();
    }
}
