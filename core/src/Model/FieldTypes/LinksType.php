<?php

declare(strict_types=1);

namespace Lanai\Core\Model\FieldTypes;

use Faker\Generator;
use Lanai\Core\Formula\Scope;
use Lanai\Core\Formula\Type;
use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Fits\TableFit;
use Lanai\Core\Model\Row;
use Lanai\Core\Model\UnreadableValue;
use Lanai\Core\Text\Pattern;

/** Links to several rows of a table, kept beside both tables, so that each end shows the other. */
final class LinksType implements OnlyInTables, StandsInTable
{
    use StoredByKind;

    /** What one of the linked rows is called. */
    private string $one = '';

    /** @param  string  $table the name of the linked table */
    public function __construct(public readonly string $table = '')
    {
    }

    public function standIn(Scope $scope): void
    {
        $this->one = Blueprint::in($scope)->table($this->table)->singular ?? '';
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('are many', new Blank('table', TableFit::linked()));
    }

    public function type(): Type
    {
        return Type::several(Type::row($this->one));
    }

    public function column(): string
    {
        return '';
    }

    /** @return list<int>|null ids, each once */
    public function read(mixed $input): ?array
    {
        $given = is_array($input) ? $input : Pattern::split('/[\s,;]+/', self::typed($input), flags: PREG_SPLIT_NO_EMPTY);
        $ids = [];
        foreach ($given ?: [] as $each) {
            $id = $each instanceof Row ? (string) $each->id : self::typed($each);
            $ids[] = Pattern::match('/^\d{1,15}$/', $id) ? (int) $id : throw new UnreadableValue('Please pick rows from the list.');
        }
        $ids = array_values(array_unique($ids));
        sort($ids);

        return $ids === [] ? null : $ids;
    }

    public function write(mixed $value): string
    {
        return is_array($value) ? implode(', ', array_filter($value, is_int(...))) : '';
    }

    public function control(): string
    {
        return 'rows';
    }

    public function sample(Generator $faker, string $name): mixed
    {
        return null;
    }
}
