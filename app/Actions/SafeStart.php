<?php

declare(strict_types=1);

namespace App\Actions;

use DeftBlade\Core\Capture\CaptureLog;
use DeftBlade\Core\Capture\Instant;
use DeftBlade\Core\Json\InvalidPackage;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Standard\MiseItem;
use DeftBlade\Core\Shipped\ShippedDocuments;
use DeftBlade\Core\Standard\Standard;

/** Nobody's clock starts while something is open at the station that nobody should cut with, unless it is said why. */
final readonly class SafeStart
{
    public function __construct(private ShippedDocuments $shipped) {}

    /**
     * @param list<\stdClass> $sent captures as they were sent
     *
     * @throws InvalidPackage
     */
    public function check(CaptureLog $log, Standard $standard, array $sent): void
    {
        if ($log->floor->mise === null) {
            return;
        }
        $unsafe = $this->shipped->mise($standard->species)->unsafe($log->floor->mise->open);
        foreach ($unsafe === [] ? [] : $sent as $index => $capture) {
            $isStart = $capture->kind === 'clock' && ($capture->event ?? null) === 'start';
            $isReasoned = trim(Node::of($capture)->textOf('reason', '')) !== '';
            if ($isStart && ! $isReasoned && Instant::read(Node::of($capture)->at('at')) >= $log->floor->mise->at) {
                $open = implode('; ', array_map(static fn(MiseItem $it): string => lcfirst($it->title), $unsafe));

                throw InvalidPackage::at("captures[$index].reason", "must say why the clock starts all the same; not in order at this station: $open");
            }
        }
    }
}
