<?php

declare(strict_types=1);

namespace Lanai\Core\Effects;

use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Clause;
use Lanai\Core\Language\Fits\TextFit;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Play\Doing;
use Lanai\Core\Play\Effect;

/** Offers a text to the person's other apps. */
final readonly class ShareText implements Effect
{
    use OfAccount;

    /**
     * @param  bool  $here  with a link to the screen on which it is tapped, and to what that is about
     * @param  bool  $invites  whoever comes by that link is invited by the person who shares it
     */
    public function __construct(public string $text, public bool $here = false, public bool $invites = false)
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('share', new Blank('text', new TextFit))->clauses(
            Clause::flag('here', 'with a link here'),
            Clause::flag('invites', 'as an invitation'),
        );
    }

    public function run(Doing $doing): void
    {
        // Who is not signed in, or shares in an app without accounts, invites nobody; the link is the same.
        $by = $this->invites && $doing->scene->me() !== null ? (string) $doing->accounts?->invitation(self::visit($doing)) : '';
        $doing->outcome->onDevice($this->here || $this->invites ? 'share here' : 'share', $doing->scene->text($this->text, 'text'), $by);
    }
}
