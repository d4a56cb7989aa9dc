<?php

declare(strict_types=1);

namespace DeftBlade\Core\Package;

use DeftBlade\Core\Capture\CaptureKind;
use DeftBlade\Core\Capture\Field;
use DeftBlade\Core\Grading\ComponentKinds;

/** The parts of docs/formats/assessment.schema.json that follow from the code: versions, facts and components. Written by core/bin/formats. */
final readonly class PackageSchema
{
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
        $definitions->capture = self::json(['oneOf' => array_map(self::fact(...), CaptureKind::cases())]);
    }

    /** @return array<string, mixed> */
    private static function fact(CaptureKind $kind): array
    {
        $identifier = ['$ref' => '#/$defs/identifier'];
        $fields = $kind->fact()::fields();
        $required = array_values(array_filter($fields, static fn(Field $it): bool => ! $it->isOptional));
        $own = [];
        foreach ($fields as $field) {
            $own[$field->key] = $field->schema();
        }

        return [
            'type' => 'object',
            'required' => ['id', 'at', 'by', 'kind', ...array_map(static fn(Field $it): string => $it->key, $required)],
            'properties' => ['id' => $identifier, 'at' => ['$ref' => '#/$defs/instant'], 'by' => $identifier, 'kind' => ['const' => $kind->value]] + $own,
            'additionalProperties' => false,
        ];
    }

    /** @param array<string, mixed> $schema */
    private static function json(array $schema): mixed
    {
        return json_decode(json_encode($schema, JSON_THROW_ON_ERROR), false, 64, JSON_THROW_ON_ERROR);
    }
}
