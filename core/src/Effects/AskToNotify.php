<?php

declare(strict_types=1);

namespace Lanai\Core\Effects;

use Lanai\Core\Language\Blank;
use Lanai\Core\Language\Block;
use Lanai\Core\Language\Clause;
use Lanai\Core\Language\Families;
use Lanai\Core\Language\Fits\TextFit;
use Lanai\Core\Language\Sentence;
use Lanai\Core\Model\AnyEffect;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\ListOf;
use Lanai\Core\Play\Branching;
use Lanai\Core\Play\Doing;
use Lanai\Core\Play\Effect;
use Lanai\Core\Play\NeedsConfirmation;

/**
 * Asks whether the app may send messages to this phone: first the app itself, with its reason; the phone's own question comes after a yes, and once.
 */
final readonly class AskToNotify implements Branching
{
    /** What a device answers: it lets messages in. */
    public const ALLOWED = 'allowed';

    /**
     * @param  string  $reason  why it would be good, as the app says it
     * @param  list<Effect>  $then
     * @param  list<Effect>  $otherwise
     */
    public function __construct(
        public string $reason = '',
        #[ListOf(AnyEffect::class)] public array $then = [],
        #[ListOf(AnyEffect::class)] public array $otherwise = [],
    ) {
    }

    public static function sentence(): Sentence
    {
        return Sentence::of('ask to send messages')
            ->clauses(Clause::of('because', 'why', new Blank('reason', new TextFit())))
            ->below(
                new Block('then', 'then:', Families::of(AnyEffect::class), 'what is done where they may come'),
                new Block('otherwise', 'otherwise:', Families::of(AnyEffect::class), 'what is done where they may not'),
            );
    }

    public function branches(Blueprint $blueprint): array
    {
        return [$this->then, $this->otherwise];
    }

    public function run(Doing $doing): void
    {
        $scene = $doing->scene;
        if (! array_key_exists($scene->at, $doing->replies)) {
            $asked = $this->reason === '' ? $scene->own('May {0} send you messages?', $scene->blueprint->name) : $scene->text($this->reason, 'reason');

            throw new NeedsConfirmation($asked, $scene->at, yes: $scene->own('Yes, please'), no: $scene->own('Not now'), messages: true);
        }
        $allowed = $doing->replies[$scene->at] === self::ALLOWED;
        $scene->trail->step('messages', $allowed ? 'they may come' : 'they may not come', $scene->at);
        $doing->run($allowed ? $this->then : $this->otherwise, $allowed ? 'then' : 'otherwise');
    }
}
