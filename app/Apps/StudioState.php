<?php

declare(strict_types=1);

namespace App\Apps;

use App\Models\App;
use App\Records\DataSet;
use App\Records\EloquentRecordStore;
use Lanai\Core\Blueprint\AppValue;
use Lanai\Core\Blueprint\Asset;
use Lanai\Core\Blueprint\Blueprint;
use Lanai\Core\Blueprint\MenuEntry;
use Lanai\Core\Blueprint\Piece;
use Lanai\Core\Blueprint\Routine;
use Lanai\Core\Blueprint\Row;
use Lanai\Core\Blueprint\Screen;
use Lanai\Core\Blueprint\Tab;
use Lanai\Core\Blueprint\Table;
use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Findings;
use Lanai\Core\Findings\Pairs;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Findings\Station;
use Lanai\Core\Formula\Formula;
use Lanai\Core\Formula\FormulaMistake;
use Lanai\Core\Formula\InWords;
use Lanai\Core\Formula\Template;
use Lanai\Core\Query\Query;
use Lanai\Core\Script\Fits\FormulaFit;
use Lanai\Core\Script\Fits\TextFit;
use Lanai\Core\Script\HasSentence;
use Lanai\Core\Script\Names;
use Lanai\Core\Script\Prose;
use Lanai\Core\Script\ProseLine;
use Lanai\Core\Script\ProsePart;
use Lanai\Core\Script\Scope;
use Lanai\Core\Script\Sentences;
use Lanai\Core\Script\Words;

/** Everything that the studio shows of an app's newest revision. */
final class StudioState
{
    /** @return array<string, mixed> */
    public static function of(App $app): array
    {
        $blueprint = $app->revision->read();
        $data = $blueprint->data();
        $reading = Facts::reading($app, $blueprint);
        $findings = Facts::findings($app, $reading);
        $words = self::words($reading);

        return [
            'app' => ['id' => $app->id, 'name' => $app->name, 'slug' => $app->slug, 'shareCode' => $app->share_code, 'liveRevision' => $app->liveRevision?->number],
            'revision' => ['number' => $app->revision->number, 'what' => $app->revision->what, 'at' => $app->revision->created_at, 'sentences' => $app->revision->sentences],
            'canUndo' => $app->undo !== [],
            'canRedo' => $app->redo !== [],
            'tables' => array_map(fn (Table $t, int $i): array => self::table($t, $i, $data, $blueprint, $words), $blueprint->tables, array_keys($blueprint->tables)),
            'screens' => array_map(fn (Screen $s, int $i): array => [
                'at' => "/screens/$i", 'name' => $s->name, 'slug' => $s->slug(), 'first' => $s->first, 'about' => array_map(fn ($p): string => $p->one, $s->about),
                'lines' => self::lines(Prose::of(Prose::nodes($data['screens'] ?? [])[$i], Screen::class, "/screens/$i"), $words),
            ], $blueprint->screens, array_keys($blueprint->screens)),
            'tabs' => array_merge(...array_map(fn (array $tab, int $i): array => Prose::of($tab, Tab::class, "/tabs/$i"), Prose::nodes($data['tabs'] ?? []), array_keys(Prose::nodes($data['tabs'] ?? []))), ...[[]]),
            'menu' => self::proseOf($data, 'menu', MenuEntry::class, $words),
            'values' => self::proseOf($data, 'values', AppValue::class, $words),
            'pieces' => self::pages($data, 'pieces', Piece::class, $words),
            'routines' => self::pages($data, 'routines', Routine::class, $words),
            'assets' => array_map(fn (Asset $a, int $i): array => ['at' => "/assets/$i", 'name' => $a->name, 'file' => $a->file, 'alt' => $a->alt, 'picture' => $a->isPicture(), 'says' => $a->key()], $blueprint->assets, array_keys($blueprint->assets)),
            'theme' => Prose::of(Prose::node($data['theme'] ?? []), \Lanai\Core\Blueprint\Theme::class, '/theme'),
            'signIn' => $blueprint->signIn === null ? [] : self::lines(Prose::of(Prose::node($data['signIn'] ?? []), \Lanai\Core\People\SignIn::class, '/signIn'), $words),
            'roles' => self::proseOf($data, 'roles', \Lanai\Core\People\Role::class, $words),
            'services' => self::services($data, $blueprint, $words),
            'release' => get_object_vars($blueprint->release),
            'colours' => $blueprint->theme->byDay(),
            'contrasts' => self::contrasts($blueprint),
            'findings' => array_map(self::finding(...), $findings),
            'stations' => self::stations($findings),
            'kinds' => self::kinds(),
            'people' => self::people($app, $blueprint),
        ];
    }

