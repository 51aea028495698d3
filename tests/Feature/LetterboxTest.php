<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\TestCase;
use Standins\Box;
use Standins\Letterbox\Inbox;
use Standins\Letterbox\Letters;
use Standins\Letterbox\Smtp;
use Symfony\Component\Mailer\Mailer;
use Symfony\Component\Mailer\Transport;
use Symfony\Component\Mime\Email;
use Tests\Support\LocalServer;

/** Letterbox by the letter of RFC 5321, and with a real mail program over a real socket. */
final class LetterboxTest extends TestCase
{
    private string $folder;

    protected function setUp(): void
    {
        $this->folder = sys_get_temp_dir().'/lanai-letterbox-'.bin2hex(random_bytes(4));
    }

    protected function tearDown(): void
    {
        array_map(unlink(...), glob("$this->folder/*") ?: []);
        @rmdir($this->folder);
    }

    public function test_a_typical_transaction_is_answered_as_rfc_5321_appendix_d_1_shows(): void
    {
        $letters = new Letters($this->folder);
        $smtp = new Smtp($letters);
        $say = fn (string $line): int => (int) substr($smtp->take("$line\r\n"), 0, 3);
        self::assertSame(220, (int) $smtp->greeting());
        self::assertSame(
            [250, 250, 250, 250, 354],
            [$say('EHLO bar.com'), $say('MAIL FROM:<Smith@bar.com>'), $say('RCPT TO:<Jones@foo.com>'), $say('RCPT TO:<Brown@foo.com>'), $say('DATA')],
        );
        // Section 4.5.2: a dot at the beginning of a line is doubled on the way.
        self::assertSame('', $smtp->take("Subject: Blah\r\n\r\nBlah blah blah...\r\n..etc. etc. etc.\r\n"));
        self::assertSame(250, $say('.'));
        self::assertSame(221, $say('QUIT'));
        self::assertSame(
            [['brown@foo.com', "Blah blah blah...\r\n.etc. etc. etc."], ['jones@foo.com', "Blah blah blah...\r\n.etc. etc. etc."]],
            array_map(fn (array $l): array => [$l['recipient'], $l['text']], $letters->all('')),
        );
    }

    public function test_what_is_out_of_order_or_malformed_is_refused(): void
    {
        $smtp = new Smtp(new Letters($this->folder));
        $say = fn (string $line): int => (int) substr($smtp->take("$line\r\n"), 0, 3);
        self::assertSame(
            [503, 250, 503, 501, 250, 503, 501, 503, 250, 502, 252, 250],
            [
                $say('MAIL FROM:<a@b.example>'),
                $say('HELO x'),
                $say('RCPT TO:<a@b.example>'),
                $say('MAIL FROM: nobody'),
                $say('MAIL FROM:<>'),
                $say('MAIL FROM:<a@b.example>'),
                $say('RCPT TO:<nobody>'),
                $say('DATA'),
                $say('RSET'),
                $say('TURN'),
                $say('VRFY a'),
                $say('NOOP'),
            ],
        );
        self::assertSame(552, $say('MAIL FROM:<a@b.example> SIZE=99999999'));
        // Commands arrive in pieces, and several at once.
        self::assertSame('', $smtp->take('MAIL FR'));
        self::assertSame("250 OK\r\n250 OK\r\n", $smtp->take("OM:<a@b.example>\r\nRCPT TO:<c@d.example>\r\n"));
    }

    public function test_a_real_mail_program_delivers_and_the_page_shows_it(): void
    {
        $server = LocalServer::start(
            fn (int $port): array => [PHP_BINARY, 'standins/letterbox.php', (string) $port],
            ['LANAI_STANDINS_FOLDER' => $this->folder],
        );
        try {
            $box = Box::opened(hash('sha256', 'a key'));
            $letter = (new Email())
                ->from('Saltlark <post@lanai.example>')
                ->to('zoe@arden.example')
                ->subject('Grüße, 123456 <b>')
                ->text("Größe\n.\nEnde <script>");
            $letter->getHeaders()->addTextHeader('X-Practice-Box', $box->name);
            (new Mailer(Transport::fromDsn("smtp://127.0.0.1:$server->port")))->send($letter);
            $inbox = new Inbox(new Letters($this->folder), '/letterbox', $box);
            self::assertSame(
                'Grüße, 123456 <b>',
                json_decode($inbox->answer('/letters.json', ['to' => 'ZOE@arden.example'])->body, true)['letters'][0]['subject'],
            );
            self::assertStringContainsString("Größe\r\n.\r\nEnde", (new Letters($this->folder))->all($box->name)[0]['text']);
            self::assertStringContainsString('Grüße, 123456 &lt;b&gt;', $inbox->answer('/', [])->body);
            self::assertStringNotContainsString('<script>', $inbox->answer('/1', [])->body);
            self::assertSame(404, $inbox->answer('/99', [])->status);
            // Without a key nothing is shown, and another key opens another box.
            self::assertSame(
                [401, 401],
                [
                    (new Inbox(new Letters($this->folder), '/letterbox', Box::named($box->name)))->answer('/letters.json', [])->status,
                    (new Inbox(new Letters($this->folder), '/letterbox', Box::opened('')))->answer('/1', [])->status,
                ],
            );
            $other = new Inbox(new Letters($this->folder), '/letterbox', Box::opened(hash('sha256', 'another')));
            self::assertSame(['{"letters":[]}', 404], [$other->answer('/letters.json', [])->body, $other->answer('/1', [])->status]);
        } finally {
            $server->stop();
        }
    }
}
