<?php

declare(strict_types=1);

namespace Lanai\Core\Model;

use Lanai\Core\Formula\Schema;
use Lanai\Core\Formula\Scope;
use Lanai\Core\Formula\TableType;
use Lanai\Core\Formula\Type;
use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Children;
use Lanai\Core\Language\Family;
use Lanai\Core\Language\Fits\NameFit;
use Lanai\Core\Language\HasSentence;
use Lanai\Core\Language\One;
use Lanai\Core\Language\Parser;
use Lanai\Core\Language\Printer;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Language\Walk;
use Lanai\Core\Model\Adverts\Adverts;
use Lanai\Core\Model\Earnings\Product;
use Lanai\Core\Model\FieldTypes\EntitlementType;
use Lanai\Core\Model\FieldTypes\StandsInTable;
use Lanai\Core\Model\Languages\Language;
use Lanai\Core\Model\People\Account;
use Lanai\Core\Model\People\Role;
use Lanai\Core\Model\People\SignIn;
use Lanai\Core\Model\Reach\Calendar;
use Lanai\Core\Model\Reach\Funnel;
use Lanai\Core\Model\Reach\Message;
use Lanai\Core\Model\Reach\Messages;
use Lanai\Core\Model\Reach\Trial;
use Lanai\Core\Model\Services\Service;
use Lanai\Core\Model\Services\ServiceRequest;
use Lanai\Core\Text\Names;
use Lanai\Core\Text\OwnWords;

/** The whole app: what it stores, shows and does. Immutable; an edit gives a new one. */
final class Blueprint implements HasSentence, Schema
{
    /** @var array<string, mixed> */
    private array $data = [];

    /** @var array<string, string> */
    private array $shown = [];

    private ?OwnWords $own = null;

    private string $begunIn = '';

    /** @var array<string, list<string>> by the tag of a language */
    private array $saidOtherwise = [];

    private ?Walk $walk = null;

    private ?Kinds $kinds = null;

    /** @var array<string, Table>|null */
    private ?array $serviceTables = null;

    /** @var array<string, array<string, BackLink>> by table */
    private array $back = [];

    /** @var \WeakMap<Table, array<string, Type>>|null */
    private ?\WeakMap $parts = null;

    /** @var array<string, Type>|null */
    private ?array $lists = null;

    /** @var array<string, Type>|null */
    private ?array $remembered = null;

    /** @var array<string, Table>|null by what one row is called, in small letters */
    private ?array $byOne = null;

    /** @var array<string, int>|null by name in small letters, and by slug */
    private ?array $screenIndexes = null;

    /** False until it was asked for. */
    private Table|false|null $holdings = false;

    /** @var array<string, array<string, int>> pieces and routines by their names in small letters */
    private array $indexes = [];

