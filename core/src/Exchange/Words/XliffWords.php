<?php

declare(strict_types=1);

namespace Lanai\Core\Exchange\Words;

use DOMDocument;
use DOMElement;
use DOMNode;
use DOMXPath;
use Lanai\Core\Exchange\UnreadableFile;
use Lanai\Core\Text\Pattern;

/** XLIFF 2.0 (OASIS Standard, 5 August 2014). Values of a text are placeholders, so that no program takes them for words. */
final readonly class XliffWords
{
    private const SPACE = 'urn:oasis:names:tc:xliff:document:2.0';

    /**
     * @param  list<WordEntry>  $entries
     * @param  string  $from  a tag (BCP 47)
     */
    public static function written(array $entries, string $from, string $to): string
    {
        $document = new DOMDocument('1.0', 'UTF-8');
        $document->formatOutput = true;
        $root = self::add($document, $document, 'xliff', ['version' => '2.0', 'srcLang' => $from, 'trgLang' => $to]);
        $file = self::add($document, $root, 'file', ['id' => 'app']);
        foreach ($entries as $entry) {
            $id = 'u'.substr(hash('sha256', "$entry->on\n$entry->source"), 0, 16);
            $unit = self::add($document, $file, 'unit', ['id' => $id] + ($entry->on === '' ? [] : ['name' => $entry->on]));
            if ($entry->notes() !== []) {
                $notes = self::add($document, $unit, 'notes');
                foreach ($entry->notes() as $note) {
                    self::add($document, $notes, 'note')->appendChild($document->createTextNode($note));
                }
            }
            // What is older than its text is to be looked at again.
            $segment = self::add($document, $unit, 'segment', ['state' => $entry->says === '' || $entry->was !== '' ? 'initial' : 'translated']);
            self::words($document, self::add($document, $segment, 'source', ['xml:space' => 'preserve']), $entry->source, $entry->values);
            if ($entry->says !== '') {
                self::words($document, self::add($document, $segment, 'target', ['xml:space' => 'preserve']), $entry->says, $entry->values);
            }
        }

        return (string) $document->saveXML();
    }

    /**
     * @return array{tongue: string, entries: list<WordEntry>}
     *
     * @throws UnreadableFile
     */
    public static function read(string $text): array
    {
        if (Pattern::match('/<!DOCTYPE|<!ENTITY/i', $text)) {
            throw new UnreadableFile('An XLIFF file has no document type of its own. Please save it without one.');
        }
        $before = libxml_use_internal_errors(true);
        $document = new DOMDocument();
        $isRead = $document->loadXML($text, LIBXML_NONET | LIBXML_COMPACT);
        $trouble = libxml_get_last_error();
        libxml_clear_errors();
        libxml_use_internal_errors($before);
        if (! $isRead) {
            $where = $trouble === false ? '' : " Line $trouble->line: ".trim($trouble->message);
            throw new UnreadableFile("This file is not well-formed XML.$where");
        }
        $root = $document->documentElement;
        if ($root?->localName !== 'xliff' || $root->namespaceURI !== self::SPACE) {
            throw new UnreadableFile('This is no XLIFF file of version 2. Please save it as XLIFF 2.0.');
        }
        $path = new DOMXPath($document);
        $path->registerNamespace('x', self::SPACE);
        $entries = [];
        foreach (self::elements($path->query('//x:unit')) as $unit) {
            $sources = $targets = [];
            // A program may have divided a text: its parts belong together.
            foreach (self::elements($path->query('.//x:segment | .//x:ignorable', $unit)) as $segment) {
                $source = self::elements($path->query('x:source', $segment))[0] ?? null;
                $target = self::elements($path->query('x:target', $segment))[0] ?? null;
                $sources[] = $source === null ? '' : self::text($source);
                $targets[] = match (true) {
                    $target !== null => self::text($target),
                    $segment->localName === 'ignorable' => end($sources),
                    default => '',
                };
            }
            $whole = ! in_array('', $targets, true) || count($targets) === 1;
            $entries[] = new WordEntry(implode('', $sources), $whole ? implode('', $targets) : '', $unit->getAttribute('name'));
        }

        return ['tongue' => strtolower(explode('-', $root->getAttribute('trgLang'))[0]), 'entries' => $entries];
    }

    /**
     * Words with placeholders for values. What chooses its words by a value stays as it is written: the words in it are to be translated.
     *
     * @param  list<string>  $values
     */
    private static function words(DOMDocument $document, DOMElement $in, string $message, array $values): void
    {
        $pieces = Pattern::match('/\{\d+,/', $message) ? [$message] : Pattern::split('/(\{\d+\})/', $message, -1, PREG_SPLIT_DELIM_CAPTURE);
        $count = 0;
        foreach ($pieces as $piece) {
            if (Pattern::match('/^\{(\d+)\}$/', $piece, $found)) {
                $n = (int) $found[1];
                self::add($document, $in, 'ph', ['id' => "v$n-".(++$count), 'equiv' => $piece, 'disp' => $values[$n] ?? $piece]);
            } elseif ($piece !== '') {
                $in->appendChild($document->createTextNode($piece));
            }
        }
    }

    private static function text(DOMNode $node): string
    {
        $text = '';
        foreach ($node->childNodes as $child) {
            $id = $child instanceof DOMElement && $child->localName === 'ph' ? $child->getAttribute('id') : '';
            $text .= match (true) {
                Pattern::match('/^v(\d+)-/', $id, $found) => "{{$found[1]}}",
                $child->nodeType === XML_TEXT_NODE, $child->nodeType === XML_CDATA_SECTION_NODE => (string) $child->nodeValue,
                $child instanceof DOMElement => self::text($child),
                default => '',
            };
        }

        return $text;
    }

    /**
     * @param  array<string, string>  $attributes
     */
    private static function add(DOMDocument $document, DOMNode $to, string $name, array $attributes = []): DOMElement
    {
        $element = $document->createElementNS(self::SPACE, $name);
        foreach ($attributes as $key => $value) {
            $element->setAttribute($key, $value);
        }
        $to->appendChild($element);

        return $element;
    }

    /**
     * @param  \DOMNodeList<\DOMNameSpaceNode|DOMNode>|false  $nodes
     * @return list<DOMElement>
     */
    private static function elements(\DOMNodeList|false $nodes): array
    {
        return $nodes === false ? [] : array_values(array_filter(iterator_to_array($nodes), fn (mixed $node): bool => $node instanceof DOMElement));
    }
}
