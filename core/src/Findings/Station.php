<?php

declare(strict_types=1);

namespace Lanai\Core\Findings;

use Lanai\Core\Text\Pattern;

/** Where in the walk a finding is shown. */
enum Station: string
{
    case Brief = 'brief';
    case Data = 'data';
    case Screens = 'screens';
    case People = 'people';
    case Services = 'services';
    case Earnings = 'earnings';
    case Reach = 'reach';
    case Release = 'release';

    public static function of(string $at): self
    {
        return match (true) {
            str_starts_with($at, '/signIn'), str_starts_with($at, '/roles'), Pattern::match('~^/tables/\d+/access~', $at) => self::People,
            str_starts_with($at, '/tables') => self::Data,
            str_starts_with($at, '/notes'), str_starts_with($at, '/errands') => self::Brief,
            str_starts_with($at, '/services') => self::Services,
            str_starts_with($at, '/products'), str_starts_with($at, '/adverts') => self::Earnings,
            str_starts_with($at, '/funnels'), str_starts_with($at, '/trials'), str_starts_with($at, '/calendars') => self::Reach,
            str_starts_with($at, '/messages'), str_starts_with($at, '/sends'), str_starts_with($at, '/languages') => self::Reach,
            str_starts_with($at, '/release'), str_starts_with($at, '/pictures') => self::Release,
            default => self::Screens,
        };
    }
}
