<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Where the mass of each carcass went, kept with its result: a week of classes is added up without reading a fact. */
return new class extends Migration {
    private const COLUMNS = ['delivered_mg', 'cuts_mg', 'by_products_mg', 'waste_mg', 'open_mg'];

    public function up(): void
    {
        Schema::table('results', static function (Blueprint $table): void {
            foreach (self::COLUMNS as $column) {
                $table->bigInteger($column)->default(0);
            }
        });
        // Made anew from the facts (results:rebuild --unmade).
        DB::table('results')->update(['result_sha256' => '']);
    }

    public function down(): void
    {
        Schema::table('results', static fn(Blueprint $table) => $table->dropColumn(self::COLUMNS));
    }
};
