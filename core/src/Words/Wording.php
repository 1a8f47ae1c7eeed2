<?php

declare(strict_types=1);

namespace YardCask\Core\Words;

use YardCask\Core\Quantity\Kind;
use YardCask\Core\Quantity\Quantity;
use YardCask\Core\Quantity\QuantityFormat;
use YardCask\Core\Quantity\Unit;
use YardCask\Core\Quantity\UnitPreferences;

/** Writes phrases and amounts, in the plan's units. */
final readonly class Wording
{
    private const KG_M_PER_LB_FT = 0.45359237 * 0.3048;
    /** More digits than that make no figure clearer. */
    private const MOST_DIGITS_MORE = 3;

    public QuantityFormat $format;

    public function __construct(public UnitPreferences $units)
    {
        $this->format = new QuantityFormat($units);
    }

    /** @param array<string, string|int|Amount|CatalogueName|Phrase|\BackedEnum|list<string|Phrase>|null> $with */
    public function text(string $key, array $with = []): string
    {
        return $this->phrase(new Phrase($key, $with));
    }

    /** A phrase by itself: it begins with a capital, whatever fills its first place. */
    public function phrase(Phrase $phrase): string
    {
        $text = $this->inASentence($phrase);

        return 'frame.verbatim' !== $phrase->key && Phrasebook::english()->beginsWithAName($phrase->key) ? self::capital($text) : $text;
    }

    /** A phrase as a heading or a label: with a capital. */
    public function label(Phrase $phrase): string
    {
        return self::capital($this->inASentence($phrase));
    }

    /** A phrase in the middle of a sentence: what fills its first place stays as it is. */
    public function inASentence(Phrase $phrase): string
    {
        return Phrasebook::english()->fill($phrase->key, $this->written($phrase->with));
    }

    /** A title in the middle of a sentence: its own first word loses its capital, a name keeps it. */
    public function lowered(Phrase $phrase): string
    {
        $text = $this->inASentence($phrase);

        return Phrasebook::english()->beginsWithAName($phrase->key) ? $text : mb_strtolower(mb_substr($text, 0, 1)).mb_substr($text, 1);
    }

    /** @param list<string|Phrase> $items “the sink”, “the sink and the shower”, “the sink, the shower and the hose” */
    public function list(array $items): string
    {
        $items = array_map(fn (string|Phrase $item): string => $item instanceof Phrase ? $this->inASentence($item) : $item, $items);
        if (\count($items) < 2) {
            return $items[0] ?? '';
        }

        return Phrasebook::english()->fill('frame.list', ['others' => implode(', ', \array_slice($items, 0, -1)), 'last' => $items[\count($items) - 1]]);
    }

    public function litres(float $litres): string
    {
        return $this->amount(Amount::litres($litres));
    }

    public function litresAtMost(float $litres): string
    {
        return $this->amount(Amount::litresAtMost($litres));
    }

    public function little(float $litres): string
    {
        return $this->amount(Amount::little($litres));
    }

    public function kg(float $kg): string
    {
        return $this->amount(Amount::kg($kg));
    }

    public function mm(float $mm): string
    {
        return $this->amount(Amount::mm($mm));
    }

    public function metres(float $metres): string
    {
        return $this->amount(Amount::metres($metres));
    }

    public function across(float $metres): string
    {
        return $this->amount(Amount::across($metres));
    }

    public function share(float $fraction): string
    {
        return $this->amount(Amount::share($fraction));
    }

    public function days(float $days): string
    {
        return $this->amount(Amount::days($days));
    }

    public function flow(float $lpm): string
    {
        return $this->amount(Amount::flow($lpm));
    }

    public function velocity(float $mps): string
    {
        return $this->amount(Amount::velocity($mps));
    }

    public function pressure(float $kpa): string
    {
        return $this->amount(Amount::pressure($kpa));
    }

    public function temperature(float $c): string
    {
        return $this->amount(Amount::temperature($c));
    }

    public function minutes(float $minutes): string
    {
        return $this->amount(Amount::minutes($minutes));
    }

    /** The figure of a pressure without its unit. */
    public function pressureFigure(float $kpa): string
    {
        return $this->format->figure($kpa, Unit::Kilopascal, Kind::Pressure);
    }

    public function pressureSymbol(): string
    {
        return $this->format->symbol(Kind::Pressure);
    }

    /** How many kPa the plan's unit of pressure is. */
    public function kpaPerUnit(): float
    {
        return Quantity::of(1.0, $this->units->for(Kind::Pressure))->in(Unit::Kilopascal);
    }

    /** A share in percent with a decimal, rounded down: 3.97 % is not said to be 4 %. */
    public function finerFigure(float $fraction, int $digitsMore = 0): string
    {
        $step = 10 ** (1 + $digitsMore);

        return str_replace('-', '−', number_format(floor(100 * $step * $fraction + 1e-6) / $step, 1 + $digitsMore, '.', ''));
    }

    /** A name from the catalogue with its litres, flow, pressure and temperature in the plan's units. */
    public function catalogueName(string $name): string
    {
        return (string) preg_replace_callback(
            '~(\d+(?:\.\d+)?) (L/min|L|kPa|°C)(?![\w/])~u',
            function (array $size): string {
                $unit = Unit::from($size[2]);
                $amount = match ($unit) {
                    Unit::LitrePerMinute => Amount::flow((float) $size[1]),
                    Unit::Kilopascal => Amount::pressure((float) $size[1]),
                    Unit::Celsius => Amount::temperature((float) $size[1]),
                    default => Amount::little((float) $size[1]),
                };
                $isOurs = $unit === $this->units->for($amount->kind);

                return $isOurs ? $size[0] : $this->amount($amount);
            },
            $name,
        );
    }

    /** @param int $digitsMore than usual, to tell it from another */
    public function amount(Amount $amount, int $digitsMore = 0): string
    {
        return match ($amount->style) {
            AmountStyle::Usual => $this->format->reading($amount->value, $amount->unit, $amount->kind, $digitsMore),
            AmountStyle::AtMost => $this->format->readingAtMost($amount->value, $amount->unit, $amount->kind, $digitsMore),
            AmountStyle::Exact => $this->format->readingExact($amount->value, $amount->unit, $amount->kind),
            AmountStyle::Little => $this->bottleful($amount->value, $digitsMore),
            AmountStyle::Moment => $this->moment($amount->value, $digitsMore),
            AmountStyle::Distance => $this->distance($amount->value, $digitsMore),
            AmountStyle::Degrees => self::plain($amount->value, 1 + $digitsMore).'°',
            AmountStyle::FineShare => $this->finerFigure($amount->value, $digitsMore)."\u{00A0}%",
            AmountStyle::Days => self::dayCount($amount->value, $digitsMore),
            AmountStyle::Velocity => $this->speed($amount->value, $digitsMore),
            AmountStyle::Minutes => self::plain($amount->value, 1 + $digitsMore)."\u{00A0}min",
        };
    }

    private function bottleful(float $litres, int $digitsMore): string
    {
        if ($litres >= 1) {
            return $this->amount(Amount::litres($litres), $digitsMore);
        }
        $unit = match ($this->units->volume) {
            Unit::UsGallon => Unit::UsFluidOunce,
            Unit::ImperialGallon => Unit::ImperialFluidOunce,
            default => Unit::Millilitre,
        };
        $shown = Quantity::of($litres, Unit::Litre)->in($unit);

        $decimals = $digitsMore + (Unit::Millilitre === $unit || $shown >= 10 ? 0 : 1);
        $least = 10 ** -$decimals;
        $text = $shown > 0 && $shown < $least / 2 ? 'less than '.number_format($least, $decimals) : number_format($shown, $decimals);

        return $text."\u{00A0}".$unit->value;
    }

    private function moment(float $kgM, int $digitsMore): string
    {
        $pounds = Unit::Pound === $this->units->mass;

        return self::plain($pounds ? $kgM / self::KG_M_PER_LB_FT : $kgM, $digitsMore)."\u{00A0}".($pounds ? 'lb·ft' : 'kg·m');
    }

    /** In metres instead of millimetres, for lengths that nobody reads off a tape: “4.7 m of hose”. */
    private function distance(float $metres, int $digitsMore): string
    {
        return Unit::Millimetre === $this->units->length && $metres >= 1
            ? self::plain($metres, 1 + $digitsMore)."\u{00A0}m"
            : $this->amount(Amount::metres($metres), $digitsMore);
    }

    private static function dayCount(float $days, int $digitsMore): string
    {
        $text = self::plain($days, 1 + $digitsMore);

        return $text."\u{00A0}".('1' === $text ? 'day' : 'days');
    }

    private function speed(float $mps, int $digitsMore): string
    {
        $feet = Unit::Inch === $this->units->length;

        return number_format($feet ? Quantity::of($mps, Unit::Metre)->in(Unit::Foot) : $mps, 1 + $digitsMore)."\u{00A0}".($feet ? 'ft/s' : 'm/s');
    }

    private static function plain(float $number, int $decimals): string
    {
        $text = number_format($number, $decimals, '.', '');

        return str_contains($text, '.') ? rtrim(rtrim($text, '0'), '.') : $text;
    }

    /**
     * @param array<string, string|int|Amount|CatalogueName|Phrase|\BackedEnum|list<string|Phrase>|null> $with
     *
     * @return array<string, string|int> what a pattern is filled with
     */
    private function written(array $with): array
    {
        $digitsMore = $this->digitsMore($with);
        $written = [];
        foreach ($with as $name => $one) {
            $written[$name] = match (true) {
                \is_string($one), \is_int($one) => $one,
                $one instanceof Amount => $this->amount($one, $digitsMore[self::comparedBy($name)] ?? 0),
                $one instanceof CatalogueName => $this->catalogueName($one->name),
                $one instanceof Phrase => $this->inASentence($one),
                $one instanceof \BackedEnum => $one->value,
                null === $one => 'none',
                default => $this->list($one),
            };
        }

        return $written;
    }

    /**
     * Amounts whose names begin with the same word are compared: `flow` with `flow_needed`. They get as many digits as tell them apart.
     *
     * @param array<string, string|int|Amount|CatalogueName|Phrase|\BackedEnum|list<string|Phrase>|null> $with
     *
     * @return array<string, int> by that word
     */
    private function digitsMore(array $with): array
    {
        $compared = [];
        foreach ($with as $name => $one) {
            if ($one instanceof Amount) {
                $compared[self::comparedBy($name)][] = $one;
            }
        }
        $digits = [];
        foreach ($compared as $word => $amounts) {
            if (\count($amounts) > 1) {
                $digits[$word] = $this->digitsThatTellApart($amounts);
            }
        }

        return $digits;
    }

    /**
     * How many digits more than usual tell amounts of one kind apart that are not the same.
     *
     * @param non-empty-list<Amount> $amounts
     */
    public function digitsThatTellApart(array $amounts): int
    {
        $values = [];
        foreach ($amounts as $amount) {
            $values[(string) round($amount->value, 6)] = true;
        }
        foreach (range(0, self::MOST_DIGITS_MORE) as $more) {
            $texts = [];
            foreach ($amounts as $amount) {
                $texts[$this->amount($amount, $more)] = true;
            }
            if (\count($texts) >= \count($values)) {
                return $more;
            }
        }

        return self::MOST_DIGITS_MORE;
    }

    private static function comparedBy(string $name): string
    {
        return explode('_', $name)[0];
    }

    private static function capital(string $text): string
    {
        return mb_strtoupper(mb_substr($text, 0, 1)).mb_substr($text, 1);
    }
}
