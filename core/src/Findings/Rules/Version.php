<?php

declare(strict_types=1);

namespace Lanai\Core\Findings\Rules;

use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Mend;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Findings\Rule;
use Lanai\Core\Findings\Station;
use Lanai\Core\Release\SemanticVersion;
use Lanai\Core\Text\Pattern;

final class Version implements Rule
{
    public function holds(): string
    {
        return 'The version is a semantic one.';
    }

    public function station(): Station
    {
        return Station::Release;
    }

    public function look(Reading $reading): iterable
    {
        $version = $reading->blueprint->release->version;
        if (SemanticVersion::tryOf($version) === null) {
            $numbers = array_slice([...array_map(intval(...), Pattern::split('/\D+/', $version, flags: PREG_SPLIT_NO_EMPTY) ?: []), 0, 0, 0], 0, 3);
            $made = implode('.', $numbers);
            yield Finding::blocking(
                self::class,
                '/release/version',
                "“{$version}” is not a version. Write three numbers with points, as in 1.4.0 (Semantic Versioning 2.0.0).",
                Mend::put("Use $made", '/release/version', $made),
            );
        }
    }
}
