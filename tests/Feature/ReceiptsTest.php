<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Apps\RevisionBook;
use App\Earnings\PurchaseBook;
use App\Earnings\Receipts;
use App\Jobs\SendNotice;
use App\Jobs\SendReceipt;
use App\Models\App;
use App\Models\Founder;
use App\People\Departure;
use App\Records\DataFile;
use App\Records\DataSet;
use App\Space;
use DateTimeImmutable;
use DOMDocument;
use DOMElement;
use DOMXPath;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Facades\URL;
use Lanai\Core\Earnings\Charge;
use Lanai\Core\Earnings\Event;
use Lanai\Core\Earnings\Happened;
use Lanai\Core\Earnings\Sold;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Row;
use Symfony\Component\Process\Process;
use Tests\TestCase;

/** Receipts: numbered without gaps, never changed, as letters, as pages and as electronic invoices. */
final class ReceiptsTest extends TestCase
{
    private const APP = <<<'APP'
    app Reef
    sign-in at In
      with e-mail and password
    table People, each a Person, who sign in
      Name is a text, required
      Member is an entitlement
    product Club is a subscription, giving Member
      plan Monthly, every month at 3.99 EUR
    screen Start, first
      Text "Here"
    screen In
      Text "in"
    APP;

    private const SELLER = [
        'name' => 'Reef Works',
        'street' => 'Shell Road 3',
        'code' => '1010',
        'city' => 'Vienna',
        'country' => 'AT',
        'vat' => 'ATU13585627',
    ];

    private App $reef;

    private Row $ada;

    protected function setUp(): void
    {
        parent::setUp();
        $this->reef = app(RevisionBook::class)->begin($this->stranger(), Blueprint::fromScript(self::APP));
        $store = $this->space()->store();
        $people = $this->space()->blueprint()->table('People');
        $id = $store->add($people, ['name' => 'Ada <b>']);
        $this->ada = $store->byIds($people, [$id])[$id];
        $this->actingAs($this->founderOf($this->reef));
    }

    public function test_each_payment_by_card_has_the_next_number_and_what_is_given_back_has_one_of_its_own(): void
    {
        $this->tell('a', $this->bought('e0'));
        $this->tell('a', $this->bought('e0'));
        $this->tell('b', $this->bought('e0', '-2 days'));
        $this->tell('a', new Event('e1', Happened::Paid, new DateTimeImmutable('-1 minute'), new DateTimeImmutable('+2 months'), charge: $this->charge()));
        $this->tell('b', new Event('e1', Happened::Refunded, new DateTimeImmutable('-1 minute')));
        $this->tell('b', new Event('e1', Happened::Refunded, new DateTimeImmutable('-1 minute')));
        $receipts = $this->database()->table('_receipts')->orderBy('number')->get();
        $of = $receipts->map(fn (\stdClass $r): array => [(int) $r->number, (bool) $r->back, $r->of])->all();
        self::assertSame([[1, false, null], [2, false, null], [3, false, null], [4, true, 2]], $of);
        // What a store sells, what is made up and what is given has none.
        $this->tell('c', $this->bought('e0'), 'quay');
        $this->tell('story-1', $this->bought('e0'));
        (new PurchaseBook($this->space()))->give($this->ada, $this->space()->blueprint()->product('club'), new DateTimeImmutable(), null);
        self::assertSame(4, $this->database()->table('_receipts')->count());
    }

    public function test_where_keeping_an_event_fails_no_number_is_lost(): void
    {
        $this->tell('a', $this->bought('e0'));
        $this->database()->statement('create trigger "no" before insert on "_ledger" begin select raise(abort, \'the disk is full\'); end');
        try {
            $this->tell('b', $this->bought('e0'));
            self::fail('It was kept.');
        } catch (\Illuminate\Database\QueryException) {
            $this->database()->statement('drop trigger "no"');
        }
        $this->tell('c', $this->bought('e0'));
        self::assertSame([1, 2], $this->database()->table('_receipts')->orderBy('number')->pluck('number')->map(intval(...))->all());
    }

