<?php

declare(strict_types=1);

namespace DeftBlade\Core\Lots;

use DeftBlade\Core\Capture\FactFields;

/** The published schema of facts about lots (docs/formats/lots.schema.json), as it follows from their kinds. Written by core/bin/formats. */
final class LotSchema
{
    public const FORMAT = 'deft-blade.lots/1';

    /** @return array<string, mixed> */
    public static function document(): array
    {
        return [
            '$schema' => 'https://json-schema.org/draft/2020-12/schema',
            'title' => 'Lots: what classes made, and where it went',
            'description' => 'Facts in the order in which they were accepted; none is edited.',
            'type' => 'object',
            'required' => ['format', 'facts'],
            'properties' => ['format' => ['const' => self::FORMAT], 'facts' => ['type' => 'array', 'items' => ['$ref' => '#/$defs/fact']]],
            'additionalProperties' => false,
            '$defs' => [
                'identifier' => ['type' => 'string', 'minLength' => 1, 'maxLength' => 128],
                'instant' => ['type' => 'string', 'pattern' => '^\\d{4}-\\d\\d-\\d\\d[Tt]\\d\\d:\\d\\d:\\d\\d(\\.\\d{1,9})?([Zz]|[+-]\\d\\d:\\d\\d)$', 'description' => 'RFC 3339 date and time'],
                'fact' => ['oneOf' => array_map(static fn(LotFactKind $it): array => (new FactFields($it->fact()::fields()))->schema($it->value), LotFactKind::cases())],
            ],
        ];
    }
}
