<?php

declare(strict_types=1);

namespace App\Stores;

use App\Apps\Facts;
use App\Apps\LayoutSurvey;
use App\Models\App;
use App\Outbound\AddressRefused;
use App\Outbound\Guard;
use App\Packaging\ServerAddress;
use App\People\Reviewer;
use GuzzleHttp\Promise\Utils;
use Illuminate\Http\Client\Response;
use Illuminate\Support\Facades\Cache;
use Lanai\Core\Findings\Finding;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Languages\Language;
use Lanai\Core\Review\Book;
use Lanai\Core\Review\Candidate;
use Lanai\Core\Review\Opinion;
use Lanai\Core\Text\Pattern;

/** Looks at an app as a store would, before it is handed in. */
final readonly class ReviewDesk
{
    /** Addresses that are tried, seconds for each of them, and for how long it is believed what came of it. */
    private const LINKS = 20;

    private const PATIENCE = 6;

    private const BELIEVED = 600;

    /** Seconds for which screens are laid out. */
    private const SURVEYED = 12;

    public function __construct(private App $app)
    {
    }

    /**
     * @param  'quay'|'pier'  $store
     * @param  bool  $here  it is handed in at a practice store on this computer: no phone has to find the server
     * @return list<Opinion>
     */
    public function opinions(string $store, bool $here = false): array
    {
        $blueprint = $this->app->revision->read();
        [$surveyed, $left] = $this->surveyed($blueprint);

        return Book::of(new Candidate(
            $blueprint,
            $store,
            [...Facts::findings($this->app), ...$surveyed],
            $this->spoken($blueprint),
            $this->dead($blueprint),
            $this->broken($blueprint),
            $here ? '' : ServerAddress::refusal($this->app),
            $this->app->lastApprovedBuild(),
            $this->others(),
            $this->app->live_revision_id === $this->app->revision->id,
            $left,
            (new StorePictures($this->app))->against(),
            Reviewer::of($this->app) !== null,
        ));
    }

    /**
     * What laying out the screens shows. What was laid out before is remembered; what takes too long is left for the next time.
     *
     * @return array{list<Finding>, int} and how many screens are left
     */
    private function surveyed(Blueprint $blueprint): array
    {
        $survey = new LayoutSurvey($this->app);
        $until = microtime(true) + self::SURVEYED;
        $findings = [];
        foreach (array_keys($blueprint->screens) as $i) {
            if (microtime(true) > $until) {
                return [$findings, count($blueprint->screens) - $i];
            }
            array_push($findings, ...$survey->screens(null, $i)[0]['findings'] ?? []);
        }

        return [$findings, 0];
    }

    /** What was found for either store, by its id; null where it is not there any more. */
    public function finding(string $id): ?Finding
    {
        foreach (['quay', 'pier'] as $store) {
            foreach ($this->opinions($store) as $opinion) {
                foreach ($opinion->findings as $finding) {
                    if ($finding->id() === $id) {
                        return $finding;
                    }
                }
            }
        }

        return null;
    }

    /** @return array<string, Blueprint> */
    private function spoken(Blueprint $blueprint): array
    {
        $spoken = [];
        foreach (array_filter($blueprint->languages, fn (Language $one): bool => ! $one->hidden) as $language) {
            $spoken[$language->tongue] = $this->app->revision->spoken($language->tongue);
        }

        return $spoken;
    }

    /** @return array<string, string> address => why nobody gets there */
    private function dead(Blueprint $blueprint): array
    {
        $whole = array_filter((new Candidate($blueprint, 'quay'))->addresses(), fn (string $one): bool => Pattern::match('~^https?://[^\s{}]+$~iD', $one));
        $addresses = array_slice(array_values(array_unique($whole)), 0, self::LINKS);
        $key = fn (string $address): string => 'leads:'.md5($address);
        $asked = [];
        foreach ($addresses as $address) {
            if (! Cache::has($key($address))) {
                $asked[$address] = Guard::promise('GET', $address, [], '', [], self::PATIENCE);
            }
        }
        foreach (Utils::settle($asked)->wait() as $address => $came) {
            Cache::put($key((string) $address), self::wrong($came), self::BELIEVED);
        }

        return array_filter(array_combine($addresses, array_map(fn (string $address): string => (string) Cache::get($key($address)), $addresses)));
    }

    /** @param  array{state: string, value?: mixed, reason?: mixed}  $came */
    private static function wrong(array $came): string
    {
        $answer = $came['value'] ?? null;
        $reason = $came['reason'] ?? null;

        return match (true) {
            $answer instanceof Response => $answer->status() >= 400 ? "it answers {$answer->status()}." : '',
            $reason instanceof AddressRefused => $reason->getMessage(),
            default => 'nothing answers there.',
        };
    }

    /** @return list<string> what keeps it from opening, in its own language and in the others */
    private function broken(Blueprint $blueprint): array
    {
        $at = array_search($blueprint->firstScreen(), $blueprint->screens, true);
        if ($at === false || $blueprint->screens[$at]->signedIn || $blueprint->screens[$at]->having !== '') {
            return [];
        }
        $broken = [];
        foreach (['', ...array_keys($this->spoken($blueprint))] as $tongue) {
            $problem = (new LayoutSurvey($this->app, $tongue))->screens(null, $at)[0]['problem'] ?? '';
            if ($problem !== '') {
                $broken[] = "“{$blueprint->screens[$at]->name}”, with which the app opens, does not show: $problem";
            }
        }

        return array_values(array_unique($broken));
    }

    /** @return list<string> */
    private function others(): array
    {
        $others = App::query()->where('founder_id', $this->app->founder_id)->whereKeyNot($this->app->id)->whereNotNull('live_revision_id')->with(
            'liveRevision',
        );

        return array_values(array_filter($others->limit(100)->get()->map(fn (App $app): string => $app->liveRevision?->read()->release->title ?? '')->all()));
    }
}
