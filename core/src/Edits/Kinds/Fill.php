<?php

declare(strict_types=1);

namespace Lanai\Core\Edits\Kinds;

use Lanai\Core\Edits\Edit;
use Lanai\Core\Edits\EditRefused;
use Lanai\Core\Edits\EditResult;
use Lanai\Core\Edits\Patch;
use Lanai\Core\Edits\Renaming;
use Lanai\Core\Language\Clause;
use Lanai\Core\Language\Cursor;
use Lanai\Core\Language\Fits\NameFit;
use Lanai\Core\Language\HasSentence;
use Lanai\Core\Language\Parser;
use Lanai\Core\Language\Sentences;
use Lanai\Core\Language\Series;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Pointer;
use Lanai\Core\Text\Pattern;
use Lanai\Core\Wording\WordsToFormula;

/** Fills one blank with what was typed or picked. Filling a name renames: everything that points at it follows. */
final readonly class Fill implements Edit
{
    /** @param  string  $at  JSON Pointer of the blank */
    public function __construct(public string $at, public string $text)
    {
    }

    public function about(): array
    {
        return [$this->at];
    }

    public function on(Blueprint $blueprint): EditResult
    {
        $spot = $blueprint->walkTo($this->at)->blankAt($this->at) ?? throw new EditRefused('This blank is no longer there.');
        $fit = $spot->blank->fit;
        $text = trim($this->text);
        if (in_array($fit->kind(), ['text', 'plain'], true) && ! Cursor::isQuoted($text)) {
            $value = $text;
        } elseif ($fit->kind() === 'formula') {
            $value = trim($text, '`');
            $value = WordsToFormula::formula($value, $spot->scope) ?? $value;
        } elseif ($fit->kind() === 'name' && ! str_starts_with($text, '"')) {
            $value = Pattern::replace('/\s+/', ' ', $text);
        } else {
            $value = Parser::blank($text, $fit);
        }
        if ($fit instanceof NameFit && $spot->blank->key !== 'stored') {
            return (new Renaming($blueprint, $spot))->to(is_string($value) ? $value : '');
        }
        if ($value === '' && $spot->blank->key === 'build') {
            throw new EditRefused('A build number is needed.');
        }
        $exists = Pointer::exists($this->at, $blueprint->data());
        if (self::isSeries($spot->node->class, Pointer::last($this->at))) {
            // What is filled in where several can stand is the next of them.
            return $exists
                ? $this->by($blueprint, ['op' => 'add', 'path' => "$this->at/-", 'value' => $value])
                : $this->by($blueprint, ['op' => 'add', 'path' => $this->at, 'value' => [$value]]);
        }

        return $this->by($blueprint, ['op' => $exists ? 'replace' : 'add', 'path' => $this->at, 'value' => $value]);
    }

    /** @param  class-string<HasSentence>  $class */
    private static function isSeries(string $class, string $key): bool
    {
        $sentence = Sentences::of($class);
        foreach ([$sentence->head, ...array_map(fn (Clause $c): array => $c->parts, $sentence->clauses)] as $parts) {
            foreach ($parts as $part) {
                if ($part instanceof Series && $part->key === $key) {
                    return true;
                }
            }
        }

        return false;
    }

    /** @param  array{op: string, path: string, value?: mixed}  $operation */
    private function by(Blueprint $blueprint, array $operation): EditResult
    {
        return EditResult::by($blueprint, new Patch([$operation]));
    }
}
