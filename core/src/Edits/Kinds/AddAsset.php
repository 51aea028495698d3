<?php

declare(strict_types=1);

namespace Lanai\Core\Edits\Kinds;

use Lanai\Core\Edits\Edit;
use Lanai\Core\Edits\EditResult;
use Lanai\Core\Edits\Places;
use Lanai\Core\Language\Prose;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Text\Names;
use Lanai\Core\Text\Pattern;

/** Takes up a picture or a sound that was uploaded, under a name of its own. */
final readonly class AddAsset implements Edit
{
    /**
     * @param  string  $file  under which it is kept
     * @param  string  $called  as the founder's own file is called
     */
    public function __construct(public string $file, public string $called)
    {
    }

    public function about(): array
    {
        return ['/assets'];
    }

    public function on(Blueprint $blueprint): EditResult
    {
        $words = trim(Pattern::replace('/[^\p{L}\p{N}]+/u', ' ', Pattern::replace('/\.\w+$/', '', $this->called)));
        $words = $words === '' ? 'Asset' : $words;
        $name = mb_strtoupper(mb_substr($words, 0, 1)).mb_substr($words, 1, 49);
        $taken = array_map(
            fn (array $a): string => Names::inFormula(is_string($a['name'] ?? null) ? $a['name'] : ''),
            Prose::nodes($blueprint->data()['assets'] ?? []),
        );
        for ($n = 2, $free = $name; in_array(Names::inFormula($free), $taken, true); $n++) {
            $free = mb_substr($name, 0, 46)." $n";
        }
        [$patch, $made] = Places::put($blueprint, '/assets', null, [['name' => $free, 'file' => $this->file]]);

        return EditResult::by($blueprint, $patch)->making($made, '');
    }
}
