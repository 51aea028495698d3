<?php

declare(strict_types=1);

namespace Lanai\Core\Services;

use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Children;
use Lanai\Core\Language\Clause;
use Lanai\Core\Language\Family;
use Lanai\Core\Language\Fits\NameFit;
use Lanai\Core\Language\Fits\NumberFit;
use Lanai\Core\Language\Fits\TextFit;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Language\SubLine;
use Lanai\Core\Language\Words;
use Lanai\Core\Model\Field;
use Lanai\Core\Model\ListOf;
use Lanai\Core\Model\Services\Message;
use Lanai\Core\Model\Services\Variable;
use Lanai\Core\Model\UnreadableValue;
use Lanai\Core\Play\Scene;
use Lanai\Core\Text\Names;
use Lanai\Core\Text\Pattern;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;

/** Fills the parts of a form from a text; the answer is held to a JSON Schema. */
final readonly class FillingIn implements HeldToShape
{
    use OfModel;

    /**
     * @param  list<Variable>  $takes
     * @param  list<AnswerPart>  $parts
     */
    public function __construct(
        public string $name,
        public string $model = '',
        public ?int $kept = null,
        public string $told = '',
        public string $asked = '',
        #[ListOf(Variable::class)] public array $takes = [],
        #[ListOf(AnswerPart::class)] public array $parts = [],
    ) {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('filling', new Blank('name', NameFit::of('the name of the request')), 'from', new Blank('model', TextFit::plain()))
            ->clauses(Clause::of('kept for', 'how long an answer is kept', new Blank('kept', NumberFit::whole(0, 100000)), new Words('minutes')))
            ->below(
                new SubLine('told:', new Blank('told', TextFit::unseen()), 'instructions'),
                new SubLine('asked:', new Blank('asked', TextFit::unseen()), 'the text it is filled from'),
                new Children('takes', Family::only('“takes”', Variable::class), 'something it must be told'),
                new Children('parts', Family::only('a part such as “Places is a whole number”', AnswerPart::class), 'a part that is filled'),
            )
            ->within(['told', 'asked'], self::knows(...));
    }

    public function taken(): array
    {
        return $this->takes;
    }

    public function givesMany(): bool
    {
        return false;
    }

    public function tables(): array
    {
        return AnswerPart::tables($this->name, $this->name, $this->parts);
    }

    public function message(string $base, Scene $scene): Message
    {
        return self::chat($base, [
            'model' => $this->model,
            'messages' => [
                [
                    'role' => 'system',
                    'content' => trim(
                        "Fill in the parts of a form from the text of the user. Leave out what it does not say.\n".
                            $scene->text($this->told, 'told').
                            "\n\n".
                            Asking::DATA_RULE,
                    ),
                ],
                ['role' => 'user', 'content' => mb_substr($scene->text($this->asked, 'asked'), 0, Asking::LONGEST)],
            ],
            'max_tokens' => 600,
            'response_format' => ['type' => 'json_schema', 'json_schema' => ['name' => Names::inStorage($this->name), 'schema' => $this->schema()]],
        ]);
    }

    /** @return array<string, mixed> JSON Schema 2020-12 of the answer */
    public function schema(): array
    {
        $parts = [];
        foreach ($this->parts as $part) {
            if (! $part->isList()) {
                $schema = JsonValues::schema(new Field($part->name, $part->type));
                unset($schema['readOnly']);
                $parts[Names::inFormula($part->name)] = $schema;
            }
        }

        return ['type' => 'object', 'properties' => $parts, 'additionalProperties' => false];
    }

    /** The JSON alone, where a model has put it in a code fence (CommonMark, section 4.5), with or without words around it. */
    private static function bare(string $content): string
    {
        return Pattern::match('/(?:^|\n) {0,3}(`{3,}|~{3,})[ \t]*[\w+-]*[ \t]*\r?\n(.*?)\r?\n {0,3}\1/s', $content, $found) ? $found[2] : $content;
    }

    public function wrong(string $content): ?string
    {
        $json = json_decode(self::bare($content));
        if (! ($json instanceof \stdClass)) {
            return 'This is not a JSON object.';
        }
        $checked = (new Validator())->validate($json, (string) json_encode($this->schema()));
        $error = $checked->error();

        return $error === null
            ? null
            : implode(
                ' ',
                array_map(fn (mixed $line): string => is_string($line) ? "$line." : '', array_slice((new ErrorFormatter())->formatFlat($error), 0, 5)),
            );
    }

    public function read(Answer $answer, RowsMade $made): void
    {
        $json = json_decode(self::bare(self::content($answer)), true);
        $values = [];
        $table = $this->tables()[0];
        foreach ($this->parts as $part) {
            $field = $table->field($part->name);
            $value = is_array($json) ? $json[Names::inFormula($part->name)] ?? null : null;
            if ($field === null || $part->isList()) {
                continue;
            }
            try {
                $values[$field->column()] = $value === null ? null : $field->type->read(JsonValues::read($field, $value));
            } catch (UnreadableValue $wrong) {
                $made->remarks[] = "$field->name: {$wrong->getMessage()}";
                $values[$field->column()] = null;
            }
        }
        $made->give($table, $values);
    }
}
