<?php

declare(strict_types=1);

namespace App\Packaging;

use ZipArchive;

/** A zip that is being written. */
final readonly class ZipFile
{
    private ZipArchive $zip;

    /** @throws PackagingFailed */
    public function __construct(string $file)
    {
        $this->zip = new ZipArchive();
        if ($this->zip->open($file, ZipArchive::CREATE | ZipArchive::OVERWRITE) !== true) {
            throw new PackagingFailed('The package cannot be written.');
        }
    }

    /** @param  bool  $runs  whether it is a program */
    public function add(string $path, string $contents, bool $runs = false): void
    {
        $this->zip->addFromString($path, $contents);
        if ($runs) {
            // The rights of a file stand in the upper half (appnote of the zip format, 4.4.15).
            $this->zip->setExternalAttributesName($path, ZipArchive::OPSYS_UNIX, 0100755 << 16);
        }
    }

    /** A file as it is, which is compressed already. */
    public function put(string $path, string $file): void
    {
        $this->zip->addFile($file, $path);
        $this->zip->setCompressionName($path, ZipArchive::CM_STORE);
    }

    /** @throws PackagingFailed */
    public function close(): void
    {
        if (! $this->zip->close()) {
            throw new PackagingFailed('The package cannot be written.');
        }
    }
}
