<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Outbound\AddressRefused;
use App\Outbound\Guard;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Http\Client\ConnectionException;
use Illuminate\Support\Facades\Log;

/** Tells an exchange of adverts what became of an offer. */
final class TellExchange implements ShouldQueue
{
    use Queueable;

    public int $tries = 3;

    /** @var list<int> seconds */
    public array $backoff = [10, 120];

    public function __construct(private readonly string $address)
    {
        $this->onQueue(Lane::Routines->value);
    }

    /** @param  list<string>  $addresses */
    public static function of(array $addresses): void
    {
        foreach ($addresses as $address) {
            self::dispatch($address);
        }
    }

    public function handle(): void
    {
        try {
            $answer = Guard::follow('GET', $this->address);
            if ($answer->serverError()) {
                $this->release(60);
            }
        } catch (AddressRefused $refused) {
            Log::info('A notice of an exchange was not sent.', ['why' => $refused->getMessage()]);
        } catch (ConnectionException) {
            $this->release(60);
        }
    }
}
