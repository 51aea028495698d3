<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Adverts\Exchange;
use App\Models\App;
use App\Outbound\AddressRefused;
use App\Outbound\Guard;
use App\Records\DataSet;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Http\Client\ConnectionException;
use Illuminate\Support\Facades\Log;

/** Tells an exchange of adverts, or whoever advertises, what became of an offer. */
final class TellExchange implements ShouldQueue
{
    use Queueable;

    public int $tries = 3;

    /** @var list<int> seconds */
    public array $backoff = [10, 120];

    public function __construct(private readonly string $address, private readonly int $app, private readonly DataSet $set)
    {
        $this->onQueue(Lane::Routines->value);
    }

    /** @param  list<string>  $addresses */
    public static function of(array $addresses, App $app, DataSet $set): void
    {
        foreach ($addresses as $address) {
            self::dispatch($address, $app->id, $set);
        }
    }

    public function handle(): void
    {
        $app = App::query()->find($this->app);
        if ($app === null) {
            return;
        }
        try {
            $signed = (new Exchange($app, $this->set))->signed('GET', $this->address);
            $answer = Guard::follow('GET', $this->address, $signed, private: ['signature', 'signature-input']);
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