    /**
     * @param  array<string, mixed>  $data
     * @param  array<string, string>  $words
     * @return list<array<string, mixed>> each service with its own sentences, and each of its requests with what it takes
     */
    private static function services(array $data, Blueprint $blueprint, array $words): array
    {
        $told = [];
        foreach (Prose::nodes($data['services'] ?? []) as $i => $node) {
            $requests = [];
            foreach ($blueprint->services[$i]->requests as $r => $request) {
                $at = "/services/$i/requests/$r";
                $requests[] = ['at' => $at, 'name' => $request->called(), 'kind' => \Lanai\Core\Services\Askables::family()->kindOf($request), 'many' => $request->givesMany(), 'shaped' => $request instanceof \Lanai\Core\Services\Request && $request->shape !== '',
                    'lines' => self::lines(array_values(array_filter(Prose::of(Prose::nodes($node['requests'] ?? [])[$r], $request::class, $at, flat: true), fn (ProseLine $l): bool => ! str_starts_with($l->parts[0]->text, 'shaped as'))), $words),
                    'takes' => array_map(fn ($v): array => ['name' => $v->name, 'key' => $v->key(), 'control' => $v->type->control(), 'tried' => $v->tried, 'begins' => $v->begins, 'options' => $v->type->options()], $request->taken())];
            }
            $told[] = ['at' => "/services/$i", 'name' => $blueprint->services[$i]->name, 'lines' => self::lines(Prose::of(array_diff_key($node, ['requests' => true]), \Lanai\Core\Services\Service::class, "/services/$i"), $words), 'requests' => $requests];
        }

        return $told;
    }

    /** @return list<array<string, mixed>> every pair of colours in use, by day and in the dark */
    private static function contrasts(Blueprint $blueprint): array
    {
        $pairs = [];
        foreach ([[false, $blueprint->theme->byDay()], [true, $blueprint->theme->inTheDark()]] as [$dark, $colours]) {
            foreach ($colours === null ? [] : Pairs::of($colours) as $pair) {
                $pairs[] = ['dark' => $dark] + $pair;
            }
        }

        return $pairs;
    }

    /**
     * Sentences that stand by themselves, one after the other.
     *
     * @param  array<string, mixed>  $data
     * @param  class-string<HasSentence>  $class
     * @param  array<string, string>  $words
     * @return list<array<string, mixed>>
     */
    private static function proseOf(array $data, string $key, string $class, array $words): array
    {
        return array_merge([], ...array_map(fn (array $page): array => $page['lines'], self::pages($data, $key, $class, $words)));
    }

    /**
     * @param  array<string, mixed>  $data
     * @param  class-string<HasSentence>  $class
     * @param  array<string, string>  $words
     * @return list<array{at: string, name: string, lines: list<array<string, mixed>>}>
     */
    private static function pages(array $data, string $key, string $class, array $words): array
    {
        $nodes = Prose::nodes($data[$key] ?? []);

        return array_map(fn (array $node, int $i): array => ['at' => "/$key/$i", 'name' => is_string($node['name'] ?? null) ? $node['name'] : '', 'lines' => self::lines(Prose::of($node, $class, "/$key/$i"), $words)], $nodes, array_keys($nodes));
    }

    /** @return array<string, mixed> */
    public static function finding(Finding $finding): array
    {
        return ['id' => $finding->id(), 'rule' => $finding->rule, 'station' => $finding->station->value, 'at' => $finding->at,
            'sentence' => $finding->sentence, 'blocks' => $finding->blocks, 'mend' => $finding->mend?->label];
    }

    /**
     * @param  array<string, mixed>  $data
     * @param  array<string, string>  $words
     * @return array<string, mixed>
     */
    private static function table(Table $table, int $i, array $data, Blueprint $blueprint, array $words): array
    {
        $fields = [];
        foreach ($table->fields as $field) {
            $to = $field->linksTo() !== '' ? $field->linksTo() : $field->linksToMany();
            $linked = $to === '' ? null : $blueprint->tableOfOne($to);
            $fields[] = ['name' => $field->name, 'key' => Names::inFormula($field->name), 'control' => $field->type->control(), 'type' => $field->valueType()->inWords(), 'required' => $field->required,
                'options' => $field->type->options(), 'formula' => $field->formula() !== '', 'asked' => $field->isAsked(), 'many' => $field->linksToMany() !== '', 'linksTo' => $linked?->storedAs()];
        }

        return ['at' => "/tables/$i", 'name' => $table->name, 'singular' => $table->singular, 'stored' => $table->storedAs(), 'people' => $table->people, 'fields' => $fields,
            'lines' => self::lines(array_values(array_filter(Prose::of(Prose::nodes($data['tables'] ?? [])[$i], Table::class, "/tables/$i"), fn (ProseLine $l): bool => ! str_contains($l->at, '/access/'))), $words),
            'access' => self::lines(array_values(array_filter(Prose::of(Prose::nodes($data['tables'] ?? [])[$i], Table::class, "/tables/$i", flat: true), fn (ProseLine $l): bool => str_contains($l->at, '/access/'))), $words)];
    }

