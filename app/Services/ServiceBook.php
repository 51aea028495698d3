<?php

declare(strict_types=1);

namespace App\Services;

use App\Models\App;
use App\Models\ServiceCall;
use App\Models\ServiceSecret;
use App\Outbound\Practice;
use App\Records\DataSet;
use Illuminate\Support\Facades\Date;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Services\Service;
use Lanai\Core\Services\Cost;

/** What the studio shows of an app's services beside their sentences: keys, calls, costs. */
final readonly class ServiceBook
{
    public function __construct(private App $app, private Blueprint $blueprint, private DataSet $set)
    {
    }

    /** @return array<string, mixed> */
    public function told(): array
    {
        return [
            'services' => array_map($this->service(...), $this->blueprint->services, array_keys($this->blueprint->services)),
            'calls' => ServiceCall::query()
                ->where(['app_id' => $this->app->id, 'dataset' => $this->set->value])
                ->orderByDesc('id')
                ->limit(40)
                ->get()
                ->map(
                    fn (ServiceCall $c): array => [
                        'id' => $c->id,
                        'service' => $c->service,
                        'request' => $c->request,
                        'status' => $c->status,
                        'ms' => (int) round($c->ms),
                        'bytes' => $c->bytes,
                        'trouble' => $c->trouble,
                        'at' => $c->created_at->toIso8601String(),
                        'cost' => $this->cost($c),
                    ],
                )
                ->all(),
        ];
    }

    public function keep(string $service, string $name, string $secret): void
    {
        $known =
            ServiceSecret::of($this->app, $this->set, $service) ??
            new ServiceSecret(['app_id' => $this->app->id, 'dataset' => $this->set->value, 'service' => $service]);
        $known->fill(['name' => trim($name), 'secret' => trim($secret)])->save();
    }

    public function revoke(string $service): void
    {
        ServiceSecret::of($this->app, $this->set, $service)?->delete();
    }

    /** @return array<string, mixed> */
    private function service(Service $service, int $i): array
    {
        $secret = ServiceSecret::of($this->app, $this->set, $service->name);
        $month = ServiceCall::query()
            ->where(['app_id' => $this->app->id, 'dataset' => $this->set->value, 'service' => $service->name])
            ->where('created_at', '>=', Date::now()->subDays(30));

        return [
            'at' => "/services/$i",
            'name' => $service->name,
            'address' => Practice::resolved($service->addressFor($this->set === DataSet::Live)),
            'practice' => str_starts_with($service->addressFor($this->set === DataSet::Live), 'stand-in:'),
            'asks' => $service->signsIn()?->asks() ?? [],
            'place' => $service->signsIn()?->place() ?? '',
            'secret' => $secret?->ends() ?? '',
            'secretName' => $secret->name ?? '',
            'calls' => (clone $month)->count(),
            'cost' => $service->prices === [] ? null : Cost::written((int) (clone $month)->sum('cost'), $service),
            'forecast' => $service->prices === []
                    ? null
                    : Cost::written((int) round(((int) (clone $month)->where('created_at', '>=', Date::now()->subDays(7))->sum('cost') / 7) * 30), $service),
        ];
    }

    private function cost(ServiceCall $call): ?string
    {
        foreach ($this->blueprint->services as $service) {
            if ($service->name === $call->service) {
                return $call->cost === null ? null : Cost::written($call->cost, $service);
            }
        }

        return null;
    }
}
