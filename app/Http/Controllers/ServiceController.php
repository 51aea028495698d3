<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\App;
use App\Models\Founder;
use App\Outbound\Guard;
use App\Outbound\Practice;
use App\Records\DataSet;
use App\Services\Drafts;
use App\Services\PastedText;
use App\Services\ServiceBook;
use App\Services\Trials;
use App\Studio\EditDesk;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Lanai\Core\Edits\Kinds\KeepShape;
use Lanai\Core\Edits\Kinds\PickPart;
use Lanai\Core\Edits\Kinds\ReadOn;
use Lanai\Core\Edits\Kinds\TakeService;
use Lanai\Core\Edits\Picking;
use Lanai\Core\Exchange\Har;
use Lanai\Core\Exchange\NotUnderstood;
use Lanai\Core\Language\Prose;
use Lanai\Core\Rows\Refused;
use Lanai\Core\Services\JsonShape;
use Lanai\Core\Services\Request as ServiceRequest;
use Lanai\Core\Services\RowsMade;

/** The Services station: beginning a service, its key, trying its requests, pointing at what they answer. */
final readonly class ServiceController
{
    private const LARGEST = 4_000_000;

    public function __construct(private EditDesk $desk)
    {
    }

    public function show(App $app, string $set): JsonResponse
    {
        return response()->json((new ServiceBook($app, $app->revision->read(), DataSet::from($set)))->told());
    }

    /** Reads what was pasted; nothing is kept in the app yet. */
    public function begin(Request $request, App $app): JsonResponse
    {
        $given = $request->validate(
            ['text' => ['required', 'string', 'max:'.self::LARGEST], 'answer' => ['nullable', 'string', 'max:'.self::LARGEST]],
            ['text.*' => 'Please paste a command for curl, an address, an OpenAPI document, or a request.'],
        );
        try {
            return response()->json((new Drafts($app))->keep(PastedText::read($given['text'], $given['answer'] ?? '', $app->revision->read())));
        } catch (NotUnderstood $wrong) {
            abort(422, $wrong->getMessage());
        }
    }

    public function take(Request $request, App $app, #[CurrentUser] Founder $founder): JsonResponse
    {
        $given = $request->validate([
            'draft' => ['required', 'string', 'max:64'],
            'picked' => ['required', 'array', 'max:200'],
            'picked.*' => ['integer', 'min:0'],
            'name' => ['required', 'string', 'max:60'],
            'address' => ['required', 'string', 'max:500'],
        ]);
        [$service, $secret] = (new Drafts($app))->of($given['draft']);
        $service = ['name' => $given['name'], 'address' => $given['address']] + $service;
        $wanted = array_flip(array_map(intval(...), array_values($given['picked'])));
        $service['requests'] = array_values(array_intersect_key(Prose::nodes($service['requests'] ?? []), $wanted));
        $answer = $this->desk->make($request, $app, $founder, new TakeService($service));
        if ($secret !== null) {
            (new ServiceBook($app, $app->revision->read(), DataSet::Sandbox))->keep($given['name'], $secret->name, $secret->secret);
        }

        return $answer;
    }

    public function secret(Request $request, App $app, string $set): JsonResponse
    {
        $given = $request->validate(
            [
                'service' => ['required', 'string', 'max:100'],
                'name' => ['nullable', 'string', 'max:500'],
                'secret' => ['required', 'string', 'max:4000', 'not_regex:/[\r\n]/'],
            ],
            ['secret.*' => 'Please paste the key, in one line.'],
        );
        $book = new ServiceBook($app, $app->revision->read(), DataSet::from($set));
        $book->keep($given['service'], $given['name'] ?? '', $given['secret']);

        return response()->json($book->told());
    }

    public function revoke(Request $request, App $app, string $set): JsonResponse
    {
        $book = new ServiceBook($app, $app->revision->read(), DataSet::from($set));
        $book->revoke($request->string('service')->value());

        return response()->json($book->told());
    }

    public function try(Request $request, App $app, string $set): JsonResponse
    {
        return response()->json(
            self::trials($app, $set)->try($request->string('request')->value(), $request->array('values')),
            200,
            [],
            JSON_PRESERVE_ZERO_FRACTION,
        );
    }

    public function preview(Request $request, App $app, string $set): JsonResponse
    {
        return response()->json(self::trials($app, $set)->preview($request->string('request')->value(), $request->array('values')));
    }

    /** What keeping a table in step would change. */
    public function step(Request $request, App $app, string $set): JsonResponse
    {
        $given = $request->validate(
            [
                'request' => ['required', 'string', 'max:100'],
                'values' => ['sometimes', 'array'],
                'table' => ['required', 'string', 'max:100'],
                'key' => ['required', 'string', 'max:100'],
            ],
            ['key.*' => 'Please say by which field the rows are matched.'],
        );
        try {
            return response()->json(self::trials($app, $set)->step($given['request'], $given['values'] ?? [], $given['table'], $given['key']));
        } catch (Refused $refused) {
            abort(422, $refused->getMessage());
        }
    }

    /** What can be made of a place in the answer that was pointed at. */
    public function point(Request $request, App $app, string $set): JsonResponse
    {
        $given = $request->validate(['request' => ['required', 'string', 'max:100'], 'steps' => ['present', 'array', 'max:30']]);
        [$asked, $json] = self::tried($app, $set, $given['request']);

        return response()->json(['offers' => Picking::of($asked, $json, self::steps($given['steps']), $app->revision->read())]);
    }

    public function pick(Request $request, App $app, string $set, #[CurrentUser] Founder $founder): JsonResponse
    {
        $given = $request->validate([
            'request' => ['required', 'string', 'max:100'],
            'steps' => ['present', 'array', 'max:30'],
            'offer' => ['required', 'integer', 'min:0', 'max:10'],
        ]);
        [$asked, $json] = self::tried($app, $set, $given['request']);
        $offer = Picking::of($asked, $json, self::steps($given['steps']), $app->revision->read())[$given['offer']] ?? abort(422, 'Please point at it again.');
        $things = $offer['part'] === null ? RowsMade::search($offer['at'] === '' ? '@' : $offer['at'], $json) : null;
        $shape = JsonShape::of(json_decode((string) json_encode(is_array($things) ? array_values($things) : [])));
        $edit = new PickPart($given['request'], $offer['at'], $offer['part'] ?? [], Prose::node($shape['items'] ?? []));

        return $this->desk->make($request, $app, $founder, $edit);
    }

    public function shape(Request $request, App $app, string $set, #[CurrentUser] Founder $founder): JsonResponse
    {
        $name = $request->string('request')->value();
        $body = self::trials($app, $set)->last($name) ?? abort(422, 'Please try the request first.');

        return $this->desk->make($request, $app, $founder, new KeepShape($name, JsonShape::of(json_decode($body)), $request->boolean('anew')));
    }

    /** Lets a list read on in a way that its last answer showed. */
    public function further(Request $request, App $app, string $set, #[CurrentUser] Founder $founder): JsonResponse
    {
        $given = $request->validate(['request' => ['required', 'string', 'max:100'], 'way' => ['required', 'integer', 'min:0', 'max:10']]);
        [$asked] = self::tried($app, $set, $given['request']);
        $parts = self::trials($app, $set)->further($asked, (int) $given['way']) ?? abort(422, 'Please try the request again.');

        return $this->desk->make($request, $app, $founder, new ReadOn($given['request'], $parts));
    }

    /** The latest calls as an HTTP archive (HAR 1.2). */
    public function har(App $app, string $set): JsonResponse
    {
        $calls = \App\Models\ServiceCall::query()
            ->where(['app_id' => $app->id, 'dataset' => $set])
            ->orderByDesc('id')
            ->limit(100)
            ->get()
            ->reverse()
            ->map(fn (\App\Models\ServiceCall $c): array => $c->exchange)
            ->filter(fn (array $e): bool => isset($e['method']))
            ->values()
            ->all();

        return response()->json(
            Har::of($calls),
            200,
            ['Content-Disposition' => 'attachment; filename="calls.har"'],
            JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE,
        );
    }

    /** How the stand-ins answer, so that failure can be rehearsed. */
    public function rehearse(Request $request, App $app, #[CurrentUser] Founder $founder): JsonResponse
    {
        $given = $request->validate([
            'service' => ['sometimes', 'in:'.implode(',', Practice::SERVICES)],
            'mode' => ['sometimes', 'nullable', 'string', 'max:20'],
        ]);
        $found = [];
        foreach (Practice::SERVICES as $name) {
            $url = 'http://'.config('lanai.standins')."/$name/switches";
            $desk = Guard::to($url)->withHeaders([Practice::KEY => Practice::key($founder)]);
            $answer = ($given['service'] ?? '') === $name ? $desk->asForm()->post($url, ['mode' => $given['mode'] ?? '']) : $desk->get($url);
            $found[] = ['name' => $name, 'mode' => (string) $answer->json('mode'), 'calls' => (int) $answer->json('calls')];
        }

        return response()->json(['standins' => $found]);
    }

    /** @return array{ServiceRequest, mixed} */
    private static function tried(App $app, string $set, string $name): array
    {
        $asked = $app->revision->read()->asked($name)[1] ?? null;
        $body = self::trials($app, $set)->last($name);

        return $asked instanceof ServiceRequest && $body !== null ? [$asked, json_decode($body, true)] : abort(422, 'Please try the request first.');
    }

    private static function trials(App $app, string $set): Trials
    {
        return new Trials($app, $app->revision->read(), DataSet::from($set));
    }

    /**
     * @param  array<array-key, mixed>  $steps
     * @return list<string|int>
     */
    private static function steps(array $steps): array
    {
        return array_values(array_map(fn (mixed $s): string|int => match (true) {
            is_int($s) => $s,
            is_scalar($s) => (string) $s,
            default => '',
        }, $steps));
    }
}
