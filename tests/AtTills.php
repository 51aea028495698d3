<?php

declare(strict_types=1);

namespace Tests;

use App\Apps\RevisionBook;
use App\Earnings\Counter;
use App\Earnings\PurchaseBook;
use App\Earnings\Tills\Offered;
use App\Models\App;
use App\Records\DataFile;
use App\Records\DataSet;
use App\Space;
use DateInterval;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Database\Connection;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Http;
use Lanai\Core\Formula\Moment;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Row;
use Lanai\Core\Model\StoredValue;
use Lanai\Core\Play\Visit;
use Lanai\Core\Rows\Refused;
use Standins\Till\Chain;
use Standins\Till\Drawer;
use Standins\Till\Till;
use Standins\Till\Tokens;

/** An app that sells, and somebody who buys at one of the tills. */
trait AtTills
{
    use PracticeServices;

    private const APP = <<<'APP'
    app Reef
    sign-in at In
      as a guest
    table People, each a Person, who sign in
      Name is a text, required
      Candles is a whole number
      Member is an entitlement
    product Club is a subscription, giving Member
      plan Monthly, every month at 3.99 EUR
      plan Yearly, every year at 29.99 EUR, after 7 days free
    product Chart is bought once, at 4.99 EUR, giving Member
    product Candle is used up, at 1.99 EUR
      bought:
        raise me.candles by 1
    screen Start, first
      Text "Member: {me.member}"
    screen In
      Text "in"
    APP;

    private App $reef;

    private Row $ada;

    private string $till;

    private string $zone = 'UTC';

    protected static function more(): array
    {
        return ['LANAI_STANDIN_TOKEN' => 'a-key-for-the-till'];
    }

    /** @return iterable<string, array{string}> */
    public static function tills(): iterable
    {
        yield 'cards' => ['card'];
        yield 'Quay' => ['quay'];
        yield 'Pier' => ['pier'];
    }

    /**
     * @param  string  $script  of the app
     * @param  string  $atTill  what stands at the till
     */
    private function prepare(string $till, string $script = self::APP, string $atTill = self::APP): void
    {
        $base = 'http://127.0.0.1:'.self::$port;
        config([
            'lanai.till' => ['url' => "$base/till", 'key' => 'a-key-for-the-till', 'secret' => ''],
            'lanai.stores.quay' => ['url' => "$base/quay", 'token' => 'a-key-for-the-till'],
            'lanai.stores.pier' => ['url' => "$base/pier", 'token' => 'a-key-for-the-till', 'root' => self::$practice.'/pier-root.pem'],
        ]);
        $this->till = $till;
        foreach (['till', 'quay-billing', 'pier-billing'] as $name) {
            // Nothing of what other tests bought.
            (new Drawer(self::$practice, $name))->change(fn (array &$all): array => $all = []);
        }
        $this->reef = app(RevisionBook::class)->begin($this->stranger(), Blueprint::fromScript($script));
        $store = $this->space()->store();
        $people = $this->space()->blueprint()->table('People');
        [$id, $other] = [$store->add($people, ['name' => 'Ada']), $store->add($people, ['name' => 'Ben'])];
        $this->ada = $store->byIds($people, [$id, $other])[$id];
        foreach (Blueprint::fromScript($atTill)->products as $product) {
            foreach ($product->plans ?: [null] as $plan) {
                $this->counter()->till($till)->putUp(new Offered($product, $plan));
            }
        }
    }

    /** @return list<string> */
    private function refusals(callable $work): array
    {
        try {
            $work();
        } catch (Refused $refused) {
            return [$refused->getMessage()];
        }

        return [];
    }

    /** @return array{array<string, string>, string} what the till sends when something happened to a purchase */
    private function message(string $page, bool $forged = false): array
    {
        $id = basename($page);
        $base = 'http://127.0.0.1:'.self::$port;
        if ($this->till === 'card') {
            [$body, $headers] = (new Till(new Drawer(self::$practice), "$base/till", $forged ? 'another' : 'a-key-for-the-till'))->message($id);

            return [$headers, $body];
        }
        $signs = $this->till === 'quay' ? new Tokens(self::$practice, "$base/quay") : new Chain(self::$practice);
        [$body, $headers] = $signs->notice($id, (new Drawer(self::$practice, "$this->till-billing"))->read()['sessions'][$id], $forged);

        return [$headers, $body];
    }

