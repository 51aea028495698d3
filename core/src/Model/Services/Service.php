<?php

declare(strict_types=1);

namespace Lanai\Core\Model\Services;

use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Children;
use Lanai\Core\Language\Clause;
use Lanai\Core\Language\Families;
use Lanai\Core\Language\Family;
use Lanai\Core\Language\Fits\CurrencyFit;
use Lanai\Core\Language\Fits\NameFit;
use Lanai\Core\Language\Fits\NumberFit;
use Lanai\Core\Language\Fits\TextFit;
use Lanai\Core\Language\HasSentence;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Language\SubLine;
use Lanai\Core\Language\Words;
use Lanai\Core\Model\ListOf;

/** An outside service that the app asks: where it is, how Lanai signs in to it, and what can be asked. */
final readonly class Service implements HasSentence
{
    /**
     * @param  string  $address  of live: http(s), or "stand-in:" and the name of one that ships with Lanai
     * @param  string  $sandbox  of the sandbox; '' for the same
     * @param  int|null  $perMinute  the most calls in a minute, of the whole app
     * @param  int|null  $perPerson  the most calls in a day for each person
     * @param  int|null  $perDay  the most calls in a day, of the whole app
     * @param  string  $currency  ISO 4217, of the prices
     * @param  string  $enough  what a person reads who has asked as often as they may
     * @param  list<SignsIn>  $signing  at most one
     * @param  list<Price>  $prices
     * @param  list<ServiceRequest>  $requests
     * @param  list<Tiles>  $tiles  at most one
     */
    public function __construct(
        public string $name,
        public string $address = '',
        public string $sandbox = '',
        public ?int $perMinute = null,
        public ?int $perPerson = null,
        public ?int $perDay = null,
        public string $currency = '',
        public string $enough = '',
        #[ListOf(SignsIn::class)] public array $signing = [],
        #[ListOf(Price::class)] public array $prices = [],
        #[ListOf(ServiceRequest::class)] public array $requests = [],
        #[ListOf(Tiles::class)] public array $tiles = [],
    ) {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('service', new Blank('name', NameFit::of('the name of the service')), 'is at', new Blank('address', TextFit::plain()))
            ->clauses(
                Clause::of('in the sandbox at', 'another address in the sandbox', new Blank('sandbox', TextFit::plain())),
                Clause::of('with at most', 'a limit of calls in a minute', new Blank('perMinute', NumberFit::whole(1, 100000)), new Words('calls a minute')),
                Clause::of('for each person at most', 'a limit for each person', new Blank('perPerson', NumberFit::whole(1, 100000)), new Words('a day')),
                Clause::of('in all at most', 'a limit for a day', new Blank('perDay', NumberFit::whole(1, 10000000)), new Words('a day')),
                Clause::of('priced in', 'the currency of its prices', new Blank('currency', new CurrencyFit())),
            )
            ->below(
                new SubLine('when that is enough:', new Blank('enough', new TextFit()), 'what a person reads who has asked enough'),
                new Children('signing', Families::of(SignsIn::class), 'how Lanai signs in to it'),
                new Children('prices', Family::only('“price”', Price::class), 'a price'),
                new Children('tiles', Family::only('“draws maps”', Tiles::class), 'where its maps are drawn'),
                new Children('requests', Families::of(ServiceRequest::class), 'a request'),
            );
    }

    public function signsIn(): ?SignsIn
    {
        return $this->signing[0] ?? null;
    }

    /** The same, without signing in to it. */
    public function unsigned(): self
    {
        return new self(
            $this->name,
            $this->address,
            $this->sandbox,
            $this->perMinute,
            $this->perPerson,
            $this->perDay,
            $this->currency,
            $this->enough,
            [],
            $this->prices,
            $this->requests,
            $this->tiles,
        );
    }

    public function addressFor(bool $live): string
    {
        return rtrim($live || $this->sandbox === '' ? $this->address : $this->sandbox, '/');
    }

    public function request(string $name): ?ServiceRequest
    {
        foreach ($this->requests as $request) {
            if (mb_strtolower($request->called()) === mb_strtolower($name)) {
                return $request;
            }
        }

        return null;
    }
}
