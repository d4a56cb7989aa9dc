<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\PublishedStandard;
use App\Models\User;
use Illuminate\Support\Facades\DB;

/** Publishes what the school's own carcasses propose: the standard with other windows and shares, others that cut the same carcass with its shares. All of them, or none. */
final readonly class PublishOwnCarcasses
{
    public function __construct(private PublishStandard $publishing) {}

    /**
     * @param OwnCarcasses            $own    of the version that they were seen on: asked again, the same follows
     * @param list<PublishedStandard> $others versions of other standards that they were seen on
     *
     * @throws Conflict                where there are too few records to propose anything, or another standard cuts another carcass
     * @throws OutOfDate               where a later version of one of them was published since
     * @return list<PublishedStandard> the standard itself first
     */
    public function publish(OwnCarcasses $own, array $others, User $by): array
    {
        $own->carcass->proposes() || throw Conflict::nothingProposed(CarcassQuestion::AT_LEAST);

        return DB::transaction(function () use ($own, $others, $by): array {
            $published = [$this->publishing->publish(self::written($own->carcass->in($own->published->document)), $by, $own->published->version)];
            foreach ($others as $it) {
                $own->carcass->isOf($it->document) || throw Conflict::otherCarcass($it->key);
                $published[] = $this->publishing->publish(self::written($own->carcass->carcassIn($it->document)), $by, $it->version);
            }

            return $published;
        });
    }

    /** A document without the number of the version it was taken from. */
    private static function written(\stdClass $document): \stdClass
    {
        return (object) array_diff_key((array) $document, ['version' => true]);
    }
}
