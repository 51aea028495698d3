<?php

declare(strict_types=1);

namespace Lanai\Core\Edits\Kinds;

use Lanai\Core\Edits\EditResult;
use Lanai\Core\Edits\InternalEdit;
use Lanai\Core\Edits\Requests;
use Lanai\Core\Exchange\NewService;
use Lanai\Core\Language\Prose;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Services\JsonShape;

/** Keeps the shape of an answer, joined with the one that is kept; where a request has no parts yet they are made from it. */
final readonly class KeepShape implements InternalEdit
{
    /**
     * @param  array<string, mixed>  $shape  JSON Schema
     * @param  bool  $anew  it takes the place of the one that is kept
     */
    public function __construct(public string $request, public array $shape, public bool $anew = false)
    {
    }

    public function about(): array
    {
        return ['/services'];
    }

    public function on(Blueprint $blueprint): EditResult
    {
        return Requests::changed($blueprint, $this->request, function (array $data) use ($blueprint): array {
            /** @var array<string, mixed> $data */
            $kept = is_string($data['shape'] ?? null) ? json_decode($data['shape'], true) : null;
            $shape = is_array($kept) && ! $this->anew ? JsonShape::both(Prose::node($kept), $this->shape) : $this->shape;
            $taken = NewService::taken($blueprint);
            $made = Prose::nodes($data['parts'] ?? []) === [] ? NewService::shaped(is_string($data['name'] ?? null) ? $data['name'] : '', $shape, $taken) : [];

            return ['shape' => (string) json_encode($shape, JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE)] + $made + $data;
        });
    }
}
