<?php

declare(strict_types=1);

namespace Lanai\Core\Model;

use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Clause;
use Lanai\Core\Language\Fits\ChoiceFit;
use Lanai\Core\Language\Fits\ColourFit;
use Lanai\Core\Language\Fits\NumberFit;
use Lanai\Core\Language\HasSentence;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Language\SubLine;
use Lanai\Core\Text\Tongues;

/** The look of the app: its colours as #RRGGBB by day and in the dark, its corners, its density and the size of its headings. */
final readonly class Theme implements HasSentence
{
    /** What an app looks like in the dark that says nothing of it. */
    public const DARK = ['main' => '#5CC2AE', 'onMain' => '#07201C', 'background' => '#0E1718', 'surface' => '#172324', 'text' => '#E6EEEC'];

    /**
     * @param  int|null  $corner  radius of cards and pictures, in dp
     * @param  'airy'|'comfortable'|'compact'|''  $density
     * @param  'calm'|'balanced'|'bold'|''  $scale  the size of headings beside the text
     * @param  string  $tongue  the language of its words (BCP 47); '' where nothing is said: English, undivided
     * @param  bool  $dark  follows the device into the dark
     */
    public function __construct(
        public string $main = '#0B6E5F',
        public string $onMain = '#FFFFFF',
        public string $background = '#F3F6F4',
        public string $surface = '#FFFFFF',
        public string $text = '#13292B',
        public ?int $corner = null,
        public string $density = '',
        public string $scale = '',
        public bool $dark = false,
        public string $darkMain = '',
        public string $darkOnMain = '',
        public string $darkBackground = '',
        public string $darkSurface = '',
        public string $darkText = '',
        public string $tongue = '',
    ) {
    }

    public static function sentence(): Sentence
    {
        $colour = fn (string $key, string $lead): SubLine => new SubLine($lead, new Blank($key, new ColourFit()), $lead);

        return Sentence::of('theme')
            ->clauses(Clause::flag('dark', 'also in the dark'))
            ->below(
                $colour('main', 'main colour is'),
                $colour('onMain', 'text on the main colour is'),
                $colour('background', 'background is'),
                $colour('surface', 'surfaces are'),
                $colour('text', 'text is'),
                new SubLine('corners are', new Blank('corner', NumberFit::whole(0, 28)), 'corners, in dp'),
                new SubLine(
                    'density is',
                    new Blank(
                        'density',
                        ChoiceFit::of('airy, comfortable or compact', ['airy' => 'airy', 'comfortable' => 'comfortable', 'compact' => 'compact']),
                    ),
                    'density',
                ),
                new SubLine(
                    'headings are',
                    new Blank('scale', ChoiceFit::of('calm, balanced or bold', ['calm' => 'calm', 'balanced' => 'balanced', 'bold' => 'bold'])),
                    'the size of headings',
                ),
                new SubLine('words are in', new Blank('tongue', ChoiceFit::of('a language', Tongues::NAMES)), 'the language of its words'),
                $colour('darkMain', 'in the dark the main colour is'),
                $colour('darkOnMain', 'in the dark text on the main colour is'),
                $colour('darkBackground', 'in the dark the background is'),
                $colour('darkSurface', 'in the dark surfaces are'),
                $colour('darkText', 'in the dark text is'),
            );
    }

    /** @return array{main: string, onMain: string, background: string, surface: string, text: string} */
    public function byDay(): array
    {
        return ['main' => $this->main, 'onMain' => $this->onMain, 'background' => $this->background, 'surface' => $this->surface, 'text' => $this->text];
    }

    /** @return array{main: string, onMain: string, background: string, surface: string, text: string}|null null for an app that stays bright */
    public function inTheDark(): ?array
    {
        $or = fn (string $said, string $else): string => $said === '' ? $else : $said;

        return ! $this->dark
            ? null
            : [
                'main' => $or($this->darkMain, self::DARK['main']),
                'onMain' => $or($this->darkOnMain, self::DARK['onMain']),
                'background' => $or($this->darkBackground, self::DARK['background']),
                'surface' => $or($this->darkSurface, self::DARK['surface']),
                'text' => $or($this->darkText, self::DARK['text']),
            ];
    }

    /** @return array<string, mixed> what the device needs of it */
    public function drawn(): array
    {
        return $this->byDay() + [
            'corner' => $this->corner ?? 16,
            'density' => $this->density === '' ? 'comfortable' : $this->density,
            'scale' => $this->scale === '' ? 'balanced' : $this->scale,
            'dark' => $this->inTheDark(),
        ] + ($this->tongue === '' ? [] : ['lang' => $this->tongue, 'dir' => $this->direction()]);
    }

    /** The language of its words, by its tag. */
    public function tongue(): string
    {
        return $this->tongue === '' ? 'en' : $this->tongue;
    }

    /** @return 'ltr'|'rtl' how its words are written */
    public function direction(): string
    {
        return Tongues::direction($this->tongue);
    }
}
