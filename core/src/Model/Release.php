<?php

declare(strict_types=1);

namespace Lanai\Core\Model;

use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Clause;
use Lanai\Core\Language\Fits\ColourFit;
use Lanai\Core\Language\Fits\NumberFit;
use Lanai\Core\Language\Fits\TextFit;
use Lanai\Core\Language\HasSentence;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Language\SubLine;
use Lanai\Core\Text\Pattern;

/** What goes on the package and on its page in a store. */
final readonly class Release implements HasSentence
{
    /**
     * @param  string  $package  the package's id, such as com.example.app
     * @param  string  $version  as in Semantic Versioning 2.0.0
     * @param  int  $build  the build number, higher with every submission that a store takes
     * @param  string  $letter  drawn on the icon where no picture is given
     * @param  string  $icon  the name of an uploaded square picture
     * @param  string  $news  what is new in this version, as people read it
     * @param  int|null  $oldest  packages with a lower build number have to be updated; null where all may go on
     * @param  string  $team  by which the maker of iPhones knows who made it: ten letters and digits
     * @param  string  $listed  the number by which its store lists it
     * @param  bool  $locked  a package shows what is in it once the phone knows who holds it
     * @param  string  $words  by which people look for it, with commas between them
     * @param  bool  $unmarked  in browsers it does not say with what it was made
     * @param  string  $location  what it is for that the app may know where a phone is, as it follows “to”
     */
    public function __construct(
        public string $package = '',
        public string $version = '0.1.0',
        public int $build = 1,
        public string $letter = '',
        public string $colour = '',
        public string $icon = '',
        public string $title = '',
        public string $summary = '',
        public string $description = '',
        public string $location = '',
        public bool $locked = false,
        public string $news = '',
        public ?int $oldest = null,
        public string $team = '',
        public string $listed = '',
        public string $words = '',
        public bool $unmarked = false,
    ) {
    }

    /** Whether it is known by which number the store for iPhones lists it. */
    public function isListed(): bool
    {
        return Pattern::match('/^\d{6,12}$/D', $this->listed);
    }

    /** What names the app to iPhones: the team that made it, and the package; '' as long as one of them is not known. */
    public function appId(): string
    {
        return Pattern::match('/^[A-Z0-9]{10}$/D', $this->team) && $this->package !== '' ? "$this->team.{$this->bundle()}" : '';
    }

    /** The package as iPhones name it: letters, digits, dots and hyphens (CFBundleIdentifier, from memory). */
    public function bundle(): string
    {
        return str_replace('_', '-', $this->package);
    }

    /** The version as iPhones have it: three whole numbers, without what follows them (CFBundleShortVersionString, from memory). */
    public function numbers(): string
    {
        return Pattern::match('/^\d+\.\d+\.\d+/', $this->version, $found) ? $found[0] : '0.0.0';
    }

    public static function sentence(): Sentence
    {
        $text = fn (string $key, string $lead): SubLine => new SubLine($lead, new Blank($key, TextFit::plain()), $lead);
        $words = fn (string $key, string $lead): SubLine => new SubLine($lead, new Blank($key, TextFit::words()), $lead);

        return Sentence::of('release')->clauses(Clause::flag('locked', 'locked by fingerprint'), Clause::flag('unmarked', 'without the mark of Lanai'))->below(
            $text('package', 'package is'),
            $text('version', 'version is'),
            new SubLine('build number is', new Blank('build', NumberFit::whole(1, 2100000000)), 'build number is'),
            $text('letter', 'icon letter is'),
            new SubLine('icon colour is', new Blank('colour', new ColourFit), 'icon colour is'),
            $text('icon', 'icon picture is'),
            $words('title', 'title is'),
            $words('summary', 'summary is'),
            $words('description', 'description is'),
            $words('words', 'people search for'),
            $words('location', 'location is used to'),
            $words('news', 'what is new is'),
            new SubLine('oldest build is', new Blank('oldest', NumberFit::whole(1, 2100000000)), 'oldest build is'),
            $text('team', 'team for iPhones is'),
            $text('listed', 'number in the store for iPhones is'),
        );
    }
}
