<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Apps\Pictures;
use App\Device\Sitting;
use App\Models\Feedback;
use App\Packaging\Camera;
use App\Packaging\PackagingFailed;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/** Takes a picture of what somebody had before them who tells how an app is: the same page, for the same person, on a screen of the same size. */
final class TakeFeedbackPicture implements ShouldQueue
{
    use Queueable;

    public int $tries = 1;

    /** @param  string  $agent  what their phone says that it is */
    public function __construct(
        private readonly int $feedback,
        private readonly Sitting $sitting,
        private readonly string $agent,
        private readonly int $width,
        private readonly int $height,
    ) {
        $this->onQueue(Lane::Builds->value);
    }

    public function handle(Camera $camera): void
    {
        $feedback = Feedback::query()->find($this->feedback);
        $space = $this->sitting->space();
        if ($feedback === null || $feedback->picture !== '' || $space === null) {
            return;
        }
        $file = (string) tempnam(sys_get_temp_dir(), 'told');
        try {
            $camera->take([[
                'path' => $this->sitting->path(),
                'agent' => $this->agent,
                'locale' => $this->sitting->tongue === '' ? 'en' : $this->sitting->tongue,
                'pictures' => [['size' => '', 'file' => $file, 'width' => $this->width, 'height' => $this->height, 'scale' => 2]],
            ]]);
            $feedback->update(['picture' => (new Pictures())->keep($space->app, (string) file_get_contents($file))]);
        } catch (PackagingFailed $failed) {
            // What was said is there all the same.
            report($failed);
        } finally {
            unlink($file);
        }
    }
}
