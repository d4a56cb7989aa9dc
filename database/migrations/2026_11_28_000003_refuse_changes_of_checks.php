<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** Checks of the scale and what became of a practical are only ever added to: the database refuses the rest. */
return new class extends Migration {
    private const TABLES = ['scale_checks', 'brief_changes'];

    public function up(): void
    {
        foreach (self::TABLES as $table) {
            DB::unprepared("CREATE TRIGGER append_only BEFORE UPDATE OR DELETE OR TRUNCATE ON $table FOR EACH STATEMENT EXECUTE FUNCTION refuse_change()");
        }
    }

    public function down(): void
    {
        foreach (self::TABLES as $table) {
            DB::unprepared("DROP TRIGGER append_only ON $table");
        }
    }
};