    /**
     * @param  list<Role>  $roles
     * @param  list<Table>  $tables
     * @param  list<AppValue>  $values
     * @param  list<Asset>  $assets
     * @param  list<Service>  $services
     * @param  list<Product>  $products
     * @param  list<Screen>  $screens
     * @param  list<Piece>  $pieces
     * @param  list<Routine>  $routines
     * @param  list<Tab>  $tabs
     * @param  list<MenuEntry>  $menu
     * @param  list<Funnel>  $funnels
     * @param  list<Trial>  $trials  two ways to begin, side by side
     * @param  list<Calendar>  $calendars  those that people subscribe to
     * @param  Messages|null  $messages  the rules for writing to people; null where nothing was said
     * @param  list<Message>  $sends
     * @param  list<Language>  $languages  those that it speaks besides its own
     * @param  list<StorePicture>  $pictures  those of its page in the stores, in their order
     * @param  list<Note>  $notes  what holds for the app, whoever works on it
     * @param  list<Errand>  $errands  what is done again after every edit, so that it stays right
     */
    public function __construct(
        public readonly string $name,
        public readonly Theme $theme = new Theme(),
        public readonly ?SignIn $signIn = null,
        #[ListOf(Role::class)] public readonly array $roles = [],
        #[ListOf(Table::class)] public readonly array $tables = [],
        #[ListOf(AppValue::class)] public readonly array $values = [],
        #[ListOf(Asset::class)] public readonly array $assets = [],
        #[ListOf(Service::class)] public readonly array $services = [],
        #[ListOf(Product::class)] public readonly array $products = [],
        #[ListOf(Screen::class)] public readonly array $screens = [],
        #[ListOf(Piece::class)] public readonly array $pieces = [],
        #[ListOf(Routine::class)] public readonly array $routines = [],
        #[ListOf(Tab::class)] public readonly array $tabs = [],
        #[ListOf(MenuEntry::class)] public readonly array $menu = [],
        public readonly Release $release = new Release(),
        public readonly ?Adverts $adverts = null,
        #[ListOf(Funnel::class)] public readonly array $funnels = [],
        #[ListOf(Trial::class)] public readonly array $trials = [],
        public readonly ?Messages $messages = null,
        #[ListOf(Message::class)] public readonly array $sends = [],
        #[ListOf(Calendar::class)] public readonly array $calendars = [],
        #[ListOf(Language::class)] public readonly array $languages = [],
        #[ListOf(StorePicture::class)] public readonly array $pictures = [],
        #[ListOf(Note::class)] public readonly array $notes = [],
        #[ListOf(Errand::class)] public readonly array $errands = [],
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
            new Children('products', Family::only('“product”', Product::class), 'a product'),
            new One('adverts', Adverts::class, sometimes: true),
            new Children('screens', Family::only('a screen', Screen::class), 'a screen'),
            new Children('pieces', Family::only('“piece”', Piece::class), 'a piece'),
            new Children('routines', Family::only('“routine”', Routine::class), 'a routine'),
            new Children('tabs', Family::only('a tab', Tab::class), 'a tab'),
            new Children('menu', Family::only('“side menu”', MenuEntry::class), 'an entry of the side menu'),
            new One('messages', Messages::class, sometimes: true),
            new Children('sends', Family::only('“message”', Message::class), 'a message'),
            new Children('calendars', Family::only('“calendar”', Calendar::class), 'a calendar'),
            new Children('funnels', Family::only('“funnel”', Funnel::class), 'a funnel'),
            new Children('trials', Family::only('“trial”', Trial::class), 'a trial'),
            new Children('languages', Family::only('“language”', Language::class), 'a language'),
            new One('release', Release::class),
            new Children('pictures', Family::only('“store picture”', StorePicture::class), 'a store picture'),
            new Children('notes', Family::only('“note”', Note::class), 'a note'),
            new Children('errands', Family::only('“errand”', Errand::class), 'an errand'),
        );
    }

    /** The service that draws the maps: the first that has tiles. */
    public function mapService(): ?Service
    {
        foreach ($this->services as $service) {
            if (($service->tiles[0] ?? null)?->isWhole() === true) {
                return $service;
            }
        }

        return null;
    }

    /**
     * @param  array<string, mixed>  $data
     * @param  self|null  $like  one that is read already: screens that are the same in both are not read again
     *
     * @throws \UnexpectedValueException where the data is not a blueprint
     */
    public static function fromData(array $data, ?self $like = null): self
    {
        $blueprint = self::stored($data, $like);
        foreach ($blueprint->screens as $i => $screen) {
            if ($screen !== ($like->screens[$i] ?? null)) {
                $screen->lines();
                $screen->actions();
            }
        }

        return $blueprint;
    }

    /**
     * The same of data that was read before: the lines of a screen are read when they are asked for.
     *
     * @param  array<string, mixed>  $data
     *
     * @throws \UnexpectedValueException where the data is not a blueprint
     */
    public static function stored(array $data, ?self $like = null): self
    {
        $blueprint = Shape::make(self::class, $like === null ? $data : $like->shared($data) + $data);
        $blueprint->data = $data;
        foreach ([...$blueprint->tables, ...array_values($blueprint->serviceTables())] as $table) {
            foreach ($table->fields as $field) {
                if ($field->type instanceof StandsInTable) {
                    $field->type->standIn(Scope::of($blueprint)->inRow($table));
                }
            }
        }
        // What was worked out while some fields did not know their type yet is worked out again.
        $blueprint->parts = null;

        return $blueprint;
    }

    /**
     * @param  array<string, mixed>  $data  of another app
     * @return array<string, list<mixed>> its screens, those of this one where they are the same
     */
    private function shared(array $data): array
    {
        $own = $this->data['screens'] ?? [];
        $screens = $data['screens'] ?? [];
        if (! is_array($own) || ! is_array($screens)) {
            return [];
        }
        foreach ($screens as $i => $screen) {
            if (isset($own[$i], $this->screens[$i]) && $own[$i] === $screen) {
                $screens[$i] = $this->screens[$i];
            }
        }

        return ['screens' => array_values($screens)];
    }

    /** @throws \Lanai\Core\Language\ScriptMistake */
    public static function fromScript(string $script): self
    {
        return self::fromData(Parser::script($script, self::class));
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
        return Printer::print($this->data, self::class);
    }

    /** Every node and every blank of it. */
    public function walk(): Walk
    {
        return $this->walk ??= Walk::through($this->data, self::class, Scope::of($this));
    }

    public function kinds(): Kinds
    {
        return $this->kinds ??= Kinds::of($this->data);
    }

    /** The way to a place: the nodes and blanks that lead there and those of the table, the screen or the like in which it lies. */
    public function walkTo(string $at): Walk
    {
        return Walk::towards($at, $this->data, self::class, Scope::of($this));
    }

    /** One of its further languages by its tag. */
    public function language(string $tongue): ?Language
    {
        foreach ($this->languages as $language) {
            if ($language->tongue === $tongue) {
                return $language;
            }
        }

        return null;
    }

    /**
     * The same app with other words: what is kept, who may do what and what is sold are the same objects.
     *
     * @param  array<string, mixed>  $data  of the whole
     * @param  array<string, string>  $shown  what names are shown as, by the name, and by where it stands, a line feed and the name
     *
     * @throws \UnexpectedValueException where the data is not a blueprint
     */
    public function worded(array $data, array $shown): self
    {
        $same = [
            'signIn' => $this->signIn,
            'roles' => $this->roles,
            'tables' => $this->tables,
            'values' => $this->values,
            'services' => $this->services,
            'products' => $this->products,
            'adverts' => $this->adverts,
            'funnels' => $this->funnels,
            'trials' => $this->trials,
            'languages' => $this->languages,
        ];
        $blueprint = Shape::make(self::class, $same + $data);
        $blueprint->data = $data;
        $blueprint->shown = $shown;
        $blueprint->begunIn = $this->begunIn();
        $blueprint->serviceTables = $this->serviceTables();
        $blueprint->holdings = $this->holdings();

        return $blueprint;
    }

    /**
     * A name as people see it.
     *
     * @param  string  $on  the screen, table or product that it belongs to
     */
    public function shown(string $name, string $on = ''): string
    {
        return $this->shown === [] ? $name : $this->shown["$on\n$name"] ?? $this->shown[$name] ?? $name;
    }

    /**
     * Names in formulas of the fields that say something else in a language.
     *
     * @return list<string>
     */
    public function saidOtherwise(string $tongue): array
    {
        return $this->saidOtherwise[$tongue] ??= array_merge(...array_map(fn (Table $table): array => $table->saidOtherwise($tongue), $this->tables));
    }

    /** The language that its words are written in, whatever it is translated into, by its tag. */
    public function begunIn(): string
    {
        return $this->begunIn === '' ? $this->theme->tongue() : $this->begunIn;
    }

    /** What Lanai itself says, in the language of the app's words. */
    public function own(): OwnWords
    {
        return $this->own ??= OwnWords::in($this->theme->tongue(), $this->shown);
    }

    /** What was refused in English, in the language of the app's words. */
    public function refusal(string $english): string
    {
        return $this->own()->again($english, $this->shown(...));
    }

    /** A message by the key by which it is kept who got it. */
    public function message(string $key): ?Message
    {
        foreach ($this->sends as $message) {
            if ($message->key() === $key) {
                return $message;
            }
        }

        return null;
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

        return $this->serviceTables()[mb_strtolower($name)] ?? null;
    }

    /** @return list<string> names of what people have or have not */
    public function entitlements(): array
    {
        $fields = array_filter($this->peopleTable()->fields ?? [], fn (Field $f): bool => $f->type instanceof EntitlementType);

        return array_values(array_map(fn (Field $f): string => $f->name, $fields));
    }

    /** @return list<Product> those that give an entitlement */
    public function giving(string $entitlement): array
    {
        $gives = fn (Product $p): bool => in_array(mb_strtolower($entitlement), array_map(mb_strtolower(...), $p->gives), true);

        return array_values(array_filter($this->products, $gives));
    }

    public function productCalled(string $name): ?Product
    {
        foreach ($this->products as $product) {
            if (mb_strtolower($product->name) === mb_strtolower($name)) {
                return $product;
            }
        }

        return null;
    }

    public function product(string $key): ?Product
    {
        return $this->products[$this->productIndex($key) ?? -1] ?? null;
    }

    /** @param  string  $key  of a product, as purchases keep it */
    public function productIndex(string $key): ?int
    {
        foreach ($this->products as $i => $product) {
            if ($product->key() === $key) {
                return $i;
            }
        }

        return null;
    }

    /** Who has what, as Lanai keeps it; null where nothing is sold or nobody signs in. */
    public function holdings(): ?Table
    {
        if ($this->holdings === false) {
            $people = $this->products === [] ? null : $this->peopleTable();
            $this->holdings = $people === null ? null : Holdings::table($people);
        }

        return $this->holdings;
    }

    /** @return array<string, BackLink> all lists that formulas find at a row, also those of what Lanai keeps */
    public function everyBackLink(Table $to): array
    {
        $holdings = $to->people ? $this->holdings() : null;

        return $this->backLinks($to) + ($holdings === null ? [] : [Holdings::LIST => new BackLink(Holdings::LIST, $holdings, $holdings->fields[0])]);
    }

    /** @return array<string, Table> what services give, by name in small letters: it reads like tables, but is not stored */
    public function serviceTables(): array
    {
        if ($this->serviceTables === null) {
            $this->serviceTables = [];
            foreach ($this->services as $service) {
                foreach ($service->requests as $request) {
                    foreach ($request->tables() as $table) {
                        $this->serviceTables[mb_strtolower($table->name)] ??= $table;
                    }
                }
            }
        }

        return $this->serviceTables;
    }

    public function isServiceTable(Table $table): bool
    {
        return $this->serviceTables() !== [] && ($this->serviceTables()[mb_strtolower($table->name)] ?? null) === $table;
    }

    /** @return array{Service, ServiceRequest}|null a request by its name, with its service */
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
        if ($this->byOne === null) {
            $this->byOne = [];
            $kept = $this->holdings();
            foreach ([...$this->tables, ...array_values($this->serviceTables()), ...$kept === null ? [] : [$kept]] as $table) {
                $this->byOne[mb_strtolower($table->singular)] ??= $table;
            }
        }

        return $this->byOne[mb_strtolower($singular)] ?? null;
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

    /** @param  string  $name  as it is called, or its key */
    public function calendar(string $name): ?Calendar
    {
        foreach ($this->calendars as $calendar) {
            if ($calendar->key() === Names::inStorage($name)) {
                return $calendar;
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
    public function partsOf(TableType $table): array
    {
        $table = Table::known($table);
        if ($table === null) {
            return [];
        }
        $this->parts ??= new \WeakMap();
        if (isset($this->parts[$table])) {
            return $this->parts[$table];
        }
        $parts = [];
        foreach ($table->fields as $field) {
            $parts[Names::inFormula($field->name)] ??= $field->valueType();
        }
        foreach ($this->backLinks($table) as $name => $link) {
            $parts[$name] ??= Type::several(Type::row($link->from->singular));
        }

        return $this->parts[$table] = $parts;
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
            $linking = array_values(
                array_filter(
                    $from->fields,
                    fn (Field $f): bool => mb_strtolower($f->linksTo()) === mb_strtolower($to->singular) ||
                        mb_strtolower($f->linksToMany()) === mb_strtolower($to->singular),
                ),
            );
            foreach ($linking as $field) {
                $name = Names::inFormula($from->name).(count($linking) === 1 ? '' : 'By'.ucfirst(Names::inFormula($field->name)));
                $found[$name] ??= new BackLink($name, $from, $field);
            }
        }

        return $this->back[$to->name] = $found;
    }

    public function lists(): array
    {
        if ($this->lists === null) {
            $this->lists = [];
            foreach ($this->tables as $table) {
                $this->lists[Names::inFormula($table->name)] = Type::several(Type::row($table->singular));
            }
        }

        return $this->lists;
    }

    public function person(): ?Type
    {
        $people = $this->peopleTable();

        return $people === null ? null : Type::row($people->singular);
    }

    /**
     * The app whose names a scope knows.
     *
     * @throws \LogicException where they are not those of a blueprint
     */
    public static function in(Scope $scope): self
    {
        return $scope->schema instanceof self ? $scope->schema : throw new \LogicException('These are not the names of a blueprint.');
    }

    /**
     * @return array<string, Type> what formulas can say everywhere: "app.name" for its values, "asset.name" for what it brings, "account.email" for
     *   one's own account
     */
    public function remembered(): array
    {
        if ($this->remembered !== null) {
            return $this->remembered;
        }
        $types = $this->signIn === null ? [] : Account::types();
        foreach ($this->values as $value) {
            $types[$value->key()] = $value->type->type();
        }
        foreach ($this->assets as $asset) {
            $types[$asset->key()] = $asset->type();
        }

        return $this->remembered = $types;
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
        return $this->indexOf('routines', $name);
    }

    public function pieceIndex(string $name): ?int
    {
        return $this->indexOf('pieces', $name);
    }

    /** @param  'routines'|'pieces'  $list */
    private function indexOf(string $list, string $name): ?int
    {
        if (! isset($this->indexes[$list])) {
            $this->indexes[$list] = [];
            foreach ($list === 'pieces' ? $this->pieces : $this->routines as $i => $one) {
                $this->indexes[$list][mb_strtolower($one->name)] ??= $i;
            }
        }

        return $this->indexes[$list][mb_strtolower($name)] ?? null;
    }

    public function screen(string $name): ?Screen
    {
        $index = $this->screenIndex($name);

        return $index === null ? null : $this->screens[$index];
    }

    public function screenIndex(string $name): ?int
    {
        if ($this->screenIndexes === null) {
            $this->screenIndexes = [];
            foreach ($this->screens as $i => $screen) {
                $this->screenIndexes[mb_strtolower($screen->name)] ??= $i;
                $this->screenIndexes[$screen->slug()] ??= $i;
            }
        }

        return $this->screenIndexes[mb_strtolower($name)] ?? ($this->screenIndexes[$name] ?? null);
    }

    /** The screen that a text opens which another program shares; null for none. */
    public function sharedScreen(): ?Screen
    {
        return array_values(array_filter($this->screens, fn (Screen $s): bool => $s->shared && $s->takesText()))[0] ?? null;
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
