<?php

declare(strict_types=1);

namespace Lanai\Core\Exchange\Words;

use Gettext\Generator\PoGenerator;
use Gettext\Loader\PoLoader;
use Gettext\Translation;
use Gettext\Translations;
use Lanai\Core\Exchange\UnreadableFile;

/** PO files of GNU gettext. Plurals stay in the messages, as ICU MessageFormat writes them. */
final readonly class PoWords
{
    private const UNSURE = 'fuzzy';

    /** @param  list<WordEntry>  $entries */
    public static function written(array $entries, string $to): string
    {
        $all = Translations::create('app', $to);
        $all->getHeaders()->set('Content-Type', 'text/plain; charset=UTF-8')->set('Content-Transfer-Encoding', '8bit')->set('MIME-Version', '1.0');
        foreach ($entries as $entry) {
            $one = Translation::create($entry->on === '' ? null : $entry->on, $entry->source)->translate($entry->says);
            foreach ($entry->notes() as $note) {
                $one->getExtractedComments()->add($note);
            }
            if ($entry->was !== '') {
                $one->getFlags()->add(self::UNSURE);
            }
            $all->add($one);
        }

        return (new PoGenerator())->generateString($all);
    }

    /**
     * @return array{tongue: string, entries: list<WordEntry>} what the translator is not sure of has no words
     *
     * @throws UnreadableFile
     */
    public static function read(string $text): array
    {
        try {
            $all = (new PoLoader())->loadString($text);
        } catch (\Throwable $trouble) {
            throw new UnreadableFile("This PO file cannot be read: {$trouble->getMessage()}", previous: $trouble);
        }
        $entries = [];
        foreach ($all->getTranslations() as $one) {
            if ($one instanceof Translation && $one->getOriginal() !== '') {
                $says = $one->getFlags()->has(self::UNSURE) ? '' : (string) $one->getTranslation();
                $entries[] = new WordEntry($one->getOriginal(), $says, (string) $one->getContext());
            }
        }

        return ['tongue' => strtolower(strtok((string) $all->getLanguage(), '_-') ?: ''), 'entries' => $entries];
    }
}
