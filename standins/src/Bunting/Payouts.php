<?php

declare(strict_types=1);

namespace Standins\Bunting;

use DateTimeImmutable;
use DateTimeZone;
use Standins\Answer;

/** What the exchange pays out: each month what was earned in the one before, and at once where somebody asks for it. */
final readonly class Payouts
{
    public function __construct(private Memory $memory, private string $box)
    {
    }

    /** @param  bool  $now  also what was earned until today is paid out */
    public function of(string $bundle, bool $now): Answer
    {
        $today = new DateTimeImmutable('today', new DateTimeZone('UTC'));
        $until = ($now ? $today : $today->modify('last day of previous month'))->format('Y-m-d');
        $this->memory->together(function () use ($bundle, $today, $until): void {
            foreach ($this->memory->owed($this->box, $bundle, $until) as $currency => $amount) {
                // What is left of a cent is paid with the next one.
                $cents = (int) floor($amount * 100 + 0.000001);
                if ($cents > 0) {
                    $this->memory->pays(bin2hex(random_bytes(8)), $this->box, $bundle, $today->format('Y-m-d'), $until, $currency, $cents);
                }
            }
        });

        return Answer::json(200, ['payouts' => array_map(fn (array $one): array => [
            'id' => $one['id'],
            'at' => $one['at'],
            'until' => $one['until'],
            'total' => $one['total'],
            'currency' => $one['currency'],
        ], $this->memory->payouts($this->box, $bundle))]);
    }
}
