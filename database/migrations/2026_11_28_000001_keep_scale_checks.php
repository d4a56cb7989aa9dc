<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Check weights that were put on the scale; nothing here is changed or deleted. */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('scale_checks', static function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->foreignUuid('assessment_id')->constrained();
            $table->foreignUuid('user_id')->constrained();
            $table->timestampTz('at', 3);
            $table->bigInteger('nominal_mg');
            $table->bigInteger('reading_mg');
            $table->index(['assessment_id', 'at']);
        });
    }

    public function down(): void
    {
        Schema::drop('scale_checks');
    }
};
