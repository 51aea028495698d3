<?php

declare(strict_types=1);

namespace App\Services;

use App\Apps\Pictures;
use App\Apps\Uploads;
use App\Models\App;
use App\Models\ServiceSecret;
use App\Outbound\Practice;
use App\Records\DataSet;
use Generator;
use GuzzleHttp\Promise\Utils;
use Illuminate\Contracts\Cache\Lock;
use Illuminate\Contracts\Cache\LockTimeoutException;
use Illuminate\Validation\ValidationException;
use Lanai\Core\Model\Services\Message;
use Lanai\Core\Model\Services\Secret;
use Lanai\Core\Model\Services\Service;
use Lanai\Core\Play\Trail;
use Lanai\Core\Play\Visit;
use Lanai\Core\Services\Answer;
use Lanai\Core\Services\Call;
use Lanai\Core\Services\ClientCredentials;
use Lanai\Core\Services\Cost;
use Lanai\Core\Services\Explaining;
use Lanai\Core\Services\Freshness;
use Lanai\Core\Services\HeldToShape;
use Lanai\Core\Services\NearMiss;
use Lanai\Core\Services\Request;
use Lanai\Core\Services\RowsMade;
use Lanai\Core\Services\Services;
use Lanai\Core\Services\Trouble;
use Lanai\Core\Services\WebLinks;
use Lanai\Core\Text\Pattern;

/** Asks outside services for an app: together, through the cache, within limits, again where that does no harm; and keeps account. */
final class ServiceDesk implements Services
{
    /** Seconds that an answer may take. */
    private const PATIENCE = 20;

    /** Pages of one list. */
    private const PAGES = 20;

    /** Milliseconds before the second and third try. */
    private const BACK_OFF = [300, 900, 1800, 3000];

    /** Seconds of waiting that a service may ask for within one call. */
    private const WAITS = 3;

    /** @var array<string, Secret|null> */
    private array $secrets = [];

    /** @var array<string, Trouble> service => why it gave no token */
    private array $untold = [];

    private readonly AnswerCache $cache;

    private readonly Wire $wire;

    private readonly Ledger $ledger;

    public function __construct(private readonly App $app, private readonly DataSet $set)
    {
        $this->cache = new AnswerCache($app, $set);
        $this->wire = new Wire($app);
        $this->ledger = new Ledger($app, $set);
    }

    public function base(Service $service): string
    {
        return Practice::resolved($service->addressFor($this->set === DataSet::Live));
    }

    public function kept(Call $call): ?Answer
    {
        return $call->reads() ? AnswerCache::fresh($this->cache->of($call), $call) : null;
    }

    public function ask(array $calls, Visit $visit, Trail $trail): array
    {
        $answers = [];
        $locks = $this->locked($calls);
        try {
            $running = [];
            foreach ($calls as $key => $call) {
                $known = $call->reads() ? $this->cache->of($call) : null;
                $kept = AnswerCache::fresh($known, $call);
                if ($kept !== null) {
                    $trail->step('answer', "{$call->request->called()}, got by somebody else a moment ago", '');
                    $answers[$key] = $kept;
                } else {
                    $running[$key] = $this->asking($call, $visit, $trail, $known);
                }
            }
            while ($running !== []) {
                $sent = [];
                foreach ($running as $key => $work) {
                    if ($work->valid()) {
                        [$message, $service, $after] = $work->current();
                        $sent[$key] = $this->wire->send($message, $service->signsIn(), $this->secret($service), self::PATIENCE, $after);
                    } else {
                        $answers[$key] = $work->getReturn();
                        unset($running[$key]);
                    }
                }
                foreach (Utils::unwrap($sent) as $key => $exchange) {
                    $running[$key]->send($exchange);
                }
            }
        } finally {
            foreach ($locks as $lock) {
                $lock->release();
            }
        }

        return array_replace(array_intersect_key($calls, $answers), $answers);
    }

    /**
     * One call made now, whatever is kept: for trying it out.
     *
     * @return array{Answer, Exchange|null}
     */
    public function try(Call $call, Visit $visit): array
    {
        $last = null;
        $work = $this->asking($call, $visit, Trail::none(), null, false);
        while ($work->valid()) {
            [$message, $service, $after] = $work->current();
            $last = $this->wire->send($message, $service->signsIn(), $this->secret($service), self::PATIENCE, $after)->wait();
            $work->send($last);
        }

        return [$work->getReturn(), $last];
    }

