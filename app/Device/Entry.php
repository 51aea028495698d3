<?php

declare(strict_types=1);

namespace App\Device;

use App\Models\App;
use App\Models\Founder;
use App\Models\Revision;
use App\Models\Tester;
use App\People\People;
use App\People\Reviewer;
use App\Records\DataFile;
use App\Records\DataSet;
use App\Space;
use App\Stores\Groups;
use App\Studio\SandboxCopy;
use App\Studio\TrialDesk;
use Illuminate\Http\Request;
use Lanai\Core\Languages\Preferred;
use Lanai\Core\Languages\Pseudo;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Play\Visit;
use Lanai\Core\Player\Player;
use Lanai\Core\Text\Pattern;

/** The way a device came in, which decides the app, the data set and the revision. */
final readonly class Entry
{
    public Space $space;

    /**
     * @param  Sitting|null  $sitting  whom and what a picture is taken of
     * @param  int|null  $original  the app of which this is a copy
     */
    private function __construct(
        public string $way,
        public string $key,
        public App $app,
        public DataSet $set,
        public Revision $revision,
        public ?Sitting $sitting = null,
        private ?int $original = null,
    ) {
        $this->space = new Space($app, $set, $revision);
    }

    /** Live by the app's address, sandbox by its share code, the deck by the founder's session. Anything else is not there. */
    public static function from(Request $request, string $way, string $key): self
    {
        if ($way === 'live') {
            $app = App::query()->with('liveRevision')->where('slug', $key)->firstOrFail();

            $live = $app->liveFor(self::lot($request)) ?? abort(404, 'This app is not live yet.');
            // Reviewers of stores are led to the practice data.
            $inputs = $request->input('inputs');
            $isReviewer = Reviewer::of($app)?->asks($app, $request->bearerToken(), is_array($inputs) ? $inputs : []) === true;

            return $isReviewer ? new self($way, $key, $app, DataSet::Sandbox, $app->revision) : new self($way, $key, $app, DataSet::Live, $live);
        }
        if ($way === 'share') {
            $app = App::query()->with('revision')->where('share_code', $key)->firstOrFail();

            // Testers may stay on a revision while the founder goes on.
            $known = $request->header('Lanai-Tester') ?? $request->query('try');
            $tester = is_string($known) && $known !== '' ? Tester::byKey($known) : null;
            $revision = $tester?->app_id === $app->id ? Groups::revisionOf($app, $tester) : $app->revision;

            return new self($way, $key, $app, DataSet::Sandbox, $revision);
        }
        if ($way === 'taken') {
            $sitting = Sitting::of($key);
            $space = $sitting?->space() ?? abort(404);

            return new self($way, $key, $space->app, $space->set, $space->revision, $sitting);
        }
        $founder = $request->user();
        if ($way === 'trial') {
            $known = $founder instanceof Founder ? TrialDesk::known($key) : null;
            $app = $known === null ? null : $founder->apps()->with(['revision', 'liveRevision'])->find($known['app']);
            abort_if($app === null, 404, 'This trial is over.');
            $revision = SandboxCopy::revision($app, Blueprint::fromData($known['blueprint']));

            return new self($way, $key, SandboxCopy::app($app, $known['copy'], $revision), DataSet::Sandbox, $revision, null, $app->id);
        }
        abort_unless($founder instanceof Founder && ctype_digit($key), 404);
        $app = $founder
            ->apps()
            ->with(['revision', 'liveRevision'])
            ->findOrFail($key);
        $set = DataSet::tryFrom($request->string('set', 'sandbox')->value()) ?? DataSet::Sandbox;

        return new self($way, $key, $app, $set, $app->revisionOf($set) ?? abort(404, 'Nothing is live yet.'));
    }

    /** The lot that a device has drawn: by it some have what goes live in steps first. */
    private static function lot(Request $request): ?int
    {
        $told = $request->header('Lanai-Lot');

        return is_string($told) && Pattern::match('/^\d{1,2}$/D', $told) ? (int) $told : null;
    }

    public function inDeck(): bool
    {
        return $this->way === 'deck' || $this->way === 'trial';
    }

    /** Whose pictures it shows. */
    public function pictures(): int
    {
        return $this->original ?? $this->app->id;
    }

    public function blueprint(): Blueprint
    {
        return $this->revision->read();
    }

    public function player(Visit $visit): Player
    {
        return $this->space->player($visit->tongue);
    }

    /**
     * The language and the locale for somebody. What is still being worked on, and what only tries the layout, is for the deck.
     *
     * @param  list<string>  $wanted  as a phone tells them
     * @param  string  $chosen  by the person; '' for none
     */
    public function speaks(array $wanted, string $chosen): Preferred
    {
        $chosen = $this->sitting->tongue ?? $chosen;
        $spoken = [$this->blueprint()->theme->tongue()];
        foreach ($this->blueprint()->languages as $language) {
            if (! $language->hidden || $this->inDeck()) {
                $spoken[] = $language->tongue;
            }
        }

        return $this->inDeck() && Pseudo::isOne($chosen) ? Preferred::pseudo(Pseudo::of($chosen)) : Preferred::of($spoken, $wanted, $chosen);
    }

    public function people(): People
    {
        return $this->space->people();
    }

    /** True where one may say who one is without signing in: for the founder in the sandbox, and where an app has no sign-in yet. */
    public function letsChoose(): bool
    {
        return $this->set === DataSet::Sandbox && ($this->inDeck() || ($this->way === 'share' && $this->blueprint()->signIn === null));
    }

    /** Changes with every revision and with every write to the data. */
    public function pulse(): string
    {
        // Whether anything has changed is asked without saying who asks; for a reviewer it is what is live, then.
        $isReviewed = $this->way === 'live' && $this->set === DataSet::Sandbox;
        $revision = $isReviewed ? $this->app->liveRevision ?? $this->revision : $this->revision;

        return $revision->number.'-'.(new DataFile($this->app, $isReviewed ? DataSet::Live : $this->set))->version();
    }
}
