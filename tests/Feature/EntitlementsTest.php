<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Apps\RevisionBook;
use App\Earnings\PurchaseBook;
use App\Earnings\PurchaseRefused;
use App\Space;
use DateTimeImmutable;
use DateTimeZone;
use Lanai\Core\Earnings\Event;
use Lanai\Core\Earnings\Happened;
use Lanai\Core\Earnings\Held;
use Lanai\Core\Formula\Moment;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Row;
use Lanai\Core\Play\Trail;
use Lanai\Core\Play\Visit;
use Tests\TestCase;

/** Who has what, in formulas, lists and permissions, by the clock of whoever looks. */
final class EntitlementsTest extends TestCase
{
    private const APP = <<<'APP'
    app Reef
    sign-in at In
      as a guest
    table People, each a Person, who sign in
      may be seen by everyone
      Name is a text, required
      Member is an entitlement
      Night charts is an entitlement
    table Charts, each a Chart
      may be seen by those with Night charts
      may be added by those with Member
      Name is a text, required
    product Membership is a subscription, giving Member and Night charts
      plan Monthly, every month at 3.99 EUR
      plan Yearly, every year at 29.99 EUR, after 7 days free
    product Chart pack is bought once at 4.99 EUR, giving Night charts
    screen Start, first
      Text "Member: {me.member}, charts: {me.nightCharts}, {count(people, member)} members"
      List of People where member, by Name upward
        shows name as title
      List of Charts
        shows name as title
      Text "Hello", if me.member
    screen In
      Text "in"
    screen Club, only for those with Member
      Text "Dark"
      Button "Own"
        tapped: say "Done"
    APP;

    private Space $space;

    /** @var array<string, Row> */
    private array $people = [];

    protected function setUp(): void
    {
        parent::setUp();
        $this->space = Space::sandbox(app(RevisionBook::class)->begin($this->stranger(), Blueprint::fromScript(self::APP)));
        $store = $this->space->store();
        foreach (['Ada', 'Bo', 'Cy'] as $name) {
            $id = $store->add($this->space->blueprint()->table('People'), ['name' => $name]);
            $this->people[$name] = $store->byIds($this->space->blueprint()->table('People'), [$id])[$id];
        }
        $store->add($this->space->blueprint()->table('Charts'), ['name' => 'The sound at night']);
    }

    public function test_who_bought_has_it_and_only_as_long_as_it_lasts(): void
    {
        $book = new PurchaseBook($this->space);
        $membership = $this->space->blueprint()->product('membership');
        $bought = new Event('b', Happened::Bought, self::at('2027-01-10'), self::at('2027-02-10'));
        self::assertTrue($book->take('till', 'one', $this->people['Ada'], $membership, $bought, 'monthly'));
        self::assertFalse($book->take('till', 'one', $this->people['Ada'], $membership, $bought, 'monthly'), 'Told twice it is one event.');
        $kept = new Event('b', Happened::Bought, self::at('2027-01-12'), self::at(Held::FOREVER));
        $book->take('till', 'two', $this->people['Bo'], $this->space->blueprint()->product('chart_pack'), $kept);

        self::assertSame(['Member: no, charts: no, 0 members', [], []], $this->shown('Ada', '2027-01-09'));
        self::assertSame(['Member: yes, charts: yes, 1 members', ['Ada'], ['The sound at night']], $this->shown('Ada', '2027-01-11'));
        self::assertSame(['Member: no, charts: yes, 1 members', ['Ada'], ['The sound at night']], $this->shown('Bo', '2027-01-13'));
        self::assertSame(['Member: no, charts: no, 1 members', ['Ada'], []], $this->shown('Cy', '2027-01-13'));
        self::assertSame(['Member: , charts: , 1 members', ['Ada'], []], $this->shown(null, '2027-01-13'));
        self::assertSame('Member: yes, charts: yes, 1 members', $this->shown('Ada', '2027-02-12')[0], 'Three days of grace.');
        self::assertSame('Member: no, charts: no, 0 members', $this->shown('Ada', '2027-02-14')[0]);

        $book->take('till', 'one', $this->people['Ada'], $membership, new Event('r', Happened::Refunded, self::at('2027-01-20')));
        self::assertSame('Member: no, charts: no, 0 members', $this->shown('Ada', '2027-01-21')[0]);
        self::assertSame('Member: yes, charts: yes, 1 members', $this->shown('Ada', '2027-01-19')[0]);
    }

