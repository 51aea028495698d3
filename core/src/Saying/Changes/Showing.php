<?php

declare(strict_types=1);

namespace Lanai\Core\Saying\Changes;

use Lanai\Core\Saying\Amend;
use Lanai\Core\Saying\Change;
use Lanai\Core\Saying\Conditions;
use Lanai\Core\Saying\Known;
use Lanai\Core\Saying\Line;
use Lanai\Core\Saying\Proposal;
use Lanai\Core\Saying\Understood;
use Lanai\Core\Saying\Utterance;
use Lanai\Core\Text\Pattern;

/** “Hide the button when full.” “Show the form only to hosts.” */
final readonly class Showing implements Change
{
    private const HIDE = [
        '(hide|do not show|don\'t show|take away) {line} (when|if|while|once|as soon as|where|unless) {if}',
        '(when|if) {if} (hide|do not show|don\'t show) {line}',
        '(hide) {line} (from|for) {if}',
    ];

    private const SHOW = ['(show|display) {line} only (when|if|while|where|as long as|once) {if}', '(show|display) {line} only (to|for) {if}',
        'only show {line} (when|if|while|where|as long as|once) {if}', 'only show {line} (to|for) {if}',
        '(show|display) {line} (when|if|while|as long as|once) {if}', '(when|if) {if} (show|display) {line}'];

    private const ENABLE = ['(disable|grey out|gray out|lock) {line} (when|if|while|unless) {if}'];

    private const ALWAYS = ['(always show) {line}', '(show) {line} always', '(show) {line} to (everyone|everybody|anyone)'];

    public function hear(Utterance $said, Known $app): ?Understood
    {
        $always = $said->fits(...self::ALWAYS);
        if ($always !== null) {
            return $this->always($always['line'], $app);
        }
        foreach ([[self::HIDE, true, 'if'], [self::SHOW, false, 'if'], [self::ENABLE, true, 'enabled']] as [$ways, $isNot, $key]) {
            foreach ($ways as $way) {
                $found = $said->fits($way);
                if ($found === null) {
                    continue;
                }
                $unless = Pattern::match('~\bunless\s+'.preg_quote($found['if'], '~').'\s*$~iu', $said->text);
                $understood = $this->shown($found['line'], $found['if'], $isNot !== $unless, $key, $said, $app);
                if ($understood !== null) {
                    return $understood;
                }
            }
        }

        return null;
    }

    private function shown(string $spoken, string $condition, bool $isNot, string $key, Utterance $said, Known $app): ?Understood
    {
        $proposals = $answers = [];
        foreach ($app->linesMeant($spoken) as $line) {
            $screen = $app->blueprint->screen($line->screen);
            $scope = $app->blueprint->walkTo($line->at())->nodeAt($line->at())?->scope;
            $heard = $screen === null ? null : (new Conditions($app))->heard($condition, $screen, $scope);
            if ($heard === null) {
                continue;
            }
            $formula = $heard[$isNot ? 1 : 0];
            $words = Conditions::inWords($formula, $scope);
            $which = "{$line->called()} {$line->where()}";
            $label = $key === 'enabled' ? "$which can be tapped only if $words" : "Show $which only if $words";
            $made = Proposal::of(ucfirst($label), $app->blueprint, [Amend::put("{$line->at()}/$key", Amend::both($line->text($key), $formula))]);
            if ($made === null) {
                return Understood::answering(
                    'It is so already: '.$line->called().' '.$line->where().' is shown only if '.Conditions::inWords($line->text($key), $scope).'.',
                    [['label' => $line->called(), 'at' => $line->at()]],
                );
            }
            $proposals[] = $made;
            $name = $line->label() === '' ? $line->called() : '"'.strtr($line->label(), ['"' => '']).'"';
            $answers[ucfirst($line->called()).' '.$line->where()] = str_replace($spoken, $name.($line->screen === '' ? '' : " on $line->screen"), $said->text);
        }

        return count($answers) > 3 ? Understood::asking('Several could be meant. Which one?', $answers) : Understood::proposing($proposals);
    }

    private function always(string $words, Known $app): ?Understood
    {
        $lines = array_filter($app->linesMeant($words), fn (Line $line): bool => isset($line->spot->data['if']));

        return Understood::proposing(array_map(
            fn (Line $line): ?Proposal => Proposal::of("Always show {$line->called()} {$line->where()}", $app->blueprint, [Amend::leave("{$line->at()}/if")]),
            array_values($lines),
        ));
    }
}
