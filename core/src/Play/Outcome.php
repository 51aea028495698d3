<?php

declare(strict_types=1);

namespace Lanai\Core\Play;

/** What came of a tap. */
final class Outcome
{
    /** What the device does by itself. */
    public const ON_DEVICE = [
        'say', 'open', 'share', 'share here', 'copy', 'play', 'wait', 'refresh',
        'sheet', 'leave for', 'pay at', 'adverts', 'advert', 'count', 'calendar', 'download',
    ];

    /** @var list<string> messages to show */
    public array $say = [];

    /** @var array{screen: string, args: list<int|string>}|null where to go */
    public ?array $go = null;

    public bool $back = false;

    /** Back to the first screen, with nothing behind it. */
    public bool $over = false;

    /** @var list<array{do: string, text: string}> what the device does by itself, in order */
    public array $onDevice = [];

    /** @var array<string, string> values of the app that the device keeps: name in formulas => as written */
    public array $values = [];

    /** @var array<string, string> those that it forgets when the visit ends */
    public array $passing = [];

    /** @var array<string, mixed> what later effects of the same tap know: answers, and values just set */
    public array $known = [];

    /** @var array<string, mixed> what services answered to effects of this tap, by the name in formulas */
    public array $answers = [];

    /** @var list<Later> routines to be done by themselves some time later */
    public array $later = [];

    /** @var list<Letter> to be sent once all is written */
    public array $letters = [];

    /** @var list<Reported> to be told to whoever runs the app once all is written */
    public array $reports = [];

    /** The new session's token; '' for no session any more, null for no change. It is never kept with the answer. */
    public ?string $session = null;

    /** The handle of what was begun and waits for a code or a return; '' for nothing any more, null for no change. */
    public ?string $pending = null;

    /** Somebody must sign in before this can be done. */
    public bool $signIn = false;

    /** The screen where a person begins who has just signed in and wanted nothing else; '' for no such thing. */
    public string $arrives = '';

    /** @var array<string, mixed>|null what the person must say yes to, or answer, before anything is done */
    public ?array $confirm = null;

    /** The sentence that says why nothing was done; '' where it was done. */
    public string $refused = '';

    /** Nothing was done because a service did not answer: later it may. */
    public bool $unanswered = false;

    /** @var list<string> names in formulas of the inputs that the tap read: they are empty afterwards */
    public array $used = [];

    /** @var array<string, string> box => what is wrong with it */
    public array $errors = [];

    /** A message: at once, or after a wait or an advert over the whole screen where one comes before it. */
    public function say(string $text): void
    {
        if ($this->goesTo('wait') || $this->goesTo('advert')) {
            $this->onDevice('say', $text);
        } else {
            $this->say[] = $text;
        }
    }

    /** @param  value-of<self::ON_DEVICE>  $do */
    /** @param  string  $by  who invites by what is shared; '' for nobody */
    public function onDevice(string $do, string $text, string $by = ''): void
    {
        $this->onDevice[] = ['do' => $do, 'text' => $text] + ($by === '' ? [] : ['by' => $by]);
    }

    /** Whether the device is told to do this by itself. */
    public function goesTo(string $do): bool
    {
        return in_array($do, array_column($this->onDevice, 'do'), true);
    }

    public function leaves(): bool
    {
        return $this->go !== null || $this->back || $this->over;
    }

    /** @return array<string, mixed> as in docs/view.schema.json */
    public function data(): array
    {
        return [
            'done' => $this->refused === '' && $this->errors === [] && $this->confirm === null,
            'say' => $this->say,
            'go' => $this->go,
            'back' => $this->back,
            'over' => $this->over,
            'onDevice' => $this->onDevice,
            'values' => (object) $this->values,
            'passing' => (object) $this->passing,
            'confirm' => $this->confirm,
            'refused' => $this->refused,
            'errors' => (object) $this->errors,
            'used' => $this->used,
        ] +
            array_filter(
                [
                    'session' => $this->session,
                    'pending' => $this->pending,
                    'signIn' => $this->signIn ?: null,
                    'arrives' => $this->arrives === '' ? null : $this->arrives,
                ],
                fn (mixed $v): bool => $v !== null,
            );
    }

