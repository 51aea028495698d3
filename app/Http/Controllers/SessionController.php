<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Founders\Registration;
use App\Founders\SignedIn;
use App\Http\OwnAddress;
use App\Http\Requests\RegisterFounder;
use App\Models\Founder;
use App\Models\Invitation;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;

/** Founders signing up, in and out. */
final class SessionController
{
    public function show(Request $request): JsonResponse
    {
        $demo = Registration::showsDemo() ? ['email' => config('lanai.demo_email'), 'password' => config('lanai.demo_password')] : null;

        return response()->json([
            'founder' => $request->user()?->only(['id', 'name', 'email']),
            'demo' => $demo,
            'registration' => Registration::now()->value,
            'open' => (bool) config('lanai.open'),
            'network' => OwnAddress::forPhones($request->getSchemeAndHttpHost()),
        ]);
    }

    public function store(Request $request): JsonResponse
    {
        $credentials = $request->validate(
            ['email' => ['required', 'string', 'email', 'max:200'], 'password' => ['required', 'string', 'max:200']],
            ['email.*' => 'Please write your e-mail address.', 'password.*' => 'Please write your password.'],
        );
        $credentials['email'] = mb_strtolower($credentials['email']);
        if (Registration::shutsOut($credentials['email'], $credentials['password'])) {
            return response()->json(
                [
                    'message' => 'The demo’s account is closed while this Lanai answers others than its own computer. Whoever runs it can set '
                        .'LANAI_DEMO_FORM=true.',
                ],
                422,
            );
        }
        if (! Auth::validate($credentials)) {
            return response()->json(['message' => 'This address and password do not belong together.'], 422);
        }
        SignedIn::begin($request, Founder::query()->where('email', $credentials['email'])->firstOrFail());

        return $this->show($request);
    }

    public function register(RegisterFounder $request): JsonResponse
    {
        $invitation = null;
        if (Registration::now() !== Registration::Open) {
            $invitation = Registration::now() === Registration::Invitation ? Invitation::good($request->string('invitation')->value()) : null;
            if ($invitation === null || ! hash_equals($invitation->email, mb_strtolower($request->string('email')->value()))) {
                return response()->json(
                    [
                        'message' => Registration::now() === Registration::Closed
                                ? 'Nobody can sign up here.'
                                : 'One signs up here by invitation. Open the address in the letter, and use the e-mail address that it came to.',
                    ],
                    422,
                );
            }
        }
        $founder = Founder::query()->create(['email' => mb_strtolower($request->string('email')->value())] + $request->validated());
        $invitation?->delete();
        SignedIn::begin($request, $founder);

        return $this->show($request);
    }

    public function destroy(Request $request): JsonResponse
    {
        SignedIn::end($request);

        return response()->json([]);
    }
}
