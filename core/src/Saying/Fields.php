<?php

declare(strict_types=1);

namespace Lanai\Core\Saying;

use Lanai\Core\Edits\Edit;
use Lanai\Core\Edits\Kinds\Write;
use Lanai\Core\Model\Table;
use Lanai\Core\Reading\FieldKind;
use Lanai\Core\Reading\Patterns\Noun;
use Lanai\Core\Reading\Plan;
use Lanai\Core\Text\Names;
use Lanai\Core\Text\Pattern;

/** Fields as people name them: of which type they are, and the sentences that show and ask them. */
final readonly class Fields
{
    /** What people call types. */
    private const TYPES = [
        'text' => 'is a text of at most 80', 'word' => 'is a text of at most 80', 'short text' => 'is a text of at most 80',
        'line' => 'is a text of at most 200', 'long text' => 'is a long text of at most 2000', 'number' => 'is a decimal',
        'whole number' => 'is a whole number', 'decimal' => 'is a decimal', 'date' => 'is a date', 'day' => 'is a date', 'time' => 'is a time of day',
        'date and time' => 'is a date and time', 'moment' => 'is a date and time', 'duration' => 'is a duration', 'picture' => 'is a picture',
        'photo' => 'is a picture', 'image' => 'is a picture', 'video' => 'is a video', 'film' => 'is a video', 'sound' => 'is a sound',
        'file' => 'is a file', 'money' => 'is money in EUR from 0', 'amount of money' => 'is money in EUR from 0',
        'sum of money' => 'is money in EUR from 0', 'place' => 'is a place', 'location' => 'is a place', 'yes or no' => 'is yes or no',
        'tick' => 'is yes or no', 'checkbox' => 'is yes or no', 'tick box' => 'is yes or no', 'switch' => 'is yes or no', 'rating' => 'is a rating',
        'star' => 'is a rating', 'colour' => 'is a colour', 'color' => 'is a colour', 'email' => 'is an e-mail address',
        'e-mail address' => 'is an e-mail address', 'email address' => 'is an e-mail address', 'phone number' => 'is a phone number',
        'web address' => 'is a web address', 'link' => 'is a web address',
    ];

    public function __construct(private Known $app)
    {
    }

    /** A type as people call it, as the end of a field's sentence; null where none is called so. */
    public function type(string $words): ?string
    {
        $bare = Utterance::bare($words);
        if (Pattern::match('~^(?:a )?(?:choice (?:of|between)|one of|either)\s+(.+)$~iu', $bare, $found)) {
            $choices = $this->choices($found[1]);

            return count($choices) < 2 ? null : 'is one of '.implode(', ', array_map(self::quoted(...), $choices));
        }
        $range = Pattern::match('~^(?:a )?(?:whole )?number (?:from|between) (-?\d{1,9}) (?:to|and) (-?\d{1,9})$~iu', $bare, $found);
        if ($range) {
            return "is a whole number from $found[1] to $found[2]";
        }
        if (Pattern::match('~^(?:money|(?:an? )?(?:amount|sum)(?: of money)?) in ([A-Za-z]{3}|euros?|dollars?|pounds?|francs?)$~iu', $bare, $found)) {
            $currency = [
                'euro' => 'EUR', 'euros' => 'EUR', 'dollar' => 'USD', 'dollars' => 'USD', 'pound' => 'GBP', 'pounds' => 'GBP', 'franc' => 'CHF',
                'francs' => 'CHF',
            ];

            return 'is money in '.($currency[mb_strtolower($found[1])] ?? mb_strtoupper($found[1])).' from 0';
        }
        $plain = mb_strtolower(trim(Pattern::replace('~^(?:an?|the)\s+~iu', '', $bare)));
        $table = self::TYPES[$plain] ?? null;
        if ($table !== null) {
            return $table;
        }
        $leads = Pattern::match('~^(?:an? |one )(.+)$~iu', $bare, $found) ? $this->app->table($found[1]) : null;

        return $leads === null ? null : 'is one '.Noun::said($leads->singular);
    }

    /** @return list<string> what stands in a list, such as “easy, hard and mad” */
    public function choices(string $words): array
    {
        $parts = Pattern::split('~\s*(?:,\s*(?:and|or)?|\band\b|\bor\b)\s*~iu', $words);

        return array_values(
            array_filter(array_map(fn (string $one): string => trim(Utterance::bare(trim($one, " '"))), $parts), fn (string $one): bool => $one !== ''),
        );
    }

    /** The sentence of a new field: “Price is money in EUR from 0”; null where it cannot be called so. */
    public function sentence(string $name, ?string $type, Table $table): ?string
    {
        $name = ucfirst(trim(Pattern::replace('~^(?:the|an?|its|their|some)\s+~iu', '', Utterance::bare($name))));
        if (mb_strlen($name) < 1 || mb_strlen($name) > 60 || ! Pattern::match('/\p{L}/u', $name) || Pattern::match('/[\x00-\x1F"]/', $name)) {
            return null;
        }
        if ($type === null) {
            $noun = implode(' ', $this->app->plain($name));
            $head = array_slice(explode(' ', $noun), -1)[0];
            $leads = $this->app->table($name);
            $kind = FieldKind::of($noun, $head, [], '', $this->app->lexicon->class($head));
            $type = match (true) {
                $leads !== null && $leads !== $table => 'is one '.Noun::said($leads->singular),
                in_array($head, ['rating', 'star'], true) => 'is a rating',
                $this->app->role($name) !== null && $this->app->blueprint->peopleTable() !== null => 'is one '.Noun::said(
                    $this->app->blueprint->peopleTable()->singular,
                ),
                $kind === 'number' && ! in_array($head, Plan::MEASURED, true) => 'is a whole number',
                default => Plan::TYPES[$kind] ?? Plan::TYPES['text'],
            };
        }

        return Noun::said($name)." $type";
    }

    /** @return list<Edit> that ask for a field in every form of the table */
    public function asked(Table $table, string $name): array
    {
        $edits = [];
        foreach ($this->app->lines() as $line) {
            if (! in_array($line->kind(), ['addForm', 'changeForm'], true)) {
                continue;
            }
            $isOf = $line->kind() === 'addForm'
                ? mb_strtolower($line->text('one')) === mb_strtolower($table->singular)
                : (
                    $this->app->blueprint->screen($line->screen)?->about[0]->one ?? ''
                ) === $table->singular && $line->text('of') === Names::inFormula($table->singular);
            $asking = is_array($line->spot->data['asking'] ?? null) ? array_values($line->spot->data['asking']) : [];
            if ($isOf && ! in_array($name, $asking, true)) {
                $edits[] = Amend::items("{$line->at()}/asking", [...$asking, $name]);
            }
        }

        return $edits;
    }

    /** The line that shows a value on a page; null where it is of a kind that has none. */
    public static function line(string $name, string $type, string $formula): ?string
    {
        return match ($type) {
            'picture' => "Picture of $formula, described as ".self::quoted($name).", if $formula != null",
            'video' => "Video at $formula, if $formula != null",
            'sound' => "Sound at $formula, if $formula != null",
            'place' => "Map of $formula, if $formula != null",
            'longText' => "Text \"{{$formula}}\", if $formula != null",
            'yesNo' => 'Badge '.self::quoted($name).", if $formula",
            'rating' => "Rating of $formula, if $formula != null",
            'link' => null,
            'file', 'links', 'role', 'secret' => null,
            default => 'Text "'.strtr($name, ['"' => '”', '{' => '(', '}' => ')']).": {{$formula}}\", if $formula != null",
        };
    }

    /** @return list<Edit|callable> that show a field on the page of one row, below what is told of it already */
    public function shown(Table $table, string $name, string $sentence): array
    {
        $page = $this->app->pageOf($table);
        if ($page === null) {
            return [];
        }
        $at = $this->app->screenAt($page);
        $formula = Names::inFormula($table->singular).'.'.Names::inFormula($name);
        $type = self::typeIn($sentence);
        $link = Pattern::match('~ is one (.+)$~u', $sentence, $found) ? $this->app->table($found[1]) : null;
        $label = $link === null ? null : $this->labelOf($link);
        $line = $link === null || $label === null ? self::line($name, $type, $formula) : self::line($name, 'text', "$formula.$label");

        return $line === null ? [] : [new Write("$at/lines", $line, self::below($this->app->items("$at/lines")))];
    }

    /** What rows of a table are known by: its first text. */
    public function labelOf(Table $table): ?string
    {
        foreach ($table->fields as $field) {
            if (Known::typeOf($field) === 'text') {
                return Names::inFormula($field->name);
            }
        }

        return null;
    }

    /**
     * Where a line stands that tells one thing more: behind those that stand first and tell something.
     *
     * @param  list<array<string, mixed>>  $lines
     */
    public static function below(array $lines): int
    {
        foreach ($lines as $i => $line) {
            $kind = $line['kind'] ?? '';
            if (! in_array($kind, ['picture', 'heading', 'text', 'badge', 'rating', 'video', 'sound', 'progress'], true)) {
                return $i;
            }
            // A heading that is no title of the page begins something else.
            if ($kind === 'heading' && $i > 1) {
                return $i;
            }
        }

        return count($lines);
    }

    private static function typeIn(string $sentence): string
    {
        $ends = [
            'is a picture' => 'picture', 'is a video' => 'video', 'is a sound' => 'sound', 'is a place' => 'place', 'is a long text' => 'longText',
            'is yes or no' => 'yesNo', 'is a rating' => 'rating', 'is a file' => 'file',
        ];
        foreach ($ends as $end => $type) {
            if (str_contains($sentence, " $end")) {
                return $type;
            }
        }

        return 'text';
    }

    /** Words as they can stand in a text: nothing is filled in. */
    public static function plain(string $text): string
    {
        return strtr($text, ['\\' => '', '"' => '”', '{' => '(', '}' => ')', "\n" => ' ']);
    }

    public static function quoted(string $text): string
    {
        return '"'.self::plain($text).'"';
    }
}
