<?php

declare(strict_types=1);

namespace Standins\Wordsmith;

/** Composes answers from what it is given: the conditions in a question, rows of data, and nothing else. */
final readonly class Composer
{
    private const IDLE = [
        'a',
        'an',
        'and',
        'are',
        'at',
        'be',
        'can',
        'do',
        'for',
        'from',
        'how',
        'i',
        'in',
        'is',
        'it',
        'me',
        'my',
        'of',
        'on',
        'or',
        'the',
        'there',
        'this',
        'to',
        'we',
        'what',
        'when',
        'where',
        'which',
        'who',
        'will',
        'with',
        'you',
    ];

    public function __construct(private Phrases $phrases)
    {
    }

    /**
     * @param  list<array{role?: string, content: string}>  $messages
     * @param  array<string, mixed>|null  $schema  that the answer is held to
     */
    public function answer(array $messages, ?array $schema): string
    {
        $told = implode(
            "\n",
            array_map(fn (array $m): string => $m['content'], array_filter($messages, fn (array $m): bool => ($m['role'] ?? '') === 'system')),
        );
        $asked = (string) (array_values(array_filter($messages, fn (array $m): bool => ($m['role'] ?? '') === 'user'))[0]['content'] ?? '');
        if (($schema['name'] ?? '') === 'translation') {
            return (string) json_encode(
                $this->phrases->translated($asked, preg_match('/into the language ([A-Za-z-]+)/', $told, $found) === 1 ? $found[1] : 'de'),
                JSON_UNESCAPED_UNICODE,
            );
        }
        if ($schema !== null) {
            return (string) json_encode(
                (object) $this->filled($asked, is_array($schema['schema']['properties'] ?? null) ? $schema['schema']['properties'] : []),
                JSON_UNESCAPED_UNICODE,
            );
        }
        $last = (string) (end($messages)['content'] ?? $asked);

        return self::conditions($last) ?? $this->fromData($last, $told);
    }

    /** The water in plain words, from the numbers in the question. */
    private static function conditions(string $text): ?string
    {
        $number = fn (string $pattern): ?float => preg_match($pattern, $text, $found) === 1 ? (float) $found[1] : null;
        $water = $number('/water\D{0,40}?(-?\d+(?:\.\d+)?)\s*°?\s*C/i') ?? $number('/(-?\d+(?:\.\d+)?)\s*°\s*C/i');
        $wind = $number('/wind\D{0,40}?(\d+(?:\.\d+)?)/i');
        $waves = $number('/waves?\D{0,40}?(\d+(?:\.\d+)?)/i');
        if ($water === null && $wind === null && $waves === null) {
            return null;
        }
        $parts = [];
        if ($water !== null) {
            $parts[] = match (true) {
                $water < 10 => "At $water degrees the water is bitterly cold: a few minutes, with somebody beside you.",
                $water < 13 => "At $water degrees the water bites: stay in for less than a quarter of an hour.",
                $water < 16 => "At $water degrees the water is brisk: half an hour is plenty without a suit.",
                $water < 19 => "At $water degrees the water is fresh and kind to those who keep moving.",
                default => "At $water degrees the water is as warm as it gets here.",
            };
        }
        if ($waves !== null) {
            $parts[] =
                match (true) {
                    $waves < 0.4 => 'It lies nearly flat.',
                    $waves < 0.9 => 'Small waves will lift you now and then.',
                    default => 'The waves are high enough to turn you over: stay close to the shore.',
                };
        }
        if ($wind !== null) {
            $parts[] =
                match (true) {
                    $wind < 12 => 'There is hardly any wind.',
                    $wind < 25 => 'A breeze makes the way back longer than the way out.',
                    default => 'The wind is strong: it can carry you out, so leave it for another day.',
                };
        }

        return implode(' ', $parts);
    }

    private function fromData(string $question, string $told): string
    {
        $data = preg_match('/Data of the app, as JSON:\n(.+)$/s', $told, $found) === 1 ? json_decode($found[1], true) : null;
        $wanted = self::words($question);
        $best = [];
        foreach (is_array($data) ? $data : [] as $table => $rows) {
            foreach (is_array($rows) ? $rows : [] as $row) {
                $text = is_array($row) ? implode(' ', array_filter($row, is_string(...))) : '';
                $score = count(array_intersect($wanted, self::words("$text $table")));
                if ($score > 0 && is_array($row)) {
                    $best[] = [$score, $row];
                }
            }
        }
        usort($best, fn (array $a, array $b): int => $b[0] <=> $a[0]);
        if ($best === []) {
            return $data === null
                ? 'I was given nothing that answers this. Ask me about the water, or give me something to go by.'
                : 'Among what I was given there is nothing about this.';
        }
        $lines = array_map(fn (array $found): string => self::line($found[1]), array_slice($best, 0, 3));

        return "From what I was given:\n".implode("\n", $lines);
    }

    /**
     * "Dawn dip: Lantern Cove, 6 places."
     *
     * @param  array<string, mixed>  $row
     */
    private static function line(array $row): string
    {
        $told = [];
        foreach ($row as $name => $value) {
            if (is_scalar($value) && $value !== '') {
                $told[] = is_numeric($value) ? "$value ".mb_strtolower($name) : rtrim((string) $value, '. ');
            }
        }

        return array_shift($told).($told === [] ? '' : ': '.implode(', ', $told)).'.';
    }

    /**
     * @param  array<string, mixed>  $parts
     * @return array<string, mixed>
     */
    private function filled(string $text, array $parts): array
    {
        $filled = [];
        $rest = $text;
        foreach ($parts as $name => $schema) {
            $types = (array) ($schema['type'] ?? 'string');
            $options = array_filter(is_array($schema['enum'] ?? null) ? $schema['enum'] : [], is_string(...));
            $format = $schema['format'] ?? '';
            $value = match (true) {
                $options !== [] => array_values(array_filter($options, fn (string $o): bool => mb_stripos($text, $o) !== false))[0] ?? null,
                $format === 'date-time' => preg_match('/(\d{4}-\d\d-\d\d)[ T](?:at )?(\d\d:\d\d)/', $text, $m) === 1 ? "$m[1]T$m[2]:00Z" : null,
                $format === 'date' => preg_match('/\d{4}-\d\d-\d\d/', $text, $m) === 1 ? $m[0] : null,
                $format === 'email' => preg_match('/[^@\s]+@[^@\s]+\.[^@\s,;]+/', $text, $m) === 1 ? rtrim($m[0], '.') : null,
                in_array('boolean', $types, true) => match (true) {
                    mb_stripos($text, 'no '.$name) !== false => false,
                    mb_stripos($text, (string) $name) !== false => true,
                    default => null,
                },
                in_array('integer', $types, true) => preg_match(
                    '/(?<![\d:.-])(\d{1,6})(?![\d:.-])\s*(?:'.preg_quote((string) $name, '/').'|places|people|of us)?/i',
                    $rest,
                    $m,
                ) === 1
                    ? (int) $m[1]
                    : null,
                in_array('number', $types, true) => preg_match('/(?<![\d:-])(\d+(?:\.\d+)?)(?![\d:-])/', $rest, $m) === 1 ? (float) $m[1] : null,
                default => preg_match('/^\s*([^,.;\n]{2,80})/u', $text, $m) === 1 ? trim($m[1]) : null,
            };
            if ($value !== null) {
                $filled[$name] = $value;
            }
        }

        return $filled;
    }

    /** @return list<string> */
    private static function words(string $text): array
    {
        preg_match_all('/[\p{L}\p{N}]{2,}/u', mb_strtolower($text), $found);

        return array_values(array_unique(array_diff($found[0], self::IDLE)));
    }
}
