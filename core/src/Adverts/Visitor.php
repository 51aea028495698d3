<?php

declare(strict_types=1);

namespace Lanai\Core\Adverts;

/** What an exchange may know of whoever looks: nothing by which they could be found, and without their consent nothing that is only theirs. */
final readonly class Visitor
{
    /**
     * @param  string  $id  made for this app alone, and new whenever somebody asks for another one
     * @param  string  $country  ISO 3166-1; '' where it is not known
     * @param  string  $language  ISO 639-1
     * @param  'phone'|'tablet'  $form
     * @param  'ios'|'android'|'web'  $platform
     */
    public function __construct(
        public string $id,
        public string $country,
        public string $language,
        public string $form = 'phone',
        public string $platform = 'web',
        public ?Consent $consent = null,
    ) {
    }

    /** Whether they are in a country where consent is needed before adverts fit a person: the European Economic Area, the United Kingdom, Switzerland. */
    public function isAsked(): bool
    {
        return $this->country === '' || in_array($this->country, self::ASKED, true);
    }

    /** Whether what is asked for may be about them. */
    public function isPersonal(): bool
    {
        return $this->consent === null ? ! $this->isAsked() : $this->consent->isPersonal();
    }

    /**
     * Where consent is asked for: Regulation (EU) 2016/679 and Directive 2002/58/EC, article 5 (3), for the European Economic Area; the United Kingdom's
     * GDPR and PECR; the Swiss Data Protection Act (from memory). Where the country is not known it is asked, too.
     */
    public const ASKED = [
        'AT', 'BE', 'BG', 'CH', 'CY', 'CZ', 'DE', 'DK', 'EE', 'ES', 'FI', 'FR', 'GB', 'GR', 'HR', 'HU', 'IE', 'IS', 'IT', 'LI', 'LT', 'LU', 'LV', 'MT', 'NL',
        'NO', 'PL', 'PT', 'RO', 'SE', 'SI', 'SK',
    ];
}
