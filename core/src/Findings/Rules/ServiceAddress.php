<?php

declare(strict_types=1);

namespace Lanai\Core\Findings\Rules;

use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Mend;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Findings\Rule;
use Lanai\Core\Findings\Station;
use Lanai\Core\Text\Pattern;

/** A service whose address leads nowhere, or to which a key would go where others can read it. */
final class ServiceAddress implements Rule
{
    /** What stays on this computer or in its network (RFC 6761, RFC 1918, RFC 4193). */
    private const NEAR = '~^(localhost|[^./]+\.localhost|127\.|10\.|192\.168\.|172\.(1[6-9]|2\d|3[01])\.|\[::1\]|\[f[cd])~i';

    public function holds(): string
    {
        return 'Each service has a whole address, and a key goes over https only.';
    }

    public function station(): Station
    {
        return Station::Services;
    }

    public function look(Reading $reading): iterable
    {
        foreach ($reading->blueprint->services as $i => $service) {
            foreach (['address' => $service->address, 'sandbox' => $service->sandbox] as $key => $address) {
                $at = "/services/$i/$key";
                if (trim($address) === '' || Pattern::match('/^stand-in:[a-z-]+/', $address)) {
                    continue;
                }
                if (! Pattern::match('~^(https?)://([^/?#\s]+)~i', $address, $found)) {
                    $whole = match (true) {
                        Pattern::match('~^//([\w-]+\.)+[a-z]{2,}~i', $address) => "https:$address",
                        Pattern::match('~^([\w-]+\.)+[a-z]{2,}(:\d+)?(/\S*)?$~i', $address) => "https://$address",
                        default => null,
                    };
                    yield Finding::blocking(
                        self::class,
                        $at,
                        "“{$address}” is only a part of an address, so $service->name cannot be reached. Write all of it, as in https://api.example.org/v1.",
                        $whole === null ? null : new Mend("Write “{$whole}”", [['op' => 'replace', 'path' => $at, 'value' => $whole]]),
                    );
                } elseif (strtolower($found[1]) === 'http' && $service->signing !== [] && ! Pattern::match(self::NEAR, $found[2])) {
                    $safe = 'https'.substr($address, 4);
                    yield Finding::blocking(
                        self::class,
                        $at,
                        "The key of $service->name would go over http, where anybody on the way can read it. Use https, or a service that has it.",
                        new Mend("Write “{$safe}”", [['op' => 'replace', 'path' => $at, 'value' => $safe]]),
                    );
                }
            }
        }
    }
}
