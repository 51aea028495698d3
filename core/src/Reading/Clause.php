<?php

declare(strict_types=1);

namespace Lanai\Core\Reading;

/** One way in which paragraphs say what an app is to do. */
interface Clause
{
    public function read(Sentence $sentence, Draft $draft): void;
}
