<?php

declare(strict_types=1);

namespace App;

use App\Adverts\RewardBook;
use App\Earnings\Counter;
use App\Models\App;
use App\Models\Revision;
use App\People\AccountDesk;
use App\People\People;
use App\Reach\Postbox;
use App\Records\DataSet;
use App\Records\EloquentRecordStore;
use App\Services\ServiceDesk;
use App\Stores\Released;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Player\Player;

/** One app in one data set at one revision: its rows, its people, its services. Whatever runs an app asks for it here. */
final readonly class Space
{
    public function __construct(public App $app, public DataSet $set, public Revision $revision)
    {
    }

    /** Null where nothing is live yet. */
    public static function of(App $app, DataSet $set): ?self
    {
        $revision = $app->revisionOf($set);

        return $revision === null ? null : new self($app, $set, $revision);
    }

    public static function sandbox(App $app): self
    {
        return new self($app, DataSet::Sandbox, $app->revision);
    }

    public function blueprint(): Blueprint
    {
        return $this->revision->read();
    }

    public function store(): EloquentRecordStore
    {
        return new EloquentRecordStore($this->app, $this->set, $this->blueprint());
    }

    public function services(): ServiceDesk
    {
        return new ServiceDesk($this->app, $this->set);
    }

    /** Null where nothing is sold. */
    public function tills(): ?Counter
    {
        return $this->blueprint()->products === [] ? null : new Counter($this);
    }

    public function people(): People
    {
        return new People($this->app, $this->set, $this->blueprint());
    }

    /**
     * As the people of the app run it: they can sign in, and in the sandbox all is a rehearsal.
     *
     * @param  string  $tongue  the language in which it speaks to them; '' for the app's own
     */
    public function player(string $tongue = ''): Player
    {
        $accounts = $this->blueprint()->signIn === null ? null : new AccountDesk($this->people(), $this->revision->spoken($tongue)->own());

        return new Player(
            $this->revision->spoken($tongue),
            $this->store(),
            $accounts,
            $this->services(),
            rehearsal: $this->set === DataSet::Sandbox,
            tills: $this->tills(),
            rewards: $this->blueprint()->adverts === null ? null : new RewardBook($this),
            messaging: $this->messaging(),
            releases: new Released($this->app, $this->revision->spoken($tongue)),
        );
    }

    /**
     * For somebody who is signed in already and does not sign in or out, or who only looks.
     *
     * @param  string  $tongue  the language in which it speaks to them; '' for the app's own
     */
    public function looking(string $tongue = ''): Player
    {
        return new Player(
            $this->revision->spoken($tongue),
            $this->store(),
            null,
            $this->services(),
            rehearsal: $this->set === DataSet::Sandbox,
            tills: $this->tills(),
            messaging: $this->messaging(),
        );
    }

    /** Null where nothing is written to people. */
    public function messaging(): ?Postbox
    {
        return $this->blueprint()->sends === [] && $this->blueprint()->messages === null ? null : new Postbox($this);
    }

    /** What the app does by itself, in nobody's name. */
    public function itself(): Player
    {
        return new Player($this->blueprint(), $this->store(), null, $this->services(), itself: true, tills: $this->tills());
    }
}
