<?php

declare(strict_types=1);

namespace App\Stores;

use App\Apps\Pictures;
use App\Jobs\SendNotice;
use App\Models\App;
use App\Models\Build;
use App\Models\Feedback;
use App\Models\Founder;
use App\Models\Tester;
use App\Outbound\Practice;
use App\Packaging\ServerAddress;
use App\Packaging\Target;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;
use Lanai\Core\Text\Pattern;

/** Testers of an app: they are invited by letter, open it by the key in it, and tell how it was. */
final readonly class Testing
{
    /** Of one app. */
    public const MOST = 100;

    /** Days for which a key opens anything. */
    public const DAYS = 90;

    /** Minutes before somebody is written to again. */
    private const PAUSE = 10;

    private const FEEDBACK = 500;

    private const SHOWN = 50;

    public function __construct(private App $app)
    {
    }

    /**
     * @param  string  $emails  addresses with commas, blanks or line ends between them
     * @return int how many letters are on their way
     *
     * @throws ValidationException where one is no address, or there would be too many
     */
    public function invite(string $emails, string $group): int
    {
        $all = array_values(array_unique(array_filter(Pattern::split('/[\s,;]+/', mb_strtolower($emails)))));
        foreach ($all as $email) {
            if (strlen($email) > 200 || filter_var($email, FILTER_VALIDATE_EMAIL) === false) {
                throw ValidationException::withMessages(['emails' => "“{$email}” is not an e-mail address."]);
            }
        }
        $had = Tester::query()->where('app_id', $this->app->id)->whereNotIn('email', $all)->count();
        if ($all === [] || $had + count($all) > self::MOST) {
            throw ValidationException::withMessages([
                'emails' => $all === [] ? 'Please write at least one e-mail address.' : 'At most '.self::MOST.' people can try an app in this way.',
            ]);
        }
        $lately = Tester::query()->where('app_id', $this->app->id)->where('updated_at', '>', now()->subMinutes(self::PAUSE))->pluck('email')->all();
        $all = array_values(array_diff($all, $lately));
        if ($all === []) {
            throw ValidationException::withMessages(['emails' => 'They were written to a moment ago. A letter may take some minutes.']);
        }
        foreach ($all as $email) {
            $key = Str::random(40);
            Tester::query()->updateOrCreate(['app_id' => $this->app->id, 'email' => $email], [
                'group' => $group,
                'mark' => hash('sha256', $key),
                'opened_at' => null,
                'until' => now()->addDays(self::DAYS),
            ]);
            $this->write($email, $key);
        }

        return count($all);
    }

    /** The newest package that a phone can have from here, of those that are not newer than what they are to try; null for none. */
    public function package(Tester $tester): ?Build
    {
        return $this->app
            ->builds()
            ->where(['target' => Target::Apk->value, 'state' => 'done'])
            ->where('revision_id', '<=', Groups::revisionOf($this->app, $tester)->id)
            ->latest('id')
            ->first();
    }

    /** @param  string|null  $picture  its bytes */
    public function tell(Tester $tester, string $words, string $screen, ?string $picture, string $on): Feedback
    {
        $name = $picture === null ? '' : (new Pictures())->keep($this->app, $picture);
        $tried = Groups::revisionOf($this->app, $tester);
        $names = array_column($tried->read()->screens, 'name');
        $told = Feedback::query()->create([
            'app_id' => $this->app->id,
            'tester_id' => $tester->id,
            'by' => $tester->email,
            'words' => $words,
            'screen' => in_array($screen, $names, true) ? $screen : '',
            'picture' => $name,
            'on' => mb_substr($on, 0, 200),
            'revision' => $tried->number,
        ]);
        $old = Feedback::query()->where('app_id', $this->app->id)->orderByDesc('id')->skip(self::FEEDBACK)->take(self::FEEDBACK)->pluck('id');
        Feedback::query()->whereIn('id', $old)->delete();

        return $told;
    }

    /** @return array<string, mixed> as in docs/studio.schema.json */
    public function state(): array
    {
        $screens = array_flip(array_column($this->app->revision->read()->screens, 'name'));

        $testers = Tester::query()->where('app_id', $this->app->id)->orderBy('group')->orderBy('email')->get();
        $feedback = Feedback::query()->where('app_id', $this->app->id)->orderByDesc('id')->limit(self::SHOWN)->get();

        return [
            'most' => self::MOST,
            'groups' => Groups::of($this->app),
            'testers' => array_values($testers->map(fn (Tester $one): array => [
                'id' => $one->id,
                'email' => $one->email,
                'group' => $one->group,
                'opened' => $one->opened_at?->toIso8601String(),
                'until' => $one->until->toIso8601String(),
                'over' => $one->until->isPast(),
            ])->all()),
            'feedback' => array_values($feedback->map(fn (Feedback $one): array => [
                ...$one->only(['id', 'by', 'words', 'screen', 'picture', 'on', 'revision']),
                'at' => isset($screens[$one->screen]) ? '/screens/'.$screens[$one->screen] : '',
                'told' => (string) $one->created_at?->toIso8601String(),
            ])->all()),
        ];
    }

    private function write(string $email, string $key): void
    {
        $founder = Founder::query()->findOrFail($this->app->founder_id);
        $address = ServerAddress::of($this->app)."/try/$key";
        SendNotice::dispatch(
            $email,
            "Will you try {$this->app->name}?",
            "$founder->name asks you to try {$this->app->name} before it is in the stores. Open this on your phone; it is yours alone, and good for "
                .self::DAYS." days:\n\n    $address\n\nThere you can also say how it was. If you do not want to, you need not do anything.",
            $this->app->name,
            Practice::boxOf($this->app),
        );
    }
}
