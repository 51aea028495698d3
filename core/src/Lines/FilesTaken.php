<?php

declare(strict_types=1);

namespace Lanai\Core\Lines;

use Lanai\Core\Effects\Ask;
use Lanai\Core\Formula\Formula;
use Lanai\Core\Formula\FormulaMistake;
use Lanai\Core\Language\NodeSpot;
use Lanai\Core\Language\Prose;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\FieldType;
use Lanai\Core\Model\FieldTypes\FileType;
use Lanai\Core\Model\FieldTypes\PictureType;
use Lanai\Core\Model\FieldTypes\Timed;
use Lanai\Core\Model\Shape;
use Lanai\Core\Model\Table;

/** Which kinds of files an app takes from people: in its inputs, its forms and the questions of its taps. */
final readonly class FilesTaken
{
    /** @param  array<class-string<FieldType>, int|null>  $seconds  types of films and sounds => how long they may be; null for as long as one wants */
    private function __construct(public bool $pictures, public bool $others, private array $seconds)
    {
    }

    /** @param  class-string<FieldType>  $type  of films or of sounds */
    public function takes(string $type): bool
    {
        return array_key_exists($type, $this->seconds);
    }

    /**
     * How long one may be at the most, in seconds, whatever box it is for; null for as long as one wants.
     *
     * @param  class-string<FieldType>  $type
     */
    public function longest(string $type): ?int
    {
        return $this->seconds[$type] ?? null;
    }

    public static function by(Blueprint $blueprint): self
    {
        $walk = $blueprint->walk();
        $types = [];
        foreach ([...$walk->nodesOf(InputLine::class), ...$walk->nodesOf(Ask::class)] as $spot) {
            $types[] = Shape::make(FieldType::class, Prose::node($spot->data['type'] ?? []));
        }
        foreach ([...$walk->nodesOf(AddForm::class), ...$walk->nodesOf(ChangeForm::class)] as $spot) {
            $table = self::table($spot, $blueprint);
            foreach (is_array($spot->data['asking'] ?? null) ? $spot->data['asking'] : [] as $name) {
                $types[] = is_string($name) ? $table?->field($name)?->type : null;
            }
        }

        $seconds = [];
        foreach ($types as $type) {
            if ($type instanceof Timed) {
                $so = array_key_exists($type::class, $seconds) ? $seconds[$type::class] : 0;
                $seconds[$type::class] = $so === null || $type->seconds() === null ? null : max($so, $type->seconds());
            }
        }

        return new self(
            array_filter($types, fn (mixed $t): bool => $t instanceof PictureType) !== [],
            array_filter($types, fn (mixed $t): bool => $t instanceof FileType) !== [],
            $seconds,
        );
    }

    /** @return array{most?: int} how many seconds a film or a sound for a box may last */
    public static function forBox(FieldType $type): array
    {
        $most = $type instanceof Timed ? $type->seconds() : null;

        return $most === null ? [] : ['most' => $most];
    }

    private static function table(NodeSpot $form, Blueprint $blueprint): ?Table
    {
        if ($form->is(AddForm::class)) {
            return $blueprint->tableOfOne($form->text('one'));
        }
        try {
            return $form->text('row') === '' ? null : $blueprint->tableOfOne(Formula::of($form->text('row'))->typeIn($form->scope)->one);
        } catch (FormulaMistake) {
            return null;
        }
    }
}
