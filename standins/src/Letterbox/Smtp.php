<?php

declare(strict_types=1);

namespace Standins\Letterbox;

/** One conversation with a mail program (RFC 5321): takes every letter, delivers none. */
final class Smtp
{
    public const LARGEST = 2_000_000;

    private string $from = '';

    /** @var list<string> */
    private array $to = [];

    private string $buffer = '';

    private ?string $data = null;

    private bool $greeted = false;

    public bool $over = false;

    public function __construct(private readonly Letters $letters)
    {
    }

    public function greeting(): string
    {
        return "220 letterbox.example ready\r\n";
    }

    /** Takes what has come in, and gives what is said to it. */
    public function take(string $bytes): string
    {
        $this->buffer .= $bytes;
        $answer = '';
        while (! $this->over && ($end = strpos($this->buffer, "\r\n")) !== false) {
            $line = substr($this->buffer, 0, $end);
            $this->buffer = substr($this->buffer, $end + 2);
            $answer .= $this->data === null ? $this->command($line) : $this->line($line);
        }
        if (strlen($this->buffer) > 100_000) {
            $this->over = true;
            $answer .= "500 Line too long\r\n";
        }

        return $answer;
    }

    private function command(string $line): string
    {
        $word = strtoupper(strtok($line, ' ') ?: '');
        switch ($word) {
            case 'EHLO':
                $this->begin();
                $this->greeted = true;

                return "250-letterbox.example\r\n250-SIZE ".self::LARGEST."\r\n250-8BITMIME\r\n250 PIPELINING\r\n";
            case 'HELO':
                $this->begin();
                $this->greeted = true;

                return "250 letterbox.example\r\n";
            case 'MAIL':
                if (! $this->greeted || $this->from !== '') {
                    return "503 Bad sequence of commands\r\n";
                }
                if (! preg_match('/^MAIL FROM:\s*<([^<>\s]*)>(.*)$/i', $line, $found)) {
                    return "501 Syntax: MAIL FROM:<address>\r\n";
                }
                if (preg_match('/SIZE=(\d+)/i', $found[2], $size) && (int) $size[1] > self::LARGEST) {
                    return "552 Message too large\r\n";
                }
                $this->from = $found[1] === '' ? '<>' : $found[1];

                return "250 OK\r\n";
            case 'RCPT':
                if ($this->from === '') {
                    return "503 Bad sequence of commands\r\n";
                }
                if (! preg_match('/^RCPT TO:\s*<([^<>\s@]+@[^<>\s]+)>/i', $line, $found)) {
                    return "501 Syntax: RCPT TO:<address>\r\n";
                }
                $this->to[] = $found[1];

                return "250 OK\r\n";
            case 'DATA':
                if ($this->to === []) {
                    return "503 Bad sequence of commands\r\n";
                }
                $this->data = '';

                return "354 End with a dot on a line of its own\r\n";
            case 'RSET':
                $this->begin();

                return "250 OK\r\n";
            case 'NOOP':
                return "250 OK\r\n";
            case 'VRFY':
                return "252 Cannot say, but will take a letter\r\n";
            case 'QUIT':
                $this->over = true;

                return "221 letterbox.example closing\r\n";
            default:
                return "502 Command not implemented\r\n";
        }
    }

    private function line(string $line): string
    {
        if ($line !== '.') {
            // A dot at the beginning was doubled on the way (section 4.5.2).
            $this->data .= (str_starts_with($line, '.') ? substr($line, 1) : $line)."\r\n";

            return '';
        }
        $raw = (string) $this->data;
        [$from, $to] = [$this->from, $this->to];
        $this->begin();
        if (strlen($raw) > self::LARGEST) {
            return "552 Message too large\r\n";
        }
        $this->letters->keep($from, $to, $raw);

        return "250 OK, kept\r\n";
    }

    private function begin(): void
    {
        $this->from = '';
        $this->to = [];
        $this->data = null;
    }
}
