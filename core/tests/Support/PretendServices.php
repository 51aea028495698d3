<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Support;

use Lanai\Core\Model\Services\Message;
use Lanai\Core\Model\Services\Service;
use Lanai\Core\Play\Trail;
use Lanai\Core\Play\Visit;
use Lanai\Core\Services\Answer;
use Lanai\Core\Services\Call;
use Lanai\Core\Services\Services;
use Lanai\Core\Services\Trouble;

/** Services that answer from a list: "METHOD address" => JSON, or a trouble. */
final class PretendServices implements Services
{
    /** @var list<Message> what was sent */
    public array $sent = [];

    /** @var array<string, Answer> */
    private array $kept = [];

    /** @param  array<string, mixed>  $answers */
    public function __construct(private readonly array $answers)
    {
    }

    public function base(Service $service): string
    {
        return $service->addressFor(false);
    }

    public function kept(Call $call): ?Answer
    {
        return $this->kept[$call->key()] ?? null;
    }

    public function ask(array $calls, Visit $visit, Trail $trail): array
    {
        return array_map(function (Call $call) use ($visit, $trail): Answer {
            $this->sent[] = $call->message;
            $found = $this->answers[$call->message->method.' '.$call->message->url] ?? new Trouble('missing', 'Nothing is there.');
            $trail->step('call', $call->message->method.' '.$call->message->url, '');
            $answer =
                match (true) {
                    $found instanceof Answer => $found,
                    $found instanceof Trouble => new Answer(trouble: $found),
                    default => new Answer([$found], at: $visit->moment->now),
                };

            return $answer->isThere() && $call->reads() ? ($this->kept[$call->key()] = $answer) : $answer;
        }, $calls);
    }
}
