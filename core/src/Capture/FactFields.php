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

    /** @param list<Field> $fields */
    public function __construct(private array $fields) {}

    /**
     * @param Standard|null $standard what the fact names pieces, criteria, … of; null where it names none
     *
     * @throws InvalidPackage
     */
    public function read(Node $node, ?Standard $standard = null): FieldValues
    {
        $node->keys([...self::COMMON, ...$this->required()], array_values(array_diff($this->keys(), $this->required())));
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
        $own = array_map(static fn(Field $it): array => $it->schema(), array_combine($this->keys(), $this->fields));

        return [
            'type' => 'object',
            'required' => [...self::COMMON, ...$this->required()],
            'properties' => ['id' => $identifier, 'at' => ['$ref' => '#/$defs/instant'], 'by' => $identifier, 'kind' => ['const' => $kind]] + $own,
            'additionalProperties' => false,
        ];
    }

    /** @return list<string> */
    private function keys(): array
    {
        return array_map(static fn(Field $it): string => $it->key, $this->fields);
    }

    /** @return list<string> */
    private function required(): array
    {
        return array_values(array_map(static fn(Field $it): string => $it->key, array_filter($this->fields, static fn(Field $it): bool => ! $it->isOptional)));
    }
}
