<?php

declare(strict_types=1);

namespace App\Services;

use App\Models\App;
use App\Models\ServiceCall;
use App\Records\DataSet;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\DB;
use Lanai\Core\Model\Services\Service;
use Lanai\Core\Play\Trail;
use Lanai\Core\Services\Call;
use Lanai\Core\Services\Cost;
use Lanai\Core\Services\Explaining;
use Lanai\Core\Services\JsonShape;
use Lanai\Core\Services\Request;
use Lanai\Core\Services\Trouble;

/** Keeps account of calls: how many there may be, what they cost, and whether answers still have their shape. */
final readonly class Ledger
{
    /** Calls that can be looked at. */
    private const KEPT = 300;

    public function __construct(private App $app, private DataSet $set)
    {
    }

    public static function waitingKey(App $app, DataSet $set, Service $service): string
    {
        return "waiting:$app->id:{$set->value}:".sha1($service->name);
    }

    /** Why a call must not go out now; null where it may. It is counted. */
    public function limit(Call $call, ?int $person, string $address = ''): ?Trouble
    {
        $service = $call->service;
        $until = AnswerDatabase::store()->get(self::waitingKey($this->app, $this->set, $service));
        if (is_int($until) && $until > time()) {
            return new Trouble(
                'limit',
                "$service->name asked for a pause; it may be asked again in ".Explaining::seconds($until - time()).'.',
                $until - time(),
            );
        }
        $enough = $service->enough === '' ? 'That is enough for today. Please come back tomorrow.' : $service->enough;
        // Who has not signed in is told apart by where they call from.
        if (
            $service->perPerson !== null &&
            $person === null &&
            $address !== '' &&
            ! AnswerDatabase::limiter()->attempt(
                'enough:'.hash('sha256', "{$this->app->id}/{$this->set->value}/$service->name/$address"),
                $service->perPerson,
                fn (): bool => true,
                86_400,
            )
        ) {
            return new Trouble(
                'own limit',
                "Somebody who has not signed in has asked $service->name $service->perPerson times within a day, which is the limit.",
                null,
                $enough,
            );
        }
        $today = gmdate('Y-m-d 00:00:00', Date::now()->getTimestamp());
        if ($service->perPerson !== null && $person !== null && $this->made($service, $today, $person)[0] >= $service->perPerson) {
            return new Trouble('own limit', "This person has asked $service->name $service->perPerson times today, which is the limit.", null, $enough);
        }
        if ($service->perDay !== null && $this->made($service, $today)[0] >= $service->perDay) {
            return new Trouble('own limit', "$service->name has been asked $service->perDay times today, which is the limit.", null, $enough);
        }
        if ($service->perMinute !== null) {
            $now = Date::now()->getTimestamp();
            [$count, $first] = $this->made($service, gmdate('Y-m-d H:i:s', $now - 59));
            if ($count >= $service->perMinute) {
                $wait = max(1, 60 - ($now - (int) strtotime("$first UTC")));

                return new Trouble(
                    'own limit',
                    "$service->name is asked at most $service->perMinute times a minute; that is reached for ".Explaining::seconds($wait).'.',
                    $wait,
                    'Many people are asking just now. Please try again in a moment.',
                );
            }
        }

        return null;
    }

    /**
     * @param  string  $from  UTC, as the database writes it
     * @return array{int, string} how many calls were made since, and when the first of them
     */
    private function made(Service $service, string $from, ?int $person = null): array
    {
        $made = DB::selectOne(
            'select count(*) as n, min(created_at) as first from service_calls where app_id = ? and dataset = ? and service = ? and created_at >= ?'.
                ($person === null ? '' : ' and person = ?'),
            [$this->app->id, $this->set->value, $service->name, $from, ...$person === null ? [] : [$person]],
        );

        return [(int) $made->n, (string) $made->first];
    }

    public function note(Call $call, Exchange $exchange, mixed $json, ?Trouble $trouble, ?int $person, Trail $trail): void
    {
        $service = $call->service;
        $meter = self::measured($call, $json);
        $cost = $trouble === null && $meter !== [] ? Cost::of($service, $meter) : null;
        ServiceCall::query()->insert([
            'app_id' => $this->app->id,
            'dataset' => $this->set->value,
            'service' => $service->name,
            'request' => $call->request->called(),
            'person' => $person,
            'status' => $exchange->status,
            'ms' => round($exchange->ms, 1),
            'bytes' => strlen($exchange->body),
            'cost' => $cost,
            'trouble' => mb_substr($trouble->sentence ?? '', 0, 400),
            'exchange' => (string) json_encode($exchange->data() + ['meter' => $meter], JSON_INVALID_UTF8_SUBSTITUTE),
            'created_at' => Date::now(),
        ]);
        if (random_int(0, 49) === 0) {
            $this->prune();
        }
        $trail->step(
            'call',
            "{$exchange->message->method} {$call->request->called()}: ".
                ($exchange->status === 0 ? 'no answer' : $exchange->status).
                ($trouble === null ? '' : ". $trouble->sentence"),
            '',
            ['address' => $exchange->message->url, 'status' => $exchange->status, 'took' => round($exchange->ms), 'bytes' => strlen($exchange->body)] +
                ($cost === null ? [] : ['cost' => (string) Cost::written($cost, $service)]),
        );
        if ($trouble === null && $call->request instanceof Request && $call->request->shape !== '' && $exchange->status === 200) {
            $this->shape($call->request, $exchange->body, $trail);
        }
    }

    /** @return list<string> addresses of a service that have answered of late, each once */
    public function answered(Service $service): array
    {
        $calls = ServiceCall::query()
            ->where(['app_id' => $this->app->id, 'dataset' => $this->set->value, 'service' => $service->name])
            ->whereBetween('status', [200, 299])
            ->orderByDesc('id')
            ->limit(200)
            ->get();

        return array_values(
            array_unique($calls->map(fn (ServiceCall $c): string => is_string($c->exchange['url'] ?? null) ? $c->exchange['url'] : '')->filter()->all()),
        );
    }

    /** @return array<string, list<string>> request => how its latest answer breaks the shape */
    public static function broken(App $app): array
    {
        $found = [];
        foreach (DataSet::cases() as $set) {
            $kept = AnswerDatabase::store()->get("shapes:$app->id:{$set->value}");
            foreach (is_array($kept) ? $kept : [] as $request => $sentences) {
                $found[(string) $request] = $sentences;
            }
        }

        return $found;
    }

    private function shape(Request $request, string $body, Trail $trail): void
    {
        $shape = json_decode($request->shape, true);
        $broken = is_array($shape) ? JsonShape::broken($shape, json_decode($body)) : [];
        foreach ($broken as $sentence) {
            $trail->step('answer', "$request->name: $sentence", '');
        }
        $key = "shapes:{$this->app->id}:{$this->set->value}";
        $kept = AnswerDatabase::store()->get($key);
        $kept = is_array($kept) ? $kept : [];
        if ($broken !== ($kept[$request->name] ?? [])) {
            $kept = $broken === [] ? array_diff_key($kept, [$request->name => true]) : [$request->name => $broken] + $kept;
            AnswerDatabase::store()->put($key, $kept, 30 * 86_400);
        }
    }

    /** @return array<string, mixed> what the call used, as the answer says it, else as it was reckoned before */
    private static function measured(Call $call, mixed $json): array
    {
        $meter = $call->message->meter;
        $usage = is_array($json) && is_array($json['usage'] ?? null) ? $json['usage'] : [];
        foreach (['in' => ['prompt_tokens', 'input_tokens'], 'out' => ['completion_tokens', 'output_tokens']] as $key => $names) {
            foreach ($names as $name) {
                if (is_int($usage[$name] ?? null)) {
                    $meter[$key] = $usage[$name];
                }
            }
        }

        return $meter;
    }

    private function prune(): void
    {
        $oldest = ServiceCall::query()->where('app_id', $this->app->id)->orderByDesc('id')->skip(self::KEPT)->value('id');
        if (is_int($oldest)) {
            ServiceCall::query()
                ->where('app_id', $this->app->id)
                ->where('id', '<=', $oldest)
                ->where('exchange', '!=', '{}')
                ->update(['exchange' => '{}']);
            ServiceCall::query()
                ->where('app_id', $this->app->id)
                ->where('created_at', '<', Date::now()->subDays(60))
                ->delete();
        }
    }
}
