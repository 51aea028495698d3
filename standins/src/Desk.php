<?php

declare(strict_types=1);

namespace Standins;

/** The front desk of a store: takes submissions, lets time pass, tells how they fare, and shows what is released. */
final readonly class Desk
{
    private const LARGEST = 200 * 1024 * 1024;

    /** @param  float  $seconds how long a review takes */
    public function __construct(
        private Ledger $ledger,
        private Inspector $inspector,
        private string $store,
        private string $folder,
        private string $address,
        private string $token,
        private float $seconds,
    ) {
    }

    /**
     * @param  array<string, mixed>  $fields
     * @param  array<string, mixed>  $files
     */
    public function answer(string $method, string $path, string $token, array $fields, array $files): Answer
    {
        if (preg_match('~^/apps/([A-Za-z0-9._-]+)/test$~', $path, $found)) {
            return $this->door($found[1], $method, $fields);
        }
        if ($method === 'POST' && preg_match('~^/apps/([A-Za-z0-9._-]+)/reviews$~', $path, $found)) {
            return $this->reviewed($found[1], $fields);
        }
        if ($method === 'GET' && preg_match('~^/apps/([A-Za-z0-9._-]+)(/.*)?$~', $path, $found)) {
            return $this->publicPage($found[1], $found[2] ?? '');
        }
        $publishers = new Publishers($this->token, $this->store);
        if ($path === '/publisher') {
            return $publishers->page($method, $fields, "$this->address/publisher");
        }
        $name = $publishers->named($token);
        if ($name === null) {
            return Answer::problem(401, 'This publisher token is not known.');
        }
        if ($method === 'GET' && $path === '/account') {
            return Answer::json(200, ['name' => $name]);
        }
        if ($method === 'GET' && preg_match('~^/records(?:/([A-Za-z0-9._-]{1,200}))?$~', $path, $found)) {
            return $this->records(Publishers::mark($token), $found[1] ?? '');
        }
        if ($method === 'POST' && $path === '/submissions') {
            return $this->receive($token, $fields, $files);
        }
        $isOne = preg_match('~^/submissions/(\d+)(?:/(release|halt|withdraw|appeal|reviews)(?:/(\d+)/answer)?)?$~', $path, $found) === 1;
        $submission = $isOne ? $this->ledger->find($this->store, (int) $found[1]) : null;
        if ($submission === null || ! hash_equals((string) $submission['publisher'], Publishers::mark($token))) {
            return Answer::problem(404, 'There is no such submission.');
        }
        if (($found[2] ?? '') === 'reviews') {
            return $this->reviews($submission, $method, (int) ($found[3] ?? 0), $fields);
        }
        if ($method === 'POST' && isset($found[2])) {
            return match ($found[2]) {
                'release' => $this->release($submission, $fields['share'] ?? 100),
                'appeal' => $this->appeal($submission, $fields['words'] ?? ''),
                default => $this->stop($submission, $found[2] === 'halt' ? 'halted' : 'withdrawn'),
            };
        }

        return Answer::json(200, $this->told($this->moved($submission)));
    }

    /**
     * @param  array<string, mixed>  $fields
     * @param  array<string, mixed>  $files
     */
    private function receive(string $token, array $fields, array $files): Answer
    {
        $given = $files['package'] ?? null;
        if (! is_array($given) || ($given['error'] ?? 1) !== UPLOAD_ERR_OK || ! is_string($given['tmp_name']) || filesize($given['tmp_name']) > self::LARGEST) {
            return Answer::problem(422, 'A package of at most 200 MB is needed.');
        }
        if (! $this->inspector->accepts($given['tmp_name'])) {
            return Answer::problem(422, 'This store takes '.$this->inspector->takes().'.');
        }
        $listing = json_decode(is_string($fields['listing'] ?? null) ? $fields['listing'] : '', true);
        $permissions = json_decode(is_string($fields['permissions'] ?? null) ? $fields['permissions'] : '', true);
        if (! is_array($listing) || ! is_array($permissions)) {
            return Answer::problem(422, 'The listing and the permissions are needed as JSON.');
        }
        $file = bin2hex(random_bytes(12)).'.zip';
        move_uploaded_file($given['tmp_name'], "$this->folder/$file");
        $shown = $files['pictures'] ?? null;
        $pictures = '';
        if (is_array($shown) && ($shown['error'] ?? 1) === UPLOAD_ERR_OK && is_string($shown['tmp_name']) && filesize($shown['tmp_name']) <= self::LARGEST) {
            $pictures = bin2hex(random_bytes(12)).'.zip';
            move_uploaded_file($shown['tmp_name'], "$this->folder/$pictures");
        }
        $id = $this->ledger->receive([
            'store' => $this->store,
            'publisher' => Publishers::mark($token),
            'file' => $file,
            'listing' => json_encode($listing, JSON_THROW_ON_ERROR),
            'permissions' => json_encode(array_values(array_filter($permissions, is_string(...))), JSON_THROW_ON_ERROR),
            'pictures' => $pictures,
            'track' => (Track::tryFrom(is_string($fields['track'] ?? null) ? $fields['track'] : '') ?? Track::Everyone)->value,
            'testers' => json_encode(Track::testers($fields['testers'] ?? ''), JSON_THROW_ON_ERROR),
        ]);

        return Answer::json(201, $this->told((array) $this->ledger->find($this->store, $id)));
    }

    /** What a publisher has here, or whose one package is. */
    private function records(string $publisher, string $package): Answer
    {
        $told = fn (array $one): array => ['package' => (string) $one['package'], 'version' => (string) $one['version'], 'versionCode' => (int) $one['code']];
        if ($package === '') {
            return Answer::json(200, ['records' => array_map($told, $this->ledger->ofPublisher($this->store, $publisher))]);
        }
        $owner = $this->ledger->owner($this->store, $package);
        $last = $this->ledger->lastAccepted($this->store, $package) ?? $this->ledger->tried($this->store, $package)[0] ?? null;

        return Answer::json(200, match (true) {
            $owner === null || $last === null => ['record' => 'none'],
            hash_equals($owner, $publisher) => ['record' => 'yours'] + $told($last),
            default => ['record' => 'other'],
        });
    }

    /**
     * Lets the review catch up with the time.
     *
     * @param  array<string, mixed>  $submission
     * @return array<string, mixed>
     */
    private function moved(array $submission): array
    {
        if ($submission['appealed'] !== null && $submission['answer'] === null && $this->isPast((float) $submission['appealed'])) {
            return $this->lookedAgain($submission);
        }
        if ($submission['reasons'] !== null || microtime(true) - (float) $submission['received'] < $this->seconds * 0.25) {
            return $submission;
        }
        $inspection = $this->inspector->inspect("$this->folder/{$submission['file']}");
        $track = Track::of($submission);
        $last = $this->ledger->lastAccepted($this->store, $inspection->package, $track);
        $reasons = Review::reasons(
            $inspection,
            (array) json_decode((string) $submission['listing'], true),
            (array) json_decode((string) $submission['permissions'], true),
            $last,
            $this->store,
        );
        array_push($reasons, ...$this->pictures($submission)->reasons($this->store));
        $owner = $this->ledger->owner($this->store, $inspection->package);
        if ($owner !== null && ! hash_equals($owner, (string) $submission['publisher'])) {
            $reasons[] = ['code' => 'package', 'sentence' => "Another publisher has $inspection->package here. Choose a package id of your own."];
        }
        $this->ledger->decide((int) $submission['id'], $inspection, $track->counting($reasons));

        return (array) $this->ledger->find($this->store, (int) $submission['id']);
    }

    /**
     * Somebody reads the words of whoever appeals, and looks at what was doubtful.
     *
     * @param  array<string, mixed>  $submission
     * @return array<string, mixed>
     */
    private function lookedAgain(array $submission): array
    {
        $reasons = array_filter((array) json_decode((string) $submission['reasons'], true), is_array(...));
        $left = array_values(array_filter($reasons, fn (array $reason): bool => ($reason['doubtful'] ?? false) !== true));
        $answer = match (true) {
            $left === [] => 'You are right, and we were not. It is approved.',
            count($left) < count($reasons) => 'You are right in part; what is left stands.',
            default => 'We have looked again, and it stands.',
        };
        $this->ledger->answer((int) $submission['id'], $left, $answer);

        return (array) $this->ledger->find($this->store, (int) $submission['id']);
    }

    /** @param  array<string, mixed>  $submission */
    private function pictures(array $submission): Pictures
    {
        return Pictures::in($submission['pictures'] === '' ? '' : "$this->folder/{$submission['pictures']}");
    }

    private function isPast(float $since): bool
    {
        return microtime(true) - $since >= $this->seconds;
    }

    /**
     * @param  array<string, mixed>  $submission
     * @return array<string, mixed>
     */
    private function told(array $submission): array
    {
        $age = microtime(true) - (float) $submission['received'];
        $reasons = (array) json_decode((string) ($submission['reasons'] ?? '[]'), true);
        $track = Track::of($submission);
        $state = match (true) {
            $submission['withdrawn'] !== null => 'withdrawn',
            $submission['halted'] !== null => 'halted',
            $submission['released'] !== null => (int) $submission['share'] < 100 ? 'rolling out' : 'released',
            $submission['appealed'] !== null && $submission['answer'] === null => 'appealed',
            $age < $this->seconds * 0.25 => 'received',
            $submission['reasons'] === null, $age < $this->seconds * 0.5 => 'processing',
            $track !== Track::Closed && $age < $this->seconds => 'in review',
            default => $reasons === [] ? $track->good() : 'turned down',
        };

        return [
            'id' => (int) $submission['id'],
            'state' => $state,
            'reasons' => in_array($state, ['turned down', 'appealed'], true) ? array_map(self::plain(...), $reasons) : [],
            'package' => $submission['package'],
            'versionCode' => $submission['code'] === null ? null : (int) $submission['code'],
            'version' => $submission['version'],
            'share' => (int) $submission['share'],
            'answer' => $submission['answer'],
            'page' => match ($state) {
                'released', 'rolling out' => "$this->address/apps/{$submission['package']}",
                'in testing' => "$this->address/apps/{$submission['package']}/test",
                default => null,
            },
        ];
    }

    /** @return array{code: mixed, sentence: mixed} */
    private static function plain(mixed $reason): array
    {
        return ['code' => is_array($reason) ? $reason['code'] ?? '' : '', 'sentence' => is_array($reason) ? $reason['sentence'] ?? '' : ''];
    }

    /** @param  array<string, mixed>  $submission */
    private function release(array $submission, mixed $share): Answer
    {
        $share = is_numeric($share) ? (int) $share : 0;
        $state = $this->told($submission)['state'];
        if (! in_array($state, ['approved', 'rolling out', 'halted'], true)) {
            return Answer::problem(409, 'Only an approved submission can be released.');
        }
        if ($share < 1 || $share > 100 || $share < (int) $submission['share']) {
            return Answer::problem(422, 'It goes to between 1 and 100 of a hundred people, and never to fewer than before.');
        }
        $this->ledger->release((int) $submission['id'], $share);

        return $this->again($submission);
    }

    /**
     * @param  array<string, mixed>  $submission
     * @param  'halted'|'withdrawn'  $what
     */
    private function stop(array $submission, string $what): Answer
    {
        $state = $this->told($submission)['state'];
        $may = $what === 'halted' ? ['rolling out', 'released', 'in testing'] : [
            'received',
            'processing',
            'in review',
            'approved',
            'rolling out',
            'released',
            'in testing',
            'halted',
            'appealed',
        ];
        if (! in_array($state, $may, true)) {
            return Answer::problem(409, $what === 'halted' ? 'Only what is on its way to people can be halted.' : 'This cannot be withdrawn any more.');
        }
        $this->ledger->stop((int) $submission['id'], $what);

        return $this->again($submission);
    }

    /** @param  array<string, mixed>  $submission */
    private function appeal(array $submission, mixed $words): Answer
    {
        $words = trim(is_string($words) ? $words : '');
        if ($this->told($submission)['state'] !== 'turned down' || $submission['appeal'] !== null) {
            return Answer::problem(409, 'Once, and only where it was turned down, you can ask us to look again.');
        }
        if (mb_strlen($words) < 20 || mb_strlen($words) > 2000) {
            return Answer::problem(422, 'Please say in 20 to 2,000 characters why it should be looked at again.');
        }
        $this->ledger->appeal((int) $submission['id'], $words);

        return $this->again($submission);
    }

    /** @param  array<string, mixed>  $submission */
    private function again(array $submission): Answer
    {
        return Answer::json(200, $this->told((array) $this->ledger->find($this->store, (int) $submission['id'])));
    }

    /**
     * What people say of a version on its page, and what its publisher answers.
     *
     * @param  array<string, mixed>  $submission
     * @param  array<string, mixed>  $fields
     */
    private function reviews(array $submission, string $method, int $id, array $fields): Answer
    {
        $package = (string) $submission['package'];
        if ($method === 'POST') {
            $words = trim(is_string($fields['words'] ?? null) ? $fields['words'] : '');
            if ($words === '' || mb_strlen($words) > 1000) {
                return Answer::problem(422, 'An answer has between 1 and 1,000 characters.');
            }

            return $this->ledger->answerReview($this->store, $package, $id, $words)
                ? Answer::json(200, ['answered' => $id])
                : Answer::problem(404, 'Nobody has said that.');
        }
        $after = is_numeric($fields['after'] ?? $_GET['after'] ?? null) ? (int) ($fields['after'] ?? $_GET['after']) : 0;

        return Answer::json(200, ['reviews' => array_map(fn (array $one): array => [
            'id' => (int) $one['id'],
            'stars' => (int) $one['stars'],
            'words' => (string) $one['words'],
            'by' => (string) $one['by'],
            'version' => (string) $one['version'],
            'number' => (int) $one['code'],
            'at' => (string) $one['at'],
        ], $this->ledger->reviews($this->store, $package, $after))]);
    }

    /**
     * A visitor says how it is.
     *
     * @param  array<string, mixed>  $fields
     */
    private function reviewed(string $package, array $fields): Answer
    {
        $submission = $this->ledger->released($this->store, $package, self::place());
        $text = fn (string $key, int $most): string => mb_substr(trim(is_string($fields[$key] ?? null) ? mb_scrub($fields[$key]) : ''), 0, $most);
        $stars = is_numeric($fields['stars'] ?? null) ? (int) $fields['stars'] : 0;
        if ($submission === null || $stars < 1 || $stars > 5) {
            return Answer::problem($submission === null ? 404 : 422, $submission === null ? 'There is no such app here.' : 'Give between one star and five.');
        }
        $this->ledger->review($this->store, $submission, $stars, $text('words', 1000), $text('by', 40) ?: 'Somebody');

        return new Answer(303, '', ['Location' => "$this->address/apps/$package"]);
    }

    /**
     * Where one begins to take part in what is tried.
     *
     * @param  array<string, mixed>  $fields
     */
    private function door(string $package, string $method, array $fields): Answer
    {
        $tried = array_filter($this->ledger->tried($this->store, $package), fn (array $one): bool => $this->told($one)['state'] === 'in testing');
        $newest = array_values($tried)[0] ?? null;
        if ($newest === null) {
            return Answer::problem(404, 'Nothing is tried here.');
        }
        $isOpen = array_filter($tried, fn (array $one): bool => Track::of($one) === Track::Open) !== [];
        $track = $isOpen ? Track::Open : Track::Closed;
        $email = is_string($fields['email'] ?? null) ? $fields['email'] : '';
        $said = $isOpen ? 'open' : Track::mark($email);
        $listing = (array) json_decode((string) $newest['listing'], true);
        $title = is_string($listing['title'] ?? null) ? $listing['title'] : $package;
        if ($method !== 'POST') {
            return $track->door(ucfirst($this->store), $title, "$this->address/apps/$package/test");
        }
        $takes = array_filter($tried, fn (array $one): bool => Track::of($one)->takes($one, $said)) !== [];

        return $takes
            ? Track::in($package, $said, "$this->address/apps/$package")
            : $track->door(ucfirst($this->store), $title, "$this->address/apps/$package/test", 'This address was not asked to try it.');
    }

    /** @return array<string, mixed>|null what a visitor gets: what they try, where that is newer than what all have */
    private function given(string $package): ?array
    {
        $released = $this->ledger->released($this->store, $package, self::place());
        $said = $_COOKIE[Track::cookie($package)] ?? '';
        foreach (is_string($said) && $said !== '' ? $this->ledger->tried($this->store, $package) : [] as $one) {
            // A web app has no number: what came later is newer.
            $of = fn (array $submission): array => [(int) $submission['code'], (int) $submission['id']];
            $isNewer = $released === null || $of($one) > $of($released);
            if ($isNewer && Track::of($one)->takes($one, $said) && $this->told($one)['state'] === 'in testing') {
                return $one;
            }
        }

        return $released;
    }

    private function publicPage(string $package, string $rest): Answer
    {
        $submission = $this->given($package);
        if ($submission === null) {
            return Answer::problem(404, 'There is no such app here.');
        }
        $file = "$this->folder/{$submission['file']}";
        $install = $this->inspector->install($package, $file);
        if ($rest === '/package') {
            return Answer::file((string) file_get_contents($file), $install->type, $install->name);
        }
        if (str_starts_with($rest, '/run/')) {
            return Shelf::file($file, substr($rest, 5) ?: 'index.html');
        }
        if (preg_match('~^/pictures/([A-Za-z0-9-]{2,35})/([a-z0-9-]{1,40})\.png$~D', $rest, $found)) {
            $png = $this->pictures($submission)->one($found[1], $found[2]);

            return $png === '' ? Answer::problem(404, 'There is no such picture.') : Answer::file($png, 'image/png');
        }
        $listing = (array) json_decode((string) $submission['listing'], true);
        $at = "$this->address/apps/$install->at";

        $shown = fn (string $tongue): array => $this->pictures($submission)->shown($tongue, "$this->store-phone");

        $said = Shelf::said($this->ledger->stars($this->store, $package), $this->ledger->newestReviews($this->store, $package, 20), $package);

        return Answer::page(Shelf::page(ucfirst($this->store), $listing, (string) $submission['version'], $at, self::wanted(), $shown, $package).$said);
    }

    /** Which of a hundred people a visitor is: always the same one, by where they come from and with what. */
    private static function place(): int
    {
        $from = array_map(fn (string $key): string => is_string($_SERVER[$key] ?? null) ? $_SERVER[$key] : '', ['REMOTE_ADDR', 'HTTP_USER_AGENT']);

        return crc32(implode("\n", $from)) % 100;
    }

    /** The languages that a browser wants, as it says them. */
    private static function wanted(): string
    {
        $wanted = $_SERVER['HTTP_ACCEPT_LANGUAGE'] ?? null;

        return is_string($wanted) ? $wanted : '';
    }
}
