<?php

declare(strict_types=1);

namespace App\Jobs;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;

/** Work whose record says "queued", then "running". Where the process that was at it has died, it is begun with once more. */
trait TakenUp
{
    public int $tries = 2;

    public bool $failOnTimeout = true;

    /**
     * @param  Builder<covariant Model>  $record
     * @return bool false where somebody has called it off, or it is done
     */
    private function takes(Builder $record): bool
    {
        $states = $this->attempts() > 1 ? ['queued', 'running'] : ['queued'];

        return $record->whereIn('state', $states)->update(['state' => 'running']) > 0;
    }
}
