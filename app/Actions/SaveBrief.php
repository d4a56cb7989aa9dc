<?php

declare(strict_types=1);

namespace App\Actions;

use App\Brief\BriefDocument;
use App\Models\Brief;
use App\Models\User;
use Carbon\CarbonImmutable;
use DeftBlade\Core\Json\Node;
use Illuminate\Support\Facades\DB;

/** Keeps a brief as it is written, under the id a screen made, on the version it was written on. */
final readonly class SaveBrief
{
    /**
     * @param int $version it was changed from; 0 for a new one
     *
     * @throws \DeftBlade\Core\Json\InvalidPackage naming the place
     * @throws OutOfDate                           where it was saved elsewhere meanwhile
     * @throws Conflict                            where it is set
     */
    public function save(string $id, \stdClass $document, int $version, User $by): Brief
    {
        BriefDocument::read(Node::of($document, 'brief'));

        return DB::transaction(static function () use ($id, $document, $version, $by): Brief {
            Brief::lock($id);
            $kept = Brief::query()->find($id);
            if ($kept?->set_at !== null) {
                throw new Conflict('This practical is set; copy it to plan another one.');
            }
            if ($kept !== null && $kept->document == $document) {
                return $kept;
            }
            if (($kept->version ?? 0) !== $version) {
                throw OutOfDate::since($kept->version ?? 0, ['version' => (string) ($kept->version ?? 0)], null);
            }

            return Brief::query()->updateOrCreate(['id' => $id], ['document' => $document, 'version' => $version + 1, 'saved_by' => $by->id, 'saved_at' => CarbonImmutable::now()]);
        });
    }
}
