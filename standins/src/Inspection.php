<?php

declare(strict_types=1);

namespace Standins;

/** What a store reads out of a package, and what it finds wrong with the package itself. */
final readonly class Inspection
{
    /**
     * @param  int  $code  version code; 0 where the package has none
     * @param  string  $signer  SHA-256 of the signing certificate, hexadecimal; '' where packages are not signed
     * @param  list<string>  $permissions
     * @param  list<array{code: string, sentence: string}>  $reasons
     * @param  bool  $cleartext  it allows calls without encryption
     * @param  list<string>|null  $collects  what it says by itself that it keeps of people; null where packages of its kind say nothing
     */
    public function __construct(
        public string $package = '',
        public int $code = 0,
        public string $version = '',
        public string $signer = '',
        public array $permissions = [],
        public array $reasons = [],
        public bool $cleartext = false,
        public ?array $collects = null,
    ) {
    }
}
