<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Practicals while they are planned, and what a practical keeps of its plan. */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('briefs', static function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->integer('version');
            $table->json('document');
            $table->foreignUuid('saved_by')->constrained('users');
            $table->timestampTz('saved_at', 3);
            $table->timestampTz('set_at', 3)->nullable();
            $table->index('saved_at');
        });
        Schema::table('assessments', static function (Blueprint $table): void {
            $table->foreignUuid('brief_id')->nullable()->constrained();
            $table->timestampTz('starts_at', 3)->nullable();
            $table->boolean('is_rehearsal')->default(false);
        });
    }

    public function down(): void
    {
        Schema::table('assessments', static function (Blueprint $table): void {
            $table->dropConstrainedForeignId('brief_id');
            $table->dropColumn(['starts_at', 'is_rehearsal']);
        });
        Schema::drop('briefs');
    }
};
