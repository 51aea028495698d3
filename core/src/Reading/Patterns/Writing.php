<?php

declare(strict_types=1);

namespace Lanai\Core\Reading\Patterns;

use Lanai\Core\Reading\Draft;
use Lanai\Core\Reading\Plan;

/** People write to one another: what is written is seen by the two, newest last, each with somebody of their choice. */
final readonly class Writing extends Part
{
    private const NOUN = 'message';

    private function __construct(private Noun $message)
    {
    }

    public static function in(Plan $plan): ?self
    {
        $isMeant = isset($plan->tables[self::NOUN]) && $plan->does('message', Draft::PERSON) && $plan->isSomebodys(self::NOUN);
        $names = array_map(fn (array $field): string => $plan->called($field, self::NOUN), $plan->tables[self::NOUN]['fields'] ?? []);
        $hasRoom = array_intersect(['Recipient', 'Owner', 'Added'], $names) === [] && in_array('Words', $names, true);

        return $isMeant && $hasRoom && $plan->host(self::NOUN) === '' ? new self($plan->nouns[self::NOUN]) : null;
    }

    public function table(string $noun): array
    {
        return $noun === self::NOUN ? ['  may be seen by the person in Recipient', '  Recipient is one Person, required'] : [];
    }

    public function keepsToThose(string $noun): bool
    {
        return $noun === self::NOUN;
    }

    /** It has screens of its own. */
    public function shows(string $noun): bool
    {
        return $noun === self::NOUN;
    }

    public function parts(): array
    {
        [$many, $one, $all] = [Noun::said($this->message->many), Noun::said($this->message->one), $this->message->all()];
        $between = '(owner == me and recipient == screen.person or owner == screen.person and recipient == me)';

        return [
            implode("\n", [
                "screen \"My {$this->message->many}\"",
                '  Text "Sign in to write to others.", if me == null',
                '  List of People where me != null and this != me, by Name upward, with a search box, if me != null',
                '    shows name as title',
                "    shows any({$all}ByOwner, recipient == me) ? \"wrote to you\" : null as badge",
                '    shows picture as picture',
                '    tapped:',
                '      go to Talk with this',
                '    when empty: "There is nobody else yet."',
            ]),
            implode("\n", [
                'screen Talk, about one Person, titled "{person.name}", only when signed in',
                "  List of $many where me != null and $between, by Added upward, as a conversation, own where owner == me",
                '    shows coalesce(owner.name, "Somebody") as title',
                '    shows words as note',
                '    shows relative(added) as aside',
                '    when empty: "Nothing has been written yet."',
                "  Form for a new $one asking Words, saying \"Send\", if me != null and person != me",
                '    set Recipient = person',
                // Somebody can want to see nothing more of it.
                '  Button "Report the last one", quiet, if '."any($all, owner == person and recipient == me)",
                '    tapped:',
                "      report last(sortBy(where($all, owner == person and recipient == me), added))",
            ]),
        ];
    }

    public function ways(): array
    {
        return [["My {$this->message->many}", 'chat']];
    }

    public function messages(): array
    {
        $key = $this->message->key();

        return [implode("\n", [
            'message Written, on News, when one '.Noun::said($this->message->one)." is added, to $key.recipient, also in the inbox",
            "  says \"{coalesce($key.owner.name, \\\"Somebody\\\")} has written to you\"",
            "  opens Talk with $key.owner",
        ])];
    }
}
