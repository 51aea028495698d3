<?php

declare(strict_types=1);

namespace Lanai\Core\Reading\Patterns;

use Lanai\Core\Reading\Plan;

/** Adverts in the longest list, none on the first visits and none for who pays; people are asked whether adverts may be about them. */
final readonly class Advertising extends Part
{
    private const SCREEN = 'Adverts and you';

    /** So many items of a list come between two. */
    public const EVERY = 8;

    private function __construct(private bool $isSold)
    {
    }

    public static function in(Plan $plan): ?self
    {
        return $plan->wants('adverts') ? new self($plan->outline['sells'] !== null) : null;
    }

    public function parts(): array
    {
        $none = $this->isSold ? ', none for those with Member' : '';

        return [
            "adverts through Bunting, as seller \"practice\"$none, at most 4 an hour, up to 20 a day, not in the first 2 visits, asking on \"".self::SCREEN.'"',
            implode("\n", [
                'screen "'.self::SCREEN.'"',
                '  Text "Adverts pay for this app. May they be chosen by what is known of you? If not, they are chosen by what is on the screen '
                    .'alone. You can change it here at any time."',
                '  Columns',
                '    Button "Yes, they may", quiet',
                '      tapped:',
                '        allow adverts about me',
                '        go back',
                '    Button "No, they may not", quiet',
                '      tapped:',
                '        refuse adverts about me',
                '        go back',
            ]),
        ];
    }

    /** Beside the lists, not among them. */
    public function ways(): array
    {
        return [[self::SCREEN, 'list']];
    }
}
