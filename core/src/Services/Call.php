<?php

declare(strict_types=1);

namespace Lanai\Core\Services;

use Lanai\Core\Ports\Refused;
use Lanai\Core\Runtime\Scene;
use Lanai\Core\Script\Names;

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

    /**
     * @param  list<Given>  $with
     *
     * @throws Refused where something that is needed is not known
     */
    public static function to(string $request, array $with, Scene $scene, int $rows = 200): self
    {
        [$service, $asked] = $scene->blueprint->asked($request) ?? throw new Refused('There is nothing to ask here yet.');
        $names = [];
        foreach ($asked->taken() as $i => $variable) {
            $names[$variable->key()] = $variable->begins === '' ? null : $scene->value($variable->begins, "takes/$i/begins");
        }
        foreach ($with as $i => $given) {
            if ($given->value !== '') {
                $names[Names::inFormula($given->field)] = $scene->value($given->value, "with/$i/value") ?? $names[Names::inFormula($given->field)] ?? null;
            }
        }
        $base = $scene->answers?->base($service) ?? $service->address;

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
