<?php

declare(strict_types=1);

namespace Lanai\Core\Review\Reasons;

use Lanai\Core\Access\Rules;
use Lanai\Core\Edits\EditRefused;
use Lanai\Core\Edits\Kinds\LetPeopleBlock;
use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Mend;
use Lanai\Core\Model\Access\Unless;
use Lanai\Core\Model\Access\Verb;
use Lanai\Core\Review\Candidate;
use Lanai\Core\Review\OfBoth;
use Lanai\Core\Review\Reason;
use Lanai\Core\Text\Pattern;

/** Where people see what others have sent, they can do without somebody. */
final class OutOfSight implements Reason
{
    use OfBoth;

    public function holds(): string
    {
        return 'Whoever is bothered by somebody can choose to see nothing of them any more.';
    }

    public function look(Candidate $candidate): iterable
    {
        $rules = new Rules($candidate->blueprint);
        $without = [];
        foreach (array_keys(LetPeopleBlock::shown($candidate->blueprint)) as $i) {
            $table = $candidate->blueprint->tables[$i];
            if (array_filter($rules->barred(Verb::See, $table), fn (Unless $unless): bool => Pattern::match('/\bme\b/', $unless->if)) === []) {
                $without["/tables/$i/access"] = $table->name;
            }
        }
        if ($without !== []) {
            $sentence = 'People see what others have sent ('.implode(', ', $without).'), and cannot choose to see nothing more of somebody.';
            yield Finding::warning(self::class, (string) array_key_first($without), $sentence, self::mend($candidate, count($without)));
        }
    }

    /** Where it is there for some tables already, the founder knows best how it is to be for the others. */
    private static function mend(Candidate $candidate, int $without): ?Mend
    {
        try {
            return $without < count(LetPeopleBlock::shown($candidate->blueprint)) ? null : new Mend(
                'Let people see no more of somebody',
                (new LetPeopleBlock())->on($candidate->blueprint)->patch->operations,
            );
        } catch (EditRefused) {
            return null;
        }
    }
}
