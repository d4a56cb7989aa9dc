<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Links by which a calendar reads somebody's practicals, or those of a room; and when a practical ends. */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('calendar_links', static function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->foreignUuid('user_id')->constrained();
            $table->string('room')->nullable();
            $table->char('sha256', 64)->unique();
            $table->timestampTz('made_at', 3);
            $table->index('user_id');
        });
        Schema::table('assessments', static function (Blueprint $table): void {
            $table->timestampTz('ends_at', 3)->nullable();
            $table->index(['room', 'held_on']);
        });
    }

    public function down(): void
    {
        Schema::table('assessments', static function (Blueprint $table): void {
            $table->dropIndex(['room', 'held_on']);
            $table->dropColumn('ends_at');
        });
        Schema::drop('calendar_links');
    }
};
