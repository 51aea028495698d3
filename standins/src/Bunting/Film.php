<?php

declare(strict_types=1);

namespace Standins\Bunting;

use DOMDocument;
use DOMElement;

/** A film of an advertiser, as VAST 4.2 says it (IAB Tech Lab, from memory). */
final readonly class Film
{
    private const SECONDS = 9;

    private const EVENTS = ['start', 'firstQuartile', 'midpoint', 'thirdQuartile', 'complete', 'mute', 'unmute', 'skip', 'closeLinear'];

    public function __construct(private string $address, private string $mode)
    {
    }

    /** @param  bool  $wrapped  only where the film is told, and not the film itself */
    public function of(string $bid, int $n, bool $wrapped): string
    {
        [$name, $domain, , , , $words] = Auction::ADVERTISERS[$n];
        $document = new DOMDocument('1.0', 'UTF-8');
        $add = function (DOMElement $in, string $name, string $text = '', array $with = []) use ($document): DOMElement {
            $node = $document->createElement($name);
            $text === '' ?: $node->appendChild($document->createCDATASection($text));
            foreach ($with as $key => $value) {
                $node->setAttribute($key, (string) $value);
            }

            return $in->appendChild($node);
        };
        $root = $document->createElementNS('http://www.iab.com/VAST', 'VAST');
        $root->setAttribute('version', '4.2');
        $document->appendChild($root);
        $ad = $add($add($root, 'Ad', '', ['id' => "bunting-$n", 'sequence' => '1']), $wrapped ? 'Wrapper' : 'InLine');
        $add($ad, 'AdSystem', 'Bunting');
        $add($ad, 'Error', "$this->address/told/$bid/error?code=[ERRORCODE]");
        $add($ad, 'Impression', "$this->address/told/$bid/".($wrapped ? 'through' : 'seen'));
        if ($wrapped) {
            $add($ad, 'VASTAdTagURI', "$this->address/film/$bid/$n.xml");

            return (string) $document->saveXML();
        }
        $add($ad, 'AdServingId', $bid);
        $add($ad, 'AdTitle', $name);
        $add($ad, 'Advertiser', $domain);
        $add($ad, 'Description', $words);
        $creative = $add($add($ad, 'Creatives'), 'Creative', '', ['id' => "film-$n"]);
        $add($creative, 'UniversalAdId', "bunting-film-$n", ['idRegistry' => 'bunting.example']);
        $linear = $add($creative, 'Linear', '', ['skipoffset' => '00:00:04']);
        $add($linear, 'Duration', sprintf('00:00:%02d', self::SECONDS));
        $events = $add($linear, 'TrackingEvents');
        foreach (self::EVENTS as $event) {
            $add($events, 'Tracking', "$this->address/told/$bid/$event?t=[TIMESTAMP]&where=[LATLONG]", ['event' => $event]);
        }
        $clicks = $add($linear, 'VideoClicks');
        $add($clicks, 'ClickThrough', "$this->address/lands/$n/$bid");
        $add($clicks, 'ClickTracking', "$this->address/told/$bid/click");
        $files = $add($linear, 'MediaFiles');
        $file = $this->mode === 'gone' ? 'gone' : 'clip';
        foreach (['mp4', 'webm'] as $kind) {
            $size = ['width' => 360, 'height' => 640];
            $add($files, 'MediaFile', "$this->address/$file.$kind", ['delivery' => 'progressive', 'type' => "video/$kind"] + $size);
        }

        return (string) $document->saveXML();
    }
}
