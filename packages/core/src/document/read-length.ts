/** What a length can be typed in, and how many of it are an inch; `px` depends on the dpi. */
const PER_INCH: Readonly<Record<string, number>> = { mm: 25.4, cm: 2.54, in: 1, '"': 1 };

/** How a field counts. */
export interface FieldUnit {
  /** The unit of the field, such as `mm`, `px`, `°` or none. */
  readonly unit: string;
  /** px per inch, for lengths. */
  readonly dpi?: number;
}

/**
 * The value of what was typed, in the unit of the field: a number, or a simple sum of numbers with + - * / and brackets, each number with a
 * unit of its own if wanted: `50mm`, `1/3`, `(105 - 2*8)/3`, `2in + 5`. A comma counts as a point. Null where it has no meaning.
 */
export function readLength(text: string, field: FieldUnit): number | null {
  const tokens = tokensOf(text);
  if (!tokens || tokens.length === 0) return null;
  let at = 0;
  const sum = (): number => {
    let value = product();
    while (tokens[at] === '+' || tokens[at] === '-') value += tokens[at++] === '+' ? product() : -product();
    return value;
  };
  const product = (): number => {
    let value = signed();
    while (tokens[at] === '*' || tokens[at] === '/') value = tokens[at++] === '*' ? value * signed() : value / signed();
    return value;
  };
  const signed = (): number => {
    if (tokens[at] === '-') {
      at++;
      return -signed();
    }
    if (tokens[at] === '+') at++;
    return term();
  };
  const term = (): number => {
    const token = tokens[at++];
    if (token === '(') {
      const value = sum();
      return tokens[at++] === ')' ? value : NaN;
    }
    const value = Number(token?.replace(',', '.') || NaN);
    const unit = tokens[at];
    if (unit === undefined || !UNIT.test(unit)) return value;
    at++;
    return value * factorOf(unit.toLowerCase(), field);
  };
  const value = sum();
  return at === tokens.length && Number.isFinite(value) ? value : null;
}

const UNIT = /^([a-z]+|"|°|%)$/i;
const TOKEN = /\s*(\d+(?:[.,]\d*)?|[.,]\d+|[a-z]+|["°%+\-*/()×÷])/iy;

function tokensOf(text: string): string[] | null {
  const tokens: string[] = [];
  const trimmed = text.trim().replaceAll('−', '-');
  TOKEN.lastIndex = 0;
  while (TOKEN.lastIndex < trimmed.length) {
    const found = TOKEN.exec(trimmed);
    if (!found) return null;
    const token = found[1]!;
    tokens.push(token === '×' ? '*' : token === '÷' ? '/' : token);
  }
  return tokens;
}

/** What a typed unit counts in the unit of the field; NaN where it is of another kind. */
function factorOf(typed: string, { unit, dpi }: FieldUnit): number {
  if (typed === unit) return 1;
  const perInch = (name: string): number => (name === 'px' ? (dpi ?? NaN) : (PER_INCH[name] ?? NaN));
  return perInch(unit) / perInch(typed);
}
