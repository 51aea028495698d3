<?php

declare(strict_types=1);

namespace Lanai\Core\Edits\Kinds;

use Lanai\Core\Edits\Edit;
use Lanai\Core\Edits\EditRefused;
use Lanai\Core\Edits\EditResult;
use Lanai\Core\Edits\Patch;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\StorePicture;
use Lanai\Core\Release\PictureChoice;

/** The screens that are proposed for the stores become sentences, so that words can stand above them. */
final readonly class ChoosePictures implements Edit
{
    public function about(): array
    {
        return ['/pictures'];
    }

    public function on(Blueprint $blueprint): EditResult
    {
        if ($blueprint->pictures !== []) {
            throw new EditRefused('It is said already which screens are shown in the stores.');
        }
        $pictures = array_map(fn (StorePicture $one): array => ['screen' => $one->screen], PictureChoice::proposed($blueprint));
        if ($pictures === []) {
            throw new EditRefused('There is no screen yet that a picture could show.');
        }
        $data = $blueprint->data();

        return EditResult::by($blueprint, Patch::between($data, ['pictures' => $pictures] + $data));
    }
}
