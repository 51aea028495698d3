<?php

declare(strict_types=1);

namespace Lanai\Core\Runtime;

use Lanai\Core\Blueprint\AppValue;
use Lanai\Core\Blueprint\Blueprint;
use Lanai\Core\Blueprint\UnreadableValue;
use Lanai\Core\Formula\Evaluation;
use Lanai\Core\Formula\Formula;
use Lanai\Core\Formula\FormulaMistake;
use Lanai\Core\Formula\Kind;
use Lanai\Core\People\Account;
use Lanai\Core\Ports\RecordStore;
use Lanai\Core\Rows\Reader;
use Lanai\Core\Script\Names;

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
            $written = $value->kept === 'person' ? ($visit->person === null ? null : $store->kept($visit->person, $name)) : ($visit->values[$name] ?? null);
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