    /**
     * A turn of a conversation, its words handed on as they come.
     *
     * @param  \Closure(string): void  $told
     * @return array{string, Trouble|null} all the words
     */
    public function talk(Call $call, Visit $visit, Trail $trail, \Closure $told): array
    {
        $trouble = $this->ledger->limit($call, $visit->person, $visit->address);
        if ($trouble !== null) {
            return ['', $trouble];
        }
        [$exchange, $words, $usage] = $this->wire->stream(
            $call->message,
            $call->service->signsIn(),
            $this->secret($call->service),
            2 * self::PATIENCE,
            $told,
        );
        $trouble =
            $exchange->status === 200 && $words !== ''
                ? null
                : $this->judged($exchange, $call)[0] ?? new Trouble('broken', "{$call->service->name} answered with nothing.");
        $this->ledger->note(
            $call,
            $exchange,
            ['usage' => $usage === [] ? ['completion_tokens' => Cost::tokens($words)] : $usage],
            $trouble,
            $visit->person,
            $trail,
        );

        return [$words, $trouble];
    }

    /**
     * The work of one call, in steps: each says what to send next, and is told what came back.
     *
     * @param  array{answer: Answer, until: int, etag: string, modified: string, next: string}|null  $known  what is kept; null to ask as if nothing were
     * @return Generator<int, array{Message, Service, int}, Exchange, Answer>
     */
    private function asking(Call $call, Visit $visit, Trail $trail, ?array $known, bool $patient = true): Generator
    {
        $trouble = $this->ledger->limit($call, $visit->person, $visit->address);
        $pages = $files = [];
        $message = self::revalidating($call, $known);
        $tries = ! $patient ? 1 : ($call->request instanceof Request ? $call->request->tries : null) ?? ($call->reads() ? 3 : 1);
        $retry = $asked = 0;
        $after = 0;
        $more = false;
        $freshness = $first = null;
        while ($trouble === null) {
            $exchange = (yield [$message, $call->service, $after]);
            $after = 0;
            [$trouble, $json] = $this->judged($exchange, $call);
            $this->ledger->note($call, $exchange, $json, $trouble, $visit->person, $trail);
            if ($exchange->status === 304 && $pages === []) {
                return $this->refreshed($call, $exchange);
            }
            if ($trouble !== null) {
                $again =
                    ++$retry < $tries &&
                    ($call->message->isIdempotent() || $call->reads()) &&
                    in_array($trouble->kind, ['limit', 'slow', 'unreachable', 'broken'], true) &&
                    ($exchange->status === 0 || $exchange->status === 429 || $exchange->status >= 500) &&
                    ($trouble->wait ?? 0) <= self::WAITS;
                if ($again) {
                    $after = max(self::BACK_OFF[$retry - 1] + random_int(0, 100), ($trouble->wait ?? 0) * 1000);
                    $trouble = null;

                    continue;
                }
                if ($pages !== []) {
                    // What is there already is shown; the rest is asked for the next time.
                    [$trouble, $more] = [null, true];
                }
                break;
            }
            $wrong = $call->request instanceof HeldToShape ? $call->request->wrong(self::words($json)) : null;
            if ($wrong !== null) {
                if ($asked++ > 0) {
                    $trouble = new Trouble('shape', "{$call->service->name} was asked twice, and its answer does not fit: $wrong");
                    break;
                }
                $message = self::askedAnew($message, self::words($json), $wrong);

                continue;
            }
            $first ??= $exchange;
            $freshness ??= Freshness::of($exchange->message->method, $exchange->status, $exchange->headers, $exchange->asked, $exchange->came);
            [$page, $brought, $trouble] = $this->taken($call, $exchange, $json);
            if ($trouble !== null) {
                break;
            }
            $pages[] = $page;
            array_push($files, ...$brought);
            $next = $this->next($call, $message, $exchange, $json, count($pages));
            $more = $next !== null;
            if ($next === null || count($pages) >= self::PAGES || AnswerCache::rows(new Answer($pages), $call) >= $call->rows) {
                break;
            }
            $message = $next;
        }
        if ($trouble !== null) {
            if ($trouble->wait !== null && $trouble->kind === 'limit') {
                AnswerDatabase::store()->put($this->waiting($call->service), time() + $trouble->wait, $trouble->wait);
            }

            return $this->cache->last($call, $trouble);
        }
        $answer = new Answer($pages, $files, AnswerCache::now(), false, $more);
        $this->cache->keep($call, $answer, $freshness ?? throw new \LogicException('An answer came from somewhere.'));

        return $answer;
    }

