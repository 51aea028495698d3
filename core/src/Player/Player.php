<?php

declare(strict_types=1);

namespace Lanai\Core\Player;

use Lanai\Core\Access\GuardedStore;
use Lanai\Core\Access\Rights;
use Lanai\Core\Access\Rules;
use Lanai\Core\Access\SignInFirst;
use Lanai\Core\Blueprint\Blueprint;
use Lanai\Core\Blueprint\MenuEntry;
use Lanai\Core\Blueprint\Pointer;
use Lanai\Core\Blueprint\Row;
use Lanai\Core\Blueprint\Screen;
use Lanai\Core\Blueprint\Tab;
use Lanai\Core\Blueprint\UnreadableValue;
use Lanai\Core\Formula\Formula;
use Lanai\Core\Formula\FormulaMistake;
use Lanai\Core\Formula\Kind;
use Lanai\Core\Formula\Template;
use Lanai\Core\Lines\Conversation;
use Lanai\Core\Lines\ListLine;
use Lanai\Core\People\Accounts;
use Lanai\Core\People\Entered;
use Lanai\Core\People\Proof;
use Lanai\Core\Ports\RecordStore;
use Lanai\Core\Ports\Refused;
use Lanai\Core\Rows\Reader;
use Lanai\Core\Rows\TooMuch;
use Lanai\Core\Runtime\AppValues;
use Lanai\Core\Runtime\Awaited;
use Lanai\Core\Runtime\Belonging;
use Lanai\Core\Runtime\Doing;
use Lanai\Core\Runtime\Drawing;
use Lanai\Core\Runtime\EmptyAccount;
use Lanai\Core\Runtime\Invalid;
use Lanai\Core\Runtime\Later;
use Lanai\Core\Runtime\Narrowing;
use Lanai\Core\Runtime\NoAnswer;
use Lanai\Core\Runtime\NotNow;
use Lanai\Core\Runtime\Outcome;
use Lanai\Core\Runtime\Scene;
use Lanai\Core\Runtime\Tappable;
use Lanai\Core\Runtime\Trail;
use Lanai\Core\Runtime\Unconfirmed;
use Lanai\Core\Runtime\Visit;
use Lanai\Core\Runtime\Whence;
use Lanai\Core\Script\Names;
use Lanai\Core\Script\Walk;
use Lanai\Core\Services\Answers;
use Lanai\Core\Services\AnswerStore;
use Lanai\Core\Services\Call;
use Lanai\Core\Services\RowsMade;
use Lanai\Core\Services\Services;
use Lanai\Core\Text\Pattern;

