<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Device\DeviceName;
use App\Models\Tester;
use App\Stores\Groups;
use App\Stores\Testing;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** What somebody finds who was asked to try an app, by the key in their letter. */
final class TryController
{
    public function show(string $key): Response
    {
        $tester = $this->tester($key);
        if ($tester->opened_at === null) {
            $tester->timestamps = false;
            $tester->update(['opened_at' => now()]);
        }

        return $this->page($tester, $key);
    }

    public function package(string $key): BinaryFileResponse
    {
        $tester = $this->tester($key);
        $build = (new Testing($tester->app))->package($tester) ?? abort(404);

        return response()->download($build->path(), $build->file, ['Content-Type' => 'application/vnd.android.package-archive']);
    }

    public function tell(Request $request, string $key): Response
    {
        $tester = $this->tester($key);
        $told = $request->validate(
            ['words' => ['required', 'string', 'max:2000'], 'screen' => ['nullable', 'string', 'max:200'], 'picture' => ['nullable', 'file', 'max:10240']],
            ['words.*' => 'Please say in a few words how it was, in 2,000 characters at most.', 'picture.*' => 'Please choose a picture of at most 10 MB.'],
        );
        $file = $request->file('picture');
        $picture = $file === null ? null : (string) file_get_contents((string) $file->getRealPath());
        (new Testing($tester->app))->tell($tester, $told['words'], $told['screen'] ?? '', $picture, DeviceName::of((string) $request->userAgent(), ''));

        return $this->page($tester, $key, 'Thank you. It is told.');
    }

    private function tester(string $key): Tester
    {
        $tester = Tester::byKey($key) ?? abort(404);
        abort_if($tester->until->isPast(), 410, 'This is over.');

        return $tester;
    }

    private function page(Tester $tester, string $key, string $said = ''): Response
    {
        $app = $tester->app->load('revision');
        $blueprint = Groups::revisionOf($app, $tester)->read();

        return response()->view('try', [
            'app' => $blueprint->name,
            'lang' => 'en',
            'news' => $blueprint->release->news,
            'version' => $blueprint->release->version,
            'open' => "/s/$app->share_code?try=$key",
            'package' => (new Testing($app))->package($tester) === null ? '' : "/try/$key/package",
            'tell' => "/try/$key/tell",
            'screens' => array_column($blueprint->screens, 'name'),
            'until' => $tester->until->format('j F Y'),
            'said' => $said,
        ])->header('Cache-Control', 'no-store');
    }
}