    /**
     * The message, asking only for what has changed since the last time where that is known (RFC 9111, section 4.3).
     *
     * @param  array{answer: Answer, until: int, etag: string, modified: string, next: string}|null  $kept
     */
    private static function revalidating(Call $call, ?array $kept): Message
    {
        $message = $call->message;
        if ($kept !== null && $call->request->keptFor() === null && ! $kept['answer']->more) {
            $message = $kept['etag'] === '' ? $message : $message->header('If-None-Match', $kept['etag']);
            $message = $kept['modified'] === '' ? $message : $message->header('If-Modified-Since', $kept['modified']);
        }

        return $message;
    }

    private function refreshed(Call $call, Exchange $exchange): Answer
    {
        $kept = $this->cache->of($call);
        if ($kept === null) {
            return new Answer(trouble: new Trouble('broken', "{$call->service->name} says that nothing has changed, and nothing is kept."));
        }
        $answer = new Answer($kept['answer']->pages, $kept['answer']->files, AnswerCache::now(), false, $kept['answer']->more);
        $this->cache->keep(
            $call,
            $answer,
            Freshness::of(
                'GET',
                200,
                $exchange->headers + array_filter(['etag' => $kept['etag'], 'last-modified' => $kept['modified']]),
                $exchange->asked,
                $exchange->came,
            ),
        );

        return $answer;
    }

    /** @return array{Trouble|null, mixed} what is wrong with what came back, and its JSON */
    private function judged(Exchange $exchange, Call $call): array
    {
        $service = $call->service;
        if ($exchange->status === 0) {
            return [
                match (true) {
                    $exchange->failure === 'slow' => Explaining::slow($service, self::PATIENCE),
                    str_starts_with($exchange->failure, 'unreachable') => new Trouble(
                        'unreachable',
                        "$service->name cannot be reached".substr($exchange->failure, 11),
                    ),
                    default => new Trouble('refused', $exchange->failure),
                },
                null,
            ];
        }
        if ($exchange->status === 304) {
            return [null, null];
        }
        if ($exchange->status < 200 || $exchange->status > 299) {
            $json = json_decode($exchange->body, true);
            if ($exchange->status === 401 && isset($this->untold[$service->name])) {
                return [$this->untold[$service->name], $json];
            }

            return [
                Explaining::status(
                    $exchange->status,
                    $exchange->headers,
                    $service,
                    $this->secret($service) !== null,
                    time(),
                    $json,
                    $exchange->status === 404 ? (string) NearMiss::address($exchange->message->url, $this->known($service)) : '',
                ),
                $json,
            ];
        }
        if ($call->message->wants === 'sound' || $exchange->status === 204 || ($exchange->body === '' && ! $call->reads())) {
            return [null, null];
        }
        $trouble = Explaining::body($service, $exchange->headers['content-type'] ?? '', $exchange->body);

        return [$trouble, $trouble === null ? json_decode($exchange->body, true) : null];
    }

    /** @return list<string> addresses of a service that have answered, and those that its requests are written with */
    private function known(Service $service): array
    {
        $written = [];
        foreach ($service->requests as $request) {
            if ($request instanceof Request) {
                $written[] = Pattern::match('~^https?://~i', $request->address)
                    ? $request->address
                    : $this->base($service).'/'.ltrim($request->address, '/');
            }
        }

        return [...$this->ledger->answered($service), ...$written];
    }

    /** @return array{mixed, list<string>, Trouble|null} the page, and the names of files that it brought */
    private function taken(Call $call, Exchange $exchange, mixed $json): array
    {
        if ($call->message->wants === 'sound') {
            $name = Uploads::sound($this->app, $exchange->body);

            return $name === null ? [null, [], new Trouble('broken', "{$call->service->name} did not answer with a sound.")] : [[], [$name], null];
        }
        if ($call->message->wants !== 'pictures') {
            return [$json ?? [], [], null];
        }
        $files = [];
        foreach (is_array($json) && is_array($json['data'] ?? null) ? $json['data'] : [] as $one) {
            $bytes = is_array($one) && is_string($one['b64_json'] ?? null) ? base64_decode($one['b64_json'], true) : false;
            try {
                if (is_string($bytes)) {
                    $files[] = (new Pictures())->keep($this->app, $bytes);
                }
            } catch (ValidationException) {
                continue;
            }
        }

        return [[], $files, $files === [] ? new Trouble('broken', "{$call->service->name} did not answer with a picture.") : null];
    }

