import type {
  Figure,
  FigureOrigin,
  Limits,
  Sourced,
  Statement,
} from '@cardinex/core/quantity/figure';
import type { PressureUnit, TorqueUnit } from '@cardinex/core/quantity/units';
import type { GapLimits } from '@cardinex/core/sheet/spec/overhead';

/** Reads a made-up book: each figure as it is printed, with the page it stands on. */
export class Book {
  constructor(
    readonly title: string,
    private readonly from: FigureOrigin = 'manual',
  ) {}

  on(page: number): Sourced {
    return { from: this.from, source: `${this.title}, p. ${page}` };
  }

  says(sentence: string, page: number): Statement {
    return { says: sentence, ...this.on(page) };
  }

  mm(value: number, page: number, digits = 2): Figure<'mm'> {
    return this.figure(`${signed(value, digits)} mm`, value, 'mm', page);
  }

  nm(value: number, page: number): Figure<'N·m'> {
    return this.figure(`${value} N·m`, value, 'N·m', page);
  }

  torque(value: number, unit: TorqueUnit, page: number): Figure<TorqueUnit> {
    return this.figure(`${value} ${unit}`, value, unit, page);
  }

  deg(value: number, page: number): Figure<'deg'> {
    return this.figure(`${value}°`, value, 'deg', page);
  }

  pressure(value: number, unit: PressureUnit, page: number): Figure<PressureUnit> {
    return this.figure(`${value} ${unit}`, value, unit, page);
  }

  minutes(value: number, page: number): Figure<'min'> {
    return this.figure(`${value} min`, value, 'min', page);
  }

  hours(value: number, page: number): Figure<'h'> {
    return this.figure(`${value} h`, value, 'h', page);
  }

  grams(value: number, page: number): Figure<'g'> {
    return this.figure(`${value} g`, value, 'g', page);
  }

  kg(value: number, page: number): Figure<'kg'> {
    return this.figure(`${value} kg`, value, 'kg', page);
  }

  celsius(value: number, page: number): Figure<'°C'> {
    return this.figure(`${value} °C`, value, '°C', page);
  }

  cc(value: number, page: number): Figure<'cc'> {
    return this.figure(`${value} cc`, value, 'cc', page);
  }

  litres(value: number, page: number): Figure<'l'> {
    return this.figure(`${value} l`, value, 'l', page);
  }

  turns(text: string, value: number, page: number): Figure<'turn'> {
    return this.figure(text, value, 'turn', page);
  }

  /** Low and high in millimetres. */
  between(low: number, high: number, page: number, digits = 2): Required<Limits<'mm'>> {
    return { low: this.mm(low, page, digits), high: this.mm(high, page, digits) };
  }

  gap(figure: number, low: number, high: number, page: number): GapLimits {
    return { figure: this.mm(figure, page), low: this.mm(low, page), high: this.mm(high, page) };
  }

  private figure<U extends string>(text: string, value: number, unit: U, page: number): Figure<U> {
    return { text, value, unit, ...this.on(page) };
  }
}

function signed(value: number, digits: number): string {
  return value.toFixed(digits).replace('-', '\u2212');
}
