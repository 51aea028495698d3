<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Models\App;
use App\Models\Webhook;
use App\Outbound\AddressRefused;
use App\Outbound\Guard;
use App\Outbound\Practice;
use App\Records\DataSet;
use App\Records\EloquentRecordStore;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Http\Client\ConnectionException;
use Illuminate\Support\Str;
use Lanai\Core\Model\Table;
use Lanai\Core\Services\JsonValues;
use Lanai\Core\Text\Names;

/** Tells a program that a row has changed. What is sent is signed, so that it can tell that it comes from here and when. */
final class SendWebhook implements ShouldQueue
{
    use Queueable;

    public int $tries = 4;

    /** @var list<int> seconds */
    public array $backoff = [10, 60, 600];

    /** @param  array<string, mixed>  $payload */
    public function __construct(private readonly int $hook, private readonly string $message, private readonly array $payload)
    {
        $this->onQueue(Lane::Routines->value);
    }

    public static function begin(Webhook $hook, Table $table, int $id, string $what): void
    {
        $app = App::query()
            ->with(['revision', 'liveRevision'])
            ->findOrFail($hook->app_id);
        $set = DataSet::from($hook->dataset);
        $blueprint = $app->revisionOf($set)?->read();
        $row = $what === 'removed' || $blueprint === null ? null : (new EloquentRecordStore($app, $set, $blueprint))->byIds($table, [$id])[$id] ?? null;
        $values = [];
        foreach ($row === null ? [] : $table->fields as $field) {
            if ($field->hasColumn() || $field->linksToMany() !== '') {
                $values[Names::inFormula($field->name)] = JsonValues::of($row->value($field));
            }
        }
        self::dispatch($hook->id, 'msg_'.Str::random(24), [
            'type' => $table->storedAs().".$what",
            'timestamp' => now()->toIso8601String(),
            'data' => ['id' => $id] + $values,
        ]);
    }

    public function handle(): void
    {
        $hook = Webhook::query()->find($this->hook);
        if ($hook === null) {
            return;
        }
        $body = (string) json_encode($this->payload, JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE);
        $at = time();
        try {
            $url = Practice::resolved($hook->url);
            $answer = Guard::follow(
                'POST',
                $url,
                [
                    'Content-Type' => 'application/json',
                    'User-Agent' => 'Lanai',
                    'webhook-id' => $this->message,
                    'webhook-timestamp' => (string) $at,
                    'webhook-signature' => self::signature($hook->secret, $this->message, $at, $body),
                ],
                $body,
                ['webhook-signature'],
            );
            $good = $answer->successful();
            $hook->update(['state' => $good ? 'The last one was taken.' : "The last one was answered with {$answer->status()}."]);
        } catch (AddressRefused $refused) {
            $hook->update(['state' => $refused->getMessage()]);

            return;
        } catch (ConnectionException) {
            $good = false;
            $hook->update(['state' => 'The last one did not arrive.']);
        }
        if (! $good && $this->attempts() < $this->tries) {
            $this->release($this->backoff[$this->attempts() - 1] ?? 600);
        }
    }

    /** HMAC with SHA-256 (RFC 2104) over id, time and body, each parted by a dot; the secret is base64 after its beginning "whsec_". */
    public static function signature(string $secret, string $id, int $at, string $body): string
    {
        return 'v1,'.base64_encode(hash_hmac('sha256', "$id.$at.$body", (string) base64_decode(Str::after($secret, 'whsec_')), true));
    }
}
