<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Which station presents where on which large pan. */
return new class extends Migration {
    public function up(): void
    {
        Schema::table('assessments', static function (Blueprint $table): void {
            $table->jsonb('pans')->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('assessments', static function (Blueprint $table): void {
            $table->dropColumn('pans');
        });
    }
};
