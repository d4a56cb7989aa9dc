<?php

declare(strict_types=1);

namespace App\Models;

final class PublishedPolicy extends PublishedDocument {}
