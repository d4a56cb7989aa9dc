<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** What was scraped off each frame, kept with its result; and what happened at the school on a day, to be seen beside the classes of a year. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('results', static fn(Blueprint $table) => $table->bigInteger('scrape_mg')->nullable());
        // Made anew from the facts (results:rebuild --unmade).
        DB::table('results')->update(['result_sha256' => '']);
        Schema::create('day_notes', static function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->date('on')->index();
            $table->string('text', 120);
            $table->foreignUuid('user_id')->constrained()->restrictOnDelete();
            $table->timestampTz('at', 3);
        });
    }

    public function down(): void
    {
        Schema::drop('day_notes');
        Schema::table('results', static fn(Blueprint $table) => $table->dropColumn('scrape_mg'));
    }
};
