<?php

declare(strict_types=1);

namespace Lanai\Core\Release;

use Lanai\Core\Effects\OfferAdvert;
use Lanai\Core\Effects\ShowAdvert;
use Lanai\Core\Lines\Advert;
use Lanai\Core\Lines\ListLine;
use Lanai\Core\Model\Blueprint;

/** What an app says of its adverts to a store: it follows from its sentences, so that it cannot be forgotten. */
final readonly class AdvertsDeclared
{
    /**
     * @param  string  $network  '' where the app shows none
     * @param  list<string>  $shared  what the network is told, in words
     * @param  bool  $tracks  whether anybody may be known again by it
     */
    private function __construct(public string $network, public array $shared, public bool $tracks)
    {
    }

    public static function of(Blueprint $blueprint): self
    {
        $adverts = $blueprint->adverts;
        $kinds = $blueprint->kinds();
        $in = array_filter($kinds->ofClass(ListLine::class), fn (array $data): bool => isset($data['adverts']));
        $places = [...$kinds->ofClass(Advert::class), ...$kinds->ofClass(ShowAdvert::class), ...$kinds->ofClass(OfferAdvert::class), ...$in];
        if ($adverts === null || $places === []) {
            return new self('', [], false);
        }
        $shared = ['the country', 'the language', 'the kind of device'];
        $tracks = ! $adverts->children;

        return new self($adverts->network, $tracks ? [...$shared, 'a number made for this app, of those who allow it'] : $shared, $tracks);
    }

    /** For the founder to read; '' where there is nothing to say. */
    public function sentence(): string
    {
        $last = $this->shared[count($this->shared) - 1] ?? '';
        $shared = implode(', ', array_slice($this->shared, 0, -1))." and $last";

        return $this->network === '' ? '' : "It shows adverts, through $this->network. It shares with them $shared.";
    }

    /** @return array{network: string, shared: list<string>, tracks: bool}|null  for a store; null where the app shows none */
    public function form(): ?array
    {
        return $this->network === '' ? null : ['network' => $this->network, 'shared' => $this->shared, 'tracks' => $this->tracks];
    }
}
