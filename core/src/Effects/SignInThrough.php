<?php

declare(strict_types=1);

namespace Lanai\Core\Effects;

use Lanai\Core\Blueprint\Fits\NamedFit;
use Lanai\Core\Ports\Refused;
use Lanai\Core\Runtime\Doing;
use Lanai\Core\Runtime\Effect;
use Lanai\Core\Script\Blank;
use Lanai\Core\Script\Sentence;

/** Leads to an outside identity provider; the person comes back signed in. */
final readonly class SignInThrough implements Effect
{
    use OfAccount;

    public function __construct(public string $provider)
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('sign in through', new Blank('provider', NamedFit::provider()));
    }

    public function run(Doing $doing): void
    {
        $accounts = self::accounts($doing);
        $way = $doing->scene->blueprint->signIn?->provider($this->provider) ?? throw new Refused('This way to sign in is not there yet.');
        $begun = $doing->outside(fn (): array => $accounts->beginThrough(self::visit($doing), $way));
        [$address, $handle] = is_array($begun) ? $begun : ['', ''];
        $doing->outcome->pending = is_string($handle) ? $handle : '';
        $doing->outcome->then('leave for', is_string($address) ? $address : '');
        $doing->scene->trail->step('left', "for $way->provider", $doing->scene->at);
    }
}
