<?php

declare(strict_types=1);

namespace Lanai\Core\Player;

use Lanai\Core\Access\GuardedStore;
use Lanai\Core\Access\Rights;
use Lanai\Core\Access\Rules;
use Lanai\Core\Effects\AddToCalendar;
use Lanai\Core\Formula\Items;
use Lanai\Core\Lines\Conversation;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Reach\Calendar;
use Lanai\Core\Model\Reach\Message;
use Lanai\Core\Model\Reach\Opens;
use Lanai\Core\Model\Reach\Wording;
use Lanai\Core\Model\Row;
use Lanai\Core\Play\Accounts;
use Lanai\Core\Play\AdvertRules;
use Lanai\Core\Play\Arguments;
use Lanai\Core\Play\Arrival;
use Lanai\Core\Play\Drawing;
use Lanai\Core\Play\EmptyAccount;
use Lanai\Core\Play\Later;
use Lanai\Core\Play\Messaging;
use Lanai\Core\Play\Outcome;
use Lanai\Core\Play\Proof;
use Lanai\Core\Play\Releases;
use Lanai\Core\Play\Rewards;
use Lanai\Core\Play\Tills;
use Lanai\Core\Play\Trail;
use Lanai\Core\Play\Visit;
use Lanai\Core\Play\Whence;
use Lanai\Core\Reach\CalendarEntry;
use Lanai\Core\Reach\Words;
use Lanai\Core\Rows\RecordStore;
use Lanai\Core\Rows\Refused;
use Lanai\Core\Services\Answers;
use Lanai\Core\Services\AnswerStore;
use Lanai\Core\Services\Call;
use Lanai\Core\Services\RowsMade;
use Lanai\Core\Services\Services;

