<?php

declare(strict_types=1);

namespace Lanai\Core\Saying\Changes;

use Lanai\Core\Edits\Kinds\Write;
use Lanai\Core\Saying\Change;
use Lanai\Core\Saying\Fields;
use Lanai\Core\Saying\Known;
use Lanai\Core\Saying\Proposal;
use Lanai\Core\Saying\Understood;
use Lanai\Core\Saying\Utterance;
use Lanai\Core\Text\Pattern;

/** “Remember that we never say user.” A standing note of the app. */
final readonly class Noting implements Change
{
    public function hear(Utterance $said, Known $app): ?Understood
    {
        if (! Pattern::match('~^(?:note|remember|keep in mind|mind|never forget)(?:\s+that|\s*:)?\s+(?<text>.{3,})$~iu', $said->text, $found)) {
            return null;
        }
        $text = ucfirst(Fields::plain(Utterance::bare($found['text'])));

        return Understood::proposing([Proposal::of("Keep the note “{$text}”", $app->blueprint, [new Write('/notes', "note \"$text\"")])]);
    }
}
