<?php

declare(strict_types=1);

namespace Lanai\Core\Saying\Changes;

use Lanai\Core\Model\Asset;
use Lanai\Core\Saying\Amend;
use Lanai\Core\Saying\Change;
use Lanai\Core\Saying\Known;
use Lanai\Core\Saying\Likeness;
use Lanai\Core\Saying\Proposal;
use Lanai\Core\Saying\Understood;
use Lanai\Core\Saying\Utterance;
use Lanai\Core\Text\Pattern;

/** “Make it look like Harbour”, “take the colours of Logo”, “use Logo as the icon”: a picture of the app as its look, or as its icon. */
final readonly class Pictured implements Change
{
    private const LOOK = '~^(?:make |let )?(?:it|the app|everything|the look)? ?(?:look |be )?(?:like|as) (?:the )?(?:picture |photo |logo |asset )?'
        .'["“”]?(?<what>.+?)["“”]?$|'
        .'^(?:use|take|with) (?:the )?(?:colou?rs|look) (?:of|from) (?:the )?(?:picture |photo |asset )?["“”]?(?<of>.+?)["“”]?$|'
        .'^an? (?:look|theme) (?:like|from|of) (?:the )?(?:picture |photo |asset )?["“”]?(?<from>.+?)["“”]?$~iu';

    private const ICON = '~^(?:use|take|make|set) (?:the )?(?:picture |photo |asset )?["“”]?(?<what>.+?)["“”]? (?:as|the|for|to be) (?:the |my |our )?'
        .'(?:app )?(?:icon|logo)$~iu';

    public function hear(Utterance $said, Known $app): ?Understood
    {
        if (Pattern::match(self::ICON, $said->text, $found)) {
            $asset = $this->asset($found['what'], $app);

            return $asset === null ? null : Understood::proposing([
                self::proposal("$asset->name as the icon", $app, [Amend::put('/release/icon', $asset->file)]),
                self::proposal(
                    "$asset->name as the icon, and its colours",
                    $app,
                    [Amend::put('/release/icon', $asset->file), ...self::look($asset, $app) ?? []],
                ),
            ]);
        }
        if (! Pattern::match(self::LOOK, $said->text, $found)) {
            return null;
        }
        $asset = $this->asset(implode('', array_intersect_key($found, ['what' => 1, 'of' => 1, 'from' => 1])), $app);
        $look = $asset === null ? null : self::look($asset, $app);

        return match (true) {
            $asset === null => null,
            $look === null => Understood::refusing("Nothing can be seen in “{$asset->name}”: take a picture in PNG, JPEG or WebP."),
            default => Understood::proposing([self::proposal("A look like $asset->name", $app, $look)]),
        };
    }

    private function asset(string $words, Known $app): ?Asset
    {
        foreach ($app->blueprint->assets as $asset) {
            if ($asset->isPicture() && mb_strtolower($asset->name) === mb_strtolower(trim($words))) {
                return $asset;
            }
        }

        return null;
    }

    /** @return list<\Lanai\Core\Edits\Edit>|null */
    private static function look(Asset $asset, Known $app): ?array
    {
        $likeness = Likeness::of($app->pixels($asset));

        return $likeness === null ? null : [
            ...Looks::main($likeness->main, $app),
            ...Looks::ground($likeness->ground, $app),
            Amend::put('/theme/scale', $likeness->scale),
        ];
    }

    /** @param  list<\Lanai\Core\Edits\Edit>  $edits */
    private static function proposal(string $label, Known $app, array $edits): ?Proposal
    {
        return Proposal::of($label, $app->blueprint, $edits);
    }
}
