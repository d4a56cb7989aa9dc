<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\PooledCarcassFile;
use App\Models\User;
use Carbon\CarbonImmutable;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Package\ResultDocument;
use DeftBlade\Core\Trends\PooledCarcasses;

/** Takes in weights of carcasses that another school gave. Sent again, they are taken in once. */
final readonly class KeepPooledCarcasses
{
    /**
     * @throws \DeftBlade\Core\Json\InvalidPackage naming what is wrong with the file
     * @throws Conflict                            where the id is taken by another
     */
    public function keep(string $id, PractisedStandard $practised, string $title, \stdClass $file, User $by): PooledCarcasses
    {
        $read = PooledCarcasses::read(Node::of($file, 'file'), $practised->standard);
        $document = json_encode($file, ResultDocument::JSON_FLAGS);
        PooledCarcassFile::query()->insertOrIgnore(['id' => $id, 'standard_key' => $practised->key, 'title' => $title, 'document' => $document, 'records' => count($read->records), 'user_id' => $by->id, 'at' => CarbonImmutable::now()]);
        $kept = PooledCarcassFile::query()->findOrFail($id);
        ($kept->standard_key === $practised->key && $kept->title === $title && $kept->document == $file) || throw Conflict::fileIdTaken($id);

        return $read;
    }
}
