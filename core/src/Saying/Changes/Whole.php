<?php

declare(strict_types=1);

namespace Lanai\Core\Saying\Changes;

use Lanai\Core\Edits\Edit;
use Lanai\Core\Edits\Kinds\AddLanguage;
use Lanai\Core\Edits\Kinds\LetAdvertsIn;
use Lanai\Core\Edits\Kinds\LetMessagesIn;
use Lanai\Core\Edits\Kinds\LetPeopleBlock;
use Lanai\Core\Edits\Kinds\LetPeopleIn;
use Lanai\Core\Model\Access\Unless;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Pointer;
use Lanai\Core\Saying\Change;
use Lanai\Core\Saying\Known;
use Lanai\Core\Saying\Proposal;
use Lanai\Core\Saying\Understood;
use Lanai\Core\Saying\Utterance;
use Lanai\Core\Text\Tongues;

/** What Lanai adds to an app in one go: sign-in, messages, adverts, blocking, a language. */
final readonly class Whole implements Change
{
    public function hear(Utterance $said, Known $app): ?Understood
    {
        $blueprint = $app->blueprint;
        $found = $said->fits(
            '(translate) [it|the app|everything] (into|to) {language}',
            '(add|offer|speak) [the language] {language}',
            '(make|offer) it in {language}',
            '(offer|make|show) [the app] [also] in {language}',
            '(add) {language} as a language',
        );
        $tongue = $found === null ? '' : self::tongue($found['language']);
        if ($tongue !== '') {
            return self::taken(
                'Offer it in '.Tongues::NAMES[$tongue],
                new AddLanguage($tongue),
                $blueprint,
                'station:reach',
                'Languages',
                'It is offered in that language already.',
            );
        }
        if ($said->fits(
            '(let|allow|make) [people|users|them|everyone] [to] (sign in|sign up|log in|register)',
            '(add|with|use|have) [a|the] (sign-in|sign in|login|log-in|accounts|user accounts|sign-up|registration)',
            '(people|users) (should|can|should be able to|must) (sign in|log in|sign up|register)',
            '(people|users) (should|can|should be able to|must) (have an account|have accounts)',
        ) !== null) {
            return self::taken('Let people sign in', new LetPeopleIn(), $blueprint, 'station:people', 'People', 'People can sign in already.');
        }
        if (
            $said->fits(
                '(add|show|use|have|put in|let in) [some] (adverts|ads|advertising|advertisements)',
                '(earn|make money) with (adverts|ads|advertising)',
            ) !== null
        ) {
            return self::taken(
                'Show adverts',
                new LetAdvertsIn(),
                $blueprint,
                'station:earnings',
                'Adverts',
                'This app shows adverts already: where they stand is said on each screen.',
            );
        }
        if (
            $said->fits(
                '(add|send|use|have|let in) [push] (messages|notifications|push|push messages|push notifications)',
                '(let|allow) [us|me|the app] [to] (send messages|send notifications|notify people|write to people)',
            ) !== null
        ) {
            return self::taken(
                'Send messages to people who want them',
                new LetMessagesIn(),
                $blueprint,
                'station:reach',
                'Messages',
                'It sends messages already: which, is said in Reach.',
            );
        }
        if (
            $said->fits(
                '(let|allow) [people|users|them] [to] block [each other|others|people|somebody|people who are rude]',
                '(people|users) (can|should be able to) block [each other|others|people]',
                '(add) blocking',
            ) !== null
        ) {
            foreach ($blueprint->walk()->nodesOf(Unless::class) as $spot) {
                return Understood::answering(
                    'People can block each other already.',
                    [['label' => 'Rights', 'at' => Pointer::parent(Pointer::parent($spot->at))]],
                );
            }

            return self::taken(
                'Let people block each other',
                new LetPeopleBlock(),
                $blueprint,
                'station:people',
                'People',
                'People can block each other already.',
            );
        }

        return null;
    }

    private static function taken(string $label, Edit $edit, Blueprint $blueprint, string $station, string $place, string $else): Understood
    {
        return Understood::proposing([Proposal::of($label, $blueprint, [$edit])]) ?? Understood::answering($else, [['label' => $place, 'at' => $station]]);
    }

    private static function tongue(string $words): string
    {
        foreach (Tongues::NAMES as $tongue => $name) {
            if (mb_strtolower($name) === mb_strtolower(trim($words)) || mb_strtolower(explode(' ', $name)[0]) === mb_strtolower(trim($words))) {
                return (string) $tongue;
            }
        }

        return '';
    }
}
