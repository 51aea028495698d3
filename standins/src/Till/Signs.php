<?php

declare(strict_types=1);

namespace Standins\Till;

/** How a store says that something comes from it. */
interface Signs
{
    /** @return array<string, mixed> keys by which its messages are known; RFC 7517 */
    public function keys(): array;

    /**
     * What is told of a sale when it is asked.
     *
     * @param  array<string, mixed>  $sale
     * @return array<string, mixed>
     */
    public function told(string $id, array $sale): array;

    /**
     * A message that something has happened.
     *
     * @param  array<string, mixed>  $sale
     * @param  bool  $forged  by somebody who has not the key
     * @return array{string, array<string, string>} its body and its headers
     */
    public function notice(string $id, array $sale, bool $forged): array;
}
