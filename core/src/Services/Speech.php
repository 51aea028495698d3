<?php

declare(strict_types=1);

namespace Lanai\Core\Services;

use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Clause;
use Lanai\Core\Language\Fits\NameFit;
use Lanai\Core\Language\Fits\NumberFit;
use Lanai\Core\Language\Fits\TextFit;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Language\Words;
use Lanai\Core\Model\Field;
use Lanai\Core\Model\FieldTypes\FileType;
use Lanai\Core\Model\FieldTypes\LongTextType;
use Lanai\Core\Model\FieldTypes\TextType;
use Lanai\Core\Model\Services\Message;
use Lanai\Core\Model\Services\Variable;
use Lanai\Core\Model\Table;
use Lanai\Core\Play\Scene;
use Lanai\Core\Rows\Refused;

/** A text read aloud. */
final readonly class Speech implements Askable
{
    use OfModel;

    public function __construct(public string $name, public string $model = '', public string $voice = '', public ?int $kept = null)
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('speech', new Blank('name', NameFit::of('the name of the request')), 'from', new Blank('model', TextFit::plain()))->clauses(
            Clause::of('in the voice', 'whose voice', new Blank('voice', TextFit::plain())),
            Clause::of('kept for', 'how long an answer is kept', new Blank('kept', NumberFit::whole(0, 100000)), new Words('minutes')),
        );
    }

    public function taken(): array
    {
        return [new Variable('Text', new LongTextType(), tried: 'Good morning.'), new Variable('Language', new TextType(), tried: 'en')];
    }

    public function givesMany(): bool
    {
        return false;
    }

    public function tables(): array
    {
        return [new Table($this->name, $this->name, fields: [new Field('Sound', new FileType())])];
    }

    public function message(string $base, Scene $scene): Message
    {
        $text = $scene->names['text'] ?? '';
        $language = $scene->names['language'] ?? '';
        $text = mb_substr(is_string($text) ? $text : '', 0, 4000);
        if (trim($text) === '') {
            throw new Refused("$this->name needs a text.");
        }

        return self::post(
            "$base/audio/speech",
            ['model' => $this->model, 'input' => $text, 'voice' => $this->voice === '' ? 'plain' : $this->voice, 'response_format' => 'wav'] +
                (is_string($language) && $language !== '' ? ['language' => $language] : []),
            ['model' => $this->model, 'characters' => mb_strlen($text)],
            'sound',
        );
    }

    public function read(Answer $answer, RowsMade $made): void
    {
        $this->give($made, ['sound' => $answer->files[0] ?? null]);
    }
}
