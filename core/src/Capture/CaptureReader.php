<?php

declare(strict_types=1);

namespace DeftBlade\Core\Capture;

use DeftBlade\Core\Json\InvalidPackage;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Standard\Standard;

/** Reads facts by the fields of their kind, against the standard whose pieces, criteria, faults, … they name. */
final readonly class CaptureReader
{
    private const COMMON = ['id', 'at', 'by', 'kind'];

    public function __construct(public Standard $standard) {}

    /** @throws InvalidPackage */
    public function read(Node $node): Capture
    {
        $fact = $node->at('kind')->oneOf(CaptureKind::class)->fact();
        $required = $optional = $values = [];
        foreach ($fact::fields() as $field) {
            $field->isOptional ? $optional[] = $field->key : $required[] = $field->key;
        }
        $node->keys([...self::COMMON, ...$required], $optional);
        $head = new CaptureHead($node->at('id')->identifier(), Instant::read($node->at('at')), $node->at('by')->identifier());
        foreach ($fact::fields() as $field) {
            if ($node->has($field->key)) {
                $values[$field->key] = $field->read($node, $this->standard);
            }
        }

        return $fact::of($head, new FieldValues($values));
    }
}
