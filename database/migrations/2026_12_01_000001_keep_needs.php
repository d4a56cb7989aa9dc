<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** What coming practicals and menus need: rows that follow from the facts. */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('needs', static function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->string('species');
            $table->string('product');
            $table->string('title');
            $table->integer('pieces')->nullable();
            $table->bigInteger('mass_mg')->nullable();
            $table->date('needed_on')->index();
            $table->string('destination');
            $table->string('text', 2000);
        });
        DB::unprepared("CREATE INDEX lot_facts_need ON lot_facts ((payload->>'need')) WHERE kind = 'move'");
        DB::unprepared("CREATE INDEX lot_facts_target ON lot_facts ((payload->>'target')) WHERE kind = 'void'");
    }

    public function down(): void
    {
        DB::unprepared('DROP INDEX lot_facts_need, lot_facts_target');
        Schema::drop('needs');
    }
};
