<?php

declare(strict_types=1);

namespace App\Reach\Carriers;

use DateTimeZone;
use Exception;

/** A phone, or a browser, that lets messages in. */
final readonly class Phone
{
    /**
     * @param  'web'|'android'|'ios'|'own'  $carrier  by whom it is reached; “own” where the package on it fetches its messages
     * @param  string  $address  an address or a token, as its carrier gave it
     * @param  array<string, string>  $keys  what a message to it is sealed with
     * @param  string  $locale  its language, and how dates are written there, such as de_AT; '' for the app's own
     */
    public function __construct(
        public int $id,
        public string $handle,
        public int $person,
        public string $carrier,
        public string $address,
        public array $keys,
        public DateTimeZone $zone,
        public string $locale = '',
    ) {
    }

    public static function of(\stdClass $raw): self
    {
        $keys = json_decode((string) $raw->keys, true);
        $carrier = in_array($raw->carrier, ['android', 'ios', 'own'], true) ? $raw->carrier : 'web';

        return new self(
            (int) $raw->id,
            (string) $raw->handle,
            (int) $raw->person,
            $carrier,
            (string) $raw->address,
            array_filter(is_array($keys) ? $keys : [], is_string(...)),
            self::zone((string) $raw->zone),
            (string) $raw->locale,
        );
    }

    /** The tag of its language; '' for the app's own. */
    public function tongue(): string
    {
        return explode('_', $this->locale)[0];
    }

    private static function zone(string $name): DateTimeZone
    {
        try {
            return new DateTimeZone($name);
        } catch (Exception) {
            return new DateTimeZone('UTC');
        }
    }
}
