<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Languages;

use Lanai\Core\Languages\Preferred;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class PreferredTest extends TestCase
{
    /**
     * @param  list<string>  $spoken
     * @param  list<string>  $wanted
     */
    #[TestWith([['en', 'de'], ['de-AT', 'en'], '', 'de', 'de_AT'])]
    #[TestWith([['en', 'de'], ['fr-CA', 'de'], '', 'de', 'de_CA'])]
    #[TestWith([['en', 'de'], ['fr-CA'], '', 'en', 'en_CA'])]
    #[TestWith([['en', 'de'], [], '', 'en', 'en_GB'])]
    #[TestWith([['de', 'en'], ['ja'], '', 'de', 'de'])]
    #[TestWith([['en', 'zh'], ['zh-Hant-TW'], '', 'zh', 'zh_TW'])]
    #[TestWith([['en', 'nb'], ['no'], '', 'nb', 'nb'])]
    #[TestWith([['en', 'he'], ['iw_IL'], '', 'he', 'he_IL'])]
    #[TestWith([['en', 'de', 'ar'], ['de-DE'], 'ar', 'ar', 'ar_DE'])]
    #[TestWith([['en', 'de'], ['de-DE'], 'fr', 'de', 'de_DE'])]
    #[TestWith([['en', 'es'], ['es-419'], '', 'es', 'es_419'])]
    #[TestWith([['en', 'de'], ['*', '', '-', "de\n", 'x-klingon', 'aaaaaaaaaaaaaaaaaaaaaaaaaaaaaaa'], '', 'en', 'en_GB'])]
    public function test_the_language_is_looked_up_as_rfc_4647_does(array $spoken, array $wanted, string $chosen, string $tongue, string $locale): void
    {
        $found = Preferred::of($spoken, $wanted, $chosen);

        self::assertSame([$tongue, $locale], [$found->tongue, $found->locale]);
    }
}
