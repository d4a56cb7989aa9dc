<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BootsByName;
use Illuminate\Database\Eloquent\Model;

abstract class StoredModel extends Model
{
    use BootsByName;
}
