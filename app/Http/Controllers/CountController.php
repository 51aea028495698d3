<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Device\Entry;
use App\Http\Requests\DeviceRequest;
use App\Reach\CountBook;
use App\Reach\Counting;
use Illuminate\Http\Response;

/** What is still to be counted when a page goes away, and that somebody does not want to be counted any more. */
final class CountController
{
    public function __invoke(DeviceRequest $request, string $way, string $key): Response
    {
        $entry = Entry::from($request, $way, $key);
        if ($request->has('forget')) {
            $told = $request->validate(['forget' => ['required', 'string', 'regex:/^[0-9a-f-]{36}$/D']]);
            $book = new CountBook($entry->space);
            $book->forget($book->visitor($told['forget']));
        } else {
            Counting::after($request, $entry);
        }

        return response()->noContent();
    }
}
