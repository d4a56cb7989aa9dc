<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    /** Rows of these are facts: once there, they stay as they are. */
    private const APPEND_ONLY = ['published_standards', 'published_policies', 'captures', 'releases'];

    public function up(): void
    {
        foreach (['published_standards', 'published_policies'] as $name) {
            Schema::create($name, static function (Blueprint $table): void {
                $table->uuid('id')->primary();
                $table->string('key');
                $table->integer('version');
                $table->json('document');
                $table->unique(['key', 'version']);
            });
        }
        Schema::create('assessments', static function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->string('title');
            $table->string('room');
            $table->date('held_on')->index();
            $table->foreignUuid('student_group_id')->constrained();
            $table->foreignUuid('published_standard_id')->constrained();
            $table->foreignUuid('published_policy_id')->constrained('published_policies');
        });
        Schema::create('attempts', static function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->foreignUuid('assessment_id')->constrained();
            $table->foreignUuid('student_id')->constrained();
            $table->smallInteger('station');
            $table->boolean('resit')->default(false);
            $table->double('time_factor')->default(1);
            $table->unique(['assessment_id', 'station']);
        });
        Schema::create('captures', static function (Blueprint $table): void {
            $table->bigIncrements('seq');
            $table->uuid('id')->unique();
            $table->foreignUuid('attempt_id')->constrained();
            $table->string('kind');
            $table->timestampTz('at', 3);
            $table->json('payload');
            $table->foreignUuid('user_id')->constrained();
            $table->string('device');
            $table->timestampTz('received_at', 3);
            $table->index(['attempt_id', 'seq']);
        });
        Schema::create('releases', static function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->foreignUuid('attempt_id')->unique()->constrained();
            $table->text('package');
            $table->char('package_sha256', 64);
            $table->json('result');
            $table->foreignUuid('released_by')->constrained('users');
            $table->timestampTz('released_at', 3);
        });

        DB::unprepared(<<<'SQL'
            CREATE OR REPLACE FUNCTION refuse_change() RETURNS trigger LANGUAGE plpgsql AS $$
            BEGIN
                RAISE EXCEPTION '% is append-only: % refused', TG_TABLE_NAME, TG_OP USING ERRCODE = 'restrict_violation';
            END $$;
            SQL);
        foreach (self::APPEND_ONLY as $table) {
            DB::unprepared("CREATE TRIGGER append_only BEFORE UPDATE OR DELETE OR TRUNCATE ON $table FOR EACH STATEMENT EXECUTE FUNCTION refuse_change()");
        }
    }

    public function down(): void
    {
        foreach (['releases', 'captures', 'attempts', 'assessments', 'published_policies', 'published_standards'] as $table) {
            Schema::drop($table);
        }
        DB::unprepared('DROP FUNCTION refuse_change()');
    }
};