    private function next(Call $call, Message $message, Exchange $exchange, mixed $json, int $pages): ?Message
    {
        $request = $call->request;
        if (! ($request instanceof Request) || ! $request->givesMany()) {
            return null;
        }
        if ($request->linked) {
            $to = WebLinks::target($exchange->headers['link'] ?? '', 'next', $message->url);

            return $to === null || $to === $message->url ? null : $message->at($to);
        }
        if ($request->cursorIn !== '') {
            $cursor = RowsMade::search($request->cursorAt, $json);

            return is_scalar($cursor) && (string) $cursor !== '' ? self::paged($call->message, $request->cursorIn, (string) $cursor) : null;
        }
        if ($request->pageIn !== '') {
            return RowsMade::things($request, $json) === []
                ? null
                : self::paged($call->message, $request->pageIn, (string) ($pages + self::firstPage($call->message->url, $request->pageIn)));
        }

        return null;
    }

    private static function firstPage(string $url, string $name): int
    {
        return Pattern::match('/[?&]'.preg_quote(rawurlencode($name), '/').'=(\d+)/', $url, $found) ? (int) $found[1] : 1;
    }

    private static function paged(Message $message, string $name, string $value): Message
    {
        $pattern = '/([?&])'.preg_quote(rawurlencode($name), '/').'=[^&]*/';
        $pair = rawurlencode($name).'='.rawurlencode($value);

        return Pattern::match($pattern, $message->url)
            ? $message->at(Pattern::replaceEach($pattern, fn (array $m): string => $m[1].$pair, $message->url))
            : $message->query($name, $value);
    }

    private static function words(mixed $json): string
    {
        $text = RowsMade::search('choices[0].message.content', $json);

        return is_string($text) ? $text : '';
    }

    private static function askedAnew(Message $message, string $words, string $wrong): Message
    {
        $body = json_decode($message->body, true);
        $messages = [
            ...$body['messages'],
            ['role' => 'assistant', 'content' => $words],
            ['role' => 'user', 'content' => "This does not fit: $wrong Answer again, with the JSON alone."],
        ];

        return new Message(
            $message->method,
            $message->url,
            $message->headers,
            (string) json_encode(['messages' => $messages] + $body, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES),
            $message->type,
            [],
            $message->wants,
            $message->meter,
        );
    }

    /** What shows this service who calls; with client credentials the token that they gave. */
    public function secret(Service $service): ?Secret
    {
        if ($service->signsIn() === null) {
            return null;
        }
        $key = mb_strtolower($service->name);
        if (! array_key_exists($key, $this->secrets)) {
            $kept = ServiceSecret::of($this->app, $this->set, $service->name);
            $secret = $kept === null || $kept->secret === '' ? null : new Secret($kept->secret, $kept->name);
            $signing = $service->signsIn();
            $this->secrets[$key] = $secret !== null && $signing instanceof ClientCredentials ? $this->token($signing, $secret, $service) : $secret;
        }

        return $this->secrets[$key];
    }

    private function token(ClientCredentials $signing, Secret $secret, Service $service): ?Secret
    {
        $key =
            "token:{$this->app->id}:{$this->set->value}:".
            sha1("$service->name|$signing->token|$signing->scope|$secret->name|".hash('sha256', $secret->secret));
        $kept = AnswerDatabase::store()->get($key);
        if (is_string($kept)) {
            return new Secret(decrypt($kept));
        }
        $address = Pattern::match('~^(https?://|stand-in:)~', $signing->token)
            ? Practice::resolved($signing->token)
            : $this->base($service).'/'.ltrim($signing->token, '/');
        $exchange = $this->wire->send($signing->tokenRequest($address, $secret), null, null, 10)->wait();
        $json = json_decode($exchange->body, true);
        $token = is_array($json) && is_string($json['access_token'] ?? null) ? $json['access_token'] : null;
        if ($token !== null) {
            AnswerDatabase::store()->put($key, encrypt($token), max(5, (is_int($json['expires_in'] ?? null) ? $json['expires_in'] : 300) - 30));
        }

        if ($token === null) {
            $this->untold[$service->name] = Explaining::noToken($exchange->status, $signing, $service, $json);
        }

        return $token === null ? null : new Secret($token);
    }

    /**
     * @param  array<string, Call>  $calls
     * @return list<Lock> held, so that the same question asked by many at once goes out once
     */
    private function locked(array $calls): array
    {
        $wanted = [];
        foreach ($calls as $call) {
            if ($call->reads()) {
                $wanted[$call->key()] = $call;
            }
        }
        // Always in the same order, so that no two wait for one another.
        ksort($wanted);
        $locks = [];
        foreach ($wanted as $call) {
            $lock = $this->cache->lock($call);
            try {
                $lock->block(self::PATIENCE);
                $locks[] = $lock;
            } catch (LockTimeoutException) {
                continue;
            }
        }

        return $locks;
    }

    private function waiting(Service $service): string
    {
        return Ledger::waitingKey($this->app, $this->set, $service);
    }
}
