<?php

declare(strict_types=1);

namespace App\Packaging\Iphone;

use DOMDocument;
use DOMElement;
use DOMImplementation;
use Lanai\Core\Text\Pattern;

/** Writes a property list as XML (the DTD “PropertyList 1.0”). */
final class PropertyList
{
    /** @param  array<string, mixed>  $values  texts, whole numbers, yes or no, lists, and such arrays again */
    public static function of(array $values): string
    {
        $types = new DOMImplementation();
        $type = $types->createDocumentType('plist', '-//Apple//DTD PLIST 1.0//EN', 'http://www.apple.com/DTDs/PropertyList-1.0.dtd');
        $document = $types->createDocument(null, 'plist', $type);
        $document->encoding = 'UTF-8';
        $document->formatOutput = true;
        $root = $document->documentElement;
        if ($root !== null) {
            $root->setAttribute('version', '1.0');
            $root->appendChild(self::dictionary($document, $values));
        }

        return (string) $document->saveXML();
    }

    /**
     * Texts of a language, as a phone reads them: "key" = "text";
     *
     * @param  array<string, string>  $texts
     */
    public static function strings(array $texts): string
    {
        $quoted = fn (string $text): string => '"'.strtr($text, ['\\' => '\\\\', '"' => '\\"', "\n" => '\\n']).'"';
        $lines = array_map(fn (string $key, string $text): string => "{$quoted($key)} = {$quoted($text)};\n", array_keys($texts), $texts);

        return implode('', $lines);
    }

    /** @param  array<string, mixed>  $values */
    private static function dictionary(DOMDocument $document, array $values): DOMElement
    {
        $dictionary = $document->createElement('dict');
        foreach ($values as $key => $value) {
            $dictionary->appendChild(self::text($document, 'key', (string) $key));
            $dictionary->appendChild(self::value($document, $value));
        }

        return $dictionary;
    }

    private static function value(DOMDocument $document, mixed $value): DOMElement
    {
        if (is_bool($value)) {
            return $document->createElement($value ? 'true' : 'false');
        }
        if (is_int($value)) {
            return self::text($document, 'integer', (string) $value);
        }
        if (is_array($value) && array_is_list($value)) {
            $list = $document->createElement('array');
            foreach ($value as $one) {
                $list->appendChild(self::value($document, $one));
            }

            return $list;
        }

        return is_array($value) ? self::dictionary($document, $value) : self::text($document, 'string', is_string($value) ? $value : '');
    }

    private static function text(DOMDocument $document, string $name, string $text): DOMElement
    {
        $element = $document->createElement($name);
        // What XML has no sign for is left out.
        $plain = Pattern::replace('/[^\x{9}\x{A}\x{D}\x{20}-\x{D7FF}\x{E000}-\x{FFFD}\x{10000}-\x{10FFFF}]/u', '', $text);
        $element->appendChild($document->createTextNode($plain));

        return $element;
    }
}
