<?php

declare(strict_types=1);

namespace Lanai\Core\Data\FieldTypes;

use DateTimeImmutable;
use DateTimeZone;
use Lanai\Core\Data\FieldType;
use Lanai\Core\Data\UnreadableValue;
use Lanai\Core\Formula\Kind;
use Lanai\Core\Formula\Type;
use Lanai\Core\Script\Sentence;
use Lanai\Core\Script\Words;

/** An instant, stored in UTC as ISO 8601 with a Z, so that text order is time order. */
final readonly class MomentType implements FieldType
{
    private const STORED = 'Y-m-d\TH:i:s\Z';

    public static function sentence(): Sentence
    {
        return Sentence::of(new Words('a date and time', 'date and time'));
    }

    public function type(): Type
    {
        return Type::of(Kind::Moment);
    }

    public function column(): string
    {
        return 'TEXT';
    }

    public function store(mixed $value): ?string
    {
        return $value instanceof DateTimeImmutable ? $value->setTimezone(new DateTimeZone('UTC'))->format(self::STORED) : null;
    }

    public function load(mixed $stored): ?DateTimeImmutable
    {
        $at = is_string($stored) ? DateTimeImmutable::createFromFormat('!'.self::STORED, $stored, new DateTimeZone('UTC')) : false;

        return $at === false ? null : $at;
    }

    /** Reads ISO 8601; without an offset the clock is UTC. */
    public function read(mixed $input): ?DateTimeImmutable
    {
        if ($input instanceof DateTimeImmutable) {
            return $input;
        }
        $text = is_scalar($input) ? trim((string) $input) : '';
        if ($text === '') {
            return null;
        }
        if (! preg_match('/^(\d{4})-(\d\d)-(\d\d)(?:[T ](\d\d):(\d\d)(?::(\d\d)(?:\.\d+)?)?)?(Z|[+-]\d\d:?\d\d)?$/', $text, $m) || ! checkdate((int) $m[2], (int) $m[3], (int) $m[1])
            || (int) ($m[4] ?? 0) > 23 || (int) ($m[5] ?? 0) > 59 || (int) ($m[6] ?? 0) > 59) {
            throw new UnreadableValue("“{$text}” is not a date and time. Write it as 2026-12-24 07:30.");
        }

        return (new DateTimeImmutable($text, new DateTimeZone('UTC')))->setTimezone(new DateTimeZone('UTC'));
    }

    public function write(mixed $value): string
    {
        return $value instanceof DateTimeImmutable ? $value->setTimezone(new DateTimeZone('UTC'))->format('Y-m-d H:i') : '';
    }

    public function control(): string
    {
        return 'moment';
    }
}
