<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Capture;
use App\Models\LotEntry;
use App\Models\LotRow;
use App\Models\PotMove;
use App\Models\PotRow;
use Carbon\CarbonImmutable;
use DeftBlade\Core\Lots\Drawn;
use DeftBlade\Core\Lots\LotBook;
use DeftBlade\Core\Lots\Pot;
use DeftBlade\Core\Lots\PotStarted;
use DeftBlade\Core\Lots\PotStepped;

/** Keeps the rows of pots, and what is in them. */
final class ProjectPots
{
    /** @param array<LotBook> $books each of whole families */
    public function project(array $books): void
    {
        foreach ($books as $book) {
            foreach ($book->pots as $pot) {
                $this->keep($pot);
            }
            foreach ($book->facts as $fact) {
                if ($fact instanceof PotStarted && ! isset($book->pots[$fact->id])) {
                    PotRow::query()->whereKey($fact->id)->delete();
                }
            }
        }
    }

    private function keep(Pot $pot): void
    {
        $moves = LotEntry::query()->findMany($pot->start->moves);
        $from = LotRow::query()->findMany($moves->map(static fn(LotEntry $it): mixed => $it->payload->lot)->all());
        $volumes = array_map(static fn(Drawn $it): ?int => $it->volumeMl, $pot->drawn);
        PotRow::query()->upsert([[
            'id' => $pot->start->id,
            'use' => $pot->start->use->value,
            'species' => $from->pluck('species')->unique()->implode(', '),
            'class' => $from->first()?->class,
            'started_at' => self::instant($pot->start->at),
            'steps' => json_encode(array_map(static fn(PotStepped $it): array => ['id' => $it->id, 'step' => $it->step->value, 'at' => self::instant($it->at)], $pot->steps), JSON_THROW_ON_ERROR),
            'made_mg' => array_sum(array_map(static fn(Drawn $it): int => $it->massMg() ?? 0, $pot->drawn)),
            'made_ml' => in_array(null, $volumes, true) ? null : array_sum($volumes),
        ]], ['id']);
        PotMove::query()->insertOrIgnore($moves->map(static fn(LotEntry $it): array => ['move_id' => $it->id, 'pot_id' => $pot->start->id, 'mass_mg' => $it->payload->mass_mg])->all());
    }

    private static function instant(int $ms): string
    {
        return CarbonImmutable::createFromTimestampMsUTC($ms)->format(Capture::AT_FORMAT);
    }
}
