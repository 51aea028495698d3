<?php

declare(strict_types=1);

namespace Standins\Letterbox;

use PDO;

/** The letters that came in. */
final readonly class Letters
{
    private PDO $database;

    public function __construct(string $folder)
    {
        if (! is_dir($folder)) {
            mkdir($folder, 0700, true);
        }
        $this->database = new PDO("sqlite:$folder/letterbox.sqlite", null, null, [
            PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION,
            PDO::ATTR_DEFAULT_FETCH_MODE => PDO::FETCH_ASSOC,
        ]);
        $this->database->exec(
            'pragma journal_mode = wal; pragma busy_timeout = 5000; create table if not exists letters (id integer primary key autoincrement, '
                .'sender text not null, recipient text not null, subject text not null, text text not null, raw text not null, at text not null)',
        );
        if (! in_array('box', $this->database->query('select name from pragma_table_info(\'letters\')')->fetchAll(PDO::FETCH_COLUMN), true)) {
            $this->database->exec("alter table letters add column box text not null default ''");
        }
    }

    /**
     * Keeps a message (RFC 5322) for each of its recipients.
     *
     * @param  list<string>  $to
     */
    public function keep(string $from, array $to, string $raw): void
    {
        [$head, $body] = explode("\r\n\r\n", $raw, 2) + [1 => ''];
        $headers = iconv_mime_decode_headers($head, ICONV_MIME_DECODE_CONTINUE_ON_ERROR, 'UTF-8') ?: [];
        $header = fn (string $name): string => is_string($headers[$name] ?? null) ? $headers[$name] : '';
        $text = match (strtolower(trim($header('Content-Transfer-Encoding')))) {
            'quoted-printable' => quoted_printable_decode($body),
            'base64' => (string) base64_decode($body),
            default => $body,
        };
        $statement = $this->database->prepare('insert into letters (sender, recipient, subject, text, raw, at, box) values (?, ?, ?, ?, ?, ?, ?)');
        foreach ($to as $recipient) {
            $statement->execute([
                $header('From') ?: $from,
                strtolower($recipient),
                $header('Subject'),
                trim($text),
                $raw,
                gmdate('Y-m-d\TH:i:s\Z'),
                $header('X-Practice-Box'),
            ]);
        }
    }

    /** @return list<array<string, mixed>> the newest first */
    public function all(string $box, string $to = ''): array
    {
        $statement = $this->database->prepare('select * from letters where box = ? and (? = \'\' or recipient = ?) order by id desc limit 200');
        $statement->execute([$box, $to, strtolower($to)]);

        return $statement->fetchAll();
    }

    /** @return array<string, mixed>|null */
    public function find(string $box, int $id): ?array
    {
        $statement = $this->database->prepare('select * from letters where box = ? and id = ?');
        $statement->execute([$box, $id]);

        return $statement->fetch() ?: null;
    }
}
