<?php

declare(strict_types=1);

namespace Lanai\Core\Findings;

use Lanai\Core\Edits\ScreenMap;
use Lanai\Core\Formula\Scope;
use Lanai\Core\Language\NodeSpot;
use Lanai\Core\Language\Walk;
use Lanai\Core\Model\Access\Who;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\Kinds;
use Lanai\Core\Model\People\Leaving;
use Lanai\Core\Model\People\Way;
use Lanai\Core\Model\Services\ServiceRequest;
use Lanai\Core\Model\Services\SignsIn;

/** The app as the rules read it, shared by all: what no rule asks for is not gone through. */
final class Reading
{
    /** Tables of so few rows are alike to every rule. */
    private const FEW = 100;

    private ?Walk $walk = null;

    private ?Kinds $outline = null;

    /** @var array<string, self> */
    private array $parts = [];

    /** @var array<class-string, list<NodeSpot>> */
    private array $nodes = [];

    /** @var list<array{int, int, string}>|null */
    private ?array $ways = null;

    /**
     * @param  int  $lastBuild  the highest build number that a store has taken; 0 for none
     * @param  array<string, int>  $rows  stored table => about how many rows it has, where that is known
     * @param  array<string, list<array{string, string}>>  $returns  provider in small letters => the address that is registered there,
     *   and the one that is needed
     * @param  array<string, list<string>>  $broken  request => how its latest answer breaks its shape
     * @param  list<array{string, string, string}>  $shelves  what a store sells otherwise than is said: where that is said, the store, and how it differs
     * @param  list<array{string, string}>  $unheard  what was bought more than a day ago at a store that has not heard that it was given: where that is
     *   said, and the store
     * @param  list<array{string, string}>  $told  what a store was told with what it has taken last, and is not so any more: the store, and how it differs
     * @param  list<string>  $fallen  what people in the stores like less than before, in sentences
     * @param  string|null  $only  the place of the screen that it is about; '' for all that stands outside of screens; null for all
     */
    private function __construct(
        public readonly Blueprint $blueprint,
        public readonly int $lastBuild,
        public readonly array $rows,
        public readonly array $returns,
        public readonly array $broken,
        public readonly KeptSecrets $secrets,
        public readonly array $shelves = [],
        public readonly array $unheard = [],
        public readonly array $told = [],
        public readonly array $fallen = [],
        private readonly ?string $only = null,
    ) {
    }

    /**
     * @param  array<string, int>  $rows
     * @param  array<string, list<array{string, string}>>  $returns
     * @param  array<string, list<string>>  $broken
     * @param  list<array{string, string, string}>  $shelves
     * @param  list<array{string, string}>  $unheard
     * @param  list<array{string, string}>  $told
     * @param  list<string>  $fallen
     */
    public static function of(
        Blueprint $blueprint,
        int $lastBuild = 0,
        array $rows = [],
        array $returns = [],
        array $broken = [],
        KeptSecrets $secrets = new KeptSecrets(),
        array $shelves = [],
        array $unheard = [],
        array $told = [],
        array $fallen = [],
    ): self {
        return new self($blueprint, $lastBuild, $rows, $returns, $broken, $secrets, $shelves, $unheard, $told, $fallen);
    }

    /** Its nodes and blanks in the order of the script. */
    public function walk(): Walk
    {
        return $this->walk ??= match (true) {
            $this->only === null => $this->blueprint->walk(),
            $this->only === '' => Walk::without('screens', $this->blueprint->data(), Blueprint::class, Scope::of($this->blueprint)),
            default => Walk::towards($this->only, $this->blueprint->data(), Blueprint::class, Scope::of($this->blueprint))->under($this->only),
        };
    }

    /** True for the reading of what stands outside of screens, and for that of all. */
    public function isAround(): bool
    {
        return $this->only === null || $this->only === '';
    }

