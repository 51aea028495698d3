<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Device\Entry;
use App\Models\App;
use App\Packaging\DeviceFiles;
use App\Packaging\IconPainter;
use App\Packaging\ServiceWorker;
use App\Ways\Doors;
use App\Ways\Snippets;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Lanai\Core\Release\WebManifest;

/** What a live app needs to be put on the home screen, and to open there without a network. */
final class HomeScreenController
{
    private const DAY = 'public, max-age=86400';

    public function manifest(Request $request, string $key): Response
    {
        $at = "/a/$key";
        $entry = Entry::from($request, 'live', $key);
        $related = Snippets::related($entry->app, $entry->blueprint(), new Doors($entry->app));
        $manifest = WebManifest::of($entry->blueprint(), $at, $at) + ['related_applications' => $related, 'prefer_related_applications' => false];

        return response(json_encode($manifest, JSON_THROW_ON_ERROR | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE))
            ->header('Content-Type', 'application/manifest+json')
            ->header('Cache-Control', 'public, max-age=600');
    }

    /** It stands below the address that it works for, and so has to be let work for it. */
    public function worker(Request $request, string $key): Response
    {
        $entry = Entry::from($request, 'live', $key);
        $files = DeviceFiles::needed($entry->blueprint());
        $stamp = hash('sha256', json_encode([$files, $entry->revision->number], JSON_THROW_ON_ERROR));

        return response(ServiceWorker::of("a-$key", $stamp, "/a/$key", '/build/device/', "/media/{$entry->app->id}/", "/device/live/$key", $files))
            ->header('Content-Type', 'text/javascript')
            ->header('Service-Worker-Allowed', "/a/$key")
            ->header('Cache-Control', 'no-cache');
    }

    public function icon(Request $request, string $key, string $purpose, string $side): Response
    {
        $entry = Entry::from($request, 'live', $key);
        // A maskable icon keeps its content within the inner 80 %: https://www.w3.org/TR/appmanifest/#icon-masks
        $png = (new IconPainter($entry->app, $entry->blueprint()))->png((int) $side, $purpose === 'maskable' ? 0.7 : 0.96);

        return response($png)
            ->header('Content-Type', 'image/png')
            ->header('Cache-Control', self::DAY);
    }

    /** The live apps that have a package, each with the certificate of its key: their links open in them, and in no other program. */
    public function links(): JsonResponse
    {
        $links = [];
        foreach (App::query()->whereHas('signingKey')->whereNotNull('live_revision_id')->with(['signingKey', 'liveRevision'])->lazyById(100) as $app) {
            $package = $app->liveRevision?->read()->release->package ?? '';
            if ($package !== '') {
                $links[] = [
                    'relation' => ['delegate_permission/common.handle_all_urls'],
                    'target' => [
                        'namespace' => 'android_app',
                        'package_name' => $package,
                        'sha256_cert_fingerprints' => [strtoupper(implode(':', str_split((string) $app->signingKey?->fingerprint, 2)))],
                    ],
                ];
            }
        }

        return response()->json($links)->header('Cache-Control', 'public, max-age=600');
    }

    /**
     * The live apps that iPhones know by their team and package: their links open in them (Universal Links: the file “apple-app-site-association” with
     * “applinks”, “details”, “appIDs” and “components”, from memory).
     */
    public function universal(): JsonResponse
    {
        $details = [];
        foreach (App::query()->whereNotNull('live_revision_id')->with('liveRevision')->lazyById(100) as $app) {
            $id = $app->liveRevision?->read()->release->appId() ?? '';
            if ($id !== '') {
                $details[] = ['appIDs' => [$id], 'components' => [['/' => "/a/$app->slug"], ['/' => "/a/$app->slug/*"]]];
            }
        }

        return response()->json(['applinks' => ['details' => $details]])->header('Cache-Control', 'public, max-age=600');
    }
}
