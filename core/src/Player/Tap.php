<?php

declare(strict_types=1);

namespace Lanai\Core\Player;

use Lanai\Core\Access\Rights;
use Lanai\Core\Access\SignInFirst;
use Lanai\Core\Lines\InputLine;
use Lanai\Core\Model\People\SignIn;
use Lanai\Core\Model\Screen;
use Lanai\Core\Model\UnreadableValue;
use Lanai\Core\Play\Accounts;
use Lanai\Core\Play\Doing;
use Lanai\Core\Play\Invalid;
use Lanai\Core\Play\Labelled;
use Lanai\Core\Play\Later;
use Lanai\Core\Play\NeedsConfirmation;
use Lanai\Core\Play\NeedsOutside;
use Lanai\Core\Play\NoAnswer;
use Lanai\Core\Play\NotNow;
use Lanai\Core\Play\Outcome;
use Lanai\Core\Play\Scene;
use Lanai\Core\Play\Tappable;
use Lanai\Core\Play\Trail;
use Lanai\Core\Rows\Refused;
use Lanai\Core\Text\Names;

/** Does what a tap says, or a routine: all of its row changes stay or none does. */
final readonly class Tap
{
    private const MOST_FROM_OUTSIDE = 50;

    public function __construct(private Stage $stage, private ?Accounts $accounts)
    {
    }

    /**
     * The same tap sent twice acts once.
     *
     * @param  string  $at  where the line's node stands in the view tree
     * @param  int|null  $item  id of the tapped row in a list
     * @param  string  $tap  a key that the device made for this tap; '' for none
     */
    public function on(string $at, ?int $item, string $tap): Outcome
    {
        $this->getAnswersAround($at);

        return $this->tried($at, function (Outcome $outcome, array $got) use ($at, $item, $tap): void {
            $key = $this->key($at, $item, $tap);
            $kept = $key === '' ? null : $this->stage->store->answerTo($key);
            if ($kept !== null) {
                $outcome->again($kept);

                return;
            }
            $screen = $this->stage->screen() ?? throw new Refused('This screen has just changed. Please try again.');
            try {
                [$line, $scene] = $this->stage->behind($screen, $at, $this->stage->scene($screen));
            } catch (NotNow $late) {
                throw $this->founderSays($late, $screen, $at, $item) ?? $late;
            }
            $this->run($line, $scene, $screen, $at, $item, $outcome, $got);
            if (is_string($outcome->session) && $outcome->session !== '' && ! $outcome->leaves()) {
                $outcome->arrives = Stage::arrival($this->stage->blueprint, Rights::over($this->stage->store));
            }
            // Who signs in twice is let in twice: a session is nothing to keep with an answer.
            if ($key !== '' && $outcome->session === null && $outcome->pending === null) {
                $this->stage->store->keepAnswer($key, $outcome->kept());
            }
        });
    }

    /**
     * A routine that a tap left for later, or that the app does by itself.
     *
     * @param  string  $key  with the same one it is done once; '' for each time
     */
    public function later(Later $later, string $key = ''): Outcome
    {
        $blueprint = $this->stage->blueprint;
        $index = $blueprint->routineIndex($later->routine);
        $at = "/routines/$index";

        return $this->tried($at, function (Outcome $outcome, array $got) use ($later, $blueprint, $index, $at): void {
            $routine = $index === null ? throw new Refused('This routine is no longer there.') : $blueprint->routines[$index];
            $around = $this->stage->around();
            $scene = $around->at($at)->knowing(Later::read($later->given, $around->reader));
            (new Doing($scene, $this->stage->store, $outcome, got: $got, accounts: $this->accounts))->run($routine->does, 'does');
        }, $key, true);
    }

    /**
     * What buying a product does.
     *
     * @param  string  $product  its key
     * @param  string  $key  with the same one it is done once
     */
    public function bought(string $product, string $key): Outcome
    {
        $index = $this->stage->blueprint->productIndex($product);
        $at = "/products/$index";

        return $this->tried($at, function (Outcome $outcome, array $got) use ($index, $at): void {
            $product = $index === null ? throw new Refused('This product is no longer there.') : $this->stage->blueprint->products[$index];
            $doing = new Doing($this->stage->around()->at($at), $this->stage->store, $outcome, got: $got, accounts: $this->accounts);
            $doing->run($product->bought, 'bought');
        }, $key, true);
    }

    /**
     * What is done for somebody who was invited.
     *
     * @param  int  $inviter  a row of the people table
     * @param  string  $key  with the same one it is done once
     */
    public function invited(int $inviter, string $key): Outcome
    {
        $blueprint = $this->stage->blueprint;
        $at = '/signIn';

        return $this->tried($at, function (Outcome $outcome, array $got) use ($blueprint, $inviter, $at): void {
            $people = $blueprint->peopleTable();
            $row = $people === null ? null : $this->stage->store->whole()->byIds($people, [$inviter])[$inviter] ?? null;
            if ($row === null) {
                throw new Refused('Whoever invited them is no longer here.');
            }
            $scene = $this->stage->around()->at($at)->knowing([SignIn::INVITER => $row]);
            (new Doing($scene, $this->stage->store, $outcome, got: $got, accounts: $this->accounts))->run($blueprint->signIn->invited ?? [], 'invited');
        }, $key, true);
    }

    /**
     * Work that is done once for a key: what it answered is kept together with what it changed.
     *
     * @param  callable(Outcome, array<string, mixed>): void  $work
     * @param  array<string, mixed>  $got
     */
    private function once(string $key, callable $work, Outcome $outcome, array $got, bool $after): void
    {
        $kept = $key === '' ? null : $this->stage->store->answerTo($key);
        if ($kept !== null) {
            $outcome->again($kept);
            if ($after) {
                $outcome->followsAgain($kept);
            }

            return;
        }
        $work($outcome, $got);
        if ($key !== '') {
            $this->stage->store->keepAnswer($key, $outcome->kept() + ($after ? $outcome->follows() : []));
        }
    }

    /** What was answered to somebody here is not told to anybody else, nor anywhere else. */
    private function key(string $at, ?int $item, string $tap): string
    {
        $visit = $this->stage->visit;
        $all = [$visit->person, $visit->screen, $visit->args, $at, $item, $visit->ticked, $tap];

        return $tap === '' ? '' : hash('sha256', json_encode($all, JSON_THROW_ON_ERROR | JSON_INVALID_UTF8_SUBSTITUTE));
    }

    /** Gets the answers that the tapped line stands among, where they are no longer at hand. */
    private function getAnswersAround(string $at): void
    {
        $answers = $this->stage->answers;
        for ($round = 0; $answers !== null && $round < Show::MOST_ROUNDS; $round++) {
            try {
                $screen = $this->stage->screen();
                if ($screen !== null) {
                    $this->stage->behind($screen, $at, $this->stage->scene($screen, Trail::none()));
                }

                return;
            } catch (Refused) {
                if (! $answers->isWanted()) {
                    return;
                }
                $answers->fetch();
            }
        }
    }

    /** @param  array<string, mixed>  $got */
    private function run(Tappable $line, Scene $scene, Screen $screen, string $at, ?int $item, Outcome $outcome, array $got): void
    {
        $visit = $this->stage->visit;
        $outcome->used = InputsUsed::by($line, $this->stage->blueprint);
        $scene = $scene->asking($this->inputs($screen, $line, $scene));
        $part = substr($at, strlen($scene->at));
        try {
            $line->tap(new Doing($scene, $this->stage->store, $outcome, $visit->confirmed, $visit->replies, $part, $got, $this->accounts), $item);
        } catch (NeedsConfirmation $question) {
            throw $line instanceof Labelled ? $question->by(...$line->label($scene, $part)) : $question;
        }
    }

    /**
     * What the founder wrote for this case, where one of the effects says no by itself: whoever comes a moment too late hears it.
     * Nothing that is tried for it stays, for the tap ends in a refusal.
     */
    private function founderSays(NotNow $late, Screen $screen, string $at, ?int $item): ?Refused
    {
        if (! ($late->tapped instanceof Tappable) || $late->scene === null) {
            return null;
        }
        try {
            $this->run($late->tapped, $late->scene, $screen, $at, $item, new Outcome(), []);
        } catch (Refused $refused) {
            return $refused;
        } catch (NeedsOutside|NeedsConfirmation|Invalid) {
            // What is asked, typed or got from outside says nothing of why it is too late.
        }

        return null;
    }

    /**
     * Runs the work, all or nothing. What it needs from outside is got in between, and the work begins again with it.
     *
     * @param  callable(Outcome, array<string, mixed>): void  $work
     * @param  string  $key  with the same one it is done once; '' for each time
     * @param  bool  $after  what follows from it, as letters, is told again: whoever asks again broke off before that
     */
    private function tried(string $at, callable $work, string $key = '', bool $after = false): Outcome
    {
        $outcome = new Outcome();
        $got = [];
        $trail = $this->stage->trail;
        $mark = count($trail->steps);
        $me = Rights::over($this->stage->store)?->me;
        try {
            while (true) {
                try {
                    $this->stage->store->together(fn () => $this->once($key, $work, $outcome, $got, $after));
                    break;
                } catch (NeedsOutside $awaited) {
                    $outcome->nothing();
                    if (count($got) >= self::MOST_FROM_OUTSIDE) {
                        throw new Refused('This asks for too much from outside at once and was stopped.');
                    }
                    $trail->backTo($mark);
                    Rights::over($this->stage->store)?->become($me);
                    $got[$awaited->at] = ($awaited->get)();
                }
            }
        } catch (Refused $refused) {
            $outcome->nothing();
            $outcome->signIn = $refused instanceof SignInFirst;
            $outcome->unanswered = $refused instanceof NoAnswer;
            $outcome->refused = $this->stage->blueprint->refusal($refused->getMessage());
            $trail->step('refused', $refused->getMessage(), $at);
        } catch (NeedsConfirmation $question) {
            $outcome->nothing();
            $outcome->confirm = $question->data();
        } catch (Invalid $invalid) {
            $outcome->nothing();
            $outcome->errors = array_map($this->stage->blueprint->refusal(...), $invalid->errors);
            $trail->step('refused', $invalid->getMessage(), $at);
        }

        return $outcome;
    }

    /**
     * What was typed into the screen's inputs, as values of their types; a form reads its own boxes itself.
     *
     * @return array<string, mixed>
     *
     * @throws Invalid
     */
    private function inputs(Screen $screen, Tappable $tapped, Scene $scene): array
    {
        $inputs = [];
        $errors = [];
        $used = InputsUsed::by($tapped, $this->stage->blueprint);
        $asked = [];
        foreach (InputLine::among([...$screen->lines(), ...$screen->actions()], $scene) as $line) {
            $name = Names::inFormula($line->name);
            $asked[$name] = $line;
            try {
                $inputs[$name] = $line->typed($this->stage->visit->inputs[$name] ?? null, $scene);
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
}
