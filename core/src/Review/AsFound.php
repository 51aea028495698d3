<?php

declare(strict_types=1);

namespace Lanai\Core\Review;

/** A reason for which the app has been read already. */
final readonly class AsFound implements Reason
{
    use OfBoth;

    /**
     * @param  list<string>  $rules  names of findings
     * @param  bool  $certain  a store turns it down in any case, whatever it means to the app
     */
    public function __construct(private string $says, private array $rules, private bool $certain = false)
    {
    }

    public function holds(): string
    {
        return $this->says;
    }

    public function look(Candidate $candidate): iterable
    {
        foreach ($candidate->findings as $finding) {
            if (in_array($finding->rule, $this->rules, true)) {
                yield $this->certain ? $finding->asBlocking() : $finding;
            }
        }
    }
}
