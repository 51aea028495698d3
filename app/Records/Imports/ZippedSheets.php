<?php

declare(strict_types=1);

namespace App\Records\Imports;

use Lanai\Core\Exchange\UnreadableFile;
use Lanai\Core\Text\Pattern;
use XMLReader;
use ZipArchive;

/** The parts of a spreadsheet file, which is a ZIP archive of XML. Each is read as a stream; none is fetched from elsewhere. */
final readonly class ZippedSheets
{
    /** What one part may unfold to, in bytes: some ten times the largest sheet that is of use. */
    private const LARGEST = 1024 * 1024 * 1024;

    /** What spreadsheets hold at most (ECMA-376, limits of common programs: common practice, no source). */
    public const ROWS = 1_048_576;

    public const COLUMNS = 500;

    private function __construct(private string $path, private ZipArchive $archive)
    {
    }

    /** @throws UnreadableFile */
    public static function open(string $path): self
    {
        $archive = new ZipArchive;
        if ($archive->open($path, ZipArchive::RDONLY) !== true) {
            throw new UnreadableFile('This spreadsheet cannot be opened; it may be damaged.');
        }

        return new self($path, $archive);
    }

    public function has(string $part): bool
    {
        return $this->archive->locateName($part) !== false;
    }

    /** @throws UnreadableFile */
    public function xml(string $part): XMLReader
    {
        $stat = $this->archive->statName($part);
        if ($stat === false) {
            throw new UnreadableFile('This spreadsheet cannot be read: a part of it is missing.');
        }
        if ($stat['encryption_method'] !== 0) {
            throw new UnreadableFile('This spreadsheet is protected by a password. Please save it without one.');
        }
        if ($stat['size'] > self::LARGEST) {
            throw new UnreadableFile('This spreadsheet unfolds to more than 1 GB. Please use CSV for so many rows.');
        }
        $before = libxml_use_internal_errors(true);
        libxml_clear_errors();
        $reader = XMLReader::open('zip://'.$this->path.'#'.$part, null, LIBXML_NONET | LIBXML_COMPACT);
        libxml_use_internal_errors($before);

        return $reader instanceof XMLReader ? $reader : throw new UnreadableFile('This spreadsheet cannot be read; it may be damaged.');
    }

    /**
     * Goes through a part, node by node.
     *
     * @param  callable(XMLReader): void  $each
     *
     * @throws UnreadableFile where it is damaged
     */
    public function through(string $part, callable $each): void
    {
        $reader = $this->xml($part);
        try {
            while (self::read($reader)) {
                $each($reader);
            }
        } finally {
            $reader->close();
        }
    }

    /** A moment as ISO 8601 writes it, as people do: a day alone where it is midnight. */
    public static function moment(string $iso): string
    {
        if (! Pattern::match('/^(\d{4}-\d\d-\d\d)(?:T(\d\d:\d\d)(?::(\d\d)(?:\.\d+)?)?)?Z?$/', $iso, $found)) {
            return $iso;
        }
        $seconds = ($found[3] ?? '00') === '00' ? '' : ':'.$found[3];

        return $found[1].(($found[2] ?? '00:00').$seconds === '00:00' ? '' : ' '.$found[2].$seconds);
    }

    /** @throws UnreadableFile where it is damaged */
    public static function read(XMLReader $reader): bool
    {
        $before = libxml_use_internal_errors(true);
        libxml_clear_errors();
        $more = $reader->read();
        $errors = $more ? [] : libxml_get_errors();
        libxml_clear_errors();
        libxml_use_internal_errors($before);
        if ($errors !== []) {
            throw new UnreadableFile('This spreadsheet cannot be read to its end; it may be damaged.');
        }
        if ($reader->nodeType === XMLReader::DOC_TYPE || $reader->nodeType === XMLReader::ENTITY_REF) {
            throw new UnreadableFile('This spreadsheet cannot be read: it has parts of another document in it.');
        }

        return $more;
    }
}
