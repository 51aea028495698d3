<?php

declare(strict_types=1);

namespace Standins\Till;

/** What the till remembers: payments that were begun, and how they went. */
final readonly class Drawer
{
    private string $file;

    /** @param  string  $name  of the file in which it remembers */
    public function __construct(string $folder, string $name = 'till')
    {
        if (! is_dir($folder)) {
            mkdir($folder, 0700, true);
        }
        $this->file = "$folder/$name.json";
    }

    /**
     * @return array{sessions: array<string, array<string, mixed>>, keys: array<string, string>,
     *     products: array<string, array<string, array<string, mixed>>>}
     */
    public function read(): array
    {
        $read = is_file($this->file) ? json_decode((string) file_get_contents($this->file), true) : null;

        return (is_array($read) ? $read : []) + ['sessions' => [], 'keys' => [], 'products' => []];
    }

    /**
     * Changes it with no other request in between.
     *
     * @template T
     *
     * @param  callable(array<string, mixed>&): T  $change
     * @return T
     */
    public function change(callable $change): mixed
    {
        $lock = fopen("$this->file.lock", 'c');
        flock($lock, LOCK_EX);
        $all = $this->read();
        $result = $change($all);
        // Whoever reads meanwhile reads what was there before, and not half of it.
        file_put_contents("$this->file.new", (string) json_encode($all));
        rename("$this->file.new", $this->file);
        flock($lock, LOCK_UN);
        fclose($lock);

        return $result;
    }
}
