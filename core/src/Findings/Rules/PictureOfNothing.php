<?php

declare(strict_types=1);

namespace Lanai\Core\Findings\Rules;

use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Mend;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Findings\Rule;
use Lanai\Core\Findings\Station;
use Lanai\Core\Release\PictureSize;

/** Pictures for the stores that cannot be taken, are too many, or whose words nobody reads at that size. */
final class PictureOfNothing implements Rule
{
    /** Characters above a picture: more are too small to be read in a store (common practice, no source). */
    private const LONGEST = 60;

    public function holds(): string
    {
        return 'Pictures for the stores are as many as stores take, and their words can be read.';
    }

    public function station(): Station
    {
        return Station::Release;
    }

    public function look(Reading $reading): iterable
    {
        $blueprint = $reading->blueprint;
        foreach ($blueprint->pictures as $i => $picture) {
            $screen = $blueprint->screen($picture->screen);
            if ($picture->about !== '' && $screen !== null && $screen->parameters() === []) {
                $leave = new Mend('Leave out which', [['op' => 'remove', 'path' => "/pictures/$i/about"]]);
                yield Finding::warning(self::class, "/pictures/$i", "“{$screen->name}” is about nothing that could be “{$picture->about}”.", $leave);
            }
            if ($picture->person !== '' && $blueprint->peopleTable() === null) {
                $leave = new Mend('Leave out who', [['op' => 'remove', 'path' => "/pictures/$i/person"]]);
                yield Finding::warning(self::class, "/pictures/$i", 'This app has no people yet, so nobody can be chosen who sees it.', $leave);
            }
            if (grapheme_strlen($picture->caption) > self::LONGEST) {
                $sentence = 'The words above this picture have '.grapheme_strlen($picture->caption).' characters. More than '.self::LONGEST
                    .' are too small to be read in a store.';
                yield Finding::warning(self::class, "/pictures/$i/caption", $sentence);
            }
        }
        $count = count($blueprint->pictures);
        if ($count === 1 || $count > PictureSize::MOST) {
            yield Finding::warning(self::class, '/pictures', $count === 1
                ? 'Stores want two pictures at least, and one is said.'
                : 'Stores take '.PictureSize::MOST." pictures at most, and $count are said.");
        }
    }
}
