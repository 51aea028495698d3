<?php

declare(strict_types=1);

namespace Lanai\Core\Languages;

use Lanai\Core\Formula\Choosing;
use ResourceBundle;

/** The categories into which a language sorts its numbers (Unicode CLDR plural rules, as ICU's data has them). */
final readonly class Plurals
{
    private const ORDER = ['zero', 'one', 'two', 'few', 'many', 'other'];

    /**
     * @param  Choosing::PLURAL|Choosing::ORDINAL  $by
     * @return list<string> "other" is always among them
     */
    public static function of(string $tongue, string $by = Choosing::PLURAL): array
    {
        $data = ResourceBundle::create('plurals', 'ICUDATA', false);
        $sets = $data?->get($by === Choosing::ORDINAL ? 'locales_ordinals' : 'locales');
        $set = $sets instanceof ResourceBundle ? $sets->get($tongue) : null;
        $all = $data?->get('rules');
        $rules = is_string($set) && $all instanceof ResourceBundle ? $all->get($set) : null;
        $found = ['other'];
        foreach ($rules instanceof ResourceBundle ? $rules : [] as $category => $rule) {
            $found[] = is_string($category) ? $category : '';
        }

        return array_values(array_intersect(self::ORDER, $found));
    }
}
