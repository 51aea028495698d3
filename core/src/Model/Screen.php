<?php

declare(strict_types=1);

namespace Lanai\Core\Model;

use Lanai\Core\Formula\Kind;
use Lanai\Core\Formula\Scope;
use Lanai\Core\Formula\Type;
use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Block;
use Lanai\Core\Language\Children;
use Lanai\Core\Language\Clause;
use Lanai\Core\Language\Families;
use Lanai\Core\Language\Fits\ChoiceFit;
use Lanai\Core\Language\Fits\NameFit;
use Lanai\Core\Language\Fits\TextFit;
use Lanai\Core\Language\HasSentence;
use Lanai\Core\Language\Prose;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Language\Series;
use Lanai\Core\Model\Fits\EntitlementFit;
use Lanai\Core\Model\Services\FromServices;
use Lanai\Core\Text\Names;

/** One screen: a page of lines, about no row or about one row of some tables. */
final class Screen implements HasSentence
{
    /** @var list<AnyLine>|null */
    private ?array $readLines = null;

    /** @var list<AnyLine>|null */
    private ?array $readActions = null;

    /**
     * @param  list<AboutRow>  $about
     * @param  string  $title  a template; the screen's name where it is empty
     * @param  list<Parameter>  $taking  values that it is given, after the rows
     * @param  bool  $signedIn  only for people who have signed in
     * @param  string  $having  only for people who have this entitlement
     * @param  bool  $full  without a title bar and tabs
     * @param  'sliding'|'rising'|'fading'|''  $opens  how it comes in
     * @param  'large'|'over'|''  $bar  a title that is large until one scrolls, or one over the picture with which the page begins
     * @param  bool  $shared  a text that another program shares opens it; it takes that text and nothing else
     * @param  list<array<string, mixed>>  $actions  data of lines in the title bar: they are read when they are asked for
     * @param  list<array<string, mixed>>  $lines  data of lines
     */
    public function __construct(
        public readonly string $name,
        #[ListOf(AboutRow::class)] public readonly array $about = [],
        #[ListOf(Parameter::class)] public readonly array $taking = [],
        public readonly bool $first = false,
        public readonly string $title = '',
        public readonly bool $signedIn = false,
        public readonly string $having = '',
        public readonly bool $full = false,
        public readonly string $opens = '',
        public readonly string $bar = '',
        public readonly bool $shared = false,
        #[ListOf(AnyLine::class, later: true)] private readonly array $actions = [],
        #[ListOf(AnyLine::class, later: true)] private readonly array $lines = [],
    ) {
    }

    /**
     * @return list<AnyLine>
     *
     * @throws \UnexpectedValueException where the data is not of lines
     */
    public function lines(): array
    {
        return $this->readLines ??= Shape::all(AnyLine::class, $this->lines);
    }

    /**
     * @return list<AnyLine> in the title bar
     *
     * @throws \UnexpectedValueException where the data is not of lines
     */
    public function actions(): array
    {
        return $this->readActions ??= Shape::all(AnyLine::class, $this->actions);
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('screen', new Blank('name', NameFit::seen('the name of the screen')))
            ->clauses(
                Clause::of('about', 'about one row of a table', new Series('about', 'and', AboutRow::class)),
                Clause::of('taking', 'given a value', new Series('taking', 'and', Parameter::class)),
                Clause::flag('first', 'first'),
                Clause::of('titled', 'titled', new Blank('title', new TextFit(), label: 'title')),
                Clause::flag('signedIn', 'only when signed in'),
                Clause::of('only for those with', 'only for those who have something', new Blank('having', new EntitlementFit())),
                Clause::flag('full', 'full screen'),
                Clause::of(
                    'opens',
                    'how it opens',
                    new Blank('opens', ChoiceFit::of('sliding, rising or fading', ['sliding' => 'sliding', 'rising' => 'rising', 'fading' => 'fading'])),
                ),
                Clause::of(
                    'its title',
                    'how its title stands',
                    new Blank('bar', ChoiceFit::of('large or over the picture', ['large' => 'large', 'over' => 'over the picture'])),
                ),
                Clause::flag('shared', 'takes what is shared'),
            )
            ->below(
                new Block('actions', 'in the title bar:', Families::of(AnyLine::class), 'an action in the title bar'),
                new Children('lines', Families::of(AnyLine::class), 'a line'),
            )
            ->within(['lines', 'title', 'actions'], self::scope(...));
    }

    /** Whether a text can open it: it is given one, and nothing else. */
    public function takesText(): bool
    {
        return $this->about === [] && count($this->taking) === 1 && $this->taking[0]->type->type()->kind === Kind::Text;
    }

    /** @return list<AnyParameter> what it is given, in the order of arguments */
    public function parameters(): array
    {
        return [...$this->about, ...$this->taking];
    }

    public function slug(): string
    {
        return str_replace('_', '-', Names::inStorage($this->name));
    }

    /** @param  array<string, mixed>  $data */
    private static function scope(array $data, Scope $scope): Scope
    {
        $names = [];
        foreach (Prose::nodes($data['about'] ?? []) as $parameter) {
            $table = Blueprint::in($scope)->tableOfOne(is_string($parameter['one'] ?? null) ? $parameter['one'] : '');
            if ($table !== null) {
                $names[Names::inFormula($table->singular)] = Type::row($table->singular);
            }
        }

        return $scope->with($names + Parameter::types($data['taking'] ?? []) + FromServices::in($data, Blueprint::in($scope)))->asking(InputTypes::in($data));
    }
}
