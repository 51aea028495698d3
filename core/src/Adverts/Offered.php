<?php

declare(strict_types=1);

namespace Lanai\Core\Adverts;

use Lanai\Core\Text\Pattern;

/** An offer that may be shown: words, a picture or a film, and a button, each of them data. */
final readonly class Offered
{
    /** For a thousand, in whole units: more is a mistake and nothing to be billed. */
    private const MOST = 200.0;

    private const WORDS = 120;

    /**
     * @param  string  $price  for a thousand, a decimal
     * @param  string  $picture  an address of the web, as $leads and the notices; '' for a film
     * @param  string  $by  who advertises: a domain
     * @param  list<string>  $won  that are told when it is shown
     * @param  list<string>  $billed  that are told when it was seen
     * @param  Clip|null  $clip  where it is a film
     */
    private function __construct(
        public string $price,
        public string $title,
        public string $words,
        public string $button,
        public string $picture,
        public string $leads,
        public string $by,
        public string $creative,
        public array $won,
        public array $billed,
        public ?Clip $clip = null,
    ) {
    }

    /**
     * @param  array<array-key, mixed>  $bid  of OpenRTB 2.6, with markup of OpenRTB Native 1.2
     * @param  string|null  $why  why it is not taken
     */
    public static function read(array $bid, Wanted $for, ?string &$why = null): ?self
    {
        $text = fn (mixed $value): string => is_string($value) ? $value : '';
        $price = $bid['price'] ?? null;
        $categories = array_filter(is_array($bid['cat'] ?? null) ? $bid['cat'] : [], is_string(...));
        $domains = array_values(array_filter(is_array($bid['adomain'] ?? null) ? $bid['adomain'] : [], is_string(...)));
        $why = match (true) {
            ($bid['impid'] ?? null) !== '1' => 'It is for a place that was not asked for.',
            ! is_int($price) && ! is_float($price) => 'It has no price.',
            $price < (float) $for->floor => 'It pays less than the floor.',
            $price > self::MOST => 'Its price is a mistake.',
            self::isBlocked($categories, $for->blocked) => 'It is about something that is not wanted.',
            $domains === [] || ! Pattern::match('/^[a-z0-9.-]{3,253}$/D', $domains[0]) => 'It does not say who advertises.',
            default => null,
        };
        if ($why !== null) {
            return null;
        }
        $notices = fn (mixed $one): array => self::isAddress($text($one)) ? [self::filled($text($one), (string) $price, $for)] : [];
        $offered = new self(
            number_format((float) $price, 4, '.', ''),
            '',
            '',
            'Look',
            '',
            '',
            $domains[0],
            mb_substr($text($bid['crid'] ?? null), 0, 100),
            $notices($bid['nurl'] ?? null),
            $notices($bid['burl'] ?? null),
        );
        $markup = ltrim($text($bid['adm'] ?? null));
        if (str_starts_with($markup, '<')) {
            return $offered->filmed($markup, $for, $why);
        }
        $native = json_decode($markup, true);
        $native = is_array($native) && is_array($native['native'] ?? null) ? $native['native'] : $native;

        if ($for->format === Format::Reward) {
            $why = 'It is no film.';

            return null;
        }

        return $offered->painted(is_array($native) ? $native : [], $for, $why);
    }

    /** @param  array<array-key, mixed>  $native  of OpenRTB Native 1.2 */
    private function painted(array $native, Wanted $for, ?string &$why): ?self
    {
        [$title, $picture, $words, $button, $size] = self::parts(is_array($native['assets'] ?? null) ? $native['assets'] : []);
        $leads = is_array($native['link'] ?? null) && is_string($native['link']['url'] ?? null) ? $native['link']['url'] : '';
        $why = match (true) {
            $title === '' || ! self::isAddress($picture) || ! self::isAddress($leads) => 'Its words, its picture or where it leads are missing.',
            mb_strlen($title) > self::WORDS || mb_strlen($words) > self::WORDS || mb_strlen($button) > 30 => 'It has too many words.',
            $size !== $for->format->size() => 'It is of another size.',
            default => null,
        };
        if ($why !== null) {
            return null;
        }
        $shown = array_filter(is_array($native['imptrackers'] ?? null) ? array_slice($native['imptrackers'], 0, 5) : [], is_string(...));
        $shown = array_map(fn (string $one): string => self::filled($one, $this->price, $for), array_filter($shown, self::isAddress(...)));

        return $this->with($title, $words, $button, $picture, $leads, [...$this->billed, ...array_values($shown)]);
    }

    private function filmed(string $markup, Wanted $for, ?string &$why): ?self
    {
        if (! $for->format->isWhole()) {
            $why = 'It is a film, and there is room for a picture only.';

            return null;
        }
        try {
            return $this->showing(Clip::read($markup));
        } catch (Unplayable $unplayable) {
            $why = $unplayable->getMessage();

            return null;
        }
    }

    /** With a film: the one that it has, or the next one to which that has led. */
    public function showing(Clip $clip): self
    {
        $short = fn (string $words): string => mb_strlen($words) > self::WORDS ? mb_substr($words, 0, self::WORDS - 1).'…' : $words;
        $title = $clip->title === '' ? $this->by : $short($clip->title);
        $billed = $clip->onward === '' ? [...$this->billed, ...($clip->told['impression'] ?? [])] : $this->billed;

        return $this->with($title, $short($clip->words), $this->button, '', $clip->leads, $billed, $clip);
    }

    /** @param  list<string>  $billed */
    private function with(string $title, string $words, string $button, string $picture, string $leads, array $billed, ?Clip $clip = null): self
    {
        $button = $button === '' ? 'Look' : $button;

        return new self($this->price, $title, $words, $button, $picture, $leads, $this->by, $this->creative, $this->won, $billed, $clip);
    }

    /**
     * @param  array<array-key, mixed>  $assets
     * @return array{string, string, string, string, array{int, int}}
     */
    private static function parts(array $assets): array
    {
        $text = fn (mixed $value): string => is_string($value) ? trim($value) : '';
        $title = $picture = $words = $button = '';
        $size = [0, 0];
        foreach ($assets as $asset) {
            if (! is_array($asset)) {
                continue;
            }
            if (is_array($asset['title'] ?? null)) {
                $title = $text($asset['title']['text'] ?? null);
            } elseif (is_array($asset['img'] ?? null)) {
                $picture = $text($asset['img']['url'] ?? null);
                $side = fn (mixed $value): int => is_int($value) ? $value : 0;
                $size = [$side($asset['img']['w'] ?? null), $side($asset['img']['h'] ?? null)];
            } elseif (is_array($asset['data'] ?? null)) {
                ($asset['id'] ?? 0) === 4 ? $button = $text($asset['data']['value'] ?? null) : $words = $text($asset['data']['value'] ?? null);
            }
        }

        return [$title, $picture, $words, $button, $size];
    }

    /**
     * @param  array<array-key, string>  $categories
     * @param  list<string>  $blocked  IAB9 blocks IAB9-7, too
     */
    private static function isBlocked(array $categories, array $blocked): bool
    {
        foreach ($categories as $category) {
            foreach ($blocked as $not) {
                if ($category === $not || str_starts_with($category, "$not-")) {
                    return true;
                }
            }
        }

        return false;
    }

    private static function isAddress(string $address): bool
    {
        return strlen($address) <= 2000 && Pattern::match('~^https?://[^\s"<>]+$~D', $address);
    }

    /** With what was bid, where it asks for that (substitution macros of OpenRTB 2.6, section 4.4). */
    private static function filled(string $address, string $price, Wanted $for): string
    {
        return strtr($address, [
            '${AUCTION_ID}' => rawurlencode($for->id),
            '${AUCTION_IMP_ID}' => '1',
            '${AUCTION_PRICE}' => $price,
            '${AUCTION_CURRENCY}' => $for->currency,
        ]);
    }
}
