<?php

declare(strict_types=1);

namespace App\Ways;

use App\Models\App;
use App\Models\Submission;
use App\Packaging\ServerAddress;
use Lanai\Core\Text\Pattern;

/** Where somebody gets an app: in the store for their phone, once it is released there, and everywhere on the web. */
final readonly class Doors
{
    /** The store of each kind of phone. */
    private const STORES = ['android' => 'quay', 'ios' => 'pier'];

    public function __construct(private App $app)
    {
    }

    /** @return array<string, string> kind of phone => the store's page of the app; none where it is not released */
    public function stores(): array
    {
        $pages = [];
        $released = Submission::query()
            ->where('app_id', $this->app->id)
            ->whereIn('store', self::STORES)
            ->whereIn('state', ['rolling out', 'released'])
            ->where('page', '!=', '')
            ->orderBy('id')
            ->get(['store', 'page']);
        foreach ($released as $submission) {
            $pages[(string) $submission->store] = (string) $submission->page;
        }
        $stores = [];
        foreach (self::STORES as $phone => $store) {
            if (isset($pages[$store])) {
                $stores[$phone] = $pages[$store];
            }
        }

        return $stores;
    }

    /** The one link for everybody: it leads to the app where that is on the phone, else to the store for it, else to the web. */
    public function link(string $at = '', string $from = ''): string
    {
        $query = http_build_query(array_filter(['at' => $at, 'from' => $from], fn (string $part): bool => $part !== ''));

        return $this->home().'/get'.($query === '' ? '' : '?'.str_replace('%2F', '/', $query)).($at === '' ? '' : "#/$at");
    }

    /** The app on the web. */
    public function web(string $at = '', string $from = ''): string
    {
        $query = http_build_query(array_filter(['at' => $at, 'from' => $from], fn (string $part): bool => $part !== ''));

        return $this->home().($query === '' ? '' : '?'.str_replace('%2F', '/', $query)).($at === '' ? '' : "#/$at");
    }

    /** The page of the store for a phone; null where there is none. */
    public function storeFor(string $userAgent): ?string
    {
        return $this->stores()[self::phone($userAgent)] ?? null;
    }

    /**
     * What somebody opens a link with, by what it says of itself (common practice, no source). A tablet that says it is a computer is told apart on the
     * page alone.
     *
     * @return 'android'|'ios'|'other'
     */
    public static function phone(string $userAgent): string
    {
        return match (true) {
            Pattern::match('/\bAndroid\b/', $userAgent) => 'android',
            Pattern::match('/\b(iPhone|iPad|iPod)\b/', $userAgent) => 'ios',
            default => 'other',
        };
    }

    private function home(): string
    {
        return ServerAddress::of($this->app)."/a/{$this->app->slug}";
    }
}
