<?php

declare(strict_types=1);

namespace Lanai\Core\Model\FieldTypes;

use Faker\Generator;
use Lanai\Core\Formula\Kind;
use Lanai\Core\Formula\Type;
use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Clause;
use Lanai\Core\Language\Fits\NumberFit;
use Lanai\Core\Language\Words;
use Lanai\Core\Model\UnreadableValue;
use Lanai\Core\Text\Pattern;

/** What films and sounds share: the name of an uploaded file, 64 hexadecimal digits (its SHA-256) and an ending. */
trait Recorded
{
    use StoredByKind;

    /** @param  int|null  $most  how long it may be, in seconds */
    public function __construct(public readonly ?int $most = null)
    {
    }

    private static function inSeconds(): Clause
    {
        return Clause::joined('of at most', 'of at most so many seconds', new Blank('most', NumberFit::whole(1, 3600)), new Words('seconds'));
    }

    public function type(): Type
    {
        return Type::of(Kind::File);
    }

    public function column(): string
    {
        return 'TEXT';
    }

    public function read(mixed $input): ?string
    {
        $name = self::typed($input);

        return match (true) {
            $name === '' => null,
            Pattern::match('/^[0-9a-f]{64}\.('.implode('|', self::ENDINGS).')$/', $name) => $name,
            default => throw new UnreadableValue('Please upload '.self::CALLED.'.'),
        };
    }

    public function seconds(): ?int
    {
        return $this->most;
    }

    public function sample(Generator $faker, string $name): mixed
    {
        return null;
    }
}
