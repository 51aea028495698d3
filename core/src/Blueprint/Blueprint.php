<?php

declare(strict_types=1);

namespace Lanai\Core\Blueprint;

use Lanai\Core\Script\Blank;
use Lanai\Core\Script\Children;
use Lanai\Core\Script\Family;
use Lanai\Core\Script\Fits\NameFit;
use Lanai\Core\Script\HasSentence;
use Lanai\Core\Script\One;
use Lanai\Core\Script\Parser;
use Lanai\Core\Script\Printer;
use Lanai\Core\Script\Sentence;

/** The whole app: what it stores, shows and does. Immutable; an edit gives a new one. */
final class Blueprint implements HasSentence
{
    /** @var array<string, mixed> */
    private array $data = [];

    /**
     * @param  list<Table>  $tables
     * @param  list<Screen>  $screens
     * @param  list<Tab>  $tabs
     */
    public function __construct(
        public readonly string $name,
        public readonly Theme $theme = new Theme,
        #[ListOf(Table::class)] public readonly array $tables = [],
        #[ListOf(Screen::class)] public readonly array $screens = [],
        #[ListOf(Tab::class)] public readonly array $tabs = [],
        public readonly Release $release = new Release,
    ) {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('app', new Blank('name', NameFit::of('the name of the app')))->below(
            new One('theme', Theme::class),
            new Children('tables', Family::only('a table', Table::class), 'a table'),
            new Children('screens', Family::only('a screen', Screen::class), 'a screen'),
            new Children('tabs', Family::only('a tab', Tab::class), 'a tab'),
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

    public function table(string $name): ?Table
    {
        foreach ($this->tables as $table) {
            if (mb_strtolower($table->name) === mb_strtolower($name)) {
                return $table;
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
