<?php

declare(strict_types=1);

namespace Lanai\Core\Edits\Kinds;

use Lanai\Core\Edits\Edit;
use Lanai\Core\Edits\EditRefused;
use Lanai\Core\Edits\EditResult;
use Lanai\Core\Edits\Patch;
use Lanai\Core\Effects\DeleteMe;
use Lanai\Core\Language\Families;
use Lanai\Core\Language\Family;
use Lanai\Core\Language\Fits\NameFit;
use Lanai\Core\Language\Parser;
use Lanai\Core\Language\Prose;
use Lanai\Core\Model\Access\Permission;
use Lanai\Core\Model\AnyLine;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\FieldTypes\AddedByType;
use Lanai\Core\Model\Screen;
use Lanai\Core\Model\Table;
use Lanai\Core\Release\Contents;
use Lanai\Core\Text\Names;

/**
 * What an app needs so that people can do without somebody: a table of whom they do not want to see, a rule that keeps what those wrote from them in every
 * list and count, a button where something of somebody is shown, and a screen on which it is taken back.
 */
final readonly class LetPeopleBlock implements Edit
{
    public function about(): array
    {
        return ['/tables'];
    }

    public function on(Blueprint $blueprint): EditResult
    {
        $people = $blueprint->peopleTable();
        $shown = self::shown($blueprint);
        if ($people === null || $blueprint->signIn === null) {
            throw new EditRefused('Nobody can sign in to this app yet, so nobody is known who could see no more of somebody.');
        }
        if ($shown === []) {
            throw new EditRefused('Nothing that people see is known to be by somebody else: give its table a field that “is who added it”.');
        }
        $name = self::free('Block', fn (string $one): bool => $blueprint->table("{$one}s") !== null);
        $who = Names::inFormula($people->labelField()->name ?? 'name');
        $data = $blueprint->data();
        $tables = Prose::nodes($data['tables'] ?? []);
        $screens = Prose::nodes($data['screens'] ?? []);
        $buttons = 0;
        foreach ($shown as $i => $author) {
            $rule = 'may be seen by nobody if any('.Names::inFormula("{$name}s").", blocker == me and blocked == $author)";
            $tables[$i]['access'] = [
                ...Prose::nodes($tables[$i]['access'] ?? []),
                ...Parser::fragment($rule, Family::only('“may be”', Permission::class)),
            ];
            foreach ($blueprint->screens as $n => $screen) {
                $row = self::rowOf($screen, $blueprint->tables[$i]);
                if ($row !== '') {
                    $screens[$n]['lines'] = [...Prose::nodes($screens[$n]['lines'] ?? []), ...self::button("$row.$author", $who, $name)];
                    $buttons++;
                }
            }
        }
        if ($buttons === 0) {
            $table = $blueprint->tables[array_key_first($shown)];
            throw new EditRefused("There is no screen about one {$table->singular} yet, on which somebody could choose to see no more of whoever wrote it.");
        }
        $list = self::free('Out of sight', fn (string $one): bool => $blueprint->screen($one) !== null);
        $way = self::way($blueprint);
        if ($way === null) {
            $data['menu'] = [...Prose::nodes($data['menu'] ?? []), ['screen' => $list, 'label' => 'Out of sight', 'icon' => 'person']];
        } else {
            $go = "Button \"Whom you do not see\", quiet\n  tapped:\n    go to ".NameFit::written($list);
            $screens[$way]['lines'] = [...Prose::nodes($screens[$way]['lines'] ?? []), ...Parser::fragment($go, self::lines())];
        }

        return EditResult::by($blueprint, Patch::between($blueprint->data(), [
            'tables' => [...$tables, ...Parser::fragment(self::table($name, $people), Family::only('a table', Table::class))],
            'screens' => [...$screens, ...Parser::fragment(self::screen($list, $name, $who), Family::only('a screen', Screen::class))],
        ] + $data));
    }

    /** @return array<int, string> number of a table that others see things of => the name, in formulas, of the field that tells who added a row */
    public static function shown(Blueprint $blueprint): array
    {
        $seen = implode(', ', array_map(
            fn (Contents $one): string => in_array($one->key, ['written', 'pictures'], true) ? $one->because : '',
            Contents::of($blueprint),
        ));
        $shown = [];
        foreach ($blueprint->tables as $i => $table) {
            foreach ($table->fields as $field) {
                if ($field->type instanceof AddedByType && ! $table->people && str_contains(", $seen", ", $table->name: ")) {
                    $shown[$i] ??= Names::inFormula($field->name);
                }
            }
        }

        return $shown;
    }

    /** The screen on which people see to their account; null where there is none. */
    private static function way(Blueprint $blueprint): ?int
    {
        foreach ($blueprint->walk()->nodesOf(DeleteMe::class) as $spot) {
            $number = explode('/', $spot->at)[2] ?? '';
            if (str_starts_with($spot->at, '/screens/') && ($blueprint->screens[(int) $number]->signedIn ?? false)) {
                return (int) $number;
            }
        }

        return null;
    }

    /** The name, in formulas, of the row that a screen is about; '' where it is about none of this table, or about more. */
    private static function rowOf(Screen $screen, Table $table): string
    {
        $parameters = $screen->parameters();

        return count($parameters) === 1 && mb_strtolower($parameters[0]->type()->one) === mb_strtolower($table->singular)
            ? Names::inFormula($table->singular)
            : '';
    }

    /** @return list<array<string, mixed>> */
    private static function button(string $author, string $who, string $name): array
    {
        return Parser::fragment(<<<LINE
            Button "See no more of {{$author}.$who}", quiet, if me != null and $author != null and $author != me
              tapped:
                confirm "You will see nothing of {{$author}.$who} any more. You can take it back at any time."
                add a $name
                  set Blocked = $author
                go back
            LINE, self::lines());
    }

    private static function table(string $name, Table $people): string
    {
        $person = NameFit::written($people->singular);

        return <<<TABLE
            table {$name}s, each a $name, no two alike in Blocker and Blocked
              may be seen by the person in Blocker
              may be added by signed-in people
              may be changed by nobody
              may be removed by the person in Blocker
              Blocker is who added it
              Blocked is one $person, required
            TABLE;
    }

    private static function screen(string $list, string $name, string $who): string
    {
        $screen = NameFit::written($list);

        return <<<SCREEN
            screen $screen, titled "Whom you do not see", only when signed in
              Text "Tap a name, and you see that person again."
              List of {$name}s where blocker == me
                shows blocked.$who as title
                tapped:
                  confirm "Do you want to see {blocked.$who} again?"
                  remove this
                  say "You see them again."
                when empty: "You see everybody."
            SCREEN;
    }

    private static function lines(): Family
    {
        return Families::of(AnyLine::class);
    }

    /** @param  callable(string): bool  $isTaken */
    private static function free(string $wanted, callable $isTaken): string
    {
        for ($n = 2, $name = $wanted; $isTaken($name); $n++) {
            $name = "$wanted $n";
        }

        return $name;
    }
}
