<?php

declare(strict_types=1);

namespace Lanai\Core\Saying;

use Closure;
use Lanai\Core\Edits\EditRefused;
use Lanai\Core\Edits\Kinds\PutRight;
use Lanai\Core\Model\Asset;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Table;
use Lanai\Core\Reading\Lexicon;
use Lanai\Core\Text\Pattern;

/**
 * Understands what somebody says of an app: changes, held against the app's own names and proposed as sentences before they are made; questions, answered
 * from the app itself; and where something is. Without a model, the same each time.
 */
final class Sayer
{
    /** So much in one breath. */
    private const PARTS = 6;

    /** Each kind of saying; of two that both fit the first one is meant. */
    private const KINDS = [
        Questions\WhoMay::class,
        Questions\WhatHappens::class,
        Questions\WhyNot::class,
        Changes\Noting::class,
        Changes\Texts::class,
        Changes\Telling::class,
        Changes\Whole::class,
        Changes\Renames::class,
        Changes\Sorting::class,
        Changes\Narrowing::class,
        Changes\Layouts::class,
        Changes\FieldRules::class,
        Changes\Pictured::class,
        Changes\Looks::class,
        Changes\Rights::class,
        Changes\Entries::class,
        Changes\NewScreens::class,
        Changes\NewButtons::class,
        Changes\Showing::class,
        Changes\NewFields::class,
        Changes\ShowingFields::class,
        Changes\Removing::class,
        Questions\Finding::class,
    ];

    private readonly Lexicon $lexicon;

    /** @var list<Change> */
    private readonly array $kinds;

    /**
     * @param  (Closure(Table): ?int)|null  $count  how many rows a table has; null where it is not known
     * @param  (Closure(Asset): list<array{int, int, int}>)|null  $pixels  what is seen on a picture, see Likeness
     */
    public function __construct(private readonly ?Closure $count = null, private readonly ?Closure $pixels = null)
    {
        $this->lexicon = new Lexicon();
        $this->kinds = array_map(fn (string $class): Change => new $class(), self::KINDS);
    }

    /**
     * Each of several things that were said, one after the other: a later one is heard as if the first proposal of each earlier one had been taken.
     *
     * @param  string  $here  the name of the screen that somebody looks at; '' for none
     * @return list<array{said: string, understood: Understood}>
     */
    public function hear(Blueprint $blueprint, string $saying, string $here = ''): array
    {
        $whole = new Utterance($saying);
        if ($whole->text === '') {
            return [];
        }
        $parts = array_slice($whole->parts(), 0, self::PARTS);
        // What is understood as one is one: “add a name and a price to boats”.
        if (count($parts) > 1) {
            $one = $this->one($whole, $this->known($blueprint, $here));
            if ($one !== null && $one->proposals !== [] && ! $this->allUnderstood($parts, $blueprint, $here)) {
                $parts = [$whole->text];
            }
        }
        $heard = [];
        foreach ($parts as $part) {
            $said = new Utterance($part);
            $app = $this->known($blueprint, $here);
            $understood = $this->one($said, $app) ?? Elsewhere::found($said, $app) ?? Elsewhere::unknown($app);
            $heard[] = ['said' => $part, 'understood' => $understood];
            $blueprint = $understood->proposals[0]->after ?? $blueprint;
        }

        return $heard;
    }

    /**
     * The edit that takes what was proposed.
     *
     * @param  array<array-key, mixed>  $take  of each part the number of a proposal, from 0 on; null for none of it
     *
     * @throws EditRefused where it is not proposed any more
     */
    public function take(Blueprint $blueprint, string $saying, array $take, string $here = ''): PutRight
    {
        $after = $blueprint;
        $labels = [];
        foreach ($this->hear($blueprint, $saying, $here) as $i => ['said' => $said]) {
            $number = $take[$i] ?? null;
            if (! is_int($number)) {
                continue;
            }
            // Heard anew: it may be that an earlier part was left.
            $understood = $this->one(new Utterance($said), $this->known($after, $here));
            $proposal = $understood->proposals[$number] ?? throw new EditRefused("“{$said}” cannot be done as things stand now. Please say it again.");
            $after = $proposal->after;
            $labels[] = $proposal->label;
        }
        $whole = Proposal::between('', $blueprint, $after);
        if ($whole === null) {
            throw new EditRefused('Nothing was chosen that would change the app.');
        }

        return new PutRight(mb_strimwidth(implode('. ', $labels), 0, 300, '…'), $whole->patch()->operations);
    }

    private function one(Utterance $said, Known $app): ?Understood
    {
        foreach ($this->kinds as $kind) {
            $understood = $kind->hear($said, $app);
            if ($understood !== null) {
                return $understood;
            }
        }

        $grows = new Changes\Growing();
        // “Keep tools with a price” speaks of no price that is sold.
        $isTold = Pattern::match('~^(?:keep|we (?:also )?keep|store|save|let|allow|people|users|members|everyone|everybody)\b~iu', $said->text);

        return $isTold ? $grows->hear($said, $app) ?? Elsewhere::of($said) : Elsewhere::of($said) ?? $grows->hear($said, $app);
    }

    /** @param  list<string>  $parts */
    private function allUnderstood(array $parts, Blueprint $blueprint, string $here): bool
    {
        foreach ($parts as $part) {
            $understood = $this->one(new Utterance($part), $this->known($blueprint, $here));
            if ($understood === null || $understood->proposals === []) {
                return false;
            }
            $blueprint = $understood->proposals[0]->after;
        }

        return true;
    }

    private function known(Blueprint $blueprint, string $here): Known
    {
        return new Known($blueprint, $here, $this->lexicon, $this->count, $this->pixels);
    }
}
