<?php

declare(strict_types=1);

namespace App\Services;

use App\Models\App;
use App\Records\DataSet;
use Illuminate\Support\Facades\Cache;

/** What was said in a conversation: kept on the server for a day, so that nobody can put words into the other's mouth. */
final readonly class Talks
{
    private const SECONDS = 86_400;

    /** Messages of both sides. */
    private const MOST = 60;

    /** @param  string  $talk  a name that the device made for the conversation */
    public function __construct(private App $app, private DataSet $set, private ?int $person, private string $talk)
    {
    }

    /** @return list<array{role: 'user'|'assistant', content: string}> */
    public function said(): array
    {
        $kept = Cache::get($this->key());

        return is_array($kept) ? array_values($kept) : [];
    }

    public function add(string $asked, string $answered): void
    {
        Cache::put(
            $this->key(),
            array_slice([...$this->said(), ['role' => 'user', 'content' => $asked], ['role' => 'assistant', 'content' => $answered]], -self::MOST),
            self::SECONDS,
        );
    }

    private function key(): string
    {
        return 'talk:'.hash('sha256', "{$this->app->id}/{$this->set->value}/".($this->person ?? 'nobody')."/$this->talk");
    }
}
