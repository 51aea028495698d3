<?php

declare(strict_types=1);

namespace Lanai\Core\Services;

use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Children;
use Lanai\Core\Language\Clause;
use Lanai\Core\Language\Family;
use Lanai\Core\Language\Fits\NameFit;
use Lanai\Core\Language\Fits\NumberFit;
use Lanai\Core\Language\Fits\TextFit;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Language\SubLine;
use Lanai\Core\Language\Words;
use Lanai\Core\Model\Field;
use Lanai\Core\Model\FieldTypes\LongTextType;
use Lanai\Core\Model\ListOf;
use Lanai\Core\Model\Services\Message;
use Lanai\Core\Model\Services\Variable;
use Lanai\Core\Model\Table;
use Lanai\Core\Play\Scene;

/** An answer in words from a language model, with instructions and, where wanted, rows of the app to go by. */
final readonly class AnswerInWords implements Askable
{
    use OfModel;

    /**
     * @param  string  $told  the instructions: a text without anything that people type
     * @param  string  $asked  what the model is asked
     * @param  int|null  $most  tokens of an answer
     * @param  int|null  $remembers  how many turns of a conversation go along
     * @param  list<Variable>  $takes
     * @param  list<KnownRows>  $knowing
     */
    public function __construct(
        public string $name,
        public string $model = '',
        public ?int $most = null,
        public ?int $remembers = null,
        public ?int $kept = null,
        public string $told = '',
        public string $asked = '',
        #[ListOf(Variable::class)] public array $takes = [],
        #[ListOf(KnownRows::class)] public array $knowing = [],
    ) {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('answer', new Blank('name', NameFit::of('the name of the request')), 'from', new Blank('model', TextFit::plain()))
            ->clauses(
                Clause::of('of at most', 'how long answers may be', new Blank('most', NumberFit::whole(1, 8000)), new Words('tokens')),
                Clause::of('remembering', 'how much of a conversation goes along', new Blank('remembers', NumberFit::whole(0, 50)), new Words('turns')),
                Clause::of('kept for', 'how long an answer is kept', new Blank('kept', NumberFit::whole(0, 100000)), new Words('minutes')),
            )
            ->below(
                new SubLine('told:', new Blank('told', TextFit::unseen()), 'instructions'),
                new SubLine('asked:', new Blank('asked', TextFit::unseen()), 'what it is asked'),
                new Children('takes', Family::only('“takes”', Variable::class), 'something it must be told'),
                new Children('knowing', Family::only('“knowing”', KnownRows::class), 'rows of the app that it goes by'),
            )
            ->within(['told', 'asked', 'knowing'], self::knows(...));
    }

    public function taken(): array
    {
        return $this->takes;
    }

    public function givesMany(): bool
    {
        return false;
    }

    public function tables(): array
    {
        return [new Table($this->name, $this->name, fields: [new Field('Text', new LongTextType())])];
    }

    public function message(string $base, Scene $scene): Message
    {
        return $this->talk($base, $scene, [], $scene->text($this->asked, 'asked'), false);
    }

    /**
     * One turn of a conversation.
     *
     * @param  list<array{role: 'user'|'assistant', content: string}>  $before
     */
    public function talk(string $base, Scene $scene, array $before, string $question, bool $streams): Message
    {
        $messages = [['role' => 'system', 'content' => trim($scene->text($this->told, 'told')."\n\n".Asking::DATA_RULE)]];
        $data = [];
        foreach ($this->knowing as $i => $knowing) {
            $data += $knowing->rows($scene->at("$scene->at/knowing/$i"));
        }
        if ($data !== []) {
            $messages[] = [
                'role' => 'system',
                'content' => "Data of the app, as JSON:\n".json_encode($data, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_INVALID_UTF8_SUBSTITUTE),
            ];
        }
        array_push($messages, ...array_slice($before, -2 * ($this->remembers ?? 6)));
        $messages[] = ['role' => 'user', 'content' => mb_substr($question, 0, Asking::LONGEST)];

        return self::chat(
            $base,
            ['model' => $this->model, 'messages' => $messages, 'max_tokens' => $this->most ?? 400] + ($streams ? ['stream' => true] : []),
        );
    }

    public function read(Answer $answer, RowsMade $made): void
    {
        $this->give($made, ['text' => self::content($answer)]);
    }
}
