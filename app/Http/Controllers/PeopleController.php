<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Jobs\SendNotice;
use App\Models\App;
use App\Models\Founder;
use App\Outbound\Practice;
use App\People\AccessTable;
use App\People\Notice;
use App\People\OpenId\ProviderTrouble;
use App\People\People;
use App\People\ProviderDesk;
use App\People\PublicPageDesk;
use App\People\Roll;
use App\People\Sights;
use App\Records\DataSet;
use DateTimeZone;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\Rule;
use Lanai\Core\Access\Rights;
use Lanai\Core\Access\Verdict;
use Lanai\Core\Formula\Moment;
use Lanai\Core\Model\Access\Verb;
use Lanai\Core\Rows\Refused;

/** The People station: who they are, how they get in, and who may see what. */
final class PeopleController
{
    public function show(Request $request, App $app, string $set): JsonResponse
    {
        $roll = new Roll($this->people($app, $set));

        return response()->json(
            $roll->page(
                $request->string('search')->limit(100, '')->value(),
                $request->string('only')->limit(60, '')->value(),
                max(1, $request->integer('page', 1)),
            ) + ['counts' => $roll->counts()],
        );
    }

    public function one(App $app, string $set, int $person): JsonResponse
    {
        return response()->json((new Roll($this->people($app, $set)))->one($person));
    }

    public function act(Request $request, App $app, string $set, int $person): JsonResponse
    {
        $request->validate([
            'what' => ['required', Rule::in(['block', 'unblock', 'sign out', 'delete', 'role', 'grant', 'decline'])],
            'role' => ['sometimes', 'string', 'max:100'],
        ]);
        try {
            /** @var 'block'|'unblock'|'sign out'|'delete'|'role'|'grant'|'decline' $what */
            $what = $request->string('what')->value();
            (new Roll($this->people($app, $set)))->act($person, $what, $request->string('role')->value());
        } catch (Refused $refused) {
            return response()->json(['message' => $refused->getMessage()], 422);
        }

        return response()->json([]);
    }

    public function invite(Request $request, App $app, string $set): JsonResponse
    {
        $request->validate(['email' => ['required', 'email', 'max:200']], ['email.*' => 'Please write an e-mail address.']);
        $address = rtrim((string) config('app.url'), '/').($set === 'live' ? "/a/$app->slug" : "/s/$app->share_code");
        $notice = Notice::invited($app->revision->read()->own(), $app->name, $address);
        SendNotice::dispatch($request->string('email')->lower()->value(), $notice->about, $notice->text, $app->name, Practice::boxOf($app));

        return response()->json([]);
    }

    /** Who may do what, table by table. */
    public function access(App $app): JsonResponse
    {
        return response()->json(['tables' => AccessTable::of($app->revision->read())]);
    }

    /** Whether a person may see, change and remove a row, and why. */
    public function verdict(Request $request, App $app, string $stored, int $row): JsonResponse
    {
        $blueprint = $app->revision->read();
        $table = $blueprint->tableStoredAs($stored) ?? abort(404);
        $people = $this->people($app, 'sandbox');
        $store = $people->store();
        $found = $store->byIds($table, [$row])[$row] ?? abort(404, 'This row is no longer there.');
        $me = $request->filled('person') ? $store->byIds($people->table(), [$request->integer('person')])[$request->integer('person')] ?? null : null;
        $rights = new Rights($blueprint, $store, new Moment(Date::now()->utc()->toDateTimeImmutable(), new DateTimeZone('UTC')), $me);

        return response()->json([
            'verdicts' => array_map(fn (Verb $v): array => ['verb' => $v->does()] + Verdict::of($rights, $v, $found)->jsonSerialize(), [
                Verb::See,
                Verb::Change,
                Verb::Remove,
            ]),
        ]);
    }

    public function sights(App $app): JsonResponse
    {
        return response()->json((new Sights($app, $app->revision->read()))->all());
    }

    public function providers(App $app, #[CurrentUser] Founder $founder): JsonResponse
    {
        return response()->json([
            'providers' => (new ProviderDesk($app, $app->revision->read()))->all(),
            'letterbox' => Practice::desk('letterbox', $founder),
            'gatehouse' => Practice::desk('gatehouse', $founder),
        ]);
    }

    public function provider(Request $request, App $app, string $set, #[CurrentUser] Founder $founder): JsonResponse
    {
        $request->validate(
            [
                'name' => ['required', 'string', 'max:100'],
                'issuer' => ['sometimes', 'url:http,https', 'max:300'],
                'client' => ['sometimes', 'string', 'max:300'],
                'secret' => ['nullable', 'string', 'max:500'],
            ],
            [
                'issuer.*' => 'Please write the address of the provider, as in https://accounts.example.',
                'client.*' => 'Please write the client id that the provider has given you.',
            ],
        );
        $desk = new ProviderDesk($app, $app->revision->read());
        try {
            $request->has('issuer')
                ? $desk->keep(
                    $request->string('name')->value(),
                    DataSet::from($set),
                    $request->string('issuer')->value(),
                    $request->string('client')->value(),
                    $request->string('secret')->value(),
                )
                : $desk->check($request->string('name')->value(), DataSet::from($set));
        } catch (ProviderTrouble $trouble) {
            return response()->json(['message' => $trouble->getMessage()], 422);
        }

        return $this->providers($app, $founder);
    }

    public function pages(App $app): JsonResponse
    {
        return response()->json(['pages' => PublicPageDesk::all($app)]);
    }

    /** Opens the pages from the outside, without any sign-in, as a store's reviewer would. */
    public function visitPages(App $app): JsonResponse
    {
        return response()->json(['pages' => PublicPageDesk::visited($app)]);
    }

    private function people(App $app, string $set): People
    {
        $blueprint = $app->revisionOf(DataSet::from($set))?->read() ?? abort(404, 'Nothing is live yet.');
        $blueprint->peopleTable() ?? abort(404, 'This app has no table of people yet.');

        $people = new People($app, DataSet::from($set), $blueprint);
        People::prepare(DB::connection($people->connection));

        return $people;
    }
}
