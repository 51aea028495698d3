<?php

declare(strict_types=1);

namespace Lanai\Core\Release;

use Lanai\Core\Access\Rules;
use Lanai\Core\Lines\Conversation;
use Lanai\Core\Lines\WebPage;
use Lanai\Core\Model\Access\InRole;
use Lanai\Core\Model\Access\Nobody;
use Lanai\Core\Model\Access\PersonIn;
use Lanai\Core\Model\Access\Themselves;
use Lanai\Core\Model\Access\Verb;
use Lanai\Core\Model\Access\Who;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Field;
use Lanai\Core\Model\Table;

/**
 * What is in an app, as the questions about ages in both stores ask for it (common practice, no source). What cannot be known from sentences, such as
 * violence or bad language, is asked of the founder by the store.
 */
final readonly class Contents
{
    /**
     * @param  string  $key  'written'|'pictures'|'chat'|'web'|'bought'|'adverts'|'places'
     * @param  string  $asks  the question
     * @param  string  $because  what makes it a yes; '' for a no
     */
    private function __construct(public string $key, public string $asks, public string $because)
    {
    }

    /** @return list<self> */
    public static function of(Blueprint $blueprint): array
    {
        $given = array_merge(...array_map(fn (Declared $one): array => $one->fields, Declarations::of($blueprint)), ...[[]]);
        $shown = fn (DataKind ...$kinds): string => implode(', ', self::shownToOthers($blueprint, $given, $kinds));
        $walk = $blueprint->walk();
        $products = implode(', ', array_column($blueprint->products, 'name'));

        return [
            new self('written', 'Do people read what others have written?', $shown(DataKind::Words)),
            new self('pictures', 'Do people see or hear what others have sent?', $shown(DataKind::Photos, DataKind::Sounds, DataKind::Files)),
            new self('places', 'Do people see where others are?', $shown(DataKind::Place)),
            new self('chat', 'Do people talk with a machine?', $walk->nodesOf(Conversation::class) === [] ? '' : 'a conversation'),
            new self('web', 'Are there pages of the web in it?', $walk->nodesOf(WebPage::class) === [] ? '' : 'a web page'),
            new self('bought', 'Can something be bought in it?', $products),
            new self('adverts', 'Are there adverts in it?', AdvertsDeclared::of($blueprint)->network),
        ];
    }

    /**
     * @param  list<string>  $given  fields that people fill, as “table: field”
     * @param  array<array-key, DataKind>  $kinds
     * @return list<string>
     */
    private static function shownToOthers(Blueprint $blueprint, array $given, array $kinds): array
    {
        $rules = new Rules($blueprint);
        $shown = [];
        foreach ($blueprint->tables as $table) {
            foreach ($table->fields as $field) {
                $key = "$table->name: $field->name";
                if (in_array($key, $given, true) && in_array(DataKind::of($table, $field), $kinds, true) && self::isOpen($rules, $table, $field)) {
                    $shown[] = $key;
                }
            }
        }

        return $shown;
    }

    /** Somebody else than whose it is, and those who keep order, may see it. */
    private static function isOpen(Rules $rules, Table $table, Field $field): bool
    {
        $whos = $rules->ofField(Verb::See, $table, $field) ?? $rules->of(Verb::See, $table);
        $alone = fn (Who $who): bool => $who instanceof Themselves || $who instanceof PersonIn || $who instanceof Nobody || $who instanceof InRole;

        return array_filter($whos, fn (Who $who): bool => ! $alone($who)) !== [];
    }
}
