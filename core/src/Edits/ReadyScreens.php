<?php

declare(strict_types=1);

namespace Lanai\Core\Edits;

use Lanai\Core\Model\AppValue;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Field;
use Lanai\Core\Model\FieldTypes\FileType;
use Lanai\Core\Model\Screen;
use Lanai\Core\Model\Services\ServiceRequest;
use Lanai\Core\Services\AnswerInWords;
use Lanai\Core\Services\AnswerPart;
use Lanai\Core\Services\FillingIn;
use Lanai\Core\Services\Parts;
use Lanai\Core\Services\PictureFromWords;
use Lanai\Core\Services\Translation;
use Lanai\Core\Text\Names;

/** Screens that are ready for what a model can do: a conversation, a translation, pictures in a grid, a form filled from words. */
final class ReadyScreens
{
    /**
     * @return array{screens: list<array<string, mixed>>, values: list<array<string, mixed>>} data to be added to the app
     */
    public static function of(ServiceRequest $request, Blueprint $blueprint): array
    {
        $names = array_map(fn (Screen $s): string => mb_strtolower($s->name), $blueprint->screens);
        $values = array_map(fn (AppValue $v): string => mb_strtolower($v->name), $blueprint->values);
        $screen = Parts::free($request->called(), $names);
        $made = [];
        $value = function (string $name, array $type) use (&$made, &$values): string {
            $made[] = ['name' => Parts::free($name, $values), 'type' => $type, 'kept' => 'visit'];

            return $made[count($made) - 1]['name'];
        };
        $known = Names::inFormula($request->called());
        $lines = match (true) {
            $request instanceof AnswerInWords && $request->takes === [] => [
                ['kind' => 'conversation', 'request' => $request->name, 'hint' => 'Ask something'],
            ],
            $request instanceof Translation => self::translation($request, $known, $value),
            $request instanceof PictureFromWords => self::pictures($request, $known, $value),
            $request instanceof FillingIn => self::filling($request, $known, $value),
            default => self::asked($request, $known, $value),
        };

        return ['screens' => [['name' => $screen, 'lines' => $lines]], 'values' => $made];
    }

    /**
     * @param  \Closure(string, array<string, mixed>): string  $value
     * @return list<array<string, mixed>>
     */
    private static function translation(Translation $request, string $known, \Closure $value): array
    {
        $text = $value('Text to translate', ['kind' => 'longText']);
        $language = $value('Language wanted', ['kind' => 'text']);

        return [
            ['kind' => 'input', 'name' => 'Text', 'type' => ['kind' => 'longText'], 'required' => true],
            ['kind' => 'input', 'name' => 'Language', 'type' => ['kind' => 'choice', 'options' => ['de', 'fr', 'es', 'nb']], 'required' => true],
            [
                'kind' => 'button',
                'label' => 'Translate',
                'tapped' => [
                    ['kind' => 'setValue', 'value' => $text, 'to' => 'input.text'],
                    ['kind' => 'setValue', 'value' => $language, 'to' => 'input.language'],
                ],
            ],
            [
                'kind' => 'from',
                'request' => $request->name,
                'with' => [['field' => 'Text', 'value' => self::key($text)], ['field' => 'Language', 'value' => self::key($language)]],
                'loading' => 'Translating …',
                'empty' => 'Type a text and pick a language.',
                'failed' => 'This cannot be translated just now.',
                'if' => self::key($text).' != null',
                'lines' => [
                    ['kind' => 'text', 'text' => "{{$known}.text}", 'emphasis' => true],
                    ['kind' => 'text', 'text' => 'Words in brackets are not translated.', 'small' => true, 'if' => "not $known.complete"],
                ],
            ],
        ];
    }

    /**
     * @param  \Closure(string, array<string, mixed>): string  $value
     * @return list<array<string, mixed>>
     */
    private static function pictures(PictureFromWords $request, string $known, \Closure $value): array
    {
        $with = [];
        $inputs = [];
        $sets = [];
        foreach ($request->takes as $variable) {
            $kept = $value("$request->name ".mb_strtolower($variable->name), TypeData::dataOf($variable->type));
            $inputs[] = ['kind' => 'input', 'name' => $variable->name, 'type' => TypeData::dataOf($variable->type), 'required' => true];
            $sets[] = ['kind' => 'setValue', 'value' => $kept, 'to' => 'input.'.$variable->key()];
            $with[] = ['field' => $variable->name, 'value' => self::key($kept)];
        }

        return [
            ...$inputs,
            ['kind' => 'button', 'label' => 'Draw it', 'tapped' => $sets],
            [
                'kind' => 'from',
                'request' => $request->name,
                'with' => $with,
                'loading' => 'Drawing …',
                'empty' => 'Say what it should show.',
                'failed' => 'This cannot be drawn just now.',
                'lines' => [
                    [
                        'kind' => 'list',
                        'table' => $request->name,
                        'layout' => 'tiles',
                        'shows' => [['formula' => 'picture', 'place' => 'picture'], ['formula' => 'number', 'place' => 'title']],
                    ],
                ],
            ],
        ];
    }

    /**
     * @param  \Closure(string, array<string, mixed>): string  $value
     * @return list<array<string, mixed>>
     */
    private static function filling(FillingIn $request, string $known, \Closure $value): array
    {
        return self::asked(
            $request,
            $known,
            $value,
            array_map(
                fn (AnswerPart $p): array => ['kind' => 'text', 'text' => "$p->name: {{$known}.".Names::inFormula($p->name).'}'],
                array_values(array_filter($request->parts, fn (AnswerPart $p): bool => ! $p->isList())),
            ),
        );
    }

    /**
     * What it takes is asked for, and what it gives is shown.
     *
     * @param  \Closure(string, array<string, mixed>): string  $value
     * @param  list<array<string, mixed>>|null  $shown
     * @return list<array<string, mixed>>
     */
    private static function asked(ServiceRequest $request, string $known, \Closure $value, ?array $shown = null): array
    {
        $with = [];
        $inputs = [];
        $sets = [];
        foreach ($request->taken() as $variable) {
            $kept = $value($request->called().' '.mb_strtolower($variable->name), TypeData::dataOf($variable->type));
            $inputs[] = ['kind' => 'input', 'name' => $variable->name, 'type' => TypeData::dataOf($variable->type), 'required' => true];
            $sets[] = ['kind' => 'setValue', 'value' => $kept, 'to' => 'input.'.$variable->key()];
            $with[] = ['field' => $variable->name, 'value' => self::key($kept)];
        }
        $first = $request->tables()[0];
        $shown ??= array_map(
            fn (Field $f): array => $f->type instanceof FileType
                ? ['kind' => 'sound', 'of' => "$known.".Names::inFormula($f->name), 'title' => $f->name]
                : ['kind' => 'text', 'text' => "{{$known}.".Names::inFormula($f->name).'}'],
            array_slice($first->fields, 0, 8),
        );

        return [
            ...$inputs,
            ...$sets === [] ? [] : [['kind' => 'button', 'label' => 'Ask', 'tapped' => $sets]],
            [
                'kind' => 'from',
                'request' => $request->called(),
                'with' => $with,
                'loading' => 'One moment …',
                'empty' => 'Nothing has been asked yet.',
                'failed' => 'There is no answer just now.',
                'lines' => $shown,
            ] + ($with === [] ? [] : ['if' => "{$with[0]['value']} != null"]),
        ];
    }

    private static function key(string $value): string
    {
        return 'app.'.Names::inFormula($value);
    }
}
