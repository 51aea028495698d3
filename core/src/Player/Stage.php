<?php

declare(strict_types=1);

namespace Lanai\Core\Player;

use Lanai\Core\Access\Rights;
use Lanai\Core\Access\SignInFirst;
use Lanai\Core\Model\AnyParameter;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\FieldTypes\EntitlementType;
use Lanai\Core\Model\Row;
use Lanai\Core\Model\Screen;
use Lanai\Core\Play\AppValues;
use Lanai\Core\Play\Arguments;
use Lanai\Core\Play\Drawing;
use Lanai\Core\Play\Messaging;
use Lanai\Core\Play\Releases;
use Lanai\Core\Play\Rewards;
use Lanai\Core\Play\Scene;
use Lanai\Core\Play\Tappable;
use Lanai\Core\Play\Tills;
use Lanai\Core\Play\Trail;
use Lanai\Core\Play\Visit;
use Lanai\Core\Rows\Reader;
use Lanai\Core\Rows\RecordStore;
use Lanai\Core\Rows\Refused;
use Lanai\Core\Services\Answers;
use Lanai\Core\Text\Names;

/** One visit of an app: its rows as this person may see and change them, and where on which screen they are. */
final readonly class Stage
{
    /** What is said instead of a screen that is for some people alone. */
    public const SIGN_IN = 'Please sign in to see this.';

    public const FOR_THOSE = 'This is for those with ';

    /**
     * @param  Answers|null  $answers  what services have answered in this visit; null where the app asks none
     * @param  Tills|null  $tills  null where nothing can be bought
     * @param  Rewards|null  $rewards  null where no adverts are shown
     * @param  Row|null  $known  who looks, where they were read a moment ago; null to be read
     * @param  Messaging|null  $messaging  null where nothing is written to people
     * @param  Releases|null  $releases  null where nothing is released
     */
    public function __construct(
        public Blueprint $blueprint,
        public RecordStore $store,
        public Visit $visit,
        public Trail $trail,
        public ?Answers $answers = null,
        public ?Tills $tills = null,
        public ?Rewards $rewards = null,
        private ?Row $known = null,
        public ?Messaging $messaging = null,
        public ?Releases $releases = null,
    ) {
    }

    public function screen(): ?Screen
    {
        return ($this->visit->screen === '' ? null : $this->blueprint->screen($this->visit->screen)) ?? $this->blueprint->firstScreen();
    }

    /** Where a screen is said. */
    public function at(Screen $screen): string
    {
        return '/screens/'.array_search($screen, $this->blueprint->screens, true);
    }

    /** @throws Refused where a row that the screen is about is not there, or nobody is signed in on a screen that needs it */
    public function scene(Screen $screen, ?Trail $trail = null): Scene
    {
        $me = $this->known ?? self::me($this->blueprint, $this->visit, $this->store);
        if ($screen->signedIn && $me === null) {
            throw new SignInFirst(self::SIGN_IN);
        }
        $reader = new Reader($this->store);
        $args = $this->visit->args;
        $about = Arguments::read($screen->parameters(), fn (AnyParameter $p, int $i): int|string|null => $args[$i] ?? null, $this->blueprint, $reader);
        $typed = array_filter($this->visit->inputs, fn (string $name): bool => ! str_contains($name, '.'), ARRAY_FILTER_USE_KEY);

        $scene = $this->with($reader, ['me' => $me] + $about, $typed, $trail ?? $this->trail);
        if ($screen->having !== '') {
            self::mustHave($screen->having, $me, $scene);
        }

        return $scene;
    }

    /** @throws Refused where somebody has not what a screen is for; an entitlement that is not there nobody has */
    private static function mustHave(string $entitlement, ?Row $me, Scene $scene): void
    {
        if ($me === null) {
            throw new SignInFirst(self::SIGN_IN);
        }
        $field = $me->table->field($entitlement);
        if ($field === null || ! ($field->type instanceof EntitlementType) || ! $scene->yes('me.'.Names::inFormula($field->name))) {
            throw new Refused(self::FOR_THOSE."$entitlement.");
        }
    }

    /** Beside all screens: what a routine sees. */
    public function around(): Scene
    {
        return $this->with(new Reader($this->store), ['me' => $this->known ?? self::me($this->blueprint, $this->visit, $this->store)], [], $this->trail);
    }

    /**
     * The line that is tapped at a place, and what it sees there.
     *
     * @return array{Tappable, Scene}
     *
     * @throws Refused
     */
    public function behind(Screen $screen, string $at, Scene $scene): array
    {
        $own = $this->at($screen);
        [$line, $here] =
            Drawing::find($at, $screen->lines(), "$own/lines", $scene) ?? Drawing::find($at, $screen->actions(), "$own/actions", $scene) ?? [null, null];
        if ($here === null || ! ($line instanceof Tappable)) {
            throw new Refused('This screen has just changed. Please try again.');
        }

        return [$line, $here];
    }

    public static function me(Blueprint $blueprint, Visit $visit, RecordStore $store): ?Row
    {
        $people = $blueprint->peopleTable();

        return $people === null || $visit->person === null ? null : (new Reader($store->whole()))->row($people->singular, $visit->person);
    }

    /** Where somebody begins who has just come in: the first screen of their role, else of the app. */
    public static function arrival(Blueprint $blueprint, ?Rights $rights): string
    {
        $role = $blueprint->role((string) $rights?->role());
        $begins = $role === null || $role->begins === '' ? null : $blueprint->screen($role->begins);

        return (string) ($begins ?? $blueprint->firstScreen())?->slug();
    }

    /**
     * @param  array<string, mixed>  $names
     * @param  array<string, mixed>  $typed
     */
    private function with(Reader $reader, array $names, array $typed, Trail $trail): Scene
    {
        return new Scene(
            $this->blueprint,
            $this->store,
            $reader,
            $this->visit->moment,
            $trail,
            $names,
            AppValues::of($this->blueprint, $this->visit, $reader, $this->store) + $typed,
            visit: $this->visit,
            beside: array_filter([
                Answers::class => $this->answers,
                Tills::class => $this->tills,
                Rewards::class => $this->rewards,
                Messaging::class => $this->messaging,
                Releases::class => $this->releases,
            ]),
        );
    }
}
