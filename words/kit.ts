/**
 * What every language needs to put figures, lists, counts and times into its sentences. Nothing else
 * formats: screens, records, speech and PDF read from what is built on this.
 */
interface Kit {
  /** With so many decimals, never grouped, a true minus sign, no minus before a rounded zero. */
  readonly fixed: (value: number, decimals: number) => string;
  /** With as many decimals as it needs, up to a most. */
  readonly upTo: (value: number, decimals: number) => string;
  /** Several as a sentence lists them: "1, 4 and 5". */
  readonly list: (items: readonly (string | number)[]) => string;
  /** The form of a word that goes with a count. */
  readonly plural: <Form extends string>(count: number, forms: PluralForms<Form>) => Form;
  /** A count with the form of its word: "1 act", "3 acts". */
  readonly counted: (count: number, forms: PluralForms<string>) => string;
  /** A place in a row: "1st", "12th". */
  readonly ordinal: (place: number, endings: PluralForms<string>) => string;
  /** As a sentence or a line begins, where its words are written as they stand within one. */
  readonly atStart: (text: string) => string;
  /** "14:30", in the zone given, else in the reader's own. */
  readonly timeOfDay: (iso: string, timeZone?: string) => string;
  /** "14:30:05", where seconds tell two acts apart. */
  readonly timeToSecond: (iso: string, timeZone?: string) => string;
  /** "26 Nov 2026" */
  readonly date: (iso: string, timeZone?: string) => string;
  /** "Thursday 26 November 2026" */
  readonly longDay: (iso: string, timeZone?: string) => string;
  /** "26 Nov, 14:30" */
  readonly moment: (iso: string, timeZone?: string) => string;
}

/** A word's forms by the language's own plural rules; `other` stands for those not given. */
type PluralForms<Form extends string> = Partial<Record<Intl.LDMLPluralRule, Form>> & {
  readonly other: Form;
};

const MINUS = '\u2212';

/**
 * The kit of one language, over the platform's own `Intl`.
 * @param locale a BCP 47 tag
 * @example kitOf('en-GB').fixed(-0.004, 2) // "0.00"
 */
export function kitOf(locale: string): Kit {
  const numbers = memoized((key: string) => {
    const [least = 0, most = 0] = key.split('-').map(Number);
    return new Intl.NumberFormat(locale, {
      minimumFractionDigits: least,
      maximumFractionDigits: most,
      useGrouping: false,
      signDisplay: 'negative',
    });
  });
  const dates = memoized((key: string) => {
    const [form = '', timeZone = ''] = key.split('|');
    return new Intl.DateTimeFormat(locale, {
      ...DATE_FORMS[form],
      ...(timeZone !== '' && { timeZone }),
    });
  });
  const lists = new Intl.ListFormat(locale, { type: 'conjunction' });
  const plurals = new Intl.PluralRules(locale);
  const ordinals = new Intl.PluralRules(locale, { type: 'ordinal' });
  const number = (value: number, least: number, most: number): string =>
    numbers(`${least}-${most}`).format(value).replace('-', MINUS);
  const date = (form: string, iso: string, timeZone = ''): string =>
    dates(`${form}|${timeZone}`).format(new Date(iso));
  const plural = <Form extends string>(count: number, forms: PluralForms<Form>): Form =>
    forms[plurals.select(count)] ?? forms.other;
  const day = (iso: string, timeZone?: string): string => date('day', iso, timeZone);
  const timeOfDay = (iso: string, timeZone?: string): string => date('time', iso, timeZone);
  return {
    fixed: (value, decimals) => number(value, decimals, decimals),
    upTo: (value, decimals) => number(value, 0, decimals),
    list: (items) => lists.format(items.map(String)),
    plural,
    counted: (count, forms) => `${number(count, 0, 0)} ${plural(count, forms)}`,
    ordinal: (place, endings) =>
      `${number(place, 0, 0)}${endings[ordinals.select(place)] ?? endings.other}`,
    atStart: (text) => text.charAt(0).toLocaleUpperCase(locale) + text.slice(1),
    timeOfDay,
    timeToSecond: (iso, timeZone) => date('second', iso, timeZone),
    date: (iso, timeZone) => date('date', iso, timeZone),
    longDay: (iso, timeZone) => date('longDay', iso, timeZone),
    moment: (iso, timeZone) => `${day(iso, timeZone)}, ${timeOfDay(iso, timeZone)}`,
  };
}

const DATE_FORMS: Readonly<Record<string, Intl.DateTimeFormatOptions>> = {
  time: { hour: '2-digit', minute: '2-digit', hourCycle: 'h23' },
  second: { hour: '2-digit', minute: '2-digit', second: '2-digit', hourCycle: 'h23' },
  day: { day: 'numeric', month: 'short' },
  date: { day: 'numeric', month: 'short', year: 'numeric' },
  longDay: { weekday: 'long', day: 'numeric', month: 'long', year: 'numeric' },
};

/** Makes each of a kind once: these are dear to make, and few. */
function memoized<Made>(make: (key: string) => Made): (key: string) => Made {
  const made = new Map<string, Made>();
  return (key) => {
    const known = made.get(key) ?? make(key);
    made.set(key, known);
    return known;
  };
}
