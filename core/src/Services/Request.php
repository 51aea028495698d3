<?php

declare(strict_types=1);

namespace Lanai\Core\Services;

use Lanai\Core\Formula\Scope;
use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Children;
use Lanai\Core\Language\Clause;
use Lanai\Core\Language\Family;
use Lanai\Core\Language\Fits\ChoiceFit;
use Lanai\Core\Language\Fits\NameFit;
use Lanai\Core\Language\Fits\NumberFit;
use Lanai\Core\Language\Fits\TextFit;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Language\SubLine;
use Lanai\Core\Language\Words;
use Lanai\Core\Model\ListOf;
use Lanai\Core\Model\Services\Message;
use Lanai\Core\Model\Services\Variable;
use Lanai\Core\Play\Scene;

/** A request of a service that speaks HTTP with JSON: a readable message with blanks. */
final readonly class Request implements Askable
{
    public const METHODS = ['GET' => 'GET', 'POST' => 'POST', 'PUT' => 'PUT', 'PATCH' => 'PATCH', 'DELETE' => 'DELETE'];

    public const BODIES = ['json' => 'JSON', 'pieces' => 'a form with files', 'form' => 'a form'];

    /**
     * @param  string  $address  a template (RFC 6570), from the service's address on or whole
     * @param  string  $one  what the one thing is called that it gives; '' where it gives a list
     * @param  string  $each  what one of the things is called that it gives
     * @param  string  $at  a JMESPath to what it gives; '' for the whole answer
     * @param  'json'|'form'|'pieces'|''  $body
     * @param  int|null  $kept  minutes; null for as long as the service says
     * @param  int|null  $tries  how often it is tried where trying again does no harm
     * @param  string  $pageIn  the part of the query that says the page
     * @param  string  $cursorAt  a JMESPath to the next cursor
     * @param  string  $cursorIn  the part of the query that the cursor goes into
     * @param  bool  $linked  the next page is in the Link header
     * @param  bool  $open  whether it is asked without signing in, though the service is signed in to
     * @param  string  $shape  what answers look like: a JSON Schema (2020-12) as text
     * @param  list<Variable>  $takes
     * @param  list<RequestValue>  $sends
     * @param  list<AnswerPart>  $parts
     */
    public function __construct(
        public string $name,
        public string $method = 'GET',
        public string $address = '',
        public string $one = '',
        public string $each = '',
        public string $at = '',
        public string $body = '',
        public ?int $kept = null,
        public ?int $tries = null,
        public string $pageIn = '',
        public string $cursorAt = '',
        public string $cursorIn = '',
        public bool $linked = false,
        public bool $open = false,
        public string $shape = '',
        #[ListOf(Variable::class)] public array $takes = [],
        #[ListOf(RequestValue::class)] public array $sends = [],
        #[ListOf(AnswerPart::class)] public array $parts = [],
    ) {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of(
            'request',
            new Blank('name', NameFit::of('the name of the request')),
            'is',
            new Blank('method', ChoiceFit::of('GET, POST, PUT, PATCH or DELETE', self::METHODS)),
            new Blank('address', TextFit::plain()),
        )
            ->clauses(
                Clause::of('giving one', 'it gives one thing, called', new Blank('one', NameFit::of('what it gives'))),
                Clause::of('giving each', 'it gives a list, each called', new Blank('each', NameFit::of('what one of the things is called'))),
                Clause::of('found at', 'where in the answer it is found', new Blank('at', TextFit::plain())),
                Clause::of('sending', 'how the body is written', new Blank('body', ChoiceFit::of('JSON, a form or a form with files', self::BODIES))),
                Clause::of('kept for', 'how long an answer is kept', new Blank('kept', NumberFit::whole(0, 100000)), new Words('minutes')),
                Clause::of('tried up to', 'how often it is tried', new Blank('tries', NumberFit::whole(1, 5)), new Words('times')),
                Clause::of('paged by number in', 'pages by their number', new Blank('pageIn', TextFit::plain())),
                Clause::of(
                    'paged by the cursor at',
                    'pages by a cursor',
                    new Blank('cursorAt', TextFit::plain()),
                    new Words('in'),
                    new Blank('cursorIn', TextFit::plain()),
                ),
                Clause::flag('linked', 'paged by the Link header'),
                Clause::flag('open', 'without signing in'),
            )
            ->below(
                new Children('takes', Family::only('“takes”', Variable::class), 'something it must be told'),
                new Children('sends', Family::only('“sends”', RequestValue::class), 'a value that it sends'),
                new SubLine('shaped as', new Blank('shape', TextFit::plain()), 'what answers look like'),
                new Children('parts', Family::only('a part such as “Celsius is a decimal”', AnswerPart::class), 'a part of the answer'),
            )
            ->within(['sends'], fn (array $data, Scope $scope): Scope => $scope->with(Variable::types($data['takes'] ?? [])));
    }

    public function called(): string
    {
        return $this->name;
    }

    public function taken(): array
    {
        return $this->takes;
    }

    public function givesMany(): bool
    {
        return $this->each !== '';
    }

    public function tables(): array
    {
        return AnswerPart::tables($this->name, $this->each !== '' ? $this->each : $this->one, $this->parts);
    }

    public function keptFor(): ?int
    {
        return $this->kept;
    }

    public function isPaged(): bool
    {
        return $this->pageIn !== '' || $this->cursorIn !== '' || $this->linked;
    }

    public function message(string $base, Scene $scene): Message
    {
        return Writing::of($this, $base, $scene);
    }

    public function read(Answer $answer, RowsMade $made): void
    {
        foreach ($answer->pages as $json) {
            $made->fromJson($this, $json);
        }
    }
}
