<?php

declare(strict_types=1);

namespace Lanai\Core\Blueprint;

use Lanai\Core\Blueprint\FieldTypes\StandsInTable;
use Lanai\Core\Formula\Type;
use Lanai\Core\People\Account;
use Lanai\Core\People\Role;
use Lanai\Core\People\SignIn;
use Lanai\Core\Script\Blank;
use Lanai\Core\Script\Children;
use Lanai\Core\Script\Family;
use Lanai\Core\Script\Fits\NameFit;
use Lanai\Core\Script\HasSentence;
use Lanai\Core\Script\Names;
use Lanai\Core\Script\One;
use Lanai\Core\Script\Parser;
use Lanai\Core\Script\Printer;
use Lanai\Core\Script\Scope;
use Lanai\Core\Script\Sentence;
use Lanai\Core\Services\Askable;
use Lanai\Core\Services\Service;

/** The whole app: what it stores, shows and does. Immutable; an edit gives a new one. */
final class Blueprint implements HasSentence
{
    /** @var array<string, mixed> */
    private array $data = [];

    /** @var array<string, Table>|null */
    private ?array $answers = null;

    /** @var array<string, array<string, BackLink>> by table */
    private array $back = [];

    /**
     * @param  list<Role>  $roles
     * @param  list<Table>  $tables
     * @param  list<AppValue>  $values
     * @param  list<Asset>  $assets
     * @param  list<Service>  $services
     * @param  list<Screen>  $screens
     * @param  list<Piece>  $pieces
     * @param  list<Routine>  $routines
     * @param  list<Tab>  $tabs
     * @param  list<MenuEntry>  $menu
     */
    public function __construct(
        public readonly string $name,
        public readonly Theme $theme = new Theme,
        public readonly ?SignIn $signIn = null,
        #[ListOf(Role::class)] public readonly array $roles = [],
        #[ListOf(Table::class)] public readonly array $tables = [],
        #[ListOf(AppValue::class)] public readonly array $values = [],
        #[ListOf(Asset::class)] public readonly array $assets = [],
        #[ListOf(Service::class)] public readonly array $services = [],
        #[ListOf(Screen::class)] public readonly array $screens = [],
        #[ListOf(Piece::class)] public readonly array $pieces = [],
        #[ListOf(Routine::class)] public readonly array $routines = [],
        #[ListOf(Tab::class)] public readonly array $tabs = [],
        #[ListOf(MenuEntry::class)] public readonly array $menu = [],
        public readonly Release $release = new Release,
    ) {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('app', new Blank('name', NameFit::of('the name of the app')))->below(
            new One('theme', Theme::class),
            new One('signIn', SignIn::class),
            new Children('roles', Family::only('“role”', Role::class), 'a role'),
            new Children('tables', Family::only('a table', Table::class), 'a table'),
            new Children('values', Family::only('“value”', AppValue::class), 'a value'),
            new Children('assets', Family::only('“asset”', Asset::class), 'an asset'),
            new Children('services', Family::only('“service”', Service::class), 'a service'),
            new Children('screens', Family::only('a screen', Screen::class), 'a screen'),
            new Children('pieces', Family::only('“piece”', Piece::class), 'a piece'),
            new Children('routines', Family::only('“routine”', Routine::class), 'a routine'),
            new Children('tabs', Family::only('a tab', Tab::class), 'a tab'),
            new Children('menu', Family::only('“side menu”', MenuEntry::class), 'an entry of the side menu'),
            new One('release', Release::class),
        );
    }

    /**
     * @param  array<string, mixed>  $data
     *
     * @throws \UnexpectedValueException where the data is not a blueprint
     */
    public static function fromData(array $data): self
    {
        $blueprint = Shape::make(self::class, $data);
        $blueprint->data = $data;
        foreach ([...$blueprint->tables, ...array_values($blueprint->answers())] as $table) {
            foreach ($table->fields as $field) {
                if ($field->type instanceof StandsInTable) {
                    $field->type->standIn(Scope::of($blueprint)->inRow($table));
                }
            }
        }

        return $blueprint;
    }

    /** @throws \Lanai\Core\Script\ScriptMistake */
    public static function fromScript(string $script): self
    {
        return self::fromData(Parser::script($script));
    }

    public static function begin(string $name): self
    {
        return self::fromData([
            'name' => $name,
            'theme' => ['main' => '#0B6E5F', 'onMain' => '#FFFFFF', 'background' => '#F3F6F4', 'surface' => '#FFFFFF', 'text' => '#13292B'],
            'screens' => [['name' => 'Start', 'first' => true]],
            'release' => ['version' => '0.1.0', 'build' => 1],
        ]);
    }

    /** @return array<string, mixed> as in docs/blueprint.schema.json */
    public function data(): array
    {
        return $this->data;
    }

    public function script(): string
    {
        return Printer::print($this->data);
    }

    /** A name that no table has yet, near to this one. */
    public function freeTable(string $name): string
    {
        for ($n = 2, $free = $name; $this->table($free) !== null || $this->tableOfOne($free) !== null; $n++) {
            $free = "$name $n";
        }

        return $free;
    }

    public function table(string $name): ?Table
    {
        foreach ($this->tables as $table) {
            if (mb_strtolower($table->name) === mb_strtolower($name)) {
                return $table;
            }
        }

        return $this->answers()[mb_strtolower($name)] ?? null;
    }

