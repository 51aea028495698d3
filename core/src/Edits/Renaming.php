<?php

declare(strict_types=1);

namespace Lanai\Core\Edits;

use Lanai\Core\Effects\Ask;
use Lanai\Core\Formula\Formula;
use Lanai\Core\Formula\FormulaMistake;
use Lanai\Core\Formula\Prefix;
use Lanai\Core\Formula\Scope;
use Lanai\Core\Formula\Template;
use Lanai\Core\Formula\WordSpot;
use Lanai\Core\Language\BlankSpot;
use Lanai\Core\Language\Prose;
use Lanai\Core\Lines\InputLine;
use Lanai\Core\Lines\Sheet;
use Lanai\Core\Model\AppValue;
use Lanai\Core\Model\Asset;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Earnings\Plan;
use Lanai\Core\Model\Earnings\Product;
use Lanai\Core\Model\Field;
use Lanai\Core\Model\Fits\EntitlementFit;
use Lanai\Core\Model\Fits\FieldFit;
use Lanai\Core\Model\Fits\NamedFit;
use Lanai\Core\Model\Fits\ScreenFit;
use Lanai\Core\Model\Fits\TableFit;
use Lanai\Core\Model\Parameter;
use Lanai\Core\Model\People\Role;
use Lanai\Core\Model\People\Through;
use Lanai\Core\Model\Piece;
use Lanai\Core\Model\Pointer;
use Lanai\Core\Model\Routine;
use Lanai\Core\Model\Screen;
use Lanai\Core\Model\Services\Service;
use Lanai\Core\Model\Services\ServiceRequest;
use Lanai\Core\Model\Services\Variable;
use Lanai\Core\Model\Table;
use Lanai\Core\Services\AnswerPart;
use Lanai\Core\Services\Parts;
use Lanai\Core\Text\Names;
use Lanai\Core\Text\Pattern;