/** Runs an app: draws its screens and does what taps say. */
final readonly class Player
{
    private const MOST_FROM_OUTSIDE = 50;

    private const MOST_ROUNDS = 4;

    /**
     * @param  Accounts|null  $accounts  null where nobody can sign in
     * @param  Services|null  $services  null where no service can be reached
     * @param  Answers|null  $answers  those of the visit at hand
     * @param  bool  $itself  the app acts by itself, and nobody's rights limit it
     * @param  bool  $rehearsal  the app is being tried out, as in Rules
     */
    public function __construct(private Blueprint $blueprint, private RecordStore $store, private ?Accounts $accounts = null, private ?Services $services = null, private ?Answers $answers = null, private bool $itself = false, private bool $rehearsal = false)
    {
    }

    /** The same with the rows as the person of a visit may see and change them, and beside them what services answer. */
    private function for(Visit $visit, Trail $trail): self
    {
        $store = $this->store;
        if (! $this->itself && $store->rights() === null && (new Rules($this->blueprint, $this->rehearsal))->any()) {
            $whole = $store->whole();
            $me = self::me($this->blueprint, $visit, new Reader($whole));
            $store = new GuardedStore($whole, new Rights($this->blueprint, $whole, $visit->moment, $me, $this->rehearsal));
        }
        if ($this->blueprint->services === []) {
            return $store === $this->store ? $this : new self($this->blueprint, $store, $this->accounts, rehearsal: $this->rehearsal);
        }
        $made = new RowsMade($this->blueprint);

        return new self($this->blueprint, new AnswerStore($store, $made, $visit->moment), $this->accounts, $this->services, new Answers($this->services, $made, $visit, $trail), rehearsal: $this->rehearsal);
    }

    /** @return array<string, mixed> a view tree as in docs/view.schema.json */
    public function show(Visit $visit, Trail $trail): array
    {
        $player = $this->for($visit, $trail);
        $mark = count($trail->steps);
        $view = $player->shown($visit, $trail);
        // Each round may learn what the next must ask: an answer that tells what else to ask for.
        for ($round = 0; $visit->waits && $round < self::MOST_ROUNDS && $player->answers?->isWanted() === true; $round++) {
            $trail->backTo($mark);
            $player->answers->fetch();
            $mark = count($trail->steps);
            $view = $player->shown($visit, $trail);
        }

        return $view;
    }

    /** @return array<string, mixed> */
    private function shown(Visit $visit, Trail $trail): array
    {
        $screen = $this->screenOf($visit);
        if ($screen === null) {
            return $this->frame(null, 'Nothing here yet', 'This app has no screens yet.');
        }
        $index = (int) array_search($screen, $this->blueprint->screens, true);
        if ($visit->screen !== '' && $this->blueprint->screen($visit->screen) === null) {
            return $this->frame($screen, $screen->name, 'This screen is no longer there.');
        }
        try {
            $scene = $this->scene($screen, $visit, $trail);
        } catch (Refused $refused) {
            return $this->frame($screen, $screen->name, $refused->getMessage());
        }
        $title = $screen->title === '' ? $screen->name : $scene->at("/screens/$index")->text($screen->title, 'title');

        try {
            return $this->frame($screen, $title, '', Drawing::nodes($screen->lines, "/screens/$index/lines", $scene), Drawing::nodes($screen->actions, "/screens/$index/actions", $scene));
        } catch (TooMuch $much) {
            return $this->frame($screen, $title, $much->getMessage());
        }
    }

    /**
     * Does what a tap on a line says. All row changes stay together or none does, and the same tap sent twice acts once.
     *
     * @param  string  $at  where the line's node stands in the view tree
     * @param  int|null  $item  id of the tapped row in a list
     * @param  string  $tap  a key that the device made for this tap; '' for none
     */
    public function tap(Visit $visit, string $at, ?int $item, string $tap, Trail $trail): Outcome
    {
        return $this->for($visit, $trail)->within($visit, $at)->tapped($visit, $at, $item, $tap, $trail);
    }

    /** Gets the answers that the tapped line stands among, where they are no longer at hand. */
    private function within(Visit $visit, string $at): self
    {
        for ($round = 0; $this->answers !== null && $round < self::MOST_ROUNDS; $round++) {
            try {
                $screen = $this->screenOf($visit);
                if ($screen !== null) {
                    $this->behind($screen, $at, $this->scene($screen, $visit, Trail::none()));
                }
                break;
            } catch (Refused) {
                if (! $this->answers->isWanted()) {
                    break;
                }
                $this->answers->fetch();
            }
        }

        return $this;
    }

    private function tapped(Visit $visit, string $at, ?int $item, string $tap, Trail $trail): Outcome
    {
        return $this->tried($at, $trail, function (Outcome $outcome, array $got) use ($visit, $at, $item, $tap, $trail): void {
            // What was answered to somebody here is not told to anybody else, nor anywhere else.
            $tap = $tap === '' ? '' : hash('sha256', json_encode([$visit->person, $visit->screen, $visit->args, $at, $item, $tap], JSON_THROW_ON_ERROR | JSON_INVALID_UTF8_SUBSTITUTE));
            $kept = $tap === '' ? null : $this->store->answerTo($tap);
            if ($kept !== null) {
                $outcome->again($kept);

                return;
            }
            $screen = $this->screenOf($visit) ?? throw new Refused('This screen has just changed. Please try again.');
            try {
                [$line, $scene] = $this->behind($screen, $at, $this->scene($screen, $visit, $trail));
            } catch (NotNow $late) {
                throw $this->founderSays($late, $screen, $visit, $at, $item) ?? $late;
            }
            $this->run($line, $scene, $screen, $visit, $at, $item, $outcome, $got);
            if (is_string($outcome->session) && $outcome->session !== '' && ! $outcome->leaves()) {
                $outcome->arrives = $this->arrival($this->store->rights());
            }
            // Who signs in twice is let in twice: a session is nothing to keep with an answer.
            if ($tap !== '' && $outcome->session === null && $outcome->pending === null) {
                $this->store->keepAnswer($tap, $outcome->kept());
            }
        });
    }

    /** @param  array<string, mixed>  $got */
    private function run(Tappable $line, Scene $scene, Screen $screen, Visit $visit, string $at, ?int $item, Outcome $outcome, array $got): void
    {
        $outcome->used = InputsUsed::by($line, $this->blueprint);
        $scene = $scene->asking($this->inputs($screen, $visit, $line, $scene));
        $line->tap(new Doing($scene, $this->store, $outcome, $visit->confirmed, $visit->answers, substr($at, strlen($scene->at)), $got, $this->accounts), $item);
    }

    /**
     * What the founder wrote for this case, where one of the effects says no by itself: whoever comes a moment too late hears it.
     * Nothing that is tried for it stays, for the tap ends in a refusal.
     */
    private function founderSays(NotNow $late, Screen $screen, Visit $visit, string $at, ?int $item): ?Refused
    {
        if (! $late->tapped instanceof Tappable || $late->scene === null) {
            return null;
        }
        try {
            $this->run($late->tapped, $late->scene, $screen, $visit, $at, $item, new Outcome, []);
        } catch (Refused $refused) {
            return $refused;
        } catch (Awaited|Unconfirmed|Invalid) {
            // What is asked, typed or got from outside says nothing of why it is too late.
        }

        return null;
    }

    /** Does a routine that a tap left for later; all of it stays or nothing does. */
    public function later(Later $later, Visit $visit, Trail $trail): Outcome
    {
        return $this->for($visit, $trail)->doneLater($later, $visit, $trail);
    }

    private function doneLater(Later $later, Visit $visit, Trail $trail): Outcome
    {
        $index = $this->blueprint->routineIndex($later->routine);
        $at = "/routines/$index";

        return $this->tried($at, $trail, function (Outcome $outcome, array $got) use ($later, $visit, $trail, $index, $at): void {
            $scene = new Scene($this->blueprint, $this->store, new Reader($this->store), $visit->moment, $trail, ['me' => self::me($this->blueprint, $visit, new Reader($this->store->whole()))], AppValues::of($this->blueprint, $visit, new Reader($this->store), $this->store), visit: $visit, answers: $this->answers);
            $routine = $index === null ? throw new Refused('This routine is no longer there.') : $this->blueprint->routines[$index];
            $scene = $scene->at($at)->knowing(Later::read($later->given, $scene->reader));
            (new Doing($scene, $this->store, $outcome, got: $got, accounts: $this->accounts))->run($routine->does, 'does');
        });
    }

    /**
     * Lets somebody in who has come back from a provider.
     *
     * @return array{Entered, string} and the screen where they begin
     *
     * @throws Refused
     */
    public function arrive(Proof $proof, Visit $visit): array
    {
        $accounts = $this->accounts ?? throw new Refused('Signing in is not possible here.');
        $entered = $this->store->together(fn (): Entered => $accounts->enter($proof, $visit));
        $people = $this->blueprint->peopleTable();
        $row = $people === null ? null : ($this->store->whole()->byIds($people, [$entered->person])[$entered->person] ?? null);

        return [$entered, $this->arrival(new Rights($this->blueprint, $this->store->whole(), $visit->moment, $row))];
    }

    /**
     * What a conversation at this place asks when a person says something.
     *
     * @param  list<array{role: 'user'|'assistant', content: string}>  $before
     *
     * @throws Refused
     */
    public function talk(Visit $visit, string $at, array $before, string $words): Call
    {
        $player = $this->for($visit, Trail::none());
        $screen = $player->screenOf($visit) ?? throw new Refused('This screen is no longer there.');
        $index = (int) array_search($screen, $this->blueprint->screens, true);
        [$line, $scene] = Drawing::find($at, $screen->lines, "/screens/$index/lines", $player->scene($screen, $visit, Trail::none())) ?? [null, null];

        return $scene !== null && $line instanceof Conversation ? $line->turn($scene, $before, $words) : throw new Refused('This screen has just changed. Please try again.');
    }

    /** Why the list at this place shows nothing. */
    public function whyEmpty(Visit $visit, string $at): ?EmptyAccount
    {
        return $this->for($visit, Trail::none())->accountOfEmpty($visit, $at);
    }

    private function accountOfEmpty(Visit $visit, string $at): ?EmptyAccount
    {
        try {
            $screen = $this->screenOf($visit);
            [$line, $scene] = $screen === null ? [null, null] : $this->behind($screen, $at, $this->scene($screen, $visit, Trail::none()));
        } catch (Refused) {
            return null;
        }
        $table = $line instanceof ListLine ? $this->blueprint->table($line->table) : null;
        if ($scene === null || $table === null) {
            return null;
        }

        return $scene->whyEmpty($table, $line->where, Belonging::to($line->owner, $scene, $table), Narrowing::of($line, $table, $scene));
    }

    /**
     * Where the values of a line come from, one account for each formula in it.
     *
     * @param  int|null  $item  the row of a list's item; null for the line itself
     * @return list<Whence>
     */
    public function whence(Visit $visit, string $at, ?int $item): array
    {
        return $this->for($visit, Trail::none())->sources($visit, $at, $item);
    }

    /** @return list<Whence> */
    private function sources(Visit $visit, string $at, ?int $item): array
    {
        try {
            $screen = $this->screenOf($visit);
            $index = (int) array_search($screen, $this->blueprint->screens, true);
            $found = $screen === null ? null : Drawing::find($at, $screen->lines, "/screens/$index/lines", $this->scene($screen, $visit, Trail::none()));
        } catch (Refused) {
            return [];
        }
        if ($found === null) {
            return [];
        }
        [$line, $scene] = $found;
        $table = $line instanceof ListLine ? $this->blueprint->table($line->table) : null;
        $row = $table === null || $item === null ? null : ($this->store->byIds($table, [$item])[$item] ?? null);
        $plain = Pattern::replace('~@\d+~', '', str_contains($at, '=') ? substr((string) strrchr($at, '='), 1) : $at);
        $accounts = [];
        foreach (Walk::through($this->blueprint)->blanks as $blank) {
            $under = $row !== null ? Pattern::match('~^'.preg_quote($plain, '~').'/(shows/\d+/formula|own|headings)$~', $blank->at) : Pointer::parent($blank->at) === $plain;
            $text = $blank->text();
            if (! $under || $text === '' || ! in_array($blank->blank->fit->kind(), ['formula', 'text'], true) || ($row === null && $blank->scope->row !== null && $scene->row === null)) {
                continue;
            }
            try {
                $formulas = $blank->blank->fit->kind() === 'formula' ? [$text] : array_map(fn (Formula $f): string => $f->text, array_values(array_filter(Template::of($text)->parts, fn (string|Formula $p): bool => $p instanceof Formula)));
                foreach ($formulas as $formula) {
                    $accounts[] = Whence::of($formula, $blank->scope, $row === null ? $scene : $scene->inRow($row));
                }
            } catch (FormulaMistake) {
                continue;
            }
        }

        return $accounts;
    }

    /**
     * Runs the work, all or nothing. What it needs from outside is got in between, and the work begins again with it.
     *
     * @param  callable(Outcome, array<string, mixed>): void  $work
     */
    private function tried(string $at, Trail $trail, callable $work): Outcome
    {
        $outcome = new Outcome;
        $got = [];
        $mark = count($trail->steps);
        $me = $this->store->rights()?->me;
        try {
            while (true) {
                try {
                    $this->store->together(fn () => $work($outcome, $got));
                    break;
                } catch (Awaited $awaited) {
                    $outcome->nothing();
                    if (count($got) >= self::MOST_FROM_OUTSIDE) {
                        throw new Refused('This asks for too much from outside at once and was stopped.');
                    }
                    $trail->backTo($mark);
                    $this->store->rights()?->become($me);
                    $got[$awaited->at] = ($awaited->get)();
                }
            }
        } catch (Refused $refused) {
            $outcome->nothing();
            $outcome->signIn = $refused instanceof SignInFirst;
            $outcome->unanswered = $refused instanceof NoAnswer;
            $outcome->refused = $refused->getMessage();
            $trail->step('refused', $refused->getMessage(), $at);
        } catch (Unconfirmed $question) {
            $outcome->nothing();
            $outcome->confirm = $question->data();
        } catch (Invalid $invalid) {
            $outcome->nothing();
            $outcome->errors = $invalid->errors;
            $trail->step('refused', $invalid->getMessage(), $at);
        }

        return $outcome;
    }

    /**
     * @return array{Tappable, Scene}
     *
     * @throws Refused
     */
    private function behind(Screen $screen, string $at, Scene $scene): array
    {
        $index = (int) array_search($screen, $this->blueprint->screens, true);
        [$line, $here] = Drawing::find($at, $screen->lines, "/screens/$index/lines", $scene) ?? Drawing::find($at, $screen->actions, "/screens/$index/actions", $scene) ?? [null, null];
        if ($here === null || ! $line instanceof Tappable) {
            throw new Refused('This screen has just changed. Please try again.');
        }

        return [$line, $here];
    }

    private function screenOf(Visit $visit): ?Screen
    {
        return ($visit->screen === '' ? null : $this->blueprint->screen($visit->screen)) ?? $this->blueprint->firstScreen();
    }

    private static function me(Blueprint $blueprint, Visit $visit, Reader $reader): ?Row
    {
        $people = $blueprint->peopleTable();

        return $people === null || $visit->person === null ? null : $reader->row($people->singular, $visit->person);
    }

    /** Where somebody begins who has just come in: the first screen of their role, else of the app. */
    private function arrival(?Rights $rights): string
    {
        $role = $this->blueprint->role((string) $rights?->role());

        return (string) ($role === null || $role->begins === '' ? $this->blueprint->firstScreen() : ($this->blueprint->screen($role->begins) ?? $this->blueprint->firstScreen()))?->slug();
    }

    /** @throws Refused where a row that the screen is about is not there, or nobody is signed in on a screen that needs it */
    private function scene(Screen $screen, Visit $visit, Trail $trail): Scene
    {
        $reader = new Reader($this->store);
        $names = ['me' => self::me($this->blueprint, $visit, $reader->whole())];
        if ($screen->signedIn && $names['me'] === null) {
            throw new SignInFirst('Please sign in to see this.');
        }
        foreach ($screen->about as $i => $parameter) {
            $row = is_numeric($visit->args[$i] ?? null) ? $reader->row($parameter->one, (int) $visit->args[$i]) : null;
            $names[$parameter->name($this->blueprint)] = $row ?? throw new Refused("This $parameter->one is not there, or no longer.");
        }
        foreach ($screen->taking as $i => $taken) {
            try {
                $value = $taken->type->read((string) ($visit->args[count($screen->about) + $i] ?? ''));
            } catch (UnreadableValue $wrong) {
                throw new Refused("$taken->name: {$wrong->getMessage()}");
            }
            $one = $taken->type->type()->one;
            $names[Names::inFormula($taken->name)] = is_int($value) && $one !== '' && $taken->type->type()->kind === Kind::Row ? $reader->row($one, $value) : $value;
        }
        $typed = array_filter($visit->inputs, fn (string $name): bool => ! str_contains($name, '.'), ARRAY_FILTER_USE_KEY);

        return new Scene($this->blueprint, $this->store, $reader, $visit->moment, $trail, $names, AppValues::of($this->blueprint, $visit, $reader, $this->store) + $typed, visit: $visit, answers: $this->answers);
    }

    /**
     * What was typed into the screen's inputs, as values of their types; a form reads its own boxes itself.
     *
     * @return array<string, mixed>
     *
     * @throws Invalid
     */
    private function inputs(Screen $screen, Visit $visit, Tappable $tapped, Scene $scene): array
    {
        $inputs = [];
        $errors = [];
        $used = InputsUsed::by($tapped, $this->blueprint);
        $asked = [];
        foreach (Drawing::inputs([...$screen->lines, ...$screen->actions], $scene) as $line) {
            $name = Names::inFormula($line->name);
            $asked[$name] = $line;
            try {
                $inputs[$name] = $line->typed($visit->inputs[$name] ?? null, $scene);
            } catch (UnreadableValue $unreadable) {
                $inputs[$name] = null;
                $errors[$name] = $unreadable->getMessage();
            }
        }
        // Only what a tap uses can keep it from being done; each is judged with the others known.
        $wrong = [];
        foreach (array_intersect_key($asked, array_flip(InputsUsed::judged($used, $asked))) as $name => $line) {
            $said = $errors[$name] ?? $line->wrong($scene->asking($inputs));
            if ($said !== '') {
                $wrong[$name] = $said;
            }
        }
        if ($wrong !== []) {
            throw new Invalid($wrong);
        }

        return $inputs;
    }

    /**
     * @param  list<array<string, mixed>>  $nodes
     * @param  list<array<string, mixed>>  $actions
     * @return array<string, mixed>
     */
    private function frame(?Screen $screen, string $title, string $problem, array $nodes = [], array $actions = []): array
    {
        $at = $this->blueprint->screen((string) $this->blueprint->signIn?->at);
        $ways = function (array $entries): array {
            $shown = [];
            foreach ($entries as $entry) {
                $to = $entry instanceof Tab || $entry instanceof MenuEntry ? $this->blueprint->screen($entry->screen) : null;
                if ($to !== null) {
                    $shown[] = ['screen' => $to->slug(), 'label' => $entry->label, 'icon' => $entry->icon];
                }
            }

            return $shown;
        };

        return [
            'app' => $this->blueprint->name,
            'screen' => $screen?->slug() ?? '',
            'title' => $title,
            'first' => $this->blueprint->firstScreen()?->slug() ?? '',
            'problem' => $problem,
            'full' => $screen->full ?? false,
            'opens' => ($screen->opens ?? '') === '' ? 'sliding' : $screen->opens ?? 'sliding',
            'nodes' => $nodes,
            'actions' => $actions,
            'tabs' => $ways($this->blueprint->tabs),
            'menu' => $ways($this->blueprint->menu),
            'theme' => $this->blueprint->theme->drawn(),
        ] + ($this->answers?->isWanted() === true ? ['awaits' => true] : []) + ($at === null || $at === $screen || $this->store->rights()?->me !== null ? [] : ['signIn' => $at->slug()]);
    }
}
