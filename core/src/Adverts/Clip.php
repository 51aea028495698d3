<?php

declare(strict_types=1);

namespace Lanai\Core\Adverts;

use DOMDocument;
use DOMElement;
use DOMXPath;
use Lanai\Core\Text\Pattern;

/**
 * A short film that advertises, as a document of VAST 4 says it (Video Ad Serving Template 4.2, IAB Tech Lab; names of elements from memory). Where a document
 * only leads on to the next one there is no film yet, and what it wants to be told is kept.
 */
final readonly class Clip
{
    /** Documents that lead on to one another. */
    public const WRAPPERS = 3;

    /** Bytes of a document. */
    public const LARGEST = 100_000;

    /** Milliseconds. */
    private const LONGEST = 60_000;

    private const SHORTEST = 1_000;

    /** Dots on the longer side: a phone shows no more. */
    private const SHARPEST = 1920;

    /** So many addresses are told of one thing. */
    private const TOLD = 20;

    /** Of what a film tells; the names are those of VAST. */
    public const EVENTS = ['start', 'firstQuartile', 'midpoint', 'thirdQuartile', 'complete', 'mute', 'unmute', 'skip', 'closeLinear'];

    private const TYPES = ['video/mp4', 'video/webm'];

    /**
     * @param  string  $onward  the address of the next document; '' where this is the last one
     * @param  int  $milliseconds  how long it takes
     * @param  int|null  $skip  milliseconds after which it may be left; null where that is not said
     * @param  string  $type  of its file: a media type
     * @param  array<string, list<string>>  $told  by what happens (EVENTS, "impression", "click", "error"): addresses that are told of it
     */
    private function __construct(
        public string $onward,
        public array $told,
        public string $title = '',
        public string $words = '',
        public int $milliseconds = 0,
        public ?int $skip = null,
        public string $address = '',
        public string $type = '',
        public string $leads = '',
    ) {
    }

    /**
     * @param  self|null  $around  the document that led here
     *
     * @throws Unplayable
     */
    public static function read(string $written, ?self $around = null): self
    {
        $document = new DOMDocument();
        $before = libxml_use_internal_errors(true);
        $isRead = $written !== '' && strlen($written) <= self::LARGEST && $document->loadXML($written, LIBXML_NONET);
        libxml_clear_errors();
        libxml_use_internal_errors($before);
        $told = $around->told ?? [];
        $unplayable = fn (int $code, string $sentence): Unplayable => Unplayable::for($code, $sentence, $told['error'] ?? []);
        $root = $document->documentElement;
        // A document that declares entities is none of VAST.
        if (! $isRead || $document->doctype !== null || $root === null || $root->localName !== 'VAST') {
            throw $unplayable(Unplayable::UNREADABLE, 'Its film cannot be read.');
        }
        if (! Pattern::match('/^[234]\./', $root->getAttribute('version'))) {
            throw $unplayable(Unplayable::VERSION, 'Its film is of another version of VAST.');
        }
        $path = new DOMXPath($document);
        // One film is shown; those of a pod stand in their order.
        $ad = self::first($path, '/*/*[local-name()="Ad"]/*[local-name()="InLine" or local-name()="Wrapper"]');
        if ($ad === null) {
            throw $unplayable(Unplayable::EMPTY, 'There is no film.');
        }
        $linear = self::first($path, '*[local-name()="Creatives"]/*[local-name()="Creative"]/*[local-name()="Linear"]', $ad);
        $told = self::wanted($path, $ad, $linear, $told);
        if ($ad->localName === 'Wrapper') {
            $onward = self::address(self::text($path, '*[local-name()="VASTAdTagURI"]', $ad));

            return $onward === '' ? throw $unplayable(Unplayable::INCOMPLETE, 'Its film leads nowhere.') : new self($onward, $told);
        }
        $length = $linear === null ? null : self::milliseconds(self::text($path, '*[local-name()="Duration"]', $linear));
        if ($linear === null || $length === null) {
            throw Unplayable::for(Unplayable::INCOMPLETE, 'Its film does not say how long it takes.', $told['error'] ?? []);
        }
        if ($length < self::SHORTEST || $length > self::LONGEST) {
            throw Unplayable::for(Unplayable::DURATION, 'Its film is longer than a minute, or is over at once.', $told['error'] ?? []);
        }
        [$address, $type] = self::file($path, $linear)
            ?? throw Unplayable::for(Unplayable::NO_FILE, 'Its film is of no kind that a phone plays.', $told['error'] ?? []);

        return new self(
            '',
            $told,
            self::text($path, '*[local-name()="AdTitle"]', $ad),
            self::text($path, '*[local-name()="Description"]', $ad),
            $length,
            self::skipped($linear->getAttribute('skipoffset'), $length),
            $address,
            $type,
            self::address(self::text($path, '*[local-name()="VideoClicks"]/*[local-name()="ClickThrough"]', $linear)),
        );
    }

    /**
     * An address with what it asks for; what is not told is -2, "known, and not to be shared" (VAST 4.2, section 6, from memory).
     *
     * @param  int  $now  in seconds
     * @param  int  $any  a number of up to eight digits that nobody can guess, so that no answer is an older one
     */
    public static function filled(string $address, int $now, int $any, int $error = 0): string
    {
        $known = ['[TIMESTAMP]' => rawurlencode(gmdate('Y-m-d\TH:i:s\Z', $now)), '[CACHEBUSTING]' => sprintf('%08d', $any)];

        return Pattern::replace('/\[[A-Z]{2,30}\]/', '-2', strtr($address, $known + ($error === 0 ? [] : ['[ERRORCODE]' => (string) $error])));
    }

    /**
     * @param  array<string, list<string>>  $told
     * @return array<string, list<string>>
     */
    private static function wanted(DOMXPath $path, DOMElement $ad, ?DOMElement $linear, array $told): array
    {
        $add = function (string $what, string $query, ?DOMElement $in) use ($path, &$told): void {
            foreach ($in === null ? [] : self::all($path, $query, $in) as $one) {
                $name = $what === '' ? $one->getAttribute('event') : $what;
                $address = self::address(trim($one->textContent));
                if ($address !== '' && ($what !== '' || in_array($name, self::EVENTS, true)) && count($told[$name] ?? []) < self::TOLD) {
                    $told[$name][] = $address;
                }
            }
        };
        $add('impression', '*[local-name()="Impression"]', $ad);
        $add('error', '*[local-name()="Error"]', $ad);
        $add('click', '*[local-name()="VideoClicks"]/*[local-name()="ClickTracking"]', $linear);
        $add('', '*[local-name()="TrackingEvents"]/*[local-name()="Tracking"]', $linear);

        return $told;
    }

    /** @return array{string, string}|null the sharpest file that a phone shows whole, and its type */
    private static function file(DOMXPath $path, DOMElement $linear): ?array
    {
        $best = null;
        $sharpest = -1;
        foreach (self::all($path, '*[local-name()="MediaFiles"]/*[local-name()="MediaFile"]', $linear) as $file) {
            $side = max((int) $file->getAttribute('width'), (int) $file->getAttribute('height'));
            $type = strtolower($file->getAttribute('type'));
            $address = self::address(trim($file->textContent));
            $isRun = $file->getAttribute('apiFramework') !== '';
            $isWhole = $file->getAttribute('delivery') === 'progressive' && in_array($type, self::TYPES, true) && $address !== '' && ! $isRun;
            // Of two alike the one that plays everywhere.
            $rank = 2 * $side + ($type === 'video/mp4' ? 1 : 0);
            if ($isWhole && $side <= self::SHARPEST && $rank > $sharpest) {
                [$best, $sharpest] = [[$address, $type], $rank];
            }
        }

        return $best;
    }

    /** "00:00:05" or "25%". */
    private static function skipped(string $offset, int $length): ?int
    {
        if (Pattern::match('/^(\d{1,3})%$/', $offset, $found)) {
            return (int) round($length * min(100, (int) $found[1]) / 100);
        }

        return self::milliseconds($offset);
    }

    /** "00:00:09" or "00:00:09.500". */
    private static function milliseconds(string $time): ?int
    {
        if (! Pattern::match('/^(\d{2}):([0-5]\d):([0-5]\d)(?:\.(\d{1,3}))?$/', $time, $found)) {
            return null;
        }

        return 1000 * (3600 * (int) $found[1] + 60 * (int) $found[2] + (int) $found[3]) + (int) str_pad($found[4] ?? '', 3, '0');
    }

    private static function address(string $written): string
    {
        return strlen($written) <= 2000 && Pattern::match('~^https?://[^\s"<>]+$~D', $written) ? $written : '';
    }

    private static function text(DOMXPath $path, string $query, DOMElement $in): string
    {
        return mb_substr(trim(self::first($path, $query, $in)->textContent ?? ''), 0, 2001);
    }

    private static function first(DOMXPath $path, string $query, ?DOMElement $in = null): ?DOMElement
    {
        return self::all($path, $query, $in)[0] ?? null;
    }

    /** @return list<DOMElement> */
    private static function all(DOMXPath $path, string $query, ?DOMElement $in = null): array
    {
        $found = $path->query($query, $in);

        return array_values(array_filter($found === false ? [] : iterator_to_array($found), fn (mixed $node): bool => $node instanceof DOMElement));
    }
}
