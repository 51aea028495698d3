<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Apps\Facts;
use App\Models\App;
use App\Space;
use Illuminate\Http\UploadedFile;
use Illuminate\Testing\TestResponse;
use Lanai\Core\Findings\Finding;
use Lanai\Core\Model\Row;
use Lanai\Core\Query\Query;
use PDO;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\TestCase;

/** Apps that begin from a file of rows. */
final class FromFileTest extends TestCase
{
    public function test_a_spreadsheet_becomes_an_app_with_a_list_a_page_and_its_rows(): void
    {
        $csv = "Boat name;Length (m);Launched;Price;Afloat;Id\n";
        for ($i = 1; $i <= 40; $i++) {
            $csv .= "\"Eider $i\";".($i / 2).';2019-04-0'.(1 + $i % 9).';€'.(100 + $i).';'.($i % 2 ? 'yes' : 'no').";$i\n";
        }
        $app = $this->begun($this->brought($csv, 'harbour_boats 2019.csv'));
        $script = $app->revision->read()->script();
        self::assertStringStartsWith('app Harbour boats 2019', $script);
        $said = ['table Harbour boats, each a Harbour boat', 'Boat name is a text', 'Length m is a decimal', 'Launched is a date', 'Afloat is yes or no',
            'Number is a whole number', 'may be added by nobody'];
        foreach ($said as $one) {
            self::assertStringContainsString($one, $script);
        }
        $rows = $this->rows($app, 0);
        self::assertCount(40, $rows);
        self::assertContains('Eider 7', array_map(fn (Row $row): string => $row->label(), $rows));
        self::assertSame([], $this->findings($app));
    }

    public function test_each_table_of_a_database_becomes_one_and_people_are_contacts(): void
    {
        $path = $this->folder().'/club.sqlite';
        $pdo = new PDO("sqlite:$path");
        $pdo->exec('create table users (id integer primary key, name text, email text); create table lamps (id integer, place text, state text)');
        $pdo->exec('create table bare (x int)');
        $pdo->exec("insert into users values (1, 'Mirela', 'mirela@people.example'); insert into lamps values (1, 'Quay', 'dark'), (2, 'Lock', 'works')");
        $this->actingAs($this->stranger());
        $app = $this->begun($this->post('/api/apps/from-file', ['file' => new UploadedFile($path, 'club.sqlite', null, null, true)]));
        $names = array_map(fn ($table): string => $table->name, $app->revision->read()->tables);
        self::assertSame([], array_diff(['Contacts', 'Lamps', 'People'], $names));
        self::assertStringContainsString('Email is an e-mail address', $app->revision->read()->script());
        // How somebody is reached is not for everybody.
        self::assertStringContainsString("table Contacts, each a Contact\n  may be seen by signed-in people", $app->revision->read()->script());
        self::assertSame([], $this->findings($app));
    }

    /** Names that mean something already, that are doubled, empty, in other letters, or of signs. */
    #[TestWith(["Owner,Added,owner,,\u{645}\u{62a}\u{646},\"a\"\"b\"\n1,2,3,4,5,6\n", 'rows.csv'])]
    #[TestWith(["me,input,screen,this,first,app\na,b,c,d,e,f\n", 'me.csv'])]
    #[TestWith(["Name\nx\n", '!!!.csv'])]
    #[TestWith(["Name\nx\n", 'people.csv'])]
    #[TestWith(["{\"a\":1}\n{\"a\":2,\"b\":\"two\"}\n", 'lines.jsonl'])]
    public function test_names_that_nobody_prepared_hold(string $text, string $called): void
    {
        $app = $this->begun($this->brought($text, $called));
        self::assertNotSame([], $this->rows($app, 0));
        self::assertSame([], $this->findings($app));
    }

    public function test_a_cell_that_does_not_fit_keeps_its_row_out_and_no_other(): void
    {
        $csv = "Name,Count\n".implode('', array_map(fn (int $i): string => "Tern $i,$i\n", range(1, 400)))."Last,many\n";
        $answer = $this->brought($csv, 'terns.csv');
        self::assertCount(400, $this->rows($this->begun($answer), 0));
        $id = $answer->json('id');
        $this->getJson("/api/apps/$id/imports/{$answer->json('imports.0')}")->assertJsonPath('state', 'done')->assertJsonPath('report.bad', 1);
    }

    #[TestWith(['', 'empty.csv'])]
    #[TestWith(["\xD0\xCF\x11\xE0 old", 'old.xls'])]
    #[TestWith(["PK\x03\x04 torn", 'torn.xlsx'])]
    #[TestWith(["SQLite format 3\0 torn", 'torn.sqlite'])]
    #[TestWith(['{"a":', 'torn.json'])]
    public function test_a_file_that_cannot_be_read_is_refused_with_a_sentence_and_leaves_no_app(string $text, string $called): void
    {
        $answer = $this->brought($text, $called)->assertUnprocessable();
        self::assertMatchesRegularExpression('/^[A-Z].+\.$/', $answer->json('message'));
        self::assertSame(0, App::query()->withTrashed()->count());
        $this->postJson('/api/apps/from-file', ['file' => 'no file'])->assertUnprocessable();
    }

    public function test_only_founders_begin_one(): void
    {
        $this->postJson('/api/apps/from-file', [])->assertUnauthorized();
    }

    /** @return TestResponse<\Illuminate\Http\JsonResponse> */
    private function brought(string $text, string $called): TestResponse
    {
        $this->actingAs($this->stranger());

        return $this->post('/api/apps/from-file', ['file' => UploadedFile::fake()->createWithContent($called, $text)], ['Accept' => 'application/json']);
    }

    /** @param  TestResponse<\Illuminate\Http\JsonResponse>  $answer */
    private function begun(TestResponse $answer): App
    {
        return App::query()->findOrFail($answer->assertCreated()->json('id'));
    }

    /** @return list<Row> of the first table that is not the people's */
    private function rows(App $app, int $n): array
    {
        $tables = array_values(array_filter($app->revision->read()->tables, fn ($table): bool => ! $table->people));

        return Space::sandbox($app)->store()->whole()->rows(new Query($tables[$n], limit: 1000));
    }

    /** @return list<string> */
    private function findings(App $app): array
    {
        return array_map(fn (Finding $one): string => "$one->at $one->sentence", Facts::findings($app));
    }
}
