<?php

declare(strict_types=1);

namespace Lanai\Core\Model;

use Lanai\Core\Model\Earnings\Product;
use Lanai\Core\Model\FieldTypes\LinkType;
use Lanai\Core\Model\FieldTypes\MomentType;
use Lanai\Core\Model\FieldTypes\TextType;

/**
 * From when until when who has what: a table that Lanai keeps from what the tills tell. Formulas come to it through entitlements only; nobody
 * writes it, and no list shows it.
 */
final class Holdings
{
    /** The list of a person's, as formulas find it. */
    public const LIST = 'lanaiHoldings';

    public const ONE = 'Lanai holding';

    public const STORED = '_holdings';

    public static function table(Table $people): Table
    {
        return new Table(
            'Lanai holdings',
            self::ONE,
            stored: self::STORED,
            fields: [
                new Field('Person', new LinkType($people->singular), required: true),
                new Field('Product', new TextType(), required: true),
                new Field('Begins', new MomentType(), required: true),
                new Field('Ends', new MomentType(), required: true),
            ],
        );
    }

    /** @param  non-empty-list<Product>  $products  of which any will do */
    public static function formula(array $products): string
    {
        $any = implode(' or ', array_map(fn (Product $p): string => 'product == "'.$p->key().'"', $products));

        return 'any('.self::LIST.", begins <= now() and ends > now() and ($any))";
    }
}
