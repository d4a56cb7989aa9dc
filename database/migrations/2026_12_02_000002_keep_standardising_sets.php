<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Sets of trays without names that assessors judge alone and then compare; what was judged are entries that the database refuses to change. */
return new class extends Migration {
    private const TABLES = ['standardising_sets', 'standardising_entries'];

    public function up(): void
    {
        Schema::create('standardising_sets', static function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->string('title');
            $table->jsonb('attempts');
            $table->json('document');
            $table->foreignUuid('made_by')->constrained('users')->restrictOnDelete();
            $table->timestampTz('made_at', 3);
        });
        Schema::create('standardising_entries', static function (Blueprint $table): void {
            $table->bigIncrements('seq');
            $table->uuid('id')->unique();
            $table->foreignUuid('standardising_set_id')->constrained()->restrictOnDelete();
            $table->string('kind');
            $table->jsonb('payload');
            $table->foreignUuid('by')->constrained('users')->restrictOnDelete();
            $table->timestampTz('at', 3);
            $table->index(['standardising_set_id', 'seq']);
        });
        foreach (self::TABLES as $table) {
            DB::unprepared("CREATE TRIGGER append_only BEFORE UPDATE OR DELETE OR TRUNCATE ON $table FOR EACH STATEMENT EXECUTE FUNCTION refuse_change()");
        }
    }

    public function down(): void
    {
        Schema::drop('standardising_entries');
        Schema::drop('standardising_sets');
    }
};
