<?php

declare(strict_types=1);

namespace YardCask\Core\Stage\Parts\Drilling;

use YardCask\Core\Words\Amount;
use YardCask\Core\Words\Phrase;
use YardCask\Core\Words\Wording;

/** A template as an SVG picture of which one unit is one millimetre. */
final class TemplateSvg
{
    private const NAMESPACE = 'http://www.w3.org/2000/svg';
    /** Round the face, and below it for the line and the words. */
    private const MARGIN_MM = 10.0;
    private const FOOT_MM = 34.0;
    private const CROSS_MM = 8.0;

    private readonly \DOMDocument $document;
    private readonly \DOMElement $svg;

    private function __construct(float $widthMm, float $heightMm)
    {
        $this->document = new \DOMDocument('1.0', 'UTF-8');
        $svg = $this->document->createElementNS(self::NAMESPACE, 'svg');
        $this->document->appendChild($svg);
        $this->svg = $svg;
        self::say($svg, [
            'width' => self::mm($widthMm).'mm',
            'height' => self::mm($heightMm).'mm',
            'viewBox' => implode(' ', [0, 0, self::mm($widthMm), self::mm($heightMm)]),
            'fill' => 'none',
            'stroke' => '#000',
            'stroke-width' => 0.3,
        ]);
    }

    public static function write(FaceTemplate $template, Wording $wording): string
    {
        $margin = self::MARGIN_MM;
        $picture = new self(max($template->widthMm, FaceTemplate::CHECK_MM) + 2 * $margin, $template->heightMm + $margin + self::FOOT_MM);
        $picture->add('rect', ['x' => $margin, 'y' => $margin, 'width' => $template->widthMm, 'height' => $template->heightMm]);
        foreach ($template->holes as $hole) {
            $picture->hole($hole, $wording);
        }
        $foot = $margin + $template->heightMm + 10;
        $picture->line('check', $margin, $foot, $margin + FaceTemplate::CHECK_MM, $foot);
        foreach ([$margin, $margin + FaceTemplate::CHECK_MM] as $x) {
            $picture->line('tick', $x, $foot - 2, $x, $foot + 2);
        }
        $check = new Phrase('parts.template.check', ['check' => Amount::mm(FaceTemplate::CHECK_MM)]);
        $picture->text($margin, $foot + 7, $wording->phrase($check));
        $picture->text($margin, $foot + 13, $wording->phrase($template->seen));

        return (string) $picture->document->saveXML($picture->svg)."\n";
    }

    /** Its edge and that of its plate, a cross at its middle, and what it is. */
    private function hole(TemplateHole $hole, Wording $wording): void
    {
        [$x, $y] = [self::MARGIN_MM + $hole->xMm, self::MARGIN_MM + $hole->yMm];
        $this->add('circle', ['cx' => $x, 'cy' => $y, 'r' => $hole->acrossMm / 2]);
        if (null !== $hole->plateMm) {
            $this->add('circle', ['class' => 'plate', 'cx' => $x, 'cy' => $y, 'r' => $hole->plateMm / 2, 'stroke-dasharray' => '2 1.5']);
            $plate = new Phrase('parts.template.plate', ['across' => Amount::mm($hole->plateMm)]);
            $this->text($x - $hole->plateMm / 2, $y - $hole->plateMm / 2 - 2, $wording->phrase($plate));
        }
        $this->line('cross', $x - self::CROSS_MM, $y, $x + self::CROSS_MM, $y);
        $this->line('cross', $x, $y - self::CROSS_MM, $x, $y + self::CROSS_MM);
        $this->text($x + 2, $y - 2, $hole->name.' '.$wording->amount(Amount::mm($hole->acrossMm)));
    }

    private function line(string $class, float $x1, float $y1, float $x2, float $y2): void
    {
        $this->add('line', ['class' => $class, 'x1' => $x1, 'y1' => $y1, 'x2' => $x2, 'y2' => $y2]);
    }

    private function text(float $x, float $y, string $text): void
    {
        $style = ['font-family' => 'sans-serif', 'font-size' => 4.0, 'fill' => '#000', 'stroke' => 'none'];
        $this->add('text', ['x' => $x, 'y' => $y, ...$style])->appendChild($this->document->createTextNode($text));
    }

    /** @param array<string, string|float> $attributes */
    private function add(string $element, array $attributes): \DOMElement
    {
        $added = $this->document->createElementNS(self::NAMESPACE, $element);
        $this->svg->appendChild($added);
        self::say($added, $attributes);

        return $added;
    }

    /** @param array<string, string|float> $attributes */
    private static function say(\DOMElement $element, array $attributes): void
    {
        foreach ($attributes as $name => $value) {
            $element->setAttribute($name, \is_string($value) ? $value : self::mm($value));
        }
    }

    private static function mm(float $mm): string
    {
        return (string) round($mm, 2);
    }
}
