<?php

declare(strict_types=1);

namespace Lanai\Core\Findings\Rules;

use Lanai\Core\Effects\GoBack;
use Lanai\Core\Effects\OfferAdvert;
use Lanai\Core\Effects\ShowAdvert;
use Lanai\Core\Effects\SignOut;
use Lanai\Core\Effects\StartOver;
use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Mend;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Findings\Rule;
use Lanai\Core\Findings\Station;
use Lanai\Core\Lines\AddForm;
use Lanai\Core\Lines\Advert;
use Lanai\Core\Lines\ChangeForm;
use Lanai\Core\Lines\Divider;
use Lanai\Core\Lines\Heading;
use Lanai\Core\Lines\InputLine;
use Lanai\Core\Lines\ListLine;
use Lanai\Core\Lines\Offer;
use Lanai\Core\Lines\Pages;
use Lanai\Core\Lines\Space;
use Lanai\Core\Model\Adverts\Adverts;
use Lanai\Core\Text\Pattern;

/** Adverts on screens and at moments where stores refuse them. How near they are to what is tapped only the layout tells. */
final class AdvertPlaces implements Rule
{
    public function holds(): string
    {
        return 'Adverts stand on no screen and come at no moment where stores refuse them.';
    }

    public function station(): Station
    {
        return Station::Earnings;
    }

    public function look(Reading $reading): iterable
    {
        $adverts = $reading->blueprint->adverts;
        if ($adverts === null) {
            return;
        }
        yield from $this->ofScreens($reading, $adverts);
        yield from $this->ofPauses($reading, $adverts);
    }

    /** @return array<string, string> where adverts come => on which screen a line for them stands, as a number; '' for none */
    public static function in(Reading $reading): array
    {
        $places = [];
        $screen = fn (string $at): string => Pattern::match('~^/screens/(\d+)/~', $at, $found) ? $found[1] : '';
        foreach (array_keys($reading->placesOf(Advert::class)) as $at) {
            $places[$at] = $screen($at);
        }
        foreach ([...array_keys($reading->placesOf(ShowAdvert::class)), ...array_keys($reading->placesOf(OfferAdvert::class))] as $at) {
            $places[$at] = '';
        }
        foreach ($reading->placesOf(ListLine::class) as $at => $data) {
            if (isset($data['adverts'])) {
                $places[$at] = $screen($at);
            }
        }

        return $places;
    }

    /** @return iterable<Finding> */
    private function ofScreens(Reading $reading, Adverts $adverts): iterable
    {
        $blueprint = $reading->blueprint;
        $signIn = $blueprint->signIn === null || $blueprint->signIn->at === '' ? null : $blueprint->screenIndex($blueprint->signIn->at);
        $never = array_map(mb_strtolower(...), $adverts->never);
        $said = [];
        foreach (self::in($reading) as $at => $screen) {
            $name = $screen === '' ? '' : $blueprint->screens[(int) $screen]->name ?? '';
            if ($name === '' || isset($said[$screen]) || in_array(mb_strtolower($name), $never, true)) {
                continue;
            }
            $said[$screen] = true;
            if ((int) $screen === $signIn) {
                yield Finding::blocking(self::class, $at, 'Where people sign in no advert stands: it is never shown here.');

                continue;
            }
            $why = match (true) {
                self::has($reading, $screen, [AddForm::class, ChangeForm::class, InputLine::class]) => 'has a form: an advert beside it is tapped by mistake',
                self::has($reading, $screen, [Offer::class]) => 'is where people pay: an advert there leads them away from it',
                self::has($reading, $screen, [Pages::class]) => 'is how people come to know the app: an advert there is the first that they see of it',
                ! self::hasContent($reading, $screen) => 'has nothing on it but an advert',
                default => null,
            };
            if ($why !== null) {
                $mend = new Mend("No adverts on “{$name}”", [['op' => 'add', 'path' => '/adverts/never', 'value' => [...$adverts->never, $name]]]);
                yield Finding::warning(self::class, $at, "“{$name}” $why, and stores refuse that.", $mend);
            }
        }
    }

    /** @param  list<class-string>  $classes */
    private static function has(Reading $reading, string $screen, array $classes): bool
    {
        foreach ($classes as $class) {
            foreach (array_keys($reading->placesOf($class)) as $at) {
                if (str_starts_with($at, "/screens/$screen/")) {
                    return true;
                }
            }
        }

        return false;
    }

    /** Whether there is more on a screen than adverts and what stands between things. */
    private static function hasContent(Reading $reading, string $screen): bool
    {
        foreach ($reading->blueprint->screens[(int) $screen]->lines() as $line) {
            if (! ($line instanceof Advert || $line instanceof Heading || $line instanceof Divider || $line instanceof Space)) {
                return true;
            }
        }

        return false;
    }

    /** @return iterable<Finding> about adverts over the whole screen */
    private function ofPauses(Reading $reading, Adverts $adverts): iterable
    {
        $shown = $reading->placesOf(ShowAdvert::class);
        $offered = $reading->placesOf(OfferAdvert::class);
        $back = array_keys($reading->placesOf(GoBack::class));
        $leaves = [...array_keys($reading->placesOf(SignOut::class)), ...array_keys($reading->placesOf(StartOver::class))];
        foreach ($shown + $offered as $at => $data) {
            [$block, $n] = [substr($at, 0, (int) strrpos($at, '/')), (int) substr($at, (int) strrpos($at, '/') + 1)];
            $isOffered = isset($offered[$at]);
            $takeAway = new Mend('Show none there', [['op' => 'remove', 'path' => $at]]);
            if ($adverts->children) {
                $said = 'An app that is also for children shows no advert over the whole screen: it is passed over.';
                yield Finding::warning(self::class, $at, $said, $takeAway);
            } elseif (Pattern::match('~^/(routines|products)/~', $at)) {
                yield Finding::warning(self::class, $at, 'Nobody has tapped here, so nobody sees this advert: it belongs to what is tapped.', $takeAway);
            } elseif ($isOffered) {
                continue;
            } elseif (isset($shown["$block/".($n + 1)])) {
                yield Finding::warning(self::class, $at, 'Two adverts over the whole screen one after the other: stores refuse that.', $takeAway);
            } elseif (self::isBeside($block, $back)) {
                yield Finding::warning(self::class, $at, 'An advert over the whole screen on the way back keeps people in: stores refuse that.', $takeAway);
            } elseif (self::isBeside($block, $leaves)) {
                yield Finding::warning(self::class, $at, 'An advert over the whole screen on the way out keeps people in: stores refuse that.', $takeAway);
            } elseif (($data['minutes'] ?? null) === null) {
                yield Finding::warning(
                    self::class,
                    $at,
                    'Nothing says how seldom this advert comes: each time that this is tapped.',
                    new Mend('At most once in 5 minutes', [['op' => 'add', 'path' => "$at/minutes", 'value' => 5]]),
                );
            }
        }
    }

    /** @param  list<string>  $others */
    private static function isBeside(string $block, array $others): bool
    {
        return array_filter($others, fn (string $other): bool => str_starts_with($other, "$block/")) !== [];
    }
}
