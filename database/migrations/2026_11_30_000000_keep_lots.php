<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** What classes made and where it went: facts, which are only ever added to, and the rows that follow from them. */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('lot_facts', static function (Blueprint $table): void {
            $table->bigIncrements('seq');
            $table->uuid('id')->unique();
            // The put-away fact that the lot it is about comes from, or the pot.
            $table->uuid('family_id');
            $table->string('kind');
            $table->timestampTz('at', 3);
            $table->timestampTz('said_at', 3);
            $table->json('payload');
            $table->foreignUuid('user_id')->constrained();
            $table->string('device');
            $table->integer('offset_ms');
            $table->timestampTz('received_at', 3);
            $table->index(['family_id', 'seq']);
            $table->index(['kind', 'at']);
            $table->index(['device', 'seq']);
        });
        DB::unprepared('CREATE TRIGGER append_only BEFORE UPDATE OR DELETE OR TRUNCATE ON lot_facts FOR EACH STATEMENT EXECUTE FUNCTION refuse_change()');
        Schema::create('lots', static function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->uuid('family_id')->index();
            $table->uuid('parent_id')->nullable();
            $table->foreignUuid('assessment_id')->nullable()->constrained();
            $table->string('use')->nullable();
            $table->string('product');
            $table->string('kind')->nullable();
            $table->string('stage')->nullable();
            $table->string('title');
            $table->boolean('is_off');
            $table->string('species');
            $table->string('class')->nullable();
            $table->string('container')->nullable();
            $table->date('made_on')->index();
            $table->date('use_by')->nullable();
            $table->date('frozen_since')->nullable();
            $table->bigInteger('mass_mg');
            $table->bigInteger('on_hand_mg');
            $table->bigInteger('divided_mg');
            $table->bigInteger('pan_off_mg')->nullable();
            $table->json('moved');
            $table->json('counted');
            $table->json('raw')->nullable();
            $table->json('cooling')->nullable();
            $table->index('assessment_id');
        });
        DB::unprepared('ALTER TABLE lots ADD CONSTRAINT never_below_zero CHECK (on_hand_mg >= 0)');
        DB::unprepared('CREATE INDEX lots_on_hand ON lots (use_by, id) WHERE on_hand_mg > 0');
        Schema::create('pots', static function (Blueprint $table): void {
            $table->uuid('id')->primary();
            $table->string('use');
            $table->string('species');
            $table->string('class')->nullable();
            $table->timestampTz('started_at', 3)->index();
            $table->json('steps');
            $table->bigInteger('made_mg');
            $table->bigInteger('made_ml')->nullable();
        });
        Schema::create('pot_moves', static function (Blueprint $table): void {
            $table->uuid('move_id')->primary();
            $table->foreignUuid('pot_id')->constrained()->cascadeOnDelete();
            $table->bigInteger('mass_mg');
            $table->index('pot_id');
        });
        Schema::create('lot_weights', static function (Blueprint $table): void {
            // Of captures that were just read: three hundred looks at the attempts again would cost a class a fifth of its time.
            $table->uuid('attempt_id');
            $table->string('slot');
            $table->foreignUuid('lot_id')->constrained()->cascadeOnDelete();
            $table->uuid('capture_id');
            $table->bigInteger('mass_mg');
            $table->primary(['attempt_id', 'slot']);
            $table->index('lot_id');
        });
    }

    public function down(): void
    {
        foreach (['lot_weights', 'pot_moves', 'pots', 'lots', 'lot_facts'] as $table) {
            Schema::drop($table);
        }
    }
};
