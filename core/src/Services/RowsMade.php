<?php

declare(strict_types=1);

namespace Lanai\Core\Services;

use DateTimeImmutable;
use JmesPath\Env;
use JmesPath\SyntaxErrorException;
use Lanai\Core\Formula\Kind;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Field;
use Lanai\Core\Model\Row;
use Lanai\Core\Model\Table;
use Lanai\Core\Model\UnreadableValue;
use Lanai\Core\Text\Pattern;

/** The rows that answers gave: they live as long as the request that asked. */
final class RowsMade
{
    /** @var array<string, array<int, Row>> by table, in the order of the answer */
    private array $rows = [];

    /** @var list<Row> of the answer that is being read */
    private array $given = [];

    /** @var list<string> what did not fit, in plain words */
    public array $remarks = [];

    public function __construct(private readonly Blueprint $blueprint)
    {
    }

    /** @return list<Row> what an answer gives, by its request */
    public function of(Askable $request, Answer $answer): array
    {
        $this->given = $this->remarks = [];
        $request->read($answer, $this);

        return $this->given;
    }

    /** @return array<int, Row> */
    public function all(Table $table): array
    {
        return $this->rows[$table->name] ?? [];
    }

    public function fromJson(Request $request, mixed $json): void
    {
        $table = $this->blueprint->table($request->name);
        if ($table === null) {
            return;
        }
        foreach (self::things($request, $json) as $thing) {
            $this->given[] = $this->row($table, $request->parts, $thing);
        }
    }

    /**
     * A row with values by column.
     *
     * @param  array<string, mixed>  $values
     */
    public function give(Table $table, array $values): void
    {
        $this->given[] = $this->add($table, $values);
    }

    /** @return list<mixed> the things that an answer gives, as JSON */
    public static function things(Request $request, mixed $json): array
    {
        $found = $request->at === '' ? $json : self::search($request->at, $json);
        if ($found === null) {
            return [];
        }
        $list = is_array($found) && array_is_list($found) ? $found : [$found];

        return $request->givesMany() ? $list : array_slice($list, 0, 1);
    }

    public static function search(string $way, mixed $json): mixed
    {
        try {
            return Env::search($way, $json);
        } catch (SyntaxErrorException|\RuntimeException) {
            return null;
        }
    }

    /** @param  list<AnswerPart>  $parts */
    private function row(Table $table, array $parts, mixed $thing): Row
    {
        $values = [];
        foreach ($parts as $part) {
            $field = $table->field($part->name);
            $found = is_array($thing) || $part->at !== '' ? self::search($part->way(), $thing) : null;
            if ($field === null) {
                continue;
            }
            $near = $found === null ? NearMiss::way($part->way(), $thing) : null;
            if ($near !== null) {
                $this->remark("$field->name is looked for at “{$part->way()}”; the answer has “{$near}”. Capital letters count.");
            }
            $inner = $part->isList() ? $this->blueprint->table($part->listName()) : null;
            $values[$field->column()] =
                $inner === null
                    ? $this->value($field, $found)
                    : array_map(
                        fn (mixed $one): int => $this->row($inner, $part->parts, $one)->id,
                        match (true) {
                            is_array($found) && array_is_list($found) => $found,
                            $found === null => [],
                            default => [$found],
                        },
                    );
        }

        return $this->add($table, $values);
    }

    /** @param  array<string, mixed>  $values */
    private function add(Table $table, array $values): Row
    {
        $content = $table->name."\0".json_encode(array_map(JsonValues::of(...), $values), JSON_INVALID_UTF8_SUBSTITUTE);
        // The same content has the same id from one request to the next, so that a tap finds what was drawn.
        for ($again = 0; ; $again++) {
            $id = (int) hexdec(substr(sha1("$content\0$again"), 0, 12)) + 1;
            if (! isset($this->rows[$table->name][$id])) {
                return $this->rows[$table->name][$id] = new Row($table, $id, $values);
            }
            if ($again > 5000) {
                throw new \LogicException('Too many rows alike.');
            }
        }
    }

    private function value(Field $field, mixed $json): mixed
    {
        if ($json === null) {
            return null;
        }
        $kind = $field->valueType()->kind;
        try {
            return match (true) {
                $kind === Kind::YesNo => match (true) {
                    is_bool($json) => $json,
                    is_scalar($json) => $field->type->read(match (true) {
                        is_string($json) => $json,
                        (float) $json === 0.0 => 'no',
                        default => 'yes',
                    }),
                    default => throw new UnreadableValue(''),
                },
                $kind === Kind::Moment && (is_int($json) || is_float($json)) => (new DateTimeImmutable(
                    '@'.(int) ($json > 1e11 ? $json / 1000 : $json),
                ))->setTimezone(new \DateTimeZone('UTC')),
                $kind === Kind::Text && ! is_string($json) => match (true) {
                    is_scalar($json) && is_bool($json) && $json => 'yes',
                    is_scalar($json) && is_bool($json) => 'no',
                    is_scalar($json) => (string) $json,
                    is_array($json) => self::listed($json),
                    default => null,
                },
                $kind === Kind::Whole && is_float($json) => (int) round($json),
                $kind === Kind::Duration && (is_int($json) || is_float($json)) => $field->type->read("$json s"),
                $kind === Kind::Place && is_array($json) => $field->type->read(self::place($json)),
                // A picture that lies elsewhere is shown from there.
                $kind === Kind::Picture && is_string($json) && Pattern::match('~^https?://[^\s<>"]+$~i', $json) => $json,
                is_scalar($json) => $field->type->read(is_string($json) ? $json : (string) $json),
                is_array($json) && $kind === Kind::Several => $field->type->read(implode('; ', array_filter($json, is_scalar(...)))),
                default => throw new UnreadableValue('This is not one value.'),
            };
        } catch (UnreadableValue $wrong) {
            $this->remark("$field->name: {$wrong->getMessage()}");

            return null;
        }
    }

    private function remark(string $sentence): void
    {
        if (count($this->remarks) < 20 && ! in_array($sentence, $this->remarks, true)) {
            $this->remarks[] = $sentence;
        }
    }

    /** @param  array<array-key, mixed>  $json */
    private static function listed(array $json): string
    {
        return implode(
            ', ',
            array_map(
                fn (mixed $v): string => is_scalar($v) ? (string) $v : (string) json_encode($v, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES),
                array_is_list($json) ? $json : [$json],
            ),
        );
    }

    /** @param  array<array-key, mixed>  $json  with latitude and longitude by one of their usual names, or a pair as in GeoJSON (RFC 7946) */
    private static function place(array $json): string
    {
        if (is_array($json['coordinates'] ?? null)) {
            return self::place(['lat' => $json['coordinates'][1] ?? null, 'lon' => $json['coordinates'][0] ?? null]);
        }

        return self::first($json, 'latitude', 'lat', 0).', '.self::first($json, 'longitude', 'lon', 'lng', 'long', 1);
    }

    /** @param  array<array-key, mixed>  $json */
    private static function first(array $json, string|int ...$names): string
    {
        foreach ($names as $name) {
            if (is_numeric($json[$name] ?? null)) {
                return (string) $json[$name];
            }
        }

        return '';
    }
}
