<?php

declare(strict_types=1);

namespace Lanai\Core\Access;

use Lanai\Core\Formula\Formula;
use Lanai\Core\Formula\FormulaMistake;
use Lanai\Core\Formula\Scope;
use Lanai\Core\Model\Access\Everyone;
use Lanai\Core\Model\Access\Having;
use Lanai\Core\Model\Access\InRole;
use Lanai\Core\Model\Access\Meeting;
use Lanai\Core\Model\Access\Nobody;
use Lanai\Core\Model\Access\PersonIn;
use Lanai\Core\Model\Access\SignedIn;
use Lanai\Core\Model\Access\Themselves;
use Lanai\Core\Model\Access\Verb;
use Lanai\Core\Model\Access\Who;
use Lanai\Core\Model\Row;
use Lanai\Core\Text\Article;
use Lanai\Core\Text\Names;
use Lanai\Core\Wording\InWords;

/** Whether a person may do something with a row, and why. */
final readonly class Verdict implements \JsonSerializable
{
    private function __construct(public bool $may, public string $sentence)
    {
    }

    public static function of(Rights $rights, Verb $verb, Row $row): self
    {
        $who = $rights->me === null ? 'Somebody who has not signed in' : $rights->me->label();
        $what = "{$row->table->singular} “{$row->label()}”";
        $does = $verb->does();
        if ($verb === Verb::See && $rights->isMe($row)) {
            return new self(true, "$who may see $what: it is themselves.");
        }
        $whos = $rights->rules->of($verb, $row->table);
        $bar = $rights->bar($verb, $row);
        if ($bar !== null) {
            return new self(false, "$who may not $does $what: nobody may if ".self::words($bar->if, $row, $rights).'.');
        }
        $through = $rights->through($whos, $row);
        if ($through !== null) {
            return new self(true, "$who may $does $what, because ".self::because($through, $verb, $rights, $row).'.');
        }
        $nobody = array_filter($whos, fn (Who $w): bool => ! ($w instanceof Nobody)) === [];

        return new self(
            false,
            "$who may not $does $what: ".
                match (true) {
                    $nobody && $rights->rules->isSaid($verb, $row->table) => 'nobody can from inside the app.',
                    $nobody => 'nothing says who may, and so nobody can.',
                    default => 'only '.implode(' or ', array_map(fn (Who $w): string => self::named($w, $row, $rights), $whos)).' may.',
                },
        );
    }

    /** @return array{may: bool, sentence: string} */
    public function jsonSerialize(): array
    {
        return ['may' => $this->may, 'sentence' => $this->sentence];
    }

    private static function because(Who $who, Verb $verb, Rights $rights, Row $row): string
    {
        return match (true) {
            $who instanceof Everyone => $rights->rules->isSaid($verb, $row->table)
                ? 'everyone may'
                : 'nothing is said of it, and the app is only being tried out',
            $who instanceof SignedIn => 'signed-in people may',
            $who instanceof InRole => Article::with($who->role).' may',
            $who instanceof Having => "those with $who->entitlement may",
            $who instanceof PersonIn => "they are the person in $who->field",
            $who instanceof Themselves => 'it is themselves',
            default => self::words($who->formula($row->table), $row, $rights),
        };
    }

    private static function named(Who $who, Row $row, Rights $rights): string
    {
        if ($who instanceof PersonIn) {
            $field = $row->table->field($who->field);
            $value = $field === null ? null : $rights->evaluation($row)->of(Formula::of(Names::inFormula($field->name)));

            return "the person in $who->field (".
                match (true) {
                    $value instanceof Row => $value->label(),
                    is_array($value) && $value !== [] => count($value).' people',
                    default => 'nobody now',
                }.
                ')';
        }

        return $who instanceof Meeting ? 'somebody for whom '.self::words($who->if, $row, $rights) : $who->one();
    }

    private static function words(string $formula, Row $row, Rights $rights): string
    {
        try {
            return InWords::of(Formula::of($formula), Scope::of($rights->rules->blueprint)->inRow($row->table));
        } catch (FormulaMistake) {
            return $formula;
        }
    }
}