/** Runs an app: draws its screens, does what taps say, and explains itself; each for one visit. */
final readonly class Player
{
    /**
     * @param  Accounts|null  $accounts  null where nobody can sign in
     * @param  Services|null  $services  null where no service can be reached
     * @param  bool  $itself  the app acts by itself, and nobody's rights limit it
     * @param  bool  $rehearsal  the app is being tried out, as in Rules
     * @param  Tills|null  $tills  null where nothing can be bought
     * @param  Rewards|null  $rewards  null where no adverts are shown
     * @param  Messaging|null  $messaging  null where nothing is written to people
     * @param  Releases|null  $releases  null where nothing is released
     */
    public function __construct(
        private Blueprint $blueprint,
        private RecordStore $store,
        private ?Accounts $accounts = null,
        private ?Services $services = null,
        private bool $itself = false,
        private bool $rehearsal = false,
        private ?Tills $tills = null,
        private ?Rewards $rewards = null,
        private ?Messaging $messaging = null,
        private ?Releases $releases = null,
    ) {
    }

    /** @return array<string, mixed> a view tree as in docs/view.schema.json */
    public function show(Visit $visit, Trail $trail): array
    {
        return (new Show($this->stage($visit, $trail, true)))->view();
    }

    /**
     * Does what a tap on a line says. All row changes stay together or none does, and the same tap sent twice acts once.
     *
     * @param  string  $at  where the line's node stands in the view tree
     * @param  int|null  $item  id of the tapped row in a list
     * @param  string  $tap  a key that the device made for this tap; '' for none
     */
    public function tap(Visit $visit, string $at, ?int $item, string $tap, Trail $trail): Outcome
    {
        return (new Tap($this->stage($visit, $trail), $this->accounts))->on($at, $item, $tap);
    }

    /**
     * Does a routine that a tap left for later; all of it stays or nothing does.
     *
     * @param  string  $key  with the same one it is done once; '' for each time
     */
    public function later(Later $later, Visit $visit, Trail $trail, string $key = ''): Outcome
    {
        return (new Tap($this->stage($visit, $trail), $this->accounts))->later($later, $key);
    }

    /**
     * Does what buying a product does, for the person of a visit; all of it stays or nothing does.
     *
     * @param  string  $product  its key
     * @param  string  $key  with the same one it is done once
     */
    public function bought(string $product, string $key, Visit $visit, Trail $trail): Outcome
    {
        return (new Tap($this->stage($visit, $trail), $this->accounts))->bought($product, $key);
    }

    /**
     * Does what is done for the person of a visit, who was invited; all of it stays or nothing does.
     *
     * @param  int  $inviter  a row of the people table
     * @param  string  $key  with the same one it is done once
     */
    public function invited(int $inviter, string $key, Visit $visit, Trail $trail): Outcome
    {
        return (new Tap($this->stage($visit, $trail), $this->accounts))->invited($inviter, $key);
    }

    /**
     * Lets somebody in who has come back from a provider.
     *
     * @return array{Arrival, string} and the screen where they begin
     *
     * @throws Refused
     */
    public function arrive(Proof $proof, Visit $visit): array
    {
        $accounts = $this->accounts ?? throw new Refused('Signing in is not possible here.');
        $entered = $this->store->together(fn (): Arrival => $accounts->enter($proof, $visit));
        $people = $this->blueprint->peopleTable();
        $row = $people === null ? null : $this->store->whole()->byIds($people, [$entered->person])[$entered->person] ?? null;

        return [$entered, Stage::arrival($this->blueprint, new Rights($this->blueprint, $this->store->whole(), $visit->moment, $row))];
    }

    /**
     * What a conversation at this place asks when a person says something.
     *
     * @param  list<array{role: 'user'|'assistant', content: string}>  $before
     *
     * @throws Refused
     */
    public function talk(Visit $visit, string $at, array $before, string $words): Call
    {
        $stage = $this->stage($visit, Trail::none());
        $screen = $stage->screen() ?? throw new Refused('This screen is no longer there.');
        [$line, $scene] = Drawing::find($at, $screen->lines(), "{$stage->at($screen)}/lines", $stage->scene($screen)) ?? [null, null];

        return $scene !== null && $line instanceof Conversation
            ? $line->turn($scene, $before, $words)
            : throw new Refused('This screen has just changed. Please try again.');
    }

    /**
     * A message as the person of a visit reads it, of the rows that they may see.
     *
     * @param  int|null  $about  the row that it is about; null for none
     * @param  int  $wording  which of its wordings
     * @param  Row|null  $known  the person, where they were read a moment ago; null to be read
     *
     * @throws Refused where they may not see that row, or it is not there any more
     */
    public function words(Visit $visit, Message $message, ?int $about, int $wording, ?Row $known = null): Words
    {
        // In the language in which this runs.
        $message = $this->blueprint->message($message->key()) ?? $message;
        $scene = $this->stage($visit, Trail::none(), $known !== null, $known)->around();
        if ($about !== null) {
            $row = $scene->reader->row($message->aboutOne(), $about) ?? throw new Refused("They may not see this {$message->aboutOne()}, or it is gone.");
            $scene = $scene->knowing([$message->rowName() => $row]);
        }
        $says = $message->says[$wording] ?? $message->says[0] ?? new Wording();
        $opens = $message->opens[0] ?? new Opens('');
        $screen = $this->blueprint->screen($opens->screen);
        $picture = $says->picture === '' ? null : $scene->value($says->picture, 'picture');

        return new Words(
            mb_substr($scene->text($says->title, 'title'), 0, Words::TITLE),
            mb_substr($scene->text($says->text, 'text'), 0, Words::TEXT),
            is_string($picture) ? $picture : '',
            (string) $screen?->slug(),
            $screen === null ? [] : Arguments::placed($screen->parameters(), $opens->with, $scene),
        );
    }

    /**
     * What stands in a calendar for the person of a visit, of the rows that they may see; what has no time yet is left out.
     *
     * @param  int  $most  so many at most
     * @return list<CalendarEntry>
     */
    public function calendar(Visit $visit, Calendar $calendar, int $most): array
    {
        $scene = $this->stage($visit, Trail::none())->around();
        // In the language in which this runs.
        $calendar = $this->blueprint->calendar($calendar->key()) ?? $calendar;
        $each = new AddToCalendar($calendar->each, $calendar->from, $calendar->for, $calendar->at, $calendar->about, $calendar->reminding);
        $entries = [];
        foreach (Items::each($calendar->rows === '' ? null : $scene->value($calendar->rows, 'rows')) as $row) {
            if ($row instanceof Row && count($entries) < $most) {
                try {
                    $entries[] = $each->entry($scene->inRow($row), [$this->blueprint->name, $calendar->key(), $row->table->name, $row->id]);
                } catch (Refused) {
                    continue;
                }
            }
        }

        return $entries;
    }

    /** Whether adverts may stand on the screen for whoever looks. */
    public function mayAdvertise(Visit $visit): bool
    {
        return AdvertRules::allow($this->stage($visit, Trail::none())->around());
    }

    /** Why the list at this place shows nothing. */
    public function whyEmpty(Visit $visit, string $at): ?EmptyAccount
    {
        return (new Explain($this->stage($visit, Trail::none())))->whyEmpty($at);
    }

    /**
     * Where the values of a line come from, one account for each formula in it.
     *
     * @param  int|null  $item  the row of a list's item; null for the line itself
     * @return list<Whence>
     */
    public function whence(Visit $visit, string $at, ?int $item): array
    {
        return (new Explain($this->stage($visit, Trail::none())))->whence($at, $item);
    }

    /**
     * The rows as the person of a visit may see and change them, and beside them what services answer.
     *
     * @param  bool  $looks  nothing is changed: who looks is read once
     * @param  Row|null  $known  who looks, where they were read a moment ago; null to be read
     */
    private function stage(Visit $visit, Trail $trail, bool $looks = false, ?Row $known = null): Stage
    {
        $store = $this->store;
        $me = $known;
        if (! $this->itself && $store->rights() === null && (new Rules($this->blueprint, $this->rehearsal))->any()) {
            $me ??= Stage::me($this->blueprint, $visit, $store);
            $store = new GuardedStore($store->whole(), new Rights($this->blueprint, $store->whole(), $visit->moment, $me, $this->rehearsal));
        }
        $answers = null;
        if ($this->blueprint->services !== []) {
            $made = new RowsMade($this->blueprint);
            $answers = new Answers($this->services, $made, $visit, $trail);
            $store = new AnswerStore($store, $made, $visit->moment);
        }

        return new Stage(
            $this->blueprint,
            $store,
            $visit,
            $trail,
            $answers,
            $this->tills,
            $this->rewards,
            $looks ? $me : null,
            $this->messaging,
            $this->releases,
        );
    }
}
