<?php

declare(strict_types=1);

namespace Lanai\Core\Edits\Kinds;

use Lanai\Core\Edits\Edit;
use Lanai\Core\Edits\EditRefused;
use Lanai\Core\Edits\EditResult;
use Lanai\Core\Edits\Patch;
use Lanai\Core\Language\Family;
use Lanai\Core\Language\Fits\NameFit;
use Lanai\Core\Language\Parser;
use Lanai\Core\Language\Prose;
use Lanai\Core\Model\Adverts\Adverts;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Screen;

/** What an app needs before it shows adverts: the rules, and a screen that asks whether they may be about the person. */
final readonly class LetAdvertsIn implements Edit
{
    public function about(): array
    {
        return ['/adverts'];
    }

    public function on(Blueprint $blueprint): EditResult
    {
        if ($blueprint->adverts !== null) {
            throw new EditRefused('There are rules for adverts already.');
        }
        for ($n = 2, $name = 'Adverts and you'; $blueprint->screen($name) !== null; $n++) {
            $name = "Adverts and you $n";
        }
        $pays = array_filter($blueprint->entitlements(), fn (string $one): bool => $blueprint->giving($one) !== []);
        $none = $pays === [] ? '' : ', none for those with '.implode(' and ', array_map(NameFit::written(...), $pays));
        $written = NameFit::written($name);
        $adverts = Parser::fragment(
            "adverts through Bunting$none, at most 4 an hour, up to 20 a day, not in the first 2 visits, not about gambling and politics, asking on $written",
            Family::only('“adverts”', Adverts::class),
        )[0];
        $screen = Parser::fragment(self::screen($written), Family::only('a screen', Screen::class));
        $data = $blueprint->data();

        return EditResult::by(
            $blueprint,
            Patch::between($data, ['adverts' => $adverts, 'screens' => [...Prose::nodes($data['screens'] ?? []), ...$screen]] + $data),
        );
    }

    private static function screen(string $name): string
    {
        return <<<SCREEN
        screen $name, titled "Adverts"
          Text "This app shows adverts. May they be chosen by what the networks know of you? If not, they are chosen by what is on the screen alone."
          Columns
            Button "Yes, they may", quiet
              tapped:
                allow adverts about me
                go back
            Button "No, they may not", quiet
              tapped:
                refuse adverts about me
                go back
        SCREEN;
    }
}
