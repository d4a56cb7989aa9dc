<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Appeals of students, and what became of them: entries that the database refuses to change. */
return new class extends Migration {
    private const TABLES = ['appeals', 'appeal_entries'];

    public function up(): void
    {
        Schema::create('appeals', static function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->foreignUuid('attempt_id')->constrained()->restrictOnDelete();
            $table->integer('version');
            $table->jsonb('lines');
            $table->foreignUuid('made_by')->constrained('users')->restrictOnDelete();
            $table->timestampTz('made_at', 3);
            $table->date('answer_by');
            $table->unique(['attempt_id', 'version']);
        });
        Schema::create('appeal_entries', static function (Blueprint $table): void {
            $table->bigIncrements('seq');
            $table->uuid('id')->unique();
            $table->foreignUuid('appeal_id')->constrained()->restrictOnDelete();
            $table->string('kind');
            $table->jsonb('payload');
            $table->foreignUuid('by')->constrained('users')->restrictOnDelete();
            $table->timestampTz('at', 3);
            $table->index(['appeal_id', 'seq']);
        });
        foreach (self::TABLES as $table) {
            DB::unprepared("CREATE TRIGGER append_only BEFORE UPDATE OR DELETE OR TRUNCATE ON $table FOR EACH STATEMENT EXECUTE FUNCTION refuse_change()");
        }
    }

    public function down(): void
    {
        Schema::drop('appeal_entries');
        Schema::drop('appeals');
    }
};
