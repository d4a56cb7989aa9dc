<?php

declare(strict_types=1);

namespace App\Models;

use DeftBlade\Core\Balance\BalancedTray;
use DeftBlade\Core\Balance\BalanceState;
use DeftBlade\Core\Grading\Flag;
use DeftBlade\Core\Grading\Stage;
use DeftBlade\Core\Grading\Status;
use DeftBlade\Core\Lots\TrayYield;

/**
 * How one attempt stands, as it was last graded: a projection of its facts that lists, sheets and trends read. Whoever writes a fact keeps it;
 * bin/artisan results:rebuild makes it anew.
 *
 * @property string         $attempt_id
 * @property string         $assessment_id
 * @property int            $station
 * @property int            $last_seq        of its captures
 * @property string         $standard_sha256
 * @property string         $policy_sha256
 * @property string         $result_sha256   of the result without its sentences
 * @property Status         $status
 * @property Stage          $stage
 * @property float|null     $total
 * @property string|null    $band
 * @property \stdClass      $scores          by component id; null while pending or dropped
 * @property float|null     $portion_yield
 * @property float|null     $utilisation
 * @property float|null     $waste
 * @property float|null     $loss
 * @property BalanceState   $balance
 * @property int|null       $unaccounted_mg
 * @property int|null       $tolerance_mg
 * @property \stdClass      $masses          mg by piece
 * @property \stdClass      $verdicts        by piece
 * @property list<string>   $flags
 * @property int            $delivered_mg    the carcass; it is cuts, by-products, waste, what is still to be weighed, and loss
 * @property int            $cuts_mg
 * @property int            $by_products_mg
 * @property int            $waste_mg
 * @property int            $open_mg
 * @property \stdClass      $products_mg     mg by product, pieces that an incident took left out
 * @property int            $worked_s        without pauses
 * @property int|null       $scrape_mg       off the frame; null while it is not weighed
 * @property \stdClass      $bins            mg by by-product container
 * @property \stdClass      $points          by criterion that was judged and not excused; what two assessors came to
 * @property \stdClass      $levels          those that any assessor gave, by criterion
 * @property float          $time_factor     the student's own
 * @property string|null    $weighed_at      the device that its last piece was weighed at
 * @property string|null    $tag             of its carcass, as it was written down
 * @property int            $out_ms          out of the refrigerator, all together
 * @property list<string>   $judged_by       who gave its first levels
 * @property list<string>   $second_open     who is asked for a second look and has not finished
 * @property list<string>   $second_finished who has
 * @property \stdClass|null $looks           levels, first_total, second_total; null where nobody looked a second time
 */
final class ResultRow extends StoredModel
{
    public $timestamps = false;

    public $incrementing = false;

    protected $table = 'results';

    protected $primaryKey = 'attempt_id';

    protected $keyType = 'string';

    protected $fillable = [
        'attempt_id', 'assessment_id', 'station', 'last_seq', 'standard_sha256', 'policy_sha256', 'result_sha256', 'status', 'stage', 'total', 'band', 'scores',
        'portion_yield', 'utilisation', 'waste', 'loss', 'balance', 'unaccounted_mg', 'tolerance_mg', 'masses', 'verdicts', 'flags',
        'delivered_mg', 'cuts_mg', 'by_products_mg', 'waste_mg', 'open_mg', 'products_mg', 'worked_s', 'scrape_mg',
        'bins', 'points', 'levels', 'time_factor', 'weighed_at', 'tag', 'out_ms', 'judged_by', 'second_open', 'second_finished', 'looks',
    ];

    public function mark(): ResultMark
    {
        return new ResultMark($this->last_seq, $this->result_sha256, $this->total, $this->band);
    }

    /** What it balances to, for looking for mix-ups. */
    public function balanced(): BalancedTray
    {
        return new BalancedTray($this->attempt_id, $this->balance, $this->unaccounted_mg ?? 0, $this->tolerance_mg ?? 0, self::mgOf($this->masses));
    }

    /** A copy that says nothing of what was judged. */
    public function withoutMarks(): self
    {
        $row = clone $this;
        $row->setRawAttributes(['total' => null, 'band' => null, 'scores' => '{}', 'points' => '{}', 'levels' => '{}', 'status' => Status::Provisional->value, 'judged_by' => '[]', 'looks' => null, 'result_sha256' => ''] + $this->getAttributes());
        $row->stage = $this->stage->withoutMarks();
        $row->flags = Flag::weighedAmong($this->flags);

        return $row;
    }

    /** What its carcass came to. */
    public function yield(): TrayYield
    {
        return new TrayYield($this->balance !== BalanceState::Open, $this->delivered_mg, self::mgOf($this->products_mg), $this->worked_s);
    }

    /** @return array<string, int> */
    public static function mgOf(\stdClass $masses): array
    {
        $mgOf = [];
        foreach (get_object_vars($masses) as $of => $mg) {
            $mgOf[(string) $of] = is_int($mg) ? $mg : 0;
        }

        return $mgOf;
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'station' => 'int', 'last_seq' => 'int', 'status' => Status::class, 'stage' => Stage::class, 'balance' => BalanceState::class, 'total' => 'float', 'portion_yield' => 'float',
            'utilisation' => 'float', 'waste' => 'float', 'loss' => 'float', 'unaccounted_mg' => 'int', 'tolerance_mg' => 'int', 'scores' => 'object', 'masses' => 'object',
            'verdicts' => 'object', 'flags' => 'array', 'delivered_mg' => 'int', 'cuts_mg' => 'int', 'by_products_mg' => 'int', 'waste_mg' => 'int', 'open_mg' => 'int', 'products_mg' => 'object', 'worked_s' => 'int', 'scrape_mg' => 'int',
            'bins' => 'object', 'points' => 'object', 'levels' => 'object', 'time_factor' => 'float', 'out_ms' => 'int',
            'judged_by' => 'array', 'second_open' => 'array', 'second_finished' => 'array', 'looks' => 'object',
        ];
    }
}
