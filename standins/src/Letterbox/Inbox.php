<?php

declare(strict_types=1);

namespace Standins\Letterbox;

use Standins\Answer;
use Standins\Box;
use Standins\Page;

/** The letters of one box as a page, and as JSON, for whoever has its key. */
final readonly class Inbox
{
    public function __construct(private Letters $letters, private string $address, private Box $box)
    {
    }

    /** @param  array<string, mixed>  $query */
    public function answer(string $path, array $query): Answer
    {
        if (! $this->box->isOpen()) {
            return Box::closed();
        }
        $key = "?key={$this->box->key}";
        $to = is_string($query['to'] ?? null) ? $query['to'] : '';
        if ($path === '/letters.json') {
            return Answer::json(200, [
                'letters' => array_map(fn (array $l): array => array_diff_key($l, ['raw' => 0]), $this->letters->all($this->box->name, $to)),
            ]);
        }
        if (preg_match('~^/(\d+)$~', $path, $found)) {
            $letter = $this->letters->find($this->box->name, (int) $found[1]);

            return $letter === null
                ? Answer::problem(404, 'There is no such letter.')
                : Page::of(
                    (string) $letter['subject'],
                    '<small>Letterbox, practice post</small><h1>'.
                        Page::text($letter['subject']).
                        '</h1><p class="quiet">from '.
                        Page::text($letter['sender']).
                        ' to '.
                        Page::text($letter['recipient']).
                        ', '.
                        Page::text($letter['at']).
                        '</p><pre>'.
                        self::linked((string) $letter['text']).
                        "</pre><p><a href=\"$this->address/$key\">All letters</a></p>",
                );
        }
        if ($path !== '/') {
            return Answer::problem(404, 'There is no such page.');
        }
        $rows = implode(
            '',
            array_map(
                fn (array $l): string => "<tr><td><a href=\"$this->address/{$l['id']}$key\">".
                    Page::text($l['subject']).
                    '</a></td><td>'.
                    Page::text($l['recipient']).
                    '</td><td class="quiet">'.
                    Page::text(substr((string) $l['at'], 11, 5)).
                    '</td></tr>',
                $this->letters->all($this->box->name, $to),
            ),
        );

        return Page::of(
            'Letterbox',
            '<small>Letterbox, practice post</small><h1>Letters</h1><p>What apps send by e-mail arrives here and goes no further.</p>'.
                ($rows === '' ? '<p class="quiet">No letters yet.</p>' : "<table><tr><th>about</th><th>to</th><th>at</th></tr>$rows</table>").
                '<meta http-equiv="refresh" content="8">',
        );
    }

    private static function linked(string $text): string
    {
        return (string) preg_replace('~https?://[^\s<>"]+~', '<a href="$0">$0</a>', Page::text($text));
    }
}
