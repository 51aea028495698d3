<?php

declare(strict_types=1);

namespace Lanai\Core\Lines;

use Lanai\Core\Geometry\Box;
use Lanai\Core\Geometry\Setting;
use Lanai\Core\Geometry\Size;
use Lanai\Core\Geometry\Within;
use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Clause;
use Lanai\Core\Language\Fits\TextFit;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Model\Fits\NamedFit;
use Lanai\Core\Play\Line;
use Lanai\Core\Play\Placing;
use Lanai\Core\Play\Scene;
use Lanai\Core\Rows\Refused;
use Lanai\Core\Services\AnswerInWords;
use Lanai\Core\Services\Answers;
use Lanai\Core\Services\Asking;
use Lanai\Core\Services\Call;

/** A conversation with a model: what a person types goes to a request that answers in words, and the answer comes in word by word. */
final readonly class Conversation implements Line
{
    use HasPlacing;

    public function __construct(public string $request, public string $hint = '', public string $begins = '', public Placing $placing = new Placing)
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('Conversation with', new Blank('request', NamedFit::requestOf(AnswerInWords::class, 'request that answers in words')))
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

    public static function box(array $node, Setting $setting, Within $in): Box
    {
        return new Box(height: Size::dp(420));
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
        $base = $scene->beside(Answers::class)?->base($service) ?? $service->address;

        return new Call($service, $request, $request->talk($base, $scene->about(['me' => $scene->me()]), $before, $words, true));
    }
}
