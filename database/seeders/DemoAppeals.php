<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Actions\AnswerAppeal;
use App\Actions\MakeAppeal;
use App\Models\Appeal;
use App\Models\AppealOutcome;
use App\Models\Assessment;
use App\Models\Attempt;
use App\Models\User;
use DeftBlade\Core\Json\Node;
use Illuminate\Database\Seeder;
use Illuminate\Support\Str;

/** Two appeals: one that nobody looks at yet, one that is decided. */
final class DemoAppeals extends Seeder
{
    public function run(MakeAppeal $making, AnswerAppeal $answering, Assessment $trout, Assessment $skewers): void
    {
        $ilse = User::query()->where('email', 'ilse@tollgate-quay.example')->firstOrFail();
        $this->make($making, $trout, 'Tomasz Wilkowski', 'I dried the board after each fillet; the towel lay on the other side of the board.');
        $decided = $this->make($making, $skewers, 'Kenji Moriwaki', 'The pieces were weighed after they had dripped for ten minutes.')->load('entries', 'attempt');
        $answering->assign($decided, (string) Str::uuid7(), $ilse, $ilse);
        $answering->decide($decided, (string) Str::uuid7(), 0, AppealOutcome::Not, 'The log shows the weights two minutes after the clock was stopped; the drip is within what the window allows.', $ilse);
    }

    private function make(MakeAppeal $making, Assessment $practical, string $student, string $why): Appeal
    {
        $attempt = Attempt::query()->with('student', 'release.seal')->where('assessment_id', $practical->id)->whereRelation('student', 'name', $student)->firstOrFail();

        return $making->make($attempt, (string) Str::uuid7(), 1, Node::of([(object) ['reason' => 0, 'why' => $why]], 'lines'), User::query()->where('name', $student)->firstOrFail());
    }
}
