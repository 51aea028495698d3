<?php

declare(strict_types=1);

namespace Tests\Feature;

use Tests\PracticeServices;
use Tests\TestCase;

/** What a translation service makes of the texts of an app. */
final class LanguageProposalsTest extends TestCase
{
    use PracticeServices;

    public function test_a_service_of_the_app_proposes_and_what_it_does_not_know_is_told(): void
    {
        $at = "/api/apps/{$this->demo->id}/languages/de";
        self::assertSame(['Their language'], $this->getJson($at)->json('translators'));
        $proposed = $this->postJson("$at/propose", [
            'request' => 'Their language',
            'sources' => [
                'Good morning, {0}',
                'Stay close to the shore.',
                'Settings',
                '{0, plural, one {# swim} other {# swim}}',
                '{0, select, a {{1, select, other {x}}} other {}}',
            ],
        ])->assertOk();
        self::assertMeets('studio', (string) $proposed->getContent(), 'WordsProposed');
        self::assertSame(
            [
                ['Guten Morgen, {0}', ''],
                ['Bleib nah am Ufer.', ''],
                ['', 'The service could not translate all of it.'],
                ['{0, plural, one {# schwimmen} other {# schwimmen}}', ''],
                ['', 'Its words go by several values: please write it by hand.'],
            ],
            array_map(fn (array $one): array => [$one['says'], $one['why']], $proposed->json('proposals')),
        );
        $this->postJson("$at/propose", ['request' => 'Nothing', 'sources' => ['x']])
            ->assertUnprocessable()
            ->assertJsonPath('message', 'There is no such request any more.');
        $this->postJson("$at/propose", ['request' => 'Their language', 'sources' => array_fill(0, 21, 'x')])->assertUnprocessable();
        $this->postJson("$at/propose", ['request' => 'Their language', 'sources' => [['x']]])->assertUnprocessable();
    }
}
