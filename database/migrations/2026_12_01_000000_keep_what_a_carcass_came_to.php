<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** What each carcass came to by product, and how long it took, kept with its result: a term is costed without reading a fact. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('results', static function (Blueprint $table): void {
            $table->json('products_mg')->default('{}');
            $table->integer('worked_s')->default(0);
        });
        // Made anew from the facts (results:rebuild --unmade).
        DB::table('results')->update(['result_sha256' => '']);
    }

    public function down(): void
    {
        Schema::table('results', static fn(Blueprint $table) => $table->dropColumn(['products_mg', 'worked_s']));
    }
};
