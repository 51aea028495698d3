<?php

declare(strict_types=1);

namespace Lanai\Core\Player;

use Lanai\Core\Access\Rights;
use Lanai\Core\Lines\Inbox;
use Lanai\Core\Lines\NewerVersion;
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
        $own = $this->stage->blueprint->own();
        $screen = $this->stage->screen();
        if ($screen === null) {
            return $this->frame(null, $own->say('Nothing here yet'), $own->say('This app has no screens yet.'));
        }
        $name = $this->stage->blueprint->shown($screen->name, $screen->name);
        if ($this->stage->visit->screen !== '' && $this->stage->blueprint->screen($this->stage->visit->screen) === null) {
            return $this->frame($screen, $name, $own->say('This screen is no longer there.'));
        }
        try {
            $scene = $this->stage->scene($screen);
        } catch (Refused $refused) {
            return $this->frame($screen, $name, $this->stage->blueprint->refusal($refused->getMessage()));
        }
        $at = $this->stage->at($screen);
        $title = $screen->title === '' ? $name : $scene->at($at)->text($screen->title, 'title');
        try {
            return $this->frame(
                $screen,
                $title,
                '',
                Drawing::nodes($screen->lines(), "$at/lines", $scene),
                Drawing::nodes($screen->actions(), "$at/actions", $scene),
            );
        } catch (TooMuch $much) {
            return $this->frame($screen, $title, $this->stage->blueprint->refusal($much->getMessage()));
        }
    }

    /**
     * Where the package is too old to go on: what takes its place.
     *
     * @return array{update?: array{version: string, news: string, address: string}}
     */
    private function required(): array
    {
        [$oldest, $visit] = [$this->stage->blueprint->release->oldest, $this->stage->visit];
        if ($oldest === null || $visit->build === null || $visit->build >= $oldest) {
            return [];
        }
        // Nobody is shut out before there is something to go on with.
        $newer = $this->stage->releases?->newer($visit->store, $visit->build);

        return $newer === null || $newer->build < $oldest ? [] : ['update' => NewerVersion::told($newer)];
    }

    /** How much of what was written to whoever looks they have not read; 0 where no screen shows it. */
    private function unread(): int
    {
        $person = $this->stage->visit->person;
        if ($person === null || $this->stage->messaging === null) {
            return 0;
        }
        $shown = array_filter([...$this->stage->blueprint->tabs, ...$this->stage->blueprint->menu], function (Tab|MenuEntry $entry): bool {
            $screen = $this->stage->blueprint->screen($entry->screen);

            return $screen !== null && self::holdsInbox($screen);
        });

        return $shown === [] ? 0 : $this->stage->messaging->unread($person);
    }

    private static function holdsInbox(Screen $screen): bool
    {
        return array_filter($screen->lines(), fn (object $line): bool => $line instanceof Inbox) !== [];
    }

    /**
     * @param  list<array<string, mixed>>  $nodes
     * @param  list<array<string, mixed>>  $actions
     * @return array<string, mixed>
     */
    private function frame(?Screen $screen, string $title, string $problem, array $nodes = [], array $actions = []): array
    {
        $at = $this->stage->blueprint->screen((string) $this->stage->blueprint->signIn?->at);
        $unread = $this->unread();
        $ways = function (array $entries) use ($unread): array {
            $shown = [];
            foreach ($entries as $entry) {
                $to = $entry instanceof Tab || $entry instanceof MenuEntry ? $this->stage->blueprint->screen($entry->screen) : null;
                if ($to !== null) {
                    $shown[] = ['screen' => $to->slug(), 'label' => $entry->label, 'icon' => $entry->icon]
                        + ($unread > 0 && self::holdsInbox($to) ? ['badge' => $unread] : []);
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
            $this->required() +
            ($at === null || $at === $screen || Rights::over($this->stage->store)?->me !== null ? [] : ['signIn' => $at->slug()]);
    }
}
