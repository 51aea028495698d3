<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Apps\LayoutSurvey;
use App\Models\App;
use App\Reach\Translators;
use App\Space;
use App\Studio\StudioState;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Lanai\Core\Exchange\UnreadableFile;
use Lanai\Core\Exchange\Words\WordEntry;
use Lanai\Core\Exchange\Words\WordList;
use Lanai\Core\Exchange\Words\WordsFile;
use Lanai\Core\Findings\Finding;
use Lanai\Core\Geometry\Device;
use Lanai\Core\Languages\AppText;
use Lanai\Core\Languages\AppTexts;
use Lanai\Core\Languages\Plurals;
use Lanai\Core\Languages\Pseudo;
use Lanai\Core\Languages\Wording;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Languages\Language;
use Lanai\Core\Rows\Refused;
use Lanai\Core\Text\Tongues;

/** The languages of an app: what its texts say in them, by hand, by files and by a service, and how that fits. */
final class LanguagesController
{
    /** All texts in one language, and what is to be looked at. */
    public function show(App $app, string $tongue): JsonResponse
    {
        $blueprint = $app->revision->read();
        $language = self::language($blueprint, $tongue);
        $places = [];
        foreach (AppTexts::of($blueprint) as $text) {
            $places[$text->source][] = ['at' => $text->at, 'on' => $text->on];
        }

        return response()->json([
            'tongue' => $tongue,
            'name' => $language->name(),
            'direction' => Tongues::direction($tongue),
            'plurals' => Plurals::of($tongue),
            'translators' => (new Translators(Space::sandbox($app)))->requests(),
            'texts' => array_map(fn (WordEntry $entry): array => [
                'source' => $entry->source,
                'says' => $entry->says,
                'on' => $entry->on,
                'was' => $entry->was,
                'where' => $entry->places,
                'values' => $entry->values,
                'at' => self::at($places[$entry->source] ?? [], $entry->on),
                'doubts' => self::doubts($entry, $tongue),
            ], WordList::of($blueprint, $language)),
        ]);
    }

    /** For a translator: XLIFF, PO or CSV. */
    public function file(Request $request, App $app, string $tongue): Response
    {
        $told = $request->validate(['format' => ['required', 'string', 'in:xliff,po,csv']]);
        $blueprint = $app->revision->read();
        $language = self::language($blueprint, $tongue);
        $format = WordsFile::from($told['format']);
        $name = "$app->slug-$tongue.{$format->ending()}";

        return response($format->written(WordList::of($blueprint, $language), $blueprint->begunIn(), $tongue), 200, [
            'Content-Type' => $format->mime().'; charset=UTF-8',
            'Content-Disposition' => "attachment; filename=\"$name\"",
            'X-Content-Type-Options' => 'nosniff',
        ]);
    }

    /** What of a translator's file can be taken; nothing is changed yet. */
    public function read(Request $request, App $app, string $tongue): JsonResponse
    {
        $request->validate(['file' => ['required', 'file', 'max:'.(WordsFile::LARGEST / 1024)]]);
        $blueprint = $app->revision->read();
        $language = self::language($blueprint, $tongue);
        try {
            $path = (string) $request->file('file')?->getRealPath();
            $read = WordsFile::read(fn () => fopen($path, 'rb') ?: throw new UnreadableFile('This file cannot be read just now.'));
        } catch (UnreadableFile $unreadable) {
            return response()->json(['message' => $unreadable->getMessage()], 422);
        }
        if ($read['tongue'] !== '' && $read['tongue'] !== $tongue && isset(Tongues::NAMES[$read['tongue']])) {
            $other = Tongues::NAMES[$read['tongue']];

            return response()->json(['message' => "This file is in $other, and {$language->name()} is open here. Nothing was taken."], 422);
        }

        return response()->json(WordList::taken($blueprint, $tongue, $read['entries']));
    }

    /** What a translation service of the app makes of some texts. */
    public function propose(Request $request, App $app, string $tongue): JsonResponse
    {
        $told = $request->validate([
            'request' => ['required', 'string', 'max:100'],
            'sources' => ['required', 'array', 'min:1', 'max:'.Translators::MOST],
            'sources.*' => ['string', 'max:8000'],
        ]);
        self::language($app->revision->read(), $tongue);
        try {
            $proposals = (new Translators(Space::sandbox($app)))->propose($told['request'], $tongue, array_values($told['sources']));
        } catch (Refused $refused) {
            return response()->json(['message' => $refused->getMessage()], 422);
        }

        return response()->json(['proposals' => $proposals]);
    }

    /** What does not fit in a language though it does in the app's own. */
    public function layout(Request $request, App $app, string $tongue): JsonResponse
    {
        $request->validate(['person' => ['nullable', 'integer', 'min:1']]);
        abort_unless(Pseudo::isOne($tongue) || $app->revision->read()->language($tongue) !== null, 404);
        $person = $request->filled('person') ? $request->integer('person') : null;
        $own = [];
        foreach ((new LayoutSurvey($app))->screens($person) as $screen) {
            foreach ($screen['findings'] as $finding) {
                $own["$finding->rule $finding->at"] = true;
            }
        }
        $screens = [];
        foreach ((new LayoutSurvey($app, $tongue))->screens($person) as $screen) {
            $new = array_values(array_filter($screen['findings'], fn (Finding $f): bool => ! isset($own["$f->rule $f->at"])));
            if ($new !== []) {
                $screens[] = ['slug' => $screen['slug'], 'args' => $screen['args'], 'findings' => array_map(StudioState::finding(...), $new)];
            }
        }

        return response()->json(['devices' => count(Device::every()), 'screens' => $screens]);
    }

    /** @return list<string> */
    private static function doubts(WordEntry $entry, string $tongue): array
    {
        if ($entry->says === '') {
            return [];
        }
        $numbers = array_map(strval(...), array_keys($entry->values));
        $wording = Wording::of($entry->says, new AppText('', AppText::TEXT, $entry->on, $entry->source, $numbers, $entry->values), $tongue);

        return $wording->wrong === '' ? $wording->doubts : [$wording->wrong];
    }

    /** @param  list<array{at: string, on: string}>  $places */
    private static function at(array $places, string $on): string
    {
        foreach ($places as $place) {
            if ($on === '' || $place['on'] === $on) {
                return $place['at'];
            }
        }

        return '';
    }

    private static function language(Blueprint $blueprint, string $tongue): Language
    {
        return $blueprint->language($tongue) ?? abort(404, 'The app does not speak this language.');
    }
}
