<?php

declare(strict_types=1);

namespace Tests\Core\Format;

use Aenum\Core\Format\RouteFile;
use Aenum\Core\Route\StepKind;
use Aenum\Core\Rule\Facts\HouseWays;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\TestCase;

/** The published schemas say the same as the program. */
final class SchemaTest extends TestCase
{
    private const DOCS = __DIR__.'/../../../docs/schemas/';

    private function valid(mixed $data, string $schema): bool
    {
        return (new Validator)->validate($data, (string) json_encode(json_decode((string) file_get_contents(self::DOCS."aenum-{$schema}-1.schema.json"))))->isValid();
    }

    private function answer(string $command, string $case): mixed
    {
        return json_decode((string) shell_exec(__DIR__."/../../../bin/aenum {$command} ".__DIR__."/../../cases/{$case}.load.json"));
    }

    public function test_every_case_and_every_answer_is_as_published(): void
    {
        foreach (glob(__DIR__.'/../../cases/*.load.json') ?: [] as $file) {
            self::assertTrue($this->valid(json_decode((string) file_get_contents($file)), 'load'), $file);
        }
        self::assertTrue($this->valid($this->answer('simulate', '02-mixed-load'), 'run'));
        self::assertTrue($this->valid($this->answer('plan', 'plan-01-mixed'), 'plan'));
        self::assertTrue($this->valid($this->answer('plan', 'plan-02-split'), 'plan'));
    }

    public function test_a_route_and_its_answer_are_as_published(): void
    {
        $route = ['format' => 'aenum-route/1', 'part' => ['metal' => 'cast_iron', 'on_it' => ['grease'], 'features' => ['seams'], 'oily' => true], 'where' => 'coast', 'coats' => [['bake_c' => 200]], 'blast' => ['media' => 'garnet'], 'signed' => [['rule' => 'safety-duty', 'by' => 'Mara']]];
        $json = json_encode($route, JSON_THROW_ON_ERROR);
        self::assertTrue($this->valid(json_decode($json), 'route'));
        $answer = RouteFile::parse($json)->answer();
        self::assertTrue($this->valid(json_decode(json_encode($answer, JSON_THROW_ON_ERROR)), 'route-plan'));
        self::assertTrue($this->valid(json_decode(json_encode(['steps' => $answer['steps']] + $route, JSON_THROW_ON_ERROR)), 'route'));
        self::assertFalse($this->valid(json_decode(str_replace('cast_iron', 'cheese', $json)), 'route'));
    }

    public function test_the_schema_refuses_what_the_program_refuses(): void
    {
        $load = (string) file_get_contents(__DIR__.'/../../cases/02-mixed-load.load.json');
        foreach (['"mass_kg": 34' => '"mass_kg": -34', '"heater_kw": 36' => '"heater": 36', '"emissivity": 0.9' => '"emissivity": 1.9', '"cast_iron"' => '"cheese"'] as $good => $bad) {
            $changed = str_replace($good, $bad, $load);
            self::assertNotSame($load, $changed);
            self::assertFalse($this->valid(json_decode($changed), 'load'), $bad);
        }
    }

    public function test_the_route_schema_knows_every_house_way_and_step_there_is(): void
    {
        $schema = json_decode((string) file_get_contents(self::DOCS.'aenum-route-1.schema.json'), true);
        self::assertSame(HouseWays::CHOICES, array_map(fn (array $way): array => $way['enum'], $schema['properties']['house']['properties']));
        self::assertSame(array_column(StepKind::cases(), 'value'), $schema['properties']['steps']['items']['properties']['step']['enum']);
        $route = fn (string $with): mixed => json_decode('{"format":"aenum-route/1","part":{"metal":"brass"},'.$with.'}');
        self::assertTrue($this->valid($route('"house":{"rust":"convert"},"steps":[{"step":"rust_convert"}]'), 'route'));
        self::assertFalse($this->valid($route('"house":{"rust":"paint over"}'), 'route'));
        self::assertFalse($this->valid($route('"steps":[{"step":"pray"}]'), 'route'));
    }
}
