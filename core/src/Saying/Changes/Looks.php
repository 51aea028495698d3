<?php

declare(strict_types=1);

namespace Lanai\Core\Saying\Changes;

use Lanai\Core\Edits\Edit;
use Lanai\Core\Findings\Contrast;
use Lanai\Core\Saying\Amend;
use Lanai\Core\Saying\Change;
use Lanai\Core\Saying\Hues;
use Lanai\Core\Saying\Known;
use Lanai\Core\Saying\Proposal;
use Lanai\Core\Saying\Understood;
use Lanai\Core\Saying\Utterance;
use Lanai\Core\Text\Pattern;

/** “A darker green.” “Make it calmer.” “Rounder corners.” Every colour stays readable on what it lies on. */
final readonly class Looks implements Change
{
    /** Of text on its ground (WCAG 2.2, 1.4.3). */
    private const READABLE = 4.5;

    private const CORNER = 16;

    private const LARGEST = 28;

    public function hear(Utterance $said, Known $app): ?Understood
    {
        $text = mb_strtolower($said->text);
        if (Pattern::match('~\b(?:text|label)\b(?! on)|"~u', $text)) {
            return null;
        }

        return $this->corners($text, $app) ?? $this->sizes($text, $app) ?? $this->dark($text, $app) ?? $this->mood($text, $app) ?? $this->colour($text, $app);
    }

    private function colour(string $text, Known $app): ?Understood
    {
        $ways = '~^(?:make|turn|paint|colou?r|use|take|give|try|set|change|an?|the|in)?\s*(?:it|everything|the app|the look|us|me|all)?\s*(?:to|into|be|'.
            'in|with)?\s*'.
            '(?:an?\s+|the\s+)?(?<ground>(?:main|background|accent)\s+(?:colou?r\s+)?)?(?:colou?r\s+|buttons?\s+|theme\s+|look\s+)?(?:is\s+|to\s+|be\s+|'.
                'should be\s+|in\s+)?(?:an?\s+)?'.
            '(?<how>(?:(?:a bit|a little|much|slightly|very|more)\s+)*(?:darker|lighter|brighter|deeper|paler|dark|light|bright|deep|pale|stronger|'.
                'softer|warmer|colder|cooler)\s+)?'.
            '(?<colour>#[0-9a-f]{6}|[a-z]+)(?:\s+(?:as|the|main|colou?r|theme|look|tone|instead|please|background|buttons?|app))*$~iu';
        if (! Pattern::match($ways, $text, $found)) {
            return null;
        }
        $theme = $app->blueprint->theme;
        $isGround = str_contains($found['ground'], 'background') || str_ends_with($text, 'background');
        $was = $isGround ? $theme->background : $theme->main;
        $how = trim($found['how']);
        $relative = Pattern::match('~er$~', $found['colour']) ? $found['colour'] : '';
        if ($relative !== '') {
            $colour = Hues::moved($was, $relative);
        } else {
            $named = str_starts_with($found['colour'], '#') ? mb_strtoupper($found['colour']) : Hues::named($found['colour'], $isGround);
            // “A darker green” of a green app is that green, darker.
            $isNear = $named !== null && Pattern::match('~er$~', $how) && Hues::areAlike($named, $was);
            $colour = $named === null ? null : Hues::moved($isNear ? $was : $named, $how);
        }
        if ($colour === null) {
            return null;
        }

        return Understood::proposing([Proposal::of(
            $isGround ? "Make the background $colour" : "Make the main colour $colour",
            $app->blueprint,
            $isGround ? self::ground($colour, $app) : self::main($colour, $app),
        )]);
    }

    /** @return list<Edit> */
    public static function main(string $colour, Known $app): array
    {
        $theme = $app->blueprint->theme;
        $colour = Contrast::ratio($colour, $theme->background) < 3 ? Contrast::reaching(3, $colour, $theme->background) : $colour;
        $on = Contrast::ratio('#FFFFFF', $colour) >= self::READABLE ? '#FFFFFF' : '#101418';
        $edits = [Amend::put('/theme/main', $colour), Amend::put('/theme/onMain', $on)];
        if ($theme->dark) {
            $dark = Contrast::reaching(self::READABLE, Hues::moved($colour, 'lighter') ?? $colour, $theme->inTheDark()['background'] ?? '#0E1718');
            array_push($edits, Amend::put('/theme/darkMain', $dark), Amend::put('/theme/darkOnMain', '#0B1210'));
        }

        return $edits;
    }

    /** @return list<Edit> */
    public static function ground(string $colour, Known $app): array
    {
        $theme = $app->blueprint->theme;
        $text = Contrast::ratio($theme->text, $colour) >= self::READABLE ? $theme->text : Contrast::reaching(7, $theme->text, $colour);

        return [Amend::put('/theme/background', $colour), ...$text === $theme->text ? [] : [Amend::put('/theme/text', $text)]];
    }

    private function corners(string $text, Known $app): ?Understood
    {
        $corner = $app->blueprint->theme->corner ?? self::CORNER;
        $to = match (true) {
            Pattern::match(
                '~^(?:make |use |set |give it |with )?(?:the )?(?:corners )?(?:to |of |are )?(\d{1,2})(?: dp)?(?: corners)?$~u',
                $text,
                $found,
            ) && str_contains($text, 'corner') => (int) $found[1],
            ! str_contains($text, 'corner') && ! Pattern::match(
                '~^(?:make )?(?:it |everything )?(?:rounder|more round|squarer|more square|sharper)$~u',
                $text,
            ) => null,
            Pattern::match('~round|soft|bigger|larger~u', $text) => min(self::LARGEST, $corner + 8),
            Pattern::match('~no |without|sharp|square|straight~u', $text) => Pattern::match('~er\b|more~u', $text) ? max(0, $corner - 8) : 0,
            Pattern::match('~small|less|tight~u', $text) => max(0, $corner - 6),
            default => null,
        };

        return $to === null || $to > self::LARGEST ? null : Understood::proposing(
            [Proposal::of("Corners of $to dp", $app->blueprint, [Amend::put('/theme/corner', $to)])],
        );
    }

    private function sizes(string $text, Known $app): ?Understood
    {
        [$key, $value, $label] = match (true) {
            Pattern::match(
                '~^(?:make |use |give it )?(?:the )?headings? (?:bigger|larger|bolder|stronger)$|^(?:bigger|larger|bolder|bold|stronger) headings?$|'.
                    '^(?:make )?(?:the )?headings? bold$~u',
                $text,
            ) => ['scale', 'bold', 'Bold headings'],
            Pattern::match(
                '~^(?:make |use )?(?:the )?headings? (?:smaller|calmer|calm|quieter)$|^(?:smaller|calmer|calm|quieter) headings?$~u',
                $text,
            ) => ['scale', 'calm', 'Calm headings'],
            Pattern::match(
                '~^(?:make )?(?:it |everything |the app |all |lines |rows )?(?:more )?(?:airy|airier|spacious|roomy|roomier)$|^more (?:space|room|'.
                    'air)(?: between .+)?$~u',
                $text,
            ) => ['density', 'airy', 'More room between things'],
            Pattern::match(
                '~^(?:make )?(?:it |everything |the app |all |lines |rows )?(?:more )?(?:compact|dense|denser|tighter)$|^less (?:space|room|'.
                    'air)(?: between .+)?$~u',
                $text,
            ) => ['density', 'compact', 'Less room between things'],
            default => ['', '', ''],
        };

        return $key === '' ? null : Understood::proposing([Proposal::of($label, $app->blueprint, [Amend::put("/theme/$key", $value)])]);
    }

    private function dark(string $text, Known $app): ?Understood
    {
        if (
            Pattern::match(
                '~^(?:make it |add |support |with |have |use |give it |turn on )?(?:an? )?(?:dark mode|dark theme|night mode|dark look|also in the dark|'.
                    'follow the phone into the dark|dark at night)$~u',
                $text,
            )
        ) {
            return Understood::proposing([Proposal::of('Follow the phone into the dark', $app->blueprint, [Amend::put('/theme/dark', true)])]) ??
                Understood::answering(
                    'It follows the phone into the dark already. Turn the deck dark to see it.',
                    [['label' => 'Theme', 'at' => 'station:screens']],
                );
        }
        if (
            Pattern::match(
                '~^(?:no|without|turn off|remove the|drop the) (?:dark mode|dark theme|night mode)$|^(?:always|only) (?:light|bright)$|^never dark$~u',
                $text,
            )
        ) {
            return Understood::proposing(
                [$app->blueprint->theme->dark ? Proposal::of('Stay bright, also at night', $app->blueprint, [Amend::leave('/theme/dark')]) : null],
            );
        }

        return null;
    }

    private function mood(string $text, Known $app): ?Understood
    {
        if (
            ! Pattern::match(
                '~^(?:make |give )?(?:it|the app|everything|the look)?\s*(?:look )?(?:an? )?(?<more>more |a bit |a little )?(?<mood>calm|calmer|quiet|'.
                    'quieter|dull|lively|livelier|playful|cheerful|fresh|fresher|serious|elegant|warm|warmer|cold|cooler|bold|bolder|soft|softer|'.
                        'friendly|friendlier)(?: look| feel| design)?$~u',
                $text,
                $found,
            )
        ) {
            return null;
        }
        $theme = $app->blueprint->theme;
        $mood = Hues::mood($found['mood'], $theme->main);

        return $mood === null ? null : Understood::proposing([Proposal::of(
            'A '.rtrim($found['mood'], ' ').' look',
            $app->blueprint,
            [
                ...self::main($mood['main'], $app),
                Amend::put('/theme/background', $mood['background']),
                Amend::put('/theme/corner', $mood['corner']),
                Amend::put('/theme/scale', $mood['scale']),
            ],
        )]);
    }
}
