<?php

declare(strict_types=1);

namespace Lanai\Core\Edits\Kinds;

use Lanai\Core\Edits\Edit;
use Lanai\Core\Edits\EditRefused;
use Lanai\Core\Edits\EditResult;
use Lanai\Core\Edits\Patch;
use Lanai\Core\Language\Prose;
use Lanai\Core\Model\Blueprint;

/** From now on people get a language, or they do not any more. */
final readonly class OfferLanguage implements Edit
{
    /** @param  string  $tongue  its tag */
    public function __construct(public string $tongue, public bool $offered)
    {
    }

    public function about(): array
    {
        return ['/languages'];
    }

    public function on(Blueprint $blueprint): EditResult
    {
        $data = $blueprint->data();
        $languages = Prose::nodes($data['languages'] ?? []);
        foreach ($languages as $i => $language) {
            if (($language['tongue'] ?? '') === $this->tongue) {
                unset($languages[$i]['hidden']);
                if (! $this->offered) {
                    $languages[$i]['hidden'] = true;
                }

                return EditResult::by($blueprint, Patch::between($data, ['languages' => $languages] + $data));
            }
        }

        throw new EditRefused('The app does not speak this language any more.');
    }
}
