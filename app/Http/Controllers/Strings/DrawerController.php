<?php

declare(strict_types=1);

namespace App\Http\Controllers\Strings;

use App\Http\Requests\Strings\StringTypeRules;
use App\Models\ListString;
use App\Models\Lot;
use App\Models\Movement;
use App\Support\Supply\Drawer;
use App\Support\Supply\StringCatalogue;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Inertia\Inertia;
use Inertia\Response;

/** The drawer: what is in it, put in, taken out and counted. */
final class DrawerController
{
    private const MOST = 10_000;

    public function index(): Response
    {
        return Inertia::render('strings/DrawerPage', ['contents' => Drawer::contents(), 'suppliers' => StringCatalogue::suppliers()]);
    }

    public function store(Request $request): JsonResponse
    {
        $request->validate([
            'string' => ['required', 'integer', 'exists:list_strings,id'], 'quantity' => ['required', 'integer', 'min:1', 'max:'.self::MOST],
            'cents' => ['nullable', 'integer', 'min:0'], 'note' => ['nullable', 'string', 'max:300'],
        ], ['string.*' => 'Choose which string it is.', 'quantity.*' => 'Give how many come in, 1 or more.', 'cents.*' => 'Give what one cost, or leave it empty.']);
        $string = ListString::query()->findOrFail($request->integer('string'));
        $lot = Drawer::add($string, $request->integer('quantity'), $request->input('cents') === null ? null : $request->integer('cents'), $request->string('note')->trim()->toString());

        return new JsonResponse(['id' => $lot->id, 'quantity' => $lot->quantity], 201);
    }

    public function take(Request $request, Lot $lot): JsonResponse
    {
        $request->validate(['quantity' => ['required', 'integer', 'min:1', 'max:'.self::MOST], 'note' => ['nullable', 'string', 'max:300'], 'set' => ['nullable', 'integer', 'exists:sets,id']],
            ['quantity.*' => 'Give how many are taken, 1 or more.']);
        $taken = Drawer::take($lot, $request->integer('quantity'), $request->string('note')->trim()->toString(), $request->input('set') === null ? null : $request->integer('set'));

        return new JsonResponse(['id' => $taken->id, 'quantity' => $taken->quantity]);
    }

    public function count(Request $request, Lot $lot): JsonResponse
    {
        $request->validate(['counted' => ['required', 'integer', 'min:0', 'max:'.self::MOST], 'seen' => ['required', 'integer'], 'reason' => ['required', 'string', 'max:300']],
            ['counted.*' => 'Give how many there are, 0 or more.', 'reason.required' => 'Say why it differs: lost, found, given away, broken.']);
        $counted = Drawer::count($lot, $request->integer('counted'), $request->integer('seen'), $request->string('reason')->trim()->toString());

        return new JsonResponse(['id' => $counted->id, 'quantity' => $counted->quantity]);
    }

    public function keep(Request $request): JsonResponse
    {
        $request->validate([
            ...StringTypeRules::rules(), 'least' => ['nullable', 'integer', 'min:0', 'max:'.self::MOST],
            'seen' => ['present', 'nullable', 'integer'],
        ], StringTypeRules::MESSAGES + ['seen.*' => 'Say how many it said there should be, before it was changed; null for no matter.', 'least.*' => 'Give how many should be there, 0 or more.']);
        Drawer::keep(StringTypeRules::read($request), $request->input('least') === null ? null : $request->integer('least'), $request->input('seen') === null ? null : $request->integer('seen'));

        return new JsonResponse(['kept' => true]);
    }

    public function movements(Lot $lot): JsonResponse
    {
        return new JsonResponse($lot->movements()->latest('id')->limit(100)->get()->map(static fn (Movement $movement): array => [
            'change' => $movement->change, 'kind' => $movement->kind, 'note' => $movement->note, 'at' => $movement->created_at->toIso8601String(),
        ])->values());
    }
}
