<?php

declare(strict_types=1);

use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Package\ResultDocument;
use DeftBlade\Core\Standard\Standard;
use DeftBlade\Core\Standard\TrayLayout;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Illuminate\Support\Str;

/**
 * Terms of an attempt become facts, what a practical is held against gets an author, releases get versions and seals of their own table, and the results
 * projection comes: bin/artisan results:rebuild fills it from what is there.
 */
return new class extends Migration {
    private const BEFORE = 'As it was set up before this was taken down';

    public function up(): void
    {
        $this->keepAuthorsOfPublications();
        $this->keepWhatDevicesSaid();
        $this->holdDocuments();
        $this->createResults();
        $this->makeTermsFacts();
        $this->giveReleasesVersions();
        $this->keepDrafts();
        Schema::table('rooms', static fn(Blueprint $table) => $table->integer('version')->default(0));
    }

    public function down(): void
    {
        throw new LogicException('Facts and seals made since cannot be put back into columns; restore the backup made before the upgrade.');
    }

    private function keepAuthorsOfPublications(): void
    {
        foreach (['published_standards', 'published_policies'] as $name) {
            Schema::table($name, static function (Blueprint $table): void {
                $table->foreignUuid('published_by')->nullable()->constrained('users');
                $table->timestampTz('published_at', 3)->nullable();
            });
        }
    }

    private function keepWhatDevicesSaid(): void
    {
        Schema::table('captures', static fn(Blueprint $table) => $table->timestampTz('said_at', 3)->nullable());
        $this->whileOpen('captures', static fn() => DB::statement('UPDATE captures SET said_at = at'));
        DB::statement('ALTER TABLE captures ALTER COLUMN said_at SET NOT NULL');
        DB::statement('CREATE INDEX captures_device ON captures (attempt_id, device, seq)');
    }

    private function holdDocuments(): void
    {
        Schema::create('held_documents', static function (Blueprint $table): void {
            $table->bigIncrements('seq');
            $table->uuid('id')->unique();
            $table->foreignUuid('assessment_id')->constrained();
            $table->foreignUuid('published_standard_id')->constrained();
            $table->foreignUuid('published_policy_id')->constrained('published_policies');
            $table->json('document');
            $table->char('sha256', 64);
            $table->string('reason', 2000);
            $table->foreignUuid('set_by')->nullable()->constrained('users');
            $table->timestampTz('set_at', 3);
            $table->index(['assessment_id', 'seq']);
        });
        foreach (DB::table('assessments')->get() as $row) {
            $document = self::decoded($row->document)->document();
            DB::table('held_documents')->insert([
                'id' => (string) Str::uuid7(), 'assessment_id' => $row->id, 'published_standard_id' => $row->published_standard_id, 'published_policy_id' => $row->published_policy_id,
                'document' => $row->document, 'sha256' => hash('sha256', json_encode($document, ResultDocument::JSON_FLAGS)), 'reason' => self::BEFORE, 'set_by' => null, 'set_at' => now(),
            ]);
        }
        Schema::table('assessments', static function (Blueprint $table): void {
            $table->dropColumn(['document', 'published_standard_id', 'published_policy_id']);
            $table->integer('arranged')->default(0);
        });
        $this->appendOnly('held_documents');
    }

    private function createResults(): void
    {
        Schema::create('results', static function (Blueprint $table): void {
            $table->foreignUuid('attempt_id')->primary()->constrained();
            $table->foreignUuid('assessment_id')->constrained();
            $table->smallInteger('station');
            $table->bigInteger('last_seq');
            $table->char('standard_sha256', 64);
            $table->char('policy_sha256', 64);
            $table->char('result_sha256', 64);
            $table->string('status');
            $table->string('stage');
            $table->double('total')->nullable();
            $table->string('band')->nullable();
            $table->json('scores');
            $table->double('portion_yield')->nullable();
            $table->double('utilisation')->nullable();
            $table->double('waste')->nullable();
            $table->double('loss')->nullable();
            $table->string('balance');
            $table->bigInteger('unaccounted_mg')->nullable();
            $table->bigInteger('tolerance_mg')->nullable();
            $table->json('masses');
            $table->json('verdicts');
            $table->json('flags');
            $table->index('assessment_id');
        });
        DB::statement('ALTER TABLE results ADD CONSTRAINT results_station UNIQUE (assessment_id, station) DEFERRABLE INITIALLY DEFERRED');
    }

    private function makeTermsFacts(): void
    {
        $author = DB::table('users')->whereIn('role', ['coordinator', 'instructor'])->orderBy('role')->value('id');
        foreach (DB::table('attempts')->get() as $attempt) {
            $held = DB::table('held_documents')->join('published_standards', 'published_standards.id', '=', 'published_standard_id')
                ->where('assessment_id', $attempt->assessment_id)->first(['key', 'version', 'sha256']);
            $facts = [
                'station' => ['station' => $attempt->station],
                'standard' => ['standard' => $held?->key, 'version' => $held?->version, 'sha256' => $held?->sha256],
                'allowance' => is_numeric($attempt->time_factor) && (float) $attempt->time_factor !== 1.0 ? ['time_factor' => (float) $attempt->time_factor] : null,
                'resit' => $attempt->resit ? ['resit' => true] : null,
            ];
            foreach (array_filter($facts) as $kind => $says) {
                DB::table('captures')->insert([
                    'id' => (string) Str::uuid7(), 'attempt_id' => $attempt->id, 'kind' => $kind, 'at' => '2026-01-01 00:00:00+00', 'said_at' => '2026-01-01 00:00:00+00',
                    'payload' => json_encode($says + ['reason' => self::BEFORE], JSON_THROW_ON_ERROR), 'user_id' => $author, 'device' => 'upgrade', 'received_at' => now(),
                ]);
            }
            DB::table('results')->insert([
                'attempt_id' => $attempt->id, 'assessment_id' => $attempt->assessment_id, 'station' => $attempt->station, 'last_seq' => 0, 'standard_sha256' => '', 'policy_sha256' => '',
                'result_sha256' => '', 'status' => 'provisional', 'stage' => 'waiting', 'scores' => '{}', 'balance' => 'open', 'masses' => '{}', 'verdicts' => '{}', 'flags' => '[]',
            ]);
        }
        Schema::table('attempts', static fn(Blueprint $table) => $table->dropColumn(['station', 'resit', 'time_factor']));
    }

    private function giveReleasesVersions(): void
    {
        Schema::rename('releases', 'releases_before');
        DB::statement('ALTER TABLE releases_before RENAME CONSTRAINT releases_pkey TO releases_before_pkey');
        Schema::create('releases', static function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->foreignUuid('attempt_id')->constrained(indexName: 'releases_of_attempt');
            $table->integer('version');
            $table->string('reason', 2000);
            $table->bigInteger('last_seq');
            $table->double('total')->nullable();
            $table->string('band')->nullable();
            $table->char('result_sha256', 64);
            $table->char('seal_sha256', 64);
            $table->foreignUuid('released_by')->constrained('users', indexName: 'releases_by');
            $table->timestampTz('released_at', 3);
            $table->unique(['attempt_id', 'version']);
        });
        Schema::create('release_seals', static function (Blueprint $table): void {
            $table->foreignUuid('release_id')->primary()->constrained();
            $table->text('document');
        });
        foreach (DB::table('releases_before')->get() as $row) {
            $this->sealAgain($row);
        }
        Schema::drop('releases_before');
        $this->appendOnly('releases');
        $this->appendOnly('release_seals');
    }

    /** What was sealed without all that was shown is put together from what is there now. */
    private function sealAgain(stdClass $row): void
    {
        $attempt = DB::table('attempts')->join('assessments', 'assessments.id', '=', 'assessment_id')->join('students', 'students.id', '=', 'student_id')->join('results', 'results.attempt_id', '=', 'attempts.id')
            ->where('attempts.id', $row->attempt_id)->first(['students.name', 'assessments.title', 'assessments.held_on', 'results.station']);
        [$package, $result] = [self::decoded($row->package), self::decoded($row->result)];
        $standard = $package->at('standard')->document();
        $at = is_string($row->released_at) ? new DateTimeImmutable($row->released_at) : new DateTimeImmutable();
        $document = json_encode([
            'format' => 'deft-blade.seal/1', 'attempt' => $row->attempt_id, 'version' => 1, 'reason' => 'First issue',
            'released_at' => $at->setTimezone(new DateTimeZone('UTC'))->format('Y-m-d\TH:i:s.v\Z'), 'released_by' => DB::table('users')->where('id', $row->released_by)->value('name'),
            'student' => $attempt?->name, 'station' => $attempt?->station, 'practical' => $attempt?->title, 'held_on' => $attempt?->held_on, 'units' => 'metric', 'time_zone' => 'UTC',
            'standard' => $standard, 'policy' => $package->at('policy')->document(), 'layout' => TrayLayout::of($standard, Standard::read(Node::of($standard, 'standard')))->document(),
            'result' => $result->document(), 'package' => $package->document(),
        ], ResultDocument::JSON_FLAGS);
        DB::table('releases')->insert([
            'id' => $row->id, 'attempt_id' => $row->attempt_id, 'version' => 1, 'reason' => 'First issue', 'last_seq' => 0,
            'total' => $result->at('total')->isNull() ? null : $result->at('total')->number(0, 100), 'band' => $result->at('band')->isNull() ? null : $result->at('band')->text(),
            'result_sha256' => '', 'seal_sha256' => hash('sha256', $document), 'released_by' => $row->released_by, 'released_at' => $row->released_at,
        ]);
        DB::table('release_seals')->insert(['release_id' => $row->id, 'document' => $document]);
    }

    private static function decoded(mixed $json): Node
    {
        return is_string($json) ? Node::decode($json) : throw new UnexpectedValueException('a document is stored as text');
    }

    private function keepDrafts(): void
    {
        Schema::create('standard_drafts', static function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->foreignUuid('user_id')->constrained();
            $table->string('title');
            $table->json('document');
            $table->integer('version')->default(1);
            $table->timestampTz('saved_at', 3);
            $table->index('user_id');
        });
    }

    private function appendOnly(string $table): void
    {
        DB::unprepared("CREATE TRIGGER append_only BEFORE UPDATE OR DELETE OR TRUNCATE ON $table FOR EACH STATEMENT EXECUTE FUNCTION refuse_change()");
    }

    private function whileOpen(string $table, callable $change): void
    {
        DB::statement("ALTER TABLE $table DISABLE TRIGGER append_only");
        $change();
        DB::statement("ALTER TABLE $table ENABLE TRIGGER append_only");
    }
};
