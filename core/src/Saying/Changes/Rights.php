<?php

declare(strict_types=1);

namespace Lanai\Core\Saying\Changes;

use Lanai\Core\Edits\Edit;
use Lanai\Core\Model\Table;
use Lanai\Core\Saying\Amend;
use Lanai\Core\Saying\Change;
use Lanai\Core\Saying\Known;
use Lanai\Core\Saying\Proposal;
use Lanai\Core\Saying\Understood;
use Lanai\Core\Saying\Utterance;
use Lanai\Core\Text\Pattern;

/** “Only hosts may add swims.” “Everybody may see spots.” “Swimmers may not remove posts.” “Screen Offer only for signed-in people.” */
final readonly class Rights implements Change
{
    /** What people call what may be done => how scripts name it, and how it is said. */
    public const VERBS = [
        'see' => 'seen', 'view' => 'seen', 'read' => 'seen', 'look at' => 'seen', 'find' => 'seen',
        'add' => 'added', 'create' => 'added', 'make' => 'added', 'offer' => 'added', 'post' => 'added', 'write' => 'added', 'enter' => 'added',
        'upload' => 'added',
        'change' => 'changed', 'edit' => 'changed', 'update' => 'changed', 'correct' => 'changed',
        'remove' => 'removed', 'delete' => 'removed',
    ];

    private const PLAIN = ['seen' => 'see', 'added' => 'add', 'changed' => 'change', 'removed' => 'remove'];

    public function hear(Utterance $said, Known $app): ?Understood
    {
        $verbs = implode('|', array_keys(self::VERBS));
        $found = $said->fits(
            'only {who} (may|can|should|should be able to|are allowed to|is allowed to) {verb} [the|all] {table}',
            '(let) only {who} {verb} {table}',
            '(allow) only {who} to {verb} {table}',
        );
        if ($found !== null) {
            return $this->allowed($found, true, $app);
        }
        $found = $said->fits(
            "{who} (may not|cannot|can't|can not|must not|should not|should not be able to|are not allowed to|is not allowed to) {verb} [the] {table}",
        );
        if ($found !== null) {
            return $this->denied($found, $app);
        }
        $found = $said->fits('(keep|make) {table} (private|personal)', '{table} (are|should be) (private|personal)');
        if ($found !== null) {
            return $this->allowed(['who' => 'their owner', 'verb' => 'see'] + $found, true, $app);
        }
        $found = $said->fits('(make) {table} public', '{table} (are|should be) public');
        if ($found !== null) {
            return $this->allowed(['who' => 'everyone', 'verb' => 'see'] + $found, true, $app);
        }
        if (Pattern::match("~^(?:let|allow)\s+(?<who>.+?)\s+(?:to\s+)?(?:also\s+)?(?<verb>$verbs)\s+(?:the\s+|all\s+)?(?<table>.+)$~iu", $said->text, $found) ||
            Pattern::match(
                "~^(?<who>.+?)\s+(?:may|can|should be able to|are allowed to)\s+(?:also\s+)?(?<verb>$verbs)\s+(?:the\s+|all\s+)?(?<table>.+)$~iu",
                $said->text,
                $found,
            )) {
            return $this->allowed($found, false, $app);
        }
        $found = $said->fits(
            '(show|open) {screen} only (to|for) {who}',
            '(make) {screen} only for {who}',
            'only {who} (may|can|should) (see|open|visit) [the] {screen}',
            '{screen} (is|should be) only for {who}',
            '[the screen] {screen} only when {who}',
        );

        return $found === null ? null : $this->screen($found, $app);
    }

    /** @param  array<array-key, string>  $found */
    private function allowed(array $found, bool $only, Known $app): ?Understood
    {
        $verb = self::VERBS[mb_strtolower(trim($found['verb']))] ?? '';
        // “Their own swims” are those of whoever has added them.
        $isOwn = Pattern::match('~^(?:their|his|her|its|my) own\s+(?<table>.+)$~iu', trim($found['table']), $own) ||
            Pattern::match('~^(?<table>.+?) (?:of their own|that are theirs)$~iu', trim($found['table']), $own);
        $table = $app->table($own['table'] ?? $found['table']);
        if ($verb === '' || $table === null) {
            return null;
        }
        $who = $isOwn ? self::owner($table, $app) : self::who($found['who'], $table, $app);
        if ($who === null) {
            $names = array_map(fn ($role): string => $role->name, $app->blueprint->roles);

            return Understood::refusing('Who is “'.trim($found['who']).'”? '.(
                $names === [] ? 'This app has no roles yet: begin one in People first.' : 'The roles are '.implode(', ', $names).'.'
            ),
                [['label' => 'People', 'at' => 'station:people']]);
        }
        $at = $app->tableAt($table).'/access';
        $kept = [];
        foreach ($app->items($at) as $right) {
            $isSame = ($right['verb'] ?? '') === $verb && ! isset($right['fields']);
            if (! ($only && $isSame) && ! ($isSame && self::kind($right) === 'nobody') && $right !== ['verb' => $verb, 'who' => $who]) {
                $kept[] = $right;
            }
        }
        $said = self::said($who);
        $plain = self::PLAIN[$verb];
        $label = $only ? "Only $said may $plain $table->name" : ucfirst($said)." may $plain $table->name";
        $edits = [Amend::items($at, self::with($app->items($at), $kept, $verb, ['verb' => $verb, 'who' => $who]))];
        $proposals = [];
        if ($only && $verb === 'added' && isset($who['role'])) {
            $more = self::forms($table, 'me.role == "'.$who['role'].'"', $app);
            $proposals[] = $more === [] ? null : Proposal::of("$label, and only they see its form", $app->blueprint, [...$edits, ...$more]);
        }

        return Understood::proposing([...$proposals, Proposal::of($label, $app->blueprint, $edits)]) ??
            Understood::answering("It is so already: $said may $plain $table->name.", [['label' => "Rights of $table->name", 'at' => $at]]);
    }

    /** @param  array<array-key, string>  $found */
    private function denied(array $found, Known $app): ?Understood
    {
        $verb = self::VERBS[mb_strtolower(trim($found['verb']))] ?? '';
        $table = $app->table($found['table']);
        $who = $verb === '' || $table === null ? null : self::who($found['who'], $table, $app);
        if ($table === null || $who === null) {
            return null;
        }
        $at = $app->tableAt($table).'/access';
        $all = $app->items($at);
        $kept = array_values(
            array_filter($all, fn (array $right): bool => ($right['verb'] ?? '') !== $verb || isset($right['fields']) || $right['who'] !== $who),
        );
        $isEverybody = in_array($who['kind'], ['everyone', 'signedIn'], true);
        if ($isEverybody) {
            $kept = array_values(array_filter($all, fn (array $right): bool => ($right['verb'] ?? '') !== $verb || isset($right['fields'])));
        }
        $left = array_filter($kept, fn (array $right): bool => ($right['verb'] ?? '') === $verb && ! isset($right['fields']));
        $kept = $left === [] ? [...$kept, ['verb' => $verb, 'who' => ['kind' => 'nobody']]] : $kept;
        if ($kept === $all) {
            $open = array_filter(
                $all,
                fn (array $right): bool => ($right['verb'] ?? '') === $verb && in_array(self::kind($right), ['everyone', 'signedIn'], true),
            );

            return $open === []
                ? Understood::answering('It is so already.', [['label' => "Rights of $table->name", 'at' => $at]])
                : Understood::refusing(
                    'Everybody who signs in may do that. Say who alone may: “only … may '.self::PLAIN[$verb]." {$table->name}”.",
                    [['label' => "Rights of $table->name", 'at' => $at]],
                );
        }

        return Understood::proposing(
            [Proposal::of(ucfirst(self::said($who)).' may no longer '.self::PLAIN[$verb]." $table->name", $app->blueprint, [Amend::items($at, $kept)])],
        );
    }

    /** @param  array<array-key, string>  $found */
    private function screen(array $found, Known $app): ?Understood
    {
        $screen = $app->screen($found['screen']);
        if (
            $screen === null || ! Pattern::match(
                '~^(?:people who are |those who are |somebody is |someone is )?(?:signed|logged)[ -]in(?: people| users)?$|^(?:members|users)$~iu',
                trim($found['who']),
            )
        ) {
            return null;
        }

        return Understood::proposing([
            Proposal::of("Show $screen->name only to people who have signed in", $app->blueprint, [Amend::put($app->screenAt($screen).'/signedIn', true)]),
        ]);
    }

    /** @return array{kind: string, role?: string, field?: string}|null */
    public static function who(string $words, Table $table, Known $app): ?array
    {
        $words = trim(Pattern::replace('~^(?:the|an?)\s+~iu', '', trim($words)));
        $role = $app->role($words);
        if ($role !== null) {
            return ['kind' => 'role', 'role' => $role->name];
        }
        if (Pattern::match('~^(?:everyone|everybody|anyone|anybody|all|all people|guests?|the public|whoever)$~iu', $words)) {
            return ['kind' => 'everyone'];
        }
        if (Pattern::match('~^(?:nobody|no one|none)$~iu', $words)) {
            return ['kind' => 'nobody'];
        }
        if (
            Pattern::match(
                '~^(?:(?:signed|logged)[ -]in (?:people|users|persons)|(?:people|users|those|everyone|anyone) who (?:are|is|have|has) (?:signed|'.
                    'logged)[ -]in|members|users|people|persons?|user|member)$~iu',
                $words,
            )
        ) {
            return ['kind' => 'signedIn'];
        }
        if (
            Pattern::match(
                '~^(?:their |its |his |her )?(?:owner|author|creator)s?(?: of (?:it|them))?$|^(?:the )?(?:person|people|one|those|whoever) who (?:has |'.
                    'have )?(?:added|wrote|made|created|posted)(?: (?:it|them))?$|^(?:they themselves|themselves)$~iu',
                $words,
            )
        ) {
            return self::owner($table, $app);
        }
        $field = $app->field($table, Pattern::replace('~^(?:its|their)\s+~iu', '', $words));
        $people = $app->blueprint->peopleTable()->singular ?? '';

        return $field !== null && $people !== '' && (
            $field->linksTo() === $people || Known::typeOf($field) === 'addedBy'
        ) ? ['kind' => 'personIn', 'field' => $field->name] : null;
    }

    /** @return array{kind: string, field?: string}|null */
    private static function owner(Table $table, Known $app): ?array
    {
        if ($table->people) {
            return ['kind' => 'themselves'];
        }
        foreach ($table->fields as $field) {
            if (Known::typeOf($field) === 'addedBy') {
                return ['kind' => 'personIn', 'field' => $field->name];
            }
        }
        // The only person to whom it leads, or the one who is called so.
        $people = $app->blueprint->peopleTable()->singular ?? '';
        $leads = array_values(array_filter($table->fields, fn ($field): bool => $people !== '' && $field->linksTo() === $people));
        $named = array_values(
            array_filter($leads, fn ($field): bool => in_array(mb_strtolower($field->name), ['owner', 'author', 'person', 'host', 'buyer'], true)),
        );
        $found = count($leads) === 1 ? $leads : $named;

        return $found === [] ? null : ['kind' => 'personIn', 'field' => $found[0]->name];
    }

    /** @param  array<string, mixed>  $right */
    private static function kind(array $right): string
    {
        $who = $right['who'] ?? [];

        return is_array($who) && is_string($who['kind'] ?? null) ? $who['kind'] : '';
    }

    /**
     * The rights that are kept, and one more: where the first of its kind stood, or behind those that are read before it.
     *
     * @param  list<array<string, mixed>>  $were
     * @param  list<array<string, mixed>>  $kept
     * @param  array<string, mixed>  $right
     * @return list<array<string, mixed>>
     */
    private static function with(array $were, array $kept, string $verb, array $right): array
    {
        $order = array_flip(array_keys(self::PLAIN));
        $at = 0;
        foreach ($kept as $i => $one) {
            $isBarred = is_array($one['who'] ?? null) && in_array($one['who']['kind'] ?? '', ['unless'], true);
            $its = is_string($one['verb'] ?? null) ? $one['verb'] : '';
            $at = ! $isBarred && ($order[$its] ?? 9) <= $order[$verb] ? $i + 1 : $at;
        }
        $first = array_values(
            array_filter(array_keys($were), fn (int $i): bool => ($were[$i]['verb'] ?? '') === $verb && ! in_array($were[$i], $kept, true)),
        )[0] ?? null;
        // Where one like it was taken away, it stands in its place.
        $at = $first === null ? $at : count(array_filter($kept, fn (array $one): bool => array_search($one, $were, true) < $first));

        return [...array_slice($kept, 0, $at), $right, ...array_slice($kept, $at)];
    }

    /** @param  array{kind: string, role?: string, field?: string}  $who */
    public static function said(array $who): string
    {
        return match ($who['kind']) {
            'role' => 'people with the role '.($who['role'] ?? ''),
            'personIn' => 'the person in '.($who['field'] ?? ''),
            'signedIn' => 'people who have signed in',
            'themselves' => 'the person themselves',
            default => $who['kind'],
        };
    }

    /** @return list<Edit> */
    private static function forms(Table $table, string $condition, Known $app): array
    {
        $edits = [];
        foreach ($app->lines() as $line) {
            if ($line->kind() === 'addForm' && $line->text('one') === $table->singular && ! str_contains($line->text('if'), 'me.role')) {
                $edits[] = Amend::put("{$line->at()}/if", Amend::both($line->text('if') === 'me != null' ? '' : $line->text('if'), $condition));
            }
        }

        return $edits;
    }
}
