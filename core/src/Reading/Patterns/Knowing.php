<?php

declare(strict_types=1);

namespace Lanai\Core\Reading\Patterns;

use Lanai\Core\Reading\Draft;
use Lanai\Core\Reading\Plan;

/** People follow one another: each has a page with what they have added, and what those one follows have added stands in one list, the newest first. */
final readonly class Knowing extends Part
{
    private const NOUN = 'follow';

    private const FIELD = 'Followed people';

    private function __construct(private Plan $plan, private string $thing)
    {
    }

    public static function in(Plan $plan): ?self
    {
        $isMeant = isset($plan->tables[self::NOUN]) && $plan->tables[self::NOUN]['fields'] === [] && $plan->host(self::NOUN) === '';
        foreach ($isMeant && $plan->does('follow', Draft::PERSON) ? $plan->byWeight() : [] as $noun) {
            if ($plan->isSomebodys($noun) && ! $plan->isPrivate($noun) && ! in_array($noun, Plan::OF_OTHERS, true)) {
                return new self($plan, $noun);
            }
        }

        return null;
    }

    public function replaces(): array
    {
        return [self::NOUN];
    }

    public function table(string $noun): array
    {
        return $noun !== Draft::PERSON ? [] : [
            '  may be seen by the person themselves, as to '.Noun::said(self::FIELD),
            '  '.Noun::said(self::FIELD).' are many People',
        ];
    }

    public function onPage(string $noun): array
    {
        if ($noun !== $this->thing) {
            return [];
        }
        $owner = "{$this->plan->nouns[$noun]->key()}.owner";

        return [
            "  Link \"By {{$owner}.name}\", if me != null and $owner != null",
            '    tapped:',
            "      go to Somebody with $owner",
        ];
    }

    public function parts(): array
    {
        $many = $this->plan->nouns[$this->thing]->many;
        $lines = [
            "    shows {$this->plan->label($this->thing)} as title",
            '    shows relative(added) as aside',
            ...array_map(
                fn (array $field): string => "    shows {$this->plan->key($field, $this->thing)} as picture",
                array_slice(Plan::typed($this->plan->tables[$this->thing]['fields'], ['picture']), 0, 1),
            ),
            '    tapped:',
            '      go to '.Noun::said($this->plan->nouns[$this->thing]->one).' with this',
        ];

        return [
            implode("\n", [
                'screen Followed',
                '  Text "Sign in to follow others.", if me == null',
                '  List of '.Noun::said($many).' where me != null and any(me.followedPeople, this == owner), by Added downward, showing 20',
                ...$lines,
                '    when empty: "Nothing yet: follow somebody from the page of what they have added."',
            ]),
            implode("\n", [
                'screen Somebody, about one Person, titled "{person.name}", only when signed in',
                '  Picture of person.picture, described as "{person.name}", if person.picture != null',
                '  Button "Follow", if person != me and not any(me.followedPeople, this == person)',
                '    tapped:',
                '      put person into me.followedPeople',
                '  Button "Follow no more", quiet, if any(me.followedPeople, this == person)',
                '    tapped:',
                '      take person out of me.followedPeople',
                '  Heading "'.strtr($many, ['"' => '', '\\' => '', '{' => '', '}' => '']).'"',
                '  List of '.Noun::said($many).' where owner == screen.person, by Added downward, showing 20',
                ...$lines,
                '    when empty: "Nothing yet."',
            ]),
        ];
    }

    public function ways(): array
    {
        return [['Followed', 'heart']];
    }
}
