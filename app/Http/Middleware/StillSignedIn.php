<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Founders\SignedIn;
use App\Models\Founder;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Symfony\Component\HttpFoundation\Response;

/** A session that was ended from another place is none any more. */
final class StillSignedIn
{
    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $founder = $request->user();
        if ($founder instanceof Founder && ! SignedIn::holds($request, $founder)) {
            Auth::logout();
            $request->session()->invalidate();
        }

        return $next($request);
    }
}
