<?php

declare(strict_types=1);

namespace Lanai\Core\Languages;

use Lanai\Core\Text\Pattern;

/** In which of its languages an app speaks to somebody, after the lookup of RFC 4647 (section 3.4), and in which locale it writes dates and numbers. */
final readonly class Preferred
{
    /** What some phones call a language, and what it is called now (IANA language subtag registry; Norwegian is read as Bokmål). */
    private const CALLED = ['iw' => 'he', 'no' => 'nb', 'nn' => 'nb', 'in' => 'id', 'ji' => 'yi'];

    /** Where nothing is known of a region. */
    private const REGIONS = ['en' => 'GB'];

    /** @param  string  $locale  for PHP intl, such as de_AT */
    private function __construct(public string $tongue, public string $locale)
    {
    }

    /**
     * @param  list<string>  $spoken  tags of the app's languages, its own first
     * @param  list<string>  $wanted  tags (BCP 47) that a phone tells, the dearest first
     * @param  string  $chosen  the tag that the person has chosen; '' for none
     */
    public static function of(array $spoken, array $wanted, string $chosen = ''): self
    {
        $ranges = array_map(self::parts(...), [...$chosen === '' ? [] : [$chosen], ...$wanted]);
        $own = $spoken[0] ?? 'en';
        foreach ($ranges as [$language]) {
            if ($language !== '' && in_array($language, $spoken, true)) {
                return new self($language, self::locale($language, $ranges));
            }
        }

        return new self($own, self::locale($own, $ranges));
    }

    /** In a language that nobody speaks. */
    public static function pseudo(Pseudo $pseudo): self
    {
        return new self($pseudo->value, $pseudo === Pseudo::Mirrored ? 'ar' : 'en_GB');
    }

    /**
     * A language and the region of the phone: somebody in Austria reads dates as they are written there, in whatever language.
     *
     * @param  list<array{string, string}>  $ranges
     */
    private static function locale(string $tongue, array $ranges): string
    {
        $regions = array_values(array_filter(array_map(fn (array $range): string => $range[0] === $tongue ? $range[1] : '', $ranges)));
        $any = array_values(array_filter(array_column($ranges, 1)));
        $region = $regions[0] ?? $any[0] ?? self::REGIONS[$tongue] ?? '';

        return $region === '' ? $tongue : "{$tongue}_$region";
    }

    /** @return array{string, string} language and region, each '' where the tag has none */
    private static function parts(string $tag): array
    {
        if (! Pattern::match('/^([a-z]{2,3})(?:[-_][a-z]{4})?(?:[-_]([a-z]{2}|\d{3}))?(?:[-_].*)?$/iD', $tag, $found)) {
            return ['', ''];
        }
        $language = strtolower($found[1]);

        return [self::CALLED[$language] ?? $language, strtoupper($found[2] ?? '')];
    }
}
