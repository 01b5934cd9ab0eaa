<?php

declare(strict_types=1);

namespace Tests\Feature\Cutting;

use Tests\Feature\FeatureTestCase;
use Tests\Support\PdfText;

/** The school a seam's end is closed by at the eave, on the card, the template and the order. */
final class EaveEndTest extends FeatureTestCase
{
    public function test_card_template_and_order_follow_the_school(): void
    {
        $user = $this->member();
        $this->actingAs($user);
        foreach ([
            'tab' => [null, 'the next 3/4″ is the tab', null],
            'plug' => ['each seam’s end is closed with a plug', 'a plug closes its end', 31],
            'radius' => ['the female leg is rounded by 1 1/2″', 'rounded by 1 1/2″, the male one cut back 2 1/2″', null],
        ] as $school => [$note, $template, $plugs]) {
            $job = $this->job($user, self::document(['rules' => ['cut.eaveEnd' => $school]]));
            $notes = implode(' ', array_column((array) $this->getJson("/api/jobs/$job->id/plan/piece?pick=P1-5")->assertOk()->json('card.notes'), 'text'));
            self::assertStringContainsString('jaw 1/4″ open', $notes);
            $note === null ? self::assertStringNotContainsString('At the eave', $notes) : self::assertStringContainsString($note, $notes);
            $text = preg_replace('/\s+/u', ' ', PdfText::pages((string) $this->get("/api/jobs/$job->id/files/notch-template.pdf")->assertOk()->getContent())[0]->all());
            self::assertStringContainsString($template, (string) $text);
            self::assertStringContainsString('female leg', (string) $text);
            self::assertSame($plugs, $this->getJson("/api/jobs/$job->id/plan/load-out")->json('order.endPlugs'));
        }
    }
}
