<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Assessment;
use App\Models\Attempt;
use App\Models\Release;
use App\Models\User;
use Carbon\CarbonImmutable;
use DeftBlade\Core\Grading\Status;
use DeftBlade\Core\Package\PackageFormat;
use DeftBlade\Core\Package\ResultDocument;
use Illuminate\Support\Facades\DB;

/** Releases every final result of a class that is not released yet: a sealed copy with the digest of its package. */
final readonly class ReleaseResults
{
    public function __construct(private GradeClass $grading, private PackAssessment $packing) {}

    /** @return int how many were released: none where it was done before */
    public function release(Assessment $assessment, User $by): int
    {
        return DB::transaction(function () use ($assessment, $by): int {
            Assessment::query()->whereKey($assessment->id)->lockForUpdate()->firstOrFail();
            $assessment->load('attempts.captures', 'attempts.release');
            $class = $this->grading->grade($assessment, $assessment->attempts);
            $ready = $assessment->attempts->filter(
                static fn(Attempt $it): bool => $it->release === null && $class->of($it->id)->status === Status::Final,
            );
            foreach ($ready as $attempt) {
                $package = $this->packing->encode($this->packing->pack($assessment, [$attempt]));
                Release::query()->create([
                    'attempt_id' => $attempt->id,
                    'package' => $package,
                    'package_sha256' => hash('sha256', $package),
                    'result' => (object) ResultDocument::attempt($class->of($attempt->id), PackageFormat::Two),
                    'released_by' => $by->id,
                    'released_at' => CarbonImmutable::now(),
                ]);
            }

            return $ready->count();
        });
    }
}
