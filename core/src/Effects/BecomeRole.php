<?php

declare(strict_types=1);

namespace Lanai\Core\Effects;

use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Language\Words;
use Lanai\Core\Model\Fits\NamedFit;
use Lanai\Core\Play\Doing;
use Lanai\Core\Play\Effect;
use Lanai\Core\Rows\Refused;

/** Takes a role, or asks for one. */
final readonly class BecomeRole implements Effect
{
    use OfAccount;

    public function __construct(public string $role)
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of(new Words('become a', 'become an'), new Blank('role', NamedFit::role()));
    }

    public function run(Doing $doing): void
    {
        self::needsMe($doing);
        $role = $doing->scene->blueprint->role($this->role) ?? throw new Refused('There is no such role yet.');
        $taken = self::accounts($doing)->become(self::visit($doing), $role);
        $doing->scene->reader->forget();
        if (! $taken) {
            $doing->outcome->say[] = $doing->scene->own('You have asked to be a {0}. You will hear from us.', $doing->scene->blueprint->shown($role->name));
        }
    }
}
