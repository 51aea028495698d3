<?php

declare(strict_types=1);

namespace Standins;

/** The rules of a store that do not depend on the kind of package. Lengths are the common store limits. */
final class Review
{
    private const LIMITS = ['title' => ['title', 30], 'summary' => ['short description', 80], 'description' => ['full description', 4000]];

    /**
     * @param  array<string, mixed>  $listing
     * @param  list<string>  $declared
     * @param  array<string, mixed>|null  $last  the newest accepted submission of the same package
     * @param  string  $store  its name
     * @return list<array{code: string, sentence: string, doubtful?: bool}>
     */
    public static function reasons(Inspection $inspection, array $listing, array $declared, ?array $last, string $store = ''): array
    {
        $reasons = [...$inspection->reasons, ...self::page($listing), ...Words::against($listing, $store)];
        foreach (is_array($listing['languages'] ?? null) ? $listing['languages'] : [] as $tongue => $page) {
            array_push($reasons, ...self::page(is_array($page) ? $page : [], (string) $tongue));
        }
        array_push($reasons, ...self::declared($inspection, $listing['declares'] ?? null), ...self::access($listing['access'] ?? null));
        foreach (array_diff($inspection->permissions, $declared) as $permission) {
            $reasons[] = ['code' => 'permission', 'sentence' => "The package asks for $permission, which is not declared."];
        }
        if ($inspection->cleartext && trim(is_string($listing['cleartext'] ?? null) ? $listing['cleartext'] : '') === '') {
            $reasons[] = ['code' => 'cleartext', 'sentence' => 'The package allows calls without encryption, and no reason for it is given.'];
        }
        if ($last !== null && $inspection->code > 0 && $inspection->code <= (int) $last['code']) {
            $reasons[] = [
                'code' => 'version.code',
                'sentence' => "Version code $inspection->code has been used: the last accepted one is {$last['code']}, and the next must be higher.",
            ];
        }
        if ($last !== null && $last['signer'] !== '' && $inspection->signer !== '' && $last['signer'] !== $inspection->signer) {
            $reasons[] = [
                'code' => 'signature',
                'sentence' => 'The package is signed with another key than the last accepted one. An update must carry the same signature.',
            ];
        }

        return $reasons;
    }

    /**
     * Whoever looks at it has to get in.
     *
     * @return list<array{code: string, sentence: string}>
     */
    private static function access(mixed $access): array
    {
        $asks = is_array($access) && ($access['signIn'] ?? false) === true && ($access['guest'] ?? false) !== true;
        $isGiven = is_array($access) && is_string($access['email'] ?? null) && trim($access['email']) !== ''
            && is_string($access['password'] ?? null) && $access['password'] !== '';

        return $asks && ! $isGiven
            ? [['code' => 'access', 'sentence' => 'One has to sign in, and we were given no account with which we could.']]
            : [];
    }

    /**
     * What the app keeps of people has to be declared, and a package that shows messages has to be known by something.
     *
     * @return list<array{code: string, sentence: string}>
     */
    private static function declared(Inspection $inspection, mixed $declares): array
    {
        $data = is_array($declares) && is_array($declares['data'] ?? null) ? $declares['data'] : null;
        if ($data === null || ! is_bool($declares['deletion'] ?? null) || ! is_array($declares['contents'] ?? null)) {
            return [['code' => 'declares', 'sentence' => 'It is not declared what the app keeps of people, and what is in it.']];
        }
        $types = array_filter(array_map(fn (mixed $one): mixed => is_array($one) ? $one['type'] ?? null : null, $data), is_string(...));
        $apart = $inspection->collects === null ? [] : array_values(array_unique([
            ...array_diff($inspection->collects, $types),
            ...array_diff($types, $inspection->collects),
        ]));
        if ($apart !== []) {
            return [[
                'code' => 'declares.manifest',
                'sentence' => 'What is declared and what the privacy manifest in the package says are not the same: '.implode(', ', $apart).'.',
            ]];
        }
        $isKnown = array_intersect($types, ['Device or other IDs', 'NSPrivacyCollectedDataTypeDeviceID']) !== [];

        return $isKnown || ! in_array('android.permission.POST_NOTIFICATIONS', $inspection->permissions, true)
            ? []
            : [['code' => 'declares.device', 'sentence' => 'The package shows messages, and by what it knows the phone for that is not declared.']];
    }

    /**
     * What is wrong with the words on the app's page.
     *
     * @param  array<array-key, mixed>  $page
     * @param  string  $tongue  the tag of their language; '' for the app's own
     * @return list<array{code: string, sentence: string}>
     */
    private static function page(array $page, string $tongue = ''): array
    {
        $reasons = [];
        [$in, $rest] = $tongue === '' ? ['', ''] : [" in “{$tongue}”", ".$tongue"];
        foreach (self::LIMITS as $key => [$name, $most]) {
            $length = mb_strlen(is_string($page[$key] ?? null) ? trim($page[$key]) : '');
            if ($length === 0) {
                $reasons[] = ['code' => "listing.$key$rest", 'sentence' => "The $name$in is missing."];
            } elseif ($length > $most) {
                $reasons[] = ['code' => "listing.$key$rest", 'sentence' => "The $name$in has $length characters; at most $most are allowed."];
            }
        }

        return $reasons;
    }
}
