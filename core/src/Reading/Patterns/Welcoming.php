<?php

declare(strict_types=1);

namespace Lanai\Core\Reading\Patterns;

use Lanai\Core\Reading\Plan;

/** Newcomers see some pages once, made from what the app does; each is a sentence that can be written anew. */
final readonly class Welcoming extends Part
{
    public const SCREEN = 'Welcome';

    /** @param  list<string>  $says */
    private function __construct(private string $name, private array $says)
    {
    }

    public static function in(Plan $plan): ?self
    {
        $many = array_map(fn (string $noun): string => mb_strtolower($plan->nouns[$noun]->many), array_filter(array_keys($plan->tables), $plan->isMain(...)));
        $things = array_slice(array_values($many), 0, 3);
        $last = array_pop($things);
        if (! $plan->wants('welcome') || $last === null) {
            return null;
        }
        $said = 'Here you find '.($things === [] ? $last : implode(', ', $things)." and $last").'.';

        return new self($plan->name, [$said, 'Look around first. Sign in when you want to take part: it takes a moment, and your own things stay with you.']);
    }

    public function parts(): array
    {
        $quoted = fn (string $text): string => '"'.strtr($text, ['\\' => '', '"' => '”', '{' => '(', '}' => ')', "\n" => ' ']).'"';
        $pages = [];
        foreach ($this->says as $i => $one) {
            $heading = $i === 0 ? ['      Heading '.$quoted(mb_strimwidth($this->name, 0, 24, '…')).', in the middle'] : [];
            array_push($pages, ...['    page', ...$heading, '      Text '.$quoted($one).', in the middle']);
        }

        return [
            'value Welcomed is yes or no, kept for each device, at first false',
            implode("\n", [
                'screen '.self::SCREEN.', titled "Welcome", full screen, opens fading',
                '  Pages, ending with "Let us go", which may be skipped',
                ...$pages,
                '    finished:',
                '      set value Welcomed to true',
                '      start over',
            ]),
        ];
    }
}
