<?php

declare(strict_types=1);

namespace Lanai\Core\Model\FieldTypes;

use DateTimeImmutable;
use DateTimeZone;
use Faker\Generator;
use Lanai\Core\Formula\Kind;
use Lanai\Core\Formula\Type;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Language\Words;
use Lanai\Core\Model\FieldType;
use Lanai\Core\Model\UnreadableValue;
use Lanai\Core\Text\Pattern;

/** An instant, stored in UTC as ISO 8601 with a Z, so that text order is time order. */
final readonly class MomentType implements FieldType
{
    use StoredByKind;

    public static function sentence(): Sentence
    {
        return Sentence::of(new Words('is a date and time', 'is date and time'));
    }

    public function type(): Type
    {
        return Type::of(Kind::Moment);
    }

    public function column(): string
    {
        return 'TEXT';
    }

    /** Reads ISO 8601; without an offset the clock is UTC. */
    public function read(mixed $input): ?DateTimeImmutable
    {
        if ($input instanceof DateTimeImmutable) {
            return $input;
        }
        $text = self::typed($input);
        if ($text === '') {
            return null;
        }
        if (
            ! Pattern::match('/^(\d{4})-(\d\d)-(\d\d)(?:[T ](\d\d):(\d\d)(?::(\d\d)(?:\.\d+)?)?)?(Z|[+-]\d\d:?\d\d)?$/', $text, $m) ||
            ! checkdate((int) $m[2], (int) $m[3], (int) $m[1]) ||
            (int) ($m[4] ?? 0) > 23 ||
            (int) ($m[5] ?? 0) > 59 ||
            (int) ($m[6] ?? 0) > 59
        ) {
            throw new UnreadableValue("“{$text}” is not a date and time. Write it as 2026-12-24 07:30.");
        }
        $at = (new DateTimeImmutable($text, new DateTimeZone('UTC')))->setTimezone(new DateTimeZone('UTC'));

        return $at->setTime((int) $at->format('H'), (int) $at->format('i'), (int) $at->format('s'));
    }

    public function write(mixed $value): string
    {
        if (! ($value instanceof DateTimeImmutable)) {
            return '';
        }
        $at = $value->setTimezone(new DateTimeZone('UTC'));

        return $at->format($at->format('s') === '00' ? 'Y-m-d H:i' : 'Y-m-d H:i:s');
    }

    public function control(): string
    {
        return 'moment';
    }

    public function sample(Generator $faker, string $name): mixed
    {
        return $this->read($faker->dateTimeBetween('@1767225600', '@1798761600')->format('Y-m-d\\TH:00:00\\Z'));
    }
}
