<?php

declare(strict_types=1);

namespace Lanai\Core\Release;

use Lanai\Core\Model\Blueprint;

/** What goes live in steps: some people have the newer revision first, while all others have the one before. */
final class InSteps
{
    /** So many of a hundred, one after the other; after the last of them everyone. */
    public const SHARES = [1, 5, 20, 50];

    /** Lots that devices draw, from 0 on. */
    public const LOTS = 100;

    /**
     * Another number for each revision, so that not always the same are the first. It has no divisor in common with the number of lots, and so each of
     * them comes once.
     */
    private const ONWARD = 61;

    /** What only decides what a device shows. All else holds for everybody: rows and who may see them, what is sold, what the app does by itself. */
    private const SHOWN = ['name', 'theme', 'screens', 'pieces', 'tabs', 'menu', 'languages', 'funnels', 'trials', 'release', 'pictures'];

    private const CALLED = [
        'tables' => 'what is kept, or who may see it',
        'signIn' => 'how people sign in',
        'roles' => 'the roles of people',
        'values' => 'what a device remembers',
        'services' => 'the services that are asked',
        'products' => 'what is sold',
        'adverts' => 'the adverts',
        'routines' => 'what the app does in several steps',
        'messages' => 'messages',
        'sends' => 'messages',
        'calendars' => 'calendars',
    ];

    /** Why a revision cannot be seen by some and not by others; '' where it can. */
    public static function refusal(Blueprint $live, Blueprint $next): string
    {
        [$before, $after] = [$live->data(), $next->data()];
        foreach (array_keys($before + $after) as $part) {
            if (! in_array($part, self::SHOWN, true) && ($before[$part] ?? null) !== ($after[$part] ?? null)) {
                $called = self::CALLED[$part] ?? 'more than what is shown';

                return "This also changes $called. That holds for everybody or for nobody, and so it cannot go to some people first.";
            }
        }

        return '';
    }

    /**
     * @param  int  $lot  that the device has drawn
     * @param  int  $number  of the revision
     * @param  int  $share  so many of a hundred have it
     */
    public static function isFirst(int $lot, int $number, int $share): bool
    {
        return ($lot + self::ONWARD * ($number % self::LOTS)) % self::LOTS < $share;
    }
}
