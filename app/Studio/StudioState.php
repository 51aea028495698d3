<?php

declare(strict_types=1);

namespace App\Studio;

use App\Apps\Facts;
use App\Models\App;
use App\Space;
use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Findings;
use Lanai\Core\Findings\Pairs;
use Lanai\Core\Findings\Station;
use Lanai\Core\Formula\Kind;
use Lanai\Core\Formula\Scope;
use Lanai\Core\Language\Families;
use Lanai\Core\Language\Prose;
use Lanai\Core\Language\ProseLine;
use Lanai\Core\Language\Walk;
use Lanai\Core\Model\AboutRow;
use Lanai\Core\Model\Adverts\Adverts;
use Lanai\Core\Model\AppValue;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Earnings\Product;
use Lanai\Core\Model\Errand;
use Lanai\Core\Model\Field;
use Lanai\Core\Model\MenuEntry;
use Lanai\Core\Model\Note;
use Lanai\Core\Model\People\Role;
use Lanai\Core\Model\People\SignIn;
use Lanai\Core\Model\Piece;
use Lanai\Core\Model\Reach\Calendar;
use Lanai\Core\Model\Reach\Funnel;
use Lanai\Core\Model\Reach\Message;
use Lanai\Core\Model\Reach\Messages;
use Lanai\Core\Model\Reach\Trial;
use Lanai\Core\Model\Routine;
use Lanai\Core\Model\Row;
use Lanai\Core\Model\Screen;
use Lanai\Core\Model\Services\Service;
use Lanai\Core\Model\Services\ServiceRequest;
use Lanai\Core\Model\Services\Variable;
use Lanai\Core\Model\StorePicture;
use Lanai\Core\Model\Tab;
use Lanai\Core\Model\Table;
use Lanai\Core\Model\Theme;
use Lanai\Core\Query\Query;
use Lanai\Core\Release\AdvertsDeclared;
use Lanai\Core\Services\Request;
use Lanai\Core\Text\Names;
use Lanai\Core\Text\Tongues;

/** What the studio shows of an app's newest revision, but for the sentences of its screens: those are asked for page by page. */
final class StudioState
{
    private const PEOPLE = 50;

    /** @return array<string, mixed> as in docs/studio.schema.json */
    public static function of(App $app): array
    {
        $blueprint = $app->revision->read();
        $findings = Facts::findings($app);

        return self::ofRevision($app) +
            self::ofFindings($findings) + ['screens' => self::screens($blueprint), 'people' => self::people($app, $blueprint)] +
            self::around($blueprint);
    }

    /** @return array<string, mixed> what every edit changes */
    public static function ofRevision(App $app): array
    {
        $revision = $app->revision;

        return [
            'app' => [
                'id' => $app->id,
                'name' => $app->name,
                'slug' => $app->slug,
                'shareCode' => $app->share_code,
                'liveRevision' => $app->liveRevision?->number,
            ],
            'revision' => ['number' => $revision->number, 'what' => $revision->what, 'at' => $revision->created_at, 'sentences' => $revision->sentences],
            'canUndo' => $app->undo !== [],
            'canRedo' => $app->redo !== [],
        ];
    }

    /**
     * @param  list<Finding>  $findings
     * @return array{findings: list<array<string, mixed>>, stations: list<array<string, mixed>>}
     */
    public static function ofFindings(array $findings): array
    {
        return ['findings' => array_map(self::finding(...), $findings), 'stations' => self::stations($findings)];
    }

    /** @return list<array<string, mixed>> what stands in the list of screens */
    public static function screens(Blueprint $blueprint): array
    {
        return array_map(self::screen(...), $blueprint->screens, array_keys($blueprint->screens));
    }

    /** @return array<string, mixed> */
    public static function screen(Screen $screen, int $i): array
    {
        $about = array_map(fn (AboutRow $p): string => $p->one, $screen->about);

        return ['at' => "/screens/$i", 'name' => $screen->name, 'slug' => $screen->slug(), 'first' => $screen->first, 'about' => $about];
    }

    /** @return list<array<string, mixed>> the sentences of one screen; none where there is no such screen */
    public static function page(Blueprint $blueprint, string $at): array
    {
        $screen = Prose::node(\Lanai\Core\Model\Pointer::get($at, $blueprint->data()));

        return $screen === [] ? [] : (new Sentences($blueprint->walkTo($at)))->of($screen, Screen::class, $at);
    }

