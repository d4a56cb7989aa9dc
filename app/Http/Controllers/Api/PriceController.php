<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Actions\KeepOnce;
use App\Http\ClientId;
use App\Models\LotRow;
use App\Models\Price;
use App\Models\User;
use DeftBlade\Core\Capture\Day;
use DeftBlade\Core\Json\Node;
use DeftBlade\Core\Money\Minor;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

/** What cuts, by-products and an hour of work are worth. */
final class PriceController
{
    private const LONGEST = 200;

    #[OA\Put(path: '/ledger/prices/{price}', operationId: 'keepPrice', description: 'Writes a price down, under an id the screen made (a UUID).', tags: ['ledger'])]
    #[OA\PathParameter(name: 'price', schema: new OA\Schema(type: 'string', format: 'uuid'))]
    #[OA\RequestBody(required: true, content: new OA\JsonContent(required: ['species', 'product', 'minor', 'source', 'found_on'], properties: [
        new OA\Property(property: 'species', description: 'Empty for a wage.', type: 'string'),
        new OA\Property(property: 'product', description: 'A product of the species, or "wage": of an hour.', type: 'string'),
        new OA\Property(property: 'minor', type: 'integer', nullable: true),
        new OA\Property(property: 'source', type: 'string'),
        new OA\Property(property: 'found_on', type: 'string', format: 'date'),
    ]))]
    #[OA\Response(response: 204, description: 'Kept')]
    #[OA\Response(response: 409, ref: '#/components/responses/Problem')]
    #[OA\Response(response: 422, ref: '#/components/responses/Problem')]
    public function store(Request $request, string $price, KeepOnce $keeping, #[CurrentUser] User $user): Response
    {
        Gate::authorize('price', LotRow::class);
        ClientId::check($price, 'price');
        $body = Node::decode($request->getContent())->keys(['species', 'product', 'minor', 'source', 'found_on']);
        $product = $body->at('product')->identifier();
        $keeping->keep(new Price(), $price, [
            'species' => $product === Price::WAGE ? '' : $body->at('species')->text(self::LONGEST),
            'product' => $product,
            'minor' => $body->at('minor')->isNull() ? null : $body->at('minor')->integer(0, Minor::MOST),
            'source' => trim($body->at('source')->text(self::LONGEST)),
            'found_on' => Day::read($body->at('found_on'))->format(Day::FORMAT),
        ], $user);

        return new Response(status: 204);
    }
}
