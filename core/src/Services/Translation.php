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
use Lanai\Core\Model\FieldTypes\LongTextType;
use Lanai\Core\Model\FieldTypes\TextType;
use Lanai\Core\Model\FieldTypes\YesNoType;
use Lanai\Core\Model\Services\Message;
use Lanai\Core\Model\Services\Variable;
use Lanai\Core\Model\Table;
use Lanai\Core\Play\Scene;
use Lanai\Core\Rows\Refused;
use Lanai\Core\Text\Pattern;

/** A text in another language; says honestly whether all of it could be translated. */
final readonly class Translation implements HeldToShape
{
    use OfModel;

    public function __construct(public string $name, public string $model = '', public string $from = '', public ?int $kept = null)
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('translation', new Blank('name', NameFit::of('the name of the request')), 'from', new Blank('model', TextFit::plain()))->clauses(
            Clause::of('out of', 'the language it is in, such as “en”', new Blank('from', TextFit::plain())),
            Clause::of('kept for', 'how long an answer is kept', new Blank('kept', NumberFit::whole(0, 100000)), new Words('minutes')),
        );
    }

    public function taken(): array
    {
        return [new Variable('Text', new LongTextType(), tried: 'Stay close to the shore.'), new Variable('Language', new TextType(), tried: 'de')];
    }

    public function givesMany(): bool
    {
        return false;
    }

    public function tables(): array
    {
        return [new Table($this->name, $this->name, fields: [new Field('Text', new LongTextType()), new Field('Complete', new YesNoType())])];
    }

    public function message(string $base, Scene $scene): Message
    {
        $language = $scene->names['language'] ?? '';
        $language =
            is_string($language) && Pattern::match('/^[A-Za-z]{2,8}(-[A-Za-z0-9]{1,8})*$/', $language)
                ? $language
                : throw new Refused("$this->name needs a language such as “de”.");
        $text = $scene->names['text'] ?? '';

        return self::chat($base, [
            'model' => $this->model,
            'messages' => [
                [
                    'role' => 'system',
                    'content' => "Translate the text of the user into the language $language".
                        ($this->from === '' ? '' : " out of $this->from").
                        ". Mark words that you do not know by square brackets, and say whether all is translated.\n\n".
                        Asking::DATA_RULE,
                ],
                ['role' => 'user', 'content' => mb_substr(is_string($text) ? $text : '', 0, Asking::LONGEST)],
            ],
            'max_tokens' => 1200,
            'response_format' => ['type' => 'json_schema', 'json_schema' => ['name' => 'translation', 'schema' => self::SHAPE]],
        ]);
    }

    private const SHAPE = [
        'type' => 'object',
        'required' => ['text', 'complete'],
        'properties' => ['text' => ['type' => 'string'], 'complete' => ['type' => 'boolean']],
        'additionalProperties' => false,
    ];

    public function wrong(string $content): ?string
    {
        $json = json_decode($content, true);

        return is_array($json) && is_string($json['text'] ?? null) && is_bool($json['complete'] ?? null)
            ? null
            : 'This must be an object with “text” and “complete”.';
    }

    public function read(Answer $answer, RowsMade $made): void
    {
        $json = json_decode(self::content($answer), true);
        $this->give($made, ['text' => is_array($json) ? $json['text'] ?? null : null, 'complete' => is_array($json) ? $json['complete'] ?? null : null]);
    }
}
