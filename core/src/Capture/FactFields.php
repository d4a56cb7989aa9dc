<?php

declare(strict_types=1);

namespace DeftBlade\Core\Capture;

use DeftBlade\Core\Json\InvalidPackage;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Standard\Standard;

/** What the facts of one kind hold beside id, at, by and kind: the reader and the JSON Schema of the kind follow from it. */
final readonly class FactFields
{
    private const COMMON = ['id', 'at', 'by', 'kind'];

    /** @var list<string> */
    private array $required;

    /** @var list<string> */
    private array $optional;

    /** @param list<Field> $fields */
    public function __construct(private array $fields)
    {
        $required = self::COMMON;
        $optional = [];
        foreach ($fields as $field) {
            if ($field->isOptional) {
                $optional[] = $field->key;
            } else {
                $required[] = $field->key;
            }
        }
        $this->required = $required;
        $this->optional = $optional;
    }

    /**
     * @param Standard|null $standard what the fact names pieces, criteria, … of; null where it names none
     *
     * @throws InvalidPackage
     */
    public function read(Node $node, ?Standard $standard = null): FieldValues
    {
        $node->keys($this->required, $this->optional);
        $values = [];
        foreach ($this->fields as $field) {
            if ($node->has($field->key)) {
                $values[$field->key] = $field->read($node, $standard);
            }
        }

        return new FieldValues($values);
    }

    /** @return array<string, mixed> of a fact of this kind, as JSON Schema */
    public function schema(string $kind): array
    {
        $identifier = ['$ref' => '#/$defs/identifier'];
        $own = array_map(static fn(Field $it): array => $it->schema(), array_column($this->fields, null, 'key'));

        return [
            'type' => 'object',
            'required' => $this->required,
            'properties' => ['id' => $identifier, 'at' => ['$ref' => '#/$defs/instant'], 'by' => $identifier, 'kind' => ['const' => $kind]] + $own,
            'additionalProperties' => false,
        ];
    }
}
