<?php

declare(strict_types=1);

namespace Lanai\Core\Blueprint;

use Lanai\Core\Effects\AskFor;
use Lanai\Core\Formula\Type;
use Lanai\Core\Lines\Lines;
use Lanai\Core\Runtime\Line;
use Lanai\Core\Script\Blank;
use Lanai\Core\Script\Block;
use Lanai\Core\Script\Children;
use Lanai\Core\Script\Clause;
use Lanai\Core\Script\Fits\ChoiceFit;
use Lanai\Core\Script\Fits\NameFit;
use Lanai\Core\Script\Fits\TextFit;
use Lanai\Core\Script\HasSentence;
use Lanai\Core\Script\Names;
use Lanai\Core\Script\Prose;
use Lanai\Core\Script\Scope;
use Lanai\Core\Script\Sentence;
use Lanai\Core\Script\Series;

/** One screen: a page of lines, about no row or about one row of some tables. */
final readonly class Screen implements HasSentence
{
    /**
     * @param  list<Parameter>  $about
     * @param  string  $title  a template; the screen's name where it is empty
     * @param  list<Taken>  $taking  values that it is given, after the rows
     * @param  bool  $signedIn  only for people who have signed in
     * @param  bool  $full  without a title bar and tabs
     * @param  'sliding'|'rising'|'fading'|''  $opens  how it comes in
     * @param  list<Line>  $actions  in the title bar
     * @param  list<Line>  $lines
     */
    public function __construct(
        public string $name,
        #[ListOf(Parameter::class)] public array $about = [],
        #[ListOf(Taken::class)] public array $taking = [],
        public bool $first = false,
        public string $title = '',
        public bool $signedIn = false,
        public bool $full = false,
        public string $opens = '',
        #[ListOf(Line::class)] public array $actions = [],
        #[ListOf(Line::class)] public array $lines = [],
    ) {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('screen', new Blank('name', NameFit::of('the name of the screen')))
            ->clauses(
                Clause::of('about', 'about one row of a table', new Series('about', 'and', Parameter::class)),
                Clause::of('taking', 'given a value', new Series('taking', 'and', Taken::class)),
                Clause::flag('first', 'first'),
                Clause::of('titled', 'titled', new Blank('title', new TextFit, label: 'title')),
                Clause::flag('signedIn', 'only when signed in'),
                Clause::flag('full', 'full screen'),
                Clause::of('opens', 'how it opens', new Blank('opens', ChoiceFit::of('sliding, rising or fading', ['sliding' => 'sliding', 'rising' => 'rising', 'fading' => 'fading']))),
            )
            ->below(new Block('actions', 'in the title bar:', Lines::family(), 'an action in the title bar'), new Children('lines', Lines::family(), 'a line'))
            ->within(['lines', 'title', 'actions'], self::scope(...));
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
            $table = $scope->blueprint->tableOfOne(is_string($parameter['one'] ?? null) ? $parameter['one'] : '');
            if ($table !== null) {
                $names[Names::inFormula($table->singular)] = Type::row($table->singular);
            }
        }

        return $scope->with($names + Taken::types($data['taking'] ?? []) + AskFor::in($data, $scope->blueprint))->asking(Asked::in($data));
    }
}
