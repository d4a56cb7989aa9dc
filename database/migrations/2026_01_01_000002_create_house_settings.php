<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::create('house_settings', static function (Blueprint $table): void {
            $table->bigIncrements('seq');
            $table->uuid('id')->unique();
            $table->json('document');
            $table->foreignUuid('set_by')->constrained('users');
            $table->timestampTz('set_at', 3);
        });
        DB::unprepared('CREATE TRIGGER append_only BEFORE UPDATE OR DELETE OR TRUNCATE ON house_settings FOR EACH STATEMENT EXECUTE FUNCTION refuse_change()');

        // A practical is held against its standard as the house had it on that day, whatever the house chooses later.
        Schema::table('assessments', static function (Blueprint $table): void {
            $table->json('document')->nullable();
        });
        DB::statement('UPDATE assessments SET document = (SELECT document FROM published_standards WHERE published_standards.id = published_standard_id)');
        DB::statement('ALTER TABLE assessments ALTER COLUMN document SET NOT NULL');
    }

    public function down(): void
    {
        Schema::table('assessments', static function (Blueprint $table): void {
            $table->dropColumn('document');
        });
        Schema::drop('house_settings');
    }
};
