<?php

declare(strict_types=1);

namespace Lanai\Core\Saying;

use Lanai\Core\Formula\Formula;
use Lanai\Core\Formula\FormulaMistake;
use Lanai\Core\Formula\Scope;
use Lanai\Core\Language\NodeSpot;
use Lanai\Core\Model\Field;
use Lanai\Core\Model\FieldTypes\ChoiceType;
use Lanai\Core\Model\Screen;
use Lanai\Core\Model\Table;
use Lanai\Core\Text\Names;
use Lanai\Core\Text\Pattern;
use Lanai\Core\Wording\InWords;
use Lanai\Core\Wording\WordsToFormula;

/** Conditions as people say them, such as “when full” or “if somebody is signed in”, as formulas where a line stands. */
final readonly class Conditions
{
    /** Numbers that tell how many can still come. */
    private const ROOM = [
        'place', 'places', 'seat', 'seats', 'spot', 'spots', 'slot', 'slots', 'free places', 'places left', 'seats left', 'free seats', 'capacity', 'stock',
        'in stock', 'left', 'tickets', 'tickets left', 'room', 'free',
    ];

    private const COMPARED = [
        '~^(?<what>.+?)\s+(?:is|are|was)\s+(?:above|over|more than|greater than|higher than|bigger than)\s+(?<to>.+)$~iu' => '>',
        '~^(?<what>.+?)\s+(?:is|are|was)\s+(?:below|under|less than|fewer than|lower than|smaller than)\s+(?<to>.+)$~iu' => '<',
        '~^(?<what>.+?)\s+(?:is|are|was)\s+at least\s+(?<to>.+)$~iu' => '>=',
        '~^(?<what>.+?)\s+(?:is|are|was)\s+at most\s+(?<to>.+)$~iu' => '<=',
        '~^(?<what>.+?)\s+(?:is|are|was)\s+(?:not|no)\s+(?<to>.+)$~iu' => '!=',
        '~^(?<what>.+?)\s+(?:is|are|was|equals)\s+(?<to>.+)$~iu' => '==',
    ];

    private const OTHERWISE = ['==' => '!=', '!=' => '==', '>' => '<=', '<' => '>=', '>=' => '<', '<=' => '>'];

    public function __construct(private Known $app)
    {
    }

    /** @return array{string, string}|null a formula, and the one that is yes where it is no; null where it is not understood */
    public function heard(string $words, NodeSpot|Screen $from, ?Scope $scope = null): ?array
    {
        $words = trim(
            Pattern::replace(
                '~^(?:if|when|while|where|whenever|as long as|once|unless|it is|it\'s|is|there is|there are|they are|the person is|people are|one is|'.
                    'somebody is|someone is)\s+~iu',
                '',
                trim($words),
            ),
        );
        foreach ($this->about($from) as [, $table]) {
            $words = Pattern::replace('~^(?:the|this|that|a|an)\s+\Q'.$table->singular.'\E\s+(?:is|has|was)\s+~iu', '', $words);
        }
        $known = $this->person($words) ?? $this->room($words, $from) ?? $this->rows($words) ?? $this->compared($words, $from) ?? $this->whether($words, $from);
        if ($known !== null || $scope === null) {
            return $known;
        }
        $formula = WordsToFormula::formula($words, $scope);

        return $formula === null ? null : [$formula, "not ($formula)"];
    }

    /** A formula as it is said. */
    public static function inWords(string $formula, ?Scope $scope): string
    {
        try {
            $words = $scope === null ? $formula : InWords::of(Formula::of($formula), $scope);

            return Pattern::replace('~\bme is empty\b~', 'nobody is signed in', Pattern::replace('~\bme is filled in\b~', 'somebody is signed in', $words));
        } catch (FormulaMistake) {
            return $formula;
        }
    }

    /** @return array{string, string}|null */
    private function person(string $words): ?array
    {
        $words = Pattern::replace('~^(?:somebody|someone|one|the person|the user|a person|people|you|I|they)\s+(?:am|is|are|has|have)?\s*~iu', '', $words);
        $isOut = Pattern::match(
            '~^(?:not|nobody is|no one is|isn\'t|aren\'t)\s+(?:signed|logged)[ -]in$|^(?:signed|logged)[ -]out$|^(?:a )?guests?$|^nobody is signed in$~iu',
            $words,
        );
        if ($isOut && $this->app->role('guest') === null) {
            return ['me == null', 'me != null'];
        }
        if (Pattern::match('~^(?:signed|logged)[ -]in$|^(?:a )?members?$~iu', $words) && $this->app->role($words) === null) {
            return ['me != null', 'me == null'];
        }
        if (Pattern::match('~^(?<not>not )?(?:an? |the )?(?<role>[\p{L} ]+?)$~iu', $words, $found)) {
            $role = $this->app->role($found['role']);
            if ($role !== null && in_array(mb_strtolower($this->app->lexicon->one(mb_strtolower($found['role']))), [mb_strtolower($role->name)], true)) {
                $is = ["me.role == \"$role->name\"", "me.role != \"$role->name\""];

                return $found['not'] === '' ? $is : array_reverse($is);
            }
        }

        return null;
    }

    /** @return array{string, string}|null */
    private function room(string $words, NodeSpot|Screen $from): ?array
    {
        $isFull = Pattern::match(
            '~^(?:full|sold out|booked out|fully booked|gone|no (?:places?|seats?|tickets?|more places?|room|stock)|'.
            'no [\p{L} ]+?(?: (?:is|are))?(?: left| free)|'.
                'out of stock|nothing (?:is )?left)$~iu',
            $words,
        );
        $isFree = Pattern::match(
            '~^(?:not full|not sold out|still free|free|in stock|(?:(?:still )?(?:some )?(?:places?|seats?|tickets?|room)(?: (?:is|'.
                'are))?(?: still)?(?: left| free)))$~iu',
            $words,
        );
        if (! $isFull && ! $isFree) {
            return null;
        }
        foreach ($this->about($from) as [$key, $table]) {
            foreach ($table->fields as $field) {
                $isRoom = in_array(mb_strtolower($field->name), self::ROOM, true) || Pattern::match('~\b(?:left|free)$~iu', $field->name);
                if ($isRoom && in_array(Known::typeOf($field), ['whole', 'decimal', 'formula'], true)) {
                    $formula = ($key === '' ? '' : "$key.").Names::inFormula($field->name);

                    return $isFull ? ["$formula == 0", "$formula > 0"] : ["$formula > 0", "$formula == 0"];
                }
            }
        }

        return null;
    }

    /** @return array{string, string}|null whether there are any rows of a table */
    private function rows(string $words): ?array
    {
        if (! Pattern::match('~^(?<no>no|not any|any|some)\s+(?<table>[\p{L} ]+?)(?:\s+(?:yet|at all|exist|there))?$~iu', $words, $found)) {
            return null;
        }
        $table = $this->app->table($found['table']);
        if ($table === null) {
            return null;
        }
        $rows = 'count('.Names::inFormula($table->name).')';
        $is = ["$rows > 0", "$rows == 0"];

        return in_array(mb_strtolower($found['no']), ['no', 'not any'], true) ? array_reverse($is) : $is;
    }

    /** @return array{string, string}|null */
    private function compared(string $words, NodeSpot|Screen $from): ?array
    {
        if (Pattern::match('~^(?:it is |they are )?(?:mine|my own|me|one of mine|theirs|their own|the owner|(?:it )?belongs to (?:me|them))$~iu', $words)) {
            foreach ($this->about($from) as [$key, $table]) {
                foreach ($table->fields as $field) {
                    if (Known::typeOf($field) === 'addedBy' || mb_strtolower($field->name) === 'owner') {
                        $formula = ($key === '' ? '' : "$key.").Names::inFormula($field->name);

                        return ["me != null and $formula == me", "me == null or $formula != me"];
                    }
                }
            }
        }
        if (
            Pattern::match(
                '~^(?:(?:it )?has (?<no>no|a|an)|there (?:is|are) (?<none>no|a|an|some)|(?<without>without)|with(?: an?)?)\s+(?<what>.+)$~iu',
                $words,
                $found,
            )
        ) {
            $path = $this->app->path($found['what'], $from);
            $isNone = $found['no'] === 'no' || $found['none'] === 'no' || $found['without'] !== '';

            return $path === null ? null : self::filled($path->formula, ! $isNone);
        }
        if (Pattern::match('~^(?<what>.+?)\s+is\s+(?<not>not )?(?<how>empty|missing|blank|filled in|there|known|given|set)$~iu', $words, $found)) {
            $path = $this->app->path($found['what'], $from);
            $isEmpty = in_array(mb_strtolower($found['how']), ['empty', 'missing', 'blank'], true) === ($found['not'] === '');

            return $path === null ? null : self::filled($path->formula, ! $isEmpty);
        }
        foreach (self::COMPARED as $way => $sign) {
            if (Pattern::match($way, $words, $found)) {
                $path = $this->app->path($found['what'], $from);
                $value = $path === null ? null : $this->value($found['to'], $path);
                if ($path !== null && $value !== null) {
                    return ["$path->formula $sign $value", "$path->formula ".self::OTHERWISE[$sign]." $value"];
                }
            }
        }

        return null;
    }

    /** @return array{string, string} */
    private static function filled(string $formula, bool $is): array
    {
        return $is ? ["$formula != null", "$formula == null"] : ["$formula == null", "$formula != null"];
    }

    /** @return array{string, string}|null a field that is yes or no, or a value that a choice can have */
    private function whether(string $words, NodeSpot|Screen $from): ?array
    {
        $isNot = Pattern::match('~^not\s+(?<what>.+)$~iu', $words, $found);
        $what = $isNot ? $found['what'] : $words;
        $path = $this->app->path($what, $from);
        if ($path !== null && $path->type() === 'yesNo') {
            return $isNot ? ["$path->formula != true", $path->formula] : [$path->formula, "$path->formula != true"];
        }
        foreach ($this->about($from) as [$key, $table]) {
            foreach ($table->fields as $field) {
                $value = self::choice($what, $field);
                if ($value !== null) {
                    $formula = ($key === '' ? '' : "$key.").Names::inFormula($field->name);
                    $is = ["$formula == $value", "$formula != $value"];

                    return $isNot ? array_reverse($is) : $is;
                }
            }
        }
        if (Pattern::match('~^(?<not>not )?(?:over|past|in the past|(?<ahead>upcoming|ahead|in the future|to come|still to come))$~iu', $words, $found)) {
            foreach ($this->about($from) as [$key, $table]) {
                foreach ($table->fields as $field) {
                    if (in_array(Known::typeOf($field), ['moment', 'date'], true)) {
                        $formula = ($key === '' ? '' : "$key.").Names::inFormula($field->name);
                        $now = Known::typeOf($field) === 'date' ? 'day(now())' : 'now()';
                        // A day is still to come as long as it lasts.
                        $is = $now === 'now()' ? ["$formula > now()", "$formula <= now()"] : ["$formula >= $now", "$formula < $now"];

                        return (($found['ahead'] ?? '') !== '') === (($found['not'] ?? '') === '') ? $is : array_reverse($is);
                    }
                }
            }
        }

        return null;
    }

    private static function choice(string $word, Field $field): ?string
    {
        foreach ($field->type instanceof ChoiceType ? $field->type->options : [] as $choice) {
            if (mb_strtolower($choice) === mb_strtolower(Utterance::bare($word))) {
                return '"'.strtr($choice, ['"' => '\\"']).'"';
            }
        }

        return null;
    }

    /** What something is compared with, as it stands in a formula. */
    private function value(string $words, Path $path): ?string
    {
        $words = Utterance::bare(trim($words));
        if (Pattern::match('~^-?\d{1,12}(?:\.\d{1,6})?$~', $words) && in_array($path->type(), ['whole', 'decimal', 'money', 'rating', 'formula'], true)) {
            return $words;
        }
        if ($path->type() === 'yesNo') {
            return ['yes' => 'true', 'true' => 'true', 'on' => 'true', 'no' => 'false', 'false' => 'false', 'off' => 'false'][mb_strtolower($words)] ?? null;
        }
        if ($path->field->type instanceof ChoiceType) {
            return self::choice($words, $path->field);
        }
        if ($path->type() === 'text') {
            return '"'.strtr($words, ['\\' => '', '"' => '\\"']).'"';
        }
        if (in_array($path->type(), ['moment', 'date'], true)) {
            $isDay = $path->type() === 'date';

            return ['now' => $isDay ? 'day(now())' : 'now()', 'today' => $isDay ? 'day(now())' : 'today()'][mb_strtolower($words)] ?? null;
        }

        return null;
    }

    /** @return list<array{string, Table}> rows that conditions can be about: those of the screen, or the one of a list */
    private function about(NodeSpot|Screen $from): array
    {
        if ($from instanceof NodeSpot) {
            $table = $this->app->blueprint->table($from->text('table'));

            return $table === null ? [] : [['', $table]];
        }
        $found = [];
        foreach ($from->about as $about) {
            $table = $this->app->blueprint->tableOfOne($about->one);
            array_push($found, ...$table === null ? [] : [[$about->key($this->app->blueprint), $table]]);
        }

        return $found;
    }
}
