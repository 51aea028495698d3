<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Apps\RevisionBook;
use App\Models\App;
use App\Models\Founder;
use Lanai\Core\Model\Blueprint;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\TestCase;

/** The Earnings station: rehearsals that are asked for and kept, and gifts. */
final class EarningsTest extends TestCase
{
    private const SMALL = "app A\ntable People, each a Person, who sign in\n  Name is a text\nproduct M is a subscription\n  plan P, PLAN\n"
        ."screen Start, first\n  Text \"x\"";

    private ?Founder $founder = null;

    public function test_a_rehearsal_answers_as_its_schema_says_and_keeps_what_was_said(): void
    {
        $app = $this->demo();
        $this->actingAs($this->founderOf($app));
        $usual = $this->postJson("/api/apps/$app->id/rehearsal")->assertOk();
        self::assertMeets('studio', (string) $usual->getContent(), 'EarningsRehearsal');
        self::assertCount(24, $usual->json('result.paying'));
        self::assertSame('EUR', $usual->json('result.currency'));
        self::assertSame(['monthly', 'yearly'], array_keys($usual->json('assumed.plans')));

        // Another price moves money, and is only tried out; what is likely is kept where that is asked for.
        $tried = $this->postJson("/api/apps/$app->id/rehearsal", ['plans' => ['monthly' => ['price' => 7.98, 'share' => 3]], 'months' => 12, 'keep' => true]);
        self::assertSame(array_slice($usual->json('result.paying'), 0, 3), array_slice($tried->json('result.paying'), 0, 3));
        self::assertGreaterThan($usual->json('result.recurring.11.1'), $tried->json('result.recurring.11.1'));
        $again = $this->postJson("/api/apps/$app->id/rehearsal");
        self::assertSame([12, 3.99], [$again->json('assumed.months'), $again->json('assumed.plans.monthly.price')]);
        self::assertLessThan($tried->json('result.recurring.11.1'), $again->json('result.recurring.11.1'));
    }

    #[TestWith([['arrivals' => -1]])]
    #[TestWith([['arrivals' => 'many']])]
    #[TestWith([['first' => 101]])]
    #[TestWith([['months' => 5000]])]
    #[TestWith([['sold' => 'by hand']])]
    #[TestWith([['plans' => ['monthly' => ['price' => 1e12]]]])]
    public function test_what_cannot_be_is_refused(array $told): void
    {
        $app = $this->demo();
        $this->actingAs($this->founderOf($app))->postJson("/api/apps/$app->id/rehearsal", $told)->assertUnprocessable();
    }

    #[TestWith([['arrivals' => 0]])]
    #[TestWith([['plans' => ['monthly' => ['share' => 0], 'yearly' => ['share' => 0]]]])]
    #[TestWith([['plans' => ['monthly' => ['share' => 100], 'yearly' => ['share' => 100]], 'arrivals' => 1000000, 'first' => 0, 'months' => 60]])]
    #[TestWith([['first' => 100, 'later' => 100, 'fails' => 100, 'refunds' => 100, 'tax' => 0, 'sold' => 'card']])]
    #[TestWith([['plans' => ['monthly' => ['price' => 0.01]], 'sold' => 'card']])]
    public function test_the_edges_of_what_can_be_assumed_give_figures(array $told): void
    {
        $app = $this->demo();
        $answer = $this->actingAs($this->founderOf($app))->postJson("/api/apps/$app->id/rehearsal", $told)->assertOk();
        foreach ($answer->json('result.paying') as [$low, $middle, $high]) {
            self::assertTrue($low >= 0 && $low <= $middle && $middle <= $high);
        }
    }

    public function test_without_a_whole_subscription_nothing_is_rehearsed(): void
    {
        $app = $this->appOf(str_replace('PLAN', 'every ___ at 3 EUR', self::SMALL));
        $answer = $this->postJson("/api/apps/$app->id/rehearsal")->assertOk();
        self::assertSame(['products' => [], 'assumed' => null, 'result' => null], array_diff_key($answer->json(), ['sold' => 1]));

        $yen = $this->appOf(str_replace('PLAN', 'every week at 300 JPY', self::SMALL));
        self::assertSame(0, $this->postJson("/api/apps/$yen->id/rehearsal")->assertOk()->json('result.digits'));
    }

    public function test_the_founder_gives_looks_and_takes_back(): void
    {
        $app = $this->demo();
        $this->actingAs($this->founderOf($app));
        $path = "/api/apps/$app->id/purchases/sandbox/3";
        $none = $this->getJson($path)->assertOk();
        self::assertMeets('studio', (string) $none->getContent(), 'PersonsPurchases');
        self::assertSame([], $none->json('purchases'));

        $given = $this->postJson($path, ['product' => 'membership', 'until' => now()->addMonth()->toDateString(), 'note' => 'a test'])->assertOk();
        self::assertMeets('studio', (string) $given->getContent(), 'PersonsPurchases');
        self::assertTrue($given->json('purchases.0.has'));
        $id = $given->json('purchases.0.id');
        self::assertFalse($this->deleteJson("$path/$id")->assertOk()->json('purchases.0.has'));
        $this->deleteJson("$path/$id")->assertUnprocessable();
        $this->postJson($path, ['product' => 'membership', 'until' => '2020-01-01'])->assertUnprocessable();
        $this->postJson($path, ['product' => 'nothing'])->assertNotFound();
        $this->getJson("/api/apps/$app->id/purchases/sandbox/999")->assertNotFound();
        $this->getJson("/api/apps/$app->id/purchases/elsewhere/3")->assertNotFound();
    }

    public function test_another_founder_sees_and_gives_nothing(): void
    {
        $app = $this->demo();
        $this->actingAs($this->stranger());
        foreach (['rehearsal', 'purchases/sandbox/1'] as $path) {
            self::assertContains($this->postJson("/api/apps/$app->id/$path", ['product' => 'membership'])->getStatusCode(), [403, 404]);
        }
    }

    private function appOf(string $script): App
    {
        $this->founder ??= $this->stranger();
        $this->actingAs($this->founder);

        return app(RevisionBook::class)->begin($this->founder, Blueprint::fromScript($script));
    }
}
