/** How the shop shows moments and quantities. */
export interface Formats {
  /** `19:52` */
  readonly time: (ms: number) => string;
  /** times end with AM or PM, which takes a wider column */
  readonly isTwelveHour: boolean;
  /** `Sat 28 Nov` */
  readonly day: (ms: number) => string;
  /** `19:52` today, `Sat 19:52` within the week, `Sat 28 Nov 19:52` beyond */
  readonly moment: (ms: number, nowMs: number) => string;
  /** `19:52` today, `Sat 19:52` within the week, `28 Nov` beyond, `7:52p` by twelve hours: for narrow places */
  readonly brief: (ms: number, nowMs: number) => string;
  /** `Sat 28 Nov 19:52` */
  readonly full: (ms: number) => string;
  readonly weekday: (ms: number) => string;
  readonly temperature: (celsius: number) => string;
  readonly temperatureGap: (kelvin: number) => string;
  readonly area: (squareCentimetres: number) => string;
  readonly film: (micrometres: number) => string;
  readonly volume: (millilitres: number) => string;
  /** of a solid: `690 cm³` */
  readonly solid: (cubicMillimetres: number) => string;
  /** a distance things are seen from: `1.5 m` */
  readonly distance: (metres: number) => string;
  /** `€12.50`; without a currency the number alone */
  readonly money: (amount: number, currency: string | null) => string;
  /** with as many places in mm as are worth showing; inches take one more */
  readonly length: (millimetres: number, places?: number) => string;
  /** the same without its unit, for the ends of a range */
  readonly lengthNumber: (millimetres: number, places?: number) => string;
  /** `1.50 × 0.80 mm` */
  readonly lengths: (millimetres: readonly number[], places?: number) => string;
  /** `120 × 80.5 × 40 mm`: no zeros at the end */
  readonly size: (millimetres: readonly number[]) => string;
}

/** The order of a date: month first where the shop counts in inches, day first in other English, else as the browser's language has it. */
export function shopLocale(units: 'metric' | 'us', language: string): string {
  if (units === 'us') return 'en-US';
  return language === 'en-US' ? 'en-GB' : language;
}

