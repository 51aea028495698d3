<?php

declare(strict_types=1);

namespace Lanai\Core\Runtime;

use Lanai\Core\Blueprint\Blueprint;
use Lanai\Core\Blueprint\Screen;
use Lanai\Core\Data\UnreadableValue;
use Lanai\Core\Lines\InputLine;
use Lanai\Core\Lines\Lines;
use Lanai\Core\Lines\Tappable;
use Lanai\Core\Ports\RecordStore;
use Lanai\Core\Script\Names;

/** Runs an app: draws its screens and does what taps say. */
final readonly class Player
{
    public function __construct(private Blueprint $blueprint, private RecordStore $store)
    {
    }

    /** @return array<string, mixed> a view tree as in docs/view.schema.json */
    public function show(Visit $visit, Trail $trail): array
    {
        $index = $visit->screen === '' ? null : $this->blueprint->screenIndex($visit->screen);
        $screen = $index === null ? $this->blueprint->firstScreen() : $this->blueprint->screens[$index];
        if ($screen === null) {
            return $this->frame('', 'Nothing here yet', [], 'This app has no screens yet.');
        }
        $index = (int) array_search($screen, $this->blueprint->screens, true);
        if ($visit->screen !== '' && $screen->slug() !== $visit->screen && $this->blueprint->screen($visit->screen) === null) {
            return $this->frame($screen->slug(), $screen->name, [], 'This screen is no longer there.');
        }
        try {
            $scene = $this->scene($screen, $visit, $trail);
        } catch (Refused $refused) {
            return $this->frame($screen->slug(), $screen->name, [], $refused->getMessage());
        }
        $nodes = [];
        foreach ($screen->lines as $i => $line) {
            $here = $scene->at("/screens/$index/lines/$i");
            if ($line->condition() === '' || $here->yes($line->condition())) {
                $nodes[] = ['kind' => Lines::family()->kindOf($line), 'at' => $here->at] + $line->draw($here);
            }
        }
        $title = $screen->title === '' ? $screen->name : $scene->at("/screens/$index")->text($screen->title, 'title');

        return $this->frame($screen->slug(), $title, $nodes, '');
    }

    /**
     * Does what a tap on a line says. All row changes stay together or none does, and the same tap sent twice acts once.
     *
     * @param  string  $at  JSON Pointer of the line
     * @param  int|null  $item  id of the tapped row in a list
     * @param  string  $tap  a key that the device made for this tap; '' for none
     */
    public function tap(Visit $visit, string $at, ?int $item, string $tap, Trail $trail): Outcome
    {
        $outcome = new Outcome;
        try {
            $this->store->together(function () use ($visit, $at, $item, $tap, $trail, $outcome): void {
                $kept = $tap === '' ? null : $this->store->answerTo($tap);
                if ($kept !== null) {
                    $this->again($kept, $outcome);

                    return;
                }
                [$screen, $line] = $this->lineAt($at, $visit);
                $scene = $this->scene($screen, $visit, $trail)->at($at);
                if ($line->condition() !== '' && ! $scene->yes($line->condition())) {
                    throw new Refused('This is not possible any more.');
                }
                $scene = new Scene($scene->blueprint, $scene->store, $scene->reader, $scene->moment, $scene->trail, $scene->names, $this->inputs($screen, $visit, $line), $scene->row, $at, $visit);
                $line->tap(new Doing($scene, $this->store, $outcome, $visit->confirmed), $item);
                if ($tap !== '') {
                    $this->store->keepAnswer($tap, ['say' => $outcome->say, 'go' => $outcome->go, 'back' => $outcome->back, 'over' => $outcome->over, 'open' => $outcome->open]);
                }
            });
        } catch (Refused $refused) {
            $this->nothing($outcome);
            $outcome->refused = $refused->getMessage();
            $trail->step('refused', $refused->getMessage(), $at);
        } catch (Unconfirmed $question) {
            $this->nothing($outcome);
            $outcome->confirm = ['text' => $question->getMessage(), 'at' => $question->at];
        } catch (Invalid $invalid) {
            $this->nothing($outcome);
            $outcome->errors = $invalid->errors;
            $trail->step('refused', $invalid->getMessage(), $at);
        }

        return $outcome;
    }

    /** Why the list at this place shows nothing. */
    public function whyEmpty(Visit $visit, string $at): ?EmptyAccount
    {
        $screen = $this->screenOf($at);
        $line = $screen === null ? null : ($screen->lines[(int) basename($at)] ?? null);
        if ($screen === null || ! $line instanceof \Lanai\Core\Lines\ListLine) {
            return null;
        }
        $table = $this->blueprint->table($line->table);
        $scene = $this->scene($screen, $visit, Trail::none())->at($at);

        return $table === null ? null : $scene->whyEmpty($table, $line->where, $line->belonging($scene, $table));
    }

    /**
     * @return array{Screen, Tappable}
     *
     * @throws Refused
     */
    private function lineAt(string $at, Visit $visit): array
    {
        $screen = $this->screenOf($at);
        $line = $screen === null ? null : ($screen->lines[(int) basename($at)] ?? null);
        $expected = $visit->screen === '' ? $this->blueprint->firstScreen() : $this->blueprint->screen($visit->screen);
        if ($screen === null || $screen !== $expected || ! $line instanceof Tappable) {
            throw new Refused('This screen has just changed. Please try again.');
        }

        return [$screen, $line];
    }

    private function screenOf(string $at): ?Screen
    {
        return preg_match('~^/screens/(\d+)/lines/\d+$~', $at, $found) ? ($this->blueprint->screens[(int) $found[1]] ?? null) : null;
    }

    /** @throws Refused where a row that the screen is about is not there */
    private function scene(Screen $screen, Visit $visit, Trail $trail): Scene
    {
        $reader = new Reader($this->store);
        $people = $this->blueprint->peopleTable();
        $names = ['me' => $people === null || $visit->person === null ? null : $reader->row($people->singular, $visit->person)];
        foreach ($screen->about as $i => $parameter) {
            $row = isset($visit->args[$i]) ? $reader->row($parameter->one, $visit->args[$i]) : null;
            $names[$parameter->name($this->blueprint)] = $row ?? throw new Refused("This $parameter->one is not there, or no longer.");
        }

        return new Scene($this->blueprint, $this->store, $reader, $visit->moment, $trail, $names, $visit->inputs, visit: $visit);
    }

    /**
     * What was typed into the screen's inputs, as values of their types; a form reads its own boxes itself.
     *
     * @return array<string, mixed>
     *
     * @throws Invalid
     */
    private function inputs(Screen $screen, Visit $visit, Tappable $tapped): array
    {
        $inputs = $visit->inputs;
        $errors = [];
        foreach ($screen->lines as $line) {
            if (! $line instanceof InputLine) {
                continue;
            }
            $name = Names::inFormula($line->name);
            try {
                $value = $line->type->read($visit->inputs[$name] ?? null);
                $one = $line->type->type()->one;
                $inputs[$name] = is_int($value) && $one !== '' ? (new Reader($this->store))->row($one, $value) : $value;
            } catch (UnreadableValue $unreadable) {
                $errors[$name] = $unreadable->getMessage();

                continue;
            }
            if ($line->required && $inputs[$name] === null) {
                $errors[$name] = 'Please fill this in.';
            }
        }
        if ($errors !== [] && ! $tapped instanceof \Lanai\Core\Lines\ListLine) {
            throw new Invalid($errors);
        }

        return $inputs;
    }

    /**
     * @param  list<array<string, mixed>>  $nodes
     * @return array<string, mixed>
     */
    private function frame(string $slug, string $title, array $nodes, string $problem): array
    {
        $tabs = [];
        foreach ($this->blueprint->tabs as $tab) {
            $screen = $this->blueprint->screen($tab->screen);
            if ($screen !== null) {
                $tabs[] = ['screen' => $screen->slug(), 'label' => $tab->label, 'icon' => $tab->icon];
            }
        }
        $theme = $this->blueprint->theme;

        return [
            'app' => $this->blueprint->name,
            'screen' => $slug,
            'title' => $title,
            'first' => $this->blueprint->firstScreen()?->slug() ?? '',
            'problem' => $problem,
            'nodes' => $nodes,
            'tabs' => $tabs,
            'theme' => ['main' => $theme->main, 'onMain' => $theme->onMain, 'background' => $theme->background, 'surface' => $theme->surface, 'text' => $theme->text],
        ];
    }

    /** @param  array<string, mixed>  $kept */
    private function again(array $kept, Outcome $outcome): void
    {
        $outcome->say = is_array($kept['say'] ?? null) ? array_values(array_filter($kept['say'], is_string(...))) : [];
        $go = $kept['go'] ?? null;
        $outcome->go = is_array($go) && is_string($go['screen'] ?? null) && is_array($go['args'] ?? null)
            ? ['screen' => $go['screen'], 'args' => array_values(array_filter($go['args'], is_int(...)))] : null;
        $outcome->back = ($kept['back'] ?? false) === true;
        $outcome->over = ($kept['over'] ?? false) === true;
        $outcome->open = is_string($kept['open'] ?? null) ? $kept['open'] : '';
    }

    private function nothing(Outcome $outcome): void
    {
        $outcome->say = [];
        $outcome->go = null;
        $outcome->back = false;
        $outcome->over = false;
        $outcome->open = '';
    }
}
