<?php

declare(strict_types=1);

namespace Lanai\Core\Saying\Changes;

use Lanai\Core\Edits\Kinds\Write;
use Lanai\Core\Language\Families;
use Lanai\Core\Language\Printer;
use Lanai\Core\Language\Prose;
use Lanai\Core\Model\AnyLine;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Screen;
use Lanai\Core\Model\Table;
use Lanai\Core\Reading\Building;
use Lanai\Core\Reading\Patterns\Noun;
use Lanai\Core\Reading\Reader;
use Lanai\Core\Saying\Change;
use Lanai\Core\Saying\Known;
use Lanai\Core\Saying\Proposal;
use Lanai\Core\Saying\Understood;
use Lanai\Core\Saying\Utterance;
use Lanai\Core\Text\Pattern;

/**
 * “People can comment on spots.” “Keep boats with a name and a picture.” Read as a paragraph is that an app begins with; what it brings that the app
 * does not have is put into it: tables, screens, and lines on screens that are there.
 */
final readonly class Growing implements Change
{
    private const MOST = 6;

    public function hear(Utterance $said, Known $app): ?Understood
    {
        // A question or an order about what is there already is not one.
        if (
            Pattern::match(
                '~\?$|^(?:make|show|hide|remove|delete|rename|sort|why|who|what|where|how|go|find|open|move|put|call|change|turn|use|set)\b~iu',
                $said->text,
            ) || str_word_count($said->text) < 3
        ) {
            return null;
        }
        $text = Pattern::replace(
            '~^(?:add|create|let us keep|store|save|keep)\s+(?:a\s+)?(?:table|list)?\s*(?:of|for|called)?\s*(?=\S)~iu',
            'We keep ',
            $said->text,
            1,
        );
        $text = Pattern::replace('~^(?:let|allow)\s+(?<who>people|users|them|members|everyone|everybody|[\p{L}]+s)\s+(?:to\s+)?~iu', 'People can ', $text, 1);
        $blueprint = $app->blueprint;
        $outline = (new Reader())->read($this->known($app).' '.ucfirst($text).'.')->data();
        if (
            $outline['tables'] === [] || $outline['acts'] === [] && ! str_starts_with($text, 'We keep') && ! Pattern::match('~\b(?:has|have|with)\b~iu', $text)
        ) {
            return null;
        }
        try {
            $grown = Building::of($blueprint->name, $outline);
        } catch (\UnexpectedValueException) {
            return null;
        }
        $new = array_values(
            array_filter(
                $grown->tables,
                fn (Table $table): bool => ! $table->people && $blueprint->table($table->name) === null && $blueprint->tableOfOne($table->singular) === null,
            ),
        );
        if ($new === [] || count($new) > self::MOST || ($blueprint->signIn === null)) {
            return $new === [] || count($new) > self::MOST ? null : Understood::asking(
                'That needs people who sign in. Let them in first?',
                ['Let people sign in' => 'let people sign in; '.$said->text],
            );
        }

        return Understood::proposing([$this->grown($new, $grown, $app)]);
    }

    /** What there is already, told as a paragraph tells it. */
    private function known(Known $app): string
    {
        $told = [];
        foreach ($app->blueprint->tables as $table) {
            if (! $table->people && ! $app->blueprint->isServiceTable($table)) {
                $names = array_map(
                    fn ($field): string => mb_strtolower($field->name),
                    array_values(array_filter($table->fields, fn ($field): bool => in_array(Known::typeOf($field), ['text', 'picture', 'longText'], true))),
                );
                $told[] = 'Each '.mb_strtolower($table->singular).' has a '.implode(', a ', $names === [] ? ['name'] : array_slice($names, 0, 3)).'.';
            }
        }

        return implode(' ', $told);
    }

    /** @param  list<Table>  $new */
    private function grown(array $new, Blueprint $grown, Known $app): ?Proposal
    {
        $blueprint = $app->blueprint;
        $names = array_map(fn (Table $table): string => $table->name, $new);
        $ones = array_map(fn (Table $table): string => $table->singular, $new);
        $edits = [];
        foreach (Prose::nodes($grown->data()['tables'] ?? []) as $table) {
            array_push($edits, ...in_array($table['name'] ?? '', $names, true) ? [new Write('/tables', Printer::node($table, Table::class))] : []);
        }
        $screens = [];
        foreach (Prose::nodes($grown->data()['screens'] ?? []) as $screen) {
            $name = is_string($screen['name'] ?? null) ? $screen['name'] : '';
            $there = $blueprint->screen($name);
            $about = is_array($screen['about'] ?? null) && is_array($screen['about'][0] ?? null) ? $screen['about'][0]['one'] ?? '' : '';
            if ($there === null && $this->speaksOf($screen, $names, $ones)) {
                unset($screen['first']);
                $edits[] = new Write('/screens', Printer::node($screen, Screen::class));
                $screens[] = [$name, $about];
            } elseif ($about !== '') {
                // On the page of something that is there: the lines about what is new.
                $table = $blueprint->tableOfOne(is_string($about) ? $about : '');
                $page = $table === null ? null : $app->pageOf($table);
                $lines = $page === null ? [] : $this->linesAbout(Prose::nodes($screen['lines'] ?? []), $names, $ones);
                if ($page !== null && $lines !== []) {
                    $family = Families::of(AnyLine::class);
                    $edits[] = new Write(
                        $app->screenAt($page).'/lines',
                        implode("\n", array_map(fn (array $line): string => Printer::node($line, $family->classOf($line)), $lines)),
                    );
                }
            }
        }
        foreach ($screens as [$name, $about]) {
            if ($about === '') {
                $entry = array_values(
                    array_filter(
                        [...Prose::nodes($grown->data()['tabs'] ?? []), ...Prose::nodes($grown->data()['menu'] ?? [])],
                        fn (array $one): bool => ($one['screen'] ?? '') === $name,
                    ),
                )[0] ?? null;
                if ($entry === null) {
                    continue;
                }
                $icon = is_string($entry['icon'] ?? null) ? $entry['icon'] : 'list';
                $edits[] = new Write('/menu', 'side menu '.Noun::said($name).' as "'.$name."\" with icon $icon");
            }
        }
        $last = (string) array_pop($names);

        return Proposal::of('Keep '.($names === [] ? $last : implode(', ', $names)." and $last").', with what is done with them', $blueprint, $edits);
    }

    /**
     * @param  array<array-key, mixed>  $node
     * @param  list<string>  $names
     * @param  list<string>  $ones
     */
    private function speaksOf(array $node, array $names, array $ones): bool
    {
        foreach ($node as $key => $value) {
            $isSo = is_array($value) ? $this->speaksOf($value, $names, $ones) : (
                ($key === 'table' && in_array($value, $names, true)) || ($key === 'one' && in_array($value, $ones, true))
            );
            if ($isSo) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param  list<array<string, mixed>>  $lines
     * @param  list<string>  $names
     * @param  list<string>  $ones
     * @return list<array<string, mixed>>
     */
    private function linesAbout(array $lines, array $names, array $ones): array
    {
        $found = [];
        foreach ($lines as $i => $line) {
            if ($this->speaksOf($line, $names, $ones)) {
                // With the heading that stands over it.
                $heading = ($lines[$i - 1]['kind'] ?? '') === 'heading' ? [$lines[$i - 1]] : [];
                $found = [...$found, ...$heading, $line];
            }
        }

        return $found;
    }
}