    /**
     * Formulas as people say them, by the place of their blank.
     *
     * @return array<string, string>
     */
    private static function words(Reading $reading): array
    {
        $words = [];
        foreach ($reading->walk->blanks as $spot) {
            if ($spot->blank->fit instanceof FormulaFit && $spot->text() !== '') {
                try {
                    $words[$spot->at] = InWords::of(Formula::of($spot->text()), $spot->scope);
                } catch (FormulaMistake) {
                    continue;
                }
            } elseif ($spot->blank->fit instanceof TextFit && ! $spot->blank->fit->plain && str_contains($spot->text(), '{')) {
                $said = self::said($spot->text(), $spot->scope);
                $words += $said === null ? [] : [$spot->at => $said];
            }
        }

        return $words;
    }

    /** A text with its formulas in words, each between ‹ and ›; null where it has none, or one cannot be read. */
    private static function said(string $text, Scope $scope): ?string
    {
        try {
            $template = Template::of($text);
            $parts = array_map(fn (string|Formula $part): string => is_string($part) ? $part : '‹'.InWords::of($part, $scope).'›', $template->parts);

            return $template->formulas() === [] ? null : implode('', $parts);
        } catch (FormulaMistake) {
            return null;
        }
    }

    /**
     * @param  list<ProseLine>  $lines
     * @param  array<string, string>  $words
     * @return list<array<string, mixed>>
     */
    private static function lines(array $lines, array $words): array
    {
        return array_map(fn (ProseLine $line): array => ['parts' => array_map(fn (ProsePart $part): array => $part->jsonSerialize() + (isset($words[$part->at]) ? ['words' => $words[$part->at]] : []), $line->parts)] + $line->jsonSerialize(), $lines);
    }

    /**
     * Each station with its open findings and the share of its checks that hold.
     *
     * @param  list<Finding>  $findings
     * @return list<array{key: string, findings: int, holds: int, checks: int}>
     */
    private static function stations(array $findings): array
    {
        $stations = [];
        foreach (Station::cases() as $station) {
            $here = array_filter($findings, fn (Finding $f): bool => $f->station === $station);
            $broken = count(array_unique(array_map(fn (Finding $f): string => $f->rule, $here)));
            $rules = count(array_filter(Findings::rules(), fn ($r): bool => $r->station() === $station));
            $checks = max($rules, $broken);
            $stations[] = ['key' => $station->value, 'findings' => count($here), 'holds' => $checks - $broken, 'checks' => $checks];
        }

        return $stations;
    }

    /** @return array<string, list<array{kind: string, lead: string, blank: string}>> the sentences that can be begun, for each family */
    private static function kinds(): array
    {
        $kinds = [];
        foreach (['line' => \Lanai\Core\Lines\Lines::family(), 'effect' => \Lanai\Core\Effects\Effects::family(), 'type' => \Lanai\Core\Blueprint\FieldTypes::family(), 'signing' => \Lanai\Core\Services\SignsInKinds::family(), 'request' => \Lanai\Core\Services\Askables::family()] as $name => $family) {
            foreach ($family->kinds as $kind => $class) {
                $kinds[$name][] = ['kind' => $kind, 'lead' => Sentences::of($class)->lead()->words ?? '', 'blank' => self::begun($class)];
            }
        }

        return $kinds;
    }

    /** @param  class-string<HasSentence>  $class the sentence with nothing filled in */
    private static function begun(string $class): string
    {
        $words = [];
        foreach (Sentences::of($class)->head as $part) {
            $words[] = match (true) {
                $part instanceof Words => $part->words,
                $part instanceof \Lanai\Core\Script\Blank => $part->fit->print('', []),
                $part instanceof \Lanai\Core\Script\Series => '"One", "Two"',
                default => 'is a text',
            };
        }

        return str_replace(' ,', ',', implode(' ', $words));
    }

    /** @return list<array{id: int, label: string}> who the deck can be signed in as */
    private static function people(App $app, Blueprint $blueprint): array
    {
        $people = $blueprint->peopleTable();
        if ($people === null) {
            return [];
        }

        return array_map(fn (Row $row): array => ['id' => $row->id, 'label' => $row->label()], (new EloquentRecordStore($app, DataSet::Sandbox, $blueprint))->rows(new Query($people, limit: 50)));
    }
}
