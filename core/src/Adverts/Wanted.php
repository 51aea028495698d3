<?php

declare(strict_types=1);

namespace Lanai\Core\Adverts;

/**
 * What an exchange is asked for, as a bid request of OpenRTB 2.6 (IAB Tech Lab; names of attributes from memory). It is made of what is known here alone:
 * no name, no address, no place but the country.
 */
final readonly class Wanted
{
    /** A dialect of native adverts (OpenRTB Native 1.2): a title, a picture, words and a button are data, and nothing of them runs. */
    private const NATIVE = '1.2';

    private const MILLISECONDS = 600;

    private const TITLE = 1;

    private const PICTURE = 2;

    private const WORDS = 3;

    private const BUTTON = 4;

    /**
     * @param  string  $id  of this request
     * @param  string  $placement  what the place is called
     * @param  list<string>  $blocked  categories of IAB content taxonomy 1.0 that are not wanted
     * @param  string  $floor  the lowest price for a thousand, a decimal
     * @param  bool  $children  the app is also for children
     * @param  bool  $trial  nothing is charged: in the sandbox
     * @param  string  $callback  the address that is told, signed, that somebody has seen an advert for a reward to its end; '' for none
     */
    public function __construct(
        public string $id,
        public string $placement,
        public Format $format,
        public Visitor $visitor,
        public string $app,
        public string $package,
        public string $seller,
        public array $blocked = [],
        public string $floor = '0',
        public string $currency = 'EUR',
        public bool $children = false,
        public bool $trial = false,
        public string $callback = '',
    ) {
    }

    /** @return array<string, mixed> */
    public function request(): array
    {
        [$width, $height] = $this->format->size();
        $visitor = $this->visitor;
        $personal = $visitor->isPersonal() && ! $this->children;
        $country = self::threeLetters($visitor->country);
        $user = ($personal ? ['id' => $visitor->id] : []) + ($visitor->consent === null ? [] : ['consent' => $visitor->consent->written()]);
        $native = ['ver' => self::NATIVE, 'assets' => [
            ['id' => self::TITLE, 'required' => 1, 'title' => ['len' => 60]],
            ['id' => self::PICTURE, 'required' => 1, 'img' => ['type' => 3, 'w' => $width, 'h' => $height]],
            ['id' => self::WORDS, 'data' => ['type' => 2, 'len' => 90]],
            ['id' => self::BUTTON, 'data' => ['type' => 12, 'len' => 15]],
        ]];

        return [
            'id' => $this->id,
            'imp' => [[
                'id' => '1',
                'tagid' => $this->placement,
            ] + ($this->format === Format::Reward ? [] : ['native' => ['request' => json_encode($native, JSON_THROW_ON_ERROR), 'ver' => self::NATIVE]]) + [
                'bidfloor' => (float) $this->floor,
                'bidfloorcur' => $this->currency,
                'secure' => 1,
                'ext' => ['size' => $this->format->value] + ($this->callback === '' ? [] : ['callback' => $this->callback]),
            ] + $this->film($width, $height)],
            'app' => ['name' => $this->app, 'bundle' => $this->package, 'publisher' => ['id' => $this->seller]],
            'device' => array_filter([
                'devicetype' => $visitor->form === 'tablet' ? 5 : 4,
                'os' => ['ios' => 'iOS', 'android' => 'Android', 'web' => ''][$visitor->platform],
                'language' => $visitor->language,
                'geo' => $country === null ? null : ['country' => $country],
                // Whether they may be known again by what is about them.
                'lmt' => $personal ? 0 : 1,
            ], fn (mixed $value): bool => $value !== '' && $value !== null),
            'regs' => ['coppa' => $this->children ? 1 : 0, 'gdpr' => $visitor->isAsked() ? 1 : 0],
            'at' => 1,
            'tmax' => self::MILLISECONDS,
            'cur' => [$this->currency],
            'bcat' => $this->blocked,
            'test' => $this->trial ? 1 : 0,
        ] + ($user === [] ? [] : ['user' => $user]);
    }

    /**
     * Over the whole screen it may be a film as well, and for a reward it is one: only a film tells that it was seen to its end. Protocols 7 and 8, and 11 to
     * 14: VAST 4.0 to 4.2, whole or as a wrapper (list “Creative Subtypes - Audio/Video” of AdCOM 1.0, from memory).
     *
     * @return array<string, mixed>
     */
    private function film(int $width, int $height): array
    {
        if (! $this->format->isWhole()) {
            return [];
        }
        $isReward = $this->format === Format::Reward;

        return [
            'instl' => 1,
            'rwdd' => $isReward ? 1 : 0,
            'video' => [
                'mimes' => ['video/mp4', 'video/webm'],
                'minduration' => 3,
                'maxduration' => $isReward ? 30 : 15,
                'protocols' => [7, 8, 11, 12, 13, 14],
                'w' => $width,
                'h' => $height,
                'linearity' => 1,
                'skip' => $isReward ? 0 : 1,
                'plcmt' => 3,
            ] + ($isReward ? [] : ['skipafter' => 5]),
        ];
    }

    /** ISO 3166-1 alpha-3, as OpenRTB writes countries, for those that a store knows; others are not told. */
    private static function threeLetters(string $two): ?string
    {
        return self::ALPHA3[$two] ?? null;
    }

    private const ALPHA3 = [
        'AT' => 'AUT', 'AU' => 'AUS', 'BE' => 'BEL', 'BG' => 'BGR', 'BR' => 'BRA', 'CA' => 'CAN', 'CH' => 'CHE', 'CY' => 'CYP', 'CZ' => 'CZE', 'DE' => 'DEU',
        'DK' => 'DNK', 'EE' => 'EST', 'ES' => 'ESP', 'FI' => 'FIN', 'FR' => 'FRA', 'GB' => 'GBR', 'GR' => 'GRC', 'HR' => 'HRV', 'HU' => 'HUN', 'IE' => 'IRL',
        'IN' => 'IND', 'IS' => 'ISL', 'IT' => 'ITA', 'JP' => 'JPN', 'KR' => 'KOR', 'LI' => 'LIE', 'LT' => 'LTU', 'LU' => 'LUX', 'LV' => 'LVA', 'MT' => 'MLT',
        'MX' => 'MEX', 'NL' => 'NLD', 'NO' => 'NOR', 'NZ' => 'NZL', 'PL' => 'POL', 'PT' => 'PRT', 'RO' => 'ROU', 'SE' => 'SWE', 'SI' => 'SVN', 'SK' => 'SVK',
        'TR' => 'TUR', 'US' => 'USA', 'ZA' => 'ZAF',
    ];

    /**
     * The best offer of an answer that may be shown; null where there is none.
     *
     * @param  array<string, mixed>  $answer  a bid response of OpenRTB 2.6
     * @param  list<string>  $why  to which it is added why offers were not taken
     */
    public function best(array $answer, array &$why = []): ?Offered
    {
        if (($answer['id'] ?? null) !== $this->id) {
            $why[] = 'It answers another request.';

            return null;
        }
        if (($answer['cur'] ?? 'USD') !== $this->currency) {
            $why[] = 'It is priced in another currency.';

            return null;
        }
        $best = null;
        foreach (is_array($answer['seatbid'] ?? null) ? array_slice($answer['seatbid'], 0, 20) : [] as $seat) {
            foreach (is_array($seat) && is_array($seat['bid'] ?? null) ? array_slice($seat['bid'], 0, 20) : [] as $bid) {
                $offered = is_array($bid) ? Offered::read($bid, $this, $wrong) : null;
                if ($offered === null) {
                    $why[] = $wrong ?? 'It is no offer.';
                } elseif ($best === null || (float) $offered->price > (float) $best->price) {
                    $best = $offered;
                }
            }
        }

        return $best;
    }
}
