<?php

declare(strict_types=1);

namespace Lanai\Core\Services;

use Lanai\Core\Model\Services\Service;
use Lanai\Core\Text\Pattern;

/** What went wrong with a call, in the terms of the job: what it means, and where to mend it. */
final class Explaining
{
    /**
     * @param  array<string, string>  $headers  of the answer, by name in small letters
     * @param  bool  $hasSecret  a secret is kept for this service
     * @param  int  $now  in seconds since 1970
     * @param  mixed  $json  of the answer, objects as arrays; null for none
     * @param  string  $near  what is written otherwise where it has answered, as NearMiss says it
     */
    public static function status(int $status, array $headers, Service $service, bool $hasSecret, int $now, mixed $json = null, string $near = ''): Trouble
    {
        $trouble = self::meaning($status, $headers, $service, $hasSecret, $now, $near);

        return new Trouble($trouble->kind, rtrim($trouble->sentence).self::words($json), $trouble->wait);
    }

    /** Why there is no token (RFC 6749, section 5.2), and the service could not be asked with one. */
    public static function noToken(int $status, ClientCredentials $signing, Service $service, mixed $json): Trouble
    {
        return new Trouble(
            'secret',
            "No token came from “{$signing->token}” (".
                ($status === 0 ? 'no answer' : $status).
                "), so $service->name was asked without one (401). Check that address, the client id and the client secret.".
                self::words($json),
        );
    }

    /** @param  array<string, string>  $headers */
    private static function meaning(int $status, array $headers, Service $service, bool $hasSecret, int $now, string $near): Trouble
    {
        $name = $service->name;
        $signing = $service->signsIn();
        $wait = self::wait($headers, $now);

        return match (true) {
            $status === 401 => new Trouble(
                'secret',
                match (true) {
                    $signing === null => "$name wants to know who calls (401), and nothing says how Lanai signs in to it. ".
                        self::challenge($headers).
                        'Add how it signs in, then its key.',
                    ! $hasSecret => "$name wants to know who calls (401), and no key is kept. ".
                        self::begun($signing->place()).
                        ' is empty: enter it under “Key”.',
                    default => "$name does not know the key (401). It was sent in {$signing->place()}; check that it goes there and that the key is "
                        .'still good. '.
                        self::challenge($headers),
                },
            ),
            $status === 403 => new Trouble('refused', "$name knows who calls and says no (403): the key may not do this. Its rights are set at the service."),
            $status === 404 => new Trouble(
                'missing',
                'There is nothing at this address (404). '.($near === '' ? 'Look at each step: names there differ by capital letters, too.' : $near),
            ),
            $status === 405 => new Trouble(
                'broken',
                "$name does not take this method here (405)".(isset($headers['allow']) ? "; it takes {$headers['allow']}" : '').'.',
            ),
            $status === 406 => new Trouble('broken', "$name cannot answer in the form that was asked for (406). Look at the header “Accept”."),
            $status === 408 => new Trouble('slow', "$name waited too long for the question (408)."),
            $status === 415 => new Trouble('broken', "$name does not take a body of this kind (415): try JSON or a form."),
            $status === 422, $status === 400 => new Trouble(
                'broken',
                "$name does not understand what was sent ($status). Compare names and types with its documentation.",
            ),
            $status === 429 => new Trouble(
                'limit',
                "$name has been asked too often (429). ".
                    ($wait === null ? 'It does not say how long to wait.' : 'It may be asked again in '.self::seconds($wait).'.'),
                $wait,
            ),
            $status === 503 => new Trouble(
                'broken',
                "$name is not at work just now (503).".($wait === null ? '' : ' It may be asked again in '.self::seconds($wait).'.'),
                $wait,
            ),
            $status >= 500 => new Trouble(
                'broken',
                "$name has a fault of its own ($status). Nothing here can mend it; Lanai shows the last good answer where there is one.",
            ),
            $status >= 300 && $status < 400 => new Trouble('broken', "$name leads on without saying where ($status)."),
            default => new Trouble('broken', "$name answered $status."),
        };
    }

    /** What a service says of a fault, where its answer has such a place: RFC 9457 calls it "detail" and "title"; the others are common practice, no source. */
    private static function words(mixed $json): string
    {
        foreach (['error.message', 'message', 'detail', 'error_description', 'errors[0].message', 'title', 'error', 'errors[0]'] as $way) {
            $found = is_array($json) ? RowsMade::search($way, $json) : null;
            if (is_string($found) && trim($found) !== '') {
                return ' Its own words: “'.mb_substr(trim(Pattern::replace('/\s+/', ' ', $found)), 0, 200).'”';
            }
        }

        return '';
    }

    private static function begun(string $words): string
    {
        return mb_strtoupper(mb_substr($words, 0, 1)).mb_substr($words, 1);
    }

    public static function slow(Service $service, int $seconds): Trouble
    {
        return new Trouble('slow', "$service->name did not answer within $seconds seconds.");
    }

    /** Why an answer with a good status is of no use; null where it is. */
    public static function body(Service $service, string $type, string $body): ?Trouble
    {
        $kind = strtolower(trim(explode(';', $type)[0]));
        if (json_decode($body) !== null || trim($body) === 'null') {
            return null;
        }
        $begins = mb_substr(trim(Pattern::replace('/\s+/', ' ', strip_tags(mb_scrub(substr($body, 0, 2000))))), 0, 80);

        return new Trouble(
            'broken',
            match (true) {
                trim($body) === '' => "$service->name answered with nothing.",
                Pattern::match('~[/+]json$~', $kind) => "$service->name says that it answers in JSON, but this is not JSON: it breaks off or has a "
                    ."fault in it. It begins with “{$begins}”.",
                str_contains($kind, 'html') => "$service->name answered with a page for people, not with "
                    ."JSON: “{$begins}”. The address may be that of its documentation, or the page of a sign-in.",
                default => "$service->name answered with “".($kind === '' ? 'something unnamed' : $kind)."”, not with JSON. It begins with “{$begins}”.",
            },
        );
    }

    /**
     * How long to wait (RFC 9110, section 10.2.3), in seconds.
     *
     * @param  array<string, string>  $headers
     */
    public static function wait(array $headers, int $now): ?int
    {
        $text = trim($headers['retry-after'] ?? '');
        if (Pattern::match('/^\d{1,7}$/', $text)) {
            return (int) $text;
        }
        $at = $text === '' ? null : Freshness::moment($text);

        return $at === null ? null : max(0, $at - $now);
    }

    public static function seconds(int $seconds): string
    {
        return match (true) {
            $seconds < 90 => $seconds === 1 ? 'one second' : "$seconds seconds",
            $seconds < 5400 => round($seconds / 60).' minutes',
            default => round($seconds / 3600).' hours',
        };
    }

    /** @param  array<string, string>  $headers */
    private static function challenge(array $headers): string
    {
        $text = trim($headers['www-authenticate'] ?? '');

        return $text === '' ? '' : 'It asks for “'.mb_substr(Pattern::replace('/[^\x20-\x7E]/', '', $text), 0, 120).'”. ';
    }
}
