<?php

declare(strict_types=1);

namespace Lanai\Core\Play;

use Lanai\Core\Formula\Kind;
use Lanai\Core\Formula\Type;
use Lanai\Core\Model\Row;
use Lanai\Core\Model\Table;
use Lanai\Core\Query\Term;

/** The condition that rows are linked with the one whose list this is. */
final class LinkCondition
{
    /** @param  string  $owner  a formula that gives a row; null is answered for '' */
    public static function to(string $owner, Scene $scene, Table $table): ?Term
    {
        if ($owner === '') {
            return null;
        }
        $row = $scene->value($owner, 'owner');

        return ($row instanceof Row ? $scene->linkedWith($table, $row) : null) ?? Term::value(false, Type::of(Kind::YesNo));
    }
}
