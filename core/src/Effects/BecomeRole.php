<?php

declare(strict_types=1);

namespace Lanai\Core\Effects;

use Lanai\Core\Blueprint\Fits\NamedFit;
use Lanai\Core\Ports\Refused;
use Lanai\Core\Runtime\Doing;
use Lanai\Core\Runtime\Effect;
use Lanai\Core\Script\Blank;
use Lanai\Core\Script\Sentence;
use Lanai\Core\Script\Words;

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
            $doing->outcome->say[] = "You have asked to be a $role->name. You will hear from us.";
        }
    }
}
