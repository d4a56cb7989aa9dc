<?php

declare(strict_types=1);

namespace App\Models;

final class PublishedStandard extends PublishedDocument {}
