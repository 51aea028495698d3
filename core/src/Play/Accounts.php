<?php

declare(strict_types=1);

namespace Lanai\Core\Play;

use Lanai\Core\Model\People\Role;
use Lanai\Core\Model\People\Through;
use Lanai\Core\Rows\Refused;

/**
 * The accounts of the people of one app in one data set: who they are to the sign-in, apart from their row in the app's table.
 * What may take long, fail or call out comes first, with no transaction open ("prove", "begin"); what it allows is then
 * written together with the rest of the tap ("enter").
 */
interface Accounts
{
    /**
     * Begins an account; it is made when the code that is sent is typed in. Says the same whether the address is known or not.
     *
     * @return string the handle under which the code is checked
     *
     * @throws Refused
     */
    public function beginSignUp(Visit $visit, string $email, string $password, string $name, string $role): string;

    /**
     * @return string the handle under which the code is checked
     *
     * @throws Refused
     */
    public function beginCode(Visit $visit, string $email): string;

    /** @throws Refused where it is too early, or nothing was begun */
    public function sendAgain(Visit $visit): void;

    /** @throws Refused */
    public function provePassword(Visit $visit, string $email, string $password): Proof;

    /** @throws Refused */
    public function proveCode(Visit $visit, string $code): Proof;

    /** @throws Refused */
    public function proveGuest(Visit $visit): Proof;

    /**
     * @return array{string, string} the address at the provider where the person goes on, and the handle under which they arrive
     *
     * @throws Refused
     */
    public function beginThrough(Visit $visit, Through $way): array;

    /**
     * Checks that this person may set this password now.
     *
     * @param  string  $known  the password so far; '' where the person came in by a code a moment ago
     *
     * @throws Refused
     */
    public function provePasswordChange(Visit $visit, string $password, string $known): Proof;

    /**
     * @return string the handle under which the code is checked
     *
     * @throws Refused
     */
    public function beginEmailChange(Visit $visit, string $email): string;

    /** Writes what was proved, and lets the person in where they are not yet. */
    public function enter(Proof $proof, Visit $visit): Arrival;

    public function leave(Visit $visit, bool $everywhere): void;

    /** Removes the account and what goes with it. */
    public function delete(Visit $visit): void;

    /** @return string by which a link says who invites with it; '' for nobody */
    public function invitation(Visit $visit): string;

    /**
     * @param  string  $calendar  its key
     * @return string where the person's own calendar reads it, from the server on: "/calendar/…"; '' for nobody with an account
     */
    public function calendar(Visit $visit, string $calendar): string;

    /** @return bool true where the role is taken, false where it was asked for */
    public function become(Visit $visit, Role $role): bool;
}
