<?php

declare(strict_types=1);

namespace Lanai\Core\Reading\Patterns;

use Lanai\Core\Reading\Draft;
use Lanai\Core\Reading\Plan;

/** A helper to talk to, that knows what everybody may see of the app; it answers through a practice service until another one is named. */
final readonly class Helper extends Part
{
    private const SCREEN = 'Helper';

    /** So many tables it knows, with so many rows of each. */
    private const TABLES = 3;

    private const ROWS = 20;

    private const KNOWN = ['text', 'long text', 'choice', 'date', 'date and time', 'number', 'money', 'duration', 'yes or no'];

    private const SERVICE = <<<'SCRIPT'
        service Wordsmith is at "stand-in:wordsmith/v1", for each person at most 40 a day, in all at most 2000 a day, priced in EUR
          when that is enough: "The helper needs a rest until tomorrow."
          signs in with a bearer token
          price with "small-talker" is 0.4 for a million tokens in
          price with "small-talker" is 1.6 for a million tokens out
        SCRIPT;

    /** @param  list<string>  $nouns */
    private function __construct(private Plan $plan, private array $nouns)
    {
    }

    public static function in(Plan $plan): ?self
    {
        $open = array_filter(array_keys($plan->tables), fn (string $noun): bool => $noun !== Draft::PERSON && $plan->isMain($noun)
            && ! $plan->isPrivate($noun) && Plan::typed($plan->tables[$noun]['fields'], self::KNOWN) !== []);

        return $plan->wants('helper') ? new self($plan, array_slice(array_values($open), 0, self::TABLES)) : null;
    }

    public function parts(): array
    {
        $lines = [
            self::SERVICE,
            '  answer Helper from "small-talker", of at most 200 tokens, remembering 6 turns',
            '    told: "You help people who use this app. Go by the data alone, and say so where it does not tell."',
        ];
        foreach ($this->nouns as $noun) {
            $fields = array_slice(Plan::typed($this->plan->tables[$noun]['fields'], self::KNOWN), 0, 5);
            $names = implode(' and ', array_map(fn (array $field): string => Noun::said($this->plan->called($field, $noun)), $fields));
            $lines[] = '    knowing '.Noun::said($this->plan->nouns[$noun]->many).", as to $names, at most ".self::ROWS;
        }

        return [
            implode("\n", $lines),
            implode("\n", [
                'screen '.self::SCREEN.', titled "Ask"',
                '  Conversation with Helper, beginning with "What would you like to know?", hint "Ask in your own words"',
            ]),
        ];
    }

    public function ways(): array
    {
        return [[self::SCREEN, 'chat']];
    }
}
