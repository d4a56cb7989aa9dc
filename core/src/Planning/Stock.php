<?php

declare(strict_types=1);

namespace DeftBlade\Core\Planning;

use DeftBlade\Core\Capture\Instant;
use DeftBlade\Core\Compute\Computation;
use DeftBlade\Core\Compute\Format;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Message\Message;
use DeftBlade\Core\Message\MessageCode;
use DeftBlade\Core\Weighing\Mass;

/** Stock from the bones of a class: vegetables, cold water, which pots it fills and when it is ready. */
final readonly class Stock implements Computation
{
    private const MG_PER_KG = 1_000_000;

    private const MG_PER_G = 1_000;

    /** Density of bones with what clings to them; from memory. */
    private const BONES_G_PER_ML = 1.1;

    /** Eight pounds of bones make a gallon of stock (handbook rule): 3 785 ml from 3 629 g, rounded. */
    private const YIELD_ML_PER_KG = 1_040;

    private const SAID_TO_MG = 10_000;

    private const SAID_TO_ML = 100;

    private const KEYS = ['group', 'bones_mg', 'style', 'vegetable_ratio', 'water_ml_per_kg', 'pots', 'fill', 'start', 'hours'];

    /**
     * @param float          $bonesMg
     * @param list<StockPot> $pots
     * @param float          $fill    how full a pot is made, of its capacity
     */
    public function __construct(
        public StockGroup $group,
        public float $bonesMg,
        public StockRecipe $recipe,
        public array $pots,
        public float $fill,
        public ?\DateTimeImmutable $start,
    ) {}

    public static function summary(): string
    {
        return 'stock from the bones of a class: vegetables, water, pots, time';
    }

    public static function read(Node $node): self
    {
        Format::check($node, 'stock', self::KEYS);
        $pots = [];
        foreach ($node->at('pots')->items() as $item) {
            $pot = StockPot::read($item);
            if (isset($pots[$pot->id])) {
                throw $item->at('id')->fail(MessageCode::IdTaken, ['id' => $pot->id]);
            }
            $pots[$pot->id] = $pot;
        }
        Instant::read($node->at('start'));

        return new self(
            $node->at('group')->oneOf(StockGroup::class),
            $node->at('bones_mg')->integer(0, Mass::MOST_MG),
            StockRecipe::of($node),
            array_values($pots),
            $node->at('fill')->positive(1),
            new \DateTimeImmutable($node->at('start')->text()),
        );
    }

    public function answer(): array
    {
        $shares = $this->shares();
        $inPots = array_sum($shares);

        return [
            'vegetables_mg' => self::rounded($this->vegetablesMg()),
            'water_ml' => self::rounded($this->waterMl()),
            'volume_ml' => self::rounded($this->volumeMl()),
            'pots' => array_map(static fn(StockPot $pot, float $share): array => ['id' => $pot->id, 'share' => $share], $this->largestFirst(), $shares),
            'uncovered_mg' => self::rounded(max(0.0, 1 - $inPots) * $this->bonesMg),
            'ready_from' => $this->after($this->recipe->fromHours),
            'ready_to' => $this->after($this->recipe->toHours),
            'expected_yield_ml' => self::rounded(min(1.0, $inPots) * $this->bonesMg / self::MG_PER_KG * self::YIELD_ML_PER_KG),
        ];
    }

    /** What to have ready for it, in figures as a recipe gives them. */
    public function said(): Message
    {
        return Message::of(MessageCode::BriefStock, [
            'group' => $this->group->value,
            'bones_mg' => self::toStep($this->bonesMg, self::SAID_TO_MG),
            'vegetables_mg' => self::toStep($this->vegetablesMg(), self::SAID_TO_MG),
            'water_ml' => self::toStep($this->waterMl(), self::SAID_TO_ML),
            'pots' => count($this->pots),
            'pot_ml' => $this->pots[0]->capacityMl ?? 0,
            'from_hours' => $this->recipe->fromHours,
            'to_hours' => $this->recipe->toHours,
        ]);
    }

    public function vegetablesMg(): float
    {
        return $this->bonesMg * $this->recipe->vegetableRatio;
    }

    public function waterMl(): float
    {
        return $this->bonesMg / self::MG_PER_KG * $this->recipe->waterMlPerKg;
    }

    public function volumeMl(): float
    {
        return self::volumeOf($this->bonesMg, $this->recipe);
    }

    /** Of bones, vegetables and water together, in ml; vegetables are taken to weigh what water weighs. */
    public static function volumeOf(float $bonesMg, StockRecipe $recipe): float
    {
        return $bonesMg / self::MG_PER_G * (1 / self::BONES_G_PER_ML + $recipe->vegetableRatio) + $bonesMg / self::MG_PER_KG * $recipe->waterMlPerKg;
    }

    /** @return list<float> of everything, pot by pot from the largest down; what fits nowhere is missing from 1 */
    private function shares(): array
    {
        $all = $this->volumeMl();
        $left = $all;
        $shares = [];
        foreach ($this->largestFirst() as $pot) {
            $taken = min($left, $this->fill * $pot->capacityMl);
            $shares[] = $all > 0 ? $taken / $all : 0.0;
            $left -= $taken;
        }

        return $shares;
    }

    /** @return list<StockPot> */
    private function largestFirst(): array
    {
        $pots = $this->pots;
        usort($pots, static fn(StockPot $one, StockPot $other): int => $other->capacityMl <=> $one->capacityMl ?: strcmp($one->id, $other->id));

        return $pots;
    }

    private function after(float $hours): ?string
    {
        return $this->start?->modify(sprintf('+%d seconds', (int) round(3_600 * $hours)))->format(\DateTimeInterface::ATOM);
    }

    private static function toStep(float $amount, int $step): int
    {
        return (int) round($amount / $step) * $step;
    }

    private static function rounded(float $amount): int
    {
        return (int) floor($amount + 0.5);
    }
}
