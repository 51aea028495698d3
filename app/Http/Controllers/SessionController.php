<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\OwnAddress;
use App\Http\Requests\RegisterFounder;
use App\Models\Founder;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;

/** Founders signing up, in and out. */
final class SessionController
{
    public function show(Request $request): JsonResponse
    {
        $demo = config('lanai.demo') ? ['email' => config('lanai.demo_email'), 'password' => config('lanai.demo_password')] : null;

        return response()->json(['founder' => $request->user()?->only(['id', 'name', 'email']), 'demo' => $demo, 'network' => OwnAddress::forPhones($request->getSchemeAndHttpHost())]);
    }

    public function store(Request $request): JsonResponse
    {
        $credentials = $request->validate(['email' => ['required', 'email', 'max:200'], 'password' => ['required', 'string', 'max:200']],
            ['email.*' => 'Please write your e-mail address.', 'password.*' => 'Please write your password.']);
        if (! Auth::attempt($credentials, true)) {
            return response()->json(['message' => 'This address and password do not belong together.'], 422);
        }
        $request->session()->regenerate();

        return $this->show($request);
    }

    public function register(RegisterFounder $request): JsonResponse
    {
        Auth::login(Founder::query()->create($request->validated()), true);
        $request->session()->regenerate();

        return $this->show($request);
    }

    public function destroy(Request $request): JsonResponse
    {
        Auth::logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return response()->json([]);
    }
}
