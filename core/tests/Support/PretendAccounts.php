<?php

declare(strict_types=1);

namespace Lanai\Core\Tests\Support;

use Lanai\Core\Model\People\Role;
use Lanai\Core\Model\People\Through;
use Lanai\Core\Play\Accounts;
use Lanai\Core\Play\Arrival;
use Lanai\Core\Play\Proof;
use Lanai\Core\Play\Visit;
use Lanai\Core\Rows\Refused;

/** Accounts that know one password, and write down when they are asked. */
final class PretendAccounts implements Accounts
{
    /** @var list<string> */
    public array $log = [];

    private int $tokens = 0;

    public function __construct(private readonly InMemoryRecordStore $store)
    {
    }

    public function beginSignUp(Visit $visit, string $email, string $password, string $name, string $role): string
    {
        return $this->said('sign up', 'handle');
    }

    public function beginCode(Visit $visit, string $email): string
    {
        return $this->said('code', 'handle');
    }

    public function sendAgain(Visit $visit): void
    {
        $this->said('again', '');
    }

    public function provePassword(Visit $visit, string $email, string $password): Proof
    {
        $this->said("prove $email", '');

        return $password === 'right' ? new Proof('password', 1) : throw new Refused('No.');
    }

    public function proveCode(Visit $visit, string $code): Proof
    {
        return new Proof($this->said('code', 'code'), 1);
    }

    public function proveGuest(Visit $visit): Proof
    {
        return new Proof($this->said('guest', 'guest'), null);
    }

    public function beginThrough(Visit $visit, Through $way): array
    {
        return [$this->said('through', 'https://provider.example/'), 'handle'];
    }

    public function provePasswordChange(Visit $visit, string $password, string $known): Proof
    {
        return new Proof($this->said('prove change', 'set password'), 1);
    }

    public function beginEmailChange(Visit $visit, string $email): string
    {
        return $this->said('e-mail', 'handle');
    }

    public function enter(Proof $proof, Visit $visit): Arrival
    {
        $this->log[] = 'enter, '.($this->store->isOpen() ? 'in the tap' : 'nothing open');

        return new Arrival(1, $proof->way === 'set password' ? null : 'token '.++$this->tokens);
    }

    public function leave(Visit $visit, bool $everywhere): void
    {
    }

    public function delete(Visit $visit): void
    {
    }

    public function become(Visit $visit, Role $role): bool
    {
        return $role->chosen;
    }

    public function invitation(Visit $visit): string
    {
        return "invited by $visit->person";
    }

    public function calendar(Visit $visit, string $calendar): string
    {
        return $visit->person === 2 ? '' : "/calendar/$calendar/$visit->person";
    }

    private function said(string $what, string $gives): string
    {
        $this->log[] = "$what, ".($this->store->isOpen() ? 'in the tap' : 'nothing open');

        return $gives;
    }
}
