<?php

declare(strict_types=1);

namespace Lanai\Core\Saying;

use Lanai\Core\Saying\Questions\Finding;
use Lanai\Core\Text\Pattern;

/** What cannot be done by saying it, or not with Lanai at all: why, and where it is done. */
final class Elsewhere
{
    /** Words => why, and the station in which it is done; '' for nowhere. */
    private const DONE = [
        '\bundo\b|take (?:it|that) back|go back to (?:yesterday|before|an earlier)' => [
            'Undo with Ctrl+Z; how the app was on another day stands in its history.',
            '',
        ],
        '\b(?:publish|go live|put (?:it )?live|submit|release it|upload (?:it )?to the stores?|app ?stores?)\b' => [
            'That is done in Release, stop by stop: nothing goes to a store by a sentence alone.',
            'release',
        ],
        '\b(?:build|make) (?:a |the |an )?(?:package|apk|aab|ipa|installer|download)\b' => ['Packages are built in Release, in some seconds.', 'release'],
        '\b(?:testers?|beta)\b' => ['Testers are invited in Release.', 'release'],
        '\b(?:import|upload|csv|excel|xlsx|spreadsheet)\b' => ['Rows come in through Data: choose a table, then a file.', 'data'],
        '\b(?:export|download|back ?up)\b' => ['Everything can be taken along from Data, as files that other programs read.', 'data'],
        '\b(?:sample|test|example|dummy) (?:rows|data|entries)\b' => ['Sample rows are made in Data, beside the table.', 'data'],
        '\b(?:add|create|enter|delete|remove|change) (?:a |an |the |all )?(?:row|rows|record|records|entry|entries)\b' => [
            'Rows are written in Data, or in the deck as people write them.',
            'data',
        ],
        '\b(?:invite|block|ban|unblock) (?:a |an |the )?(?:founder|colleague|co-?worker|person|user|[\w.]+@)' => [
            'People and their accounts stand in People.',
            'people',
        ],
        '\b(?:password|reset)\b' => ['Accounts and passwords stand in People.', 'people'],
        '\b(?:price|plan|subscription|discount|coupon|voucher|trial|refund|pay ?out|invoice|tax|vat)\b' => [
            'What is sold, and for how much, is said in Earnings.',
            'earnings',
        ],
        '\b(?:api|endpoint|webhook|token|rest|graphql|json|web service|http)\b' => [
            'Services are begun in Services, from an address, an example or a description.',
            'services',
        ],
        '\b(?:chat ?bot|ai|gpt|llm|model|artificial intelligence)\b' => ['A helper is an answer of a service: begin one in Services.', 'services'],
        '\b(?:funnel|conversion|analytics|statistics|how many (?:people|users|visits)|visitors)\b' => [
            'How many people come, and how far, stands in Reach.',
            'reach',
        ],
        '\b(?:newsletter|campaign|push message|mailing)\b' => ['Messages to people are written in Reach.', 'reach'],
        '\b(?:icon of the app|app icon|screenshot|store picture|description in the store)\b' => [
            'How the app looks in the stores is said in Release.',
            'release',
        ],
        '\b(?:3d|three.?d|augmented|virtual reality|vr|ar|game|physics|multiplayer)\b' => [
            'Lanai makes apps of screens with data. It draws no games and no rooms in three dimensions.',
            '',
        ],
        '\b(?:bluetooth|nfc|sensors?|steps counter|step counter|heart ?rate|smart ?watch|watch app|widget)\b' => [
            'Lanai cannot reach that part of a phone yet.',
            '',
        ],
        '\b(?:video ?calls?|live ?stream|streaming|voice calls?|conference)\b' => [
            'Lanai has no calls and no live pictures. A button can open such a service by its address.',
            '',
        ],
        '\b(?:java ?script|php|python|html|css|sql|write (?:some )?code|own code|plug-?in)\b' => [
            'Lanai has no code to write. All of an app is sentences: the script shows them.',
            '',
        ],
        '\b(?:animation|animate|particles|confetti|transition)\b' => ['Screens can slide, rise or fade in; other movement Lanai does not have.', 'screens'],
        '\b(?:domain|dns|host|server|address of the app)\b' => ['A name of its own on the web is given in Release.', 'release'],
        '\bblockchain|crypto|bitcoin|token sale|nft\b' => ['Lanai takes payments through stores and tills in ordinary currencies only.', 'earnings'],
        '\b(?:hack|steal|scrape|copy (?:the )?app)\b' => ['Lanai does not do that.', ''],
    ];

    public static function of(Utterance $said): ?Understood
    {
        foreach (self::DONE as $words => [$why, $station]) {
            if (Pattern::match("~$words~iu", $said->text)) {
                return Understood::refusing($why, $station === '' ? [] : [['label' => ucfirst($station), 'at' => "station:$station"]]);
            }
        }

        return null;
    }

    /** Nothing was understood: what can be said instead, with this app's own names. */
    public static function unknown(Known $app): Understood
    {
        $screen = $app->blueprint->screens[0]->name ?? 'the first screen';
        $table = array_values(array_filter($app->blueprint->tables, fn ($one): bool => ! $one->people))[0] ?? null;
        $many = mb_strtolower($table->name ?? 'things');

        return Understood::refusing(
            'That was not understood. Say one change at a time, with the names of this app: '.
            "“add a price to {$many}”, “make the list of $many cards”, “rename $screen to …”, “a darker green”.",
        );
    }

    public static function found(Utterance $said, Known $app): ?Understood
    {
        return str_word_count($said->text) <= 4 ? Finding::named(rtrim($said->text, '?'), $app) : null;
    }
}
