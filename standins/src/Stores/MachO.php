<?php

declare(strict_types=1);

namespace Standins\Stores;

/** What an executable for phones says of itself: its kind, its system, and what it takes from the system's libraries (the Mach-O format, from memory). */
final readonly class MachO
{
    private const MAGIC = "\xCF\xFA\xED\xFE";

    private const ARM64 = 0x0100000C;

    private const EXECUTE = 2;

    private const SYMBOLS = 0x2;

    private const SIGNATURE = 0x1D;

    private const BUILT_FOR = 0x32;

    private const IOS = 2;

    /** More are not read. */
    private const MOST = 100_000;

    /**
     * @param  bool  $phone  it is for phones: 64 bits of ARM, and their system
     * @param  string  $least  the oldest version of the system that it runs on, such as 15.0
     * @param  list<string>  $takes  names of what it takes from libraries
     */
    private function __construct(public bool $phone, public string $least, public bool $signed, public array $takes)
    {
    }

    /** Null where it is no executable. */
    public static function read(string $bytes): ?self
    {
        if (strlen($bytes) < 32 || substr($bytes, 0, 4) !== self::MAGIC) {
            return null;
        }
        $head = unpack('Vcpu/Vsub/Vkind/Vcommands/Vlength', substr($bytes, 4, 20));
        if ($head === false || $head['kind'] !== self::EXECUTE) {
            return null;
        }
        [$phone, $least, $signed, $takes] = [false, '', false, []];
        $at = 32;
        for ($i = 0; $i < $head['commands'] && $at + 8 <= strlen($bytes); $i++) {
            $command = unpack('Vkind/Vlength', substr($bytes, $at, 8));
            if ($command === false || $command['length'] < 8) {
                break;
            }
            $body = substr($bytes, $at + 8, $command['length'] - 8);
            if ($command['kind'] === self::BUILT_FOR && strlen($body) >= 8) {
                $built = unpack('Vsystem/Vleast', $body) ?: ['system' => 0, 'least' => 0];
                $phone = $built['system'] === self::IOS && $head['cpu'] === self::ARM64;
                $least = ($built['least'] >> 16).'.'.(($built['least'] >> 8) & 0xFF);
            } elseif ($command['kind'] === self::SIGNATURE) {
                $signed = true;
            } elseif ($command['kind'] === self::SYMBOLS && strlen($body) >= 16) {
                $takes = self::takes($bytes, unpack('Vat/Vcount/Vtexts/Vlength', $body) ?: []);
            }
            $at += $command['length'];
        }

        return new self($phone, $least, $signed, $takes);
    }

    /** Whether it uses one of these classes or functions. */
    public function uses(string ...$names): bool
    {
        return array_intersect(array_merge(...array_map(fn (string $name): array => ["_OBJC_CLASS_\$_$name", "_$name"], $names)), $this->takes) !== [];
    }

    /**
     * @param  array<string, int>  $table
     * @return list<string>
     */
    private static function takes(string $bytes, array $table): array
    {
        $texts = substr($bytes, $table['texts'] ?? 0, $table['length'] ?? 0);
        $takes = [];
        for ($i = 0; $i < min($table['count'] ?? 0, self::MOST); $i++) {
            $entry = substr($bytes, ($table['at'] ?? 0) + 16 * $i, 16);
            $symbol = strlen($entry) === 16 ? unpack('Vname/Ckind', $entry) : false;
            // External, and not defined here.
            if ($symbol !== false && ($symbol['kind'] & 0x0F) === 0x01 && $symbol['name'] < strlen($texts)) {
                $takes[] = substr($texts, $symbol['name'], (int) strpos($texts, "\0", $symbol['name']) - $symbol['name']);
            }
        }

        return $takes;
    }
}
