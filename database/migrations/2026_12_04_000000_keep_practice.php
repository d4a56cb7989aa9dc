<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** What people practise by themselves, apart from everything that is marked: answers, cards followed, and what was taken down of practice trays. The database refuses to change it. */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('practice_facts', static function (Blueprint $table): void {
            $table->bigIncrements('seq');
            $table->uuid('id')->unique();
            $table->foreignUuid('user_id')->constrained()->restrictOnDelete();
            $table->foreignUuid('published_standard_id')->constrained()->restrictOnDelete();
            $table->string('standard_key');
            $table->uuid('tray')->nullable()->index();
            $table->string('kind');
            $table->jsonb('payload');
            $table->timestampTz('at', 3);
            $table->timestampTz('said_at', 3);
            $table->string('device');
            $table->bigInteger('offset_ms');
            $table->timestampTz('received_at', 3);
            $table->index(['user_id', 'standard_key', 'at']);
        });
        DB::unprepared('CREATE TRIGGER append_only BEFORE UPDATE OR DELETE OR TRUNCATE ON practice_facts FOR EACH STATEMENT EXECUTE FUNCTION refuse_change()');
    }

    public function down(): void
    {
        Schema::drop('practice_facts');
    }
};
