<?php

declare(strict_types=1);

namespace Lanai\Core\Lines;

use Lanai\Core\Script\Family;

/** The kinds of lines there are; a new one is registered here. */
final class Lines
{
    private static ?Family $family = null;

    public static function family(): Family
    {
        return self::$family ??= Family::of('a line', [
            'heading' => Heading::class,
            'text' => TextLine::class,
            'picture' => PictureLine::class,
            'icon' => IconLine::class,
            'badge' => Badge::class,
            'progress' => Progress::class,
            'rating' => RatingLine::class,
            'countdown' => Countdown::class,
            'divider' => Divider::class,
            'space' => Space::class,
            'chart' => Chart::class,
            'map' => MapLine::class,
            'webPage' => WebPage::class,
            'video' => Video::class,
            'sound' => Sound::class,
            'list' => ListLine::class,
            'button' => ButtonLine::class,
            'iconButton' => IconButton::class,
            'floatingButton' => FloatingButton::class,
            'link' => LinkLine::class,
            'menu' => Menu::class,
            'input' => InputLine::class,
            'addForm' => AddForm::class,
            'changeForm' => ChangeForm::class,
            'conversation' => Conversation::class,
            'from' => From::class,
            'group' => Group::class,
            'columns' => Columns::class,
            'card' => Card::class,
            'sections' => Sections::class,
            'fold' => Fold::class,
            'sheet' => Sheet::class,
            'repeat' => Repeat::class,
            'piece' => PieceLine::class,
        ]);
    }
}
