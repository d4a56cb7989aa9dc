<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What a search looks up: title and species of a standard as columns, and the attempts of a student. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('published_standards', static function (Blueprint $table): void {
            $table->text('title')->storedAs("translate(coalesce(document->>'title', key), '{}', '')");
            $table->text('species')->storedAs("coalesce(document->>'species', '')");
        });
        Schema::table('attempts', static fn(Blueprint $table) => $table->index('student_id'));
    }

    public function down(): void
    {
        Schema::table('attempts', static fn(Blueprint $table) => $table->dropIndex(['student_id']));
        Schema::table('published_standards', static fn(Blueprint $table) => $table->dropColumn(['title', 'species']));
    }
};
