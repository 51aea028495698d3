<?php

declare(strict_types=1);

namespace Lanai\Core\Services;

use Lanai\Core\Model\Row;
use Lanai\Core\Model\Services\Service;
use Lanai\Core\Play\Trail;
use Lanai\Core\Play\Visit;

/** The answers that one request of a device knows: those at hand, those it has got, and those that it still has to get. */
final class Answers
{
    /** @var array<string, Answer> */
    private array $known = [];

    /** @var array<string, Call> */
    private array $wanted = [];

    /** @var array<string, list<Row>> */
    private array $rows = [];

    public function __construct(
        private readonly ?Services $services,
        private readonly RowsMade $made,
        private readonly Visit $visit,
        private readonly Trail $trail,
    ) {
    }

    public function base(Service $service): string
    {
        return $this->services === null ? $service->address : $this->services->base($service);
    }

    /** @return list<Row> what an answer gives; the same rows however often it is asked */
    public function rows(Call $call, Answer $answer): array
    {
        return $this->rows[$call->key()."/$call->rows/".spl_object_id($answer)] ??= $this->read($call, $answer);
    }

    /** @return list<Row> */
    private function read(Call $call, Answer $answer): array
    {
        $rows = $this->made->of($call->request, $answer);
        foreach ($this->made->remarks as $remark) {
            $this->trail->step('answer', "{$call->request->called()}: $remark", '');
        }

        return $rows;
    }

    /** Null where a call must go out first; it is noted, and fetch() makes it. */
    public function of(Call $call): ?Answer
    {
        $key = $call->key()."/$call->rows";
        if (! isset($this->known[$key])) {
            $kept =
                $this->services === null ? new Answer(trouble: new Trouble('unreachable', 'Services cannot be reached here.')) : $this->services->kept($call);
            if ($kept === null) {
                $this->wanted[$key] = $call;

                return null;
            }
            $this->known[$key] = $kept;
            if ($kept->isThere()) {
                $this->trail->step('answer', $call->request->called().', as it is kept', '');
            }
        }

        return $this->known[$key];
    }

    public function isWanted(): bool
    {
        return $this->wanted !== [] && $this->services !== null;
    }

    /** Makes the calls that are wanted, together; false where there are none. */
    public function fetch(): bool
    {
        if ($this->wanted === [] || $this->services === null) {
            return false;
        }
        foreach ($this->services->ask($this->wanted, $this->visit, $this->trail) as $key => $answer) {
            $this->known[$key] = $answer;
        }
        $this->wanted = [];

        return true;
    }

    /** The answer to one call, made now where it is not at hand. */
    public function now(Call $call): Answer
    {
        $answer = $this->of($call);
        if ($answer === null) {
            $this->fetch();
            $answer = $this->known[$call->key()."/$call->rows"] ?? new Answer(trouble: new Trouble('unreachable', 'There was no answer.'));
        }

        return $answer;
    }
}
