<?php

declare(strict_types=1);

namespace Lanai\Core\Review\Reasons;

use Lanai\Core\Findings\Finding;
use Lanai\Core\Findings\Mend;
use Lanai\Core\Review\Candidate;
use Lanai\Core\Review\OfBoth;
use Lanai\Core\Review\Reason;
use Lanai\Core\Text\Pattern;

/** A title in capitals, with signs again and again, or with little pictures in it. */
final class PlainTitle implements Reason
{
    use OfBoth;

    /** Emoji and the like (Unicode's property Extended_Pictographic, with what joins them). */
    private const PICTURES = '/[\p{So}\x{FE0F}\x{200D}]/u';

    public function holds(): string
    {
        return 'The title is written as names are.';
    }

    public function look(Candidate $candidate): iterable
    {
        $title = trim($candidate->blueprint->release->title);
        $calm = trim(Pattern::replace('/\s+/u', ' ', Pattern::replace(self::PICTURES, '', Pattern::replace('/([!?.*~+])\1+/', '$1', $title))));
        $isLoud = mb_strlen($title) > 5 && $title === mb_strtoupper($title) && $title !== mb_strtolower($title);
        if ($isLoud) {
            $calm = mb_convert_case($calm, MB_CASE_TITLE);
        }
        if ($calm !== $title && $calm !== '') {
            yield Finding::blocking(
                self::class,
                '/release/title',
                'The title is written '.($isLoud ? 'in capitals' : 'with signs or little pictures that only call for attention').'.',
                Mend::put("Write it “{$calm}”", '/release/title', $calm),
            );
        }
    }
}
