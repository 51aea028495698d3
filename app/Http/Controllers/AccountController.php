<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Founders\FounderLetters;
use App\Founders\Registration;
use App\Founders\SignedIn;
use App\Models\Founder;
use App\Models\FounderSession;
use App\Models\Invitation;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\Password;
use Illuminate\Validation\ValidationException;

/** A founder's own account: where they are signed in, address, password, and the way back in. */
final class AccountController
{
    private const PASSWORD = ['required', 'string', 'min:10', 'max:200'];

    public function show(Request $request, #[CurrentUser] Founder $founder): JsonResponse
    {
        return response()->json([
            'name' => $founder->name,
            'email' => $founder->email,
            'places' => SignedIn::places($request, $founder),
            'invites' => Registration::now() === Registration::Invitation,
        ]);
    }

    public function email(Request $request, #[CurrentUser] Founder $founder): JsonResponse
    {
        $request->merge(['email' => mb_strtolower(trim($request->string('email')->value()))]);
        $request->validate(
            ['email' => ['required', 'email', 'max:200', "unique:founders,email,$founder->id"]],
            ['email.unique' => 'There is already an account with this address.', 'email.*' => 'Please write an e-mail address.'],
        );
        $this->known($request, $founder);
        $before = $founder->email;
        $founder->update(['email' => $request->string('email')->value()]);
        if ($before !== $founder->email) {
            FounderLetters::emailChanged($before, $founder);
        }

        return $this->show($request, $founder);
    }

    public function password(Request $request, #[CurrentUser] Founder $founder): JsonResponse
    {
        $request->validate(['new' => self::PASSWORD], ['new.*' => 'Please choose a password of at least 10 characters.']);
        $this->known($request, $founder);
        $founder->update(['password' => $request->string('new')->value()]);
        SignedIn::endOthers($request, $founder);
        FounderLetters::passwordSet($founder);

        return $this->show($request, $founder);
    }

    /** Ends one place, or all but this one where none is named. */
    public function leave(Request $request, #[CurrentUser] Founder $founder, ?int $place = null): JsonResponse
    {
        $place === null ? SignedIn::endOthers($request, $founder) : FounderSession::query()->where('founder_id', $founder->id)->whereKey($place)->delete();

        return $this->show($request, $founder);
    }

    public function invite(Request $request, #[CurrentUser] Founder $founder): JsonResponse
    {
        abort_if(Registration::now() !== Registration::Invitation, 422, 'Nobody is invited here.');
        $request->validate(['email' => ['required', 'email', 'max:200']], ['email.*' => 'Please write an e-mail address.']);
        $email = mb_strtolower($request->string('email')->value());
        FounderLetters::invited($email, Invitation::to($email, $founder), $founder);

        return response()->json(['message' => "A letter is on its way to $email."]);
    }

    /** The same is said whether there is such an account or not. */
    public function forgot(Request $request): JsonResponse
    {
        $request->validate(['email' => ['required', 'email', 'max:200']], ['email.*' => 'Please write your e-mail address.']);
        Password::sendResetLink(
            ['email' => mb_strtolower($request->string('email')->value())],
            fn (Founder $founder, string $token) => FounderLetters::reset($founder->email, $token),
        );

        return response()->json(['message' => 'If there is an account with this address, a letter is on its way to it.']);
    }

    public function reset(Request $request): JsonResponse
    {
        $given = $request->validate(
            ['email' => ['required', 'string', 'max:200'], 'token' => ['required', 'string', 'max:200'], 'password' => self::PASSWORD],
            ['password.*' => 'Please choose a password of at least 10 characters.', '*' => 'This letter is not good any more. Please ask for another.'],
        );
        $given['email'] = mb_strtolower($given['email']);
        $done = Password::reset($given, function (Founder $founder, string $password) use ($request): void {
            $founder->update(['password' => $password]);
            SignedIn::begin($request, $founder);
            SignedIn::endOthers($request, $founder);
            FounderLetters::passwordSet($founder);
        });
        if ($done !== Password::PASSWORD_RESET) {
            return response()->json(['message' => 'This letter is not good any more. Please ask for another.'], 422);
        }

        return app(SessionController::class)->show($request);
    }

    /** @throws ValidationException */
    private function known(Request $request, Founder $founder): void
    {
        if (! Hash::check($request->string('known')->value(), $founder->password)) {
            throw ValidationException::withMessages(['known' => 'This is not your password.']);
        }
    }
}
