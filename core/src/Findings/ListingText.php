<?php

declare(strict_types=1);

namespace Lanai\Core\Findings;

use Lanai\Core\Model\Blueprint;
use Lanai\Core\Text\Pattern;

/** A text on the app's page in a store, with the common store limits: title 30, short description 80, full description 4,000 characters. */
final readonly class ListingText
{
    private function __construct(public string $key, public string $name, public int $most)
    {
    }

    public static function title(): self
    {
        return new self('title', 'title', 30);
    }

    public static function summary(): self
    {
        return new self('summary', 'short description', 80);
    }

    public static function description(): self
    {
        return new self('description', 'full description', 4000);
    }

    public function holds(): string
    {
        return "The $this->name is there and has at most $this->most characters.";
    }

    /**
     * @param  class-string  $rule
     * @return iterable<Finding>
     */
    public function look(string $rule, Blueprint $blueprint): iterable
    {
        $text = match ($this->key) {
            'title' => $blueprint->release->title,
            'summary' => $blueprint->release->summary,
            default => $blueprint->release->description,
        };
        $at = "/release/$this->key";
        $length = (int) grapheme_strlen($text);
        if (trim($text) === '') {
            yield Finding::warning(
                $rule,
                $at,
                "The store page has no $this->name yet. Stores turn such a submission down.",
                $this->key === 'title' ? Mend::put("Use “{$blueprint->name}”", $at, $this->cut($blueprint->name)) : null,
            );
        } elseif ($length > $this->most) {
            $cut = $this->cut($text);
            yield Finding::warning(
                $rule,
                $at,
                "The $this->name has $length characters; stores take at most $this->most.",
                Mend::put("Shorten it to “{$cut}”", $at, $cut),
            );
        }
        yield from $text === '' ? [] : $this->translated($rule, $blueprint, $text);
    }

    /**
     * Too long in another language that people get: there it is a page of its own.
     *
     * @param  class-string  $rule
     * @return iterable<Finding>
     */
    private function translated(string $rule, Blueprint $blueprint, string $text): iterable
    {
        foreach ($blueprint->languages as $i => $language) {
            foreach ($language->hidden ? [] : $language->says() as $n => $said) {
                $length = (int) grapheme_strlen($said->says);
                if ($said->source === $text && $said->on === '' && $length > $this->most) {
                    $at = "/languages/$i/says/$n/says";
                    $cut = $this->cut($said->says);
                    $sentence = "The $this->name in {$language->name()} has $length characters; stores take at most $this->most.";
                    yield Finding::warning($rule, $at, $sentence, Mend::put("Shorten it to “{$cut}”", $at, $cut));
                }
            }
        }
    }

    /** The longest beginning that fits: whole sentences if there is one, else whole words. */
    public function cut(string $text): string
    {
        $text = trim($text);
        if (grapheme_strlen($text) <= $this->most) {
            return $text;
        }
        $head = (string) grapheme_substr($text, 0, $this->most);
        if (Pattern::match('/^.*[.!?](?=\s)/su', $head.(string) grapheme_substr($text, $this->most, 1), $found)) {
            return trim($found[0]);
        }
        $next = (string) grapheme_substr($text, $this->most, 1);
        $words = trim($next) === '' ? $head : Pattern::replace('/\s+\S*$/u', '', $head);

        return rtrim((string) $words, ' ,;:–-');
    }
}