/** Formats for a zone, an hour cycle, units and a language. */
export function makeFormats(timeZone: string, cycle: '24' | '12', units: 'metric' | 'us', language: string): Formats {
  const hour12 = cycle === '12';
  const format = (options: Intl.DateTimeFormatOptions, locale = language): ((ms: number) => string) => {
    // Each takes the browser some ten milliseconds to make; not all are used everywhere.
    let kept: Intl.DateTimeFormat | null = null;
    return (ms) => (kept ??= new Intl.DateTimeFormat(locale, { timeZone, ...options })).format(ms);
  };
  const time = format({ hour: hour12 ? 'numeric' : '2-digit', minute: '2-digit', hourCycle: hour12 ? 'h12' : 'h23' });
  const weekday = format({ weekday: 'short' });
  const dayAndComma = format({ weekday: 'short', day: 'numeric', month: 'short' });
  // AM and PM take as much as the hour in a narrow place.
  const briefTime = (ms: number): string =>
    hour12 ? time(ms).replace(/\s*([AP])M$/iu, (_, half: string) => half.toLowerCase()) : time(ms);
  const date = format({ day: 'numeric', month: 'short' });
  const dateKey = format({ dateStyle: 'short' }, 'en-CA');
  const day = (ms: number): string => dayAndComma(ms).replace(',', '');
  const full = (ms: number): string => `${day(ms)} ${time(ms)}`;
  const isUs = units === 'us';
  const monies = new Map<string | null, Intl.NumberFormat>();
  return {
    time,
    isTwelveHour: hour12,
    day,
    full,
    brief: (ms, nowMs) => {
      if (dateKey(ms) === dateKey(nowMs)) return briefTime(ms);
      return Math.abs(ms - nowMs) < 6 * 86_400_000 ? `${weekday(ms)} ${briefTime(ms)}` : date(ms);
    },
    weekday,
    moment: (ms, nowMs) => {
      if (dateKey(ms) === dateKey(nowMs)) return time(ms);
      return Math.abs(ms - nowMs) < 6 * 86_400_000 ? `${weekday(ms)} ${time(ms)}` : full(ms);
    },
    temperature: (celsius) => (isUs ? `${Math.round(celsius * 1.8 + 32)} °F` : `${tenths(celsius).toFixed(1)} °C`),
    temperatureGap: (kelvin) => {
      const gap = tenths(isUs ? kelvin * 1.8 : kelvin);
      return `${gap >= 0 ? '+' : '−'}${Math.abs(gap).toFixed(1)} ${isUs ? '°F' : '°C'}`;
    },
    area: (cm2) => (isUs ? `${(cm2 / 6.4516).toFixed(1)} in²` : `${Math.round(cm2)} cm²`),
    solid: (mm3) => (isUs ? `${(mm3 / 16_387.064).toFixed(1)} in³` : `${Math.round(mm3 / 1000)} cm³`),
    distance: (metres) => (isUs ? `${(metres / 0.3048).toFixed(1)} ft` : `${metres} m`),
    film: (um) => (isUs ? `${(um / 25.4).toFixed(1)} mil` : `${Math.round(um)} µm`),
    length: (mm, places = 0) => lengthsText([mm], places, isUs),
    lengthNumber: (mm, places = 0) => (isUs ? (mm / 25.4).toFixed(places + 1) : mm.toFixed(places)),
    lengths: (mm, places = 0) => lengthsText(mm, places, isUs),
    size: (mm) => {
      const shown = mm.map((side) => (isUs ? Math.round((side / 25.4) * 1000) / 1000 : Math.round(side * 100) / 100));
      return `${shown.join(' × ')} ${isUs ? 'in' : 'mm'}`;
    },
    money: (amount, currency) => {
      const known =
        monies.get(currency) ?? new Intl.NumberFormat(language, currency === null ? TWO_PLACES : { style: 'currency', currency });
      monies.set(currency, known);
      return known.format(amount);
    },
    volume: (ml) => (isUs ? `${(ml / 29.5735).toFixed(1)} fl oz` : `${ml < 10 ? ml.toFixed(1) : Math.round(ml)} ml`),
  };
}

const TWO_PLACES = { minimumFractionDigits: 2, maximumFractionDigits: 2 } as const;

/** An inch is 25.4 mm: one place more shows about as much. */
function lengthsText(millimetres: readonly number[], places: number, isUs: boolean): string {
  const shown = millimetres.map((mm) => (isUs ? (mm / 25.4).toFixed(places + 1) : mm.toFixed(places)));
  return `${shown.join(' × ')} ${isUs ? 'in' : 'mm'}`;
}

/** To one place, without a zero below zero. */
function tenths(value: number): number {
  return Math.round(value * 10) / 10 || 0;
}

/** A span in words: `12 min`, `2 h 05`, `3 d 4 h`. */
export function formatSpan(minutes: number): string {
  const whole = Math.max(0, Math.round(minutes));
  if (whole < 60) return `${whole} min`;
  const hours = Math.floor(whole / 60);
  if (hours < 48) return whole % 60 === 0 ? `${hours} h` : `${hours} h ${String(whole % 60).padStart(2, '0')}`;
  return hours % 24 === 0 ? `${Math.floor(hours / 24)} d` : `${Math.floor(hours / 24)} d ${hours % 24} h`;
}

/** A running timer: `00:12:31`. */
export function formatTimer(ms: number): string {
  const seconds = Math.max(0, Math.floor(ms / 1000));
  return [Math.floor(seconds / 3600), Math.floor(seconds / 60) % 60, seconds % 60].map((value) => String(value).padStart(2, '0')).join(':');
}
