<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('rooms', static function (Blueprint $table): void {
            $table->string('name')->primary();
            $table->json('rows');
        });
        Schema::create('presences', static function (Blueprint $table): void {
            $table->foreignUuid('assessment_id')->constrained();
            $table->string('device');
            $table->foreignUuid('user_id')->constrained();
            $table->foreignUuid('attempt_id')->nullable()->constrained();
            $table->timestampTz('seen_at', 3);
            $table->primary(['assessment_id', 'device']);
        });
        Schema::table('assessments', static function (Blueprint $table): void {
            $table->json('waves')->nullable();
        });
        // What the clock of the device was put right by: the time it showed is the time of the capture less this.
        Schema::table('captures', static function (Blueprint $table): void {
            $table->bigInteger('offset_ms')->default(0);
        });
    }

    public function down(): void
    {
        Schema::table('captures', static fn(Blueprint $table) => $table->dropColumn('offset_ms'));
        Schema::table('assessments', static fn(Blueprint $table) => $table->dropColumn('waves'));
        Schema::drop('presences');
        Schema::drop('rooms');
    }
};
