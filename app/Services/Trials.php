<?php

declare(strict_types=1);

namespace App\Services;

use App\Models\App;
use App\Models\ServiceCall;
use App\Records\DataSet;
use App\Records\EloquentRecordStore;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Support\Facades\Cache;
use Lanai\Core\Data\RowCheck;
use Lanai\Core\Edits\EditRefused;
use Lanai\Core\Formula\Moment;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Services\Service;
use Lanai\Core\Model\UnreadableValue;
use Lanai\Core\Play\Scene;
use Lanai\Core\Play\Trail;
use Lanai\Core\Play\Visit;
use Lanai\Core\Rows\Reader;
use Lanai\Core\Rows\Refused;
use Lanai\Core\Services\AnswerStore;
use Lanai\Core\Services\Askable;
use Lanai\Core\Services\Call;
use Lanai\Core\Services\Challenge;
use Lanai\Core\Services\Cost;
use Lanai\Core\Services\FurtherPages;
use Lanai\Core\Services\InStep;
use Lanai\Core\Services\PictureFromWords;
use Lanai\Core\Services\Request;
use Lanai\Core\Services\RowsMade;
use Lanai\Core\Text\Pattern;

/** Requests tried out by the founder: what came back, and what it means. */
final readonly class Trials
{
    /** Characters of a body that are shown. */
    private const SHOWN = 400_000;

    public function __construct(private App $app, private Blueprint $blueprint, private DataSet $set)
    {
    }

    /**
     * @param  array<string, mixed>  $values  variable in formulas => as typed
     * @return array<string, mixed>
     */
    public function try(string $request, array $values): array
    {
        [$service, $asked] = Call::asked($this->blueprint, $request) ?? throw new EditRefused('There is no such request any more.');
        $desk = new ServiceDesk($this->app, $this->set);
        try {
            [$call, $visit] = $this->call($service, $asked, $values, $desk);
        } catch (UnreadableValue|Refused $wrong) {
            return ['sent' => null, 'trouble' => $wrong->getMessage(), 'answer' => null];
        }
        [$answer, $exchange] = $desk->try($call, $visit);
        $json = $exchange === null ? null : json_decode($exchange->body);
        $isJson = $exchange !== null && ($json !== null || trim($exchange->body) === 'null');
        if ($isJson) {
            Cache::put($this->key($request), [$exchange->body, $exchange->headers['link'] ?? ''], 3600);
        }
        $made = new RowsMade($this->blueprint);
        $rows = $answer->isThere() ? $made->of($asked, $answer) : [];

        return [
            'sent' => $exchange === null ? null : self::sent($call, $service),
            'trouble' => $answer->trouble === null ? '' : $answer->trouble->sentence,
            'answer' => $exchange === null
                    ? null
                    : [
                        'status' => $exchange->status,
                        'ms' => round($exchange->ms),
                        'bytes' => strlen($exchange->body),
                        'headers' => $exchange->headers,
                        'type' => $exchange->headers['content-type'] ?? '',
                        'json' => $isJson ? $json : null,
                        'isJson' => $isJson,
                        'text' => ! $isJson && mb_check_encoding($exchange->body, 'UTF-8') ? mb_substr($exchange->body, 0, 4000) : '',
                        'cut' => strlen($exchange->body) > self::SHOWN,
                    ],
            'files' => $answer->files,
            'rows' => count($rows),
            'remarks' => $made->remarks,
            'signing' => $exchange?->status === 401 && $service->signsIn() === null && $call->service->signsIn() === null
                    ? Challenge::asked($exchange->headers['www-authenticate'] ?? '')
                    : [],
            'further' => $asked instanceof Request && $exchange !== null && $answer->trouble === null
                    ? array_column(FurtherPages::in($asked, $exchange->headers['link'] ?? '', json_decode($exchange->body, true)), 'label')
                    : [],
            'cost' => $call->message->meter === [] ? null : Cost::written(Cost::of($service, $call->message->meter), $service),
        ];
    }

    /**
     * The message as it would go out now.
     *
     * @param  array<string, mixed>  $values
     * @return array<string, mixed>
     */
    public function preview(string $request, array $values): array
    {
        [$service, $asked] = Call::asked($this->blueprint, $request) ?? throw new EditRefused('There is no such request any more.');
        try {
            [$call] = $this->call($service, $asked, $values, new ServiceDesk($this->app, $this->set));

            return [
                'sent' => self::sent($call, $service),
                'trouble' => '',
                'answer' => null,
                'cost' => $call->message->meter === [] ? null : Cost::written(Cost::of($service, $call->message->meter), $service),
            ] + ($asked instanceof PictureFromWords ? ['forecast' => $this->forecast($service, $asked)] : []);
        } catch (UnreadableValue|Refused $wrong) {
            return ['sent' => null, 'trouble' => $wrong->getMessage(), 'answer' => null];
        }
    }

    /**
     * What would change in a table that is kept in step with a list.
     *
     * @param  array<string, mixed>  $values
     * @return array<string, mixed>
     *
     * @throws Refused
     */
    public function step(string $request, array $values, string $table, string $key): array
    {
        [$service, $asked] = Call::asked($this->blueprint, $request) ?? throw new EditRefused('There is no such request any more.');
        $kept = $this->blueprint->table($table) ?? throw new EditRefused('There is no such table any more.');
        $desk = new ServiceDesk($this->app, $this->set);
        try {
            [$call, $visit] = $this->call($service, $asked, $values, $desk, InStep::MOST);
        } catch (UnreadableValue $wrong) {
            throw new Refused($wrong->getMessage());
        }
        [$answer] = $desk->try($call, $visit);
        if (! $answer->isThere() || $answer->trouble !== null) {
            throw new Refused($answer->trouble->sentence ?? 'There is no answer.');
        }
        $made = new RowsMade($this->blueprint);
        $rows = $made->of($asked, $answer);
        $store = new AnswerStore(new EloquentRecordStore($this->app, $this->set, $this->blueprint), $made, $visit->moment);
        $plan = InStep::plan(
            $kept,
            $key,
            $rows,
            [],
            new Scene($this->blueprint, $store, new Reader($store), $visit->moment, Trail::none(), visit: $visit),
            new RowCheck($store, $visit->moment, null),
        );

        return $plan->told($kept);
    }

    /** @return list<array{size: string, costs: list<string>, seconds: list<string>}> by size, for one to four at once */
    private function forecast(Service $service, PictureFromWords $asked): array
    {
        // How long a picture takes is known from those that were drawn; as many times more pixels take as many times longer.
        $each = [];
        foreach (
            ServiceCall::query()
                ->where(['app_id' => $this->app->id, 'service' => $service->name, 'request' => $asked->name, 'status' => 200])
                ->orderByDesc('id')
                ->limit(20)
                ->get() as $drawn
        ) {
            $count = is_int($drawn->exchange['meter']['pictures'] ?? null) ? max(1, $drawn->exchange['meter']['pictures']) : 1;
            $side = Pattern::match('/"size":"(\d+)x/', (string) ($drawn->exchange['body'] ?? ''), $found) ? (int) $found[1] : 512;
            $each[] = $drawn->ms / $count / $side ** 2;
        }

        return $asked->forecast($service, $each === [] ? null : array_sum($each) / count($each));
    }

    /** The body of the last good trial of a request; null where it was not tried lately. */
    public function last(string $request): ?string
    {
        return $this->kept($request)[0] ?? null;
    }

    /** @return array<string, mixed>|null what a request gets to read on in the way that its last trial showed; null where it showed none */
    public function further(Request $asked, int $way): ?array
    {
        [$body, $link] = $this->kept($asked->name) ?? ['null', ''];

        return FurtherPages::in($asked, $link, json_decode($body, true))[$way]['parts'] ?? null;
    }

    /** @return array{string, string}|null body and "Link" header of the last good trial */
    private function kept(string $request): ?array
    {
        $kept = Cache::get($this->key($request));

        return is_array($kept) && is_string($kept[0] ?? null) && is_string($kept[1] ?? null) ? [$kept[0], $kept[1]] : null;
    }

    /**
     * @param  array<string, mixed>  $values
     * @return array{Call, Visit}
     */
    private function call(Service $service, Askable $asked, array $values, ServiceDesk $desk, int $rows = 200): array
    {
        $zone = new DateTimeZone('UTC');
        $visit = new Visit(new Moment(new DateTimeImmutable('now', $zone), $zone), waits: true);
        $store = new EloquentRecordStore($this->app, $this->set, $this->blueprint);
        $reader = new Reader($store);
        $scene = new Scene($this->blueprint, $store, $reader, $visit->moment, Trail::none(), [], [], visit: $visit);

        return [Call::tried($service, $asked, $values, $scene, $desk->base($service), $rows), $visit];
    }

    /** @return array<string, mixed> the message with what shows who calls left out but named */
    private static function sent(Call $call, Service $service): array
    {
        $message = $call->message;
        $signing = $call->service->signsIn();

        return [
            'method' => $message->method,
            'url' => $message->url,
            'headers' => $message->headers + ($message->type === '' ? [] : ['Content-Type' => $message->type]),
            'body' => $message->body,
            'signs' => $signing === null ? '' : $signing->place(),
            'pieces' => array_map(fn (array $p): array => ['name' => $p['name'], 'value' => $p['value']], $message->pieces),
        ];
    }

    private function key(string $request): string
    {
        return "trial:{$this->app->id}:{$this->set->value}:".sha1(mb_strtolower($request));
    }
}
