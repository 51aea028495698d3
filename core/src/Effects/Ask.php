<?php

declare(strict_types=1);

namespace Lanai\Core\Effects;

use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Fits\NameFit;
use Lanai\Core\Language\Fits\TextFit;
use Lanai\Core\Language\InlineNode;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Model\FieldType;
use Lanai\Core\Model\FieldTypes;
use Lanai\Core\Model\UnreadableValue;
use Lanai\Core\Play\Doing;
use Lanai\Core\Play\Effect;
use Lanai\Core\Play\NeedsConfirmation;
use Lanai\Core\Text\Names;

/** Asks for one thing. Until it is answered, nothing of the tap happens; the effects after it read it as input.name. */
final readonly class Ask implements Effect
{
    public function __construct(public string $text, public string $name, public FieldType $type)
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of(
            'ask',
            new Blank('text', new TextFit()),
            'for',
            new Blank('name', NameFit::seen('the name of the answer')),
            new InlineNode('type', FieldTypes::asked()),
        );
    }

    public function run(Doing $doing): void
    {
        $at = $doing->scene->at;
        $box =
            [
                'name' => Names::inFormula($this->name),
                'label' => $doing->scene->blueprint->shown($this->name),
                'control' => $this->type->control(),
                'required' => true,
                'hint' => '',
                'value' => '',
            ] + $doing->scene->choices($this->type);
        $text = $doing->scene->text($this->text, 'text');
        $raw = $doing->replies[$at] ?? throw new NeedsConfirmation($text, $at, $box);
        try {
            $value = $this->type->read($raw);
        } catch (UnreadableValue $wrong) {
            throw new NeedsConfirmation($text, $at, $box, $wrong->getMessage());
        }
        if ($value === null) {
            throw new NeedsConfirmation($text, $at, $box, $doing->scene->own('Please fill this in.'));
        }
        $one = $this->type->type()->one;
        $doing->outcome->known[Names::inFormula($this->name)] = is_int($value) && $one !== '' ? $doing->scene->reader->row($one, $value) : $value;
    }
}
