<?php

declare(strict_types=1);

namespace App\Services;

use App\Models\App;
use App\Records\DataSet;
use App\Records\EloquentRecordStore;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Support\Facades\Cache;
use Lanai\Core\Blueprint\Blueprint;
use Lanai\Core\Blueprint\EditRefused;
use Lanai\Core\Data\FieldTypes\LinkType;
use Lanai\Core\Data\UnreadableValue;
use Lanai\Core\Formula\Moment;
use Lanai\Core\Runtime\Reader;
use Lanai\Core\Runtime\Refused;
use Lanai\Core\Runtime\Scene;
use Lanai\Core\Runtime\Trail;
use Lanai\Core\Runtime\Visit;
use Lanai\Core\Services\Askable;
use Lanai\Core\Services\Call;
use Lanai\Core\Services\Cost;
use Lanai\Core\Services\RowsMade;
use Lanai\Core\Services\Service;

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
        [$service, $asked] = $this->blueprint->asked($request) ?? throw new EditRefused('There is no such request any more.');
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
            Cache::put($this->key($request), $exchange->body, 3600);
        }
        $made = new RowsMade($this->blueprint);
        $rows = $answer->isThere() ? $made->of($asked, $answer) : [];

        return [
            'sent' => $exchange === null ? null : self::sent($call, $service),
            'trouble' => $answer->trouble === null ? '' : $answer->trouble->sentence,
            'answer' => $exchange === null ? null : [
                'status' => $exchange->status, 'ms' => round($exchange->ms), 'bytes' => strlen($exchange->body), 'headers' => $exchange->headers, 'type' => $exchange->headers['content-type'] ?? '',
                'json' => $isJson ? $json : null, 'isJson' => $isJson, 'text' => $isJson ? '' : (preg_match('//u', $exchange->body) === 1 ? mb_substr($exchange->body, 0, 4000) : ''), 'cut' => strlen($exchange->body) > self::SHOWN,
            ],
            'files' => $answer->files,
            'rows' => count($rows),
            'remarks' => $made->remarks,
            'cost' => $call->message->meter === [] ? null : self::money(Cost::of($service, $call->message->meter), $service),
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
        [$service, $asked] = $this->blueprint->asked($request) ?? throw new EditRefused('There is no such request any more.');
        try {
            [$call] = $this->call($service, $asked, $values, new ServiceDesk($this->app, $this->set));

            return ['sent' => self::sent($call, $service), 'trouble' => ''];
        } catch (UnreadableValue|Refused $wrong) {
            return ['sent' => null, 'trouble' => $wrong->getMessage()];
        }
    }

    /** The body of the last good trial of a request; null where it was not tried lately. */
    public function last(string $request): ?string
    {
        $kept = Cache::get($this->key($request));

        return is_string($kept) ? $kept : null;
    }

    public static function money(?int $cost, Service $service): ?string
    {
        return $cost === null ? null : rtrim(rtrim(number_format($cost / 1e6, 6, '.', ''), '0'), '.').' '.$service->currency;
    }

    /**
     * @param  array<string, mixed>  $values
     * @return array{Call, Visit}
     */
    private function call(Service $service, Askable $asked, array $values, ServiceDesk $desk): array
    {
        $zone = new DateTimeZone('UTC');
        $visit = new Visit(new Moment(new DateTimeImmutable('now', $zone), $zone), waits: true);
        $store = new EloquentRecordStore($this->app, $this->set, $this->blueprint);
        $reader = new Reader($store);
        $scene = new Scene($this->blueprint, $store, $reader, $visit->moment, Trail::none(), [], [], visit: $visit);
        $names = [];
        foreach ($asked->taken() as $i => $variable) {
            $typed = $values[$variable->key()] ?? null;
            $typed = $typed === null || $typed === '' ? ($variable->tried !== '' ? $variable->tried : null) : $typed;
            try {
                $value = $typed === null ? null : $variable->type->read($typed);
            } catch (UnreadableValue $wrong) {
                throw new UnreadableValue("$variable->name: {$wrong->getMessage()}");
            }
            $one = $variable->type->type()->one;
            $names[$variable->key()] = $value === null ? ($variable->begins === '' ? null : $scene->value($variable->begins, "takes/$i")) : (is_int($value) && $variable->type instanceof LinkType ? $reader->row($one, $value) : $value);
        }

        return [new Call($service, $asked, $asked->message($desk->base($service), $scene->about($names))), $visit];
    }

    /** @return array<string, mixed> the message with what shows who calls left out but named */
    private static function sent(Call $call, Service $service): array
    {
        $message = $call->message;
        $signing = $service->signsIn();

        return ['method' => $message->method, 'url' => $message->url, 'headers' => $message->headers + ($message->type === '' ? [] : ['Content-Type' => $message->type]), 'body' => $message->body, 'signs' => $signing === null ? '' : $signing->place(),
            'pieces' => array_map(fn (array $p): array => ['name' => $p['name'], 'value' => $p['value']], $message->pieces)];
    }

    private function key(string $request): string
    {
        return "trial:{$this->app->id}:{$this->set->value}:".sha1(mb_strtolower($request));
    }
}
