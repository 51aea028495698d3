<?php

declare(strict_types=1);

namespace Lanai\Core\Findings\Rules;

use Lanai\Core\Effects\AskToNotify;
use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Mend;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Findings\Rule;
use Lanai\Core\Findings\Station;
use Lanai\Core\Lines\Channels;
use Lanai\Core\Lines\Inbox;
use Lanai\Core\Model\Reach\Message;
use Lanai\Core\Reach\Cadence;

/** Messages that never come, that nobody was asked about, or that nobody can turn off. */
final class MessageMatters implements Rule
{
    private const REASON = 'Then you hear of what is new, also while this app is closed.';

    public function holds(): string
    {
        return 'Every message comes to people who were asked, and who can turn it off.';
    }

    public function station(): Station
    {
        return Station::Reach;
    }

    public function look(Reading $reading): iterable
    {
        $blueprint = $reading->blueprint;
        yield from $this->asking($reading);
        if (! $reading->isAround()) {
            return;
        }
        foreach ($blueprint->sends as $i => $message) {
            yield from $this->ofMessage($reading, $message, "/sends/$i");
        }
        if ($blueprint->messages === null) {
            return;
        }
        foreach (['quiet' => $blueprint->messages->quiet, 'until' => $blueprint->messages->until] as $time) {
            if ($time !== '' && Cadence::ofDay($time) === null) {
                yield Finding::blocking(self::class, '/messages', "“{$time}” is no time of the day: write it as “21:30”. Until then no hour is quiet.");
            }
        }
    }

    /** @return iterable<Finding> */
    private function asking(Reading $reading): iterable
    {
        $blueprint = $reading->blueprint;
        $places = $reading->placesOf(AskToNotify::class);
        $first = $blueprint->firstScreen();
        $firstAt = $first === null ? '' : '/screens/'.$blueprint->screenIndex($first->name).'/';
        foreach ($places as $at => $data) {
            if (($data['reason'] ?? '') === '') {
                yield Finding::warning(
                    self::class,
                    $at,
                    'Nothing says why: whoever does not know what comes says no, and is not asked again.',
                    new Mend('A reason to begin with', [['op' => 'add', 'path' => "$at/reason", 'value' => self::REASON]]),
                );
            }
            if (str_starts_with($at, $firstAt)) {
                yield Finding::warning(self::class, $at, 'It is asked on the first screen, before anybody knows what for: most say no there, for good.');
            }
        }
        if ($places === [] && $blueprint->sends !== [] && $reading->isAround()) {
            $letters = array_filter($blueprint->sends, fn (Message $m): bool => ! $m->letter && ! $m->inbox);
            if ($letters !== []) {
                yield Finding::blocking(
                    self::class,
                    '/sends/'.array_key_first($letters),
                    'Nobody is asked whether messages may come, so that none comes to any phone: let something that is tapped “ask to send messages”.',
                );
            }
        }
    }

    /** @return iterable<Finding> */
    private function ofMessage(Reading $reading, Message $message, string $at): iterable
    {
        $blueprint = $reading->blueprint;
        $channel = $blueprint->messages?->channel($message->channel);
        $first = $blueprint->messages->channels[0] ?? null;
        if ($message->says === [] || $message->says[0]->title === '') {
            yield Finding::blocking(self::class, $at, "“{$message->name}” says nothing: write what it says.");
        }
        if ($message->channel !== '' && $channel === null) {
            $said = "There is no channel “{$message->channel}”: nobody could turn it off.";
            $mend = $first === null ? null : new Mend("Send it on $first->name", [['op' => 'replace', 'path' => "$at/channel", 'value' => $first->name]]);
            yield Finding::blocking(self::class, $at, $said, $mend);
        } elseif ($message->channel === '' && $message->to === '') {
            yield Finding::warning(
                self::class,
                $at,
                'It comes on no channel: people can turn it off only together with everything else.',
                $first === null ? null : new Mend("Send it on $first->name", [['op' => 'add', 'path' => "$at/channel", 'value' => $first->name]]),
            );
        }
        if ($channel !== null && $blueprint->peopleTable() !== null && $reading->placesOf(Channels::class) === []) {
            yield Finding::warning(self::class, $at, 'Nowhere can people turn it off: let a screen show the “Channels”.');
        }
        if ($message->inbox && $reading->placesOf(Inbox::class) === []) {
            yield Finding::blocking(self::class, $at, 'It lies also in the inbox, and no screen shows an “Inbox”.');
        }
        if (($message->to !== '' || $message->those !== '') && $blueprint->peopleTable() === null) {
            yield Finding::blocking(self::class, $at, 'It is for some people, and nobody signs in to this app.');
        }
        $whens = array_filter(['a row' => $message->row !== '', 'each row' => $message->one !== '', 'a time' => $message->every !== '']);
        if (count($whens) > 1) {
            yield Finding::blocking(self::class, $at, 'It has two times at which it is sent, by '.implode(' and by ', array_keys($whens)).': say one of them.');
        }
        if ($message->one !== '' && $message->moment === '') {
            yield Finding::blocking(self::class, $at, "Nothing says at which time it is sent for each $message->one.");
        }
        if ($message->at !== '' && Cadence::ofDay($message->at) === null) {
            yield Finding::blocking(self::class, $at, "“{$message->at}” is no time of the day: write it as “18:00”.");
        }
        if ($message->every === 'hour' && ! $message->silent) {
            yield Finding::warning(self::class, $at, 'Every hour is very often: whoever is rung at each hour turns messages off.');
        }
    }
}
