<?php

declare(strict_types=1);

namespace Lanai\Core\Language;

/** One printed line of the script: whose it is, how deep, its parts, and what could be added to it. */
final readonly class ProseLine implements \JsonSerializable
{
    /**
     * @param  string  $at  JSON Pointer of the node
     * @param  list<ProsePart>  $parts
     * @param  list<array{label: string, at: string, kind: string, key: string}>  $offers  clauses and parts not there yet
     * @param  string  $role  "node" for a node's own line, "part" for a line under it that is not a node
     */
    public function __construct(public string $at, public int $indent, public array $parts, public array $offers, public string $role)
    {
    }

    public function text(): string
    {
        $text = '';
        foreach ($this->parts as $part) {
            $glued = ! $part->isBlank() && ($part->text === ':' || str_starts_with($part->text, ','));
            $text .= ($text === '' || $glued ? '' : ' ').$part->text;
        }

        return str_repeat('  ', $this->indent).$text;
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        // Where lines can be added right under this one, though it is no node.
        $grows = $this->role === 'part' && $this->offers !== [] ? ['grows' => $this->offers[0]['at']] : [];

        return ['at' => $this->at, 'indent' => $this->indent, 'parts' => $this->parts, 'role' => $this->role, 'offers' => $this->offers !== []] + $grows;
    }
}
