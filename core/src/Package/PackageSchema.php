<?php

declare(strict_types=1);

namespace DeftBlade\Core\Package;

use DeftBlade\Core\Capture\CaptureKind;
use DeftBlade\Core\Capture\FactFields;
use DeftBlade\Core\Grading\ComponentKinds;

/** The parts of docs/formats/assessment.schema.json that follow from the code: versions, facts and components. Written by core/bin/formats. */
final readonly class PackageSchema
{
    private const NOT_OF_STANDARDS = ['policy', 'component', 'capture', 'attempt', 'scaleCheck', 'instant'];

    public function __construct(private ComponentKinds $components) {}

    /** @param \stdClass $schema the published schema; it is changed */
    public function into(\stdClass $schema): void
    {
        $definitions = $schema->{'$defs'};
        if (! $definitions instanceof \stdClass || ! $schema->properties instanceof \stdClass) {
            throw new \UnexpectedValueException('the schema has no $defs');
        }
        $schema->properties->format = self::json(['enum' => array_column(PackageFormat::cases(), 'value')]);
        $definitions->component = self::json($this->components->schema());
        $definitions->judgedComponent = self::json($this->components->judgedSchema());
        $definitions->capture = self::json(['oneOf' => array_map(static fn(CaptureKind $it): array => (new FactFields($it->fact()::fields()))->schema($it->value), CaptureKind::cases())]);
    }

    /**
     * What a document that holds a standard needs of the published schema.
     *
     * @param \stdClass $published docs/formats/assessment.schema.json
     */
    public static function ofStandards(\stdClass $published): \stdClass
    {
        return (object) array_diff_key((array) $published->{'$defs'}, array_flip(self::NOT_OF_STANDARDS));
    }

    /** @param array<string, mixed> $schema */
    private static function json(array $schema): mixed
    {
        return json_decode(json_encode($schema, JSON_THROW_ON_ERROR), false, 64, JSON_THROW_ON_ERROR);
    }
}
