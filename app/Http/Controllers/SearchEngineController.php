<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\App;
use App\Packaging\ServerAddress;
use App\Ways\Listed;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** What search engines are told of the apps that are live here. */
final class SearchEngineController
{
    private const HOUR = 'public, max-age=3600';

    /** RFC 9309: the apps may be looked through, what belongs to founders, testers and people may not. */
    public function robots(Request $request): Response
    {
        $map = $request->getSchemeAndHttpHost().'/sitemap.xml';
        $lines = ['User-agent: *', 'Allow: /a/', 'Allow: /build/device/', 'Allow: /media/', 'Disallow: /', '', "Sitemap: $map"];

        return response(implode("\n", $lines)."\n", 200, ['Content-Type' => 'text/plain; charset=utf-8', 'Cache-Control' => self::HOUR]);
    }

    /** By the protocol of sitemaps.org, version 0.9: at most 50,000 addresses, all of the place at which it is asked for. */
    public function sitemap(Request $request): Response
    {
        $xml = new \XMLWriter();
        $xml->openMemory();
        $xml->startDocument('1.0', 'UTF-8');
        $xml->startElement('urlset');
        $xml->writeAttribute('xmlns', 'http://www.sitemaps.org/schemas/sitemap/0.9');
        $left = Listed::MOST;
        foreach (App::query()->whereNotNull('live_revision_id')->with('liveRevision')->lazyById(100) as $app) {
            if (parse_url(ServerAddress::of($app), PHP_URL_HOST) !== $request->getHost()) {
                continue;
            }
            foreach (Listed::of($app) as [$address, $day]) {
                if ($left-- > 0) {
                    $xml->startElement('url');
                    $xml->writeElement('loc', $address);
                    $xml->writeElement('lastmod', $day);
                    $xml->endElement();
                }
            }
        }
        $xml->endElement();
        $xml->endDocument();

        return response($xml->outputMemory(), 200, ['Content-Type' => 'application/xml', 'Cache-Control' => self::HOUR]);
    }
}
