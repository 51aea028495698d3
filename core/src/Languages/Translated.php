<?php

declare(strict_types=1);

namespace Lanai\Core\Languages;

use Lanai\Core\Formula\Choosing;
use Lanai\Core\Formula\Formula;
use Lanai\Core\Formula\FormulaMistake;
use Lanai\Core\Formula\Scope;
use Lanai\Core\Formula\Template;
use Lanai\Core\Formula\Tree;
use Lanai\Core\Language\BlankSpot;
use Lanai\Core\Lines\Shown;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Languages\Language;
use Lanai\Core\Model\Pointer;
use Lanai\Core\Text\Names;
use Lanai\Core\Text\OwnWords;
use Symfony\Component\ExpressionLanguage\Node;

/**
 * An app in another language: the same sentences with other words at the same places, so that whatever shows, lays out and checks an app does
 * so in every language. What is missing stays as it is.
 */
final readonly class Translated
{
    /** Goes up when it is worked out otherwise, so that what was kept is not used any more. */
    public const MADE = 1;

    /**
     * @param  string  $tongue  its tag
     * @param  array<string, string>  $texts  JSON Pointer of a blank => what stands there
     * @param  array<string, string>  $shown  names as people see them, as Blueprint::worded takes them
     */
    private function __construct(public string $tongue, public array $texts, public array $shown)
    {
    }

    /**
     * What was worked out before, and kept.
     *
     * @param  array{tongue: string, texts: array<string, string>, shown: array<string, string>}  $kept
     */
    public static function kept(array $kept): self
    {
        return new self($kept['tongue'], $kept['texts'], $kept['shown']);
    }

    /** @return array{tongue: string, texts: array<string, string>, shown: array<string, string>} */
    public function toKeep(): array
    {
        return ['tongue' => $this->tongue, 'texts' => $this->texts, 'shown' => $this->shown];
    }

    /** In one of the app's languages, or in one that only tries the layout (Pseudo). */
    public static function into(Blueprint $blueprint, string $tongue): self
    {
        $language = $blueprint->language($tongue);
        $words = Pseudo::isOne($tongue)
            ? fn (AppText $text): string => Pseudo::of($tongue)->message($text->source)
            : self::words($language ?? new Language($tongue));
        [$changes, $shown] = [[], Pseudo::isOne($tongue) ? Pseudo::of($tongue)->own() : self::own($language)];
        $texts = AppTexts::of($blueprint);
        foreach ($texts as $text) {
            $said = $text->kind === AppText::NAME ? self::plain($words($text) ?? '') : '';
            $name = $said === '' ? '' : self::plain($text->source);
            if ($name !== '') {
                $shown["$text->on\n$name"] = $said;
                $shown[$name] ??= $said;
            }
        }
        $byPlace = array_column(array_map(fn (AppText $text): array => [$text->at, $text], $texts), 1, 0);
        foreach ($blueprint->walk()->blanks as $spot) {
            $text = $byPlace[$spot->at] ?? null;
            if ($text?->kind === AppText::NAME || ! in_array($spot->blank->fit->kind(), ['text', 'plain', 'formula'], true) || $spot->text() === '') {
                continue;
            }
            $worded = self::worded($spot, $text, $text === null ? null : $words($text), $shown);
            if ($worded !== null) {
                $changes[$spot->node->class === Shown::class ? $spot->node->at.'/words' : $spot->at] = $worded;
            }
        }

        return new self($tongue, $changes, $shown);
    }

    /** The app that it was made of, in this language. */
    public function of(Blueprint $blueprint): Blueprint
    {
        $data = $blueprint->data();
        foreach (['/theme/tongue' => $this->tongue] + $this->texts as $at => $text) {
            $data = Pointer::set($at, $data, $text);
        }

        return $blueprint->worded($data, $this->shown);
    }

    /** @return array<string, string> what the founder has said of Lanai's own words, as Blueprint::own finds it */
    private static function own(?Language $language): array
    {
        $own = [];
        foreach ($language?->says() ?? [] as $said) {
            if ($said->on === OwnWords::ON && $said->says !== '') {
                $own[OwnWords::ON."\n$said->source"] = $said->says;
            }
        }

        return $own;
    }

    /** @return callable(AppText): ?string */
    private static function words(Language $language): callable
    {
        $said = [];
        foreach ($language->says() as $one) {
            if ($one->says !== '') {
                $said["$one->on\n$one->source"] = $one->says;
            }
        }

        return fn (AppText $text): ?string => $said["$text->on\n$text->source"] ?? $said["\n$text->source"] ?? null;
    }

    /**
     * The text as it stands in the other language; null where it stays.
     *
     * @param  array<string, string>  $shown
     */
    private static function worded(BlankSpot $spot, ?AppText $text, ?string $said, array $shown): ?string
    {
        $kind = $spot->blank->fit->kind();
        if ($kind === 'plain') {
            return $said === null || self::plain($said) === '' ? null : self::plain($said);
        }
        $isShown = $spot->node->class === Shown::class && $spot->blank->key === 'formula';
        if ($kind === 'formula' && ! $isShown) {
            return null;
        }
        try {
            $template = $text === null
                // There are no words in it, but it may show a choice, which has some.
                ? Template::of($isShown ? '{'.$spot->text().'}' : $spot->text())
                : Template::ofMessage($said ?? $text->source, $text->formulas);
        } catch (FormulaMistake) {
            return null;
        }
        $isSame = $said === null;
        $written = $template->written(null, function (Formula $formula) use ($spot, $shown, &$isSame): string {
            $choice = self::choice($formula, $spot->scope, $shown);
            $isSame = $isSame && $choice === null;

            return $choice ?? '{'.$formula->text.'}';
        });

        return $isSame ? null : $written;
    }

    /**
     * The options of a choice as they are shown, chosen by its value; null where the formula is no choice, or is shown as it is.
     *
     * @param  array<string, string>  $shown
     */
    private static function choice(Formula $formula, Scope $scope, array $shown): ?string
    {
        if ($formula->tree instanceof Node\ConditionalNode) {
            return self::either($formula, $scope, $shown);
        }
        [$table, $options] = self::optionsOf($formula->tree, $scope);
        $labels = [];
        foreach ($options as $option) {
            $label = $shown["$table\n$option"] ?? $shown[$option] ?? $option;
            if ($label !== $option && strpbrk($option, '"{}') === false) {
                $labels[$option] = Template::quoted($label, false);
            }
        }
        if ($labels === []) {
            return null;
        }
        // “other” is what stands for every other value, too, of which there are none but old ones.
        $other = $labels['other'] ?? '{'.$formula->text.'}';
        unset($labels['other']);
        $wordings = array_map(fn (int|string $option, string $label): string => "\"$option\" {{$label}}", array_keys($labels), $labels);
        $chosen = '{'.$formula->text.', select, '.implode(' ', [...$wordings, "other {{$other}}"]).'}';

        // Where an option is called “none”, nothing is told apart from it.
        return isset($labels[Choosing::NOTHING]) || isset($labels['other']) || $other[0] !== '{'
            ? '{('.$formula->text.') == null, select, yes {} other {'.$chosen.'}}'
            : $chosen;
    }

    /**
     * Of “x ? a : b” the one or the other may show a choice.
     *
     * @param  array<string, string>  $shown
     */
    private static function either(Formula $formula, Scope $scope, array $shown): ?string
    {
        foreach (self::cuts($formula->text, '?') as [$if, $rest]) {
            foreach (self::cuts($rest, ':') as [$then, $else]) {
                if (! self::reads($formula, $if, $then, $else)) {
                    continue;
                }
                $words = array_map(fn (string $part): ?string => self::choice(Formula::of($part), $scope, $shown), [$then, $else]);

                [$yes, $other] = [$words[0] ?? self::shows($then), $words[1] ?? self::shows($else)];

                return $words === [null, null] ? null : '{'.$if.', select, yes {'.$yes.'} other {'.$other.'}}';
            }
        }

        return null;
    }

    private static function shows(string $formula): string
    {
        return $formula === 'null' ? '' : '{'.$formula.'}';
    }

    private static function reads(Formula $formula, string $if, string $then, string $else): bool
    {
        try {
            foreach (['expr1' => $if, 'expr2' => $then, 'expr3' => $else] as $key => $part) {
                if (Formula::of($part)->tree != Tree::child($formula->tree, $key)) {
                    return false;
                }
            }

            return true;
        } catch (FormulaMistake) {
            return false;
        }
    }

    /** @return list<array{string, string}> what stands before and behind a sign, wherever it stands */
    private static function cuts(string $text, string $at): array
    {
        $cuts = [];
        for ($i = strpos($text, $at); $i !== false; $i = strpos($text, $at, $i + 1)) {
            $cuts[] = [trim(substr($text, 0, $i)), trim(substr($text, $i + 1))];
        }

        return $cuts;
    }

    /** @return array{string, list<string>} the table, and the options of the choice that a path ends at; none for another formula */
    private static function optionsOf(Node\Node $tree, Scope $scope): array
    {
        $blueprint = Blueprint::in($scope);
        try {
            [$row, $name] = match (true) {
                $tree instanceof Node\NameNode => [$scope->row?->one(), Tree::name($tree)],
                $tree instanceof Node\GetAttrNode => [Formula::fromTree(Tree::child($tree, 'node'))->typeIn($scope)->one, Tree::member($tree)],
                default => [null, ''],
            };
        } catch (FormulaMistake) {
            return ['', []];
        }
        $table = $row === null || $row === '' ? null : $blueprint->tableOfOne($row);
        foreach ($table->fields ?? [] as $field) {
            if (Names::inFormula($field->name) === $name) {
                return [(string) $table?->name, $field->type->control() === 'choice' ? $field->type->options() : []];
            }
        }

        return ['', []];
    }

    /** A message without values, as it is read; '' for what is none. */
    private static function plain(string $message): string
    {
        try {
            return implode('', array_filter(Template::ofMessage($message, [])->parts, is_string(...)));
        } catch (FormulaMistake) {
            return '';
        }
    }
}
