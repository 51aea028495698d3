<?php

declare(strict_types=1);

namespace App\Founders;

use App\Device\DeviceName;
use App\Models\Founder;
use App\Models\FounderSession;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Date;

/** Where founders are signed in: each place is known, and can be ended from another. */
final class SignedIn
{
    private const KEY = 'founder_session';

    public static function begin(Request $request, Founder $founder): void
    {
        Auth::login($founder);
        $request->session()->regenerate();
        self::note($request, $founder);
    }

    /** Whether the place where this request comes from is still signed in. */
    public static function holds(Request $request, Founder $founder): bool
    {
        if (! $request->hasSession()) {
            return true;
        }
        $id = $request->session()->get(self::KEY);
        if ($id === null) {
            self::note($request, $founder);

            return true;
        }
        $place = FounderSession::query()->find(is_int($id) ? $id : 0);
        if ($place !== null && $place->founder_id !== $founder->id) {
            // Another founder has come in at the same browser.
            self::note($request, $founder);

            return true;
        }
        if ($place !== null && $place->seen_at->diffInMinutes(Date::now()) >= 1) {
            $place->update(['seen_at' => Date::now(), 'address' => (string) $request->ip()]);
        }

        return $place !== null;
    }

    public static function end(Request $request): void
    {
        FounderSession::query()
            ->whereKey($request->session()->get(self::KEY))
            ->delete();
        Auth::logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();
    }

    /** Signs out everywhere else. */
    public static function endOthers(Request $request, Founder $founder): void
    {
        FounderSession::query()
            ->where('founder_id', $founder->id)
            ->whereKeyNot($request->session()->get(self::KEY))
            ->delete();
    }

    /** @return list<array{id: int, device: string, address: string, seen: string, here: bool}> those seen last come first */
    public static function places(Request $request, Founder $founder): array
    {
        return array_values(
            FounderSession::query()
                ->where('founder_id', $founder->id)
                ->orderByDesc('seen_at')
                ->limit(50)
                ->get()
                ->map(
                    fn (FounderSession $s): array => [
                        'id' => $s->id,
                        'device' => $s->device,
                        'address' => $s->address,
                        'seen' => $s->seen_at->toIso8601String(),
                        'here' => $s->id === $request->session()->get(self::KEY),
                    ],
                )
                ->all(),
        );
    }

    private static function note(Request $request, Founder $founder): void
    {
        $place = FounderSession::query()->create([
            'founder_id' => $founder->id,
            'device' => DeviceName::of((string) $request->userAgent(), 'web'),
            'address' => (string) $request->ip(),
            'seen_at' => Date::now(),
        ]);
        $request->session()->put(self::KEY, $place->id);
    }
}
