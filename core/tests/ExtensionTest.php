<?php

declare(strict_types=1);

namespace DeftBlade\Core\Tests;

use DeftBlade\Core\Carcass\Carcass;
use DeftBlade\Core\Grading\ComponentKinds;
use DeftBlade\Core\Grading\Policy;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Package\PackageSchema;
use DeftBlade\Core\Shipped\ShippedDocuments;
use DeftBlade\Core\Tests\Support\Package;
use DeftBlade\Core\Tests\Support\Refused;
use DeftBlade\Core\Tests\Support\SaltComponent;
use PHPUnit\Framework\TestCase;

/** What the README promises: a new component is a class and a line, a new species is data. */
final class ExtensionTest extends TestCase
{
    public function testAComponentIsAClassAndALine(): void
    {
        $kinds = ComponentKinds::shipped()->with('salt', SaltComponent::class);
        $policy = Package::shipped()->document->policy;
        $policy->components = [(object) ['id' => 'salt', 'title' => 'Salt', 'weight' => 10, 'pinches' => 3]];
        self::assertSame(['salt', 'Salt', 10.0], array_map(static fn($it) => [$it->id(), $it->title(), $it->weight()], Policy::read(Node::of($policy, 'policy'), $kinds)->components)[0]);

        $schema = json_decode((string) file_get_contents(dirname(__DIR__, 2).'/docs/formats/assessment.schema.json'), false, 64, JSON_THROW_ON_ERROR);
        (new PackageSchema($kinds))->into($schema);
        self::assertSame('salt', $schema->{'$defs'}->component->oneOf[0]->properties->id->const);
        self::assertSame(9, $schema->{'$defs'}->component->oneOf[0]->properties->pinches->maximum);
        self::assertContains('salt', $schema->{'$defs'}->judgedComponent->allOf[1]->not->enum);

        $policy->components[0]->pinches = 12;
        self::assertSame('policy.components[0].pinches: 12 is outside 0 to 9', Refused::when(static fn(): array => [Policy::read(Node::of($policy, 'policy'), $kinds)]));
    }

    public function testACriterionOfAMeasuredComponentIsRefused(): void
    {
        $package = Package::shipped()->with(static fn(\stdClass $it) => $it->standard->criteria[2]->component = 'portion');
        self::assertStringStartsWith('standard.criteria[2].component: portion is measured, not judged', Refused::when($package->grade(...)));
    }

    public function testASpeciesIsData(): void
    {
        $folder = sys_get_temp_dir().'/deft-blade-'.bin2hex(random_bytes(6));
        $source = dirname(__DIR__).'/standards';
        foreach (['carcasses', 'plans', 'policies', 'school'] as $name) {
            mkdir("$folder/$name", recursive: true);
            array_map(static fn(string $path): bool => copy($path, "$folder/$name/".basename($path)), glob("$source/$name/*.json") ?: []);
        }
        $goose = json_decode((string) file_get_contents("$source/carcasses/duck.json"), false, 32, JSON_THROW_ON_ERROR);
        [$goose->key, $goose->title, $goose->species, $goose->typical_mg->usual] = ['goose', 'Goose, without giblets', 'goose', 4_500_000];
        [$goose->typical_mg->low, $goose->typical_mg->high] = [4_000_000, 5_000_000];
        file_put_contents("$folder/carcasses/goose.json", json_encode($goose, JSON_THROW_ON_ERROR));

        $shipped = new ShippedDocuments($folder);
        self::assertSame('Board yellow: raw poultry', $shipped->mise('goose')->items['board-colour']->title);
        self::assertSame(7_200_000, $shipped->products()->of('goose')?->coldLimitMs);
        self::assertContains('goose', $shipped->products()->speciesIn(['poultry']));
        $carcass = Carcass::read(Node::of((object) ['key' => 'goose', 'parts' => $goose->parts], 'carcass'));
        self::assertSame(4_500_000, $shipped->typicalMassOf($carcass)?->usual->mg);
        self::assertNotNull($shipped->planOf($carcass));
    }

    public function testACutAndAContainerMayNotShareAName(): void
    {
        $package = Package::shipped()->with(static fn(\stdClass $it) => $it->standard->bins[3]->id = 'breast.left');
        self::assertSame('standard.bins[3].id: breast.left is also the id of an earlier one', Refused::when($package->grade(...)));
    }
}
