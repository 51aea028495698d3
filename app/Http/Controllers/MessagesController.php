<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\App;
use App\Reach\Audience;
use App\Reach\Carrying;
use App\Reach\Herald;
use App\Reach\MessageFigures;
use App\Records\DataSet;
use App\Space;
use DateTimeImmutable;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Lanai\Core\Model\Reach\Message;
use Lanai\Core\Model\Row;
use Lanai\Core\Rows\Refused;
use Lanai\Core\Rows\TooMuch;

/** The messages of an app: what became of them, who would get one, and sending it. */
final class MessagesController
{
    /** People that are listed one by one. */
    private const LISTED = 200;

    public function index(App $app, string $set): JsonResponse
    {
        return response()->json((new MessageFigures($this->space($app, $set)))->state(now()->getTimestamp()));
    }

    /** Who would get it now, how many, and why others would not. */
    public function audience(Request $request, App $app, string $set, string $message): JsonResponse
    {
        $space = $this->space($app, $set);
        $sent = $this->message($space, $message);
        $about = $this->about($request, $sent);
        $now = now()->toDateTimeImmutable();
        $audience = new Audience($space, $sent, $now);
        $worth = new DateTimeImmutable('@'.($now->getTimestamp() + $sent->worthFor()));
        try {
            if (! $audience->telling()->holds($about)) {
                return response()->json(['count' => 0, 'of' => 0, 'people' => [], 'said' => 'What it waits for does not hold just now.']);
            }
            $people = $audience->people($about, 0, self::LISTED)['people'];
            $count = $audience->count($about);
        } catch (TooMuch|Refused $trouble) {
            return response()->json(['message' => $trouble->getMessage()], 422);
        }
        $rows = $space->blueprint()->peopleTable() === null ? [] : $space->store()->byIds($space->blueprint()->peopleTable(), $people);
        $listed = [];
        foreach ($audience->decided($people, $worth) as $person => $sending) {
            $row = $rows[$person] ?? null;
            $listed[] = [
                'person' => $person,
                'label' => $row instanceof Row ? $row->label() : '',
                'gets' => $sending->due !== null,
                'when' => $sending->due?->format(DATE_ATOM),
                'why' => $sending->why,
            ];
        }

        return response()->json(['count' => $count, 'of' => count($people), 'people' => $listed, 'said' => '']);
    }

    /** As one person would read it, in each of its wordings; nothing is sent. */
    public function words(Request $request, App $app, string $set, string $message): JsonResponse
    {
        $space = $this->space($app, $set);
        $sent = $this->message($space, $message);
        $told = $request->validate(['person' => ['nullable', 'integer', 'min:1']]);
        $person = isset($told['person']) ? (int) $told['person'] : null;
        try {
            return response()->json(['wordings' => (new Carrying($space))->preview($sent, $person, $this->about($request, $sent))]);
        } catch (Refused|TooMuch $refused) {
            return response()->json(['message' => $refused->getMessage()], 422);
        }
    }

    /** To one person, whatever the rules say: to try it. */
    public function try(Request $request, App $app, string $set, string $message): JsonResponse
    {
        $space = $this->space($app, $set);
        $sent = $this->message($space, $message);
        $told = $request->validate(['person' => ['required', 'integer', 'min:1'], 'wording' => ['sometimes', 'integer', 'min:0', 'max:20']]);
        try {
            $phones = (new Carrying($space))->try($sent, (int) $told['person'], $this->about($request, $sent), (int) ($told['wording'] ?? 0));
        } catch (Refused|TooMuch $refused) {
            return response()->json(['message' => $refused->getMessage()], 422);
        }

        return response()->json(['phones' => $phones]);
    }

    /** To all whom it is for, by hand. */
    public function send(Request $request, App $app, string $set, string $message): JsonResponse
    {
        $space = $this->space($app, $set);
        $sent = $this->message($space, $message);
        if (! $sent->isByHand()) {
            return response()->json(['message' => 'This message sends itself, when its time has come.'], 422);
        }
        (new Herald($space))->now($sent);

        return $this->index($app, $set);
    }

    private function space(App $app, string $set): Space
    {
        return Space::of($app, DataSet::from($set)) ?? abort(404, 'Nothing is live yet.');
    }

    private function message(Space $space, string $key): Message
    {
        return $space->blueprint()->message($key) ?? abort(404, 'There is no such message any more.');
    }

    /** The row that is asked about; null for a message that is about none. */
    private function about(Request $request, Message $message): ?int
    {
        $told = $request->validate(['about' => ['nullable', 'integer', 'min:1']]);

        if ($message->aboutOne() === '') {
            return null;
        }

        return isset($told['about']) ? (int) $told['about'] : abort(422, "Please choose one {$message->aboutOne()}.");
    }
}
