<?php

declare(strict_types=1);

namespace Lanai\Core\Rows;

/** What a store that lies over another one passes on as it is. */
trait OverAStore
{
    public function together(callable $work): mixed
    {
        return $this->store->together($work);
    }

    public function answerTo(string $tap): ?array
    {
        return $this->store->answerTo($tap);
    }

    public function keepAnswer(string $tap, array $answer): void
    {
        $this->store->keepAnswer($tap, $answer);
    }

    public function kept(int $person, string $name): ?string
    {
        return $this->store->kept($person, $name);
    }

    public function keep(int $person, string $name, string $written): void
    {
        $this->store->keep($person, $name, $written);
    }
}
