<?php

declare(strict_types=1);

namespace Lanai\Core\Player;

use Lanai\Core\Access\Rights;
use Lanai\Core\Model\MenuEntry;
use Lanai\Core\Model\Screen;
use Lanai\Core\Model\Tab;
use Lanai\Core\Play\Drawing;
use Lanai\Core\Rows\Refused;
use Lanai\Core\Rows\TooMuch;

/** Draws the screen of a visit: a view tree as in docs/view.schema.json. */
final readonly class Show
{
    /** Answers that tell what else to ask for are followed so often. */
    public const MOST_ROUNDS = 4;

    public function __construct(private Stage $stage)
    {
    }

    /** @return array<string, mixed> */
    public function view(): array
    {
        [$trail, $answers] = [$this->stage->trail, $this->stage->answers];
        $mark = count($trail->steps);
        $view = $this->drawn();
        // Each round may learn what the next must ask: an answer that tells what else to ask for.
        for ($round = 0; $this->stage->visit->waits && $round < self::MOST_ROUNDS && $answers?->isWanted() === true; $round++) {
            $trail->backTo($mark);
            $answers->fetch();
            $mark = count($trail->steps);
            $view = $this->drawn();
        }

        return $view;
    }

    /** @return array<string, mixed> */
    private function drawn(): array
    {
        $screen = $this->stage->screen();
        if ($screen === null) {
            return $this->frame(null, 'Nothing here yet', 'This app has no screens yet.');
        }
        if ($this->stage->visit->screen !== '' && $this->stage->blueprint->screen($this->stage->visit->screen) === null) {
            return $this->frame($screen, $screen->name, 'This screen is no longer there.');
        }
        try {
            $scene = $this->stage->scene($screen);
        } catch (Refused $refused) {
            return $this->frame($screen, $screen->name, $refused->getMessage());
        }
        $at = $this->stage->at($screen);
        $title = $screen->title === '' ? $screen->name : $scene->at($at)->text($screen->title, 'title');
        try {
            return $this->frame(
                $screen,
                $title,
                '',
                Drawing::nodes($screen->lines(), "$at/lines", $scene),
                Drawing::nodes($screen->actions(), "$at/actions", $scene),
            );
        } catch (TooMuch $much) {
            return $this->frame($screen, $title, $much->getMessage());
        }
    }

    /**
     * @param  list<array<string, mixed>>  $nodes
     * @param  list<array<string, mixed>>  $actions
     * @return array<string, mixed>
     */
    private function frame(?Screen $screen, string $title, string $problem, array $nodes = [], array $actions = []): array
    {
        $at = $this->stage->blueprint->screen((string) $this->stage->blueprint->signIn?->at);
        $ways = function (array $entries): array {
            $shown = [];
            foreach ($entries as $entry) {
                $to = $entry instanceof Tab || $entry instanceof MenuEntry ? $this->stage->blueprint->screen($entry->screen) : null;
                if ($to !== null) {
                    $shown[] = ['screen' => $to->slug(), 'label' => $entry->label, 'icon' => $entry->icon];
                }
            }

            return $shown;
        };

        return [
            'app' => $this->stage->blueprint->name,
            'screen' => $screen?->slug() ?? '',
            'title' => $title,
            'first' => $this->stage->blueprint->firstScreen()?->slug() ?? '',
            'problem' => $problem,
            'full' => $screen->full ?? false,
            'opens' => ($screen->opens ?? '') === '' ? 'sliding' : $screen->opens ?? 'sliding',
            'nodes' => $nodes,
            'actions' => $actions,
            'tabs' => $ways($this->stage->blueprint->tabs),
            'menu' => $ways($this->stage->blueprint->menu),
            'theme' => $this->stage->blueprint->theme->drawn(),
        ] +
            ($screen === null || $screen->bar === '' ? [] : ['bar' => $screen->bar]) +
            ($this->stage->answers?->isWanted() === true ? ['awaits' => true] : []) +
            ($at === null || $at === $screen || Rights::over($this->stage->store)?->me !== null ? [] : ['signIn' => $at->slug()]);
    }
}
