<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Which practice tray of whoever teaches is the reference of a standard; the latest holds, and one without a tray takes it back. The database refuses to change one. */
return new class extends Migration {
    public function up(): void
    {
        Schema::create('reference_trays', static function (Blueprint $table): void {
            $table->bigIncrements('seq');
            $table->string('standard_key');
            $table->uuid('tray')->nullable();
            $table->foreignUuid('user_id')->constrained()->restrictOnDelete();
            $table->timestampTz('at', 3);
            $table->index(['standard_key', 'seq']);
        });
        DB::unprepared('CREATE TRIGGER append_only BEFORE UPDATE OR DELETE OR TRUNCATE ON reference_trays FOR EACH STATEMENT EXECUTE FUNCTION refuse_change()');
    }

    public function down(): void
    {
        Schema::drop('reference_trays');
    }
};
