<?php

declare(strict_types=1);

namespace Lanai\Core\Findings\Rules;

use Lanai\Core\Effects\AllowAdverts;
use Lanai\Core\Effects\GoBack;
use Lanai\Core\Effects\RefuseAdverts;
use Lanai\Core\Effects\ShowAdvert;
use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Mend;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Findings\Rule;
use Lanai\Core\Findings\Station;
use Lanai\Core\Lines\AddForm;
use Lanai\Core\Lines\Advert;
use Lanai\Core\Lines\ChangeForm;
use Lanai\Core\Lines\InputLine;
use Lanai\Core\Lines\ListLine;
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
        $places = $this->places($reading);
        if ($adverts === null) {
            foreach (array_keys($places) as $at) {
                yield Finding::blocking(self::class, $at, 'Nothing says through whom adverts come: none will ever stand here.');
            }

            return;
        }
        if ($reading->isAround()) {
            yield from $this->ofRules($reading, $adverts, $places);
        }
        yield from $this->ofPlaces($reading, $adverts, $places);
    }

    /** @return array<string, string> where adverts stand => on which screen, as a number; '' for none */
    private function places(Reading $reading): array
    {
        $places = [];
        foreach ($reading->placesOf(Advert::class) as $at => $data) {
            $places[$at] = Pattern::match('~^/screens/(\d+)/~', $at, $found) ? $found[1] : '';
        }
        foreach ($reading->placesOf(ShowAdvert::class) as $at => $data) {
            $places[$at] = '';
        }
        foreach ($reading->placesOf(ListLine::class) as $at => $data) {
            if (isset($data['adverts'])) {
                $places[$at] = Pattern::match('~^/screens/(\d+)/~', $at, $found) ? $found[1] : '';
            }
        }

        return $places;
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

    /**
     * @param  array<string, string>  $places
     * @return iterable<Finding>
     */
    private function ofPlaces(Reading $reading, Adverts $adverts, array $places): iterable
    {
        $blueprint = $reading->blueprint;
        $forms = [];
        foreach ([AddForm::class, ChangeForm::class, InputLine::class] as $class) {
            foreach (array_keys($reading->placesOf($class)) as $at) {
                if (Pattern::match('~^/screens/(\d+)/~', $at, $found)) {
                    $forms[$found[1]] = true;
                }
            }
        }
        $signIn = $blueprint->signIn === null || $blueprint->signIn->at === '' ? null : $blueprint->screenIndex($blueprint->signIn->at);
        $many = array_count_values(array_filter($places, fn (string $screen): bool => $screen !== ''));
        $said = [];
        yield from $this->ofPauses($reading, $adverts);
        foreach ($places as $at => $screen) {
            if ($screen === '') {
                continue;
            }
            $name = $blueprint->screens[(int) $screen]->name ?? '';
            if ((int) $screen === $signIn) {
                yield Finding::blocking(self::class, $at, 'Where people sign in no advert stands: it is never shown here.');
            } elseif (isset($forms[$screen])) {
                yield Finding::warning(self::class, $at, "“{$name}” has a form: an advert beside it is tapped by mistake, and stores refuse that.");
            } elseif (($many[$screen] ?? 0) > 1 && ! isset($said[$screen])) {
                $said[$screen] = true;
                yield Finding::warning(self::class, $at, "More than one place for adverts on “{$name}”: stores want one in sight at most.");
            }
        }
    }

    /** @return iterable<Finding> about adverts over the whole screen */
    private function ofPauses(Reading $reading, Adverts $adverts): iterable
    {
        $spots = array_keys($reading->placesOf(ShowAdvert::class));
        $back = array_keys($reading->placesOf(GoBack::class));
        foreach ($spots as $at) {
            [$block, $n] = [substr($at, 0, (int) strrpos($at, '/')), (int) substr($at, (int) strrpos($at, '/') + 1)];
            if ($adverts->children) {
                yield Finding::warning(self::class, $at, 'An app that is also for children shows no advert over the whole screen: it is passed over.');
            } elseif (in_array("$block/".($n + 1), $spots, true)) {
                yield Finding::warning(self::class, $at, 'Two adverts over the whole screen one after the other: stores refuse that.');
            } elseif (array_filter($back, fn (string $other): bool => str_starts_with($other, "$block/")) !== []) {
                yield Finding::warning(self::class, $at, 'An advert over the whole screen on the way back keeps people in: stores refuse that.');
            } elseif (($reading->placesOf(ShowAdvert::class)[$at]['minutes'] ?? null) === null) {
                yield Finding::warning(
                    self::class,
                    $at,
                    'Nothing says how seldom this advert comes: each time that this is tapped.',
                    new Mend('At most once in 5 minutes', [['op' => 'add', 'path' => "$at/minutes", 'value' => 5]]),
                );
            }
        }
    }
}
