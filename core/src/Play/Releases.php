<?php

declare(strict_types=1);

namespace Lanai\Core\Play;

/** What the stores have released of an app. */
interface Releases
{
    /**
     * The newest version that a phone could have instead of its own. What is only under review, or was approved and not released, is not there yet.
     *
     * @param  string  $store  where the package comes from; '' for none
     * @param  int  $build  the build number that runs
     */
    public function newer(string $store, int $build): ?Newer;
}
