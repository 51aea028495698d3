<?php

declare(strict_types=1);

namespace App\Reach\Carriers;

use Lanai\Core\Reach\Words;

/** A message on its way to a phone. */
final readonly class Parcel
{
    /**
     * @param  string  $id  a UUID, the same however often it is tried: whoever has it already does not show it again
     * @param  string  $replaces  messages of the same take one another's place; '' for none. Letters, digits, - and _, at most 32
     * @param  int  $until  seconds since 1970 after which it is worth nothing
     * @param  string  $channel  its key, by which a phone knows it; '' for none
     * @param  string  $channelName  in the language of the phone
     */
    public function __construct(
        public string $id,
        public Phone $phone,
        public Words $words,
        public string $picture,
        public string $replaces,
        public int $until,
        public bool $silent,
        public bool $urgent,
        public string $channel = '',
        public string $channelName = '',
    ) {
    }

    /** What a tap opens, as in the addresses of the app after their #; '' for what was there last. */
    public function place(): string
    {
        $args = array_map(fn (int|string $arg): string => is_int($arg) ? (string) $arg : '~'.rawurlencode($arg), $this->words->args);

        return $this->words->screen === '' ? '' : '/'.implode('/', [rawurlencode($this->words->screen), ...$args]);
    }

    /** @return array{screen: string, args: list<int|string>} what a tap opens */
    public function opens(): array
    {
        return ['screen' => $this->words->screen, 'args' => $this->words->args];
    }
}