    /** @return array<string, mixed> all that is said outside of screens */
    public static function around(Blueprint $blueprint): array
    {
        $data = $blueprint->data();
        $sentences = new Sentences(Walk::without('screens', $data, Blueprint::class, Scope::of($blueprint)));
        $tables = [];
        foreach ($blueprint->tables as $i => $table) {
            $tables[] = self::table($table, Prose::nodes($data['tables'] ?? [])[$i], "/tables/$i", $blueprint, $sentences);
        }

        return [
            'tables' => $tables,
            'tabs' => $sentences->all($data['tabs'] ?? [], '/tabs', Tab::class),
            'menu' => $sentences->all($data['menu'] ?? [], '/menu', MenuEntry::class),
            'values' => $sentences->all($data['values'] ?? [], '/values', AppValue::class),
            'pieces' => $sentences->pages($data['pieces'] ?? [], '/pieces', Piece::class),
            'routines' => $sentences->pages($data['routines'] ?? [], '/routines', Routine::class),
            'assets' => self::assets($blueprint),
            'theme' => $sentences->of(Prose::node($data['theme'] ?? []), Theme::class, '/theme'),
            'signIn' => $blueprint->signIn === null ? [] : $sentences->of(Prose::node($data['signIn'] ?? []), SignIn::class, '/signIn'),
            'roles' => $sentences->all($data['roles'] ?? [], '/roles', Role::class),
            'products' => $sentences->all($data['products'] ?? [], '/products', Product::class),
            'adverts' => $blueprint->adverts === null ? [] : $sentences->of(Prose::node($data['adverts'] ?? []), Adverts::class, '/adverts'),
            'languages' => self::languages($blueprint),
            'funnels' => $sentences->all($data['funnels'] ?? [], '/funnels', Funnel::class),
            'pictures' => $sentences->all($data['pictures'] ?? [], '/pictures', StorePicture::class),
            'errands' => $sentences->all($data['errands'] ?? [], '/errands', Errand::class),
            'notes' => $sentences->all($data['notes'] ?? [], '/notes', Note::class),
            'trials' => $sentences->all($data['trials'] ?? [], '/trials', Trial::class),
            'calendars' => $sentences->all($data['calendars'] ?? [], '/calendars', Calendar::class),
            'sends' => $sentences->pages($data['sends'] ?? [], '/sends', Message::class),
            'messages' => $blueprint->messages === null ? [] : $sentences->of(Prose::node($data['messages'] ?? []), Messages::class, '/messages'),
            'offers' => self::offers($blueprint),
            'services' => self::services($blueprint, $sentences),
            'release' => get_object_vars($blueprint->release) + ['declares' => AdvertsDeclared::of($blueprint)->sentence()],
            'colours' => $blueprint->theme->byDay(),
            'contrasts' => self::contrasts($blueprint),
        ];
    }

    /** @return array<string, mixed> */
    public static function finding(Finding $finding): array
    {
        return [
            'id' => $finding->id(),
            'rule' => $finding->rule,
            'station' => $finding->station->value,
            'at' => $finding->at,
            'sentence' => $finding->sentence,
            'blocks' => $finding->blocks,
            'mend' => $finding->mend?->label,
        ];
    }

    /** @return list<array<string, mixed>> */
    private static function assets(Blueprint $blueprint): array
    {
        $assets = [];
        foreach ($blueprint->assets as $i => $asset) {
            $assets[] = [
                'at' => "/assets/$i",
                'name' => $asset->name,
                'file' => $asset->file,
                'alt' => $asset->alt,
                'picture' => $asset->isPicture(),
                'says' => $asset->key(),
            ];
        }

        return $assets;
    }

    /**
     * What it speaks, and what else it could.
     *
     * @return array{own: array<string, string>, further: list<array<string, mixed>>, others: list<array<string, string>>}
     */
    public static function languages(Blueprint $blueprint): array
    {
        $own = $blueprint->theme->tongue();
        $further = [];
        foreach ($blueprint->languages as $i => $language) {
            $further[] = ['at' => "/languages/$i", 'tongue' => $language->tongue, 'name' => $language->name(), 'hidden' => $language->hidden];
        }
        $others = array_diff_key(Tongues::NAMES, [$own => true] + array_flip(array_column($further, 'tongue')));

        return [
            'own' => ['tongue' => $own, 'name' => Tongues::NAMES[$own] ?? $own],
            'further' => $further,
            'others' => array_map(fn (string $tag, string $name): array => ['tongue' => $tag, 'name' => $name], array_keys($others), $others),
        ];
    }

