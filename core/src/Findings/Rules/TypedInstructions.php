<?php

declare(strict_types=1);

namespace Lanai\Core\Findings\Rules;

use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Findings\Rule;
use Lanai\Core\Findings\Station;
use Lanai\Core\Formula\Kind;
use Lanai\Core\Formula\Type;
use Lanai\Core\Services\AnswerInWords;
use Lanai\Core\Services\FillingIn;
use Lanai\Core\Services\Variable;
use Lanai\Core\Text\Pattern;

/** What people type stands among the instructions of a model: it could change them. */
final class TypedInstructions implements Rule
{
    public function holds(): string
    {
        return 'What people type is never a part of a model’s instructions.';
    }

    public function station(): Station
    {
        return Station::Services;
    }

    public function look(Reading $reading): iterable
    {
        foreach ([AnswerInWords::class, FillingIn::class] as $class) {
            foreach ($reading->walk->nodesOf($class) as $node) {
                $texts = array_filter(Variable::types($node->data['takes'] ?? []), fn (Type $t): bool => $t->kind === Kind::Text);
                foreach (array_keys($texts) as $name) {
                    if (Pattern::match('/\{[^}]*\b'.preg_quote((string) $name, '/').'\b[^}]*\}/', $node->text('told'))) {
                        yield Finding::blocking(self::class, "$node->at/told", "The instructions contain “{$name}”, which people may type: it could change what the model is told to do. Put it into “asked” instead.");
                    }
                }
            }
        }
    }
}
