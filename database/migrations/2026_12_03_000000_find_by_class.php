<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What lists and the cursor look up by: without these the whole table was read each time. */
return new class extends Migration {
    private const LOOKED_UP = ['attempts' => ['assessment_id'], 'presences' => ['attempt_id'], 'assessments' => ['student_group_id', 'brief_id'], 'held_documents' => ['published_standard_id']];

    public function up(): void
    {
        foreach (self::LOOKED_UP as $table => $columns) {
            Schema::table($table, static function (Blueprint $it) use ($columns): void {
                array_map($it->index(...), $columns);
            });
        }
    }

    public function down(): void
    {
        foreach (self::LOOKED_UP as $table => $columns) {
            Schema::table($table, static function (Blueprint $it) use ($columns): void {
                array_map(static fn(string $column) => $it->dropIndex([$column]), $columns);
            });
        }
    }
};
