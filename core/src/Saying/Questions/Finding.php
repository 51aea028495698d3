<?php

declare(strict_types=1);

namespace Lanai\Core\Saying\Questions;

use Lanai\Core\Edits\Uses;
use Lanai\Core\Saying\Change;
use Lanai\Core\Saying\Changes\FieldRules;
use Lanai\Core\Saying\Known;
use Lanai\Core\Saying\Understood;
use Lanai\Core\Saying\Utterance;
use Lanai\Core\Text\Pattern;

/** “Go to Swim.” “Where is the price used?” “Bookings.” Finds tables, fields, screens, lines and stations, and leads there. */
final readonly class Finding implements Change
{
    private const MOST = 8;

    /** Where in Lanai something is done. */
    public const STATIONS = [
        'data' => 'data|rows|records|import|export|csv|spreadsheet|excel|backup',
        'services' => 'services?|api|apis|connections?|weather|web service|ai|model|key|keys',
        'people' => 'people|accounts|roles?|rights|permissions?|access|sign-in|password|members',
        'screens' => 'screens?|pages?|theme|look|colours?|colors?|icons?|assets?',
        'earnings' => 'earnings|money|products?|prices?|subscriptions?|payments?|adverts?|ads|books|invoices?',
        'reach' => 'reach|messages?|notifications?|push|funnels?|onboarding|languages?|translations?|statistics|usage',
        'release' => 'release|publish|store|stores|packages?|builds?|testers?|version|versions|review|submit|live|website',
    ];

    public function hear(Utterance $said, Known $app): ?Understood
    {
        $text = rtrim($said->text, '? ');
        if (
            Pattern::match(
                '~^(?:where (?:is|are|do i find|do you use|did i use)|what uses|who uses|show uses of|'.
                    'where else is)\s+(?:the\s+)?(?<what>.+?)(?<used>\s+(?:used|shown|needed|spoken of))?$~iu',
                $text,
                $found,
            )
        ) {
            $isUsed = ($found['used'] ?? '') !== '' || Pattern::match('~^(?:what|who) uses|^show uses~iu', $text);

            return $isUsed ? $this->uses($found['what'], $app) : self::named($found['what'], $app);
        }
        if (Pattern::match('~^(?:go to|open|show me|take me to|find|search for|look for|jump to|goto|edit)\s+(?:the\s+)?(?<what>.+)$~iu', $text, $found)) {
            return self::named($found['what'], $app);
        }

        return null;
    }

    private function uses(string $what, Known $app): ?Understood
    {
        $places = [];
        foreach (FieldRules::named($what, $app) as [$table, $field]) {
            $places["$field->name of $table->name"] = $app->fieldAt($table, $field);
        }
        foreach ($app->tables($what) as $table) {
            $places["the table $table->name"] = $app->tableAt($table);
        }
        foreach ($app->screens($what) as $screen) {
            $places["the screen $screen->name"] = $app->screenAt($screen);
        }
        $said = $finds = [];
        foreach (array_slice($places, 0, 3, true) as $name => $at) {
            $uses = Uses::of($app->blueprint, $at);
            $said[] = ucfirst($name).' '.($uses === [] ? 'is used nowhere.' : 'is used in '.count($uses).' '.(count($uses) === 1 ? 'sentence.' : 'sentences.'));
            foreach (array_slice($uses, 0, self::MOST) as $use) {
                $finds[] = ['label' => ucfirst($use['place']).': '.mb_strimwidth($use['sentence'], 0, 90, '…'), 'at' => $use['at']];
            }
        }

        return $said === [] ? null : Understood::answering(implode(' ', $said), array_slice($finds, 0, self::MOST));
    }

    /** Everything of that name. */
    public static function named(string $what, Known $app): ?Understood
    {
        $finds = [];
        foreach ($app->screens($what) as $screen) {
            $finds[$app->screenAt($screen)] = "Screen $screen->name";
        }
        foreach ($app->tables($what) as $table) {
            $finds[$app->tableAt($table)] = "Table $table->name";
        }
        foreach (FieldRules::named($what, $app) as [$table, $field]) {
            $finds[$app->fieldAt($table, $field)] = "$field->name of $table->name";
        }
        foreach (array_slice($app->linesMeant($what), 0, 4) as $line) {
            $finds[$line->at()] = ucfirst($line->called()).' '.$line->where();
        }
        $plain = Pattern::replace('~^(?:the|my|our)\s+|\s+station$~iu', '', trim($what));
        foreach (self::STATIONS as $station => $words) {
            if (mb_strtolower($plain) === $station || Pattern::match("~^(?:$words)$~iu", $plain)) {
                $finds["station:$station"] = 'Station '.ucfirst($station);
            }
        }
        $made = [];
        foreach (array_slice($finds, 0, self::MOST, true) as $at => $label) {
            $made[] = ['label' => $label, 'at' => (string) $at];
        }

        return $made === [] ? null : Understood::finding($made);
    }
}
