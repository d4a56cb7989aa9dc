<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\CalledCard;
use App\Models\CalledEntry;
use App\Models\CalledKind;
use App\Models\PublishedStandard;
use App\Models\User;
use Carbon\CarbonImmutable;

/** Begins to call a method card, and takes down what is called and answered: each id once. */
final readonly class CallCard
{
    /**
     * @param string|null $group whom it is called to; null for everybody
     *
     * @throws Conflict where the id is taken by another
     */
    public function begin(string $id, PublishedStandard $standard, ?string $group, User $by): CalledCard
    {
        CalledCard::query()->insertOrIgnore(['id' => $id, 'published_standard_id' => $standard->id, 'user_id' => $by->id, 'student_group_id' => $group, 'at' => CarbonImmutable::now()]);
        $card = CalledCard::query()->findOrFail($id);

        return $card->published_standard_id === $standard->id && $card->student_group_id === $group && $card->user_id === $by->id ? $card : throw Conflict::entryIdTaken($id);
    }

    /**
     * @param int|null $step of the method card, counted from 0; null of what is about none
     *
     * @throws Conflict where the id is taken by another, or it is over
     */
    public function say(CalledCard $card, string $id, CalledKind $kind, ?int $step, User $by): void
    {
        $earlier = CalledEntry::query()->find($id);
        if ($earlier !== null) {
            $isSame = $earlier->called_card_id === $card->id && $earlier->kind === $kind && $earlier->step === $step && $earlier->user_id === $by->id;
            $isSame || throw Conflict::entryIdTaken($id);

            return;
        }
        if ($card->isOver()) {
            throw Conflict::noLongerCalled();
        }
        CalledEntry::query()->insertOrIgnore(['id' => $id, 'called_card_id' => $card->id, 'kind' => $kind->value, 'step' => $step, 'user_id' => $by->id, 'at' => CarbonImmutable::now()]);
        $card->load('entries.user');
    }
}
