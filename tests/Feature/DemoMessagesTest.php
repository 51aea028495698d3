<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Records\DataSet;
use Tests\TestCase;

/** What Saltlark writes to its people, from the tap to the phone. */
final class DemoMessagesTest extends TestCase
{
    public function test_in_the_demo_whoever_ordered_a_tea_is_told_once_it_is_sent(): void
    {
        $this->travelTo('2026-12-02 12:00:00');
        $app = $this->demo();
        $at = "/device/share/$app->share_code";
        $handle = '11111111-2222-4333-8444-555555555555';
        $this->asPerson($app, 'tomas@lindqvist.example', DataSet::Sandbox);
        $this->postJson("$at/notify", ['handle' => $handle, 'allowed' => true, 'fetches' => true, 'zone' => 'Europe/Berlin', 'language' => 'de'])->assertOk();
        $this->asPerson($app, 'marit@solheim.example', DataSet::Sandbox);
        $view = $this->postJson("$at/view", ['screen' => 'requests'])->assertOk()->json('view');
        $list = array_values(array_filter($view['nodes'], fn (array $node): bool => $node['kind'] === 'list'))[1];
        self::assertSame([['Tomas Lindqvist', 'Hot tea']], array_map(fn (array $i): array => [$i['title'], $i['note']], $list['items']));
        $tap = ['screen' => 'requests', 'at' => $list['at'], 'item' => $list['items'][0]['id']];
        $asked = $this->postJson("$at/do", $tap)->assertOk()->json('outcome.confirm');
        self::assertSame('Is the tea for Tomas Lindqvist on its way?', $asked['text']);
        $this->postJson("$at/do", $tap + ['confirmed' => [$asked['at']]])->assertOk()->assertJsonPath('outcome.say', ['Tomas Lindqvist is told.']);
        $this->artisan('lanai:messages');
        [$told] = $this->postJson("$at/notify/fetch", ['handle' => $handle])->assertOk()->json('messages');
        self::assertSame(['Dein heißer Tee ist unterwegs', 'Meine Termine', '/profile'], [$told['title'], $told['channelName'], $told['place']]);
        self::assertStringStartsWith('Bestellt vor ', $told['text']);
    }
}