    /** @return list<array{product: string, plan: string, name: string}> what can be bought: of subscriptions each plan by itself */
    private static function offers(Blueprint $blueprint): array
    {
        $offers = [];
        foreach ($blueprint->products as $product) {
            if ($product->isPaidOnce() && $product->hasPrice()) {
                $offers[] = ['product' => $product->key(), 'plan' => '', 'name' => $product->name];
            }
            foreach ($product->sold === Product::SUBSCRIPTION ? $product->plans : [] as $plan) {
                if ($plan->isWhole()) {
                    $offers[] = ['product' => $product->key(), 'plan' => $plan->key(), 'name' => "$product->name, $plan->name"];
                }
            }
        }

        return $offers;
    }

    /** @return list<array<string, mixed>> each service with its own sentences, and each of its requests with what it takes */
    private static function services(Blueprint $blueprint, Sentences $sentences): array
    {
        $told = [];
        foreach (Prose::nodes($blueprint->data()['services'] ?? []) as $i => $node) {
            $requests = [];
            foreach ($blueprint->services[$i]->requests as $r => $request) {
                $requests[] = self::request($request, Prose::nodes($node['requests'] ?? [])[$r], "/services/$i/requests/$r", $sentences);
            }
            $lines = $sentences->of(array_diff_key($node, ['requests' => true]), Service::class, "/services/$i");
            $service = $blueprint->services[$i];
            $told[] =
                ['at' => "/services/$i", 'name' => $service->name, 'lines' => $lines, 'requests' => $requests] +
                ($service === $blueprint->mapService() ? ['drawsMaps' => true] : []);
        }

        return $told;
    }

    /**
     * @param  array<string, mixed>  $data
     * @return array<string, mixed>
     */
    private static function request(ServiceRequest $request, array $data, string $at, Sentences $sentences): array
    {
        // The shape of the answers is no sentence to be read.
        $lines = array_filter(
            Prose::of($data, $request::class, $at, flat: true, asides: false),
            fn (ProseLine $l): bool => ! str_starts_with($l->parts[0]->text, 'shaped as'),
        );
        $takes = array_map(
            fn (Variable $v): array => [
                'name' => $v->name,
                'key' => $v->key(),
                'control' => $v->type->control(),
                'tried' => $v->tried,
                'begins' => $v->begins,
                'options' => $v->type->options(),
            ],
            $request->taken(),
        );

        return [
            'at' => $at,
            'name' => $request->called(),
            'kind' => Families::of(ServiceRequest::class)->kindOf($request),
            'many' => $request->givesMany(),
            'shaped' => $request instanceof Request && $request->shape !== '',
            'lines' => $sentences->shown(array_values($lines)),
            'takes' => $takes,
        ];
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
     * @param  array<string, mixed>  $data
     * @return array<string, mixed>
     */
    private static function table(Table $table, array $data, string $at, Blueprint $blueprint, Sentences $sentences): array
    {
        $isAccess = fn (ProseLine $line): bool => str_contains($line->at, '/access/');

        return [
            'at' => $at,
            'name' => $table->name,
            'singular' => $table->singular,
            'stored' => $table->storedAs(),
            'people' => $table->people,
            'fields' => array_map(fn (Field $f): array => self::field($f, $blueprint), $table->fields),
            'lines' => $sentences->shown(
                array_values(array_filter(Prose::of($data, Table::class, $at, asides: false), fn (ProseLine $l): bool => ! $isAccess($l))),
            ),
            'access' => $sentences->shown(array_values(array_filter(Prose::of($data, Table::class, $at, flat: true, asides: false), $isAccess))),
        ];
    }

    /** @return array<string, mixed> */
    private static function field(Field $field, Blueprint $blueprint): array
    {
        $to = $field->linksTo() !== '' ? $field->linksTo() : $field->linksToMany();

        return [
            'name' => $field->name,
            'key' => Names::inFormula($field->name),
            'control' => $field->type->control(),
            'type' => $field->valueType()->inWords(),
            'numeric' => $field->valueType()->isNumber() || $field->valueType()->kind === Kind::Money,
            'required' => $field->required,
            'options' => $field->type->options(),
            'formula' => $field->formula() !== '',
            'asked' => $field->isAsked(),
            'many' => $field->linksToMany() !== '',
            'linksTo' => $to === '' ? null : $blueprint->tableOfOne($to)?->storedAs(),
        ];
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

    /** @return list<array{id: int, label: string}> who the deck can be signed in as */
    public static function people(App $app, Blueprint $blueprint): array
    {
        $people = $blueprint->peopleTable();
        $rows = $people === null ? [] : Space::sandbox($app)->store()->rows(new Query($people, limit: self::PEOPLE));

        return array_map(fn (Row $row): array => ['id' => $row->id, 'label' => $row->label()], $rows);
    }
}
