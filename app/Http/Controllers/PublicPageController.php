<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\App;
use App\People\AccountDesk;
use App\People\Departure;
use App\People\People;
use App\People\PublicPageDesk;
use App\Records\DataSet;
use DateTimeZone;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Date;
use Lanai\Core\Formula\Moment;
use Lanai\Core\People\PublicPages;
use Lanai\Core\Play\Visit;
use Lanai\Core\Rows\Refused;
use Lanai\Core\Text\Pattern;

/** The pages that stores and providers demand: open to everybody, without signing in. */
final class PublicPageController
{
    public function show(Request $request, string $slug, string $key): Response
    {
        $app = App::query()
            ->with(['revision', 'liveRevision'])
            ->where('slug', $slug)
            ->firstOrFail();
        // What is not live yet is nobody's business but its founder's.
        abort_unless($app->liveRevision !== null || $request->user()?->getKey() === $app->founder_id, 404);
        $blueprint = ($app->liveRevision ?? $app->revision)->read();
        $pages = new PublicPages($blueprint, PublicPageDesk::calls($blueprint));

        return $this->page(
            $app,
            $key,
            $pages->paragraphs($key),
            $key === 'deletion' && $blueprint->signIn !== null && $app->liveRevision !== null ? 'address' : '',
        );
    }

    /** Deletes an account from outside of the app: a code to its address, then the code. */
    public function delete(Request $request, string $slug): Response
    {
        $app = App::query()
            ->with(['revision', 'liveRevision'])
            ->where('slug', $slug)
            ->firstOrFail();
        $blueprint = $app->liveRevision?->read() ?? abort(404);
        $people = new People($app, DataSet::Live, $blueprint);
        $desk = new AccountDesk($people);
        $visit = new Visit(
            new Moment(Date::now()->utc()->toDateTimeImmutable(), new DateTimeZone('UTC')),
            pending: (string) $request->session()->get("deleting/$app->id"),
            device: 'the deletion page',
            address: (string) $request->ip(),
        );
        try {
            if ($request->filled('email')) {
                $request->session()->put("deleting/$app->id", $desk->beginDeletion($visit, $request->string('email')->limit(200, '')->value()));

                return $this->page(
                    $app,
                    'deletion',
                    ['Type the six digits from the letter. With them, your account and what belongs to it are deleted at once.'],
                    'code',
                );
            }
            $proof = $desk->proveCode($visit, Pattern::replace('/\s+/', '', $request->string('code')->limit(20, '')->value()));
        } catch (Refused $refused) {
            return $this->page($app, 'deletion', [$refused->getMessage()], $request->filled('email') ? 'address' : 'code', 422);
        }
        $request->session()->forget("deleting/$app->id");
        $account = $proof->account === null ? null : $people->accounts()->find($proof->account);
        $account === null ?: (new Departure($people))->of($account->person);

        return $this->page($app, 'deletion', ['There is no account for this address any more.']);
    }

    /** @param  list<string|list<string>>  $paragraphs */
    private function page(App $app, string $key, array $paragraphs, string $asks = '', int $status = 200): Response
    {
        return response()->view(
            'public',
            [
                'app' => $app->name,
                'title' => PublicPages::title($key),
                'paragraphs' => $paragraphs,
                'go' => '',
                'asks' => $asks,
                'send' => "/p/$app->slug/deletion",
            ],
            $status,
        );
    }
}
