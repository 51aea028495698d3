<?php

declare(strict_types=1);

namespace Lanai\Core\Languages;

use Lanai\Core\Formula\Choosing;
use Lanai\Core\Formula\Formula;
use Lanai\Core\Formula\FormulaMistake;
use Lanai\Core\Formula\Template;
use Lanai\Core\Text\Tongues;

/** Whether what was written for a text in another language can stand in its place. */
final readonly class Wording
{
    /** In bytes. */
    public const LONGEST = 8000;

    /**
     * @param  string  $wrong  why it cannot; '' where it can
     * @param  list<string>  $doubts  what is to be looked at, in sentences
     */
    private function __construct(public string $wrong, public array $doubts = [])
    {
    }

    public static function of(string $says, AppText $text, string $tongue): self
    {
        if (strlen($says) > self::LONGEST) {
            return new self('This is too long: '.number_format(self::LONGEST).' bytes at the most.');
        }
        try {
            $template = Template::ofMessage($says, $text->formulas);
        } catch (FormulaMistake $mistake) {
            return new self($mistake->getMessage());
        }
        $doubts = [];
        $language = Tongues::NAMES[$tongue] ?? $tongue;
        foreach ($template->choosings() as $choosing) {
            if ($choosing->by === Choosing::SELECT) {
                continue;
            }
            $has = array_values(array_filter(array_keys($choosing->wordings), fn (string $key): bool => $key[0] !== '='));
            $needs = Plurals::of($tongue, $choosing->by);
            $never = array_diff($has, $needs);
            $missing = array_diff($needs, $has);
            if ($never !== []) {
                $doubts[] = "$language has no “".implode('”, “', $never).'” for numbers: these words never stand anywhere.';
            }
            // What stands for every other number will do for fractions and millions, of which few texts speak.
            $missing = array_diff($missing, $tongue === 'ar' ? [] : ['many', 'zero']);
            if ($missing !== []) {
                $doubts[] = "$language needs words of its own for “".implode('”, “', $missing).'”.';
            }
        }
        $used = array_map(fn (Formula $formula): string => $formula->text, $template->formulas());
        foreach ($text->formulas as $n => $formula) {
            if (! in_array($formula, $used, true)) {
                $doubts[] = "{{$n}} is not in it: ".($text->values[$n] ?? $formula).'.';
            }
        }

        return new self('', $doubts);
    }
}
