<?php

declare(strict_types=1);

namespace App\Services;

use App\Outbound\AddressRefused;
use App\Outbound\Guard;
use App\Outbound\Practice;
use Illuminate\Http\Client\ConnectionException;
use Illuminate\Http\Client\Response;
use Lanai\Core\Exchange\NewService;
use Lanai\Core\Exchange\NotUnderstood;
use Lanai\Core\Exchange\OpenApiReading;
use Lanai\Core\Language\Prose;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Services\Secret;
use Lanai\Core\Text\Pattern;
use Symfony\Component\Yaml\Exception\ParseException;
use Symfony\Component\Yaml\Yaml;

/** What a founder pasted to begin a service: a command, a document, a request, or an address, which is looked up once. */
final readonly class PastedText
{
    /** Seconds that an address may take to answer. */
    private const PATIENCE = 8;

    /** Bytes of an answer whose shape is read at once. */
    private const EXAMPLE = 1_000_000;

    /**
     * @param  array<string, mixed>  $service  data of a Service
     * @param  Secret|null  $secret  a key that stood in it
     * @param  string  $note  what the address answered, in a sentence; '' where it was not asked
     */
    private function __construct(public array $service, public ?Secret $secret, public string $note)
    {
    }

    /** @throws NotUnderstood */
    public static function read(string $text, string $answer, Blueprint $blueprint): self
    {
        $text = self::whole(trim($text));
        $document = self::document($text);
        if ($document !== null) {
            return new self(OpenApiReading::read($document, '', $blueprint), null, OpenApiReading::left($document));
        }
        $note = '';
        if (Pattern::match('~^https?://\S+$~i', $text)) {
            [$document, $example, $note] = self::looked($text);
            if ($document !== null) {
                return new self(OpenApiReading::read($document, $text, $blueprint), null, OpenApiReading::left($document));
            }
            $answer = trim($answer) === '' ? $example : $answer;
        }
        ['service' => $service, 'secret' => $secret] = NewService::fromText($text, $answer, $blueprint);

        return new self($service, $secret, $note);
    }

    /** An address that was copied without its beginning, and that of a stand-in, as they are called. */
    private static function whole(string $text): string
    {
        return Pattern::match('~^(?!\d+\.\d+$)[a-z0-9-]+(\.[a-z0-9-]+)*\.[a-z]{2,}(:\d+)?([/?]\S*)?$~i', $text) ? "https://$text" : Practice::resolved($text);
    }

    /**
     * What lies at an address: an OpenAPI document, or an example of an answer.
     *
     * @return array{array<string, mixed>|null, string, string} document, example, and what is to be said of it
     *
     * @throws NotUnderstood where the address must be that of a document, and none is there
     */
    private static function looked(string $url): array
    {
        $mustBe = Pattern::match('~\.ya?ml$|(openapi|swagger|api-docs)[^/]*$~i', $url);
        try {
            $answer = Guard::promise('GET', $url, ['Accept' => 'application/json, application/yaml, text/yaml, */*'], seconds: self::PATIENCE)->wait();
        } catch (AddressRefused|ConnectionException $wrong) {
            $why = $wrong instanceof AddressRefused ? $wrong->getMessage() : 'This address cannot be reached just now.';

            return $mustBe ? throw new NotUnderstood($why) : [null, '', $why];
        }
        if (! ($answer instanceof Response) || ! $answer->successful()) {
            $status = $answer instanceof Response ? $answer->status() : 0;

            return $mustBe
                ? throw new NotUnderstood("At this address the answer is $status.")
                : [
                    null,
                    '',
                    in_array($status, [401, 403], true)
                        ? "It wants to know who calls ($status): say how Lanai signs in to it, enter the key, and its parts come from a try."
                        : "It answered $status just now.",
                ];
        }
        $body = $answer->body();
        $json = json_decode($body, true);
        if (
            (is_array($json) && (isset($json['openapi']) || isset($json['swagger']))) ||
            ($json === null && Pattern::match('/^(openapi|swagger)\s*:/m', $body))
        ) {
            return [self::document($body), '', ''];
        }

        return $mustBe
            ? throw new NotUnderstood('What lies at this address is not an OpenAPI document.')
            : [
                null,
                $json !== null && strlen($body) <= self::EXAMPLE ? $body : '',
                $json === null ? 'It did not answer with JSON.' : 'It has answered, so its parts are known.',
            ];
    }

    /**
     * @return array<string, mixed>|null a document in JSON or YAML; null where this is none
     *
     * @throws NotUnderstood
     */
    private static function document(string $text): ?array
    {
        if (! Pattern::match('/\A\s*\{|^["\']?(openapi|swagger)["\']?\s*:/m', $text) || Pattern::match('~^\S*curl~', $text)) {
            return null;
        }
        $json = json_decode($text, true);
        try {
            $document = is_array($json) ? $json : Yaml::parse($text, Yaml::PARSE_EXCEPTION_ON_INVALID_TYPE);
        } catch (ParseException $wrong) {
            throw new NotUnderstood('This document cannot be read: '.mb_substr($wrong->getMessage(), 0, 200));
        }

        return is_array($document) && (isset($document['openapi']) || isset($document['swagger']) || isset($document['paths']))
            ? Prose::node($document)
            : throw new NotUnderstood('This is a document, but not an OpenAPI document: “openapi” and “paths” are missing.');
    }
}
