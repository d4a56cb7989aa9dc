<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration {
    public function up(): void
    {
        Schema::rename('house_settings', 'school_settings');
        $this->rekey(['schools' => 'variants'], ['house' => 'school']);
    }

    public function down(): void
    {
        $this->rekey(['variants' => 'schools'], ['school' => 'house']);
        Schema::rename('school_settings', 'house_settings');
    }

    /**
     * @param array<string, string> $keys    of the document, old to new
     * @param array<string, string> $ofWords of each word of the school's own
     */
    private function rekey(array $keys, array $ofWords): void
    {
        $table = Schema::hasTable('school_settings') ? 'school_settings' : 'house_settings';
        DB::statement("ALTER TABLE $table DISABLE TRIGGER append_only");
        foreach (DB::table($table)->get(['seq', 'document']) as $row) {
            $document = self::renamed((array) json_decode(is_string($row->document) ? $row->document : '{}', true, flags: JSON_THROW_ON_ERROR), $keys);
            $own = is_array($document['own'] ?? null) ? $document['own'] : [];
            $document['own'] = array_map(static fn(mixed $word): array => self::renamed((array) $word, $ofWords), $own);
            foreach (['words', 'variants', 'schools'] as $map) {
                if (isset($document[$map])) {
                    $document[$map] = (object) $document[$map];
                }
            }
            DB::table($table)->where('seq', $row->seq)->update(['document' => json_encode($document, JSON_THROW_ON_ERROR)]);
        }
        DB::statement("ALTER TABLE $table ENABLE TRIGGER append_only");
    }

    /**
     * @param array<mixed>          $values
     * @param array<string, string> $keys
     *
     * @return array<mixed>
     */
    private static function renamed(array $values, array $keys): array
    {
        $renamed = [];
        foreach ($values as $key => $value) {
            $renamed[$keys[$key] ?? $key] = $value;
        }

        return $renamed;
    }
};
