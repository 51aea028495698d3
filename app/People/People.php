<?php

declare(strict_types=1);

namespace App\People;

use App\Models\App;
use App\Records\DataFile;
use App\Records\DataSet;
use App\Records\EloquentRecordStore;
use Illuminate\Database\Connection;
use Illuminate\Database\Eloquent\Builder as EloquentBuilder;
use Illuminate\Database\Schema\Blueprint as Schema;
use Illuminate\Support\Facades\Date;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\People\Account as Known;
use Lanai\Core\Model\Table;
use Lanai\Core\Rows\Refused;

/** The people of one app in one data set: their accounts, apart from the app's own table, in its data file. */
final readonly class People
{
    public string $connection;

    public function __construct(public App $app, public DataSet $set, public Blueprint $blueprint)
    {
        $this->connection = (new DataFile($app, $set))->connection;
    }

    /** The tables that hold accounts; called whenever a data file takes the shape of a revision. */
    public static function prepare(Connection $database): void
    {
        $schema = $database->getSchemaBuilder();
        if ($schema->hasTable('_accounts')) {
            return;
        }
        $schema->create('_accounts', function (Schema $table): void {
            $table->id();
            $table->unsignedBigInteger('person')->unique();
            $table->string('email')->nullable()->unique();
            $table->string('password')->nullable();
            $table->boolean('guest')->default(false);
            $table->string('asks')->nullable();
            $table->timestamp('blocked_at')->nullable();
            $table->timestamp('seen_at')->nullable();
            $table->timestamps();
        });
        $schema->create('_identities', function (Schema $table): void {
            $table->id();
            $table->foreignId('account')->constrained('_accounts')->cascadeOnDelete();
            $table->string('provider');
            $table->string('issuer');
            $table->string('subject');
            $table->timestamps();
            $table->unique(['issuer', 'subject']);
        });
        $schema->create('_sessions', function (Schema $table): void {
            $table->id();
            $table->foreignId('account')->constrained('_accounts')->cascadeOnDelete();
            $table->string('token')->unique();
            $table->string('before')->nullable()->index();
            $table->string('way');
            $table->string('device')->default('');
            $table->timestamp('rotated_at');
            $table->timestamp('used_at')->nullable();
            $table->timestamp('expires_at');
            $table->timestamps();
        });
        $schema->create('_pending', function (Schema $table): void {
            $table->id();
            $table->string('handle')->unique();
            $table->string('kind');
            $table->string('email')->nullable();
            $table->string('code')->nullable();
            $table->unsignedTinyInteger('tries')->default(0);
            $table->text('facts');
            $table->timestamp('sent_at');
            $table->timestamp('expires_at');
        });
        $schema->create('_sign_ins', function (Schema $table): void {
            $table->id();
            $table->unsignedBigInteger('account')->nullable()->index();
            $table->string('what');
            $table->string('way')->default('');
            $table->string('device')->default('');
            $table->timestamp('at')->index();
        });
    }

    /** @return EloquentBuilder<Account> */
    public function accounts(): EloquentBuilder
    {
        return Account::on($this->connection);
    }

    /** @return EloquentBuilder<Session> */
    public function sessions(): EloquentBuilder
    {
        return Session::on($this->connection);
    }

    /** @return EloquentBuilder<Pending> */
    public function pending(): EloquentBuilder
    {
        return Pending::on($this->connection);
    }

    /** @return EloquentBuilder<Identity> */
    public function identities(): EloquentBuilder
    {
        return Identity::on($this->connection);
    }

    /** @return EloquentBuilder<SignInEvent> */
    public function events(): EloquentBuilder
    {
        return SignInEvent::on($this->connection);
    }

    public function accountOf(?int $person): ?Account
    {
        return $person === null ? null : $this->accounts()->where('person', $person)->first();
    }

    /** Writes into the history of sign-ins what happened. */
    public function note(string $what, ?int $account, string $way = '', string $device = ''): void
    {
        $this->events()->create(['account' => $account, 'what' => $what, 'way' => $way, 'device' => mb_substr($device, 0, 100), 'at' => Date::now()]);
    }

    public function table(): Table
    {
        return $this->blueprint->peopleTable() ?? throw new Refused('This app has no table of people yet.');
    }

    public function store(): EloquentRecordStore
    {
        return new EloquentRecordStore($this->app, $this->set, $this->blueprint);
    }

    /** What formulas know of the account behind a person. */
    public function known(?Account $account): ?Known
    {
        return $account === null ? null : new Known($account->email, $account->guest, $account->password !== null, $account->asks);
    }
}
