<?php

declare(strict_types=1);

namespace App\Http\Controllers\Workshop;

use App\Http\Pages\Workshop\HelpPage;
use App\Http\Pages\Workshop\WaysPage;
use App\Http\Pages\Workshop\WorkshopPage;
use App\Http\Requests\Workshop\SaveWorkshopRequest;
use App\Http\SeenRevision;
use App\Jobs\Fingers;
use App\Jobs\SchoolsKept;
use App\Jobs\Views\ChoiceView;
use App\Jobs\Views\SchoolView;
use App\Models\WorkshopSettings;
use App\Workshop\Revision;
use Illuminate\Http\JsonResponse;
use Inertia\Response;
use Lira\Fitting\School\School;
use Lira\Fitting\School\Schools;
use Lira\Wording\Glossary;

/** How this workshop works: its name, what it takes as usual, its ways, and where help is. */
final readonly class WorkshopController
{
    public function __construct(private SchoolsKept $schools, private Fingers $fingers) {}

    public function index(): Response
    {
        $here = WorkshopSettings::here();

        return (new WorkshopPage(
            settings: $here->only(['name', 'address', 'currency', 'lead_days', 'finger_mm', 'revision']),
            learned: $this->fingers->learned(),
        ))->response();
    }

    public function update(SaveWorkshopRequest $request): JsonResponse
    {
        $here = WorkshopSettings::here();
        Revision::advance($here, SeenRevision::in($request), 'How the workshop works');
        $here->update($request->settings());

        return new JsonResponse(['revision' => $here->revision]);
    }

    /** The schools that the workshop goes by where a job says nothing else. */
    public function ways(): Response
    {
        $kept = $this->schools->of(SchoolsKept::WORKSHOP);
        $schools = [];
        foreach (Schools::aspects() as $aspect => $enum) {
            $schools[] = new SchoolView(
                $aspect,
                ucfirst(str_replace('-', ' ', $aspect)),
                $kept[$aspect] ?? 'by-instrument',
                isset($kept[$aspect]) ? 'The workshop’s way, where the instrument bears it.' : 'By what is usual on each instrument, with its reason there.',
                [new ChoiceView('by-instrument', 'as usual on the instrument'), ...array_map(static fn (School $school): ChoiceView => new ChoiceView((string) $school->value, $school->label()), array_values($enum::cases()))],
            );
        }

        return (new WaysPage(schools: $schools, owners: $this->schools->owners()))->response();
    }

    public function help(): Response
    {
        return (new HelpPage(groups: array_keys(Glossary::GROUPS)))->response();
    }
}
