<?php

declare(strict_types=1);

namespace Lanai\Core\Model\Access;

use Lanai\Core\Language\HasSentence;
use Lanai\Core\Model\Table;

/** Those who may do something with a row. One class per kind. */
interface Who extends HasSentence
{
    /** Whether this person is one of them whatever the row; null where the row decides. */
    public function always(Somebody $asks): ?bool;

    /** The condition on the row where it decides: a formula about the row and "me". */
    public function formula(Table $table): string;

    /** "everyone", "the person in Host" */
    public function inWords(): string;

    /** As the subject of a sentence about one of them: "the person in Host". */
    public function one(): string;
}
