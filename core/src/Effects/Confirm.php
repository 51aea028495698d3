<?php

declare(strict_types=1);

namespace Lanai\Core\Effects;

use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Clause;
use Lanai\Core\Language\Fits\TextFit;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Play\Doing;
use Lanai\Core\Play\Effect;
use Lanai\Core\Play\NeedsConfirmation;

/** Asks first. Until the person has said yes, nothing of the tap happens, not even what stands before the question. */
final readonly class Confirm implements Effect
{
    /**
     * @param  string  $yes  what the button says that goes on; what was tapped, where it is empty
     * @param  string  $no  what the other one says
     */
    public function __construct(public string $text, public string $yes = '', public string $no = '')
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('confirm', new Blank('text', new TextFit))->clauses(
            Clause::of('saying', 'its button says', new Blank('yes', new TextFit)),
            Clause::of('or', 'the other button says', new Blank('no', new TextFit)),
        );
    }

    public function run(Doing $doing): void
    {
        if (! in_array($doing->scene->at, $doing->confirmed, true)) {
            $scene = $doing->scene;
            throw new NeedsConfirmation($scene->text($this->text, 'text'), $scene->at, yes: $scene->text($this->yes, 'yes'), no: $scene->text($this->no, 'no'));
        }
    }
}
