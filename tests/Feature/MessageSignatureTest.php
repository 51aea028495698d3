<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Outbound\MessageSignature;
use PHPUnit\Framework\TestCase;
use Standins\Bunting\Notices;
use Symfony\Component\Process\Process;

/** Signatures of messages: RFC 9421. */
final class MessageSignatureTest extends TestCase
{
    /** RFC 9421, appendix B.2.5, with the shared secret of appendix B.1.5 (from memory: it holds only where that is right). */
    public function test_the_example_of_the_standard_is_signed_as_there(): void
    {
        $key = base64_decode('uzvJfB4u3N0Jy4T7NZ75MDVcr8zSTInedJtkgcu46YW4XByzNJjxBdtjUkdJPBtbmHhIDi6pcl8jsasjlTMtDQ==');
        $covered = ['date' => 'Tue, 20 Apr 2021 02:07:55 GMT', '@authority' => 'example.com', 'content-type' => 'application/json'];
        $headers = MessageSignature::of($covered, $key, 'test-shared-secret', 1618884473, 'sig-b25', '');
        self::assertSame(
            'sig-b25=("date" "@authority" "content-type");created=1618884473;keyid="test-shared-secret"',
            $headers['Signature-Input'],
        );
        self::assertSame('sig-b25=:pxcQw6G3AjtMBQjwo8XzkZf/bws5LelbaMk5rGIGtE8=:', $headers['Signature']);
    }

    public function test_another_library_holds_them_for_good_and_what_was_changed_for_bad(): void
    {
        $requests = [];
        foreach (['https://ads.example/won/1?p=1.8000', 'http://127.0.0.1:8001/bunting/billed/a?p=2&q=%20x', 'https://ads.example/'] as $url) {
            $headers = MessageSignature::of(['@method' => 'GET', '@target-uri' => $url], 'a-key', 'reef', time());
            $requests[] = ['method' => 'GET', 'url' => $url, 'headers' => $headers];
            $requests[] = ['method' => 'GET', 'url' => "{$url}1", 'headers' => $headers];
        }
        $input = (string) json_encode(['key' => 'a-key', 'requests' => $requests]);
        $node = new Process(['node', 'tests/reference/signature.mjs'], dirname(__DIR__, 2), null, $input, 60);
        $node->mustRun();
        self::assertSame([true, false, true, false, true, false], json_decode($node->getOutput(), true));
        foreach ($requests as $i => $one) {
            $headers = array_change_key_case($one['headers']);
            self::assertSame($i % 2 === 0, Notices::areSigned('GET', $one['url'], $headers, 'a-key', time()));
            self::assertFalse(Notices::areSigned('GET', $one['url'], $headers, 'another', time()));
            self::assertFalse(Notices::areSigned('GET', $one['url'], $headers, 'a-key', time() + 301), 'It is old.');
        }
    }
}
