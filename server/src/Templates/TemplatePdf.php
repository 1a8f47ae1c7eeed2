<?php

declare(strict_types=1);

namespace YardCask\Server\Templates;

use YardCask\Core\Stage\Parts\Drilling\FaceTemplate;
use YardCask\Core\Stage\Parts\Drilling\TemplateHole;
use YardCask\Core\Stage\Parts\Drilling\TemplateSheet;
use YardCask\Core\Words\Amount;
use YardCask\Core\Words\Phrase;
use YardCask\Core\Words\Wording;

/** Templates at their true size on A4 or letter, on several sheets where they are larger, each with a line to measure the print by. */
final class TemplatePdf
{
    private const MARGIN_MM = 10.0;
    /** Below, for the line and the words. */
    private const FOOT_MM = 28.0;
    private const CROSS_MM = 8.0;
    private const FONT = 'dejavusans';

    private readonly \TCPDF $pdf;
    private readonly float $widthMm;
    private readonly float $heightMm;

    /** @param 'A4'|'LETTER' $paper */
    public function __construct(
        private readonly Wording $wording,
        string $paper,
    ) {
        $this->pdf = new \TCPDF('P', 'mm', $paper);
        $this->pdf->setPrintHeader(false);
        $this->pdf->setPrintFooter(false);
        $this->pdf->setAutoPageBreak(false);
        // So that no two prints of a plan differ, and a test can measure them.
        $this->pdf->setCompression(false);
        $this->pdf->setLineWidth(0.3);
        $this->pdf->setFont(self::FONT, '', 9);
        [$this->widthMm, $this->heightMm] = 'A4' === $paper ? [210.0, 297.0] : [215.9, 279.4];
    }

    /** @param list<FaceTemplate> $templates */
    public function write(array $templates): string
    {
        foreach ($templates as $template) {
            $sheets = $template->sheets($this->widthMm - 2 * self::MARGIN_MM, $this->heightMm - self::MARGIN_MM - self::FOOT_MM);
            foreach ($sheets as $sheet) {
                $this->sheet($sheet, $template);
            }
        }

        return $this->pdf->Output('', 'S');
    }

    private function sheet(TemplateSheet $sheet, FaceTemplate $template): void
    {
        $pdf = $this->pdf;
        $pdf->AddPage();
        $area = [self::MARGIN_MM, self::MARGIN_MM, $this->widthMm - 2 * self::MARGIN_MM, $this->heightMm - self::MARGIN_MM - self::FOOT_MM];
        $pdf->StartTransform();
        $pdf->Rect(...[...$area, 'CNZ']);
        [$x, $y] = [self::MARGIN_MM - $sheet->leftMm, self::MARGIN_MM - $sheet->aboveMm];
        $pdf->Rect($x, $y, $template->widthMm, $template->heightMm);
        foreach ($template->holes as $hole) {
            $this->hole($hole, $x + $hole->xMm, $y + $hole->yMm);
        }
        $pdf->StopTransform();
        if ($sheet->count > 1) {
            $pdf->Rect(...[...$area, 'D', ['all' => ['dash' => '2,2', 'width' => 0.2]]]);
            $pdf->setLineStyle(['dash' => 0, 'width' => 0.3]);
        }
        $this->foot($sheet, $template);
    }

    private function hole(TemplateHole $hole, float $x, float $y): void
    {
        $this->pdf->Circle($x, $y, $hole->acrossMm / 2);
        $this->pdf->Line($x - self::CROSS_MM, $y, $x + self::CROSS_MM, $y);
        $this->pdf->Line($x, $y - self::CROSS_MM, $x, $y + self::CROSS_MM);
        $this->pdf->Text($x + 2, $y - 6, $hole->name.' '.$this->wording->amount(Amount::mm($hole->acrossMm)));
    }

    private function foot(TemplateSheet $sheet, FaceTemplate $template): void
    {
        $y = $this->heightMm - 20;
        [$from, $to] = [self::MARGIN_MM, self::MARGIN_MM + FaceTemplate::CHECK_MM];
        $this->pdf->Line($from, $y, $to, $y);
        $this->pdf->Line($from, $y - 2, $from, $y + 2);
        $this->pdf->Line($to, $y - 2, $to, $y + 2);
        $check = new Phrase('parts.template.check', ['check' => Amount::mm(FaceTemplate::CHECK_MM)]);
        $this->pdf->Text($to + 3, $y - 3, $this->wording->phrase($check));
        $this->pdf->Text($from, $y + 3, $this->wording->phrase($template->seen));
        $this->pdf->Text($from, $y + 8, $sheet->count > 1 ? $this->wording->phrase($sheet->phrase()) : '');
    }
}
