<?php

declare(strict_types=1);

namespace Lanai\Core\Reading\Patterns;

use Lanai\Core\Reading\Draft;
use Lanai\Core\Reading\Plan;
use Lanai\Core\Text\Names;

/** Things are followed: whoever follows one finds it in a list of their own, and is told when something new belongs to it, or when it has changed. */
final readonly class Keeping extends Part
{
    private const NOUN = 'follow';

    private const SCREEN = 'Followed';

    private Noun $called;

    /** The field of people that has what they follow. */
    private string $field;

    private string $all;

    private function __construct(private Plan $plan, private string $thing)
    {
        $this->called = $plan->nouns[$thing];
        $this->field = 'Followed '.mb_strtolower($this->called->many);
        $this->all = Names::inFormula($this->field);
    }

    public static function in(Plan $plan): ?self
    {
        $thing = $plan->host(self::NOUN);

        return $thing !== '' && $plan->isMain($thing) && $plan->tables[self::NOUN]['fields'] === [] ? new self($plan, $thing) : null;
    }

    public function replaces(): array
    {
        return [self::NOUN];
    }

    public function table(string $noun): array
    {
        return $noun !== Draft::PERSON ? [] : [
            '  may be seen by the person themselves, as to '.Noun::said($this->field),
            '  '.Noun::said($this->field).' are many '.Noun::said($this->called->many),
        ];
    }

    public function onPage(string $noun): array
    {
        if ($noun !== $this->thing) {
            return [];
        }
        $key = $this->called->key();
        $isFollowed = "any(me.$this->all, this == $key)";

        return [
            "  Button \"Follow\", quiet, if me != null and not $isFollowed",
            '    tapped:',
            "      put $key into me.$this->all",
            '      say "You hear of it when something is new."',
            "  Button \"Follow no more\", quiet, if me != null and $isFollowed",
            '    tapped:',
            "      take $key out of me.$this->all",
        ];
    }

    public function parts(): array
    {
        return [implode("\n", [
            'screen '.self::SCREEN,
            '  Text "Sign in to see what you follow.", if me == null',
            "  Repeat for each of me.$this->all",
            '    Card',
            "      Text \"{this.{$this->plan->label($this->thing)}}\"",
            '      tapped:',
            '        go to '.Noun::said($this->called->one).' with this',
            "  Text \"You follow nothing yet.\", if me != null and not any(me.$this->all)",
        ])];
    }

    public function ways(): array
    {
        return [[self::SCREEN, 'heart']];
    }

    public function messages(): array
    {
        $label = $this->plan->label($this->thing);
        [$one, $key] = [Noun::said($this->called->one), $this->called->key()];
        foreach (array_keys($this->plan->tables) as $guest) {
            $isNews = $this->plan->host($guest) === $this->thing && $this->plan->tables[$guest]['fields'] !== [] && ! $this->plan->isPrivate($guest);
            if ($isNews && ! in_array($guest, Plan::OF_OTHERS, true)) {
                $new = $this->plan->nouns[$guest];
                $of = "{$new->key()}.$key";

                return [implode("\n", [
                    'message '.Noun::said("New: {$new->one}").', on News, when one '.Noun::said($new->one)
                        ." is added, to those where any($this->all, this == $of), also in the inbox",
                    "  says \"{{$of}.$label}\", then \"There is something new.\"",
                    $this->plan->isMain($guest) ? '  opens '.Noun::said($new->one)." with {$new->key()}" : "  opens $one with $of",
                ])];
            }
        }

        return [implode("\n", [
            'message '.Noun::said("Changed: {$this->called->one}").", on News, when one $one is changed, to those where any($this->all, this == $key),"
                .' also in the inbox',
            "  says \"{{$key}.$label}\", then \"Something has changed.\"",
            "  opens $one with $key",
        ])];
    }
}
