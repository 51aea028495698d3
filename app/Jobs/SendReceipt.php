<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Earnings\ReceiptPaper;
use App\Earnings\Receipts;
use App\Models\App;
use App\Outbound\Practice;
use App\Records\DataSet;
use App\Space;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Support\Facades\URL;

/** Sends a receipt to whoever paid, where they have an address. */
final class SendReceipt implements ShouldQueue
{
    use Queueable;

    public int $tries = 3;

    public function __construct(private readonly int $app, private readonly string $set, private readonly int $number)
    {
        $this->onQueue(Lane::Letters->value);
    }

    public function handle(): void
    {
        $app = App::query()
            ->with(['revision', 'liveRevision'])
            ->find($this->app);
        $space = $app === null ? null : Space::of($app, DataSet::from($this->set));
        $receipts = $space === null ? null : new Receipts($space);
        [$receipt, $person] = [$receipts?->find($this->number), $receipts?->person($this->number)];
        $email = $person === null || $space === null ? null : $space->people()->accountOf($person)?->email;
        if ($app === null || $receipt === null || $email === null) {
            return;
        }
        $address = URL::signedRoute('receipt', ['set' => $this->set, 'slug' => $app->slug, 'number' => $this->number]);
        SendNotice::dispatch($email, $receipt->name(), ReceiptPaper::letter($receipt, $address), $app->name, Practice::boxOf($app));
    }
}
