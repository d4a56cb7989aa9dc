<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What a group is to practise by a day; taken back, it is gone. */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('homework', static function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->foreignUuid('student_group_id')->constrained()->restrictOnDelete();
            $table->foreignUuid('published_standard_id')->constrained()->restrictOnDelete();
            $table->string('kind');
            $table->date('until');
            $table->foreignUuid('user_id')->constrained()->restrictOnDelete();
            $table->timestampTz('at', 3);
            $table->index(['student_group_id', 'until']);
        });
    }

    public function down(): void
    {
        Schema::drop('homework');
    }
};
