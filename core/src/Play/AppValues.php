<?php

declare(strict_types=1);

namespace Lanai\Core\Play;

use Lanai\Core\Formula\Formula;
use Lanai\Core\Formula\FormulaMistake;
use Lanai\Core\Formula\Kind;
use Lanai\Core\Model\AppValue;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\People\Account;
use Lanai\Core\Model\UnreadableValue;
use Lanai\Core\Rows\Evaluation;
use Lanai\Core\Rows\Reader;
use Lanai\Core\Rows\RecordStore;
use Lanai\Core\Text\Names;

/** What the app remembers for this person, device and visit, as formulas read it; and the pictures it brings. */
final class AppValues
{
    /** @return array<string, mixed> "app.name" and "asset.name" => value */
    public static function of(Blueprint $blueprint, Visit $visit, Reader $reader, RecordStore $store): array
    {
        $found = $blueprint->signIn === null ? [] : ($visit->account ?? new Account)->values();
        foreach ($blueprint->assets as $asset) {
            $found[$asset->key()] = $asset->file;
        }
        foreach ($blueprint->values as $value) {
            $name = Names::inFormula($value->name);
            $written = match (true) {
                $value->kept === 'person' && $visit->person === null => null,
                $value->kept === 'person' => $store->kept($visit->person, $name),
                default => $visit->values[$name] ?? null,
            };
            $found[$value->key()] = self::read($value, $written, $reader) ?? self::begins($value, $visit, $reader);
        }

        return $found;
    }

    private static function read(AppValue $value, ?string $written, Reader $reader): mixed
    {
        if ($written === null || $written === '') {
            return null;
        }
        try {
            $read = $value->type->read($written);
        } catch (UnreadableValue) {
            return null;
        }
        $one = $value->type->type()->one;

        return is_int($read) && $one !== '' && $value->type->type()->kind === Kind::Row ? $reader->row($one, $read) : $read;
    }

    private static function begins(AppValue $value, Visit $visit, Reader $reader): mixed
    {
        try {
            return $value->begins === '' ? null : (new Evaluation($visit->moment, $reader, []))->of(Formula::of($value->begins));
        } catch (FormulaMistake) {
            return null;
        }
    }
}
