<?php

declare(strict_types=1);

namespace Lanai\Core\Release;

use Lanai\Core\Model\Blueprint;
use Lanai\Core\Text\OwnWords;

/** What a phone says in an app's name when it asks the person for something, in the language of the app as it is given. */
final readonly class PhoneReasons
{
    private function __construct(private string $name, private string $location, private OwnWords $words)
    {
    }

    public static function of(Blueprint $blueprint): self
    {
        return new self($blueprint->name, rtrim(trim($blueprint->release->location), '.'), $blueprint->own());
    }

    public function location(): string
    {
        return $this->location === ''
            ? $this->words->say('{0} would like to know where this phone is.', $this->name)
            : $this->words->say('{0} uses where this phone is to {1}.', $this->name, $this->location);
    }

    public function camera(): string
    {
        return $this->words->say('{0} uses the camera when you add a picture.', $this->name);
    }

    public function microphone(): string
    {
        return $this->words->say('{0} uses the microphone when you add a film.', $this->name);
    }

    public function tracking(): string
    {
        return $this->words->say('With your leave {0} shows you adverts that suit you.', $this->name);
    }

    public function lock(): string
    {
        return $this->words->say('{0} opens once this phone knows that it is you.', $this->name);
    }

    public function unlock(): string
    {
        return $this->words->say('Open');
    }

    public function kept(): string
    {
        return $this->words->say('It is kept. Open {0} to go on with it.', $this->name);
    }

    public function done(): string
    {
        return $this->words->say('Done');
    }

    public function goOn(): string
    {
        return $this->words->say('Go on');
    }

    public function notNow(): string
    {
        return $this->words->say('Not now');
    }
}
