<?php

declare(strict_types=1);

namespace Lanai\Core\Review\Reasons;

use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Mend;
use Lanai\Core\Model\People\Through;
use Lanai\Core\Model\People\WithCode;
use Lanai\Core\Model\People\WithPassword;
use Lanai\Core\Review\Candidate;
use Lanai\Core\Review\Reason;

/** Where one signs in through others, one must be able to do so without them. */
final class OwnWayIn implements Reason
{
    public function holds(): string
    {
        return 'Whoever does not want to sign in through others can do so with their own address.';
    }

    public function stores(): array
    {
        return ['pier'];
    }

    public function look(Candidate $candidate): iterable
    {
        $ways = $candidate->blueprint->signIn->ways ?? [];
        $has = fn (string $class): bool => array_filter($ways, fn (object $way): bool => $way instanceof $class) !== [];
        if ($has(Through::class) && ! $has(WithPassword::class) && ! $has(WithCode::class)) {
            yield Finding::blocking(
                self::class,
                '/signIn',
                'People can only sign in through others. Let them in with their own address as well.',
                Mend::addingTo('Let people in with a code by e-mail', '/signIn/ways', true, [['kind' => 'code']]),
            );
        }
    }
}
