import { DomainError } from '../errors';
import { MM_PER_UNIT, type Length, type LengthUnit } from './length';

/**
 * Reads a length as the trade writes it and keeps it as typed.
 *
 * Accepts `3`, `3.5`, `3,5`, `3mm`, `1/8`, `1/8"`, `2 1/4`, `2-1/4"`, `2½`, `.125in`, `6' 8 1/2"`. A number without
 * a mark takes `defaultUnit`, but a bare fraction is always inches: nobody writes millimetres in eighths.
 *
 * @param text what was typed
 * @param options `defaultUnit` (mm unless said), `signed` to allow a leading minus, `field` for the error
 * @returns value in mm, the unit it was meant in, and the text as typed
 * @throws DomainError `length.*` naming the character that cannot be read
 */
export function parseLength(text: string, options: ParseLengthOptions = {}): Length {
  const { defaultUnit = 'mm', signed = false, field = 'length' } = options;
  const reader: LengthReader = new LengthReader(text, field);
  reader.skipSpace();
  const negative = reader.takeSign(signed);
  const first = reader.takeQuantity();
  if (first === undefined) reader.fail();

  const firstUnit = reader.takeUnit();
  if (firstUnit === 'ft') {
    const inches = reader.takeInchesAfterFeet();
    reader.expectEnd();
    const mm = first.value * MM_PER_UNIT.ft + inches * MM_PER_UNIT.in;
    return { mm: signOf(negative) * mm, unit: 'ft', typed: text };
  }
  reader.expectEnd();
  const unit = firstUnit ?? (first.isFraction ? 'in' : defaultUnit);
  if (first.isFraction && unit !== 'in') {
    throw new DomainError('length.fraction', field, `A fraction such as "${text.trim()}" is inches; write ${unit} with a decimal point.`);
  }
  return { mm: signOf(negative) * first.value * MM_PER_UNIT[unit], unit, typed: text };
}

export interface ParseLengthOptions {
  defaultUnit?: LengthUnit;
  signed?: boolean;
  field?: string;
}

interface Quantity {
  value: number;
  isFraction: boolean;
}

const signOf = (negative: boolean) => (negative ? -1 : 1);

const VULGAR: Readonly<Record<string, readonly [number, number]>> = {
  '½': [1, 2],
  '¼': [1, 4],
  '¾': [3, 4],
  '⅛': [1, 8],
  '⅜': [3, 8],
  '⅝': [5, 8],
  '⅞': [7, 8],
};

const UNIT_WORDS: readonly (readonly [string, LengthUnit])[] = [
  ['mm', 'mm'],
  ['cm', 'cm'],
  ['m', 'm'],
  ['inches', 'in'],
  ['inch', 'in'],
  ['ins', 'in'],
  ['in', 'in'],
  ['feet', 'ft'],
  ['foot', 'ft'],
  ['ft', 'ft'],
  ["''", 'in'],
  ['"', 'in'],
  ['″', 'in'],
  ['”', 'in'],
  ['“', 'in'],
  ["'", 'ft'],
  ['′', 'ft'],
  ['’', 'ft'],
];

class LengthReader {
  private at = 0;

  constructor(
    private readonly text: string,
    private readonly field: string,
  ) {}

  skipSpace(): void {
    while (this.at < this.text.length && /\s/.test(this.text.charAt(this.at))) this.at += 1;
  }

  takeSign(signed: boolean): boolean {
    const sign = this.text.charAt(this.at);
    if (sign === '+') this.at += 1;
    if (sign !== '-' && sign !== '−') return false;
    if (!signed) throw new DomainError('length.negative', this.field, `A length cannot be negative: "-" at character ${this.at + 1}.`);
    this.at += 1;
    this.skipSpace();
    return true;
  }

  takeQuantity(): Quantity | undefined {
    const number = this.take(/^(\d+(?:[.,]\d*)?|[.,]\d+)/);
    const vulgarAlone = number === undefined ? this.takeVulgar() : undefined;
    if (vulgarAlone !== undefined) return { value: vulgarAlone, isFraction: true };
    if (number === undefined) return undefined;
    const value = Number(number.replace(',', '.'));
    const whole = /^\d+$/.test(number);
    if (whole && this.take(/^\s*[/⁄]\s*/) !== undefined) {
      return { value: value / this.takeDenominator(), isFraction: true };
    }
    if (!whole) return { value, isFraction: false };
    const part = this.takeFractionAfterWhole();
    return part === undefined ? { value, isFraction: false } : { value: value + part, isFraction: true };
  }

  /** The `1/2` of `8 1/2`, `8-1/2` or `8½`; leaves the text alone when none follows. */
  private takeFractionAfterWhole(): number | undefined {
    const start = this.at;
    this.take(/^(\s*[-–]\s*|\s+)/);
    const vulgar = this.takeVulgar();
    if (vulgar !== undefined) return vulgar;
    const numerator = start === this.at ? undefined : this.take(/^\d+(?=\s*[/⁄])/);
    if (numerator === undefined) {
      this.at = start;
      return undefined;
    }
    this.take(/^\s*[/⁄]\s*/);
    return Number(numerator) / this.takeDenominator();
  }

  private takeDenominator(): number {
    const start = this.at;
    const digits = this.take(/^\d+/);
    if (digits === undefined) this.fail();
    if (Number(digits) === 0) {
      throw new DomainError('length.zeroDenominator', this.field, `A fraction cannot be over 0: character ${start + 1}.`);
    }
    return Number(digits);
  }

  private takeVulgar(): number | undefined {
    const pair = VULGAR[this.text.charAt(this.at)];
    if (pair === undefined) return undefined;
    this.at += 1;
    return pair[0] / pair[1];
  }

  takeUnit(): LengthUnit | undefined {
    this.skipSpace();
    const rest = this.text.slice(this.at).toLowerCase();
    const found = UNIT_WORDS.find(([word]) => rest.startsWith(word));
    if (found === undefined) return undefined;
    this.at += found[0].length;
    return found[1];
  }

  takeInchesAfterFeet(): number {
    this.take(/^\s*[-–]?\s*/);
    if (this.at >= this.text.length) return 0;
    const start = this.at;
    const quantity = this.takeQuantity();
    if (quantity === undefined) this.fail();
    const unit = this.takeUnit();
    if (unit !== undefined && unit !== 'in') {
      this.at = start;
      this.fail();
    }
    return quantity.value;
  }

  expectEnd(): void {
    this.skipSpace();
    if (this.at < this.text.length) this.fail();
  }

  private take(pattern: RegExp): string | undefined {
    const match = pattern.exec(this.text.slice(this.at));
    if (match === null) return undefined;
    this.at += match[0].length;
    return match[0];
  }

  fail(): never {
    const character = this.text.charAt(this.at);
    const message =
      this.text.trim() === ''
        ? 'Type a length, such as 3, 3.5 mm or 1/8.'
        : character === ''
          ? `"${this.text}" stops too early: a number is missing at the end.`
          : `Cannot read "${character}" at character ${this.at + 1} of "${this.text}".`;
    throw new DomainError('length.unreadable', this.field, message);
  }
}
