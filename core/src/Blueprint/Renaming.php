<?php

declare(strict_types=1);

namespace Lanai\Core\Blueprint;

use Lanai\Core\Formula\Formula;
use Lanai\Core\Formula\FormulaMistake;
use Lanai\Core\Formula\Kind;
use Lanai\Core\Formula\Template;
use Lanai\Core\Formula\Type;
use Lanai\Core\Lines\InputLine;
use Lanai\Core\Script\BlankSpot;
use Lanai\Core\Script\Fits\FieldFit;
use Lanai\Core\Script\Fits\ScreenFit;
use Lanai\Core\Script\Fits\TableFit;
use Lanai\Core\Script\Names;
use Lanai\Core\Script\Scope;
use Lanai\Core\Script\Walk;

/** Gives one thing a new name and lets every sentence and formula that points at it follow. Stored data stays in place. */
final readonly class Renaming
{
    private string $was;

    public function __construct(private Blueprint $blueprint, private BlankSpot $spot)
    {
        $this->was = $spot->text();
    }

    /** @throws EditRefused */
    public function to(string $name): Edited
    {
        $name = trim($name);
        if ($name === '' || mb_strlen($name) > 60 || ! preg_match('/[\p{L}\p{N}]/u', $name) || preg_match('/[\x00-\x1F]/', $name)) {
            throw new EditRefused('A name needs a letter or a digit, and at most 60 characters.');
        }
        $this->refuseTwins($name);
        $before = $this->blueprint->data();
        $after = Pointer::set($this->spot->at, $before, $name);
        foreach ($this->kept() as $at => $stored) {
            $after = Pointer::set($at, $after, $stored);
        }
        if ($this->was !== '') {
            foreach (Walk::through($this->blueprint)->blanks as $blank) {
                $value = $this->followed($blank, $name);
                if ($value !== null && $value !== $blank->text()) {
                    $after = Pointer::set($blank->at, $after, $value);
                }
            }
        }

        return Edited::by($this->blueprint, Patch::between($before, $after));
    }

    /** @return list<BlankSpot> the blanks that point at it */
    public function users(): array
    {
        return $this->was === '' ? [] : array_values(array_filter(Walk::through($this->blueprint)->blanks,
            fn (BlankSpot $blank): bool => ! in_array($this->followed($blank, 'another name of its own'), [null, $blank->text()], true)));
    }

    /** @throws EditRefused */
    private function refuseTwins(string $name): void
    {
        foreach (Walk::through($this->blueprint)->blanks as $other) {
            if ($other->at !== $this->spot->at && $other->blank->key === $this->spot->blank->key && $other->node->class === $this->spot->node->class
                && $other->node->parent?->at === $this->spot->node->parent?->at && Names::inFormula($other->text()) === Names::inFormula($name) && $other->text() !== '') {
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
        $named = $node->is(Field::class) || ($node->is(Table::class) && $this->spot->blank->key === 'name');

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
        if ($node->is(Screen::class) && $fit instanceof ScreenFit) {
            return $same ? $name : null;
        }
        if ($node->is(Field::class) && $fit instanceof FieldFit) {
            return $same && $blank->scope->target?->name === $node->parent?->text('name') ? $name : null;
        }
        if ($node->is(Blueprint::class) || $node->is(Screen::class) || ! in_array($fit->kind(), ['formula', 'text'], true) || $blank->isEmpty()) {
            return null;
        }
        try {
            return $fit->kind() === 'formula' ? $this->formula($blank->text(), $blank->scope, $name)
                : Template::changed($blank->text(), fn (string $f): string => $this->formula($f, $blank->scope, $name));
        } catch (FormulaMistake) {
            return null;
        }
    }

    private function formula(string $text, Scope $scope, string $name): string
    {
        $was = Names::inFormula($this->was);
        $new = Names::inFormula($name);
        $node = $this->spot->node;

        return Formula::of($text)->renamed(function (array $path) use ($scope, $was, $new, $node): ?string {
            $last = array_pop($path);
            if ($last !== $was) {
                return null;
            }
            if ($node->is(InputLine::class)) {
                return $path === ['input'] ? $new : null;
            }
            if ($node->is(Table::class)) {
                $isName = $path === [] && $scope->row?->fieldInFormula($was) === null || $path === ['screen'];

                return $isName && $this->spot->blank->key === 'singular' && ($scope->names[$was] ?? null)?->one === $this->was ? $new : null;
            }
            $owner = $this->ownerOf($path, $scope);

            return $owner !== null && $owner->name === $node->parent?->text('name') ? $new : null;
        });
    }

    /** @param  list<string>  $path */
    private function ownerOf(array $path, Scope $scope): ?Table
    {
        if ($path === []) {
            return $scope->row;
        }
        $first = array_shift($path);
        $type = $first === 'screen' ? ($scope->names[array_shift($path) ?? ''] ?? null) : $scope->typeOf($first);
        foreach ($path as $step) {
            $type = $this->tableOf($type)?->fieldInFormula($step)?->valueType();
        }

        return $this->tableOf($type);
    }

    private function tableOf(?Type $type): ?Table
    {
        return $type?->kind === Kind::Row ? $this->blueprint->tableOfOne($type->one) : null;
    }
}
