<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** What standards are looked at by, kept with each result; and weights of carcasses that other schools gave. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('results', static function (Blueprint $table): void {
            $table->jsonb('bins')->default('{}');
            $table->jsonb('points')->default('{}');
            $table->jsonb('levels')->default('{}');
            $table->double('time_factor')->default(1);
            $table->string('weighed_at')->nullable();
            $table->string('tag')->nullable();
            $table->bigInteger('out_ms')->default(0);
        });
        // Made anew from the facts (results:rebuild --unmade).
        DB::table('results')->update(['result_sha256' => '']);
        Schema::create('pooled_carcasses', static function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->string('standard_key')->index();
            $table->string('title', 120);
            $table->jsonb('document');
            $table->integer('records');
            $table->foreignUuid('user_id')->constrained()->restrictOnDelete();
            $table->timestampTz('at', 3);
        });
    }

    public function down(): void
    {
        Schema::drop('pooled_carcasses');
        Schema::table('results', static fn(Blueprint $table) => $table->dropColumn(['bins', 'points', 'levels', 'time_factor', 'weighed_at', 'tag', 'out_ms']));
    }
};
