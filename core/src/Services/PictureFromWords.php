<?php

declare(strict_types=1);

namespace Lanai\Core\Services;

use Lanai\Core\Blueprint\Field;
use Lanai\Core\Blueprint\FieldTypes\PictureType;
use Lanai\Core\Blueprint\FieldTypes\WholeNumberType;
use Lanai\Core\Blueprint\ListOf;
use Lanai\Core\Blueprint\Table;
use Lanai\Core\Formula\Kind;
use Lanai\Core\Ports\Refused;
use Lanai\Core\Runtime\Scene;
use Lanai\Core\Script\Blank;
use Lanai\Core\Script\Children;
use Lanai\Core\Script\Clause;
use Lanai\Core\Script\Family;
use Lanai\Core\Script\Fits\ChoiceFit;
use Lanai\Core\Script\Fits\FormulaFit;
use Lanai\Core\Script\Fits\NameFit;
use Lanai\Core\Script\Fits\NumberFit;
use Lanai\Core\Script\Fits\TextFit;
use Lanai\Core\Script\Sentence;
use Lanai\Core\Script\SubLine;
use Lanai\Core\Script\Words;

/** Pictures drawn from words. */
final readonly class PictureFromWords implements Askable
{
    use OfModel;

    public const SIZES = ['small' => 'small', 'medium' => 'medium', 'large' => 'large'];

    /** Pixels of a side. */
    public const PIXELS = ['small' => 256, 'medium' => 512, 'large' => 1024];

    /** Pictures of one question. */
    public const MOST = 4;

    /**
     * @param  string  $wanted  what the picture shows
     * @param  string  $count  a formula; '' for one
     * @param  'small'|'medium'|'large'|''  $size
     * @param  list<Variable>  $takes
     */
    public function __construct(public string $name, public string $model = '', public string $count = '', public string $size = '', public ?int $kept = null, public string $wanted = '', #[ListOf(Variable::class)] public array $takes = [])
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('picture', new Blank('name', NameFit::of('the name of the request')), 'from', new Blank('model', TextFit::plain()))
            ->clauses(
                Clause::of('so many as', 'how many at once, up to four', new Blank('count', FormulaFit::giving(Kind::Whole))),
                Clause::of('sized', 'how large', new Blank('size', ChoiceFit::of('small, medium or large', self::SIZES))),
                Clause::of('kept for', 'how long an answer is kept', new Blank('kept', NumberFit::whole(0, 100000)), new Words('minutes')),
            )
            ->below(
                new SubLine('of:', new Blank('wanted', new TextFit), 'what it shows'),
                new Children('takes', Family::only('“takes”', Variable::class), 'something it must be told'),
            )
            ->within(['wanted', 'count'], self::knows(...));
    }

    public function taken(): array
    {
        return $this->takes;
    }

    public function givesMany(): bool
    {
        return true;
    }

    public function tables(): array
    {
        return [new Table($this->name, $this->name, fields: [new Field('Number', new WholeNumberType), new Field('Picture', new PictureType)])];
    }

    public function message(string $base, Scene $scene): Message
    {
        $count = $this->count === '' ? 1 : $scene->value($this->count, 'count');
        $count = is_int($count) ? max(1, min(self::MOST, $count)) : 1;
        $words = mb_substr($scene->text($this->wanted, 'wanted'), 0, 1000);
        $size = $this->size === '' ? 'medium' : $this->size;
        $side = self::PIXELS[$size];
        if (trim($words) === '') {
            throw new Refused("$this->name needs words.");
        }

        return self::post("$base/images/generations", ['model' => $this->model, 'prompt' => $words, 'n' => $count, 'size' => "{$side}x{$side}", 'response_format' => 'b64_json'], ['model' => $this->model, 'pictures' => $count, 'size' => $size], 'pictures');
    }

    public function read(Answer $answer, RowsMade $made): void
    {
        foreach ($answer->files as $i => $file) {
            $this->give($made, ['number' => $i + 1, 'picture' => $file]);
        }
    }
}
