<?php

declare(strict_types=1);

namespace Standins\Till;

use Standins\Answer;
use Standins\Page;

/** The page on which somebody sees what they pay for, and changes, agrees to, pauses or ends it. */
final class Manage
{
    /**
     * @param  array<string, mixed>  $sale
     * @param  bool  $disputes  a bank can take a payment back
     */
    public static function page(array $sale, string $address, bool $disputes): Answer
    {
        $button = fn (string $do, string $words, bool $main = false): string => '<button'.($main ? ' class="main"' : '')
            ." name=\"do\" value=\"$do\">".Page::text($words).'</button>';
        $runs = $sale['every'] !== '' && ! isset($sale['back at']);
        $ended = $sale['ended'] ?? false;
        $say = [self::change($sale), self::rise($sale), isset($sale['pause']) ? 'It pauses when what is paid is over, until '.$sale['pause'].'.' : ''];
        $until = $runs ? '<p>'.($ended ? 'It ends on ' : 'It is paid again on ').Page::text(Sale::due($sale)->format('j F Y, H:i')).'.</p>' : '';
        $buttons = [
            isset($sale['change']) && $runs && ! $ended ? $button('change', 'Change', true).$button('keep', 'Leave it as it is') : '',
            isset($sale['rise']) && $sale['rise']['asks'] && ! ($sale['rise']['agreed'] ?? false) && ! $ended ? $button('agree', 'Agree', true) : '',
            $runs && ! $ended && ! isset($sale['pause']) && ! isset($sale['change']) ? $button('pause', 'Pause for a month') : '',
            $runs && ! isset($sale['change']) ? $button($ended ? 'stay' : 'end', $ended ? 'Go on with it' : 'End it') : '',
            isset($sale['back at']) || isset($sale['change']) ? '' : $button('refund', 'Have the money back'),
        ];
        $bank = match (true) {
            ! $disputes || isset($sale['back at']) || isset($sale['change']) => '',
            $sale['disputed'] ?? false => '<h2>At the bank, for practice</h2><p>'.$button('won', 'The seller is right')
                .$button('lost', 'The buyer is right').'</p>',
            default => '<h2>At the bank, for practice</h2><p>'.$button('dispute', 'Take the last payment back').'</p>',
        };
        $said = implode('', array_map(fn (string $one): string => $one === '' ? '' : '<p>'.Page::text($one).'</p>', $say));

        return Page::of(
            'What you pay for',
            '<small>For practice: no money moves</small><h1>'.Page::text($sale['name']).'</h1><p>'.Page::text($sale['shop']).': '.
                Page::text(Sale::terms(['freeDays' => 0, 'firstTimes' => 0] + $sale))."</p>$until$said<form method=\"post\" action=\"".
                Page::text($address).'"><p>'.implode('', $buttons)."</p>$bank<p>".$button('back', 'Back to the app').'</p></form>',
        );
    }

    /** @param  array<string, mixed>  $sale */
    private static function change(array $sale): string
    {
        if (! isset($sale['change'])) {
            return '';
        }
        $to = $sale['change']['to'];
        $terms = "$to[name]: ".Sale::terms(['freeDays' => 0, 'firstTimes' => 0] + $to);
        [$amount, $until] = Sale::costs($sale, $to, Sale::now());

        return $sale['change']['now']
            ? "$terms. You pay ".Sale::money($amount, $to['currency']).' now, and again on '.$until->format('j F Y, H:i').'.'
            : "$terms, from ".Sale::due($sale)->format('j F Y, H:i').' on. You pay nothing now.';
    }

    /** @param  array<string, mixed>  $sale */
    private static function rise(array $sale): string
    {
        if (! isset($sale['rise'])) {
            return '';
        }
        $rise = $sale['rise'];
        $asks = match (true) {
            ! $rise['asks'] => '',
            $rise['agreed'] ?? false => ' You have agreed to it.',
            default => ' If you do not agree, it ends then.',
        };

        return 'From '.date('j F Y', (int) strtotime($rise['from'])).' on it costs '.Sale::money($rise['price'], $sale['currency']).".$asks";
    }

    /**
     * @param  array<string, mixed>  $sale
     * @param  array<string, mixed>  $form
     * @return array<string, mixed>|null null where only the page is left
     */
    public static function did(array $sale, array $form, bool $disputes): ?array
    {
        $do = is_string($form['do'] ?? null) ? $form['do'] : '';
        if ($do === 'keep') {
            unset($sale['change']);

            return $sale;
        }
        $may = in_array($do, ['change', 'agree', 'pause', 'end', 'stay', 'refund', ...$disputes ? ['dispute', 'won', 'lost'] : []], true);

        return $may ? Sale::managed($sale, $do, Sale::now()) : null;
    }
}
