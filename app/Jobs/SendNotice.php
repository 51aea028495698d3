<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Outbound\Practice;
use Illuminate\Contracts\Queue\ShouldBeEncrypted;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Mail\Message;
use Illuminate\Support\Facades\Mail;

/** Sends a letter over SMTP. It waits encrypted: a code stands in it. */
final class SendNotice implements ShouldBeEncrypted, ShouldQueue
{
    use Queueable;

    public int $tries = 5;

    /** @var list<int> seconds */
    public array $backoff = [2, 10, 60, 300];

    /** @param  string  $box  the founder's, in which the letter lies for practice */
    public function __construct(
        private readonly string $email,
        private readonly string $about,
        private readonly string $text,
        private readonly string $from,
        private readonly string $box = '',
    ) {
        $this->onQueue(Lane::Letters->value);
    }

    public function handle(): void
    {
        Mail::raw($this->text, function (Message $message): void {
            $message->to($this->email)->from((string) config('mail.from.address'), $this->from)->subject(str_replace(["\r", "\n"], ' ', $this->about));
            if (config('lanai.practice_post') && $this->box !== '') {
                $message->getHeaders()->addTextHeader(Practice::BOX, $this->box);
            }
        });
    }
}