/** Gives one thing a new name and lets every sentence and formula that points at it follow. Stored data stays in place. */
final readonly class Renaming
{
    private string $was;

    public function __construct(private Blueprint $blueprint, private BlankSpot $spot)
    {
        $this->was = $spot->text();
    }

    /** @throws EditRefused */
    public function to(string $name): EditResult
    {
        $name = trim($name);
        if ($name === '' || mb_strlen($name) > 60 || ! Pattern::match('/[\p{L}\p{N}]/u', $name) || Pattern::match('/[\x00-\x1F]/', $name)) {
            throw new EditRefused('A name needs a letter or a digit, and at most 60 characters.');
        }
        $this->refuseTwins($name);
        $before = $this->blueprint->data();
        $after = Pointer::set($this->spot->at, $before, $name);
        foreach ($this->kept() as $at => $stored) {
            $after = Pointer::set($at, $after, $stored);
        }
        if ($this->was !== '') {
            foreach ($this->blueprint->walk()->blanks as $blank) {
                $value = $this->followed($blank, $name);
                if ($value !== null && $value !== $blank->text()) {
                    $after = Pointer::set($blank->at, $after, $value);
                }
            }
        }

        return EditResult::by($this->blueprint, Patch::between($before, $after));
    }

    /** @return list<BlankSpot> the blanks that point at it */
    public function users(): array
    {
        return $this->was === ''
            ? []
            : array_values(
                array_filter(
                    $this->blueprint->walk()->blanks,
                    fn (BlankSpot $blank): bool => ! in_array($this->followed($blank, 'another name of its own'), [null, $blank->text()], true),
                ),
            );
    }

    /** @throws EditRefused */
    private function refuseTwins(string $name): void
    {
        foreach ($this->blueprint->walk()->blanks as $other) {
            if (
                $other->at !== $this->spot->at &&
                $other->blank->key === $this->spot->blank->key &&
                $other->node->class === $this->spot->node->class &&
                $other->node->parent?->at === $this->spot->node->parent?->at &&
                Names::inFormula($other->text()) === Names::inFormula($name) &&
                $other->text() !== ''
            ) {
                throw new EditRefused("There is already one called “{$other->text()}”.");
            }
        }
        if ($this->spot->node->is(Field::class) && in_array(Names::inStorage($name), ['id'], true)) {
            throw new EditRefused('“Id” is kept for the number that every row has. Please choose another name.');
        }
    }

    /** @return array<string, string> where the first name stays as the name in storage */
    private function kept(): array
    {
        $node = $this->spot->node;
        if ($node->is(AnswerPart::class)) {
            // A part without a way is found under its name: that stays as it was.
            return $this->was !== '' && $node->text('at') === '' && $this->spot->blank->key === 'name' ? ["$node->at/at" => Parts::step($this->was)] : [];
        }
        $always = $node->is(Field::class) || $node->is(Product::class) || $node->is(Plan::class);
        $named = $always || ($node->is(Table::class) && $this->spot->blank->key === 'name');

        return $named && $this->was !== '' && $node->text('stored') === '' ? ["$node->at/stored" => Names::inStorage($this->was)] : [];
    }

    private function followed(BlankSpot $blank, string $name): ?string
    {
        $fit = $blank->blank->fit;
        $same = mb_strtolower($blank->text()) === mb_strtolower($this->was) && $blank->at !== $this->spot->at;
        $node = $this->spot->node;
        $key = $this->spot->blank->key;
        if ($node->is(Table::class) && $fit instanceof TableFit) {
            return $same && $fit->kind() === ($key === 'name' ? 'table' : 'row') ? $name : null;
        }
        if ($this->isRequest() && $fit instanceof TableFit) {
            return $same && $key === 'name' && $fit->kind() === 'table' ? $name : null;
        }
        if ($node->is(Variable::class) && $blank->node->at === $node->parent?->at && $blank->blank->key === 'address') {
            return Pattern::replace(
                '/(?<=[{,+#.\/;?&])'.preg_quote(Names::inFormula($this->was), '/').'(?=[},:*])/',
                Names::inFormula($name),
                $blank->text(),
            );
        }
        if ($fit instanceof EntitlementFit) {
            return $same && $node->is(Field::class) && $this->blueprint->table($this->tableName())?->people === true ? $name : null;
        }
        if ($node->is(Screen::class) && $fit instanceof ScreenFit) {
            return $same ? $name : null;
        }
        if ($fit instanceof NamedFit) {
            return $same &&
                $fit->what ===
                    match (true) {
                        $node->is(Piece::class) => 'piece',
                        $node->is(Routine::class) => 'routine',
                        $node->is(AppValue::class) => 'value',
                        $node->is(Role::class) => 'role',
                        $node->is(Product::class) => 'product',
                        $node->is(Plan::class) => 'plan',
                        $node->is(Through::class) => 'provider',
                        $node->is(Sheet::class) => 'sheet',
                        $this->isRequest() => $key === 'name' ? $fit->what : '',
                        default => '',
                    } &&
                (! $this->isRequest() || str_starts_with($fit->what, 'request'))
                ? $name
                : null;
        }
        if (($node->is(Field::class) || $node->is(AnswerPart::class) || $node->is(Variable::class)) && $fit instanceof FieldFit) {
            return $same && $blank->scope->target?->called() === $this->tableName() ? $name : null;
        }
        if (($node->is(Parameter::class) || $node->is(Variable::class)) && ! str_starts_with($blank->at, ($node->parent->at ?? '-').'/')) {
            return null;
        }
        if (
            $node->is(Blueprint::class) ||
            $node->is(Screen::class) ||
            $node->is(Piece::class) ||
            $node->is(Routine::class) ||
            $node->is(Sheet::class) ||
            $node->is(Service::class) ||
            ! in_array($fit->kind(), ['formula', 'text'], true) ||
            $blank->isEmpty()
        ) {
            return null;
        }
        try {
            return $fit->kind() === 'formula'
                ? $this->formula($blank->text(), $blank->scope, $name)
                : Template::changed($blank->text(), fn (string $f): string => $this->formula($f, $blank->scope, $name));
        } catch (FormulaMistake) {
            return null;
        }
    }

    /** Inside of lists the names of their rows come first. */
    private function isGivenTo(WordSpot $word): bool
    {
        return $word->owner($this->blueprint) === null;
    }

    private function isRequest(): bool
    {
        return is_a($this->spot->node->class, ServiceRequest::class, true);
    }

    /** The table that a field, or a part of an answer, belongs to. */
    private function tableName(): string
    {
        $parent = $this->spot->node->parent;
        $type = Prose::node($parent->data['type'] ?? []);

        return match (true) {
            $parent !== null && $parent->is(AnswerPart::class) && is_string($type['table'] ?? null) => $type['table'],
            $parent !== null && $parent->is(AnswerPart::class) => '',
            default => (string) $parent?->text('name'),
        };
    }

    private function formula(string $text, Scope $scope, string $name): string
    {
        return Formula::of($text)->renamed(fn (WordSpot $word): ?string => $this->word($word, Names::inFormula($this->was), Names::inFormula($name)), $scope);
    }

    private function word(WordSpot $word, string $was, string $new): ?string
    {
        $node = $this->spot->node;
        if ($node->is(InputLine::class) || $node->is(Ask::class)) {
            return $word->path === [Prefix::Input->value, $was] ? $new : null;
        }
        if ($node->is(AppValue::class) || $node->is(Asset::class)) {
            return $word->path === [($node->is(Asset::class) ? Prefix::Asset : Prefix::App)->value, $was] ? $new : null;
        }
        if ($this->isRequest()) {
            return $this->spot->blank->key === 'name' && $word->path === [$was] && $this->isGivenTo($word) && isset(($word->scopes[0] ?? null)?->names[$was])
                ? $new
                : null;
        }
        if ($node->is(Parameter::class) || $node->is(Variable::class)) {
            return $word->path === [$was] && $this->isGivenTo($word) ? $new : null;
        }
        $owner = Table::known($word->owner($this->blueprint));
        if ($node->is(Table::class) && $this->spot->blank->key === 'singular') {
            $isName = $word->path === [Prefix::Screen->value, $was] || ($word->path === [$was] && $owner === null);

            return $isName && (($word->scopes[0] ?? null)?->names[$was] ?? null)?->one === $this->was ? $new : null;
        }
        $link = $owner === null || $owner->fieldInFormula($word->word()) !== null ? null : $this->blueprint->backLinks($owner)[$word->word()] ?? null;
        if ($node->is(Table::class)) {
            $whole = $word->path === [$was] && $owner === null && ! isset(($word->scopes[0] ?? null)?->names[$was]);

            return match (true) {
                $link?->from->name === $this->was => $new.substr($link->name, strlen($was)),
                $whole => $new,
                default => null,
            };
        }
        $table = $this->tableName();
        if ($link !== null && $link->from->name === $table && $link->field->name === $this->was && str_contains($link->name, 'By')) {
            return Names::inFormula($link->from->name).'By'.ucfirst($new);
        }

        return $word->word() === $was && $link === null && $owner?->name === $table ? $new : null;
    }
}
