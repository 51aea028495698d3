<?php

declare(strict_types=1);

namespace App\Services;

use App\Models\App;
use App\Outbound\Practice;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Str;
use Lanai\Core\Edits\EditRefused;
use Lanai\Core\Language\Families;
use Lanai\Core\Language\Printer;
use Lanai\Core\Language\Prose;
use Lanai\Core\Model\Services\Secret;
use Lanai\Core\Model\Services\SignsIn;

/** Services that a founder has begun and not yet taken; a key that was found in what was pasted waits with them, encrypted. */
final readonly class Drafts
{
    private const SECONDS = 1800;

    public function __construct(private App $app)
    {
    }

    /** @return array<string, mixed> as the studio shows it */
    public function keep(PastedText $pasted): array
    {
        [$service, $secret] = [$pasted->service, $pasted->secret];
        // A stand-in is kept by its name: it is found wherever it runs.
        $service['address'] = Practice::named(self::addressOf($service));
        $id = Str::random(24);
        Cache::put($this->key($id), ['service' => $service, 'secret' => $secret === null ? null : encrypt([$secret->name, $secret->secret])], self::SECONDS);
        $requests = Prose::nodes($service['requests'] ?? []);

        return [
            'draft' => $id,
            'name' => $service['name'] ?? '',
            'address' => $service['address'],
            'signing' => isset($service['signing'][0])
                ? Printer::node(Prose::node($service['signing'][0]), Families::of(SignsIn::class)->classOf(Prose::node($service['signing'][0])))
                : '',
            'secret' => $secret === null ? '' : '…'.(strlen($secret->secret) < 8 ? '' : substr($secret->secret, -4)),
            'note' => $pasted->note,
            'requests' => array_map(
                fn (array $r): array => [
                    'name' => $r['name'] ?? '',
                    'method' => $r['method'] ?? 'GET',
                    'address' => $r['address'] ?? '',
                    'parts' => count(Prose::nodes($r['parts'] ?? [])),
                    'many' => isset($r['each']),
                ],
                $requests,
            ),
        ];
    }

    /** @param  array<string, mixed>  $service */
    private static function addressOf(array $service): string
    {
        return is_string($service['address'] ?? null) ? $service['address'] : '';
    }

    /** @return array{array<string, mixed>, Secret|null} */
    public function of(string $id): array
    {
        $kept = Cache::get($this->key($id));
        if (! is_array($kept)) {
            throw new EditRefused('This beginning is too old. Please paste it again.');
        }
        $secret = is_string($kept['secret']) ? decrypt($kept['secret']) : null;

        return [$kept['service'], is_array($secret) ? new Secret($secret[1], $secret[0]) : null];
    }

    private function key(string $id): string
    {
        return "draft:{$this->app->id}:$id";
    }
}
