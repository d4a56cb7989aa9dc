<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Illuminate\Support\Str;

/** Groups have terms; students have numbers, leave and come back; more time and the like hold from a day to a day, with their reason. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('student_groups', static function (Blueprint $table): void {
            $table->string('term')->default('');
            $table->date('starts_on')->nullable();
            $table->date('ends_on')->nullable();
            $table->unique(['course', 'name', 'term']);
        });
        Schema::table('students', static function (Blueprint $table): void {
            $table->string('number')->nullable()->unique();
            $table->string('email')->nullable();
            $table->string('family_name')->default('');
            $table->json('barred')->default('[]');
            $table->timestampTz('left_at', 3)->nullable();
            $table->index('student_group_id');
        });
        Schema::create('accommodations', static function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->foreignUuid('student_id')->constrained();
            $table->string('kind');
            $table->double('time_factor')->nullable();
            $table->date('from_day');
            $table->date('until_day')->nullable();
            $table->string('reason', 2000);
            $table->foreignUuid('made_by')->nullable()->constrained('users');
            $table->timestampTz('made_at', 3);
            $table->index('student_id');
        });
        foreach (DB::table('students')->where('time_factor', '<>', 1)->get(['id', 'time_factor']) as $student) {
            DB::table('accommodations')->insert([
                'id' => (string) Str::uuid7(), 'student_id' => $student->id, 'kind' => 'more_time', 'time_factor' => $student->time_factor, 'from_day' => '2026-01-01',
                'reason' => 'As it was set up before this was taken down', 'made_at' => now(),
            ]);
        }
        Schema::table('students', static fn(Blueprint $table) => $table->dropColumn('time_factor'));
    }

    public function down(): void
    {
        Schema::table('students', static fn(Blueprint $table) => $table->double('time_factor')->default(1));
        DB::statement("UPDATE students SET time_factor = COALESCE((SELECT max(time_factor) FROM accommodations WHERE student_id = students.id AND kind = 'more_time'), 1)");
        Schema::drop('accommodations');
        Schema::table('students', static fn(Blueprint $table) => $table->dropColumn(['number', 'email', 'family_name', 'barred', 'left_at']));
        Schema::table('student_groups', static fn(Blueprint $table) => $table->dropColumn(['term', 'starts_on', 'ends_on']));
    }
};
