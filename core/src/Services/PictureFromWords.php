<?php

declare(strict_types=1);

namespace Lanai\Core\Services;

use Lanai\Core\Formula\Kind;
use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Children;
use Lanai\Core\Language\Clause;
use Lanai\Core\Language\Family;
use Lanai\Core\Language\Fits\ChoiceFit;
use Lanai\Core\Language\Fits\FormulaFit;
use Lanai\Core\Language\Fits\NameFit;
use Lanai\Core\Language\Fits\NumberFit;
use Lanai\Core\Language\Fits\TextFit;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Language\SubLine;
use Lanai\Core\Language\Words;
use Lanai\Core\Model\Field;
use Lanai\Core\Model\FieldTypes\PictureType;
use Lanai\Core\Model\FieldTypes\WholeNumberType;
use Lanai\Core\Model\ListOf;
use Lanai\Core\Model\Services\Message;
use Lanai\Core\Model\Services\Price;
use Lanai\Core\Model\Services\Service;
use Lanai\Core\Model\Services\Variable;
use Lanai\Core\Model\Table;
use Lanai\Core\Play\Scene;
use Lanai\Core\Rows\Refused;

/** Pictures drawn from words. */
final readonly class PictureFromWords implements Askable
{
    use OfModel;

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
    public function __construct(
        public string $name,
        public string $model = '',
        public string $count = '',
        public string $size = '',
        public ?int $kept = null,
        public string $wanted = '',
        #[ListOf(Variable::class)] public array $takes = [],
    ) {
    }

    /**
     * What pictures cost and how long they take, by size, for one to as many as can be asked for at once.
     *
     * @param  float|null  $each  milliseconds for a pixel, from those that were drawn: as many times more pixels take as many times longer
     * @return list<array{size: string, costs: list<string>, seconds: list<string>}>
     */
    public function forecast(Service $service, ?float $each): array
    {
        $lines = [];
        foreach (self::PIXELS as $size => $side) {
            $costs = $seconds = [];
            for ($count = 1; $count <= self::MOST; $count++) {
                $costs[] = (string) Cost::written(Cost::of($service, ['model' => $this->model, 'pictures' => $count, 'size' => $size]), $service);
                $seconds[] = $each === null ? '' : sprintf('%.1f s', ($each * $side ** 2 * $count) / 1000);
            }
            $lines[] = ['size' => $size, 'costs' => $costs, 'seconds' => $seconds];
        }

        return $lines;
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('picture', new Blank('name', NameFit::of('the name of the request')), 'from', new Blank('model', TextFit::plain()))
            ->clauses(
                Clause::of('so many as', 'how many at once, up to four', new Blank('count', FormulaFit::giving(Kind::Whole))),
                Clause::of('sized', 'how large', new Blank('size', ChoiceFit::of('small, medium or large', Price::SIZES))),
                Clause::of('kept for', 'how long an answer is kept', new Blank('kept', NumberFit::whole(0, 100000)), new Words('minutes')),
            )
            ->below(
                new SubLine('of:', new Blank('wanted', TextFit::unseen()), 'what it shows'),
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
        return [new Table($this->name, $this->name, fields: [new Field('Number', new WholeNumberType()), new Field('Picture', new PictureType())])];
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

        return self::post(
            "$base/images/generations",
            ['model' => $this->model, 'prompt' => $words, 'n' => $count, 'size' => "{$side}x{$side}", 'response_format' => 'b64_json'],
            ['model' => $this->model, 'pictures' => $count, 'size' => $size],
            'pictures',
        );
    }

    public function read(Answer $answer, RowsMade $made): void
    {
        foreach ($answer->files as $i => $file) {
            $this->give($made, ['number' => $i + 1, 'picture' => $file]);
        }
    }
}