    public function test_it_is_sent_read_and_stays_as_it_was(): void
    {
        $at = "/api/apps/{$this->reef->id}/books/sandbox";
        $this->patchJson("$at/seller", ['vat' => 'ATU13585628'] + self::SELLER)
            ->assertStatus(422)
            ->assertJsonPath('message', 'Its digits do not add up: one of them is mistyped.');
        $this->patchJson("$at/seller", ['vat' => 'atu 13585627'] + self::SELLER)->assertOk()->assertJsonPath('seller.vat', 'ATU13585627');
        $this->space()->people()->accounts()->create(['person' => $this->ada->id, 'email' => 'ada@reef.example', 'password' => '']);
        Queue::fake([SendNotice::class]);
        $this->tell('a', $this->bought('e0', '-1 second'));
        $letter = Queue::pushed(SendNotice::class)->first();
        self::assertNotNull($letter);
        $text = (fn (): string => $this->text)->call($letter);
        self::assertStringContainsString("Receipt 1\n", $text);
        self::assertStringContainsString('Sold by: Reef Works, Shell Road 3, 1010 Vienna, AT', $text);
        self::assertStringContainsString('Tax, 19 % in DE: 0.64 EUR', $text);
        preg_match('~http\S+/receipt/\S+~', $text, $found);
        $page = $this->get($found[0])->assertOk();
        self::assertStringStartsWith('%PDF-1.', (string) $page->getContent());
        // Whoever changes the number in the address sees nothing.
        $this->get(str_replace('/1?', '/2?', $found[0]))->assertForbidden();
        $this->get(URL::signedRoute('receipt', ['set' => 'sandbox', 'slug' => $this->reef->slug, 'number' => 2]))->assertNotFound();
        // The seller moves and the buyer goes: the receipt says what it said, without a name.
        $this->patchJson("$at/seller", ['name' => 'Elsewhere'] + self::SELLER)->assertOk();
        (new Departure($this->space()->people()))->of($this->ada->id);
        $receipt = (new Receipts($this->space()))->find(1);
        self::assertSame(['Reef Works', ''], [$receipt?->seller->name, $receipt?->buyer]);
        (new SendReceipt($this->reef->id, 'sandbox', 1))->handle();
        Queue::assertPushed(SendNotice::class, 1);
        $books = $this->getJson($at)->assertOk();
        self::assertMeets('studio', (string) $books->getContent(), 'BooksState');
        self::assertSame([1, '3.99'], [$books->json('receipts.0.number'), $books->json('receipts.0.gross')]);
        self::assertStringStartsWith('%PDF-1.', (string) $this->get("$at/receipts/1.pdf")->assertOk()->getContent());
        $this->get("$at/receipts/9.pdf")->assertNotFound();
        $other = Founder::query()->create(['name' => 'Other', 'email' => 'other@founders.example', 'password' => 'long enough to be']);
        $this->actingAs($other)->get("$at/receipts/1.pdf")->assertNotFound();
    }

    /** What the npm package “@e-invoice-eu/core” writes for the same invoice says the same in the same places (EN 16931, UBL 2.1). */
    public function test_for_a_company_it_is_an_electronic_invoice_as_another_library_writes_it(): void
    {
        $at = "/api/apps/{$this->reef->id}/books/sandbox";
        $this->tell('early', $this->bought('e0'));
        $ask = '?'.http_build_query(['buyer' => 'Gull & Sons', 'vat' => 'DE136695976', 'country' => 'DE']);
        $this->get("$at/receipts/1.xml$ask")->assertStatus(422);
        $this->patchJson("$at/seller", self::SELLER)->assertOk();
        $this->tell('a', $this->bought('e0'));
        $this->tell('a', new Event('e1', Happened::Refunded, new DateTimeImmutable('-1 minute')));
        $this->getJson("$at/receipts/2.xml?buyer=X&country=DE&vat=DE1")->assertStatus(422);
        $ours = self::leaves((string) $this->get("$at/receipts/2.xml$ask")->assertOk()->getContent());
        self::assertSame('3.99', $ours['/LegalMonetaryTotal/TaxInclusiveAmount']);
        $day = (string) json_encode(['day' => gmdate('Y-m-d', time() - 86400)]);
        $node = new Process(['node', 'tests/reference/invoice.mjs'], base_path(), null, $day, 60);
        $node->mustRun();
        // Networks that deliver invoices ask for a profile and for electronic addresses; EN 16931 does not (BT-23, BT-34 and BT-49 are optional).
        $own = fn (string $path): bool => ! str_contains($path, 'EndpointID') && $path !== '/ProfileID';
        $theirs = array_filter(self::leaves($node->getOutput()), $own, ARRAY_FILTER_USE_KEY);
        ksort($ours);
        ksort($theirs);
        self::assertSame($theirs, $ours);
        $back = self::leaves((string) $this->get("$at/receipts/3.xml$ask")->assertOk()->getContent());
        self::assertSame(['381', '2'], [$back['/CreditNoteTypeCode'], $back['/BillingReference/InvoiceDocumentReference/ID']]);
    }

    /** @return array<string, string> path of each element that holds text => the text, with its attributes */
    private static function leaves(string $xml): array
    {
        $document = new DOMDocument();
        $document->loadXML($xml, LIBXML_NONET);
        $leaves = [];
        foreach ((new DOMXPath($document))->query('//*[not(*)]') ?: [] as $element) {
            $path = '';
            for ($at = $element; $at instanceof DOMElement && $at !== $document->documentElement; $at = $at->parentNode) {
                $path = "/$at->localName$path";
            }
            $leaves[$path] = trim($element->textContent);
            foreach ($element->attributes ?? [] as $attribute) {
                $leaves["$path@$attribute->localName"] = (string) $attribute->nodeValue;
            }
        }

        return $leaves;
    }

    private function bought(string $id, string $at = '-1 day'): Event
    {
        return new Event($id, Happened::Bought, new DateTimeImmutable($at), new DateTimeImmutable('+1 month'), charge: $this->charge());
    }

    private function charge(): Charge
    {
        return new Charge(399, 'EUR', 'DE', '19', Sold::Card->terms());
    }

    private function tell(string $token, Event $event, string $till = 'card'): void
    {
        (new PurchaseBook($this->space()))->take($till, $token, $this->ada, $this->space()->blueprint()->product('club'), $event, 'monthly');
    }

    private function database(): \Illuminate\Database\Connection
    {
        return DB::connection((new DataFile($this->reef, DataSet::Sandbox))->connection);
    }

    private function space(): Space
    {
        return Space::sandbox($this->reef->refresh());
    }
}
