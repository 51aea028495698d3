<?php

declare(strict_types=1);

namespace Lanai\Core\Review\Reasons;

use Lanai\Core\Findings\Finding;
use Lanai\Core\Play\Reports;
use Lanai\Core\Release\Contents;
use Lanai\Core\Review\Candidate;
use Lanai\Core\Review\OfBoth;
use Lanai\Core\Review\Reason;
use Lanai\Core\Text\Pattern;

/** Where people read, see or hear what others have sent, or talk with a machine, they can tell the founder what does not belong there. */
final class WrittenByOthers implements Reason
{
    use OfBoth;

    /** The label of a line that does so, in the languages that Lanai brings along. */
    private const REPORTS = '/(?<!\p{L})(?:report|flag this|complain|melden|beschweren|إبلاغ|أبلغ)/iu';

    public function holds(): string
    {
        return 'What others have sent, and what a machine says, can be reported.';
    }

    public function look(Candidate $candidate): iterable
    {
        $shown = array_filter(
            Contents::of($candidate->blueprint),
            fn (Contents $one): bool => $one->because !== '' && in_array($one->key, ['written', 'pictures', 'chat'], true),
        );
        $reports = array_filter(array_diff_key($candidate->texts(), $candidate->listing()), fn (string $text): bool => Pattern::match(self::REPORTS, $text));
        if ($shown !== [] && $reports === [] && $candidate->blueprint->walk()->nodesOf(Reports::class) === []) {
            $because = implode(', ', array_column($shown, 'because'));
            yield Finding::warning(
                self::class,
                '/screens',
                "People get to see what others have sent, or what a machine says ($because), and no line lets them report it: "
                    .'let a button “Report” do “report”.',
            );
        }
    }
}
