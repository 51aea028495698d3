<?php

declare(strict_types=1);

namespace Lanai\Core\Lines;

use Lanai\Core\Blueprint\Fits\NamedFit;
use Lanai\Core\Ports\Refused;
use Lanai\Core\Runtime\Line;
use Lanai\Core\Runtime\Placing;
use Lanai\Core\Runtime\Scene;
use Lanai\Core\Script\Blank;
use Lanai\Core\Script\Clause;
use Lanai\Core\Script\Fits\TextFit;
use Lanai\Core\Script\Sentence;
use Lanai\Core\Services\AnswerInWords;
use Lanai\Core\Services\Asking;
use Lanai\Core\Services\Call;

/** A conversation with a model: what a person types goes to a request that answers in words, and the answer comes in word by word. */
final readonly class Conversation implements Line
{
    use Placed;

    public function __construct(public string $request, public string $hint = '', public string $begins = '', public Placing $placing = new Placing)
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('Conversation with', new Blank('request', NamedFit::answer()))
            ->clauses(
                Clause::of('beginning with', 'what it says first', new Blank('begins', new TextFit)),
                Clause::of('hint', 'a hint in the box', new Blank('hint', new TextFit)),
                ...Placing::clauses(),
            );
    }

    public function draw(Scene $scene): array
    {
        return ['begins' => $scene->text($this->begins, 'begins'), 'hint' => $scene->text($this->hint, 'hint'), 'most' => Asking::LONGEST];
    }

    /**
     * The call of one turn.
     *
     * @param  list<array{role: 'user'|'assistant', content: string}>  $before
     *
     * @throws Refused
     */
    public function turn(Scene $scene, array $before, string $words): Call
    {
        [$service, $request] = $scene->blueprint->asked($this->request) ?? throw new Refused('There is nobody to talk to here yet.');
        if (! $request instanceof AnswerInWords) {
            throw new Refused('There is nobody to talk to here yet.');
        }
        if (trim($words) === '') {
            throw new Refused('Please type something.');
        }
        $base = $scene->answers?->base($service) ?? $service->address;

        return new Call($service, $request, $request->talk($base, $scene->about(['me' => $scene->me()]), $before, $words, true));
    }
}
