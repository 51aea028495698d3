<?php

declare(strict_types=1);

namespace Lanai\Core\Effects;

use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Fits\TextFit;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Play\Doing;
use Lanai\Core\Play\Effect;
use Lanai\Core\Play\LeadsOut;
use Lanai\Core\Rows\Refused;
use Lanai\Core\Text\Pattern;

/** Leaves the app for a web page, a mail, a call or a map. */
final readonly class OpenAddress implements Effect, LeadsOut
{
    /** Schemes of RFC 3986 that a phone hands to another app: RFC 6068 for mail, RFC 3966 for calls, RFC 5870 for places. */
    private const ALLOWED = '~^(https?://[^\s]+|mailto:[^\s]+|tel:\+?[0-9 ().-]+|sms:\+?[0-9 ().-]+|geo:-?[0-9.]+,-?[0-9.]+.*)$~i';

    public function __construct(public string $address)
    {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('open', new Blank('address', TextFit::unseen()));
    }

    public static function leadsBy(): string
    {
        return 'address';
    }

    public function run(Doing $doing): void
    {
        $address = trim($doing->scene->text($this->address, 'address'));
        if (! Pattern::match(self::ALLOWED, $address)) {
            throw new Refused('This leads nowhere.');
        }
        $doing->outcome->onDevice('open', $address);
    }
}
