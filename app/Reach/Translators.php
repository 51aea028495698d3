<?php

declare(strict_types=1);

namespace App\Reach;

use App\Services\ServiceDesk;
use App\Space;
use DateTimeImmutable;
use DateTimeZone;
use Lanai\Core\Formula\Moment;
use Lanai\Core\Languages\AppTexts;
use Lanai\Core\Languages\Phrases;
use Lanai\Core\Languages\Wording;
use Lanai\Core\Model\UnreadableValue;
use Lanai\Core\Play\Scene;
use Lanai\Core\Play\Trail;
use Lanai\Core\Play\Visit;
use Lanai\Core\Rows\Reader;
use Lanai\Core\Rows\Refused;
use Lanai\Core\Services\Call;
use Lanai\Core\Services\RowsMade;
use Lanai\Core\Services\Translation;

/** What a translation service of the app makes of its texts: proposals, of which the founder takes what is good. */
final readonly class Translators
{
    /** Texts at once. */
    public const MOST = 20;

    public function __construct(private Space $space)
    {
    }

    /** @return list<string> the requests of the app that translate */
    public function requests(): array
    {
        $found = [];
        foreach ($this->space->blueprint()->services as $service) {
            foreach ($service->requests as $request) {
                if ($request instanceof Translation && $request->model !== '') {
                    $found[] = $request->name;
                }
            }
        }

        return $found;
    }

    /**
     * @param  list<string>  $sources  texts of the app
     * @return list<array{source: string, says: string, why: string}> what each might say; why not, where there is nothing
     *
     * @throws Refused
     */
    public function propose(string $request, string $tongue, array $sources): array
    {
        $blueprint = $this->space->blueprint();
        [$service, $asked] = in_array($request, $this->requests(), true) ? Call::asked($blueprint, $request) ?? [null, null] : [null, null];
        if ($service === null || $asked === null) {
            throw new Refused('There is no such request any more.');
        }
        $zone = new DateTimeZone('UTC');
        $visit = new Visit(new Moment(new DateTimeImmutable('now', $zone), $zone), waits: true);
        $store = $this->space->store();
        $scene = new Scene($blueprint, $store, new Reader($store), $visit->moment, Trail::none(), visit: $visit);
        $desk = $this->space->services();
        $calls = $phrases = [];
        foreach (array_slice($sources, 0, self::MOST) as $n => $source) {
            $phrases[$n] = Phrases::of($source);
            foreach ($phrases[$n]->phrases ?? [] as $case => $phrase) {
                try {
                    $calls["$n $case"] = Call::tried($service, $asked, ['text' => $phrase, 'language' => $tongue], $scene, $desk->base($service));
                } catch (UnreadableValue $wrong) {
                    throw new Refused($wrong->getMessage());
                }
            }
        }
        $said = $this->said($desk, $calls, $visit);
        $proposals = [];
        foreach ($phrases as $n => $each) {
            $proposals[] = ['source' => $sources[$n]] + $this->proposal($sources[$n], $each, $tongue, $n, $said);
        }

        return $proposals;
    }

    /**
     * @param  array<string, string>  $said  by number and case; '' and why not
     * @return array{says: string, why: string}
     */
    private function proposal(string $source, ?Phrases $phrases, string $tongue, int $n, array $said): array
    {
        if ($phrases === null) {
            return ['says' => '', 'why' => 'Its words go by several values: please write it by hand.'];
        }
        $cases = [];
        foreach (array_keys($phrases->phrases) as $case) {
            if (str_starts_with($said["$n $case"], "\0")) {
                return ['says' => '', 'why' => substr($said["$n $case"], 1)];
            }
            $cases[$case] = $said["$n $case"];
        }
        $message = $phrases->back($cases, $tongue);
        if ($message === null) {
            return ['says' => '', 'why' => 'A value was lost in the translation: please write it by hand.'];
        }
        foreach (AppTexts::of($this->space->blueprint()) as $text) {
            if ($text->source === $source) {
                $wrong = Wording::of($message, $text, $tongue)->wrong;

                return $wrong === '' ? ['says' => $message, 'why' => ''] : ['says' => '', 'why' => $wrong];
            }
        }

        return ['says' => $message, 'why' => ''];
    }

    /**
     * @param  array<string, Call>  $calls
     * @return array<string, string> what each says; a zero byte and why, where it says nothing
     */
    private function said(ServiceDesk $desk, array $calls, Visit $visit): array
    {
        $said = [];
        foreach ($desk->ask($calls, $visit, Trail::none()) as $key => $answer) {
            if ($answer->trouble !== null || ! $answer->isThere()) {
                $said[$key] = "\0".($answer->trouble === null ? 'There is no answer.' : $answer->trouble->sentence);

                continue;
            }
            $row = (new RowsMade($this->space->blueprint()))->of($calls[$key]->request, $answer)[0] ?? null;
            $text = $row === null ? null : $row->values['text'] ?? null;
            $isWhole = $row !== null && ($row->values['complete'] ?? false);
            $said[$key] = is_string($text) && $text !== '' && $isWhole ? $text : "\0".'The service could not translate all of it.';
        }

        return $said;
    }
}