    public function test_a_purchase_of_somebody_else_is_refused_and_changes_nothing(): void
    {
        $book = new PurchaseBook($this->space);
        $membership = $this->space->blueprint()->product('membership');
        $bought = new Event('b', Happened::Bought, self::at('2027-01-10'), self::at('2027-02-10'));
        $book->take('till', 'one', $this->people['Ada'], $membership, $bought);
        try {
            $book->take('till', 'one', $this->people['Bo'], $membership, new Event('c', Happened::Paid, self::at('2027-02-10'), self::at('2027-03-10')));
            self::fail('It was taken.');
        } catch (PurchaseRefused $refused) {
            self::assertSame('This purchase belongs to somebody else.', $refused->getMessage());
        }
        self::assertSame(['Member: no, charts: no, 1 members', ['Ada'], []], $this->shown('Bo', '2027-01-12'));
        self::assertCount(1, $book->of($this->people['Ada'], self::at('2027-03-01'))[0]['events']);
    }

    public function test_the_founder_gives_and_takes_back(): void
    {
        $book = new PurchaseBook($this->space);
        $membership = $this->space->blueprint()->product('membership');
        $book->give($this->people['Cy'], $membership, self::at('2027-03-01'), self::at('2027-04-01'), 'for the pictures');
        self::assertSame('Member: yes, charts: yes, 1 members', $this->shown('Cy', '2027-03-02')[0]);
        $own = $book->of($this->people['Cy'], self::at('2027-03-05'));
        $told = array_intersect_key($own[0], array_flip(['till', 'product', 'note', 'status', 'has']));
        self::assertSame(['till' => 'gift', 'product' => 'Membership', 'note' => 'for the pictures', 'status' => 'ending', 'has' => true], $told);

        self::assertTrue($book->takeBack($own[0]['id'], self::at('2027-03-06')));
        self::assertFalse($book->takeBack($own[0]['id'], self::at('2027-03-07')), 'It is gone already.');
        self::assertSame('Member: no, charts: no, 0 members', $this->shown('Cy', '2027-03-08')[0]);
    }

    public function test_a_screen_for_those_with_something_opens_and_works_for_nobody_else(): void
    {
        $bought = new Event('b', Happened::Bought, self::at('2027-01-10'), self::at('2027-02-10'));
        (new PurchaseBook($this->space))->take('till', 'one', $this->people['Ada'], $this->space->blueprint()->product('membership'), $bought);
        $visit = fn (?string $who, string $day): Visit => new Visit(
            new Moment(self::at($day), new DateTimeZone('UTC')),
            'club',
            [],
            $who === null ? null : $this->people[$who]->id,
        );
        $says = fn (Visit $visit): string => (string) json_encode($this->space->looking()->show($visit, Trail::none()));
        $taps = fn (Visit $visit): string => $this->space->player()->tap($visit, '/screens/2/lines/1', null, '', Trail::none())->refused;
        self::assertStringContainsString('Dark', $says($visit('Ada', '2027-01-11')));
        self::assertSame('', $taps($visit('Ada', '2027-01-11')));
        foreach ([$visit('Bo', '2027-01-11'), $visit('Ada', '2027-03-01')] as $without) {
            self::assertStringNotContainsString('Dark', $says($without));
            self::assertStringContainsString('This is for those with Member.', $says($without));
            self::assertSame('This is for those with Member.', $taps($without));
        }
        self::assertStringNotContainsString('Dark', $says($visit(null, '2027-01-11')));
        self::assertSame('Please sign in to see this.', $taps($visit(null, '2027-01-11')));
    }

    /** @return array{string, list<string>, list<string>} the text, the members and the charts that somebody sees */
    private function shown(?string $who, string $day): array
    {
        $moment = new Moment(self::at($day), new DateTimeZone('UTC'));
        $view = $this->space->looking()->show(new Visit($moment, 'start', [], $who === null ? null : $this->people[$who]->id), Trail::none());
        $titles = fn (int $n): array => array_column($view['nodes'][$n]['items'] ?? [], 'title');
        self::assertSame(str_starts_with($view['nodes'][0]['text'], 'Member: yes'), ($view['nodes'][3]['text'] ?? '') === 'Hello');

        return [$view['nodes'][0]['text'], $titles(1), $titles(2)];
    }

    private static function at(string $at): DateTimeImmutable
    {
        return new DateTimeImmutable($at, new DateTimeZone('UTC'));
    }
}
