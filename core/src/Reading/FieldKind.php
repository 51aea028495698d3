<?php

declare(strict_types=1);

namespace Lanai\Core\Reading;

/** What kind of value a noun stands for: by the noun itself, by what it can be, else by what it names. */
final class FieldKind
{
    /** The last word of a noun => the type of a field, as sentences name it. */
    private const BY_WORD = [
        'money' => ['price', 'deposit', 'fee', 'cost', 'rent', 'amount to pay', 'total', 'budget', 'salary', 'value', 'tip', 'donation', 'sum',
            'wage', 'charge'],
        'picture' => ['picture', 'photo', 'photograph', 'image', 'logo', 'portrait', 'cover', 'drawing', 'avatar', 'screenshot'],
        'video' => ['video', 'film', 'clip', 'movie'],
        'sound' => ['sound', 'sound file', 'audio', 'recording', 'track', 'voice message', 'melody'],
        'file' => ['file', 'document', 'attachment', 'pdf', 'certificate', 'score sheet'],
        'date' => ['date', 'day', 'due date', 'deadline', 'birthday', 'start date', 'end date', 'release date', 'expiry'],
        'date and time' => ['time', 'start', 'end', 'moment', 'pickup time', 'start time', 'end time', 'beginning', 'departure', 'arrival', 'hour'],
        'duration' => ['duration', 'length', 'how long', 'travel time'],
        'place' => ['place', 'location', 'entrance', 'meeting point', 'starting point', 'destination', 'position', 'venue', 'spot', 'whereabouts'],
        'email' => ['email', 'e-mail', 'email address', 'mail'],
        'phone' => ['phone', 'phone number', 'telephone', 'telephone number', 'mobile', 'mobile number'],
        'web address' => ['website', 'link', 'web address', 'url', 'homepage', 'web page'],
        'long text' => ['description', 'note', 'notes', 'comment', 'story', 'step', 'steps', 'text', 'reason', 'instruction', 'biography', 'bio',
            'word', 'words',
            'details', 'detail', 'message', 'remark', 'why', 'what is wrong', 'explanation', 'summary', 'report', 'content', 'answer', 'question',
            'feedback'],
        'number' => ['number', 'seat', 'count', 'weight', 'age', 'year', 'distance', 'depth', 'height', 'width', 'area', 'temperature', 'quantity',
            'amount', 'points',
            'point', 'score', 'stars', 'star', 'rating', 'size', 'percentage', 'level', 'litre', 'capacity', 'speed', 'how old', 'how many',
            'how much', 'place left',
            'stock', 'rank', 'altitude', 'kilometre', 'litre', 'kilo', 'metre', 'volume', 'page count'],
        'colour' => ['colour', 'color'],
        'choice' => ['status', 'state', 'category', 'kind', 'type', 'condition', 'difficulty', 'level of difficulty', 'priority', 'mood',
            'equipment', 'skill', 'language',
            'genre', 'voice'],
        'text' => ['name', 'title', 'headline', 'nickname', 'town', 'city', 'country', 'address', 'delivery address', 'subject', 'brand', 'author',
            'composer', 'species',
            'unit', 'instrument', 'period', 'farm', 'purpose', 'code', 'material', 'label', 'topic', 'artist', 'serial number',
            'maker', 'producer', 'publisher'],
    ];

    /** “Metres left”, “kilos brought”. */
    private const UNITS = ['metres', 'meters', 'litres', 'liters', 'kilos', 'kilometres', 'grams', 'hours', 'pieces', 'places', 'seats'];

    /** What a noun names => the type. */
    private const BY_CLASS = ['t' => 'date and time', 'm' => 'money', 'l' => 'place', 'q' => 'number'];

    /**
     * @param  string  $noun  for one of it
     * @param  list<string>  $choices
     * @param  string  $number  that stood before it: a number with a unit is a measure
     * @param  string  $class  of Lexicon
     */
    public static function of(string $noun, string $head, array $choices, string $number, string $class): string
    {
        if ($number === 'number' || ($number !== '' && $class !== 't' && $class !== 'm') || self::among('number', $noun)) {
            return count($choices) > 2 && ! self::areNumbers($choices) ? 'choice' : 'number';
        }
        if (in_array(explode(' ', $noun)[0], self::UNITS, true) && str_contains($noun, ' ')) {
            return 'number';
        }
        if (count($choices) > 1) {
            return self::areNumbers($choices) ? 'number' : 'choice';
        }
        foreach ([$noun, $head] as $word) {
            foreach (self::BY_WORD as $type => $words) {
                if (in_array($word, $words, true)) {
                    // Among what is chosen nobody has said.
                    return $type === 'choice' ? 'text' : $type;
                }
            }
        }

        return self::BY_CLASS[$class] ?? 'text';
    }

    /** @return list<string> the single words that say of which kind a field is */
    public static function words(): array
    {
        return array_values(array_filter(array_merge(...array_values(self::BY_WORD)), fn (string $one): bool => ctype_lower($one)));
    }

    /** Whether a noun says by itself that it is a field, and nothing that is kept by itself. */
    public static function isPlain(string $noun, string $head): bool
    {
        foreach (self::BY_WORD as $words) {
            if (in_array($noun, $words, true) || in_array($head, $words, true)) {
                return true;
            }
        }

        return false;
    }

    private static function among(string $type, string $noun): bool
    {
        return in_array($noun, self::BY_WORD[$type], true);
    }

    /** @param  list<string>  $choices */
    private static function areNumbers(array $choices): bool
    {
        return array_filter($choices, fn (string $one): bool => ! ctype_digit($one)) === [];
    }
}
