<?php

declare(strict_types=1);

namespace Lanai\Core\Language\Fits;

use Lanai\Core\Formula\Scope;
use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Choice;
use Lanai\Core\Language\Cursor;
use Lanai\Core\Language\Family;
use Lanai\Core\Language\Fit;
use Lanai\Core\Language\Parser;
use Lanai\Core\Language\Prose;
use Lanai\Core\Language\ProsePart;
use Lanai\Core\Language\Sentences;
use Lanai\Core\Language\Words;

/** One member of a family that is written inside a sentence, such as the type of a field. */
final readonly class FamilyFit implements Fit
{
    public function __construct(private Family $family)
    {
    }

    public function kind(): string
    {
        return 'type';
    }

    public function inWords(Scope $scope): string
    {
        return $this->family->name;
    }

    public function print(mixed $value, array $stops): string
    {
        $data = Prose::node($value);

        return str_replace(
            ' ,',
            ',',
            implode(' ', array_map(fn (ProsePart $p): string => $p->text, Prose::of($data, $this->family->classOf($data))[0]->parts)),
        );
    }

    public function read(Cursor $cursor, array $stops): mixed
    {
        return Parser::inside($this->family, $cursor);
    }

    /** Every member with nothing filled in; one that names a table stands once for each table. */
    public function choices(Scope $scope): array
    {
        $choices = [];
        foreach ($this->family->kinds as $class) {
            $texts = [''];
            foreach (Sentences::of($class)->head as $part) {
                $pieces = match (true) {
                    $part instanceof Words => [$part->words],
                    $part instanceof Blank && in_array($part->fit->kind(), ['table', 'row'], true) => array_map(
                        fn (Choice $c): string => $c->text,
                        $part->fit->choices($scope),
                    ),
                    $part instanceof Blank && $part->fit instanceof CurrencyFit => ['EUR'],
                    $part instanceof Blank => [$part->fit->print('', [])],
                    default => ['"One", "Two"'],
                };
                $texts = array_merge(
                    ...array_map(fn (string $text): array => array_map(fn (string $piece): string => trim("$text $piece"), $pieces), $texts),
                    ...[[]],
                );
            }
            array_push($choices, ...array_map(fn (string $text): Choice => new Choice($text), $texts));
        }

        return $choices;
    }
}
