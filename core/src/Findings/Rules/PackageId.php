<?php

declare(strict_types=1);

namespace Lanai\Core\Findings\Rules;

use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Mend;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Findings\Rule;
use Lanai\Core\Findings\Station;
use Lanai\Core\Text\Names;
use Lanai\Core\Text\Pattern;

/** The id of the package: two or more parts of letters, digits and underscores, each beginning with a letter (Android's rule for application ids). */
final class PackageId implements Rule
{
    public const PATTERN = '/^[a-z][a-z0-9_]*(\.[a-z][a-z0-9_]*)+$/';

    public function holds(): string
    {
        return 'The package has a valid id.';
    }

    public function station(): Station
    {
        return Station::Release;
    }

    public function look(Reading $reading): iterable
    {
        $id = $reading->blueprint->release->package;
        if (! Pattern::match(self::PATTERN, $id) || strlen($id) > 150) {
            $made = 'app.lanai.'.str_replace('_', '', Names::inStorage($reading->blueprint->name));
            $wrong = $id === '' ? 'The package has no id yet.' : "“{$id}” cannot be the id of a package.";
            yield Finding::blocking(
                self::class,
                '/release/package',
                "$wrong It is two or more parts in small letters with points between, such as $made, and never changes once published.",
                Mend::put("Use $made", '/release/package', $made),
            );
        }
    }
}