    /**
     * The nodes of a class. Screens in which there are none are not gone through.
     *
     * @param  class-string  $class
     * @return list<NodeSpot>
     */
    public function nodesOf(string $class): array
    {
        if ($this->only !== null || Kinds::named($class) === []) {
            return ($this->only === null && self::standsOutside($class) ? $this->part('') : $this)->walk()->nodesOf($class);
        }
        if (! isset($this->nodes[$class])) {
            $in = ['' => true];
            foreach (array_keys($this->placesOf($class)) as $at) {
                $in[str_starts_with($at, '/screens/') ? implode('/', array_slice(explode('/', $at, 4), 0, 3)) : ''] = true;
            }
            $this->nodes[$class] = array_merge(...array_map(fn (string $at): array => $this->part($at)->walk()->nodesOf($class), array_keys($in)));
        }

        return $this->nodes[$class];
    }

    /**
     * The lines or effects of a class by their places, without the names in scope: with their texts, and with what is in them only where no
     * outline has them.
     *
     * @param  class-string  $class
     * @return array<string, array<string, mixed>>
     */
    public function placesOf(string $class): array
    {
        return ($this->outline !== null && Kinds::isOutlined($class) ? $this->outline : $this->blueprint->kinds())->ofClass($class);
    }

    /** @return list<array{int, int, string}> the ways between screens: from, to, and where the effect stands */
    public function ways(): array
    {
        return $this->ways ??= ScreenMap::ways($this->blueprint, $this->placesOf(...));
    }

    /**
     * Takes over what is known of the parts, so that the whole need not be gone through.
     *
     * @param  list<array<string, array<string, array<string, string|int|true>>>>  $outlines
     */
    public function knowing(array $outlines): void
    {
        $this->outline = Kinds::joined($outlines);
    }

    /** @return array<string, array<string, array<string, string|int|true>>> of a part: its effects and what shows rows */
    public function outline(): array
    {
        $data = $this->blueprint->data();
        $i = str_starts_with((string) $this->only, '/screens/') ? (int) substr((string) $this->only, 9) : null;
        $screens = is_array($data['screens'] ?? null) ? $data['screens'] : [];

        return Kinds::outline($i === null ? ['screens' => []] + $data : ['screens' => [$i => $screens[$i] ?? []]]);
    }

    /**
     * Whether a class is of those that never stand on a screen.
     *
     * @param  class-string  $class
     */
    private static function standsOutside(string $class): bool
    {
        foreach ([ServiceRequest::class, SignsIn::class, Way::class, Leaving::class, Who::class] as $family) {
            if (is_a($class, $family, true)) {
                return true;
            }
        }

        return false;
    }

    /** One screen by its place, or all that stands outside of screens. */
    public function part(string $at): self
    {
        return $this->parts[$at] ??= new self(
            $this->blueprint,
            $this->lastBuild,
            $this->rows,
            $this->returns,
            $this->broken,
            $this->secrets,
            $this->shelves,
            $this->unheard,
            $this->told,
            $this->fallen,
            $at,
        );
    }

    /**
     * What findings on a screen depend on beside its own sentences, as a digest: all that is said outside of screens, what the screens are
     * called and are about, how many rows there are where that can matter, and the keys that are kept.
     */
    public function around(): string
    {
        $data = $this->blueprint->data();
        $screens = is_array($data['screens'] ?? null) ? array_values($data['screens']) : [];
        $heads = array_map(fn (mixed $s): array => is_array($s) ? [$s['name'] ?? '', $s['about'] ?? [], $s['taking'] ?? []] : [], $screens);
        $rows = array_filter($this->rows, fn (int $count): bool => $count > self::FEW);

        return hash(
            'xxh128',
            // What other languages say changes nothing on a screen.
            serialize([
                array_diff_key($data, ['screens' => true, 'languages' => true]),
                $heads,
                $rows,
                $this->secrets->mark(),
                $this->broken,
                $this->lastBuild,
                $this->returns,
            ]),
        );
    }
}
