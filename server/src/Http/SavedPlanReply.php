<?php

declare(strict_types=1);

namespace YardCask\Server\Http;

use Symfony\Component\HttpFoundation\Response;
use YardCask\Core\Plan\Plan;
use YardCask\Server\Entity\PlanRevision;

/** A revision as the API gives it: the plan of the current format, with its revision as ETag. */
final class SavedPlanReply
{
    public static function of(PlanRevision $revision, int $status = 200): Response
    {
        return JsonReply::of([
            'id' => $revision->plan->id,
            'revision' => $revision->number,
            'saved_at' => $revision->savedAt->format(\DATE_ATOM),
            'plan' => Plan::fromJson($revision->document),
        ], $status, ['ETag' => '"'.$revision->number.'"']);
    }
}
