<?php

declare(strict_types=1);

namespace Lanai\Core\Services;

use Lanai\Core\Model\Blueprint;
use Lanai\Core\Model\FieldTypes\LinkType;
use Lanai\Core\Model\Services\Message;
use Lanai\Core\Model\Services\Service;
use Lanai\Core\Model\UnreadableValue;
use Lanai\Core\Play\Scene;
use Lanai\Core\Rows\Refused;
use Lanai\Core\Text\Names;

/** One question to a service, ready to be sent. */
final readonly class Call
{
    /** With nothing that shows who calls where the request is asked without signing in. */
    public Service $service;

    /** @param  int  $rows  how many rows of a list are wanted */
    public function __construct(Service $service, public Askable $request, public Message $message, public int $rows = 200)
    {
        $this->service = $request instanceof Request && $request->open ? $service->unsigned() : $service;
    }

    /** @return array{Service, Askable}|null a request by its name, with its service */
    public static function asked(Blueprint $blueprint, string $request): ?array
    {
        [$service, $asked] = $blueprint->asked($request) ?? [null, null];

        return $service !== null && $asked instanceof Askable ? [$service, $asked] : null;
    }

    /**
     * @param  list<Argument>  $with
     *
     * @throws Refused where something that is needed is not known
     */
    public static function to(string $request, array $with, Scene $scene, int $rows = 200): self
    {
        [$service, $asked] = self::asked($scene->blueprint, $request) ?? throw new Refused('There is nothing to ask here yet.');
        $names = [];
        foreach ($asked->taken() as $i => $variable) {
            $names[$variable->key()] = $variable->begins === '' ? null : $scene->value($variable->begins, "takes/$i/begins");
        }
        foreach ($with as $i => $given) {
            if ($given->value !== '') {
                $names[Names::inFormula($given->field)] = $scene->value($given->value, "with/$i/value") ?? $names[Names::inFormula($given->field)] ?? null;
            }
        }
        $base = $scene->beside(Answers::class)?->base($service) ?? $service->address;

        return new self($service, $asked, $asked->message($base, $scene->about($names)), $rows);
    }

    /**
     * A call to try a request with.
     *
     * @param  array<string, mixed>  $typed  what was typed for its variables, by their names in formulas; what is not is what it says itself
     * @param  string  $base  the address of the service, as it can be called
     *
     * @throws UnreadableValue
     * @throws Refused
     */
    public static function tried(Service $service, Askable $asked, array $typed, Scene $scene, string $base, int $rows = 200): self
    {
        $names = [];
        foreach ($asked->taken() as $i => $variable) {
            $given = $typed[$variable->key()] ?? '';
            $given = $given === '' ? $variable->tried : $given;
            try {
                $value = $given === '' ? null : $variable->type->read($given);
            } catch (UnreadableValue $wrong) {
                throw new UnreadableValue("$variable->name: {$wrong->getMessage()}");
            }
            $names[$variable->key()] = match (true) {
                $value === null && $variable->begins === '' => null,
                $value === null => $scene->value($variable->begins, "takes/$i"),
                is_int($value) && $variable->type instanceof LinkType => $scene->reader->row($variable->type->type()->one, $value),
                default => $value,
            };
        }

        return new self($service, $asked, $asked->message($base, $scene->about($names)), $rows);
    }

    /** True where asking changes nothing: it may be asked whenever a screen is shown, and its answer may be kept. */
    public function reads(): bool
    {
        return $this->message->onlyReads() || ($this->request->keptFor() ?? 0) > 0;
    }

    public function key(): string
    {
        return $this->message->key();
    }
}
