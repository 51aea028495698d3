<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Device\DeviceName;
use App\Device\Entry;
use App\People\FoundSession;
use App\People\Sessions;
use App\Reach\Trials;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Foundation\Http\FormRequest;
use Lanai\Core\Formula\Moment;
use Lanai\Core\Play\Arguments;
use Lanai\Core\Play\Trail;
use Lanai\Core\Play\Visit;

/** What a device sends: where it is, who uses it, what was typed, and what was tapped. */
final class DeviceRequest extends FormRequest
{
    /** @var array{FoundSession|null}|null */
    private ?array $asked = null;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'screen' => ['nullable', 'string', 'max:100'],
            'args' => ['sometimes', 'array', 'max:10'],
            'args.*' => ['nullable', 'max:2000'],
            'inputs' => ['sometimes', 'array', 'max:100'],
            'person' => ['nullable', 'integer', 'min:1'],
            'zone' => ['sometimes', 'timezone:all'],
            'now' => ['nullable', 'date'],
            'at' => ['sometimes', 'string', 'max:300'],
            'item' => ['nullable', 'integer', 'min:1'],
            'ticked' => ['sometimes', 'array', 'max:1000'],
            'ticked.*' => ['integer', 'min:1'],
            'tap' => ['nullable', 'string', 'max:64'],
            'revision' => ['sometimes', 'integer'],
            'finds' => ['sometimes', 'array', 'max:50'],
            'finds.*' => ['nullable', 'string', 'max:200'],
            'pages' => ['sometimes', 'array', 'max:50'],
            'pages.*' => ['integer', 'min:1', 'max:10000'],
            'orders' => ['sometimes', 'array', 'max:50'],
            'orders.*' => ['nullable', 'string', 'max:100'],
            'chips' => ['sometimes', 'array', 'max:50'],
            'chips.*' => ['array', 'max:20'],
            'chips.*.*' => ['nullable', 'string', 'max:200'],
            'replies' => ['sometimes', 'array', 'max:20'],
            'values' => ['sometimes', 'array', 'max:200'],
            'values.*' => ['nullable', 'string', 'max:5000'],
            'platform' => ['sometimes', 'in:ios,android,web'],
            'form' => ['sometimes', 'in:phone,tablet'],
            'pending' => ['nullable', 'string', 'max:64'],
            'till' => ['sometimes', 'in:card,quay,pier'],
            'store' => ['nullable', 'in:quay,pier,deck'],
            'build' => ['nullable', 'integer', 'min:0', 'max:2100000000'],
            'language' => ['nullable', 'string', 'max:35'],
            'languages' => ['sometimes', 'array', 'max:20'],
            'languages.*' => ['string', 'max:35'],
            'beside' => ['sometimes', 'boolean'],
            'sheet' => ['sometimes', 'boolean'],
            'waits' => ['sometimes', 'boolean'],
            'invitedBy' => ['nullable', 'string', 'max:40'],
            'newcomer' => ['nullable', 'string', 'regex:/^[0-9a-f-]{36}$/D'],
            'confirmed' => ['sometimes', 'array', 'max:20'],
            'confirmed.*' => ['string', 'max:200'],
        ];
    }

    /** The person and the moment can be chosen only where nobody real is affected: in the deck and in the sandbox. */
    public function visit(Entry $entry): Visit
    {
        $chosen = $entry->inDeck() && $this->filled('now') ? new DateTimeImmutable($this->string('now')->value()) : new DateTimeImmutable();
        $texts = fn (string $key): array => array_map(strval(...), array_filter($this->array($key), is_scalar(...)));
        $speaks = $entry->speaks(array_values(array_filter($this->array('languages'), is_string(...))), $this->string('language')->value());
        $zone = new DateTimeZone($this->string('zone', 'UTC')->value());
        $moment = new Moment($chosen->setTimezone(new DateTimeZone('UTC')), $zone, $speaks->locale);
        $found = $this->found($entry);
        $person = $found->account->person ?? $entry->sitting->person ?? ($entry->letsChoose() && $this->filled('person') ? $this->integer('person') : null);
        $people = $entry->blueprint()->signIn === null ? null : $entry->people();

        $store = $this->string('store')->value();
        // Only the deck may pretend.
        $store = $store === 'deck' && ! $entry->inDeck() ? '' : $store;

        $newcomer = $entry->inDeck() || $entry->sitting !== null ? '' : $this->string('newcomer')->value();

        return new Visit(
            $moment,
            Trials::shown($entry->space, $this->string('screen')->value(), $newcomer, now()->getTimestamp()),
            Arguments::sent($this->array('args')),
            $person,
            $this->array('inputs'),
            array_values(array_filter($this->array('confirmed'), is_string(...))),
            $texts('finds'),
            array_map(intval(...), $this->array('pages')),
            $this->array('replies'),
            $texts('orders'),
            array_map(
                fn (mixed $chosen): array => array_map(strval(...), array_filter(is_array($chosen) ? $chosen : [], is_scalar(...))),
                $this->array('chips'),
            ),
            $texts('values'),
            $this->string('platform', 'web')->value(),
            $this->string('form', 'phone')->value(),
            $people?->known($found !== null ? $found->account : $people->accountOf($person)),
            $this->string('pending')->value(),
            DeviceName::of((string) $this->userAgent(), $this->string('platform')->value()),
            (string) $this->ip(),
            $found?->session->id,
            $this->boolean('beside'),
            $this->boolean('waits'),
            array_values(array_map(intval(...), $this->array('ticked'))),
            $this->string('till', 'card')->value(),
            $store,
            $store === '' || ! $this->filled('build') ? null : $this->integer('build'),
            $speaks->tongue,
            $this->string('invitedBy')->value(),
            $this->boolean('sheet'),
        );
    }

    /** The session that the device shows as a bearer token (RFC 6750); null for none that is good. */
    public function found(Entry $entry): ?FoundSession
    {
        if ($this->asked === null) {
            $token = $entry->blueprint()->signIn === null ? null : $this->bearerToken();
            $this->asked = [$token === null ? null : (new Sessions($entry->people()))->find($token)];
        }

        return $this->asked[0];
    }

    /** @return array{session?: string} a new token for the device, or the word that its token is good no more */
    public function renewed(Entry $entry): array
    {
        $found = $this->found($entry);

        return match (true) {
            $found?->fresh !== null => ['session' => $found->fresh],
            $found === null && $this->bearerToken() !== null => ['session' => ''],
            default => [],
        };
    }

    public function trail(Entry $entry): Trail
    {
        return $entry->inDeck() ? new Trail(fn (): int => (int) hrtime(true)) : Trail::none();
    }
}
