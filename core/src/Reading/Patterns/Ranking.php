<?php

declare(strict_types=1);

namespace Lanai\Core\Reading\Patterns;

use Lanai\Core\Reading\Draft;
use Lanai\Core\Reading\Plan;
use Lanai\Core\Text\Names;

/** Who has added most: the people in their order, with how many they have. Only of what everybody may see, as it tells of others. */
final readonly class Ranking extends Part
{
    private const SCREEN = 'Ranking';

    private function __construct(private Noun $thing)
    {
    }

    public static function in(Plan $plan): ?self
    {
        if (! $plan->wants('ranking')) {
            return null;
        }
        foreach (array_keys($plan->tables) as $noun) {
            $isCounted = $noun !== Draft::PERSON && $plan->isMain($noun) && $plan->isSomebodys($noun) && ! $plan->isPrivate($noun);
            if ($isCounted && ! in_array($noun, Plan::OF_OTHERS, true)) {
                return new self($plan->nouns[$noun]);
            }
        }

        return null;
    }

    public function table(string $noun): array
    {
        return $noun === Draft::PERSON ? ["  {$this->field()} = count({$this->thing->all()})"] : [];
    }

    public function parts(): array
    {
        $field = $this->field();
        $in = Names::inFormula($field);

        return [implode("\n", [
            'screen '.self::SCREEN,
            '  Text "Sign in to see who is ahead.", if me == null',
            "  List of People where $in > 0, by ".Noun::said($field).' downward, showing 50, if me != null',
            '    shows name as title',
            "    shows $in as aside",
            '    shows picture as picture',
            '    when empty: "Nobody has added anything yet."',
        ])];
    }

    public function ways(): array
    {
        return [[self::SCREEN, 'star']];
    }

    private function field(): string
    {
        return "{$this->thing->many} added";
    }
}
