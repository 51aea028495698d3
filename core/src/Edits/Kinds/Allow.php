<?php

declare(strict_types=1);

namespace Lanai\Core\Edits\Kinds;

use Lanai\Core\Edits\Edit;
use Lanai\Core\Edits\EditRefused;
use Lanai\Core\Edits\EditResult;
use Lanai\Core\Edits\Places;
use Lanai\Core\Model\Access\Verb;
use Lanai\Core\Model\Blueprint;

/** Says that somebody may do something with the rows of a table. */
final readonly class Allow implements Edit
{
    /**
     * @param  string  $at  the table
     * @param  string  $verb  of Verb: seen, added, changed or removed
     * @param  string  $who  a kind of those who may
     * @param  string  $of  the role or the field, where the kind asks for one
     */
    public function __construct(public string $at, public string $verb, public string $who, public string $of = '')
    {
    }

    public function about(): array
    {
        return ["$this->at/access"];
    }

    public function on(Blueprint $blueprint): EditResult
    {
        $who = match ($this->who) {
            'role' => ['kind' => 'role', 'role' => $this->of],
            'having' => ['kind' => 'having', 'entitlement' => $this->of],
            'personIn' => ['kind' => 'personIn', 'field' => $this->of],
            'if', 'unless' => ['kind' => $this->who, 'if' => ''],
            'everyone', 'nobody', 'signedIn', 'themselves' => ['kind' => $this->who],
            default => throw new EditRefused('There is nobody of that name.'),
        };
        $verb = Verb::tryFrom($this->verb) ?? throw new EditRefused('Rows can be seen, added, changed and removed, and nothing else.');
        [$patch, $made] = Places::put($blueprint, "$this->at/access", null, [['verb' => $verb->value, 'who' => $who]]);

        return EditResult::by($blueprint, $patch)->making($made);
    }
}
