<?php

declare(strict_types=1);

namespace App\Stores;

use App\Device\Sitting;
use App\Space;
use DateTimeImmutable;
use DateTimeZone;
use Lanai\Core\Formula\Moment;
use Lanai\Core\Languages\Preferred;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\StorePicture;
use Lanai\Core\Model\Table;
use Lanai\Core\Play\Arguments;
use Lanai\Core\Play\Trail;
use Lanai\Core\Play\Visit;
use Lanai\Core\Query\Query;
use Lanai\Core\Release\PictureChoice;

/** Who and what is in the pictures of an app: each of them with a person and with rows of the practice data. */
final readonly class Posing
{
    /** So many people and rows are looked at where nobody has said which. */
    private const LOOKED_AT = 6;

    private const FOUND = 200;

    private Blueprint $blueprint;

    public function __construct(private Space $space)
    {
        $this->blueprint = $space->blueprint();
    }

    /**
     * @return list<array{picture: StorePicture, screen: string, args: list<int|string>, person: int|null, problem: string}> in their order; those with a
     *                                                                                                                       problem cannot be taken
     */
    public function all(DateTimeImmutable $now): array
    {
        $posed = array_map(fn (StorePicture $picture): array => $this->posed($picture, $now), PictureChoice::of($this->blueprint));

        // What nobody has asked for is left out where it cannot be shown.
        return $this->blueprint->pictures !== [] ? $posed : array_values(array_filter($posed, fn (array $one): bool => $one['problem'] === ''));
    }

    /**
     * What is on a picture, so that it is known when it is out of date.
     *
     * @param  list<int|string>  $args
     */
    public function digest(string $screen, array $args, ?int $person, string $tongue, string $caption, DateTimeImmutable $now): string
    {
        $view = $this->view($screen, $args, $person, $tongue, $now);

        return hash('xxh128', json_encode([$view, $caption], JSON_THROW_ON_ERROR | JSON_INVALID_UTF8_SUBSTITUTE));
    }

    /** The words above a picture in a language. */
    public function caption(int $n, string $tongue): string
    {
        return trim($this->space->revision->spoken($tongue)->pictures[$n]->caption ?? '');
    }

    /** @param  list<int|string>  $args */
    public function sitting(string $screen, array $args, ?int $person, string $tongue, string $caption): Sitting
    {
        return new Sitting($this->space->app->id, $this->space->revision->id, $screen, $args, $person, $tongue, $caption);
    }

    /** @return array{picture: StorePicture, screen: string, args: list<int|string>, person: int|null, problem: string} */
    private function posed(StorePicture $picture, DateTimeImmutable $now): array
    {
        $posed = ['picture' => $picture, 'screen' => '', 'args' => [], 'person' => null, 'problem' => ''];
        $screen = $this->blueprint->screen($picture->screen);
        if ($screen === null) {
            return ['problem' => "There is no screen “{$picture->screen}”."] + $posed;
        }
        $args = Arguments::first($screen->parameters(), $this->blueprint, $this->space->store());
        $table = $this->blueprint->tableOfOne(($screen->parameters()[0] ?? null)?->type()->one ?? '');
        $rows = $table === null ? [] : $this->rows($table, $picture->about);
        if ($picture->about !== '' && $rows === []) {
            return ['problem' => "“{$screen->name}” is to show “{$picture->about}”, and the practice data has none with this name."] + $posed;
        }
        $people = $this->blueprint->peopleTable();
        $persons = $people === null ? [] : $this->rows($people, $picture->person);
        if ($picture->person !== '' && $persons === []) {
            return ['problem' => "“{$screen->name}” is to be seen by “{$picture->person}”, and nobody in the practice data has this name."] + $posed;
        }
        // Whoever has most to see, and then the row of which most is seen.
        [$person, $problem] = $this->fullest(
            $persons === [] ? [null] : $persons,
            fn (?int $one): array => $this->view($screen->slug(), $rows === [] ? $args : [$rows[0], ...array_slice($args, 1)], $one, '', $now),
        );
        if ($rows !== []) {
            [$row, $problem] = $this->fullest(
                $rows,
                fn (?int $one): array => $this->view($screen->slug(), [(int) $one, ...array_slice($args, 1)], $person, '', $now),
            );
            $args = [(int) $row, ...array_slice($args, 1)];
        }

        return [
            'picture' => $picture,
            'screen' => $screen->slug(),
            'args' => $args,
            'person' => $person,
            'problem' => $problem === '' ? '' : "“{$screen->name}” does not show: $problem",
        ];
    }

    /**
     * @param  non-empty-list<int|null>  $ones
     * @param  callable(int|null): array<string, mixed>  $view
     * @return array{int|null, string} the one, and why nothing is seen
     */
    private function fullest(array $ones, callable $view): array
    {
        $best = [$ones[0], '', -1];
        foreach ($ones as $i => $one) {
            $seen = $view($one);
            $problem = is_string($seen['problem'] ?? null) ? $seen['problem'] : '';
            $size = $problem === '' ? strlen((string) json_encode($seen['nodes'] ?? [], JSON_INVALID_UTF8_SUBSTITUTE)) : 0;
            if ($i === 0 || $size > $best[2]) {
                $best = [$one, $problem, $size];
            }
        }

        return [$best[0], $best[1]];
    }

    /** @return list<int> rows that a name names, or the first ones */
    private function rows(Table $table, string $name): array
    {
        $query = new Query($table, limit: $name === '' ? self::LOOKED_AT : self::FOUND, search: $name);
        $rows = $this->space->store()->whole()->rows($query);
        if ($name !== '') {
            $rows = array_filter($rows, fn (object $row): bool => mb_strtolower($row->label()) === mb_strtolower(trim($name)));
        }

        return array_values(array_map(fn (object $row): int => $row->id, $rows));
    }

    /**
     * @param  list<int|string>  $args
     * @return array<string, mixed>
     */
    private function view(string $screen, array $args, ?int $person, string $tongue, DateTimeImmutable $now): array
    {
        $utc = new DateTimeZone('UTC');
        $known = $this->blueprint->signIn === null ? null : $this->space->people()->known($this->space->people()->accountOf($person));
        $theme = $this->blueprint->theme;
        $locale = Preferred::of([$theme->tongue(), ...array_column($this->blueprint->languages, 'tongue')], [], $tongue)->locale;

        return $this->space->looking($tongue)->show(
            new Visit(new Moment($now->setTimezone($utc), $utc, $locale), $screen, $args, $person, account: $known, tongue: $tongue),
            Trail::none(),
        );
    }
}
