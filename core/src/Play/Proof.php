<?php

declare(strict_types=1);

namespace Lanai\Core\Play;

/** What was proved before anything is written; good for one use. */
final readonly class Proof
{
    /**
     * @param  string  $way  "password", "code", "guest", a provider's name, or what is to change
     * @param  array<string, mixed>  $facts  for those who made it
     */
    public function __construct(public string $way, public ?int $account, public array $facts = [])
    {
    }
}
