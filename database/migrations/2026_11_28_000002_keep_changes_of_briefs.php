<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What became of a practical after it was set: facts with their reason; nothing here is changed or deleted. */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('brief_changes', static function (Blueprint $table): void {
            $table->id('seq');
            $table->foreignUuid('brief_id')->constrained();
            $table->foreignUuid('user_id')->constrained();
            $table->timestampTz('at', 3);
            $table->text('reason');
            $table->date('day')->nullable();
            $table->string('start', 5)->nullable();
            $table->date('was_day')->nullable();
            $table->string('was_start', 5)->nullable();
            $table->index('brief_id');
        });
        Schema::table('assessments', static function (Blueprint $table): void {
            $table->text('cancelled')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('assessments', static function (Blueprint $table): void {
            $table->dropColumn('cancelled');
        });
        Schema::drop('brief_changes');
    }
};
