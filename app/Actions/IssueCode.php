<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\AccessCode;
use App\Models\AuditEntry;
use App\Models\User;
use App\Notifications\AccessCodeSent;
use App\People\CodeText;
use Carbon\CarbonImmutable;
use DeftBlade\Core\Message\Message;
use DeftBlade\Core\Message\MessageCode;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Notification;
use Symfony\Component\Mailer\Exception\TransportExceptionInterface;

/** Makes a one-time code with which a person sets a password; one that was open before opens nothing any more. */
final readonly class IssueCode
{
    /** @throws Conflict where the person has left */
    public function issue(User $person, User $by): IssuedCode
    {
        if ($person->left_at !== null) {
            throw Conflict::hasLeft($person->name);
        }
        $code = CodeText::drawn();
        $now = CarbonImmutable::now();
        $until = $now->addDays(config()->integer('people.code_days'));
        DB::transaction(static function () use ($person, $by, $code, $now, $until): void {
            AccessCode::query()->where('user_id', $person->id)->whereNull('used_at')->delete();
            AccessCode::query()->create(['user_id' => $person->id, 'sha256' => $code->digest(), 'made_by' => $by->id, 'made_at' => $now, 'expires_at' => $until]);
            AuditEntry::keep($by, Message::of(MessageCode::AuditCodeMade, ['person' => $person->name]));
        });

        return new IssuedCode($person, $code->grouped(), $until, self::mail($person, $code->grouped(), $until));
    }

    private static function mail(User $person, string $code, CarbonImmutable $until): bool
    {
        if (in_array(config('mail.default'), ['log', 'array', null], true)) {
            return false;
        }
        try {
            Notification::send($person, new AccessCodeSent($code, $until->toFormattedDateString()));
        } catch (TransportExceptionInterface $problem) {
            report($problem);

            return false;
        }

        return true;
    }
}
