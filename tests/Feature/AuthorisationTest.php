<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Accounts\Role;
use Illuminate\Support\Facades\Route as Routes;
use PHPUnit\Framework\Attributes\DataProvider;

/** Who may do what, on every route. */
final class AuthorisationTest extends FeatureTestCase
{
    private const ALL = ['owner', 'estimator', 'foreman', 'installer'];

    private const PLANNERS = ['owner', 'estimator', 'foreman'];

    private const OFFICE = ['owner', 'estimator'];

    /** @return iterable<string, array{string, string, list<string>}> method, path, roles that may */
    public static function routes(): iterable
    {
        $routes = [
            ['GET', 'catalogue', self::ALL], ['GET', 'crew', self::ALL], ['GET', 'crew/profiles', self::ALL], ['GET', 'crew/builds', self::ALL], ['POST', 'crew/builds', self::PLANNERS], ['DELETE', 'crew/builds/{build}', self::PLANNERS], ['GET', 'crew/tips', self::ALL], ['POST', 'crew/tips', self::PLANNERS], ['DELETE', 'crew/tips/{tip}', self::PLANNERS], ['GET', 'jobs', self::ALL],
            ['GET', 'jobs/{job}', self::ALL], ['GET', 'jobs/{job}/revisions', self::ALL], ['GET', 'jobs/{job}/revisions/1', self::ALL], ['GET', 'jobs/{job}/newest', self::ALL], ['GET', 'jobs/{job}/card', self::ALL],
            ['GET', 'jobs/{job}/plan/layout', self::ALL], ['GET', 'jobs/{job}/tiles', self::ALL], ['GET', 'jobs/{job}/facts', self::ALL], ['POST', 'jobs/{job}/facts', self::ALL], ['GET', 'jobs/{job}/orders', self::ALL], ['GET', 'jobs/{job}/files', self::ALL], ['GET', 'jobs/{job}/files/job.json', self::ALL],
            ['GET', 'jobs/{job}/files/cut-list.csv', self::ALL], ['GET', 'jobs/{job}/files/cut-list.pdf', self::ALL], ['GET', 'jobs/{job}/files/cut-cards.pdf', self::ALL],
            ['GET', 'jobs/{job}/files/roof.dxf', self::ALL], ['GET', 'jobs/{job}/files/readings.csv', self::ALL], ['GET', 'jobs/{job}/files/blanks.dxf', self::ALL],
            ['GET', 'jobs/{job}/files/blanks.svg', self::ALL], ['GET', 'jobs/{job}/files/pieces.csv', self::ALL], ['GET', 'jobs/{job}/files/layout.pdf', self::ALL], ['GET', 'jobs/{job}/files/edge-book.pdf', self::ALL], ['GET', 'jobs/{job}/files/notch-template.pdf', self::ALL],
            ['POST', 'jobs/{job}/imports/dxf', self::PLANNERS], ['POST', 'jobs/{job}/imports/readings', self::PLANNERS],
            ['GET', 'jobs/{job}/reports', self::PLANNERS], ['GET', 'jobs/{job}/reports/HQ-CLUBROOM', self::PLANNERS], ['GET', 'jobs/{job}/gauge', self::PLANNERS], ['GET', 'jobs/{job}/weather', self::PLANNERS], ['GET', 'jobs/{job}/files/openings.pdf', self::ALL],
            ['GET', 'jobs/{job}/orders/1/files/cut-list.pdf', self::ALL],
            ['POST', 'jobs/{job}/revisions', self::PLANNERS], ['POST', 'jobs/{job}/copy', self::PLANNERS], ['PUT', 'jobs/{job}/archive', self::PLANNERS], ['DELETE', 'jobs/{job}/archive', self::PLANNERS],
            ['DELETE', 'jobs/{job}', ['owner']], ['POST', 'jobs/{job}/restore', ['owner']],
            ['POST', 'jobs', self::PLANNERS], ['POST', 'jobs/sample', self::PLANNERS], ['PUT', 'jobs/{job}', self::PLANNERS], ['POST', 'jobs/{job}/revisions/1/restore', self::PLANNERS],
            ['POST', 'jobs/{job}/orders', self::OFFICE], ['PUT', 'crew/rules', self::OFFICE], ['POST', 'crew/profiles', self::OFFICE], ['DELETE', 'crew/profiles/{profile}', self::OFFICE],
            ['PUT', 'crew/members/{member}', ['owner']], ['DELETE', 'crew/members/{member}', ['owner']], ['POST', 'crew/members/{member}/reset', ['owner']],
            ['POST', 'crew/invitations', ['owner']], ['DELETE', 'crew/invitations/{invitation}', ['owner']],
            ['PUT', 'password', self::ALL], ['DELETE', 'session', self::ALL], ['DELETE', 'sessions', self::ALL],
        ];
        foreach ($routes as $route) {
            yield "$route[0] $route[1]" => $route;
        }
    }

