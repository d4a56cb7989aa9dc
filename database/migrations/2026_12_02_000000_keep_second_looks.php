<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Who looks at each tray a second time and how both saw it, kept with its result; and who is in training. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('results', static function (Blueprint $table): void {
            $table->jsonb('judged_by')->default('[]');
            $table->jsonb('second_open')->default('[]');
            $table->jsonb('second_finished')->default('[]');
            $table->jsonb('looks')->nullable();
        });
        DB::unprepared('CREATE INDEX results_second_open ON results USING gin (second_open)');
        DB::unprepared('CREATE INDEX results_looks ON results (assessment_id) WHERE looks IS NOT NULL');
        Schema::table('users', static fn(Blueprint $table) => $table->boolean('in_training')->default(false));
        // Made anew from the facts (results:rebuild --unmade).
        DB::table('results')->update(['result_sha256' => '']);
    }

    public function down(): void
    {
        Schema::table('users', static fn(Blueprint $table) => $table->dropColumn('in_training'));
        Schema::table('results', static fn(Blueprint $table) => $table->dropColumn(['judged_by', 'second_open', 'second_finished', 'looks']));
    }
};
