<?php

declare(strict_types=1);

namespace Lanai\Core\Findings\Rules;

use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Mend;
use Lanai\Core\Findings\OfOneScreen;
use Lanai\Core\Findings\Reading;
use Lanai\Core\Findings\Station;
use Lanai\Core\Services\RequestValue;
use Lanai\Core\Text\Pattern;

/** A key that was typed into a text, a header or a formula: it would be in the script, in every revision, and in the package. */
final class SecretTyped implements OfOneScreen
{
    /** Where long words are no secrets: names of files, and the shapes of answers. */
    private const APART = ['file', 'shape', 'stored', 'picture', 'iconPicture'];

    private const HEADERS = '/^(authorization|proxy-authorization|cookie|(x-)?(api|auth|access|subscription|app)[-_]?(key|token|id|secret)|x-.*(key|'
        .'token|secret))$/i';

    private const QUERIES = '/^(key|api[-_]?key|app[-_]?id|access[-_]?token|auth[-_]?token|client[-_]?secret|secret|token)$/i';

    public function holds(): string
    {
        return 'No key stands in a text, a header or a formula.';
    }

    public function station(): Station
    {
        return Station::Services;
    }

    public function look(Reading $reading): iterable
    {
        foreach ($reading->nodesOf(RequestValue::class) as $sent) {
            $header = $sent->text('in') === 'header' && Pattern::match(self::HEADERS, $sent->text('name'));
            $query = $sent->text('in') === 'query' && Pattern::match(self::QUERIES, $sent->text('name'));
            if (($header || $query) && Pattern::match('/^"[^"]{6,}"$/', trim($sent->text('value')))) {
                yield Finding::blocking(
                    self::class,
                    "$sent->at/value",
                    "“{$sent->text(
                        'name',
                    )}” carries a key that stands in the app itself. Say how the service is signed in to, and enter the key there: it is kept "
                        .'encrypted, and no script or package holds it.',
                    new Mend('Take it out of the app', [['op' => 'remove', 'path' => $sent->at]]),
                );
            }
        }
        foreach ($reading->walk()->blanks as $spot) {
            if (
                ! in_array($spot->blank->fit->kind(), ['text', 'plain', 'formula'], true) ||
                in_array($spot->blank->key, self::APART, true) ||
                ($spot->node->is(RequestValue::class) && $spot->blank->key === 'value' && Pattern::match(self::HEADERS, $spot->node->text('name')))
            ) {
                continue;
            }
            if ($reading->secrets->stand($spot->text())) {
                yield Finding::blocking(
                    self::class,
                    $spot->at,
                    'A key that is kept at Services stands in this text, too. Take it out here: what stands in a sentence is in every revision and '
                        .'in the package. Then ask for a new key, for this one has been written down.',
                );

                continue;
            }
            $found = self::secretIn($spot->text());
            if ($found !== null) {
                yield Finding::blocking(
                    self::class,
                    $spot->at,
                    'This looks like a key (“'.
                        mb_substr($found, 0, 4).
                        '…”). Keys are entered once at Services and kept encrypted; what stands in a sentence is in every revision and in the package.',
                );
            }
        }
    }

    /** What looks like a secret in a text; null for nothing. Common practice of scanners, no source: known beginnings, and long words of mixed characters. */
    public static function secretIn(string $text): ?string
    {
        if (
            Pattern::match('/\b(sk|pk|rk|ghp|gho|glpat|xox[abp]|AKIA|ASIA|AIza|lanai)[-_]?[A-Za-z0-9_-]{14,}/', $text, $found) ||
            Pattern::match('/-----BEGIN [A-Z ]*PRIVATE KEY-----/', $text, $found) ||
            Pattern::match('/\beyJ[A-Za-z0-9_-]{10,}\.[A-Za-z0-9_-]{10,}\.[A-Za-z0-9_-]*/', $text, $found)
        ) {
            return $found[0];
        }
        Pattern::matchAll('/[A-Za-z0-9+_=-]{24,}/', $text, $words);
        foreach ($words[0] as $word) {
            $kinds = Pattern::match('/[a-z]/', $word) + Pattern::match('/[A-Z]/', $word) + Pattern::match('/\d/', $word);
            if (
                $kinds >= 2 &&
                Pattern::match('/\d/', $word) &&
                ! Pattern::match('/^[0-9a-f]{64}$/', $word) &&
                self::bits($word) > 3.6 &&
                ! Pattern::match('/^[a-z]+([-_][a-z0-9]+)+$/', $word)
            ) {
                return $word;
            }
        }

        return null;
    }

    /** Shannon entropy, in bits for each character. */
    private static function bits(string $word): float
    {
        $bits = 0.0;
        foreach (count_chars($word, 1) as $count) {
            $share = $count / strlen($word);
            $bits -= $share * log($share, 2);
        }

        return $bits;
    }
}
