<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Apps\RevisionBook;
use App\Models\Founder;
use Lanai\Core\Model\Blueprint;
use Tests\TestCase;

final class SearchEnginesTest extends TestCase
{
    /** The schema of sitemaps.org, version 0.9, as far as it is used here (from memory). */
    private const SCHEMA = <<<'XSD'
    <xsd:schema xmlns:xsd="http://www.w3.org/2001/XMLSchema" targetNamespace="http://www.sitemaps.org/schemas/sitemap/0.9"
        xmlns="http://www.sitemaps.org/schemas/sitemap/0.9" elementFormDefault="qualified">
      <xsd:element name="urlset"><xsd:complexType><xsd:sequence>
        <xsd:element name="url" minOccurs="0" maxOccurs="unbounded"><xsd:complexType><xsd:sequence>
          <xsd:element name="loc"><xsd:simpleType><xsd:restriction base="xsd:anyURI">
            <xsd:minLength value="12"/><xsd:maxLength value="2048"/></xsd:restriction></xsd:simpleType></xsd:element>
          <xsd:element name="lastmod" type="xsd:date" minOccurs="0"/>
        </xsd:sequence></xsd:complexType></xsd:element>
      </xsd:sequence></xsd:complexType></xsd:element>
    </xsd:schema>
    XSD;

    public function test_what_everybody_sees_of_a_live_app_is_listed_and_nothing_else(): void
    {
        $founder = Founder::query()->create(['name' => 'Ada', 'email' => 'ada@founders.example', 'password' => 'long enough to be']);
        $book = app(RevisionBook::class);
        $reef = $book->begin($founder, Blueprint::fromScript(<<<'SCRIPT'
            app "Reef & Söhne"
            sign-in at Door
              with e-mail and password
            table People, each a Person, who sign in
              Name is a text
            table Beds, each a Bed
              Name is a text
            screen Start, first
              Text "Start"
            screen "Größe & Weite"
              Text "About"
            screen Mine, only when signed in
              Text "Mine"
            screen Bed, about one Bed
              Text "{bed.name}"
            screen Door
              Text "Door"
            SCRIPT));
        $map = fn (): string => (string) $this->get('/sitemap.xml')->assertOk()->assertHeader('Content-Type', 'application/xml')->getContent();
        self::assertStringNotContainsString('/a/', $map(), 'Nothing is live yet.');
        $book->goLive($reef);

        $xml = new \DOMDocument();
        self::assertTrue($xml->loadXML($map()));
        self::assertTrue($xml->schemaValidateSource(self::SCHEMA));
        $home = "http://localhost:8000/a/$reef->slug";
        $listed = array_map(fn (\DOMNode $node): string => $node->textContent, iterator_to_array($xml->getElementsByTagName('loc')));
        self::assertSame([$home, "$home?at=grosse-weite"], $listed);
        foreach ($listed as $address) {
            $this->get(substr($address, strlen('http://localhost:8000')))->assertOk();
        }
    }

    public function test_robots_may_look_through_apps_and_nothing_that_belongs_to_somebody(): void
    {
        $lines = explode("\n", (string) $this->get('/robots.txt')->assertOk()->assertHeader('Content-Type', 'text/plain; charset=utf-8')->getContent());
        // RFC 9309, 2.2.2: the longest rule that matches wins.
        $may = function (string $path) use ($lines): bool {
            [$best, $allowed] = [-1, true];
            foreach ($lines as $line) {
                if (preg_match('~^(Allow|Disallow): (\S+)$~', $line, $rule) && str_starts_with($path, $rule[2]) && strlen($rule[2]) > $best) {
                    [$best, $allowed] = [strlen($rule[2]), $rule[1] === 'Allow'];
                }
            }

            return $allowed;
        };
        self::assertSame('User-agent: *', $lines[0]);
        self::assertContains('Sitemap: http://localhost:8000/sitemap.xml', $lines);
        self::assertTrue($may('/a/saltlark') && $may('/build/device/assets/main.js') && $may('/media/1/x.jpg'));
        foreach (['/', '/apps/1', '/s/abc', '/try/key', '/api/apps', '/deck/1', '/taken/x', '/p/saltlark'] as $path) {
            self::assertFalse($may($path), $path);
        }
    }
}
