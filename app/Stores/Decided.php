<?php

declare(strict_types=1);

namespace App\Stores;

use App\Jobs\SendNotice;
use App\Models\App;
use App\Models\Founder;
use App\Models\Submission;
use App\Outbound\Practice;

/** The letter to a founder when a store has decided. */
final class Decided
{
    public static function tell(Submission $submission): void
    {
        $app = App::query()->findOrFail($submission->app_id);
        $founder = Founder::query()->findOrFail($app->founder_id);
        $store = (string) config("lanai.stores.$submission->store.name");
        $version = "{$submission->build->version} ({$submission->build->number})";
        $isTaken = $submission->state === 'approved';
        $reasons = implode("\n", array_map(fn (array $one): string => "- $one[sentence]", $submission->reasons));
        if ($submission->state === 'in testing') {
            SendNotice::dispatch(
                $founder->email,
                "$app->name $version can be tried from $store",
                "$store has taken $app->name $version for those who try it. This is where they begin:\n\n    $submission->page",
                'Lanai',
                Practice::boxOf($app),
            );

            return;
        }
        SendNotice::dispatch(
            $founder->email,
            $isTaken ? "$store has approved $app->name $version" : "$store has turned down $app->name $version",
            $isTaken
                ? "$store has approved $app->name $version. ".($submission->release_at === null
                    ? 'It is released when you say so: in Release, where it stands.'
                    : "It is released by itself on {$submission->release_at->utc()->format('j F Y, H:i')} UTC.")
                : "$store has turned down $app->name $version:\n\n$reasons\n\nIn Release, where it stands, each reason stands beside its mend.",
            'Lanai',
            Practice::boxOf($app),
        );
    }
}