    /** @return array<string, mixed> what is kept, so that the same tap sent twice is answered the same */
    public function kept(): array
    {
        return [
            'say' => $this->say,
            'go' => $this->go,
            'back' => $this->back,
            'over' => $this->over,
            'onDevice' => $this->onDevice,
            'values' => $this->values,
            'passing' => $this->passing,
            'used' => $this->used,
        ];
    }

    /** @return array<string, mixed> letters to be sent, reports to be told and routines to be done, kept until that has happened */
    public function follows(): array
    {
        return [
            'letters' => array_map(fn (Letter $letter): array => [$letter->person, $letter->about, $letter->text], $this->letters),
            'reports' => array_map(fn (Reported $one): array => [$one->table, $one->row, $one->label, $one->why], $this->reports),
            'later' => array_map(fn (Later $later): array => [$later->routine, $later->given, $later->seconds], $this->later),
        ];
    }

    /** @param  array<string, mixed>  $kept */
    public function followsAgain(array $kept): void
    {
        $this->letters = $this->reports = $this->later = [];
        foreach (is_array($kept['reports'] ?? null) ? $kept['reports'] : [] as $one) {
            if (is_array($one) && is_string($one[0] ?? null) && is_int($one[1] ?? null) && is_string($one[2] ?? null) && is_string($one[3] ?? null)) {
                $this->reports[] = new Reported($one[0], $one[1], $one[2], $one[3]);
            }
        }
        foreach (is_array($kept['letters'] ?? null) ? $kept['letters'] : [] as $one) {
            if (is_array($one) && is_int($one[0] ?? null) && is_string($one[1] ?? null) && is_string($one[2] ?? null)) {
                $this->letters[] = new Letter($one[0], $one[1], $one[2]);
            }
        }
        foreach (is_array($kept['later'] ?? null) ? $kept['later'] : [] as $one) {
            if (is_array($one) && is_string($one[0] ?? null) && is_array($one[1] ?? null) && is_int($one[2] ?? null)) {
                $given = [];
                foreach ($one[1] as $name => $value) {
                    $given[(string) $name] = $value;
                }
                $this->later[] = new Later($one[0], $given, $one[2]);
            }
        }
    }

    /** @param  array<string, mixed>  $kept */
    public function again(array $kept): void
    {
        $texts = fn (mixed $list): array => is_array($list) ? array_filter($list, is_string(...)) : [];
        $this->say = array_values($texts($kept['say'] ?? null));
        $go = $kept['go'] ?? null;
        $this->go =
            is_array($go) && is_string($go['screen'] ?? null) && is_array($go['args'] ?? null)
                ? ['screen' => $go['screen'], 'args' => array_values(array_filter($go['args'], fn (mixed $a): bool => is_int($a) || is_string($a)))]
                : null;
        $this->back = ($kept['back'] ?? false) === true;
        $this->over = ($kept['over'] ?? false) === true;
        $this->onDevice = [];
        foreach (is_array($kept['onDevice'] ?? null) ? $kept['onDevice'] : [] as $one) {
            if (is_array($one) && is_string($one['do'] ?? null) && is_string($one['text'] ?? null)) {
                $this->onDevice[] = ['do' => $one['do'], 'text' => $one['text']];
            }
        }
        $this->values = $this->passing = [];
        foreach ($texts($kept['values'] ?? null) as $name => $value) {
            $this->values[(string) $name] = $value;
        }
        foreach ($texts($kept['passing'] ?? null) as $name => $value) {
            $this->passing[(string) $name] = $value;
        }
    }

    public function nothing(): void
    {
        $this->again([]);
        $this->later = [];
        $this->letters = $this->reports = [];
        $this->session = $this->pending = null;
        $this->arrives = '';
        $this->known = $this->answers = [];
    }
}
