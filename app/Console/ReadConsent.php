<?php

declare(strict_types=1);

namespace App\Console;

use Illuminate\Console\Command;
use Lanai\Core\Adverts\Consent;
use ValueError;

/** Reads a consent string of the Transparency and Consent Framework. */
final class ReadConsent extends Command
{
    protected $signature = 'lanai:consent {string : a consent string} {--json}';

    protected $description = 'Read a consent string (TCF 2)';

    public function handle(): int
    {
        try {
            $consent = Consent::read((string) $this->argument('string'));
        } catch (ValueError $wrong) {
            $this->error($wrong->getMessage());

            return self::FAILURE;
        }
        $told = ['at' => $consent->at->format('Y-m-d')] + get_object_vars($consent) + ['personal' => $consent->isPersonal()];
        if ($this->option('json')) {
            $this->line((string) json_encode($told));

            return self::SUCCESS;
        }
        $list = fn (array $numbers): string => $numbers === [] ? 'none' : implode(', ', $numbers);
        $this->table([], [
            ['given on', $told['at']],
            ['in', "$consent->country, $consent->language"],
            ['purposes', $list($consent->purposes)],
            ['vendors', $list($consent->vendors)],
            ['purposes by interest', $list($consent->interests)],
            ['vendors by interest', $list($consent->interestVendors)],
            ['special features', $list($consent->features)],
            ['adverts may be about the person', $consent->isPersonal() ? 'yes' : 'no'],
        ]);

        return self::SUCCESS;
    }
}
