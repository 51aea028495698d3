<?php

declare(strict_types=1);

namespace Lanai\Core\Findings\Rules;

use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Findings\Rule;
use Lanai\Core\Findings\Station;
use Lanai\Core\Formula\Kind;
use Lanai\Core\Formula\Type;
use Lanai\Core\Model\Pointer;
use Lanai\Core\Model\Services\Variable;
use Lanai\Core\Services\AnswerInWords;
use Lanai\Core\Services\FillingIn;
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
        foreach ($reading->blueprint->services as $i => $service) {
            foreach ($service->requests as $r => $request) {
                if (! ($request instanceof AnswerInWords || $request instanceof FillingIn)) {
                    continue;
                }
                $at = "/services/$i/requests/$r";
                $takes = Variable::types(Pointer::get("$at/takes", $reading->blueprint->data()) ?? []);
                $texts = array_filter($takes, fn (Type $t): bool => $t->kind === Kind::Text);
                foreach (array_keys($texts) as $name) {
                    if (Pattern::match('/\{[^}]*\b'.preg_quote((string) $name, '/').'\b[^}]*\}/', $request->told)) {
                        yield Finding::blocking(
                            self::class,
                            "$at/told",
                            "The instructions contain “{$name}”, which people may type: it could change what the model is told to do. Put it into "
                                .'“asked” instead.',
                        );
                    }
                }
            }
        }
    }
}