    /** Everything began so many seconds earlier, at the till and here. */
    private function earlier(int $seconds): void
    {
        (new Drawer(self::$practice, $this->till === 'card' ? 'till' : "$this->till-billing"))->change(function (array &$all) use ($seconds): void {
            foreach ($all['sessions'] as &$sale) {
                $before = fn (string $at): string => (new DateTimeImmutable($at))->modify("-$seconds seconds")->format('c');
                foreach (array_intersect(['first', 'began', 'pause'], array_keys($sale)) as $key) {
                    $sale[$key] = $before($sale[$key]);
                }
                if (isset($sale['rise'])) {
                    $sale['rise']['from'] = $before($sale['rise']['from']);
                }
                foreach ($sale['events'] as &$event) {
                    $until = $event['until'] === null ? null : self::until($event['at'], $event['until'], $seconds)->format('c');
                    $event['at'] = $before($event['at']);
                    $event['until'] = $until;
                }
            }
        });
        $book = new PurchaseBook($this->space());
        foreach ($this->database()->table('_purchase_events')->get() as $event) {
            $before = fn (?string $at): mixed => $at === null || $at > '9000'
                ? $at
                : StoredValue::plain((new DateTimeImmutable($at))->modify("-$seconds seconds"));
            $isForGood = $event->until === null || $event->until > '9000';
            $until = $isForGood ? $event->until : StoredValue::plain(self::until($event->at, $event->until, $seconds));
            $moved = ['at' => $before($event->at), 'until' => $until];
            $this->database()->table('_purchase_events')->where('id', $event->id)->update($moved);
            (fn () => $this->follow((int) $event->purchase))->call($book);
        }
        foreach ($this->database()->table('_statements')->get() as $statement) {
            $until = StoredValue::plain((new DateTimeImmutable($statement->until))->modify("-$seconds seconds"));
            $this->database()->table('_statements')->where('id', $statement->id)->update(['until' => $until]);
        }
    }

    /** The end of a period that began so many seconds earlier: a month stays a month, whichever it is. */
    private static function until(string $at, string $until, int $seconds): DateTimeImmutable
    {
        $begins = new DateTimeImmutable($at);
        $ends = new DateTimeImmutable($until);
        foreach (['P1W', 'P1M', 'P3M', 'P6M', 'P1Y'] as $period) {
            if ($begins->add(new DateInterval($period)) == $ends) {
                return $begins->modify("-$seconds seconds")->add(new DateInterval($period));
            }
        }

        return $ends->modify("-$seconds seconds");
    }

    private function submit(string $page): void
    {
        Http::withOptions(['allow_redirects' => false])->asForm()->post($page, $this->form(false, false) + ['country' => 'DE', 'do' => 'pay']);
    }

    private function begin(string $product, string $plan = ''): string
    {
        $blueprint = $this->space()->blueprint();
        $of = $blueprint->product($product);
        $visit = new Visit(new Moment(new DateTimeImmutable(), new DateTimeZone($this->zone)), person: $this->ada->id, till: $this->till);

        return $this->counter()->begin($this->ada, $of, $of->plan($plan), $visit);
    }

    private function pay(string $page, bool $fails = false, bool $short = false, string $country = 'DE'): void
    {
        $back = Http::withOptions(['allow_redirects' => false])->asForm()->post($page, $this->form($fails, $short) + ['country' => $country, 'do' => 'pay']);
        $this->get((string) parse_url($back->header('Location'), PHP_URL_PATH))->assertRedirect();
    }

    /** @return array<string, string> */
    private function form(bool $fails, bool $short): array
    {
        return [
            'card' => $fails ? '4000000000000119' : '4000000000000002',
            'tester' => $fails ? 'always' : 'pays',
            'time' => $short ? 'short' : '',
        ];
    }

    private function has(): bool
    {
        $now = StoredValue::plain(new DateTimeImmutable());

        return $this->database()->table('_holdings')->where('person', $this->ada->id)->where('ends', '>', $now)->exists();
    }

    /** @return array<string, mixed> */
    private function own(): array
    {
        return (new PurchaseBook($this->space()))->of($this->ada, new DateTimeImmutable())[0];
    }

    private function counter(): Counter
    {
        return new Counter($this->space());
    }

    private function database(): Connection
    {
        return DB::connection((new DataFile($this->reef, DataSet::Sandbox))->connection);
    }

    private function space(): Space
    {
        return Space::sandbox($this->reef->refresh());
    }
}
