<?php

declare(strict_types=1);

namespace Lanai\Core\Data\Storage;

use Lanai\Core\Blueprint\Field;
use Lanai\Core\Blueprint\Table;

/** One change of a data set's shape. */
final readonly class Step
{
    /** @param  'create'|'add'|'convert'|'index'  $what */
    private function __construct(public string $what, public Table $table, public ?Field $field, public string $declaration, public string $was = '')
    {
    }

    public static function create(Table $table): self
    {
        return new self('create', $table, null, '');
    }

    public static function add(Table $table, Field $field, string $declaration): self
    {
        return new self('add', $table, $field, $declaration);
    }

    public static function convert(Table $table, Field $field, string $declaration, string $was): self
    {
        return new self('convert', $table, $field, $declaration, $was);
    }

    public static function index(Table $table, Field $field): self
    {
        return new self('index', $table, $field, '');
    }

    public function sentence(): string
    {
        $field = $this->field->name ?? '';

        return match ($this->what) {
            'create' => "{$this->table->name} gets a place of its own.",
            'add' => "$field is added to {$this->table->name}, empty in the rows there are.",
            'convert' => "$field of {$this->table->name} changes its type; values that do not convert become empty and are kept aside.",
            'index' => "$field of {$this->table->name} gets an index.",
        };
    }
}
