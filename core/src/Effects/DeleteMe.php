<?php

declare(strict_types=1);

namespace Lanai\Core\Effects;

use Lanai\Core\Language\Sentence;
use Lanai\Core\Play\Doing;
use Lanai\Core\Play\Effect;

/** Deletes one's own account, with what the app says of the rows. */
final readonly class DeleteMe implements Effect
{
    use OfAccount;

    public static function sentence(): Sentence
    {
        return Sentence::of('delete my account');
    }

    public function run(Doing $doing): void
    {
        self::needsMe($doing);
        self::accounts($doing)->delete(self::visit($doing));
        $doing->scene->trail->step('removed', 'the account and what goes with it', $doing->scene->at);
        $doing->left();
    }
}
