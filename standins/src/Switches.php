<?php

declare(strict_types=1);

namespace Standins;

/** What goes wrong with a stand-in by arrangement, so that an app can rehearse it, and how often it has been asked. */
final readonly class Switches
{
    public const MODES = [
        '' => 'as it should',
        'slow' => 'slowly, after six seconds',
        '401' => 'that it does not know the key (401)',
        '429' => 'that it was asked too often (429)',
        '500' => 'with a fault of its own (500)',
        'cut' => 'and breaks off half-way',
        'malformed' => 'with broken JSON',
        'html' => 'with a page instead of JSON',
    ];

    private const SLOW = 6;

    private string $file;

    /** @param  Box  $box  whose arrangements hold */
    public function __construct(string $folder, private string $name, private Box $box)
    {
        if (! is_dir($folder)) {
            mkdir($folder, 0700, true);
        }
        $this->file = "$folder/$name{$box->file()}.json";
    }

    /** @return array{mode: string, calls: int, away: int} away: milliseconds that every answer takes longer, as if from afar */
    public function state(): array
    {
        $read = is_file($this->file) ? json_decode((string) file_get_contents($this->file), true) : null;

        return (is_array($read) ? $read : []) + ['mode' => '', 'calls' => 0, 'away' => 0];
    }

    public function turn(string $mode): void
    {
        $this->change(fn (array $state): array => ['mode' => array_key_exists($mode, self::MODES) ? $mode : ''] + $state);
    }

    public function count(): void
    {
        $this->change(fn (array $state): array => ['calls' => $state['calls'] + 1] + $state);
    }

    /** Lets the answer go wrong as it is arranged. */
    public function through(Answer $answer): Answer
    {
        ['mode' => $mode, 'away' => $away] = $this->state();
        usleep($away * 1000);
        if ($mode === 'slow') {
            sleep(self::SLOW);
        }

        return match ($mode) {
            '401' => new Answer(401, '{"message":"This key is not known."}', [
                'Content-Type' => 'application/json',
                'WWW-Authenticate' => "Key realm=\"$this->name\"",
            ]),
            '429' => new Answer(429, '{"message":"Please slow down."}', ['Content-Type' => 'application/json', 'Retry-After' => '20']),
            '500' => Answer::problem(500, 'Something broke here.'),
            'cut' => new Answer(
                $answer->status,
                substr($answer->body, 0, intdiv(strlen($answer->body), 2)),
                ['Content-Length' => (string) strlen($answer->body)] + $answer->headers,
            ),
            'malformed' => new Answer($answer->status, substr($answer->body, 0, -2).',}', ['Content-Type' => 'application/json'] + $answer->headers),
            'html' => Answer::page('<!doctype html><title>Sign in</title><h1>Please sign in to go on</h1>'),
            default => $answer,
        };
    }

    /**
     * How it is arranged, and arranging it, for whoever has the key.
     *
     * @param  array<string, mixed>  $form
     */
    public function arranged(string $method, array $form, bool $byPage, string $address): Answer
    {
        if (! $this->box->isOpen()) {
            return Box::closed();
        }
        if ($method === 'POST') {
            $this->turn(is_string($form['mode'] ?? null) ? $form['mode'] : '');
        }

        return $byPage ? new Answer(303, '', ['Location' => "$address/?key={$this->box->key}"]) : Answer::json(200, $this->state());
    }

    /** The desk of the stand-in, where it is arranged. */
    public function desk(string $title, string $about, string $address): Answer
    {
        if (! $this->box->isOpen()) {
            return Box::closed();
        }
        $now = $this->state();
        $choices = '';
        foreach (self::MODES as $mode => $words) {
            $choices .=
                '<label><input type="radio" name="mode" value="'.
                $mode.
                '"'.
                ((string) $mode === $now['mode'] ? ' checked' : '').
                '> It answers '.
                Page::text($words).
                '.</label>';
        }

        return Page::of(
            $title,
            "<small>$title, for practice</small>$about<h2>How it answers</h2><form method=\"post\" "
                ."action=\"$address/switches?key={$this->box->key}\">$choices<p><button class=\"main\">Arrange it so</button></p></form><p "
                    ."class=\"quiet\">It has been asked {$now['calls']} times.</p>",
        );
    }

    /** @param  callable(array{mode: string, calls: int, away: int}): array{mode: string, calls: int, away: int}  $change */
    private function change(callable $change): void
    {
        $lock = fopen("$this->file.lock", 'c');
        flock($lock, LOCK_EX);
        file_put_contents($this->file, (string) json_encode($change($this->state())));
        flock($lock, LOCK_UN);
        fclose($lock);
    }
}
