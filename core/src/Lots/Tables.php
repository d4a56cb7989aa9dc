<?php

declare(strict_types=1);

namespace DeftBlade\Core\Lots;

use DeftBlade\Core\Balance\BalanceState;
use DeftBlade\Core\Capture\BinWeighed;
use DeftBlade\Core\Capture\CaptureHistory;
use DeftBlade\Core\Capture\CaptureKind;
use DeftBlade\Core\Capture\ColdChain;
use DeftBlade\Core\Capture\IncidentRecorded;
use DeftBlade\Core\Capture\PieceWeighed;
use DeftBlade\Core\Capture\PortionWeighed;
use DeftBlade\Core\Capture\Scraped;
use DeftBlade\Core\Grading\AttemptResult;
use DeftBlade\Core\Grading\PieceVerdict;
use DeftBlade\Core\Grading\Verdict;
use DeftBlade\Core\Json\InvalidPackage;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Message\MessageCode;
use DeftBlade\Core\Standard\Standard;

/** What lies on the tables of a class: every weight that holds, and what may become of it. */
final readonly class Tables
{
    /** The facts that say what lies there, with what takes them out. */
    public const WEIGHTS = [CaptureKind::Piece, CaptureKind::Portion, CaptureKind::Bin, CaptureKind::Scrape, CaptureKind::Incident, CaptureKind::Void];

    /**
     * @param array<string, LaidOut>   $weights  by the id of the capture
     * @param int                      $thrownMg pieces that were weighed and then taken by an incident
     * @param int                      $openMg   what is still to come off carcasses that are not weighed to the end
     * @param array<string, ColdChain> $cold     how long each carcass was out of the refrigerator, by attempt
     */
    private function __construct(public LotProducts $products, public array $weights, private int $deliveredMg, private int $thrownMg, private int $openMg, public array $cold = []) {}

    /** @param iterable<AttemptResult> $results of one class */
    public static function of(Standard $standard, LotProducts $products, iterable $results): self
    {
        $weights = $cold = [];
        $delivered = $thrown = $open = 0;
        foreach ($results as $result) {
            $log = $result->attempt->log;
            $cold[$result->attempt->id] = $log->floor->coldChain;
            $asPurchased = $log->weights->received?->mass->mg ?? 0;
            $delivered += $asPurchased;
            $out = 0;
            $gone = self::gone($log->floor->incidents);
            foreach (self::weightsOf($result->attempt->id, $log->history, $products, self::off($result, $standard)) as $place => $found) {
                foreach ($found as $weight) {
                    $out += $weight->massMg;
                    if (in_array($place, $gone, true)) {
                        $thrown += $weight->massMg;
                    } else {
                        $weights[$weight->capture] = $weight;
                    }
                }
            }
            $open += $result->balance->state === BalanceState::Open ? $asPurchased - $out : 0;
        }

        return new self($products, $weights, $delivered, $thrown, $open, $cold);
    }

    /**
     * The weights alone, to hold lots against: nothing is graded, so it is not known which pieces met the standard, nor how the class stands.
     *
     * @param array<string, CaptureHistory> $histories by attempt; of their facts only those of WEIGHTS are asked for
     */
    public static function ungraded(LotProducts $products, array $histories): self
    {
        $weights = [];
        foreach ($histories as $attempt => $history) {
            $gone = self::gone($history->all(IncidentRecorded::class));
            foreach (self::weightsOf((string) $attempt, $history, $products, []) as $place => $found) {
                foreach (in_array($place, $gone, true) ? [] : $found as $weight) {
                    $weights[$weight->capture] = $weight;
                }
            }
        }

        return new self($products, $weights, 0, 0, 0);
    }

    /**
     * What is not put away yet, one lot a product, pieces that met the standard apart from those that did not.
     *
     * @param list<TakenWeight> $taken
     *
     * @return list<Proposal> in the order of the cut list
     */
    public function proposals(array $taken): array
    {
        $gone = array_flip(array_map(static fn(TakenWeight $it): string => $it->place(), $taken));
        $groups = [];
        foreach ($this->weights as $weight) {
            if (! isset($gone[$weight->place()]) && $weight->massMg > 0) {
                $groups[$weight->product->id][$weight->isOff ? 1 : 0][] = $weight;
            }
        }
        $proposals = [];
        foreach ($this->products->products as $product) {
            foreach ([0, 1] as $off) {
                if (isset($groups[$product->id][$off])) {
                    $proposals[] = new Proposal($product, $off === 1, $groups[$product->id][$off]);
                }
            }
        }

        return $proposals;
    }

    /**
     * @param list<TakenWeight> $taken
     *
     * @return list<ChangedWeight>
     */
    public function changed(array $taken): array
    {
        $now = [];
        foreach ($this->weights as $weight) {
            $now[$weight->place()] = $weight->massMg;
        }
        $changed = array_map(static fn(TakenWeight $it): ChangedWeight => new ChangedWeight($it, $now[$it->place()] ?? null), $taken);

        return array_values(array_filter($changed, static fn(ChangedWeight $it): bool => $it->nowMg !== $it->taken->massMg));
    }

    public function account(int $putAwayMg): ClassAccount
    {
        $mg = array_fill_keys(array_map(static fn(FlowStage $it): string => $it->value, FlowStage::cases()), 0);
        $mg[FlowStage::Waste->value] = $this->thrownMg;
        foreach ($this->weights as $weight) {
            $stage = $weight->product->stage();
            if ($stage !== null) {
                $mg[$stage->value] += $weight->massMg;
            }
        }

        return new ClassAccount($this->deliveredMg, $mg[FlowStage::Cuts->value], $mg[FlowStage::ByProducts->value], $mg[FlowStage::Waste->value], $this->openMg, $putAwayMg);
    }

    /**
     * Whether a lot is what it says: weights of this class that lie there, of its product, adding up to its mass.
     *
     * @param list<TakenWeight> $taken
     *
     *
     * @throws InvalidPackage
     * @return list<LaidOut>  its weights
     */
    public function check(PutAway $fact, Node $node, array $taken): array
    {
        $product = $this->products->products[$fact->product] ?? throw $node->at('product')->fail(MessageCode::NoSuchProduct);
        if ($fact->weights === []) {
            return $product->kind === LotProductKind::Giblet ? [] : throw $node->at('weights')->fail(MessageCode::MustNotBeEmpty);
        }
        $gone = array_flip(array_map(static fn(TakenWeight $it): string => $it->place(), $taken));
        $found = [];
        foreach ($node->at('weights')->items() as $index => $item) {
            $weight = $this->weights[$fact->weights[$index]] ?? null;
            if ($weight === null || $weight->product->id !== $product->id) {
                throw $item->fail(MessageCode::NoSuchWeight);
            }
            if (isset($gone[$weight->place()])) {
                throw $item->fail(MessageCode::PutAwayAlready);
            }
            $gone[$weight->place()] = true;
            $found[] = $weight;
        }
        $sum = array_sum(array_map(static fn(LaidOut $it): int => $it->massMg, $found));

        return $sum === $fact->massMg ? $found : throw $node->at('mass_mg')->fail(MessageCode::NotTheSum, ['sum_mg' => $sum]);
    }

    /** @return array<string, true> pieces that did not meet the standard: out of their window, or of a tray with a critical fault */
    private static function off(AttemptResult $result, Standard $standard): array
    {
        $isCritical = array_filter(array_keys($result->attempt->log->judged->faults), static fn(string $it): bool => $standard->faults[$it]->critical) !== [];
        $off = array_filter($result->pieces, static fn(PieceVerdict $it): bool => $isCritical || in_array($it->verdict, [Verdict::Under, Verdict::Over], true));

        return array_fill_keys(array_map(static fn(PieceVerdict $it): string => $it->piece->id, $off), true);
    }

    /**
     * @param list<IncidentRecorded> $incidents
     *
     * @return list<string> pieces they touched
     */
    private static function gone(array $incidents): array
    {
        return array_merge([], ...array_map(static fn(IncidentRecorded $it): array => $it->pieces, $incidents));
    }

    /**
     * @param array<string, true> $off
     *
     * @return array<string, list<LaidOut>> by place of the tray
     */
    private static function weightsOf(string $attempt, CaptureHistory $history, LotProducts $products, array $off): array
    {
        $found = [];
        $add = static function (PieceWeighed|PortionWeighed|BinWeighed|Scraped $it, string $place) use ($attempt, $products, $off, &$found): void {
            $product = $products->at($place);
            if ($product !== null) {
                $found[$place][] = new LaidOut($it->id, $attempt, (string) $it->slot(), $product, isset($off[$place]), $it->mass->mg);
            }
        };
        foreach ($history->holding(PieceWeighed::class) as $it) {
            $add($it, $it->piece);
        }
        $whole = $found;
        foreach ($history->holding(PortionWeighed::class) as $it) {
            if (! isset($whole[$it->piece])) {
                $add($it, $it->piece);
            }
        }
        foreach ($history->holding(BinWeighed::class) as $it) {
            $add($it, $it->bin);
        }
        foreach ($history->holding(Scraped::class) as $it) {
            $add($it, LotProducts::SCRAPE);
        }

        return $found;
    }
}
