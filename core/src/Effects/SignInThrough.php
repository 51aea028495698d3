<?php

declare(strict_types=1);

namespace Lanai\Core\Effects;

use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Model\Fits\NamedFit;
use Lanai\Core\Play\Doing;
use Lanai\Core\Play\Effect;
use Lanai\Core\Rows\Refused;

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
        $doing->outcome->onDevice('leave for', is_string($address) ? $address : '');
        $doing->scene->trail->step('left', "for $way->provider", $doing->scene->at);
    }
}
