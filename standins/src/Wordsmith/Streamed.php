<?php

declare(strict_types=1);

namespace Standins\Wordsmith;

use Standins\Answer;

/** Words one after the other, as server-sent events. */
final readonly class Streamed extends Answer
{
    /** Microseconds between two words. */
    private const PACE = 25_000;

    /**
     * @param  array<string, mixed>  $frame
     * @param  array<string, int>  $usage
     */
    public function __construct(private array $frame, private string $words, private string $ends, private array $usage)
    {
        parent::__construct(200, '', ['Content-Type' => 'text/event-stream', 'Cache-Control' => 'no-store', 'X-Accel-Buffering' => 'no']);
    }

    public function send(): void
    {
        parent::send();
        $event = function (array $choice, array $more = []): void {
            echo 'data: '.
                json_encode(
                    $this->frame + ['object' => 'chat.completion.chunk', 'choices' => [$choice]] + $more,
                    JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES,
                ).
                "\n\n";
            @ob_flush();
            flush();
        };
        foreach (preg_split('/(?<=\s)/u', $this->words) ?: [] as $word) {
            $event(['index' => 0, 'delta' => ['content' => $word], 'finish_reason' => null]);
            usleep(self::PACE);
        }
        $event(['index' => 0, 'delta' => (object) [], 'finish_reason' => $this->ends], ['usage' => $this->usage]);
        echo "data: [DONE]\n\n";
    }
}
