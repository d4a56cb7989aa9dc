<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Http\Description\ApiDescription;
use Illuminate\Routing\Route as RegisteredRoute;
use Illuminate\Support\Facades\Route;
use Tests\TestCase;

final class ApiDescriptionTest extends TestCase
{
    public function testTheCommittedDocumentIsWhatTheCodeSays(): void
    {
        self::assertStringEqualsFile(base_path('docs/api/openapi.json'), (new ApiDescription(base_path()))->toJson(), 'run bin/artisan api:describe and npm run types');
    }

    public function testEveryRouteIsDescribed(): void
    {
        $described = array_keys((array) json_decode((string) file_get_contents(base_path('docs/api/openapi.json')), true)['paths']);
        foreach (Route::getRoutes()->getRoutes() as $route) {
            if ($route instanceof RegisteredRoute && str_starts_with($route->uri(), 'api/v1')) {
                self::assertContains(substr($route->uri(), strlen('api/v1')), $described);
            }
        }
    }
}
