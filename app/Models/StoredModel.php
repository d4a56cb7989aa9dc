<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BootsByName;
use Illuminate\Database\Eloquent\Model;

/** What every model of a table here has in common; the user is one of the framework's and takes the trait itself. */
abstract class StoredModel extends Model
{
    use BootsByName;
}
