<?php

declare(strict_types=1);

namespace App\Models\Concerns;

use DeftBlade\Core\Json\InvalidPackage;
use DeftBlade\Core\Message\MessageCode;
use Illuminate\Database\Eloquent\Concerns\HasUuids;

/** A model whose key is a UUID: an address with another kind of id is not right, rather than not found. */
trait KeyedByUuid
{
    use HasUuids;

    protected function handleInvalidUniqueId(mixed $value, ?string $field): never
    {
        throw InvalidPackage::at(mb_strtolower(class_basename(static::class)), MessageCode::NotAUuid);
    }
}
