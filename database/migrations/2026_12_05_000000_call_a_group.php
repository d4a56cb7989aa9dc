<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Which group a card is called to (none: to everybody), and what is said with homework. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('called_cards', static fn(Blueprint $table) => $table->foreignUuid('student_group_id')->nullable()->constrained()->restrictOnDelete());
        Schema::table('homework', static fn(Blueprint $table) => $table->string('note', 500)->default(''));
    }

    public function down(): void
    {
        Schema::table('called_cards', static fn(Blueprint $table) => $table->dropConstrainedForeignId('student_group_id'));
        Schema::table('homework', static fn(Blueprint $table) => $table->dropColumn('note'));
    }
};
