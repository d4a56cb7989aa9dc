<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\PublishedStandard;
use App\Models\ReferenceTray;
use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;

/** Makes a practice tray of whoever teaches the reference of its standard. */
final readonly class SetReference
{
    public function __construct(private ReadPractice $practice) {}

    /**
     * @param string|null $tray null: there is none any more
     *
     * @throws Conflict where it is somebody else's, or of another standard
     */
    public function set(PublishedStandard $standard, ?string $tray, User $by): void
    {
        $own = $tray === null ? null : $this->practice->tray($by, $standard, $tray);
        if ($own !== null && ($own->facts === [] || $own->practised->key !== $standard->key)) {
            throw Conflict::notYourTray();
        }
        DB::transaction(static function () use ($standard, $tray, $by): void {
            DB::statement('SELECT pg_advisory_xact_lock(hashtext(?))', ["reference $standard->key"]);
            if (ReferenceTray::of($standard->key)?->tray !== $tray) {
                ReferenceTray::query()->create(['standard_key' => $standard->key, 'tray' => $tray, 'user_id' => $by->id, 'at' => CarbonImmutable::now()]);
            }
        });
    }
}
