<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** What was paid for carcasses, and what cuts and by-products are worth: facts, of which the latest holds. */
return new class extends Migration {
    private const TABLES = ['prices', 'deliveries'];

    public function up(): void
    {
        Schema::create('prices', static function (Blueprint $table): void {
            $table->bigIncrements('seq');
            $table->uuid('id')->unique();
            $table->string('species');
            $table->string('product');
            $table->bigInteger('minor')->nullable();
            $table->string('source');
            $table->date('found_on');
            $table->foreignUuid('user_id')->constrained();
            $table->timestampTz('at', 3);
            $table->index(['species', 'product', 'seq']);
        });
        Schema::create('deliveries', static function (Blueprint $table): void {
            $table->bigIncrements('seq');
            $table->uuid('id')->unique();
            $table->foreignUuid('assessment_id')->constrained();
            $table->string('supplier');
            $table->string('invoice');
            $table->integer('pieces');
            $table->bigInteger('mass_mg');
            $table->bigInteger('cost_minor');
            $table->foreignUuid('user_id')->constrained();
            $table->timestampTz('at', 3);
            $table->index(['assessment_id', 'seq']);
        });
        foreach (self::TABLES as $table) {
            DB::unprepared("CREATE TRIGGER append_only BEFORE UPDATE OR DELETE OR TRUNCATE ON $table FOR EACH STATEMENT EXECUTE FUNCTION refuse_change()");
        }
    }

    public function down(): void
    {
        foreach (self::TABLES as $table) {
            Schema::drop($table);
        }
    }
};
