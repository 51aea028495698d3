<?php

declare(strict_types=1);

namespace Lanai\Core\Review\Reasons;

use Lanai\Core\Findings\Finding;
use Lanai\Core\Lines\AddForm;
use Lanai\Core\Lines\ButtonLine;
use Lanai\Core\Lines\ChangeForm;
use Lanai\Core\Lines\Conversation;
use Lanai\Core\Lines\ListLine;
use Lanai\Core\Review\Candidate;
use Lanai\Core\Review\OfBoth;
use Lanai\Core\Review\Reason;

/** An app of one page on which nothing can be done is sent back as a web page. */
final class EnoughToDo implements Reason
{
    use OfBoth;

    private const DOES = [ListLine::class, AddForm::class, ChangeForm::class, ButtonLine::class, Conversation::class];

    public function holds(): string
    {
        return 'There is enough in the app to be one.';
    }

    public function look(Candidate $candidate): iterable
    {
        $kinds = $candidate->blueprint->kinds();
        $does = array_filter(self::DOES, fn (string $class): bool => $kinds->ofClass($class) !== []);
        if (count($candidate->blueprint->screens) < 2 || $does === []) {
            yield Finding::blocking(
                self::class,
                '/screens',
                $does === []
                    ? 'Nothing can be done in this app: no list, form or button stands on its screens. Stores turn down what could be a web page.'
                    : 'The app has a single screen. Stores turn down what could be a web page.',
            );
        }
    }
}
