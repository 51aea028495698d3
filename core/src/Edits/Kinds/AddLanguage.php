<?php

declare(strict_types=1);

namespace Lanai\Core\Edits\Kinds;

use Lanai\Core\Edits\Edit;
use Lanai\Core\Edits\EditRefused;
use Lanai\Core\Edits\EditResult;
use Lanai\Core\Edits\Patch;
use Lanai\Core\Language\Prose;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Text\Tongues;

/** A further language for the app, which nobody but the founder sees yet. */
final readonly class AddLanguage implements Edit
{
    /** @param  string  $tongue  its tag */
    public function __construct(public string $tongue)
    {
    }

    public function about(): array
    {
        return ['/languages'];
    }

    public function on(Blueprint $blueprint): EditResult
    {
        $name = Tongues::NAMES[$this->tongue] ?? throw new EditRefused('There is no such language here.');
        if ($blueprint->theme->tongue() === $this->tongue || $blueprint->language($this->tongue) !== null) {
            throw new EditRefused("The app speaks $name already.");
        }
        $data = $blueprint->data();
        $languages = [...Prose::nodes($data['languages'] ?? []), ['tongue' => $this->tongue, 'hidden' => true]];

        return EditResult::by($blueprint, Patch::between($data, ['languages' => $languages] + $data));
    }
}
