<?php

declare(strict_types=1);

namespace Lanai\Core\Edits;

use Lanai\Core\Model\Blueprint;

/** One edit of a founder's, as data: it can be kept, shown before it is made, and made on a later state of the app. One class per kind. */
interface Edit
{
    /**
     * What it makes of an app.
     *
     * @throws EditRefused where it cannot be made there
     * @throws \Lanai\Core\Language\ScriptMistake
     */
    public function on(Blueprint $blueprint): EditResult;

    /**
     * What it is about: where one of these places has changed since the founder saw it, it is not made.
     *
     * @return list<string> JSON Pointers; '' for the whole app
     */
    public function about(): array;
}
