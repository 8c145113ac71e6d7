<?php

declare(strict_types=1);

namespace App\Http\Controllers\Strings;

use App\Http\Pages\Strings\DrawerPage;
use App\Http\Requests\Strings\AddToDrawerRequest;
use App\Http\Requests\Strings\CountLotRequest;
use App\Http\Requests\Strings\KeepStockRequest;
use App\Http\Requests\Strings\NoteBallRequest;
use App\Http\Requests\Strings\TakeFromDrawerRequest;
use App\Models\Lot;
use App\Strings\Drawer\Drawer;
use Illuminate\Http\JsonResponse;
use Inertia\Response;

/** The drawer: what is in it, put in, taken out and counted. */
final readonly class DrawerController
{
    public function __construct(private Drawer $drawer) {}

    public function index(): Response
    {
        return (new DrawerPage(contents: $this->drawer->contents()))->response();
    }

    public function store(AddToDrawerRequest $request): JsonResponse
    {
        $lot = $this->drawer->add($request->listed(), $request->integer('quantity'), $request->cents(), $request->note());

        return new JsonResponse(['id' => $lot->id, 'quantity' => $lot->quantity], 201);
    }

    public function take(TakeFromDrawerRequest $request, Lot $lot): JsonResponse
    {
        $taken = $this->drawer->take($lot, $request->integer('quantity'), $request->note(), $request->setId());

        return new JsonResponse(['id' => $taken->id, 'quantity' => $taken->quantity]);
    }

    public function count(CountLotRequest $request, Lot $lot): JsonResponse
    {
        $counted = $this->drawer->count($lot, $request->integer('counted'), $request->integer('seen'), $request->reason());

        return new JsonResponse(['id' => $counted->id, 'quantity' => $counted->quantity]);
    }

    public function ball(NoteBallRequest $request, Lot $lot): JsonResponse
    {
        return new JsonResponse(['id' => $lot->id, 'ball_colour' => $this->drawer->noteBall($lot, $request->colour())->ball_colour]);
    }

    public function keep(KeepStockRequest $request): JsonResponse
    {
        $this->drawer->keep($request->type(), $request->least(), $request->seen());

        return new JsonResponse(['kept' => true]);
    }

    public function movements(Lot $lot): JsonResponse
    {
        return new JsonResponse($this->drawer->movements($lot));
    }
}
