<?php

declare(strict_types=1);

namespace Lanai\Core\Effects;

use Lanai\Core\Formula\Items;
use Lanai\Core\Formula\Kind;
use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Fits\FormulaFit;
use Lanai\Core\Language\Fits\TextFit;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Model\Row;
use Lanai\Core\Play\Doing;
use Lanai\Core\Play\Letter;
use Lanai\Core\Play\MayWait;

/** Sends a letter to people of the app; nobody but Lanai sees their addresses. */
final readonly class WriteLetter implements MayWait
{
    public function __construct(public string $to, public string $about = '', public string $text = '')
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of(
            'send a letter to',
            new Blank('to', FormulaFit::giving(Kind::Any)),
            'about',
            new Blank('about', new TextFit()),
            'saying',
            new Blank('text', new TextFit()),
        );
    }

    public function run(Doing $doing): void
    {
        $to = $this->to === '' ? null : $doing->scene->value($this->to, 'to');
        foreach ($to instanceof Row ? [$to] : Items::each($to) as $person) {
            if ($person instanceof Row && $person->table->people) {
                $doing->scene->reader->budget->write('letters');
                $doing->outcome->letters[] = new Letter($person->id, $doing->scene->text($this->about, 'about'), $doing->scene->text($this->text, 'text'));
                $doing->scene->trail->step('letter', "to {$person->label()}", $doing->scene->at);
            }
        }
    }
}
