<?php

declare(strict_types=1);

namespace Lanai\Core\Services;

use Lanai\Core\Model\Services\Service;
use Lanai\Core\Play\Trail;
use Lanai\Core\Play\Visit;

/** Asks outside services, for one app in one data set. */
interface Services
{
    /** Where the service is, in this data set. */
    public function base(Service $service): string;

    /** The answer that is at hand without calling out, fresh enough to be used; null where a call is needed. */
    public function kept(Call $call): ?Answer;

    /**
     * Asks them all at once. Never throws: what went wrong is in the answer.
     *
     * @param  array<string, Call>  $calls
     * @return array<string, Answer> by the same keys
     */
    public function ask(array $calls, Visit $visit, Trail $trail): array;
}
