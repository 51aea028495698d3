<?php

declare(strict_types=1);

namespace Lanai\Core\Effects;

use Lanai\Core\Blueprint\FieldType;
use Lanai\Core\Blueprint\FieldTypes;
use Lanai\Core\Blueprint\UnreadableValue;
use Lanai\Core\Runtime\Doing;
use Lanai\Core\Runtime\Effect;
use Lanai\Core\Runtime\Unconfirmed;
use Lanai\Core\Script\Blank;
use Lanai\Core\Script\Fits\NameFit;
use Lanai\Core\Script\Fits\TextFit;
use Lanai\Core\Script\Names;
use Lanai\Core\Script\Nested;
use Lanai\Core\Script\Sentence;

/** Asks for one thing. Until it is answered, nothing of the tap happens; the effects after it read it as input.name. */
final readonly class Ask implements Effect
{
    public function __construct(public string $text, public string $name, public FieldType $type)
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('ask', new Blank('text', new TextFit), 'for', new Blank('name', NameFit::of('the name of the answer')), new Nested('type', FieldTypes::asked()));
    }

    public function run(Doing $doing): void
    {
        $at = $doing->scene->at;
        $box = ['name' => Names::inFormula($this->name), 'label' => $this->name, 'control' => $this->type->control(), 'required' => true, 'hint' => '', 'value' => ''] + $doing->scene->choices($this->type);
        $text = $doing->scene->text($this->text, 'text');
        $raw = $doing->answers[$at] ?? throw new Unconfirmed($text, $at, $box);
        try {
            $value = $this->type->read($raw);
        } catch (UnreadableValue $wrong) {
            throw new Unconfirmed($text, $at, $box, $wrong->getMessage());
        }
        if ($value === null) {
            throw new Unconfirmed($text, $at, $box, 'Please fill this in.');
        }
        $one = $this->type->type()->one;
        $doing->outcome->known[Names::inFormula($this->name)] = is_int($value) && $one !== '' ? $doing->scene->reader->row($one, $value) : $value;
    }
}
