<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Device\Entry;
use App\Http\Requests\DeviceRequest;
use App\Services\ServiceDesk;
use App\Services\Talks;
use Illuminate\Http\JsonResponse;
use Lanai\Core\Rows\Refused;
use Lanai\Core\Services\Asking;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** Conversations of devices with models: the words come as server-sent events. */
final class TalkController
{
    public function said(DeviceRequest $request, string $way, string $key): JsonResponse
    {
        $entry = Entry::from($request, $way, $key);

        return response()->json(['said' => self::talks($request, $entry)->said()]);
    }

    public function say(DeviceRequest $request, string $way, string $key): StreamedResponse
    {
        $request->validate(['words' => ['required', 'string', 'max:'.Asking::LONGEST]]);
        $entry = Entry::from($request, $way, $key);
        $visit = $request->visit($entry);
        $talks = self::talks($request, $entry);
        $words = $request->string('words')->value();

        return response()->stream(
            function () use ($entry, $visit, $talks, $words, $request): void {
                $event = function (array $data): void {
                    echo 'data: '.json_encode($data, JSON_UNESCAPED_UNICODE | JSON_INVALID_UTF8_SUBSTITUTE)."\n\n";
                    if (ob_get_level() > 0) {
                        ob_flush();
                    }
                    flush();
                };
                try {
                    $call = $entry->player($visit)->talk($visit, $request->string('at')->value(), $talks->said(), $words);
                    $trail = $request->trail($entry);
                    [$answer, $trouble] = (new ServiceDesk($entry->app, $entry->set))->talk(
                        $call,
                        $visit,
                        $trail,
                        fn (string $word) => $event(['words' => $word]),
                    );
                    if ($answer !== '') {
                        $talks->add($words, $answer);
                    }
                    $event(
                        ['done' => true] +
                            ($trail->on() ? ['footprints' => ['steps' => $trail->steps, 'origins' => $trail->origins]] : []) +
                            ($trouble === null
                                ? []
                                : ['trouble' => $trouble->said ?: 'There is no answer just now. Please try again.'] +
                                    ($entry->inDeck() ? ['why' => $trouble->sentence] : [])),
                    );
                } catch (Refused $refused) {
                    $event(['done' => true, 'trouble' => $refused->getMessage()]);
                }
            },
            200,
            ['Content-Type' => 'text/event-stream', 'Cache-Control' => 'no-store', 'X-Accel-Buffering' => 'no'],
        );
    }

    private static function talks(DeviceRequest $request, Entry $entry): Talks
    {
        $request->validate(['talk' => ['required', 'string', 'regex:/^[0-9a-f]{16,64}$/'], 'at' => ['required', 'string']]);

        return new Talks($entry->app, $entry->set, $request->visit($entry)->person, $request->string('talk')->value().$request->string('at')->value());
    }
}
