<?php

declare(strict_types=1);

namespace Lanai\Core\Reading\Patterns;

/** A part of an app that comes of something that was said, as script: each says only what it brings, and none knows of another. */
abstract readonly class Part
{
    /** @return list<string> rights and fields of a table, beside those that follow from whose it is */
    public function table(string $noun): array
    {
        return [];
    }

    /** Whether it says by itself who may change and remove rows of a table. */
    public function decides(string $noun): bool
    {
        return false;
    }

    /** Whether rows of a table are seen by those alone whom it names. */
    public function keepsToThose(string $noun): bool
    {
        return false;
    }

    /** Whether it shows itself what else would stand in a list on the page of another thing. */
    public function shows(string $noun): bool
    {
        return false;
    }

    /** What stands beside each in a list, in formulas; '' for nothing. */
    public function badge(string $noun): string
    {
        return '';
    }

    /** @return list<string> nouns of tables for which it has something better */
    public function replaces(): array
    {
        return [];
    }

    /** @return list<string> lines on the page of one */
    public function onPage(string $noun): array
    {
        return [];
    }

    /** @return list<string> what stands by itself: screens, services, values */
    public function parts(): array
    {
        return [];
    }

    /** @return list<array{string, string}> screens that lead in, with their icons */
    public function ways(): array
    {
        return [];
    }

    /** @return list<string> messages that it sends, on the channel of the app */
    public function messages(): array
    {
        return [];
    }
}
