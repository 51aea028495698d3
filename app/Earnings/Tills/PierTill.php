<?php

declare(strict_types=1);

namespace App\Earnings\Tills;

use DateTimeImmutable;
use Lanai\Core\Earnings\Sold;
use Lanai\Core\Rows\Refused;

/** Pier: each thing that happened, and each message, is signed by itself; nothing is taken from what is not. */
final readonly class PierTill extends StoreTill
{
    /** Seconds: a message that was signed longer ago is refused. */
    private const OLD = 300;

    public function sold(): Sold
    {
        return Sold::Pier;
    }

    protected function read(string $token, array $answer): Told
    {
        $signed = array_values(array_filter(is_array($answer['signed'] ?? null) ? $answer['signed'] : [], is_string(...)));
        $told = [];
        $accounts = $products = [];
        try {
            foreach ($signed as $one) {
                $claims = $this->claims($one, new DateTimeImmutable());
                if (($claims['purchase'] ?? '') !== $token) {
                    throw new Forged('It is about another purchase.');
                }
                $told[] = $claims;
                $products[] = is_string($claims['product'] ?? null) ? $claims['product'] : '';
                $accounts[] = is_string($claims['account'] ?? null) ? $claims['account'] : '';
            }
        } catch (Forged $forged) {
            throw new Refused("What the store tells cannot be trusted: {$forged->getMessage()} Nothing was changed.");
        }

        $about = ['state' => $answer['state'] ?? '', 'account' => $accounts[0] ?? '', 'product' => $products[0] ?? ''];

        return Told::of($about, $told, $this->sold()->terms());
    }

    public function heard(array $headers, string $body, DateTimeImmutable $now): string
    {
        $claims = $this->claims(trim($body), $now);
        $at = is_int($claims['signed'] ?? null) ? $claims['signed'] : 0;
        if (abs($now->getTimestamp() - $at) > self::OLD) {
            throw new Forged('It is older than five minutes.');
        }

        return is_string($claims['purchase'] ?? null) ? $claims['purchase'] : throw new Forged('It does not say what it is about.');
    }

    /** @return array<string, mixed> */
    private function claims(string $signed, DateTimeImmutable $now): array
    {
        $claims = (new SignedByChain((string) config('lanai.stores.pier.root')))->claims($signed, $now);
        if (($claims['package'] ?? '') !== $this->package) {
            throw new Forged('It is for another app.');
        }

        return $claims;
    }
}
