<?php

declare(strict_types=1);

namespace App\Packaging;

use App\Models\App;
use App\Models\OwnHost;
use App\Outbound\AddressRefused;
use App\Outbound\Guard;
use App\Outbound\TextRecords;
use ErrorException;
use Illuminate\Database\QueryException;
use Illuminate\Http\Client\ConnectionException;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;
use Lanai\Core\Text\Pattern;
use RuntimeException;

/**
 * The name of one's own under which an app is found on the web. Whose it is is shown by a text in the DNS, or by a file that stands there before the name
 * leads here: Lanai never shows that file itself, as else whoever asks first would have the name.
 */
final class OwnAddress
{
    public const FILE = '/.well-known/lanai-proof.txt';

    private const RECORD = '_lanai';

    private const KNOWN = 'own hosts';

    /** Seconds. */
    private const BELIEVED = 60;

    /** Bytes of the file that are read. */
    private const LONG = 1000;

    /** @throws ValidationException where it is no name that one can have */
    public static function claim(App $app, string $host): OwnHost
    {
        $host = self::host($host);
        $had = OwnHost::query()->where('app_id', $app->id)->first();
        if ($had?->host === $host) {
            return $had;
        }
        $had?->delete();
        Cache::forget(self::KNOWN);

        return OwnHost::query()->create(['app_id' => $app->id, 'host' => $host, 'token' => Str::lower(Str::random(32))]);
    }

    public static function giveUp(App $app): void
    {
        OwnHost::query()->where('app_id', $app->id)->delete();
        Cache::forget(self::KNOWN);
    }

    /** @return string what is missing; '' where it is shown to be the founder's: then it is nobody else's any more */
    public static function prove(OwnHost $own, TextRecords $records): string
    {
        $text = self::text($own);
        if (! in_array($text, array_map(trim(...), $records->of(self::RECORD.".$own->host")), true) && ! self::inFile($own, $text)) {
            return 'Neither the text in the DNS nor the file is there yet, or they say something else. What is changed in the DNS can take some hours until it '
                .'is seen everywhere.';
        }
        OwnHost::query()->where('host', $own->host)->whereKeyNot($own->id)->update(['proven_at' => null]);
        $own->update(['proven_at' => now()]);
        Cache::forget(self::KNOWN);

        return '';
    }

    /** Where an app is found under a name of its own; null where it has none, or it was not shown to be the founder's. */
    public static function of(App $app): ?string
    {
        foreach (self::known() as $host => $known) {
            if ($known['slug'] === $app->slug) {
                return "https://$host";
            }
        }

        return null;
    }

    /** @return array{slug: string, code: string}|null the app that has a name, live and as it is shared; null for none */
    public static function at(string $host): ?array
    {
        return $host === self::here() ? null : self::known()[strtolower($host)] ?? null;
    }

    /** @return array<string, mixed>|null as OwnHostState of docs/studio.schema.json */
    public static function state(App $app): ?array
    {
        $own = OwnHost::query()->where('app_id', $app->id)->first();

        return $own === null ? null : [
            'host' => $own->host,
            'proven' => $own->proven_at !== null,
            'record' => self::RECORD.".$own->host",
            'file' => "https://$own->host".self::FILE,
            'text' => self::text($own),
            'proxy' => self::proxy($own),
        ];
    }

    private static function text(OwnHost $own): string
    {
        return "lanai-proof=$own->token";
    }

    private static function inFile(OwnHost $own, string $text): bool
    {
        foreach (['https', 'http'] as $scheme) {
            try {
                $answer = Guard::promise('GET', "$scheme://$own->host".self::FILE, [], '', [], 5)->wait();
                if ($answer->status() === 200 && trim(substr($answer->body(), 0, self::LONG)) === $text) {
                    return true;
                }
            } catch (AddressRefused|ConnectionException) {
                continue;
            }
        }

        return false;
    }

    /** @return array<string, array{slug: string, code: string}> by their hosts */
    private static function known(): array
    {
        $found = function (): array {
            $proven = OwnHost::query()->whereNotNull('proven_at')->with('app')->get();
            $live = $proven->filter(fn (OwnHost $own): bool => $own->app->live_revision_id !== null);

            return $live->mapWithKeys(fn (OwnHost $own): array => [$own->host => ['slug' => $own->app->slug, 'code' => $own->app->share_code]])->all();
        };
        try {
            return Cache::remember(self::KNOWN, self::BELIEVED, $found);
        } catch (QueryException|ErrorException|RuntimeException) {
            // Where nothing can be kept, as on a full disk, it is looked up each time: people still read.
            return $found();
        }
    }

    /** @throws ValidationException */
    private static function host(string $typed): string
    {
        $typed = Pattern::replace('~^https?://|[/.]+$~i', '', trim($typed));
        $ascii = idn_to_ascii(mb_strtolower($typed), IDNA_DEFAULT, INTL_IDNA_VARIANT_UTS46);
        $isName = is_string($ascii) && strlen($ascii) <= 200 && Pattern::match('/^(?:[a-z0-9](?:[a-z0-9-]{0,61}[a-z0-9])?\.)+[a-z][a-z0-9-]{1,61}$/D', $ascii);
        if (! $isName || $ascii === self::here()) {
            throw ValidationException::withMessages([
                'host' => $isName ? 'This is the name of Lanai itself.' : 'Please write a name such as swim.example.com, without anything before or behind it.',
            ]);
        }

        return (string) $ascii;
    }

    private static function here(): string
    {
        return strtolower((string) parse_url((string) config('app.url'), PHP_URL_HOST));
    }

    /** What a web server in front of Lanai is told, for nginx with certificates by the ACME client of the system. */
    private static function proxy(OwnHost $own): string
    {
        $port = parse_url((string) config('app.url'), PHP_URL_PORT) ?? 80;

        return <<<NGINX
        # /etc/nginx/sites-available/$own->host
        server {
            listen 80;
            listen [::]:80;
            server_name $own->host;

            location / {
                proxy_pass http://127.0.0.1:$port;
                proxy_set_header Host \$host;
                proxy_set_header X-Forwarded-For \$remote_addr;
                proxy_set_header X-Forwarded-Proto \$scheme;
                client_max_body_size 200m;
            }
        }
        NGINX;
    }
}
