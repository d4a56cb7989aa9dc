<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Method cards that an instructor calls to a class, step by step; what was called and answered are entries that the database refuses to change. */
return new class extends Migration {
    private const TABLES = ['called_cards', 'called_entries'];

    public function up(): void
    {
        Schema::create('called_cards', static function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->foreignUuid('published_standard_id')->constrained()->restrictOnDelete();
            $table->foreignUuid('user_id')->constrained()->restrictOnDelete();
            $table->timestampTz('at', 3)->index();
        });
        Schema::create('called_entries', static function (Blueprint $table): void {
            $table->bigIncrements('seq');
            $table->uuid('id')->unique();
            $table->foreignUuid('called_card_id')->constrained()->restrictOnDelete();
            $table->string('kind');
            $table->integer('step')->nullable();
            $table->foreignUuid('user_id')->constrained()->restrictOnDelete();
            $table->timestampTz('at', 3);
            $table->index(['called_card_id', 'seq']);
        });
        foreach (self::TABLES as $table) {
            DB::unprepared("CREATE TRIGGER append_only BEFORE UPDATE OR DELETE OR TRUNCATE ON $table FOR EACH STATEMENT EXECUTE FUNCTION refuse_change()");
        }
    }

    public function down(): void
    {
        Schema::drop('called_entries');
        Schema::drop('called_cards');
    }
};
