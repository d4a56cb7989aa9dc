<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** People are invited with a code, leave and come back; what is changed by whom is kept. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('users', static function (Blueprint $table): void {
            $table->string('password')->nullable()->change();
            $table->timestampTz('left_at', 3)->nullable();
        });
        Schema::create('access_codes', static function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->foreignUuid('user_id')->constrained();
            $table->char('sha256', 64)->unique();
            $table->foreignUuid('made_by')->constrained('users');
            $table->timestampTz('made_at', 3);
            $table->timestampTz('expires_at', 3);
            $table->timestampTz('used_at', 3)->nullable();
        });
        Schema::create('ended_sessions', static function (Blueprint $table): void {
            $table->string('id')->primary();
            $table->timestampTz('ended_at')->index();
        });
        Schema::create('audit_entries', static function (Blueprint $table): void {
            $table->bigIncrements('seq');
            $table->uuid('id')->unique();
            $table->foreignUuid('user_id')->constrained();
            $table->string('code');
            $table->json('figures');
            $table->timestampTz('at', 3);
        });
        DB::unprepared('CREATE TRIGGER append_only BEFORE UPDATE OR DELETE OR TRUNCATE ON audit_entries FOR EACH STATEMENT EXECUTE FUNCTION refuse_change()');
    }

    public function down(): void
    {
        Schema::drop('audit_entries');
        Schema::drop('ended_sessions');
        Schema::drop('access_codes');
        Schema::table('users', static fn(Blueprint $table) => $table->dropColumn('left_at'));
    }
};
