<?php

declare(strict_types=1);

namespace Lanai\Core\Storage;

use Lanai\Core\Model\Field;
use Lanai\Core\Model\Table;

/** One change of a data set's shape. */
final readonly class Step
{
    /**
     * @param  'create'|'add'|'convert'|'join'|'index'  $what
     * @param  list<IndexKey>  $keys  those of an index
     */
    private function __construct(
        public string $what,
        public Table $table,
        public ?Field $field,
        public string $declaration = '',
        public string $was = '',
        public ?Table $to = null,
        public array $keys = [],
    ) {
    }

    public static function create(Table $table): self
    {
        return new self('create', $table, null);
    }

    public static function add(Table $table, Field $field, string $declaration): self
    {
        return new self('add', $table, $field, $declaration);
    }

    public static function convert(Table $table, Field $field, string $declaration, string $was): self
    {
        return new self('convert', $table, $field, $declaration, $was);
    }

    /** A place for links to many rows; the links of a column of that name go with it. */
    public static function join(Table $table, Field $field, Table $to, string $was): self
    {
        return new self('join', $table, $field, was: $was, to: $to);
    }

    /** @param  list<IndexKey>  $keys */
    public static function index(Table $table, array $keys): self
    {
        return new self('index', $table, null, keys: $keys);
    }

    public function indexName(): string
    {
        return 'ix_'.
            $this->table->storedAs().
            '_'.
            implode('_', array_map(fn (IndexKey $k): string => $k->field->column().($k->ofTexts ? '_sorted' : ''), $this->keys));
    }

    public function sentence(): string
    {
        $field = $this->field->name ?? '';

        return match ($this->what) {
            'create' => "{$this->table->name} gets a place of its own.",
            'add' => "$field is added to {$this->table->name}, empty in the rows there are.",
            'convert' => "$field of {$this->table->name} changes its type; values that do not convert become empty and are kept aside.",
            'join' => "$field of {$this->table->name} gets a place for links to many {$this->to?->name}.",
            'index' => implode(' and ', array_map(fn (IndexKey $k): string => $k->field->name, $this->keys))." of {$this->table->name} get an index.",
        };
    }
}
