<?php

declare(strict_types=1);

namespace Lanai\Core\Adverts;

/** Numbers of so many bits, one after the other, as base64url writes them (RFC 4648, section 5, without filling). */
final class Bits
{
    private int $at = 0;

    private function __construct(private string $bits = '')
    {
    }

    public static function none(): self
    {
        return new self();
    }

    /** @throws \ValueError where it is no base64url */
    public static function read(string $encoded): self
    {
        $bytes = base64_decode(strtr($encoded, '-_', '+/').str_repeat('=', (4 - strlen($encoded) % 4) % 4), true);
        if ($bytes === false || strlen($encoded) > 100_000) {
            throw new \ValueError('This is not written as consent strings are.');
        }
        $bits = '';
        foreach ($bytes === '' ? [] : str_split($bytes) as $byte) {
            $bits .= str_pad(decbin(ord($byte)), 8, '0', STR_PAD_LEFT);
        }

        return new self($bits);
    }

    public function put(int $value, int $length): self
    {
        $this->bits .= substr(str_pad(decbin($value), $length, '0', STR_PAD_LEFT), -$length);

        return $this;
    }

    /** @param  list<int>  $numbers  from 1 on, those whose bit is 1 */
    public function putSet(array $numbers, int $length): self
    {
        $bits = str_repeat('0', $length);
        foreach ($numbers as $number) {
            if ($number >= 1 && $number <= $length) {
                $bits[$number - 1] = '1';
            }
        }
        $this->bits .= $bits;

        return $this;
    }

    /** @throws \ValueError where it ends before */
    public function take(int $length): int
    {
        if ($this->at + $length > strlen($this->bits)) {
            throw new \ValueError('This consent string ends too early.');
        }
        $value = bindec(substr($this->bits, $this->at, $length));
        $this->at += $length;

        return (int) $value;
    }

    /** @return list<int> from 1 on, those whose bit is 1 */
    public function takeSet(int $length): array
    {
        $set = [];
        for ($number = 1; $number <= $length; $number++) {
            if ($this->take(1) === 1) {
                $set[] = $number;
            }
        }

        return $set;
    }

    public function written(): string
    {
        $bits = $this->bits.str_repeat('0', (8 - strlen($this->bits) % 8) % 8);
        $bytes = implode('', array_map(fn (string $byte): string => chr((int) bindec($byte)), $bits === '' ? [] : str_split($bits, 8)));

        return rtrim(strtr(base64_encode($bytes), '+/', '-_'), '=');
    }
}
