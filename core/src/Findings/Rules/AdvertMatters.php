<?php

declare(strict_types=1);

namespace Lanai\Core\Findings\Rules;

use Lanai\Core\Edits\ScreenMap;
use Lanai\Core\Effects\AllowAdverts;
use Lanai\Core\Effects\RefuseAdverts;
use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Mend;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Findings\Rule;
use Lanai\Core\Findings\Station;
use Lanai\Core\Model\Adverts\Adverts;
use Lanai\Core\Text\Pattern;

/** Adverts where they do harm, for those who pay, without being asked, or where nobody says who sends them. */
final class AdvertMatters implements Rule
{
    public function holds(): string
    {
        return 'Adverts stand where they may, and whoever sees them was asked.';
    }

    public function station(): Station
    {
        return Station::Earnings;
    }

    public function look(Reading $reading): iterable
    {
        $adverts = $reading->blueprint->adverts;
        $places = AdvertPlaces::in($reading);
        if ($adverts === null) {
            foreach (array_keys($places) as $at) {
                yield Finding::blocking(self::class, $at, 'Nothing says through whom adverts come: none will ever stand here.');
            }

            return;
        }
        if ($reading->isAround()) {
            yield from $this->ofRules($reading, $adverts, $places);
        }
    }

    /**
     * @param  array<string, string>  $places
     * @return iterable<Finding>
     */
    private function ofRules(Reading $reading, Adverts $adverts, array $places): iterable
    {
        $blueprint = $reading->blueprint;
        if ($places === []) {
            yield Finding::warning(self::class, '/adverts', 'There are rules for adverts, and no place for one: write “Advert” and a name on a screen.');
        }
        $pays = array_filter($blueprint->entitlements(), fn (string $one): bool => $blueprint->giving($one) !== []);
        if ($pays !== [] && $adverts->none === []) {
            yield Finding::warning(
                self::class,
                '/adverts',
                'Also people who pay see adverts.',
                new Mend('None for those who pay', [['op' => 'add', 'path' => '/adverts/none', 'value' => array_values($pays)]]),
            );
        }
        foreach (array_udiff($adverts->none, $blueprint->entitlements(), strcasecmp(...)) as $unknown) {
            yield Finding::blocking(self::class, '/adverts', "“{$unknown}” is nothing that people have: everybody would see adverts.");
        }
        if ($adverts->seller === '' && $places !== []) {
            yield Finding::warning(
                self::class,
                '/adverts',
                'Nothing says what the network calls you (“as seller”): app-ads.txt cannot name you, and many who advertise stay away then.',
            );
        } elseif (! Pattern::match('/^[\w.:-]{1,64}$/D', $adverts->seller) && $adverts->seller !== '') {
            yield Finding::blocking(
                self::class,
                '/adverts',
                "“{$adverts->seller}” cannot stand in app-ads.txt as it is: a name there has letters, digits and hyphens.",
            );
        }
        if (($adverts->after ?? 0) === 0 && $places !== []) {
            yield Finding::warning(
                self::class,
                '/adverts',
                'Adverts come on the very first visit, before anybody knows what the app is for.',
                new Mend('Not in the first visit', [['op' => 'add', 'path' => '/adverts/after', 'value' => 1]]),
            );
        }
        $asking = $adverts->asking === '' ? null : $blueprint->screenIndex($adverts->asking);
        if ($adverts->children) {
            return;
        }
        if ($asking === null) {
            $said = $adverts->asking === '' ? 'Nobody is asked' : "The screen “{$adverts->asking}” is not there, so nobody is asked";
            yield Finding::warning(self::class, '/adverts', "$said whether adverts may be about them: in Europe none ever are, and pay less.");

            return;
        }
        $there = fn (string $at): bool => str_starts_with($at, "/screens/$asking/");
        $allow = array_filter(array_keys($reading->placesOf(AllowAdverts::class)), $there);
        $refuse = array_filter(array_keys($reading->placesOf(RefuseAdverts::class)), $there);
        if ($allow === [] || $refuse === []) {
            $missing = $allow === [] ? 'allow' : 'refuse';
            yield Finding::blocking(self::class, "/screens/$asking", "Whoever is asked here about adverts cannot $missing them.");

            return;
        }
        $name = $blueprint->screens[$asking]->name;
        $first = $blueprint->screenIndex($blueprint->firstScreen()->name ?? '');
        if (! isset(ScreenMap::steps($blueprint, $reading->ways())[$asking])) {
            $link = ['kind' => 'link', 'label' => 'Adverts and you', 'tapped' => [['kind' => 'goTo', 'screen' => $name]]];
            $adds = [['op' => 'add', 'path' => "/screens/$first/lines/-", 'value' => $link]];
            yield Finding::warning(
                self::class,
                "/screens/$asking",
                'Whoever has answered here once does not find back to it: let a way lead here, as from the settings.',
                $first === null ? null : new Mend('A link at the end of the first screen', $adds),
            );
        }
        // Both ways alike: the buttons are of one kind.
        $button = fn (string $at): mixed => $this->line($blueprint->data(), $at);
        [$yes, $no] = [$button(array_values($allow)[0]), $button(array_values($refuse)[0])];
        $looks = fn (array $line): array => [$line['kind'] ?? '', $line['quiet'] ?? false, $line['emphasis'] ?? ''];
        $kind = fn (mixed $line): string => is_array($line) ? json_encode($looks($line), JSON_THROW_ON_ERROR) : '';
        if ($kind($yes) !== $kind($no)) {
            yield Finding::blocking(self::class, "/screens/$asking", 'Refusing adverts has to be as easy to see as allowing them: make both buttons alike.');
        }
    }

    /**
     * The line in which an effect stands.
     *
     * @param  array<array-key, mixed>  $data
     */
    private function line(array $data, string $at): mixed
    {
        $line = null;
        $here = $data;
        foreach (array_slice(explode('/', $at), 1) as $step) {
            if (! is_array($here)) {
                break;
            }
            $here = $here[$step] ?? null;
            $line = is_array($here) && isset($here['kind']) && isset($here['tapped']) ? $here : $line;
        }

        return $line;
    }
}
