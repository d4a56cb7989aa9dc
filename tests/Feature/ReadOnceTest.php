<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\HeldDocuments;
use App\Models\SchoolSetting;
use App\School\HeldStandard;
use App\School\HeldStandards;
use App\School\ReadOnce;
use App\School\School;
use DeftBlade\Core\Shipped\ShippedDocuments;
use Tests\TestCase;

/** What is kept of documents is what they say, however often it is asked for. */
final class ReadOnceTest extends TestCase
{
    public function testADocumentIsReadOnceAndWhatIsKeptIsNobodys(): void
    {
        $times = 0;
        $once = new ReadOnce();
        $read = static function () use (&$times): \stdClass {
            $times++;

            return (object) ['title' => 'Wing'];
        };
        $first = $once->get(\stdClass::class, 'a', $read);
        $first->title = 'Changed by whoever got it';
        self::assertSame(['Wing', 1], [$once->get(\stdClass::class, 'a', $read)->title, $times]);
        $once->get(\stdClass::class, 'b', $read);
        self::assertSame(2, $times);
    }

    /** A database that is set back to an earlier day counts the versions of the settings anew. */
    public function testTwoChoicesOfOneNumberAreToldApart(): void
    {
        $held = $this->practical()->held;
        $under = static function (string $frame) use ($held): HeldStandard {
            $shipped = new ShippedDocuments();
            $document = School::inForce($shipped)->settings->document();
            $document->words = (object) ['frame' => $frame];
            $chosen = (new SchoolSetting())->forceFill(['seq' => 7, 'document' => $document]);

            return app(HeldStandards::class)->under(School::under($shipped, $chosen), HeldDocuments::query()->findOrFail($held->id));
        };
        self::assertEquals($under('carcass'), $under('carcass'), 'kept or read, it is the same');
        self::assertNotEquals($under('carcass')->document, $under('bones')->document);
    }
}
