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
        if ($method === 'GET' && preg_match('~^/apps/([A-Za-z0-9._-]+)(/.*)?$~', $path, $found)) {
            return $this->publicPage($found[1], $found[2] ?? '');
        }
        if ($this->token === '' || ! hash_equals($this->token, $token)) {
            return Answer::problem(401, 'This publisher token is not known.');
        }
        if ($method === 'POST' && $path === '/submissions') {
            return $this->receive($token, $fields, $files);
        }
        $submission = preg_match('~^/submissions/(\d+)(/release)?$~', $path, $found) ? $this->ledger->find($this->store, (int) $found[1]) : null;
        if ($submission === null || ! hash_equals((string) $submission['publisher'], hash('sha256', $token))) {
            return Answer::problem(404, 'There is no such submission.');
        }
        if ($method === 'POST' && isset($found[2])) {
            return $this->release($submission);
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
        $id = $this->ledger->receive([
            'store' => $this->store,
            'publisher' => hash('sha256', $token),
            'file' => $file,
            'listing' => json_encode($listing, JSON_THROW_ON_ERROR),
            'permissions' => json_encode(array_values(array_filter($permissions, is_string(...))), JSON_THROW_ON_ERROR),
        ]);

        return Answer::json(201, $this->told((array) $this->ledger->find($this->store, $id)));
    }

    /**
     * Lets the review catch up with the time.
     *
     * @param  array<string, mixed>  $submission
     * @return array<string, mixed>
     */
    private function moved(array $submission): array
    {
        if ($submission['reasons'] !== null || microtime(true) - (float) $submission['received'] < $this->seconds * 0.25) {
            return $submission;
        }
        $inspection = $this->inspector->inspect("$this->folder/{$submission['file']}");
        $last = $this->ledger->lastAccepted($this->store, $inspection->package);
        $reasons = Review::reasons(
            $inspection,
            (array) json_decode((string) $submission['listing'], true),
            (array) json_decode((string) $submission['permissions'], true),
            $last,
        );
        $this->ledger->decide((int) $submission['id'], $inspection, $reasons);

        return (array) $this->ledger->find($this->store, (int) $submission['id']);
    }

    /**
     * @param  array<string, mixed>  $submission
     * @return array<string, mixed>
     */
    private function told(array $submission): array
    {
        $age = microtime(true) - (float) $submission['received'];
        $reasons = (array) json_decode((string) ($submission['reasons'] ?? '[]'), true);
        $state = match (true) {
            $submission['released'] !== null => 'released',
            $age < $this->seconds * 0.25 => 'received',
            $submission['reasons'] === null, $age < $this->seconds * 0.5 => 'processing',
            $age < $this->seconds => 'in review',
            default => $reasons === [] ? 'approved' : 'turned down',
        };

        return [
            'id' => (int) $submission['id'],
            'state' => $state,
            'reasons' => $state === 'turned down' ? $reasons : [],
            'package' => $submission['package'],
            'versionCode' => $submission['code'] === null ? null : (int) $submission['code'],
            'version' => $submission['version'],
            'page' => $state === 'released' ? "$this->address/apps/{$submission['package']}" : null,
        ];
    }

    /** @param  array<string, mixed>  $submission */
    private function release(array $submission): Answer
    {
        if ($this->told($submission)['state'] !== 'approved') {
            return Answer::problem(409, 'Only an approved submission can be released.');
        }
        $this->ledger->release((int) $submission['id']);

        return Answer::json(200, $this->told((array) $this->ledger->find($this->store, (int) $submission['id'])));
    }

    private function publicPage(string $package, string $rest): Answer
    {
        $submission = $this->ledger->released($this->store, $package);
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
        $listing = (array) json_decode((string) $submission['listing'], true);
        $at = "$this->address/apps/$install->at";

        return Answer::page(Shelf::page(ucfirst($this->store), $listing, (string) $submission['version'], $at, self::wanted()));
    }

    /** The languages that a browser wants, as it says them. */
    private static function wanted(): string
    {
        $wanted = $_SERVER['HTTP_ACCEPT_LANGUAGE'] ?? null;

        return is_string($wanted) ? $wanted : '';
    }
}
