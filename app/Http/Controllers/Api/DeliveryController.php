<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Actions\KeepOnce;
use App\Http\ClientId;
use App\Models\Assessment;
use App\Models\Delivery;
use App\Models\LotRow;
use App\Models\User;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Money\Minor;
use DeftBlade\Core\Weighing\Mass;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

/** How the carcasses of practicals were delivered. */
final class DeliveryController
{
    private const LONGEST = 200;

    private const MOST_PIECES = 1_000;

    #[OA\Put(path: '/assessments/{assessment}/deliveries/{delivery}', operationId: 'keepDelivery', description: 'Writes down how the carcasses of a practical were delivered, under an id the screen made (a UUID).', tags: ['ledger'])]
    #[OA\PathParameter(name: 'assessment', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\PathParameter(name: 'delivery', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\RequestBody(required: true, content: new OA\JsonContent(required: ['supplier', 'invoice', 'pieces', 'mass_mg', 'cost_minor'], properties: [
        new OA\Property(property: 'supplier', type: 'string'),
        new OA\Property(property: 'invoice', type: 'string'),
        new OA\Property(property: 'pieces', type: 'integer'),
        new OA\Property(property: 'mass_mg', type: 'integer'),
        new OA\Property(property: 'cost_minor', type: 'integer'),
    ]))]
    #[OA\Response(response: 204, description: 'Kept')]
    #[OA\Response(response: 409, ref: '#/components/responses/Problem')]
    #[OA\Response(response: 422, ref: '#/components/responses/Problem')]
    public function store(Request $request, Assessment $assessment, string $delivery, KeepOnce $keeping, #[CurrentUser] User $user): Response
    {
        Gate::authorize('price', LotRow::class);
        ClientId::check($delivery, 'delivery');
        $body = Node::decode($request->getContent())->keys(['supplier', 'invoice', 'pieces', 'mass_mg', 'cost_minor']);
        $keeping->keep(new Delivery(), $delivery, [
            'assessment_id' => $assessment->id,
            'supplier' => trim($body->at('supplier')->text(self::LONGEST)),
            'invoice' => trim($body->at('invoice')->text(self::LONGEST)),
            'pieces' => $body->at('pieces')->integer(0, self::MOST_PIECES),
            'mass_mg' => $body->at('mass_mg')->integer(1, Mass::MOST_MG),
            'cost_minor' => $body->at('cost_minor')->integer(0, Minor::MOST),
        ], $user);

        return new Response(status: 204);
    }
}