    /** @return array<string, Table> what services give, by name in small letters: it reads like tables, but is not stored */
    public function answers(): array
    {
        if ($this->answers === null) {
            $this->answers = [];
            foreach ($this->services as $service) {
                foreach ($service->requests as $request) {
                    foreach ($request->tables() as $table) {
                        $this->answers[mb_strtolower($table->name)] ??= $table;
                    }
                }
            }
        }

        return $this->answers;
    }

    public function isAnswer(Table $table): bool
    {
        return $this->answers() !== [] && ($this->answers()[mb_strtolower($table->name)] ?? null) === $table;
    }

    /** @return array{Service, Askable}|null a request by its name, with its service */
    public function asked(string $name): ?array
    {
        foreach ($this->services as $service) {
            $request = $service->request($name);
            if ($request !== null) {
                return [$service, $request];
            }
        }

        return null;
    }

    public function tableOfOne(string $singular): ?Table
    {
        foreach ($this->tables as $table) {
            if (mb_strtolower($table->singular) === mb_strtolower($singular)) {
                return $table;
            }
        }
        foreach ($this->answers() as $table) {
            if (mb_strtolower($table->singular) === mb_strtolower($singular)) {
                return $table;
            }
        }

        return null;
    }

    public function tableStoredAs(string $stored): ?Table
    {
        foreach ($this->tables as $table) {
            if ($table->storedAs() === $stored) {
                return $table;
            }
        }

        return null;
    }

    public function peopleTable(): ?Table
    {
        foreach ($this->tables as $table) {
            if ($table->people) {
                return $table;
            }
        }

        return null;
    }

    /**
     * What a row of the table has in formulas: its fields, and the rows that link to it.
     *
     * @return array<string, Type>
     */
    public function partsOf(Table $table): array
    {
        $parts = [];
        foreach ($table->fields as $field) {
            $parts[Names::inFormula($field->name)] ??= $field->valueType();
        }
        foreach ($this->backLinks($table) as $name => $link) {
            $parts[$name] ??= Type::several(Type::row($link->from->singular));
        }

        return $parts;
    }

    /**
     * The lists that a row of this table has because others link to it: by name in formulas, such as swim.bookings. Where a
     * table links twice, its field is part of the name: swimsByHost.
     *
     * @return array<string, BackLink>
     */
    public function backLinks(Table $to): array
    {
        if (isset($this->back[$to->name])) {
            return $this->back[$to->name];
        }
        $found = [];
        foreach ($this->tables as $from) {
            $linking = array_values(array_filter($from->fields, fn (Field $f): bool => mb_strtolower($f->linksTo()) === mb_strtolower($to->singular) || mb_strtolower($f->linksToMany()) === mb_strtolower($to->singular)));
            foreach ($linking as $field) {
                $name = Names::inFormula($from->name).(count($linking) === 1 ? '' : 'By'.ucfirst(Names::inFormula($field->name)));
                $found[$name] ??= new BackLink($name, $from, $field);
            }
        }

        return $this->back[$to->name] = $found;
    }

    /** @return array<string, Type> what formulas can say everywhere: "app.name" for its values, "asset.name" for what it brings, "account.email" for one's own account */
    public function remembered(): array
    {
        $types = $this->signIn === null ? [] : Account::types();
        foreach ($this->values as $value) {
            $types[$value->key()] = $value->type->type();
        }
        foreach ($this->assets as $asset) {
            $types[$asset->key()] = $asset->type();
        }

        return $types;
    }

    public function role(string $name): ?Role
    {
        foreach ($this->roles as $role) {
            if (mb_strtolower($role->name) === mb_strtolower($name)) {
                return $role;
            }
        }

        return null;
    }

    /** What new people are; null where the app has no roles. */
    public function firstRole(): ?Role
    {
        foreach ($this->roles as $role) {
            if ($role->first) {
                return $role;
            }
        }

        return $this->roles[0] ?? null;
    }

    public function appValue(string $name): ?AppValue
    {
        foreach ($this->values as $value) {
            if (mb_strtolower($value->name) === mb_strtolower($name)) {
                return $value;
            }
        }

        return null;
    }

    public function routineIndex(string $name): ?int
    {
        return self::indexOf($name, array_map(fn (Routine $r): string => $r->name, $this->routines));
    }

    public function pieceIndex(string $name): ?int
    {
        return self::indexOf($name, array_map(fn (Piece $p): string => $p->name, $this->pieces));
    }

    /** @param  list<string>  $names */
    private static function indexOf(string $name, array $names): ?int
    {
        $index = array_search(mb_strtolower($name), array_map(mb_strtolower(...), $names), true);

        return $index === false ? null : $index;
    }

    public function screen(string $name): ?Screen
    {
        $index = $this->screenIndex($name);

        return $index === null ? null : $this->screens[$index];
    }

    public function screenIndex(string $name): ?int
    {
        foreach ($this->screens as $i => $screen) {
            if (mb_strtolower($screen->name) === mb_strtolower($name) || $screen->slug() === $name) {
                return $i;
            }
        }

        return null;
    }

    public function firstScreen(): ?Screen
    {
        foreach ($this->screens as $screen) {
            if ($screen->first) {
                return $screen;
            }
        }

        return $this->screens[0] ?? null;
    }
}
