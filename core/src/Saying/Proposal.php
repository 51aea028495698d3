<?php

declare(strict_types=1);

namespace Lanai\Core\Saying;

use Lanai\Core\Edits\Edit;
use Lanai\Core\Edits\EditRefused;
use Lanai\Core\Edits\Patch;
use Lanai\Core\Language\Prose;
use Lanai\Core\Language\ScriptMistake;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\SentenceDiff;

/** A change that is proposed: what it does in words, and the app as it would be. */
final readonly class Proposal
{
    /** @param  list<array{was: list<string>, now: list<string>}>  $sentences what is changed, as sentences */
    private function __construct(public string $label, public Blueprint $before, public Blueprint $after, public array $sentences)
    {
    }

    /**
     * @param  iterable<Edit|callable(Blueprint): ?Edit>  $edits  one after the other; later ones can look at what the earlier ones have made
     * @return self|null null where it cannot be made, or changes nothing
     */
    public static function of(string $label, Blueprint $blueprint, iterable $edits): ?self
    {
        $after = $blueprint;
        try {
            foreach ($edits as $edit) {
                $edit = $edit instanceof Edit ? $edit : $edit($after);
                $after = $edit === null ? $after : $edit->on($after)->blueprint;
            }
        } catch (EditRefused|ScriptMistake) {
            return null;
        }
        $sentences = SentenceDiff::between($blueprint->data(), $after->data());

        return $sentences === [] ? null : new self($label, $blueprint, $after, $sentences);
    }

    /** @param  iterable<Edit|callable(Blueprint): ?Edit>  $edits  made after those of this one */
    public function and(iterable $edits): ?self
    {
        $more = self::of($this->label, $this->after, $edits);

        return $more === null ? null : self::between($this->label, $this->before, $more->after);
    }

    public static function between(string $label, Blueprint $before, Blueprint $after): ?self
    {
        $sentences = SentenceDiff::between($before->data(), $after->data());

        return $sentences === [] ? null : new self($label, $before, $after, $sentences);
    }

    public function patch(): Patch
    {
        return Patch::between($this->before->data(), $this->after->data());
    }

    /** @return list<string> names of the screens that look otherwise afterwards, or are new */
    public function screens(): array
    {
        $was = array_map(serialize(...), Prose::nodes($this->before->data()['screens'] ?? []));
        $names = [];
        foreach (Prose::nodes($this->after->data()['screens'] ?? []) as $screen) {
            $name = is_string($screen['name'] ?? null) ? $screen['name'] : '';
            $names = in_array(serialize($screen), $was, true) ? $names : [...$names, $name];
        }

        return $names;
    }
}
