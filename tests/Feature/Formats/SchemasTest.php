<?php

declare(strict_types=1);

namespace Tests\Feature\Formats;

use App\Bench\StoredSets;
use App\Models\StringSet;
use Lira\Document\Json;
use Lira\Instrument\Fingerboard;
use Lira\Instrument\NeckJoint;
use Lira\Instrument\TrussRod;
use Lira\Kind\Anchor;
use Lira\Kind\Kind;
use Lira\Kind\PostLayout;
use Lira\Kind\StringEnd;
use Lira\Material\Material;
use Lira\Strings\Construction;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;
use Tests\Core\Document\Documents;
use Tests\Core\Document\SetDocumentTest;
use Tests\Feature\Bench\SolutionTest;
use Tests\Feature\FeatureTestCase;

/** What crosses is what the published schemas say. */
final class SchemasTest extends FeatureTestCase
{
    public function test_examples_and_demo_sets_are_set_documents(): void
    {
        self::assertValid('lira-set', Documents::harbour());
        self::assertValid('lira-set', Documents::everything());
        self::assertValid('lira-set', Json::object(Documents::text('harbour-to-solve')));
        self::assertValid('lira-set', Json::object(Documents::text('wherry-down-a-tone')));
        $this->withDemo();
        foreach (StringSet::query()->with('instrument')->get() as $set) {
            self::assertValid('lira-set', app(StoredSets::class)->json($set));
        }
    }

    public function test_answers_are_evaluations_and_errors_are_errors(): void
    {
        foreach ([Documents::harbour(), Documents::everything(), Documents::with('/pool', 'standard')] as $json) {
            self::assertValid(
                'lira-evaluation',
                Json::object((string) $this->sendJson('POST', '/api/v1/evaluations', $json)->getContent()),
            );
        }
        self::assertValid(
            'lira-solution',
            Json::object((string) $this->sendJson('POST', '/api/v1/solutions', Documents::text('harbour-to-solve'))->getContent()),
        );
        $asking = Documents::harbour();
        $asking->conversion = (object) ['to' => 'lower', 'semitones' => 2];
        self::assertValid('lira-set', $asking);
        self::assertValid('lira-conversion', Json::object((string) $this->sendJson('POST', '/api/v1/conversions', $asking)->getContent()));
        self::assertValid(
            'lira-sound',
            Json::object((string) $this->sendJson('POST', '/api/v1/sounds', Documents::everything())->getContent()),
        );
        foreach ([Documents::harbour(), Documents::everything()] as $json) {
            self::assertValid('lira-fit', Json::object((string) $this->sendJson('POST', '/api/v1/fits', $json)->getContent()));
            self::assertValid('lira-reach', Json::object((string) $this->sendJson('POST', '/api/v1/reaches', $json)->getContent()));
            self::assertValid('lira-plan', Json::object((string) $this->sendJson('POST', '/api/v1/plans', $json)->getContent()));
        }
        self::assertLiraError($this->sendJson('POST', '/api/v1/fits', '{"format": 1}'), 422, '/format', 'lira-set');
        self::assertValid(
            'lira-error',
            Json::object((string) $this->sendJson('POST', '/api/v1/evaluations', '{"format": 1}')->getContent()),
        );
        $partly = $this->sendJson('POST', '/api/v1/solutions', SolutionTest::tooHigh())->assertStatus(422);
        self::assertValid('lira-error', Json::object((string) $partly->getContent()));
        self::assertValid('lira-solution', Json::object((string) json_encode($partly->json('solution'))));
    }

    public function test_the_schema_refuses_wrong_shapes_and_leaves_meaning_to_the_core(): void
    {
        $taken = [];
        foreach (SetDocumentTest::bad() as $what => [$json]) {
            if (self::problems('lira-set', $json) === null) {
                $taken[] = $what;
            }
        }

        self::assertSame([
            'courses for another number', 'lengths for another number', 'a short string that is not there', 'five pitches for six strings',
            'cents for another number',
            'a gauge in thousandths', 'the same position twice', 'a position beyond', 'plain bronze', 'a core thicker than its string',
            'a core of bronze', 'a wrap ground away', 'a wrap with overlapping turns', 'a density of a girder',
            'a measurement without tolerance',
            'a supplied density without a figure', 'an elastomer weighed at rest', 'a pool without end',
        ], $taken);
    }

    public function test_the_schema_lists_what_the_core_knows(): void
    {
        $schema = Json::object((string) file_get_contents(base_path('docs/formats/lira-set.schema.json')));

        self::assertSame(array_column(Material::cases(), 'value'), data_get($schema, '$defs.material.enum'));
        self::assertSame(array_column(Construction::cases(), 'value'), data_get($schema, '$defs.construction.enum'));
        self::assertSame(array_column(Kind::cases(), 'value'), data_get($schema, '$defs.kind.enum'));
        self::assertSame(array_column(StringEnd::cases(), 'value'), data_get($schema, '$defs.string.properties.end.enum'));
        self::assertSame(
            array_column(TrussRod::cases(), 'value'),
            data_get($schema, '$defs.instrument.properties.neck.properties.truss_rod.enum'),
        );
        self::assertSame(
            array_column(Fingerboard::cases(), 'value'),
            data_get($schema, '$defs.instrument.properties.neck.properties.fingerboard.enum'),
        );
        self::assertSame(
            array_column(NeckJoint::cases(), 'value'),
            data_get($schema, '$defs.instrument.properties.neck.properties.joint.enum'),
        );
        self::assertSame(
            array_column(PostLayout::cases(), 'value'),
            data_get($schema, '$defs.hardware.properties.posts.properties.layout.enum'),
        );
        self::assertSame(array_column(Anchor::cases(), 'value'), data_get($schema, '$defs.hardware.properties.anchor.enum'));
    }

    private static function assertValid(string $format, \stdClass $json): void
    {
        self::assertNull(self::problems($format, $json));
    }

    private static function problems(string $format, \stdClass $json): ?string
    {
        $validator = new Validator;
        foreach ([
            'lira-set',
            'lira-instrument',
            'lira-evaluation',
            'lira-solution',
            'lira-conversion',
            'lira-sound',
            'lira-fit',
            'lira-reach',
            'lira-plan',
            'lira-retuning',
            'lira-settling',
            'lira-intonation',
            'lira-relief',
            'lira-life',
            'lira-practice',
            'lira-job-event',
            'lira-error',
        ] as $name) {
            $validator->resolver()?->registerFile(self::id($name), base_path("docs/formats/{$name}.schema.json"));
        }
        $error = $validator->validate($json, self::id($format))->error();

        return $error === null ? null : (string) json_encode((new ErrorFormatter)->format($error), JSON_PARTIAL_OUTPUT_ON_ERROR);
    }

    /** What a schema calls itself, version and all. */
    private static function id(string $format): string
    {
        $id = Json::object((string) file_get_contents(base_path("docs/formats/{$format}.schema.json")))->{'$id'} ?? null;

        return is_string($id) ? $id : throw new \LogicException("The schema of {$format} has no id");
    }
}
