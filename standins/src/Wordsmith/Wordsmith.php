<?php

declare(strict_types=1);

namespace Standins\Wordsmith;

use Standins\Answer;
use Standins\Switches;

/**
 * A provider of models that needs no network and no model: it answers from what it is given, translates by a phrase book, draws
 * by rules, and always the same. It speaks the widespread JSON of chat completions and its siblings for pictures and speech.
 */
final readonly class Wordsmith
{
    public const KEY = 'practice-key-of-words';

    /** Milliseconds that a picture of 256 by 256 takes; four times as many pixels take four times as long. */
    private const PICTURE = 60;

    public const MODELS = ['small-talker' => 'words', 'painter' => 'pictures', 'reader' => 'speech'];

    public function __construct(private Switches $switches, private Phrases $phrases, private string $address)
    {
    }

    /**
     * @param  array<string, mixed>  $form
     * @param  array<string, string>  $headers  by name in small letters
     */
    public function answer(string $method, string $path, array $form, array $headers, string $body): Answer
    {
        if ($path === '/') {
            return $this->switches->desk(
                'Wordsmith',
                '<h1>Words, pictures and speech without a model</h1><p>It wants the token <code>'.
                    self::KEY.
                    '</code>, and knows the models '.
                    implode(', ', array_keys(self::MODELS)).
                    '.</p>',
                $this->address,
            );
        }
        if ($path === '/switches') {
            return $this->switches->arranged($method, $form, str_contains($headers['accept'] ?? '', 'html'), $this->address);
        }
        $this->switches->count();
        if (! hash_equals('Bearer '.self::KEY, $headers['authorization'] ?? '')) {
            return new Answer(401, (string) json_encode(['error' => ['message' => 'This key is not known.', 'type' => 'invalid_request_error']]), [
                'Content-Type' => 'application/json',
                'WWW-Authenticate' => 'Bearer',
            ]);
        }
        $asked = json_decode($body, true);
        if ($method === 'GET' && $path === '/v1/models') {
            return Answer::json(200, [
                'object' => 'list',
                'data' => array_map(fn (string $id): array => ['id' => $id, 'object' => 'model'], array_keys(self::MODELS)),
            ]);
        }
        if ($method !== 'POST' || ! is_array($asked)) {
            return self::wrong(400, 'A body in JSON is needed.');
        }
        $kind = self::MODELS[is_string($asked['model'] ?? null) ? $asked['model'] : ''] ?? null;

        return $this->switches->through(
            match (true) {
                $kind === null => self::wrong(
                    404,
                    'There is no model called “'.
                        (is_scalar($asked['model'] ?? null) ? $asked['model'] : '').
                        '”. There are: '.
                        implode(', ', array_keys(self::MODELS)).
                        '.',
                ),
                $path === '/v1/chat/completions' && $kind === 'words' => $this->talk($asked),
                $path === '/v1/images/generations' && $kind === 'pictures' => $this->draw($asked),
                $path === '/v1/audio/speech' && $kind === 'speech' => $this->speak($asked),
                default => self::wrong(404, 'This model does not do that.'),
            },
        );
    }

    /** @param  array<string, mixed>  $asked */
    private function talk(array $asked): Answer
    {
        $messages = array_values(
            array_filter(
                is_array($asked['messages'] ?? null) ? $asked['messages'] : [],
                fn (mixed $m): bool => is_array($m) && is_string($m['content'] ?? null),
            ),
        );
        if ($messages === []) {
            return self::wrong(400, '“messages” is needed.');
        }
        $schema = $asked['response_format']['json_schema'] ?? null;
        $words = (new Composer($this->phrases))->answer($messages, is_array($schema) ? $schema : null);
        $most = is_int($asked['max_tokens'] ?? null) ? $asked['max_tokens'] : 400;
        $cut = self::tokens($words) > $most;
        $words = $cut ? mb_substr($words, 0, $most * 4) : $words;
        $usage = ['prompt_tokens' => self::tokens(implode('', array_column($messages, 'content'))), 'completion_tokens' => self::tokens($words)];
        $frame = ['id' => 'w-'.substr(sha1((string) json_encode($messages)), 0, 12), 'created' => time(), 'model' => $asked['model']];
        if (($asked['stream'] ?? false) === true) {
            return new Streamed($frame, $words, $cut ? 'length' : 'stop', $usage + ['total_tokens' => array_sum($usage)]);
        }
        usleep(min(400, 20 + mb_strlen($words)) * 1000);

        return Answer::json(
            200,
            $frame + [
                'object' => 'chat.completion',
                'choices' => [['index' => 0, 'message' => ['role' => 'assistant', 'content' => $words], 'finish_reason' => $cut ? 'length' : 'stop']],
                'usage' => $usage + ['total_tokens' => array_sum($usage)],
            ],
        );
    }

    /** @param  array<string, mixed>  $asked */
    private function draw(array $asked): Answer
    {
        $words = is_string($asked['prompt'] ?? null) ? trim($asked['prompt']) : '';
        if ($words === '' || preg_match('/^(256|512|1024)x\1$/', is_string($asked['size'] ?? null) ? $asked['size'] : '512x512', $found) !== 1) {
            return self::wrong(400, $words === '' ? '“prompt” is needed.' : 'The size is 256x256, 512x512 or 1024x1024.');
        }
        $count = is_int($asked['n'] ?? null) ? max(1, min(4, $asked['n'])) : 1;
        $pictures = [];
        for ($i = 0; $i < $count; $i++) {
            $from = hrtime(true);
            $pictures[] = ['b64_json' => base64_encode((new Painter())->paint($words, (int) $found[1], $i))];
            $left = self::PICTURE * ((int) $found[1] / 256) ** 2 - (hrtime(true) - $from) / 1e6;
            usleep(max(0, (int) ($left * 1000)));
        }

        return Answer::json(200, ['created' => time(), 'data' => $pictures]);
    }

    /** @param  array<string, mixed>  $asked */
    private function speak(array $asked): Answer
    {
        $text = is_string($asked['input'] ?? null) ? mb_substr(trim($asked['input']), 0, 4000) : '';
        $language =
            is_string($asked['language'] ?? null) && preg_match('/^[a-z]{2,3}(-[A-Za-z]{2,4})?$/', $asked['language']) === 1 ? $asked['language'] : 'en';
        if ($text === '') {
            return self::wrong(400, '“input” is needed.');
        }
        $process = @proc_open(['espeak-ng', '-v', $language, '-s', '150', '--stdout', '--stdin'], [['pipe', 'r'], ['pipe', 'w'], ['pipe', 'w']], $pipes);
        if ($process === false) {
            return self::wrong(501, 'Speech is not installed on this machine (espeak-ng).');
        }
        fwrite($pipes[0], $text);
        fclose($pipes[0]);
        $sound = (string) stream_get_contents($pipes[1]);
        $said = (string) stream_get_contents($pipes[2]);

        // Written to a pipe, the sound does not know how long it is: its header is told now (RIFF, WAVE).
        $length = strlen($sound);
        $sound =
            $length > 44 && str_starts_with($sound, 'RIFF')
                ? substr_replace(substr_replace($sound, pack('V', $length - 8), 4, 4), pack('V', $length - 44), 40, 4)
                : $sound;

        return proc_close($process) === 0 && $sound !== ''
            ? new Answer(200, $sound, ['Content-Type' => 'audio/wav'])
            : self::wrong(501, 'Speech could not be made: '.trim($said));
    }

    private static function tokens(string $text): int
    {
        return (int) ceil(mb_strlen($text) / 4);
    }

    private static function wrong(int $status, string $message): Answer
    {
        return Answer::json($status, ['error' => ['message' => $message, 'type' => 'invalid_request_error']]);
    }
}