    /** @param  list<string>  $may */
    #[DataProvider('routes')]
    public function test_roles(string $method, string $path, array $may): void
    {
        foreach (Role::cases() as $role) {
            $user = $this->member($role);
            $job = $this->job($this->member(Role::Owner, $user->crew));
            $status = $this->actingAs($user)->json($method, $this->path($path, $job->id, $user->crew_id), $this->body($path))->status();
            in_array($role->value, $may, true)
                ? self::assertNotContains($status, [401, 403, 500], "$role->value got $status")
                : self::assertSame(403, $status, $role->value);
        }
    }

    /** @param  list<string>  $may */
    #[DataProvider('routes')]
    public function test_nobody_signed_in_gets_nothing(string $method, string $path, array $may): void
    {
        $job = $this->job($this->member());

        $this->json($method, $this->path($path, $job->id, 0), $this->body($path))->assertUnauthorized();
        self::assertNotSame([], $may);
    }

    public function test_a_job_of_another_crew_is_not_there(): void
    {
        $job = $this->job($this->member());
        $stranger = $this->member(Role::Owner);
        foreach (self::routes() as [$method, $path]) {
            if (str_contains($path, '{job}')) {
                $this->actingAs($stranger)->json($method, $this->path($path, $job->id, 0), $this->body($path))->assertNotFound();
            }
        }
        $this->actingAs($stranger)->getJson('/api/jobs')->assertOk()->assertJsonCount(0);
    }

    public function test_every_route_is_in_the_table_above_or_open_on_purpose(): void
    {
        $open = ['GET session', 'POST session', 'GET invitations/{token}', 'POST invitations/{token}', 'POST password/forgotten', 'GET resets/{token}', 'POST resets/{token}', 'GET {fallbackPlaceholder}'];
        $tabled = array_map(static fn (array $r): string => "$r[0] ".str_replace('revisions/1', 'revisions/{number}', $r[1]), array_values([...self::routes()]));
        $missing = [];
        foreach (Routes::getRoutes()->getRoutes() as $route) {
            if (str_starts_with($route->uri(), 'api/')) {
                $name = $route->methods()[0].' '.strtr(substr($route->uri(), 4), ['orders/{order}/files/{name}' => 'orders/1/files/cut-list.pdf', 'plan/{slice}' => 'plan/layout', 'files/{name}' => 'files/job.json', 'reports/{reference}' => 'reports/HQ-CLUBROOM']);
                in_array($name, [...$open, ...$tabled], true) || $missing[] = $name;
                in_array($name, $open, true) || self::assertContains('auth:sanctum', $route->gatherMiddleware(), $name);
            }
        }
        self::assertSame([], $missing);
    }

    private function path(string $path, string $job, int $crew): string
    {
        return '/api/'.strtr($path, ['{job}' => $job, '{profile}' => '999999', '{build}' => '999999', '{invitation}' => '999999', '{member}' => '999999', '{tip}' => '999999', '{crew}' => (string) $crew]);
    }

    /** @return array<string, mixed> */
    private function body(string $path): array
    {
        return str_ends_with($path, 'invitations') ? ['email' => 'new@crew.example', 'role' => 'foreman'] : ['rules' => []];
    }
}
