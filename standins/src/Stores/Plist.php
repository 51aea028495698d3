<?php

declare(strict_types=1);

namespace Standins\Stores;

use DOMDocument;
use DOMElement;

/** Reads a property list that is written as XML. */
final class Plist
{
    /** Bytes. */
    private const LARGEST = 1_000_000;

    /** @return array<string, mixed>|null null where it is none, or not a dictionary */
    public static function read(string $xml): ?array
    {
        $document = new DOMDocument();
        // Nothing is fetched, and no entity is put in its place.
        $isRead = $xml !== '' && strlen($xml) <= self::LARGEST && @$document->loadXML($xml, LIBXML_NONET);
        $root = $document->documentElement;
        if (! $isRead || $root === null || $root->nodeName !== 'plist') {
            return null;
        }
        $value = self::value(self::children($root)[0] ?? null);

        return is_array($value) ? $value : null;
    }

    private static function value(?DOMElement $element): mixed
    {
        return match ($element?->nodeName) {
            'dict' => self::dictionary($element),
            'array' => array_map(self::value(...), self::children($element)),
            'true' => true,
            'false' => false,
            'integer' => (int) $element->textContent,
            'real' => (float) $element->textContent,
            'string' => $element->textContent,
            default => null,
        };
    }

    /** @return array<string, mixed> */
    private static function dictionary(DOMElement $element): array
    {
        $all = [];
        $key = null;
        foreach (self::children($element) as $child) {
            if ($child->nodeName === 'key') {
                $key = $child->textContent;
            } elseif ($key !== null) {
                $all[$key] = self::value($child);
                $key = null;
            }
        }

        return $all;
    }

    /** @return list<DOMElement> */
    private static function children(DOMElement $element): array
    {
        return array_values(array_filter(iterator_to_array($element->childNodes), fn (mixed $node): bool => $node instanceof DOMElement));
    }
}
