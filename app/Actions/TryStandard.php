<?php

declare(strict_types=1);

namespace App\Actions;

use App\School\School;
use App\TryOut\MadeUpHand;
use App\TryOut\MadeUpTray;
use Carbon\CarbonImmutable;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Package\Assessment;
use DeftBlade\Core\Package\PackageFormat;
use DeftBlade\Core\Package\ResultDocument;
use DeftBlade\Core\Standard\Standard;
use DeftBlade\Core\Weighing\Mass;

/** Grades a made-up tray by a draft, as the school would hold it: what would this tray get? Nothing is stored. */
final readonly class TryStandard
{
    private const SOME_TIME_MS = 600_000;

    public function __construct(private School $school) {}

    /**
     * @param float $skill 0 to 1: how high the levels come out
     * @param float $care  0 to 1: how little goes to the trim and stays on the frame
     *
     *
     * @throws InvalidDocument                     naming everything that is wrong with the draft
     * @throws \DeftBlade\Core\Json\InvalidPackage where draft and policy do not go together
     * @return \stdClass                           the result, as in the latest version of the format
     */
    public function try(\stdClass $draft, \stdClass $policy, Mass $asPurchased, float $skill, float $care, string $seed): \stdClass
    {
        $problems = $this->school->examine($draft)->problems;
        if ($problems !== []) {
            throw new InvalidDocument('standard', $problems);
        }
        $held = $this->school->held($draft);
        $standard = Standard::read(Node::of($held, 'standard'));
        $hand = new MadeUpHand($skill, $care, (int) (($standard->time->standardMs ?? self::SOME_TIME_MS) / 1000));
        $tray = new MadeUpTray($standard, $asPurchased, $hand, $seed, CarbonImmutable::today());
        $package = (object) [
            'format' => PackageFormat::latest()->value,
            'standard' => $held,
            'policy' => $policy,
            'attempts' => [(object) [
                'id' => 'made-up',
                'student' => 'made-up',
                'resit' => false,
                'time_factor' => 1,
                'captures' => $tray->receive()->cut()->weigh()->inspect()->captures(),
            ]],
        ];

        $read = Assessment::read(Node::of($package));

        return (object) (new ResultDocument(PackageFormat::Three, $this->school->sentences($read->standard)))->attempt($read->grade()->attempts[0]);
    }
}
