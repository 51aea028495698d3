<?php

declare(strict_types=1);

namespace Lanai\Core\Review;

use Lanai\Core\Findings\Finding;
use Lanai\Core\Languages\AppText;
use Lanai\Core\Languages\AppTexts;
use Lanai\Core\Model\Blueprint;
use Lanai\Core\Play\LeadsOut;

/** A version of an app as it would be handed in at a store, with what is known of it beside its sentences. */
final class Candidate
{
    /** @var array<string, string>|null */
    private ?array $texts = null;

    /**
     * @param  'quay'|'pier'  $store  Android phones, or iPhones
     * @param  list<Finding>  $findings  what was found by reading it, and by laying it out
     * @param  array<string, Blueprint>  $spoken  the app in the other languages that people get, by their tags
     * @param  array<string, string>  $dead  addresses that the app opens, and why nobody gets there
     * @param  list<string>  $broken  what keeps it from opening, in sentences
     * @param  string  $unreachable  why no phone finds its server; '' where one does
     * @param  int  $lastBuild  the highest build number that the store has taken; 0 for none
     * @param  list<string>  $others  titles of the founder's other apps
     * @param  bool  $live  what phones open is this very revision
     * @param  int  $left  screens that were not laid out yet
     * @param  list<string>  $pictures  what speaks against the pictures of its page, in sentences
     * @param  bool  $reviewer  there is an account with which reviewers get in
     */
    public function __construct(
        public readonly Blueprint $blueprint,
        public readonly string $store,
        public readonly array $findings = [],
        public readonly array $spoken = [],
        public readonly array $dead = [],
        public readonly array $broken = [],
        public readonly string $unreachable = '',
        public readonly int $lastBuild = 0,
        public readonly array $others = [],
        public readonly bool $live = true,
        public readonly int $left = 0,
        public readonly array $pictures = [],
        public readonly bool $reviewer = false,
    ) {
    }

    /** @return array<string, string> place => what stands on the app's page in the store; only what is not empty */
    public function listing(): array
    {
        $release = $this->blueprint->release;
        $said = array_map(trim(...), [
            '/release/title' => $release->title,
            '/release/summary' => $release->summary,
            '/release/description' => $release->description,
            '/release/news' => $release->news,
        ]);

        return array_filter($said, fn (string $text): bool => $text !== '');
    }

    /** @return array<string, string> place => an address that the app leads to */
    public function addresses(): array
    {
        $addresses = [];
        foreach ($this->blueprint->walk()->nodesOf(LeadsOut::class) as $spot) {
            $blank = is_a($spot->class, LeadsOut::class, true) ? $spot->class::leadsBy() : '';
            $addresses["$spot->at/$blank"] = $spot->text($blank);
        }

        return $addresses;
    }

    /** @return array<string, string> place => what people read, on the page in the store and in the app */
    public function texts(): array
    {
        return $this->texts ??= $this->listing() + array_column(array_map(
            fn (AppText $text): array => ['at' => $text->at, 'source' => $text->source],
            array_filter(AppTexts::of($this->blueprint), fn (AppText $text): bool => $text->at !== ''),
        ), 'source', 'at');
    }
}
