<?php

declare(strict_types=1);

namespace App\Reach;

use App\Records\DataFile;
use App\Records\Sql;
use App\Space;
use Illuminate\Database\Connection;
use Illuminate\Database\Query\Builder;
use Illuminate\Database\Schema\Blueprint as Schema;
use Illuminate\Support\Facades\DB;
use Lanai\Core\Reach\Words;

/**
 * What is to be sent to whom, and what became of it, in one data set. An occasion is that a message is to be sent; from it follows a post for each
 * person, once; and of a post one delivery to each phone.
 */
final readonly class MessageBook
{
    /** Days for which it is kept who was sent what. */
    private const KEPT = 60;

    /** Seconds after which what was taken up to be sent and was not ended is taken up again. */
    private const LOST = 120;

    public const INBOX = 100;

    public Connection $database;

    public function __construct(private Space $space)
    {
        $this->database = DB::connection((new DataFile($space->app, $space->set))->connection);
    }

    public static function prepare(Connection $database): void
    {
        $schema = $database->getSchemaBuilder();
        if ($schema->hasTable('_deliveries')) {
            if (! $schema->hasColumn('_posts', 'tongue')) {
                $schema->table('_posts', self::circumstances(...));
            }
            if (! $schema->hasColumn('_posts', 'came')) {
                $schema->table('_posts', fn (Schema $table) => $table->unsignedBigInteger('came')->default(0));
            }

            return;
        }
        $schema->create('_occasions', function (Schema $table): void {
            $table->id();
            $table->string('message');
            // The row that it is about; 0 for none.
            $table->unsignedInteger('about')->default(0);
            // Each occasion happens once.
            $table->string('mark')->unique();
            $table->unsignedBigInteger('at');
            $table->unsignedBigInteger('worth');
            // Only people in this time zone; '' for all.
            $table->string('zone')->default('');
            // Up to whom the people were chosen, and then the phones of nobody.
            $table->unsignedInteger('upto')->default(0);
            $table->unsignedInteger('phones')->default(0);
            $table->boolean('chosen')->default(false);
            // What went wrong with choosing; '' for nothing.
            $table->string('said')->default('');
            $table->index(['message', 'at']);
            $table->index(['chosen', 'at']);
        });
        $schema->create('_posts', function (Schema $table): void {
            $table->id();
            $table->unsignedInteger('occasion');
            $table->string('message');
            $table->unsignedInteger('about')->default(0);
            // 0 for nobody who is signed in: then it is for one phone.
            $table->unsignedInteger('person')->default(0);
            $table->unsignedInteger('phone')->default(0);
            $table->unsignedInteger('wording')->default(0);
            $table->unsignedBigInteger('due');
            $table->unsignedBigInteger('worth');
            // "waiting", "taken", "sent", "held" (by a rule), "failed".
            $table->string('state');
            $table->string('why')->default('');
            $table->unsignedBigInteger('taken')->default(0);
            $table->unsignedInteger('tries')->default(0);
            $table->string('title')->default('');
            $table->text('text')->default('');
            $table->string('picture')->default('');
            $table->string('screen')->default('');
            $table->text('args')->default('[]');
            // When a phone has told that it is there.
            $table->unsignedBigInteger('came')->default(0);
            $table->unsignedBigInteger('opened')->default(0);
            $table->unsignedBigInteger('led')->default(0);
            $table->unsignedBigInteger('read')->default(0);
            self::circumstances($table);
            $table->unique(['occasion', 'person', 'phone']);
            $table->index(['state', 'due']);
            $table->index(['person', 'due']);
            $table->index(['message', 'due']);
        });
        $schema->create('_deliveries', function (Schema $table): void {
            $table->string('uid')->primary();
            $table->unsignedInteger('post');
            $table->unsignedInteger('phone');
            // "waiting", "sent", "gone", "failed".
            $table->string('state');
            $table->string('why')->default('');
            $table->index('post');
        });
        $schema->create('_sweeps', function (Schema $table): void {
            $table->string('message')->primary();
            $table->unsignedBigInteger('until');
        });
    }

    /** Under which it was sent, and whether its channel was turned off after it. */
    private static function circumstances(Schema $table): void
    {
        $table->string('tongue')->default('');
        // The hour of the day where they are; null for one that was not sent.
        $table->unsignedTinyInteger('hour')->nullable();
        $table->unsignedInteger('revision')->default(0);
        $table->unsignedBigInteger('off')->default(0);
    }

    /**
     * A message is to be sent.
     *
     * @param  string  $mark  with the same one it happens once
     * @return int|null its number; null where it happened already
     */
    public function happens(string $message, int $about, string $mark, int $at, int $worth, string $zone = ''): ?int
    {
        $row = ['message' => $message, 'about' => $about, 'mark' => $mark, 'at' => $at, 'worth' => $worth, 'zone' => $zone];

        return $this->database->transaction(function () use ($row): ?int {
            $made = $this->occasions()->insertOrIgnore($row) > 0;

            return $made ? (int) $this->occasions()->where('mark', $row['mark'])->value('id') : null;
        });
    }

    /** @return list<int> occasions whose people are not all chosen yet */
    public function unchosen(): array
    {
        return array_map(intval(...), $this->occasions()->where('chosen', false)->orderBy('at')->limit(100)->pluck('id')->all());
    }

    public function occasion(int $id): ?\stdClass
    {
        return $this->occasions()->where('id', $id)->first();
    }

    /**
     * Some people have been chosen; all of it is kept or nothing is.
     *
     * @param  list<array<string, int|string>>  $posts
     * @param  array<string, int|string|bool>  $now  how far the choosing has come
     */
    public function chose(int $occasion, array $posts, array $now): void
    {
        $this->database->transaction(function () use ($occasion, $posts, $now): void {
            foreach (array_chunk($posts, 500) as $some) {
                $this->posts()->insertOrIgnore($some);
            }
            $this->occasions()->where('id', $occasion)->update($now);
        });
    }

    /**
     * When some people were sent anything lately, or will be.
     *
     * @param  list<int>  $people
     * @return array<int, list<int>> by person, seconds since 1970
     */
    public function had(array $people, int $since): array
    {
        $found = [];
        $posts = $this->posts()->whereIntegerInRaw('person', $people)->where('due', '>', $since)->whereIn('state', ['waiting', 'taken', 'sent']);
        foreach ($posts->get(['person', 'due']) as $raw) {
            $found[(int) $raw->person][] = (int) $raw->due;
        }

        return $found;
    }

    /**
     * When some people were sent one message last.
     *
     * @param  list<int>  $people
     * @return array<int, int> by person
     */
    public function before(string $message, array $people): array
    {
        $found = $this->posts()
            ->whereIntegerInRaw('person', $people)
            ->where('message', $message)
            ->whereIn('state', ['waiting', 'taken', 'sent'])
            ->groupBy('person')
            ->selectRaw('person, max(due) as last')
            ->pluck('last', 'person');

        return array_map(intval(...), $found->all());
    }

    public function takeUpAgain(): void
    {
        $this->posts()->where('state', 'taken')->update(['state' => 'waiting']);
    }

    public function hasDue(int $now): bool
    {
        return $this->due($now)->exists();
    }

    /**
     * Takes up some of what is due: nobody else has it then.
     *
     * @return list<\stdClass> posts
     */
    public function take(int $most, int $now): array
    {
        $ids = $this->due($now)->orderBy('due')->limit($most)->select('id');
        $taken = $this->database->select(
            "update \"_posts\" set \"state\" = 'taken', \"taken\" = ?, \"tries\" = \"tries\" + 1 where \"id\" in ({$ids->toSql()}) returning *",
            [$now, ...$ids->getBindings()],
        );

        return array_values($taken);
    }

    /**
     * The deliveries of some posts that are still to be made, one for each phone; they are kept before anything is sent, so that the same is sent with the same
     * number again.
     *
     * @param  list<array{uid: string, post: int, phone: int}>  $wanted
     * @return array<string, true> those that are still waiting
     */
    public function prepared(array $wanted): array
    {
        $posts = array_values(array_unique(array_column($wanted, 'post')));
        $this->database->transaction(function () use ($wanted): void {
            foreach (array_chunk($wanted, 500) as $some) {
                $this->deliveries()->insertOrIgnore(array_map(fn (array $one): array => [...$one, 'state' => 'waiting'], $some));
            }
        });

        return array_fill_keys($this->deliveries()->whereIntegerInRaw('post', $posts)->where('state', 'waiting')->pluck('uid')->all(), true);
    }

    /**
     * What became of some posts and their deliveries; all of it is kept or nothing is.
     *
     * @param  array<string, array{state: string, why: string}>  $deliveries  by uid
     * @param  array<int, array<string, int|string>>  $posts  by id
     */
    public function ended(array $deliveries, array $posts): void
    {
        $this->database->transaction(function () use ($deliveries, $posts): void {
            $alike = [];
            foreach ($deliveries as $uid => $now) {
                $alike["$now[state] $now[why]"][0] = $now;
                $alike["$now[state] $now[why]"][1][] = $uid;
            }
            foreach ($alike as [$now, $uids]) {
                foreach (array_chunk($uids, 500) as $some) {
                    $this->deliveries()->whereIn('uid', $some)->update($now);
                }
            }
            $same = [];
            foreach ($posts as $id => $now) {
                ksort($now);
                $same[implode(',', array_keys($now))][] = ['id' => $id] + $now;
            }
            foreach ($same as $rows) {
                foreach (array_chunk($rows, 500) as $some) {
                    $this->write($some);
                }
            }
        });
    }

    /**
     * Many posts by one statement.
     *
     * @param  non-empty-list<array<string, int|string>>  $rows  each with its id, and all of the same columns
     */
    private function write(array $rows): void
    {
        $columns = array_keys($rows[0]);
        $named = implode(', ', array_map(Sql::name(...), $columns));
        $each = '('.implode(', ', array_fill(0, count($columns), '?')).')';
        $set = implode(', ', array_map(fn (string $column): string => Sql::name($column).' = "now".'.Sql::name($column), array_diff($columns, ['id'])));
        $this->database->update(
            "with \"now\" ($named) as (values ".implode(', ', array_fill(0, count($rows), $each)).") update \"_posts\" set $set from \"now\" "
                .'where "_posts"."id" = "now"."id" and "_posts"."state" = \'taken\'',
            array_merge(...array_map(array_values(...), $rows)),
        );
    }

    /** @return array<string, string> its words as they were sent */
    public static function written(Words $words): array
    {
        return [
            'title' => $words->title,
            'text' => $words->text,
            'picture' => $words->picture,
            'screen' => $words->screen,
            'args' => (string) json_encode($words->args),
        ];
    }

    /**
     * Somebody has turned a channel off: it is held against the newest of its messages that they got within a week.
     *
     * @param  list<string>  $messages  the keys of those on the channel
     */
    public function turnedOff(int $person, array $messages, int $now): void
    {
        $last = $this->posts()
            ->where(['person' => $person, 'state' => 'sent'])
            ->whereIn('message', $messages)
            ->where('due', '>=', $now - 7 * 86400)
            ->orderByDesc('due')
            ->orderByDesc('id')
            ->value('id');
        $last === null || $this->posts()->where('id', $last)->update(['off' => $now]);
    }

    /**
     * How many were sent, opened and turned off after, by language, by hour of the day and by revision; the most first.
     *
     * @return array<string, list<\stdClass>> message => {what, name, sent, opened, off}
     */
    public function parts(int $since): array
    {
        $parts = [];
        foreach (['language' => 'tongue', 'hour' => 'hour', 'revision' => 'revision'] as $what => $column) {
            $found = $this->posts()
                ->where('due', '>=', $since)
                ->where('state', 'sent')
                ->whereNotNull('hour')
                ->groupBy('message', $column)
                ->selectRaw("message, \"$column\" as name, count(*) as sent, sum(opened > 0) as opened, sum(off > 0) as off")
                ->orderByDesc('sent')
                ->orderBy($column)
                ->get();
            foreach ($found as $raw) {
                $raw->what = $what;
                $parts[(string) $raw->message][] = $raw;
            }
        }

        return $parts;
    }

    /**
     * They have come to a phone.
     *
     * @param  list<string>  $uids
     */
    public function came(array $uids, int $now): void
    {
        $posts = $uids === [] ? [] : $this->deliveries()->whereIn('uid', array_slice($uids, 0, 500))->pluck('post')->all();
        // A phone may tell it again and again: nobody who writes is kept waiting for that.
        $new = $posts === [] ? [] : $this->posts()->whereIntegerInRaw('id', $posts)->where('came', 0)->pluck('id')->all();
        $new === [] || $this->posts()->whereIntegerInRaw('id', $new)->update(['came' => $now]);
    }

    /** Somebody has opened it; true the first time. */
    public function opened(string $uid, int $now): bool
    {
        $post = $this->deliveries()->where('uid', $uid)->value('post');

        $post === null || $this->came([$uid], $now);

        return $post !== null && $this->posts()->where('id', $post)->where('opened', 0)->update(['opened' => $now, 'read' => $now]) > 0;
    }

    /**
     * What somebody has opened within a day and not done yet what was hoped for.
     *
     * @param  list<string>  $messages
     * @return list<\stdClass>
     */
    public function openedLately(int $person, array $messages, int $now): array
    {
        $posts = $this->posts()
            ->where('person', $person)
            ->whereIn('message', $messages)
            ->where('opened', '>', $now - 86400)
            ->where('led', 0);

        return array_values($posts->get(['id', 'message', 'about'])->all());
    }

    /** @param  list<int>  $posts */
    public function led(array $posts, int $now): void
    {
        $this->posts()->whereIntegerInRaw('id', $posts)->update(['led' => $now]);
    }

    /**
     * What lies in somebody's inbox, the newest first.
     *
     * @param  list<string>  $messages  the keys of those that lie there
     * @return list<\stdClass>
     */
    public function inbox(int $person, array $messages): array
    {
        $posts = $this->posts()->where('person', $person)->where('state', 'sent')->whereIn('message', $messages);

        return array_values($posts->orderByDesc('due')->orderByDesc('id')->limit(self::INBOX)->get()->all());
    }

    /** @param  list<string>  $messages */
    public function unread(int $person, array $messages): int
    {
        $posts = $this->posts()->where('person', $person)->where('state', 'sent')->whereIn('message', $messages)->where('read', 0);

        return $messages === [] ? 0 : $posts->count();
    }

    /** @param  int|null  $post  one of them; null for all */
    public function read(int $person, ?int $post, int $now): void
    {
        $posts = $this->posts()->where('person', $person)->where('read', 0);
        ($post === null ? $posts : $posts->where('id', $post))->update(['read' => $now]);
    }

    public function post(int $person, int $id): ?\stdClass
    {
        return $this->posts()->where('person', $person)->where('id', $id)->first();
    }

    /** @return int|null up to when the rows were looked through whose time comes; null where they never were */
    public function sweptUntil(string $message): ?int
    {
        $until = $this->database->table('_sweeps')->where('message', $message)->value('until');

        return $until === null ? null : (int) $until;
    }

    public function swept(string $message, int $until): void
    {
        $this->database->table('_sweeps')->upsert(['message' => $message, 'until' => $until], 'message', ['until']);
    }

    /**
     * What became of each message since a moment: how many, by state and wording, opened, and led to what was hoped for.
     *
     * @return list<\stdClass> {message, wording, state, n, came, opened, led, off}
     */
    public function sums(int $since): array
    {
        $count = fn (string $what): string => "sum(case when $what > 0 then 1 else 0 end) as $what";
        $counts = implode(', ', array_map($count, ['came', 'opened', 'led', 'off']));

        return array_values(
            $this->posts()
                ->where('due', '>=', $since)
                ->groupBy('message', 'wording', 'state')
                ->selectRaw("message, wording, state, count(*) as n, $counts")
                ->orderBy('message')
                ->orderBy('wording')
                ->get()
                ->all(),
        );
    }

    /** @return list<\stdClass> {why, n}: why it was not sent, the most first */
    public function reasons(string $message, int $since): array
    {
        $posts = $this->posts()->where('message', $message)->where('due', '>=', $since)->where('why', '!=', '')->whereIn('state', ['held', 'failed']);

        return array_values($posts->groupBy('why')->selectRaw('why, count(*) as n')->orderByDesc('n')->limit(6)->get()->all());
    }

    /** @return list<\stdClass> the last occasions of a message */
    public function occasionsOf(string $message, int $most): array
    {
        return array_values($this->occasions()->where('message', $message)->orderByDesc('id')->limit($most)->get()->all());
    }

    /** @return list<array{when: int, title: string, opened: bool}> what one person was sent */
    public function of(int $person): array
    {
        $posts = $this->posts()->where('person', $person)->where('state', 'sent')->orderBy('due')->limit(1000)->get(['due', 'title', 'opened']);

        return array_map(
            fn (\stdClass $raw): array => ['when' => (int) $raw->due, 'title' => (string) $raw->title, 'opened' => (int) $raw->opened > 0],
            array_values($posts->all()),
        );
    }

    public function forgetPerson(int $person): void
    {
        $mine = $this->posts()->where('person', $person);
        $this->deliveries()->whereIn('post', (clone $mine)->select('id'))->delete();
        $mine->delete();
    }

    public function tidy(int $now): void
    {
        $old = $this->posts()->where('due', '<', $now - self::KEPT * 86400);
        $this->deliveries()->whereIn('post', (clone $old)->select('id'))->delete();
        $old->delete();
        $this->occasions()->where('at', '<', $now - self::KEPT * 86400)->delete();
    }

    /** What is to be sent now: what waits, and what was taken up and not ended. */
    private function due(int $now): Builder
    {
        return $this->posts()->where(fn (Builder $one) => $one
            ->where(fn (Builder $waits) => $waits->where('state', 'waiting')->where('due', '<=', $now))
            ->orWhere(fn (Builder $lost) => $lost->where('state', 'taken')->where('taken', '<', $now - self::LOST)));
    }

    private function occasions(): Builder
    {
        return $this->database->table('_occasions');
    }

    private function posts(): Builder
    {
        return $this->database->table('_posts');
    }

    private function deliveries(): Builder
    {
        return $this->database->table('_deliveries');
    }
}
