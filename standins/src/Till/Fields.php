<?php

declare(strict_types=1);

namespace Standins\Till;

use Standins\Page;

/** What the pages on which something is paid ask alike. */
final class Fields
{
    /** @param  string  $home  the country that is chosen until another one is; '' for none */
    public static function country(string $home = ''): string
    {
        $countries = '';
        foreach (Sale::COUNTRIES as $code => $name) {
            $countries .= "<option value=\"$code\"".($code === $home ? ' selected' : '').'>'.Page::text($name).'</option>';
        }

        return "<label>Your country <select name=\"country\">$countries</select></label>";
    }

    /** @param  array<string, mixed>  $sale */
    public static function time(array $sale): string
    {
        return $sale['every'] === ''
            ? ''
            : '<label>Time runs <select name="time"><option value="">as it does</option>'
                .'<option value="short">fast: a month in five minutes</option></select></label>';
    }
}
