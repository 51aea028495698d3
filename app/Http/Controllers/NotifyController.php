<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Device\Entry;
use App\Http\Requests\DeviceRequest;
use App\Models\PushKey;
use App\Outbound\Address;
use App\Outbound\AddressRefused;
use App\Outbound\Practice;
use App\Reach\Carriers\WebPush;
use App\Reach\MessageBook;
use App\Reach\PhoneBook;
use App\Reach\PracticePhones;
use App\Reach\Shelf;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Validation\ValidationException;
use Lanai\Core\Rows\Refused;

/** Messages on phones: which let them in and which do not any more, whose they are, and what was opened. */
final class NotifyController
{
    private const HANDLE = ['required', 'string', 'regex:/^[0-9a-f-]{36}$/D'];

    /** With which a browser asks its push service. */
    public function key(Request $request, string $way, string $key): JsonResponse
    {
        return response()->json(['key' => PushKey::of(Entry::from($request, $way, $key)->app)->public]);
    }

    /** A phone lets messages in or not, or somebody else is signed in there now. */
    public function keep(DeviceRequest $request, string $way, string $key): JsonResponse
    {
        $entry = Entry::from($request, $way, $key);
        $told = $request->validate([
            'handle' => self::HANDLE,
            'allowed' => ['sometimes', 'boolean'],
            // A package without a carrier, which fetches its messages itself.
            'fetches' => ['sometimes', 'boolean'],
            // By what the maker of the phone finds it.
            'token' => ['sometimes', 'string', 'regex:/^[0-9a-f]{64,200}$/D'],
            'subscription' => ['sometimes', 'array:endpoint,p256dh,auth'],
            'subscription.endpoint' => ['required_with:subscription', 'string', 'max:1000'],
            'subscription.p256dh' => ['required_with:subscription', 'string', 'max:120'],
            'subscription.auth' => ['required_with:subscription', 'string', 'max:40'],
        ]);
        $phones = new PhoneBook($entry->space);
        $visit = $request->visit($entry);
        $zone = $visit->moment->zone->getName();
        if (! array_key_exists('allowed', $told)) {
            return response()->json(['known' => $phones->belongs($told['handle'], $visit->person, $visit->session, $zone, $visit->moment->locale)]);
        }
        $before = $phones->called($told['handle']);
        if (! $request->boolean('allowed')) {
            $phones->forget($told['handle']);
            $before === null || ! $entry->inDeck() || rescue(fn () => (new PracticePhones($entry->app))->remove($before), report: false);

            return response()->json(['known' => false]);
        }
        if (! $entry->inDeck() && $request->boolean('fetches')) {
            [$carrier, $address] = self::carried($told['token'] ?? '') ? ['ios', $told['token']] : ['own', "own:$told[handle]"];
            $phones->keep($told['handle'], $visit->person, $visit->session, $carrier, $address, [], $zone, $visit->moment->locale);

            return response()->json(['known' => true]);
        }
        if (! $entry->inDeck()) {
            [$address, $keys] = self::subscribed($told['subscription'] ?? []);
            $phones->keep($told['handle'], $visit->person, $visit->session, 'web', $address, $keys, $zone, $visit->moment->locale);

            return response()->json(['known' => true]);
        }
        try {
            $platform = in_array($visit->platform, ['ios', 'android'], true) ? $visit->platform : 'web';
            $made = (new PracticePhones($entry->app))->make($platform);
            $phones->keep($told['handle'], $visit->person, $visit->session, $platform, $made['address'], $made['keys'], $zone, $visit->moment->locale);
        } catch (Refused $refused) {
            return response()->json(['message' => $refused->getMessage()], 503);
        }

        return response()->json(['known' => true]);
    }

    /** Whether messages to a phone of this kind are carried by its maker; the one for practice reaches no real phone. */
    private static function carried(string $token): bool
    {
        $carrier = (array) config('lanai.push.live.ios');
        [$url, $key] = [is_string($carrier['url'] ?? null) ? $carrier['url'] : '', is_string($carrier['key'] ?? null) ? $carrier['key'] : ''];

        return $token !== '' && is_file($key) && ! Practice::isAt($url);
    }

    /** In the deck: what lies on the phone. One that is tapped or swiped away goes. */
    public function lies(DeviceRequest $request, string $way, string $key): JsonResponse
    {
        $entry = Entry::from($request, $way, $key);
        abort_unless($entry->inDeck(), 404);
        $told = $request->validate(['handle' => self::HANDLE, 'take' => ['sometimes', 'string', 'max:80']]);
        $phone = (new PhoneBook($entry->space))->called($told['handle']);
        if ($phone === null) {
            return response()->json(['lies' => [], 'known' => false]);
        }
        try {
            $practice = new PracticePhones($entry->app);
            if (isset($told['take'])) {
                $practice->take($phone, $told['take']);
            }

            $lies = $practice->lies($phone);
            (new MessageBook($entry->space))->came(array_values(array_filter(array_column($lies, 'id'), is_string(...))), now()->getTimestamp());

            return response()->json(['lies' => $lies, 'known' => true]);
        } catch (Refused) {
            return response()->json(['lies' => [], 'known' => true]);
        }
    }

    /** What lies ready for a package that fetches its messages, and which of it is there now; whoever knows how the phone calls itself is that phone. */
    public function fetch(Request $request, string $way, string $key): JsonResponse
    {
        $entry = Entry::from($request, $way, $key);
        $told = $request->validate(['handle' => self::HANDLE, 'had' => ['sometimes', 'array', 'max:'.Shelf::MOST], 'had.*' => self::HANDLE]);
        $now = now()->getTimestamp();
        $phone = (new PhoneBook($entry->space))->reached($told['handle']);
        if ($phone?->carrier !== 'own') {
            return response()->json(['messages' => []]);
        }
        $shelf = new Shelf($entry->space);
        (new MessageBook($entry->space))->came($shelf->had($phone, array_values($told['had'] ?? []), $now), $now);

        return response()->json(['messages' => $shelf->waiting($phone, $now)]);
    }

    /** A message has come to a phone; whoever knows its number has it. */
    public function came(Request $request, string $way, string $key): Response
    {
        $entry = Entry::from($request, $way, $key);
        $told = $request->validate(['id' => self::HANDLE]);
        (new MessageBook($entry->space))->came([$told['id']], now()->getTimestamp());

        return response()->noContent();
    }

    /** A message was tapped; whoever knows its number has it. */
    public function opened(Request $request, string $way, string $key): Response
    {
        $entry = Entry::from($request, $way, $key);
        $told = $request->validate(['id' => self::HANDLE]);
        (new MessageBook($entry->space))->opened($told['id'], now()->getTimestamp());

        return response()->noContent();
    }

    /**
     * A subscription as a browser gives it (Push API, section 8, from memory).
     *
     * @param  array<string, string>  $subscription
     * @return array{string, array<string, string>}
     */
    private static function subscribed(array $subscription): array
    {
        $wrong = fn (): ValidationException => ValidationException::withMessages(['subscription' => 'What the browser has given cannot be read.']);
        try {
            $address = Address::of($subscription['endpoint'] ?? '');
        } catch (AddressRefused) {
            throw $wrong();
        }
        $keys = ['p256dh' => $subscription['p256dh'] ?? '', 'auth' => $subscription['auth'] ?? ''];
        if ($address->scheme !== 'https' || strlen(WebPush::bytes($keys['p256dh'])) !== 65 || strlen(WebPush::bytes($keys['auth'])) !== 16) {
            throw $wrong();
        }

        return [$address->written(), $keys];
    }
}
