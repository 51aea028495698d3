<?php

declare(strict_types=1);

namespace Lanai\Core\Tests;

use Lanai\Core\Catalogue;
use Lanai\Core\Language\HasSentence;
use Lanai\Core\Model\AnyEffect;
use Lanai\Core\Model\AnyLine;
use Lanai\Core\Model\Services\ServiceRequest;
use Lanai\Core\Play\Effect;
use Lanai\Core\Play\Line;
use Lanai\Core\Services\Askable;
use PHPUnit\Framework\TestCase;

/** What a definition holds can be done, drawn and asked when the app runs. */
final class CatalogueTest extends TestCase
{
    public function test_every_member_is_one_of_its_family(): void
    {
        foreach (Catalogue::FAMILIES as $interface => [, $kinds]) {
            foreach ($kinds as $class) {
                self::assertTrue(is_a($class, $interface, true), "$class is no $interface");
                self::assertTrue(is_a($class, HasSentence::class, true), "$class has no sentence");
            }
        }
    }

    public function test_what_a_definition_only_names_can_be_run(): void
    {
        foreach ([AnyLine::class => Line::class, AnyEffect::class => Effect::class, ServiceRequest::class => Askable::class] as $any => $one) {
            foreach (Catalogue::FAMILIES[$any][1] as $class) {
                self::assertTrue(is_a($class, $one, true), "$class is no $one");
            }
        }
    }

    public function test_every_class_of_a_family_is_in_the_list(): void
    {
        $listed = array_merge(...array_map(fn (array $family): array => array_values($family[1]), array_values(Catalogue::FAMILIES)));
        foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator(dirname(__DIR__).'/src', \FilesystemIterator::SKIP_DOTS)) as $file) {
            $class = 'Lanai\\Core\\'.strtr(substr($file->getPathname(), strlen(dirname(__DIR__).'/src/'), -4), '/', '\\');
            if (! class_exists($class) || (new \ReflectionClass($class))->isAbstract()) {
                continue;
            }
            foreach (array_keys(Catalogue::FAMILIES) as $interface) {
                if (is_a($class, $interface, true)) {
                    self::assertContains($class, $listed, "$class is missing in the Catalogue.");
                }
            }
        }
    }
}
