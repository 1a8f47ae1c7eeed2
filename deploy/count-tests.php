<?php

declare(strict_types=1);

// Counts the tests of a JUnit report: "PASSED FAILED" on one line.

$report = is_file($argv[1] ?? '') ? simplexml_load_file($argv[1]) : false;
$cases = false === $report ? [] : ($report->xpath('//testcase') ?: []);
$failed = array_filter($cases, static fn (SimpleXMLElement $case): bool => isset($case->failure) || isset($case->error) || isset($case->skipped));
echo count($cases) - count($failed), ' ', count($failed), "\n";
