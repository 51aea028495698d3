<?php

declare(strict_types=1);

namespace Lanai\Core\Saying;

use Lanai\Core\Formula\Template;
use Lanai\Core\Language\Families;
use Lanai\Core\Language\NodeSpot;
use Lanai\Core\Model\AnyLine;

/** A line of a screen or a piece, as somebody speaks of it. */
final readonly class Line
{
    /** What kinds of lines are called that are not called by their own name. */
    public const KINDS = [
        'button' => ['button', 'iconButton', 'floatingButton'],
        'title' => ['heading'],
        'headline' => ['heading'],
        'sentence' => ['text'],
        'paragraph' => ['text'],
        'photo' => ['picture'],
        'image' => ['picture'],
        'form' => ['addForm', 'changeForm'],
        'graph' => ['chart'],
        'map' => ['map', 'list'],
        'calendar' => ['list'],
        'box' => ['input'],
        'film' => ['video'],
        'ad' => ['advert'],
    ];

    /** @return list<string>|null the kinds of lines that a word names; null where it names none */
    public static function kindsOf(string $word): ?array
    {
        return self::KINDS[$word] ?? (isset(Families::of(AnyLine::class)->kinds[$word]) ? [$word] : null);
    }

    /** Whether somebody speaks of a kind of line. */
    public static function namesKind(string $words): bool
    {
        return array_filter(explode(' ', mb_strtolower($words)), fn (string $word): bool => self::kindsOf($word) !== null) !== [];
    }

    /** @param  string  $screen  the name of the screen that it stands on; of a piece, '' */
    public function __construct(public NodeSpot $spot, public string $screen)
    {
    }

    public function at(): string
    {
        return $this->spot->at;
    }

    public function kind(): string
    {
        return $this->spot->text('kind');
    }

    public function text(string $key): string
    {
        return $this->spot->text($key);
    }

    /** What is to be read on it, without what is filled in. */
    public function label(): string
    {
        $label = match ($this->kind()) {
            'button', 'floatingButton', 'fold', 'link' => $this->text('label'),
            'iconButton' => $this->text('alt'),
            'heading', 'text', 'badge' => $this->text('text'),
            'list' => $this->text('table'),
            'addForm', 'changeForm' => $this->text('one').$this->text('of'),
            'chart' => $this->text('title') === '' ? $this->text('table') : $this->text('title'),
            'input' => $this->text('name'),
            'picture', 'map', 'video', 'sound' => $this->text('alt').$this->text('of'),
            default => '',
        };

        return trim(strtr($label, ['{' => '', '}' => '']));
    }

    /** How it is spoken of: “the button “Count me in””. */
    public function called(): string
    {
        $label = $this->label();
        $kind = match ($this->kind()) {
            'iconButton', 'floatingButton' => 'button',
            'addForm', 'changeForm' => 'form',
            default => $this->kind(),
        };

        return match (true) {
            $this->kind() === 'list' => "the list of $label",
            $label === '' => "the $kind",
            in_array($this->kind(), ['addForm', 'changeForm'], true) => "the form for $label",
            default => "the $kind “{$label}”",
        };
    }

    /** Where it is: “on Swim”. */
    public function where(): string
    {
        return $this->screen === '' ? 'in a piece' : "on $this->screen";
    }

    /** Whether a text has something filled in. */
    public static function isFilled(string $text): bool
    {
        return Template::of($text)->formulas() !== [];
    }
}
