<?php

declare(strict_types=1);

namespace Lanai\Core\Reading;

/**
 * Words that somebody has mistyped: what no word list knows and what is a letter away from a word of the same paragraph, or from one that paragraphs like
 * it are full of. Anything else is a name, and stays as it is.
 */
final class Spelling
{
    /** Shorter ones are a letter away from too much. */
    private const SHORTEST = 5;

    /** From so many letters on two may be wrong. */
    private const LONG = 8;

    private const LONGEST = 24;

    /** Words of the job that are mistyped. */
    private const OFTEN = ['people', 'member', 'members', 'users', 'customer', 'customers', 'guest', 'guests', 'owner', 'owners', 'booking', 'bookings',
        'appointment', 'appointments', 'reservation', 'reservations', 'membership', 'subscription', 'favourite', 'favourites', 'favorite', 'favorites',
        'comment', 'comments', 'message', 'messages', 'reminder', 'reminders', 'calendar', 'category', 'categories', 'borrow', 'reserve', 'cancel',
        'search', 'filter', 'upload', 'answer', 'answers', 'question', 'questions', 'rating', 'ratings', 'review', 'reviews', 'profile', 'private',
        'public', 'weekly', 'monthly', 'without', 'because', 'should', 'several', 'different', 'everybody', 'everyone', 'somebody', 'receive', 'between',
        'pictures', 'photos', 'prices', 'titles', 'addresses', 'descriptions', 'equipment', 'available', 'schedule', 'delivery', 'quantity'];

    /** @var list<string>|null */
    private ?array $known = null;

    public function __construct(private readonly Lexicon $lexicon)
    {
    }

    /**
     * What a word was meant to be; the word itself where it is known, or is a name.
     *
     * @param  string  $word  in small letters
     * @param  list<string>  $own  words of the same paragraph
     */
    public function meant(string $word, array $own): string
    {
        $length = strlen($word);
        if ($length < self::SHORTEST || $length > self::LONGEST || ! ctype_lower($word) || $this->isKnown($word)) {
            return $word;
        }
        foreach ([array_filter($own, fn (string $one): bool => $this->isKnown($one)), $this->job()] as $words) {
            $near = $this->near($word, array_values($words));
            if ($near !== '') {
                return $near;
            }
        }

        return $word;
    }

    /** @param  list<string>  $words */
    private function near(string $word, array $words): string
    {
        [$best, $found] = [strlen($word) >= self::LONG ? 2 : 1, []];
        foreach ($words as $one) {
            // “Litres” and “litre” are two forms of a word that nobody mistyped.
            if (str_starts_with($one, substr($word, 0, -1)) || str_starts_with($word, substr($one, 0, -1)) || str_starts_with($word, $one)) {
                continue;
            }
            if (abs(strlen($one) - strlen($word)) > $best || strlen($one) < self::SHORTEST || $one[0] !== $word[0] || strlen($one) > self::LONGEST) {
                continue;
            }
            $apart = self::isSwapped($word, $one) ? 1 : levenshtein($word, $one);
            if ($apart < $best || ($apart === $best && $found === [])) {
                [$best, $found] = [$apart, [$one]];
            } elseif ($apart === $best && ! in_array($one, $found, true)) {
                $found[] = $one;
            }
        }

        // Where two are as near, nobody knows which.
        return count($found) === 1 ? $found[0] : '';
    }

    /** Whether two letters beside one another have changed places. */
    private static function isSwapped(string $word, string $other): bool
    {
        for ($i = 0; $i < strlen($word) - 1; $i++) {
            if (substr($word, 0, $i).$word[$i + 1].$word[$i].substr($word, $i + 2) === $other) {
                return true;
            }
        }

        return false;
    }

    private function isKnown(string $word): bool
    {
        $forms = [$word, $this->lexicon->one($word), $this->lexicon->verb($word)];

        return array_filter($forms, fn (string $form): bool => $this->lexicon->parts($form) !== '') !== [];
    }

    /** @return list<string> */
    private function job(): array
    {
        return $this->known ??= array_values(array_unique([...self::OFTEN, ...FieldKind::words()]));
    }
}
